export { cards } from './cards';
export { designers } from './designers';
export { house } from './house';
export { libraryItems } from './libraryItems';
export { releases } from './releases';
export { revisions } from './revisions';

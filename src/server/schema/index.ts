export { cards } from './cards';
export { cutBatches } from './cutBatches';
export { designers } from './designers';
export { holdings } from './holdings';
export { house } from './house';
export { libraryItems } from './libraryItems';
export { releases } from './releases';
export { revisions } from './revisions';

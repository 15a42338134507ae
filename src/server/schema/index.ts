export { cards } from './cards';
export { designers } from './designers';
export { houseHabits } from './houseHabits';
export { libraryItems } from './libraryItems';
export { releases } from './releases';
export { revisions } from './revisions';

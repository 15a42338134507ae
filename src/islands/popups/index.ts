// What opens over a page, in one script that comes after the page.
export { ChoicePopup } from './ChoicePopup';
export { DialogPopup } from './DialogPopup';

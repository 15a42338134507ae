/** A dialog over the page. */
export { DialogPopup as Dialog } from './latePopups';

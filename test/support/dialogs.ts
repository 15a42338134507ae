// The document of the tests has no modal dialogs of its own: one that is opened is there, and has the focus inside.
HTMLDialogElement.prototype.showModal = function showModal(this: HTMLDialogElement) {
  this.open = true;
  this.querySelector<HTMLElement>('input, select, button')?.focus();
};

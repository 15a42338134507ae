/**
 * Gives the keys back to where single keys work: the row a field belongs to, else the page, where Tab goes on from the
 * field. In a dialog they stay.
 */
export function leaveField(field: HTMLElement): void {
  if (field.closest('[role=dialog]')) return;
  const row = field.closest<HTMLElement>('[data-row]');
  if (row) row.focus({ preventScroll: true });
  else field.blur();
}

import { flushSync } from 'react-dom';

/**
 * Makes a change, draws it at once, and puts the focus on a row. At once, because the next key may
 * come before the next frame and must find its place.
 */
export function changeAndFocusRow(change: () => void, id: string): void {
  flushSync(change);
  rowElement(id)?.focus();
}

/** The same, with the focus in the first figure of the row. */
export function changeAndEnterRow(change: () => void, id: string): void {
  flushSync(change);
  firstField(id)?.focus();
}

/** Goes into the first figure of a row; false where the row has none. */
export function enterRow(id: string): boolean {
  const field = firstField(id);
  field?.focus();
  return Boolean(field);
}

function rowElement(id: string): HTMLElement | null {
  return document.querySelector<HTMLElement>(`[data-row="${id}"]`);
}

function firstField(id: string): HTMLElement | null | undefined {
  return rowElement(id)?.querySelector<HTMLElement>('[data-first-field]');
}

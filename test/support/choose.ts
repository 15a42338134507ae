import { fireEvent, screen } from '@testing-library/react';

/** Chooses from a list with a search, as one does with the mouse. */
export function choose(label: string, name: string): void {
  fireEvent.click(screen.getByRole('combobox', { name: label }));
  fireEvent.click(screen.getByRole('option', { name: (told) => told.includes(name) }));
}

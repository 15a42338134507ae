import type { LibraryRef } from '../../core/plan/libraryItem';
import type { Choice } from '../popups/ChoicePopup';

/** An item of the stash as a value of a list. */
export const refValue = ({ id, version }: LibraryRef): string => `${id}@${version}`;

export function choiceOf(item: LibraryRef & { readonly name: string }): Choice {
  return { value: refValue(item), name: item.name };
}

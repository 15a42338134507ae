import { useCallback, useEffect, useRef, useState } from 'react';
import type { Edit } from '../../core/plan/edit';

export interface EditCheck {
  /** Whether a card can hold an edit, as the server will tell. */
  readonly isEdit: (edit: Edit) => boolean;
  /** The check could not be loaded, so that only the server checks. */
  readonly isMissing: boolean;
}

/**
 * Checks edits as the server will. The schemas come after the first drawing, since they weigh a quarter of a page's
 * script; an edit made before they are there is left to the server, and so is every one where they cannot be loaded.
 */
export function useEditCheck(): EditCheck {
  const [isMissing, setMissing] = useState(false);
  const check = useRef<(edit: Edit) => boolean>(() => true);
  useEffect(() => {
    void import('../../core/plan/edit').then(
      ({ editSchema }) => {
        check.current = (edit) => editSchema.safeParse(edit).success;
      },
      () => setMissing(true),
    );
  }, []);
  const isEdit = useCallback((edit: Edit) => check.current(edit), []);
  return { isEdit, isMissing };
}

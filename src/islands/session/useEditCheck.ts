import { useEffect, useRef } from 'react';
import type { Edit } from '../../core/plan/edit';

/**
 * Tells whether a card can hold an edit, as the server will. The schemas come after the first drawing, since they
 * weigh a quarter of a page's script; an edit made before they are there is left to the server.
 */
export function useEditCheck(): (edit: Edit) => boolean {
  const check = useRef<(edit: Edit) => boolean>(() => true);
  useEffect(() => {
    void import('../../core/plan/edit').then(
      ({ editSchema }) => {
        check.current = (edit) => editSchema.safeParse(edit).success;
      },
      () => undefined,
    );
  }, []);
  return useRef((edit: Edit) => check.current(edit)).current;
}

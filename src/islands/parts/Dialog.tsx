import { Suspense } from 'react';
import type { DialogProps } from '../popups/DialogPopup';
import { DialogPopup } from './latePopups';

/** A dialog over the page. */
export function Dialog(props: DialogProps) {
  return (
    <Suspense fallback={null}>
      <DialogPopup {...props} />
    </Suspense>
  );
}

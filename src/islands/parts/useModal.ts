import { useEffect, type RefObject } from 'react';

/**
 * Opens a dialog over all else for as long as it is drawn: the browser keeps the focus inside. Taken off the page it was
 * never closed, so what had the focus before is given it back here.
 */
export function useModal(dialog: RefObject<HTMLDialogElement | null>): void {
  useEffect(() => {
    const element = dialog.current;
    if (!element || element.open) return undefined;
    const before = document.activeElement;
    element.showModal();
    return () => {
      const isLost = document.activeElement === null || document.activeElement === document.body;
      if (isLost && before instanceof HTMLElement && before.isConnected) before.focus();
    };
  }, [dialog]);
}

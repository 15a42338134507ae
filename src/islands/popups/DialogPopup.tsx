import { Dialog } from '@base-ui/react/dialog';
import { useCallback, useRef, useState } from 'react';

export interface DialogProps {
  readonly title: string;
  /** As wide as the screen allows, for a form of many figures. */
  readonly isWide?: boolean;
  /** At the right, so that what it changes is seen beside it. */
  readonly isBeside?: boolean;
  /** A shelf of things instead of a form: its content fills it and scrolls by itself. */
  readonly isShelf?: boolean;
  readonly onClose: () => void;
  readonly children: React.ReactNode;
}

/** A dialog over the page: the focus stays inside and is given back; Escape closes it, a click beside it does not. */
export function DialogPopup(props: DialogProps) {
  const { title, isWide = false, isBeside = false, isShelf = false, onClose, children } = props;
  const [before] = useState(() => document.activeElement);
  const popup = useRef<HTMLElement>(null);
  const take = useCallback((element: HTMLElement | null) => {
    popup.current = element ?? popup.current;
    takeKeys(element);
  }, []);
  const width = isShelf
    ? 'w-[min(1060px,94vw)]'
    : isWide
      ? 'w-[min(66rem,94vw)]'
      : 'w-[min(34rem,92vw)]';
  return (
    <Dialog.Root open disablePointerDismissal onOpenChange={(isOpen) => !isOpen && onClose()}>
      <Dialog.Portal>
        {!isBeside && <Dialog.Backdrop className="fixed inset-0 z-40 bg-[rgb(30_36_40/0.45)]" />}
        <Dialog.Viewport
          className={`fixed inset-0 z-40 grid items-center overflow-auto p-3 print:hidden ${isBeside ? 'justify-items-end' : 'justify-items-center'}`}
        >
          <Dialog.Popup
            ref={take}
            initialFocus={false}
            finalFocus={() =>
              // Where that is gone, such as a button of a dialog before, or nothing had it, the page gives it to its content;
              // a dialog that has opened instead keeps it.
              isFocusable(before) && !holdsFocus(popup.current) ? before : false
            }
            className={`border-control max-w-full rounded-[3px] border bg-white ${width} ${isShelf ? 'flex h-[min(640px,86vh)] flex-col' : 'p-6'}`}
          >
            <Dialog.Title className={isShelf ? 'px-6 pt-5 text-xl' : 'pb-3 text-xl'}>
              {title}
            </Dialog.Title>
            {children}
          </Dialog.Popup>
        </Dialog.Viewport>
      </Dialog.Portal>
    </Dialog.Root>
  );
}

function isFocusable(element: Element | null): element is HTMLElement {
  return element instanceof HTMLElement && element.isConnected && element !== document.body;
}

/** Whether a dialog other than this one has the focus. */
function holdsFocus(own: HTMLElement | null): boolean {
  const dialog = document.activeElement?.closest('[role=dialog]');
  return dialog !== undefined && dialog !== null && dialog !== own;
}

/**
 * Gives the keys to what is to have them at first, as soon as it is there, so that nothing typed goes astray: of several to
 * choose one of the one that is chosen, else the first there is.
 */
function takeKeys(popup: HTMLElement | null): void {
  if (!popup || popup.contains(document.activeElement)) return;
  const first = popup.querySelector<HTMLElement>(
    'input:not([type=hidden]), select, textarea, button, a[href]',
  );
  const isRadio = first instanceof HTMLInputElement && first.type === 'radio';
  const chosen = isRadio
    ? popup.querySelector<HTMLElement>(`[name='${first.name}']:checked`)
    : undefined;
  (chosen ?? first)?.focus();
}

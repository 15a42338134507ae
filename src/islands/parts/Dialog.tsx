import { useEffect, useRef } from 'react';
import { useModal } from './useModal';

interface Props {
  readonly title: string;
  /** As wide as the screen allows, for a form of many figures. */
  readonly isWide?: boolean;
  /** At the right, so that what it changes is seen beside it. */
  readonly isBeside?: boolean;
  readonly onClose: () => void;
  readonly children: React.ReactNode;
}

/** A modal dialog; the browser keeps the focus inside, and it is given back to what had it. Escape closes it. */
export function Dialog({ title, isWide = false, isBeside = false, onClose, children }: Props) {
  const dialog = useRef<HTMLDialogElement>(null);
  useModal(dialog);
  useEffect(() => {
    // Several to choose one of are entered at the one that is chosen.
    const first = document.activeElement;
    if (first instanceof HTMLInputElement && first.type === 'radio')
      dialog.current?.querySelector<HTMLInputElement>(`[name='${first.name}']:checked`)?.focus();
  }, []);
  return (
    <dialog
      ref={dialog}
      aria-label={title}
      className={`border-control rounded-[3px] border bg-white p-6 ${isWide ? 'w-[min(66rem,94vw)]' : 'w-[min(34rem,92vw)]'} ${isBeside ? 'mr-3 backdrop:bg-transparent' : ''}`}
      onCancel={(event) => {
        event.preventDefault();
        onClose();
      }}
    >
      <h2 className="pb-3 text-xl">{title}</h2>
      {children}
    </dialog>
  );
}

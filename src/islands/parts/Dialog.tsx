import { useEffect, useRef } from 'react';

interface Props {
  readonly title: string;
  readonly onClose: () => void;
  readonly children: React.ReactNode;
}

/** A modal dialog; the browser keeps the focus inside and gives it back. Escape closes it. */
export function Dialog({ title, onClose, children }: Props) {
  const dialog = useRef<HTMLDialogElement>(null);
  useEffect(() => {
    const element = dialog.current;
    if (element && !element.open) element.showModal();
  }, []);
  return (
    <dialog
      ref={dialog}
      aria-label={title}
      className="border-control w-[min(34rem,92vw)] rounded-[3px] border bg-white p-6"
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

import { useState } from 'react';
import { Dialog } from './Dialog';

interface Props {
  readonly title: string;
  /** The words on the button that does it. */
  readonly action: string;
  /** As wide as the screen allows. */
  readonly isWide?: boolean;
  /** Does it; a sentence that comes back is shown and nothing is closed. */
  readonly onSubmit: () => Promise<string | undefined>;
  readonly onClose: () => void;
  /** Labels and fields by turns, in two columns. */
  readonly children: React.ReactNode;
}

/** A dialog that asks for a few things and does one; Enter does it, Escape leaves it. */
export function FormDialog({ title, action, isWide = false, onSubmit, onClose, children }: Props) {
  const [message, setMessage] = useState<string>();
  const [isBusy, setBusy] = useState(false);
  const submit = async () => {
    if (isBusy) return;
    setBusy(true);
    setMessage(await onSubmit());
    setBusy(false);
  };
  return (
    <Dialog title={title} isWide={isWide} onClose={onClose}>
      <form
        className="grid grid-cols-[8rem_1fr] items-baseline gap-x-4 gap-y-3"
        onSubmit={(event) => {
          event.preventDefault();
          void submit();
        }}
        onKeyDown={(event) => {
          // Browsers submit from a text field by Enter, but not from a closed list.
          if (event.key !== 'Enter' || !(event.target instanceof HTMLSelectElement)) return;
          event.preventDefault();
          event.currentTarget.requestSubmit();
        }}
      >
        {children}
        {message !== undefined && (
          <p role="alert" className="text-pencil col-span-2">
            {message}
          </p>
        )}
        <div className="col-span-2 flex justify-end gap-3 pt-2">
          <button type="button" className="button" onClick={onClose}>
            Cancel
          </button>
          <button type="submit" className="button button-leading">
            {action}
          </button>
        </div>
      </form>
    </Dialog>
  );
}

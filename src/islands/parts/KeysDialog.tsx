import { Dialog } from './Dialog';

/** A key or two, and what they do. */
export type KeyLine = readonly [keys: string, does: string];

export interface KeysDialogProps {
  readonly keys: readonly KeyLine[];
  readonly areKeysOn: boolean;
  readonly onKeysOn: (on: boolean) => void;
  readonly onClose: () => void;
}

/** The keys, and the switch for those that are a single character. */
export function KeysDialog({ keys, areKeysOn, onKeysOn, onClose }: KeysDialogProps) {
  return (
    <Dialog title="Keys" isWide onClose={onClose}>
      <dl className="gap-x-10 [columns:22rem]">
        {keys.map(([key, does]) => (
          <div
            key={`${key} ${does}`}
            className="border-hairline grid break-inside-avoid grid-cols-[10rem_1fr] border-b py-1"
          >
            <dt className="font-semibold">{key}</dt>
            <dd>{does}</dd>
          </div>
        ))}
      </dl>
      <label className="flex gap-2 pt-4">
        <input
          type="checkbox"
          checked={areKeysOn}
          onChange={(event) => onKeysOn(event.target.checked)}
        />
        Single keys are on (they rest while you type in a field)
      </label>
      <div className="flex justify-end pt-3">
        <button type="button" className="button button-leading" onClick={onClose}>
          Close
        </button>
      </div>
    </Dialog>
  );
}

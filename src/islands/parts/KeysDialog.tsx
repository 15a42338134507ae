import { Dialog } from './Dialog';

/** A key or two, and what they do. */
export type KeyLine = readonly [keys: string, does: string];

interface Props {
  readonly keys: readonly KeyLine[];
  readonly areKeysOn: boolean;
  readonly onKeysOn: (on: boolean) => void;
  readonly onClose: () => void;
}

/** The keys, and the switch for those that are a single character. */
export function KeysDialog({ keys, areKeysOn, onKeysOn, onClose }: Props) {
  return (
    <Dialog title="Keys" onClose={onClose}>
      <table className="w-full">
        <tbody>
          {keys.map(([key, does]) => (
            <tr key={`${key} ${does}`} className="border-hairline border-b">
              <th scope="row" className="w-44 py-1 text-left font-semibold">
                {key}
              </th>
              <td>{does}</td>
            </tr>
          ))}
        </tbody>
      </table>
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

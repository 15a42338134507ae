import { Dialog } from '../parts/Dialog';

interface Props {
  readonly areKeysOn: boolean;
  readonly onKeysOn: (on: boolean) => void;
  readonly onClose: () => void;
}

const keys: readonly (readonly [keys: string, does: string])[] = [
  ['↑ ↓', 'go from layer to layer; in a field, a mark up or down'],
  ['Enter', 'go into the layer’s figure; in a field, keep it'],
  ['Esc', 'take back what is being typed'],
  ['[ ]', 'in a field: a mark down, a mark up'],
  ['a', 'add a layer on the selected one'],
  ['i', 'add a layer inside'],
  ['Alt ↑ ↓', 'move the layer to the front or the back'],
  ['Delete', 'remove the layer'],
  ['f', 'turn the card over to its inside and back'],
  ['e w', 'use the first or second remedy of the finding shown'],
  ['k', 'keep the sizes after a move'],
  ['u', 'swap the leading unit'],
  ['1 8', 'go to Base, to Sheet'],
  ['p', 'print, on the Sheet'],
  ['Ctrl Z, Ctrl Shift Z', 'undo, do again'],
  ['?', 'these keys'],
];

/** The keys, and the switch for those that are a single character. */
export function KeysDialog({ areKeysOn, onKeysOn, onClose }: Props) {
  return (
    <Dialog title="Keys" onClose={onClose}>
      <table className="w-full">
        <tbody>
          {keys.map(([key, does]) => (
            <tr key={key} className="border-hairline border-b">
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

import type { DieChoice } from '../../../core/composition/diesThatHold';
import { writeSize } from '../../../core/length/formatLength';
import { TICKS_PER_INCH, type Unit } from '../../../core/length/length';
import { Dialog } from '../../parts/Dialog';
import { ShapePicture } from './ShapePicture';

interface Props {
  readonly name: string;
  readonly choices: readonly DieChoice[];
  readonly unit: Unit;
  readonly onTake: (choice: DieChoice) => void;
  readonly onClose: () => void;
}

/** So many of the smallest are shown. */
const most = 8;

/** The dies that hold some words with their margin, the smallest first; the words go on what it cuts. */
export function LabelDialog({ name, choices, unit, onTake, onClose }: Props) {
  return (
    <Dialog title={`A label for ${name}`} onClose={onClose}>
      {choices.length === 0 ? (
        <p>
          No die of the stash is large enough for it with a margin all round. Make the words
          smaller, or split them on two lines.
        </p>
      ) : (
        <ul className="flex flex-col">
          {choices.slice(0, most).map((choice) => (
            <li key={choice.set.id} className="border-hairline border-b">
              <button
                type="button"
                className="hover:bg-violet-wash flex w-full items-center gap-4 px-2 py-2 text-left"
                onClick={() => onTake(choice)}
              >
                <ShapePicture
                  item={{
                    ...choice.set,
                    steps: choice.set.steps.slice(choice.step, choice.step + 1),
                  }}
                  scale={30 / TICKS_PER_INCH}
                />
                <span className="font-semibold">{choice.set.name}</span>
                <span className="ml-auto">
                  {writeSize(choice.size, unit)} {unit}
                  {choice.turned && ', turned'}
                </span>
              </button>
            </li>
          ))}
        </ul>
      )}
      <p className="flex justify-end pt-3">
        <button type="button" className="button" onClick={onClose}>
          Close
        </button>
      </p>
    </Dialog>
  );
}

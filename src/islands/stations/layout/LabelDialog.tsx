import type { DieChoice } from '../../../core/composition/diesThatHold';
import type { PlainStrip, StripStock } from '../../../core/composition/plainStrip';
import { writeLength, writeSize } from '../../../core/length/formatLength';
import { TICKS_PER_INCH, type Size, type Unit } from '../../../core/length/length';
import { Dialog } from '../../parts/Dialog';
import { ShapePicture } from './ShapePicture';

interface Props {
  readonly name: string;
  /** The strip cut to the words; undefined where their panel does not hold it. */
  readonly strip: PlainStrip | undefined;
  readonly choices: readonly DieChoice[];
  readonly unit: Unit;
  readonly onTake: (choice: DieChoice) => void;
  readonly onTakeStrip: (strip: PlainStrip, withMat: boolean) => void;
  readonly onClose: () => void;
}

/** So many of the smallest are shown. */
const most = 8;

/** The plain strip, and the dies that hold some words with their margin, the smallest first; the words go on it. */
export function LabelDialog(props: Props) {
  const { name, strip, choices, unit, onTake, onTakeStrip, onClose } = props;
  return (
    <Dialog title={`A label for ${name}`} onClose={onClose}>
      {strip && (
        <ul className="border-hairline flex flex-col border-b">
          <StripRow
            words="A plain strip"
            size={strip.size}
            stock={strip.stock}
            unit={unit}
            onTake={() => onTakeStrip(strip, false)}
          />
          {strip.mat.stock && (
            <StripRow
              words={`The strip on a mat that shows ${writeLength(strip.mat.border, unit)}`}
              size={strip.mat.size}
              stock={strip.mat.stock}
              unit={unit}
              onTake={() => onTakeStrip(strip, true)}
            />
          )}
        </ul>
      )}
      {choices.length === 0 ? (
        <p className="pt-2">
          No die of the stash holds it with a margin all round and finds room on its panel.
          {strip ? '' : ' Make the words smaller, or set them on more lines.'}
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

interface StripRowProps {
  readonly words: string;
  readonly size: Size;
  readonly stock: StripStock;
  readonly unit: Unit;
  readonly onTake: () => void;
}

function StripRow({ words, size, stock, unit, onTake }: StripRowProps) {
  return (
    <li>
      <button
        type="button"
        className="hover:bg-violet-wash flex w-full items-baseline gap-4 px-2 py-1.5 text-left"
        onClick={onTake}
      >
        <span>
          <span className="font-semibold">{words}</span>{' '}
          <span className="text-muted">
            {stock.isLeftover ? 'from a leftover of' : 'of'} {stock.name}
          </span>
        </span>
        <span className="ml-auto whitespace-nowrap">
          {writeSize(size, unit)} {unit}
        </span>
      </button>
    </li>
  );
}

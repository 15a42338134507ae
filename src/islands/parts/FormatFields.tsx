import { writeSize } from '../../core/length/formatLength';
import type { Unit } from '../../core/length/length';
import { asTyped } from '../../core/length/typedLength';
import { parseSize } from '../../core/length/parseLength';
import { folds } from '../../core/paper/cardFormat';
import { cardFormats } from '../../core/paper/cardFormats';
import { standSize } from '../../core/paper/layOutBlank';
import type { Base } from '../../core/plan/plan';
import { lengthIssueSentence } from '../words/lengthIssueSentence';
import { RadioChoice } from './RadioChoice';

/** A format as it is being chosen; `size` is what was typed for one of one's own. */
export interface FormatChoice {
  readonly formatId: string;
  readonly stand: 'upright' | 'lying';
  readonly fold: Base['fold'];
  readonly size: string;
}

export const firstFormat: FormatChoice = {
  formatId: 'a2',
  stand: 'upright',
  fold: 'side',
  size: '',
};

interface Props {
  readonly choice: FormatChoice;
  readonly unit: Unit;
  readonly onChange: (choice: FormatChoice) => void;
}

/** Format, how it stands, and fold: labels and fields for a form of two columns. */
export function FormatFields({ choice, unit, onChange }: Props) {
  const { formatId, stand, fold, size } = choice;
  const named = cardFormats.find(({ id }) => id === formatId);
  const isSquare = named !== undefined && named.finished.short === named.finished.long;
  const set = (change: Partial<FormatChoice>) => onChange({ ...choice, ...change });
  return (
    <>
      <RadioChoice
        name="Format"
        value={formatId}
        options={[
          ...cardFormats.map(({ id, name, finished }) => ({
            id,
            name,
            note: writeSize(standSize(finished, stand), unit),
          })),
          { id: 'custom', name: 'Custom', note: 'your own size' },
        ]}
        onChange={(id) => set({ formatId: id })}
      />
      {formatId === 'custom' ? (
        <>
          <label htmlFor="card-size">Closed size</label>
          <input
            id="card-size"
            className="field"
            placeholder={unit === 'in' ? '5 x 7' : '148 x 148'}
            value={size}
            onChange={(event) => set({ size: event.target.value })}
          />
        </>
      ) : isSquare ? null : (
        <RadioChoice
          name="Stands"
          value={stand}
          options={[
            { id: 'upright', name: 'upright' },
            { id: 'lying', name: 'lying' },
          ]}
          onChange={(id) => set({ stand: id === 'lying' ? 'lying' : 'upright' })}
        />
      )}
      <RadioChoice
        name="Fold"
        value={fold}
        options={folds.map((id) => ({ id, name: id === 'flat' ? 'none, flat' : id }))}
        onChange={(id) => set({ fold: folds.find((each) => each === id) ?? 'side' })}
      />
    </>
  );
}

/** The format that is chosen, or a sentence on what is wrong with the size typed. */
export function readFormat(
  { formatId, stand, size }: FormatChoice,
  unit: Unit,
): Base['format'] | string {
  const named = cardFormats.find(({ id }) => id === formatId);
  if (named) return { kind: 'named', id: named.id, stand };
  const parsed = parseSize(size, unit);
  if (!parsed.ok) return `Size: ${lengthIssueSentence(parsed.issue, size)}`;
  const { width, height } = parsed;
  if (width.length <= 0 || height.length <= 0) return 'Size: a card needs a width and a height.';
  return {
    kind: 'custom',
    size: { width: asTyped(width.length), height: asTyped(height.length) },
  };
}

import { useState } from 'react';
import { writeSize } from '../../core/length/formatLength';
import type { Unit } from '../../core/length/length';
import { sheetOf } from '../../core/paper/sheets';
import type { LibraryItem } from '../../core/plan/libraryItem';
import type { Holding } from '../../core/stash/holding';
import { readLeftovers } from '../../core/stash/readLeftovers';
import { NumberField } from '../parts/NumberField';
import { PriceField } from '../parts/PriceField';

interface Props {
  readonly item: LibraryItem;
  readonly holding: Holding;
  readonly unit: Unit;
  readonly onChange: (holding: Holding) => void;
}

export const countIssue = 'A number from 0, or nothing where nobody counts.';

/** How much there is and what it costs: of paper by the sheet, with what is left over. */
export function HoldingFields({ item, holding, unit, onChange }: Props) {
  if (item.kind !== 'stock')
    return (
      <p className="flex flex-wrap gap-4">
        <NumberField
          label="In the stash"
          value={holding.count}
          min={0}
          max={1_000_000}
          digits={3}
          isOptional
          issue={countIssue}
          onCommit={(count) => onChange({ ...holding, count })}
        />
        <PriceField
          label="One costs"
          value={holding.price}
          onCommit={(price) => onChange({ ...holding, price })}
        />
      </p>
    );
  return (
    <div className="flex flex-col gap-1.5">
      {item.sheets.map((sheet) => {
        const held = holding.sheets.find((each) => each.sheet === sheet);
        const name = sheetOf(sheet).name;
        const set = (change: Partial<Holding['sheets'][number]>) => {
          const next = { sheet, count: null, price: null, ...held, ...change };
          const others = holding.sheets.filter((each) => each.sheet !== sheet);
          onChange({ ...holding, sheets: [...others, next] });
        };
        return (
          <p key={sheet} className="flex flex-wrap items-baseline gap-3">
            <span className="w-28">{name}s</span>
            <NumberField
              label={`${name}s of ${item.name} in the stash`}
              isLabelHidden
              value={held?.count ?? null}
              min={0}
              max={1_000_000}
              isOptional
              issue={countIssue}
              className="field w-20 py-0.5"
              onCommit={(count) => set({ count })}
            />
            <PriceField
              label="one costs"
              value={held?.price ?? null}
              onCommit={(price) => set({ price })}
            />
          </p>
        );
      })}
      <Leftovers item={item} holding={holding} unit={unit} onChange={onChange} />
    </div>
  );
}

/** What is left over, by its measured size; a new piece is typed as one says it. */
function Leftovers({ item, holding, unit, onChange }: Props) {
  const [typed, setTyped] = useState('');
  const [issue, setIssue] = useState('');
  const add = () => {
    if (typed.trim() === '') return;
    const read = readLeftovers(typed, unit, []);
    if (!read || read.length === 0) {
      setIssue('A leftover is a size such as 4 x 8 1/2, or 3 of 4 x 8 1/2.');
      return;
    }
    const fresh = read.map((each) => ({
      ...each,
      id: `left-${crypto.randomUUID().slice(0, 8)}`,
    }));
    setTyped('');
    setIssue('');
    onChange({ ...holding, leftovers: [...holding.leftovers, ...fresh] });
  };
  return (
    <div className="pt-1">
      <p className="text-muted">Left over</p>
      <ul>
        {holding.leftovers.map((leftover) => {
          const { width, height } = leftover.size;
          const size = writeSize({ width: width.ticks, height: height.ticks }, unit);
          const others = holding.leftovers.filter(({ id }) => id !== leftover.id);
          return (
            <li key={leftover.id} className="flex items-center gap-3 py-0.5">
              <NumberField
                label={`Leftovers of ${size}`}
                isLabelHidden
                value={leftover.count}
                min={1}
                max={10_000}
                issue="A whole number from 1; used up ones are taken out."
                className="field w-14 py-0.5"
                onCommit={(count) =>
                  onChange({
                    ...holding,
                    leftovers: holding.leftovers.map((each) =>
                      each.id === leftover.id ? { ...each, count: count ?? each.count } : each,
                    ),
                  })
                }
              />
              <span>
                of {size} {unit}
              </span>
              <button
                type="button"
                className="link"
                aria-label={`Take out the leftovers of ${size}`}
                onClick={() => onChange({ ...holding, leftovers: others })}
              >
                Take out
              </button>
            </li>
          );
        })}
      </ul>
      <form
        className="flex flex-wrap items-center gap-3 pt-1"
        onSubmit={(event) => {
          event.preventDefault();
          add();
        }}
      >
        <input
          className="field w-44 py-0.5"
          aria-label={`A leftover of ${item.name}`}
          placeholder="3 of 4 x 8 1/2"
          value={typed}
          onChange={(event) => setTyped(event.target.value)}
        />
        <button type="submit" className="button py-0">
          Put by
        </button>
        {issue !== '' && (
          <span role="alert" className="text-pencil w-full">
            {issue}
          </span>
        )}
      </form>
    </div>
  );
}

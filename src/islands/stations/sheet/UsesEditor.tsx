import { pieceIdFrom } from '../../../core/plan/pieceId';
import { findItem, newestOf } from '../../../core/plan/library';
import type { Use } from '../../../core/plan/use';
import { kindNames } from '../../../core/stash/itemFields';
import { unitOf } from '../../../core/supplies/supplyRow';
import { Choose } from '../../parts/Choose';
import { choicesOf, refValue } from '../../parts/itemChoices';
import { NumberField } from '../../parts/NumberField';
import { TextField } from '../../parts/TextField';
import { useCardSession } from '../../session/CardSession';
import { Select } from '../../parts/Select';

/** What the card takes beside its panels: each thing with its amount, what it is for, and a note. */
export function UsesEditor() {
  const { plan, card, library, commit } = useCardSession();
  const set = ({ id }: Use, change: Partial<Omit<Use, 'id'>>) =>
    commit({ kind: 'change', in: 'uses', id, change });
  return (
    <section aria-label="Beside its panels" className="pt-8 print:hidden">
      <h3 className="border-ink border-b pb-1 text-lg">Beside its panels</h3>
      <ul>
        {plan.uses.map((use) => {
          const item = findItem(library, use.item);
          const name = item?.name ?? 'not in the stash';
          const unit = item ? unitOf(item) : 'use';
          return (
            <li
              key={use.id}
              className="border-hairline flex flex-wrap items-center gap-x-4 gap-y-1 border-b py-1.5"
            >
              <span className="w-52 font-semibold">{name}</span>
              <span className="flex items-center gap-1.5">
                {unit !== 'use' && (
                  <NumberField
                    label={`Amount of ${name}`}
                    isLabelHidden
                    value={use.amount}
                    min={0}
                    max={100_000}
                    digits={3}
                    issue="An amount is a number from 0, such as 3 or 0.25."
                    className="field w-20"
                    onCommit={(amount) => set(use, { amount: amount ?? 0 })}
                  />
                )}
                {unit === 'use' ? 'used' : `${unit === 'piece' ? 'pieces' : unit} a card`}
              </span>
              <Select
                className="in-place"
                aria-label={`What ${name} is for`}
                value={use.pieceId ?? ''}
                onChange={(event) => {
                  const piece = card.pieces.find(({ piece: { id } }) => id === event.target.value);
                  set(use, { pieceId: piece?.piece.id ?? null });
                }}
              >
                <option value="">for the card</option>
                {card.pieces.map(({ id, letter, name: piece }) => (
                  <option key={id} value={id}>
                    for {letter} {piece}
                  </option>
                ))}
              </Select>
              <TextField
                label={`Note on ${name}`}
                value={use.note}
                isOptional
                maxLength={200}
                placeholder="a note"
                className="in-place min-w-24 grow"
                onCommit={(note) => set(use, { note })}
              />
              <button
                type="button"
                className="link"
                aria-label={`Take ${name} out`}
                onClick={() => commit({ kind: 'remove', in: 'uses', id: use.id })}
              >
                Take out
              </button>
            </li>
          );
        })}
      </ul>
      <AddUse />
    </section>
  );
}

/** Chooses a thing of the stash by its name; it is there at once. */
function AddUse() {
  const { library, unit, commit } = useCardSession();
  const items = newestOf(library).filter(({ kind }) => kind !== 'stock' && kind !== 'die-set');
  const add = (value: string) => {
    const item = items.find((each) => refValue(each) === value);
    if (!item) return;
    commit({
      kind: 'put',
      in: 'uses',
      item: {
        id: pieceIdFrom(crypto.randomUUID()),
        item: { id: item.id, version: item.version },
        amount: unitOf(item) === 'piece' ? 1 : 0,
        pieceId: null,
        note: '',
      },
    });
  };
  return (
    <p className="flex flex-wrap items-center gap-3 pt-3">
      <span aria-hidden>It takes</span>
      <Choose
        label="It takes"
        className="field w-72"
        choices={choicesOf(items, unit).map((choice, at) => ({
          ...choice,
          note: [kindNames[items[at]?.kind ?? 'tool'], choice.note].filter(Boolean).join(', '),
        }))}
        value={undefined}
        otherwise="an ink, a gem, a tool…"
        onChoose={add}
      />
    </p>
  );
}

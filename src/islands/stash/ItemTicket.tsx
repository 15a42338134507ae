import { useEffect, useRef } from 'react';
import type { Unit } from '../../core/length/length';
import { weightWords } from '../../core/paper/paperWeight';
import { countWords } from '../../core/words/countWords';
import type { LibraryId } from '../../core/plan/ids';
import type { LibraryItem } from '../../core/plan/libraryItem';
import type { Holding } from '../../core/stash/holding';
import { itemFields } from '../../core/stash/itemFields';
import type { StashChange } from '../../core/stash/stashChange';
import { FieldInput } from './FieldInput';
import { ItemUses } from './ItemUses';
import { KeptColours } from './KeptColours';
import { HoldingFields } from './HoldingFields';

/** The schemas come with the first ticket, not with the page. */
const loadBuilder = () => import('../../core/stash/buildItem');

interface Props {
  readonly item: LibraryItem;
  /** All of the stash, for what the thing is made of. */
  readonly items: ReadonlyMap<LibraryId, LibraryItem>;
  readonly holding: Holding;
  readonly unit: Unit;
  readonly onChange: (change: StashChange) => void;
}

/** A line of the stash unfolded: what the thing is, and how much there is of it. */
export function ItemTicket({ item, items, holding, unit, onChange }: Props) {
  const builder = useRef<typeof import('../../core/stash/buildItem')>(undefined);
  useEffect(() => {
    void loadBuilder().then((loaded) => (builder.current = loaded));
  }, []);
  const setField = async (key: string, text: string) => {
    // Once it is there a change is told at once, in the order of what is done.
    const { buildItem } = builder.current ?? (await loadBuilder());
    const built = buildItem(item.kind, item, new Map([[key, text]]), unit);
    if (built.ok) onChange({ itemId: item.id, item: built.item });
  };
  const setHolding = (next: Holding) => onChange({ itemId: item.id, holding: next });
  return (
    <div className="border-violet grid gap-x-10 gap-y-3 border-l-4 bg-white px-4 py-3 lg:grid-cols-2">
      <div>
        {itemFields[item.kind].map((field) => (
          <FieldInput
            key={field.key}
            field={field}
            text={field.read(item)}
            unit={unit}
            onCommit={(text) => void setField(field.key, text)}
          />
        ))}
        {item.kind === 'combination' && <KeptColours item={item} items={items} />}
        {item.kind === 'stamp' && <ItemUses itemId={item.id} hasTestSheets={item.words === null} />}
        {(holding.masks ?? []).length > 0 && (
          <p className="text-muted">
            Masks are kept with it; they can be laid on {countWords(usesLeft(holding), 'more time')}
            .
          </p>
        )}
        {item.kind === 'stock' && (
          <p className="text-muted">{weightWords(item.gramsPerSquareMetre)}.</p>
        )}
      </div>
      <div className="flex flex-col gap-3">
        {item.kind !== 'combination' && (
          <HoldingFields item={item} holding={holding} unit={unit} onChange={setHolding} />
        )}
        <p className="text-muted">
          Version {item.version}. Cards keep the version they were made with.
        </p>
        <p>
          <button
            type="button"
            className="button"
            onClick={() => setHolding({ ...holding, isGone: !holding.isGone })}
          >
            {holding.isGone ? 'Put back into the stash' : 'Take out of the stash'}
          </button>
        </p>
      </div>
    </div>
  );
}

const usesLeft = ({ masks = [] }: Holding) => masks.reduce((sum, each) => sum + each.usesLeft, 0);

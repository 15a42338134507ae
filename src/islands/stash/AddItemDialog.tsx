import { useState } from 'react';
import type { Unit } from '../../core/length/length';
import type { ItemKind, LibraryItem } from '../../core/plan/libraryItem';
import { emptyHolding } from '../../core/stash/holdings';
import { buildItem } from '../../core/stash/buildItem';
import { addableKinds, itemFields, kindNames } from '../../core/stash/itemFields';
import { freeItemId, newItemId } from '../../core/stash/newItemId';
import type { StashChange } from '../../core/stash/stashChange';
import { FormDialog } from '../parts/FormDialog';
import { FieldInput } from './FieldInput';
import { Select } from '../parts/Select';

interface Props {
  readonly items: readonly LibraryItem[];
  readonly kind: ItemKind;
  readonly unit: Unit;
  readonly onAdd: (change: StashChange) => Promise<boolean>;
  readonly onClose: () => void;
}

/** What a new thing of a kind starts from, where a guess helps. */
const usual: Readonly<Record<string, string>> = {
  weight: '216 g',
  caliper: '0.3 mm',
  sheets: 'letter',
  colour: '#ffffff',
};

/** Adds a thing of any kind to the stash. */
export function AddItemDialog({ items, kind: startKind, unit, onAdd, onClose }: Props) {
  const [kind, setKind] = useState(startKind);
  const [texts, setTexts] = useState<ReadonlyMap<string, string>>(new Map());
  const textOf = (key: string, choices: readonly string[], isOptional: boolean) =>
    texts.get(key) ?? usual[key] ?? (isOptional ? '' : (choices[0] ?? ''));
  const add = async () => {
    const fields = itemFields[kind];
    const all = new Map(
      fields.map(({ key, choices, isOptional, entry }) => [
        key,
        textOf(key, entry === 'choice' ? choices : [], isOptional),
      ]),
    );
    const id = freeItemId(newItemId(kind, all.get('name') ?? ''), items);
    const built = buildItem(kind, { id, version: 1 }, all, unit);
    if (!built.ok) return built.issues.join(' ');
    const isKept = await onAdd({ itemId: id, item: built.item, holding: emptyHolding(id) });
    if (isKept) onClose();
    return isKept ? undefined : 'It could not be kept. Try again.';
  };
  return (
    <FormDialog title="Add to the stash" action="Add it" onSubmit={add} onClose={onClose}>
      <label htmlFor="item-kind">Kind</label>
      <Select
        id="item-kind"
        className="field"
        value={kind}
        onChange={(event) => {
          const chosen = addableKinds.find((each) => each === event.target.value);
          if (chosen) setKind(chosen);
        }}
      >
        {addableKinds.map((each) => (
          <option key={each} value={each}>
            {kindNames[each]}
          </option>
        ))}
      </Select>
      <div className="col-span-2">
        {itemFields[kind].map((field) => (
          <FieldInput
            key={`${kind} ${field.key}`}
            field={field}
            text={textOf(
              field.key,
              field.entry === 'choice' ? field.choices : [],
              field.isOptional,
            )}
            unit={unit}
            onCommit={(text) => setTexts(new Map([...texts, [field.key, text]]))}
          />
        ))}
      </div>
    </FormDialog>
  );
}

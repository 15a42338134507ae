import { useState } from 'react';
import type { Unit } from '../../core/length/length';
import { stampKinds } from '../../core/plan/items/kinds';
import type { Library } from '../../core/plan/library';
import type { LibraryItem, Stamp } from '../../core/plan/libraryItem';
import { buildItem } from '../../core/stash/buildItem';
import type { Holding } from '../../core/stash/holding';
import { emptyHolding } from '../../core/stash/holdings';
import { freeItemId, newItemId } from '../../core/stash/newItemId';
import { readStampList } from '../../core/stash/readStampList';
import type { StashChange } from '../../core/stash/stashChange';
import { countWords } from '../../core/words/countWords';
import { keepInStash } from '../wire/keepInStash';
import { FormDialog } from './FormDialog';
import { readTextFile } from './readTextFile';
import { Select } from './Select';

interface Props {
  readonly library: Library;
  readonly holdings: readonly Holding[];
  readonly unit: Unit;
  readonly onDone: (stamps: readonly Stamp[]) => void;
  readonly onClose: () => void;
}

/** Adds a stamp of one's own by name, size and sort, or several from a list; it is drawn as a frame until it is imported. */
export function NewStampsDialog({ library, holdings, unit, onDone, onClose }: Props) {
  const [name, setName] = useState('');
  const [size, setSize] = useState('');
  const [sort, setSort] = useState<Stamp['stamp']>('outline');
  const [words, setWords] = useState('');
  const [list, setList] = useState<readonly StashChange[]>();
  const [told, setTold] = useState<string>();
  const readList = async (file: File | undefined) => {
    setList(undefined);
    setTold(undefined);
    if (!file) return;
    const read = await readTextFile(file, 'as CSV UTF-8 from your spreadsheet');
    if (!read.ok) {
      setTold(read.message);
      return;
    }
    const { rows, failure } = readStampList(read.text, library, holdings, unit);
    const bad = rows.flatMap((row) =>
      row.kind === 'bad' ? [`Line ${row.line}: ${row.issues.join(' ')}`] : [],
    );
    const changes = rows.flatMap((row) => (row.kind === 'new' ? [row.change] : []));
    setTold(
      failure ?? [`${countWords(changes.length, 'stamp')} to add.`, ...bad.slice(0, 5)].join(' '),
    );
    setList(failure === undefined ? changes : undefined);
  };
  const one = (): readonly StashChange[] | string => {
    const texts = new Map([
      ['name', name],
      ['size', size],
      ['stamp', sort],
      ['words', sort === 'sentiment' ? words.trim() || name : ''],
    ]);
    const id = freeItemId(newItemId('stamp', name), library);
    const built = buildItem('stamp', { id, version: 1 }, texts, unit);
    if (!built.ok) return built.issues.join(' ');
    return [{ itemId: id, item: built.item, holding: emptyHolding(id) }];
  };
  const add = async () => {
    const changes = list ?? one();
    if (typeof changes === 'string') return changes;
    if (changes.length === 0) return 'The list has no stamp that is not there yet.';
    const reply = await keepInStash(changes);
    if (!reply.ok) return reply.message;
    onDone(reply.body.items.filter(isStamp));
    return undefined;
  };
  return (
    <FormDialog
      title="Add stamps of your own"
      action={list ? `Add ${countWords(list.length, 'stamp')}` : 'Add the stamp'}
      onSubmit={add}
      onClose={onClose}
    >
      <label htmlFor="stamp-name">Name</label>
      <input
        id="stamp-name"
        className="field"
        maxLength={60}
        value={name}
        onChange={(event) => setName(event.target.value)}
      />
      <label htmlFor="stamp-size">Size</label>
      <input
        id="stamp-size"
        className="field"
        maxLength={40}
        placeholder={unit === 'in' ? '2 x 1 1/4' : '50 x 32'}
        value={size}
        onChange={(event) => setSize(event.target.value)}
      />
      <label htmlFor="stamp-sort">Sort</label>
      <Select
        id="stamp-sort"
        className="field"
        value={sort}
        onChange={(event) =>
          setSort(stampKinds.find((each) => each === event.target.value) ?? 'outline')
        }
      >
        {stampKinds.map((each) => (
          <option key={each}>{each}</option>
        ))}
      </Select>
      {sort === 'sentiment' && (
        <>
          <label htmlFor="stamp-words">Words</label>
          <input
            id="stamp-words"
            className="field"
            maxLength={300}
            placeholder="its name, or lines with / between"
            value={words}
            onChange={(event) => setWords(event.target.value)}
          />
        </>
      )}
      <label htmlFor="stamp-list">or a list</label>
      <span>
        <input
          id="stamp-list"
          type="file"
          accept=".csv,text/csv"
          onChange={(event) => void readList(event.target.files?.[0])}
        />
        <span className="text-muted block pt-1">
          CSV with the columns name, size, sort and, for sentiments, words.
        </span>
      </span>
      {told !== undefined && (
        <p role="status" className="col-span-2">
          {told}
        </p>
      )}
    </FormDialog>
  );
}

const isStamp = (item: LibraryItem): item is Stamp => item.kind === 'stamp';

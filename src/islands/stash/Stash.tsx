import { localDay } from '../../core/text/localDay';
import { fileName } from '../../core/text/fileName';
import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import { otherUnit } from '../../core/length/formatLength';
import type { Unit } from '../../core/length/length';
import type { LibraryId } from '../../core/plan/ids';
import type { Library } from '../../core/plan/library';
import type { AheadOfCard } from '../../core/replies/aheadOfCard';
import type { Holding } from '../../core/stash/holding';
import { addableKinds, itemKinds, kindNames } from '../../core/stash/itemFields';
import type { StashChange } from '../../core/stash/stashChange';
import { KeysDialog, type KeyLine } from '../parts/KeysDialog';
import { saveFile } from '../parts/saveFile';
import { TeamHeader } from '../parts/TeamHeader';
import { rememberUnit } from '../parts/UnitSwitch';
import { useKeptFocus } from '../parts/useKeptFocus';
import { useIsLive } from '../parts/useIsLive';
import { useKeys } from '../parts/useKeys';
import { AheadShelf } from './AheadShelf';
import { everything, filterStash, stashLines, type StashFilter } from './stashRows';
import { StashTable } from './StashTable';
import { useStash } from './useStash';
import { Select } from '../parts/Select';
import { usePopupsSoon } from '../parts/latePopups';
import { lateView } from '../parts/lateView';

// Loaded after the first drawing, so that it is there when it is wanted.
const loadAddItem = () => import('./AddItemDialog');
const { View: AddItemDialog } = lateView(async () => (await loadAddItem()).AddItemDialog);
// What reads drawings and tables comes with the first one.
const { View: OutlineDialog } = lateView(
  async () => (await import('./OutlineDialog')).OutlineDialog,
);
const { View: ImportDialog } = lateView(async () => (await import('./ImportDialog')).ImportDialog);

interface Props {
  readonly team: string;
  readonly library: Library;
  readonly holdings: readonly Holding[];
  readonly ahead: readonly AheadOfCard[];
  readonly unit: Unit;
}

const stashKeys: readonly KeyLine[] = [
  ['/', 'search'],
  ['a', 'add to the stash'],
  ['Tab', 'go from figure to figure'],
  ['Enter', 'keep a figure; on a name, unfold it'],
  ['Esc', 'take back what is being typed'],
  ['Ctrl Z', 'undo'],
  ['u', 'swap the leading unit'],
  ['?', 'these keys'],
];

const shows: readonly (readonly [StashFilter['show'], string])[] = [
  ['all', 'all of it'],
  ['used-up', 'used up'],
  ['leftovers', 'with leftovers'],
  ['leaving', 'leaving sale'],
  ['gone', 'taken out'],
];

/** The team's shared stash: every thing it has, how much of it, searched, filtered and edited in place. */
export function Stash(props: Props) {
  usePopupsSoon();
  const stash = useStash(props);
  const { items, holdings, change } = stash;
  useKeptFocus();
  const isLive = useIsLive();
  const [unit, setUnit] = useState(props.unit);
  const [filter, setFilter] = useState(everything);
  const [open, setOpen] = useState<LibraryId>();
  const [dialog, setDialog] = useState<'add' | 'import' | 'outline' | 'keys'>();
  const search = useRef<HTMLInputElement>(null);
  const lines = useMemo(() => stashLines(items, holdings, unit), [items, holdings, unit]);
  const [today] = useState(() => localDay(new Date()));
  const shown = useMemo(() => filterStash(lines, filter, today), [lines, filter, today]);
  useEffect(() => void loadAddItem(), []);
  useEffect(() => {
    // What was typed before the page was ready counts too.
    const early = search.current?.value ?? '';
    if (early !== '') setFilter((now) => ({ ...now, text: early }));
  }, []);
  const changeUnit = (next: Unit) => {
    setUnit(next);
    rememberUnit(next);
  };
  const onChange = useCallback((changes: readonly StashChange[]) => void change(changes), [change]);
  const [areKeysOn, setKeysOn] = useKeys({
    '/': () => search.current?.focus(),
    a: () => setDialog('add'),
    u: () => changeUnit(otherUnit(unit)),
    '?': () => setDialog('keys'),
    '$mod+z': () => (stash.canUndo ? stash.undo() : false),
  });
  const all = [...items.values()];
  const held = [...holdings.values()];
  return (
    <div className="flex h-screen min-h-[480px] flex-col">
      <TeamHeader
        current="stash"
        team={props.team}
        unit={unit}
        onUnit={changeUnit}
        onKeys={() => setDialog('keys')}
      />
      <main
        id="content"
        tabIndex={-1}
        aria-busy={!isLive}
        className="bg-sheet flex min-h-0 flex-1 flex-col"
      >
        <h1 className="sr-only">Stash</h1>
        <div className="flex flex-wrap items-center gap-x-5 gap-y-2 px-[18px] py-3">
          <input
            ref={search}
            type="search"
            className="field w-60"
            aria-label="Search the stash"
            placeholder="name, colour, weight, sheet…"
            value={filter.text}
            onChange={(event) => setFilter({ ...filter, text: event.target.value })}
          />
          <Select
            className="in-place"
            aria-label="Kind"
            value={filter.kind}
            onChange={(event) =>
              setFilter({
                ...filter,
                kind: itemKinds.find((kind) => kind === event.target.value) ?? 'all',
              })
            }
          >
            <option value="all">every kind</option>
            {itemKinds.map((kind) => (
              <option key={kind} value={kind}>
                {kindNames[kind]}
              </option>
            ))}
          </Select>
          <Select
            className="in-place"
            aria-label="Which"
            value={filter.show}
            onChange={(event) =>
              setFilter({
                ...filter,
                show: shows.find(([show]) => show === event.target.value)?.[0] ?? 'all',
              })
            }
          >
            {shows.map(([show, name]) => (
              <option key={show} value={show}>
                {name}
              </option>
            ))}
          </Select>
          <span role="status" className="text-sheet-muted">
            {shown.length} of {lines.filter(({ holding }) => !holding.isGone).length}
            {stash.isSaving ? ', saving…' : ''}
          </span>
          <span className="ml-auto flex flex-wrap items-center gap-3">
            <button type="button" className="button" disabled={!stash.canUndo} onClick={stash.undo}>
              Undo
            </button>
            <button type="button" className="button" onClick={() => setDialog('outline')}>
              Outline…
            </button>
            <button type="button" className="button" onClick={() => setDialog('import')}>
              Import CSV
            </button>
            <button
              type="button"
              className="button"
              onClick={async () => {
                const { writeStashCsv } = await import('../../core/stash/stashCsv');
                saveFile(fileName(['stash', today], '.csv'), 'text/csv', writeStashCsv(all, held));
              }}
            >
              Export CSV
            </button>
            <button
              type="button"
              className="button button-leading"
              onClick={() => setDialog('add')}
            >
              Add to the stash
            </button>
            <a className="link" href="/buying">
              Buying list
            </a>
          </span>
          {stash.failure !== undefined && (
            <p role="alert" className="text-pencil w-full">
              {stash.failure}
            </p>
          )}
        </div>
        <AheadShelf cards={props.ahead} />
        {shown.length > 0 ? (
          <StashTable
            lines={shown}
            items={items}
            unit={unit}
            open={open}
            onOpen={setOpen}
            onChange={onChange}
          />
        ) : (
          <EmptyStash isEmpty={lines.length === 0} onAll={() => setFilter(everything)} />
        )}
      </main>
      {dialog === 'add' && (
        <AddItemDialog
          items={all}
          kind={addableKinds.find((kind) => kind === filter.kind) ?? 'stock'}
          unit={unit}
          onAdd={async (added) => {
            const isKept = await change([added]);
            // It is shown unfolded, since how much there is of it comes next.
            if (isKept) {
              setFilter({ ...everything, text: added.item?.name ?? '' });
              setOpen(added.itemId);
            }
            return isKept;
          }}
          onClose={() => setDialog(undefined)}
        />
      )}
      {dialog === 'outline' && (
        <OutlineDialog
          items={all}
          unit={unit}
          onAdd={(added) => change([added])}
          onClose={() => setDialog(undefined)}
        />
      )}
      {dialog === 'import' && (
        <ImportDialog
          items={all}
          holdings={held}
          unit={unit}
          onImport={change}
          onClose={() => setDialog(undefined)}
        />
      )}
      {dialog === 'keys' && (
        <KeysDialog
          keys={stashKeys}
          areKeysOn={areKeysOn}
          onKeysOn={setKeysOn}
          onClose={() => setDialog(undefined)}
        />
      )}
    </div>
  );
}

interface EmptyProps {
  readonly isEmpty: boolean;
  readonly onAll: () => void;
}

/** Nothing to show: an empty stash teaches, a filter that finds nothing is let go. */
function EmptyStash({ isEmpty, onAll }: EmptyProps) {
  return (
    <div className="mx-auto max-w-[34rem] px-[18px] py-16 text-[17px]">
      {isEmpty ? (
        <p>
          Nothing in the stash yet. Add papers, inks and tools one by one, or take them in from a
          CSV file with the columns name and kind; an export shows all the others.
        </p>
      ) : (
        <p>
          Nothing of the stash is like that.{' '}
          <button type="button" className="link" onClick={onAll}>
            Show all of it
          </button>
        </p>
      )}
    </div>
  );
}

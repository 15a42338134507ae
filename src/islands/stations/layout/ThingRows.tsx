import { type Placed, isMark } from '../../../core/resolve/outlineOf';
import type { Unit } from '../../../core/length/length';
import { looksForward, type FaceId } from '../../../core/plan/faces';
import type { PieceId } from '../../../core/plan/ids';
import type { ResolvedCard } from '../../../core/resolve/resolvedCard';
import { groupSizes, groupSizeWords } from '../../../core/prose/groupSizes';
import { countWords } from '../../../core/words/countWords';
import { SortableList, useSortableRow } from '../../parts/SortableList';
import { namesApart } from '../../words/namesApart';
import { sizeWords, sortOf } from './thingWords';
import { useCardSession } from '../../session/CardSession';

interface Props {
  readonly selected: ReadonlySet<PieceId>;
  readonly onSelect: (ids: readonly PieceId[], isAdding: boolean) => void;
  /** A row is dropped on the place of another. */
  readonly onDrop: (moved: readonly PieceId[], past: PieceId) => void;
  /** Unfolded beneath the row of the first that is selected. */
  readonly ticket: React.ReactNode;
}

/** One thing, or a group of small ones told in one row. */
interface Row {
  readonly key: string;
  readonly things: readonly Placed[];
  readonly isIndented: boolean;
}

/** More marks of one group than this are folded into one row. */
const mostOfGroup = 4;

/** What lies on a face, front to back: each paper with the marks on it beneath. Rows are dragged, or moved by keys. */
export function ThingRows({ selected, onSelect, onDrop, ticket }: Props) {
  const { card, face, unit } = useCardSession();
  const rows = rowsOf(card, face);
  const nameApart = namesApart(card);
  const drop = (moved: string, onto: string) => {
    const of = (key: string) => rows.find((row) => row.key === key)?.things ?? [];
    const [past] = of(onto);
    if (past)
      onDrop(
        of(moved).map(({ id }) => id),
        past.id,
      );
  };
  const open = rows.find(({ things }) => things.some(({ id }) => selected.has(id)));
  if (rows.length === 0)
    return (
      <p className="text-sheet-muted py-2">
        Nothing lies on this face yet. Add an image, words or a die cut; or lay panels on the Base
        station first.
      </p>
    );
  return (
    <div role="group" aria-label="What lies on this face, front to back">
      <SortableList id="things" rows={rows.map(({ key }) => key)} onDrop={drop}>
        {rows.map((row) => {
          const isSelected = row.things.some(({ id }) => selected.has(id));
          return (
            <SortableRow key={row.key} id={row.key} below={row === open && ticket}>
              <ThingRow
                row={row}
                nameApart={nameApart}
                unit={unit}
                isSelected={isSelected}
                onSelect={onSelect}
              />
            </SortableRow>
          );
        })}
      </SortableList>
    </div>
  );
}

interface SortableRowProps {
  readonly id: string;
  /** What is unfolded below it; it is no handle to drag by. */
  readonly below: React.ReactNode;
  readonly children: React.ReactNode;
}

function SortableRow({ id, below, children }: SortableRowProps) {
  const { row, handle } = useSortableRow(id);
  return (
    <div {...row}>
      <div {...handle}>{children}</div>
      {below}
    </div>
  );
}

/** The order in which things are walked through: as the rows stand. */
export function thingsInOrder(card: ResolvedCard, face: FaceId): readonly Placed[] {
  return rowsOf(card, face).flatMap(({ things }) => things);
}

function rowsOf(card: ResolvedCard, face: FaceId): readonly Row[] {
  const papers = card.pieces.filter((piece) => piece.face === face);
  const ordered = looksForward(face) ? papers.toReversed() : papers;
  return [
    ...ordered.flatMap((paper) => [
      { key: paper.id, things: [paper], isIndented: false },
      ...markRows(card, face, paper.id, true),
    ]),
    ...markRows(card, face, 'base', false),
  ];
}

function markRows(
  card: ResolvedCard,
  face: FaceId,
  support: string,
  isIndented: boolean,
): readonly Row[] {
  const marks = card.marks.filter((mark) => mark.face === face && mark.support === support);
  const groups = new Map<string, Placed[]>();
  for (const mark of marks.toReversed()) {
    const { group } = mark.piece;
    const key = group === null ? mark.id : `group ${group}`;
    const there = groups.get(key);
    if (there) there.push(mark);
    else groups.set(key, [mark]);
  }
  return [...groups].flatMap(([key, things]): Row[] =>
    things.length > mostOfGroup
      ? [{ key, things, isIndented }]
      : things.map((thing) => ({ key: thing.id, things: [thing], isIndented })),
  );
}

interface RowProps {
  readonly row: Row;
  readonly nameApart: (thing: Placed) => string;
  readonly unit: Unit;
  readonly isSelected: boolean;
  readonly onSelect: Props['onSelect'];
}

function ThingRow({
  row: { things, isIndented },
  nameApart,
  unit,
  isSelected,
  onSelect,
}: RowProps) {
  const [first] = things;
  if (!first) return null;
  const isGroup = things.length > 1;
  // A paper has its letter in the row.
  const name = isGroup
    ? (first.piece.group ?? first.name)
    : isMark(first)
      ? nameApart(first)
      : first.name;
  return (
    <button
      type="button"
      data-row={first.id}
      aria-pressed={isSelected}
      className={`border-hairline hover:bg-chrome grid h-[2.0625rem] w-full grid-cols-[44px_minmax(0,1fr)_auto] pr-1.5 items-center border-b text-left ${
        isSelected ? 'border-l-violet border-l-4 bg-white pl-1.5' : ''
      } ${isIndented ? 'pl-5' : ''}`}
      onClick={(event) =>
        onSelect(
          things.map(({ id }) => id),
          event.shiftKey || event.ctrlKey || event.metaKey,
        )
      }
    >
      {isMark(first) ? (
        <Swatches things={things} />
      ) : (
        <span className="font-heading text-[17px] font-semibold">{first.letter}</span>
      )}
      <span className="truncate pr-2">
        <span className="font-semibold">{name}</span>{' '}
        <span className="text-sheet-muted">
          {isGroup
            ? groupSizeWords(groupSizes(things), unit) || countWords(things.length, 'piece')
            : sortOf(first)}
        </span>
      </span>
      <span className="font-semibold whitespace-nowrap">
        {isGroup ? '' : sizeWords(first, unit)}
      </span>
    </button>
  );
}

function Swatches({ things }: { readonly things: readonly Placed[] }) {
  const colours = [...new Set(things.flatMap(coloursOf))].slice(0, 3);
  return (
    <span aria-hidden className="flex pr-2">
      {colours.map((colour) => (
        <span
          key={colour}
          className="border-control -mr-1 size-[14px] rounded-full border"
          style={{ background: colour }}
        />
      ))}
    </span>
  );
}

function coloursOf(placed: Placed): readonly string[] {
  const paints = isMark(placed) ? placed.paints : [placed.paint];
  return paints.flatMap((paint) => paint?.colour ?? []);
}

import {
  createColumnHelper,
  flexRender,
  getCoreRowModel,
  getSortedRowModel,
  useReactTable,
  type SortingState,
} from '@tanstack/react-table';
import { useVirtualizer } from '@tanstack/react-virtual';
import { ChevronDown, ChevronRight } from 'lucide-react';
import { useMemo, useRef, useState } from 'react';
import type { Unit } from '../../core/length/length';
import { sheetOf } from '../../core/paper/sheets';
import type { LibraryId } from '../../core/plan/ids';
import type { LibraryItem } from '../../core/plan/libraryItem';
import type { Holding } from '../../core/stash/holding';
import { kindNames } from '../../core/stash/itemFields';
import type { StashChange } from '../../core/stash/stashChange';
import { dayWords } from '../../core/prose/dayWords';
import { NumberField } from '../parts/NumberField';
import { countIssue } from './HoldingFields';
import { ItemTicket } from './ItemTicket';
import type { StashLine } from './stashRows';

interface Props {
  readonly lines: readonly StashLine[];
  /** All of the stash, for what a thing is made of. */
  readonly items: ReadonlyMap<LibraryId, LibraryItem>;
  readonly unit: Unit;
  readonly open: LibraryId | undefined;
  readonly onOpen: (id: LibraryId | undefined) => void;
  readonly onChange: (changes: readonly StashChange[]) => void;
}

const columnHelper = createColumnHelper<StashLine>();
/** Widths of the columns, shared by head and rows. */
const grid =
  'grid grid-cols-[minmax(11rem,1.4fr)_7.5rem_minmax(9.5rem,1.2fr)_minmax(12rem,1.5fr)_5rem_9rem] gap-x-4';

/** The lines of the stash, sorted by any column; only those in sight are drawn. */
export function StashTable({ lines, items, unit, open, onOpen, onChange }: Props) {
  const [sorting, setSorting] = useState<SortingState>([]);
  const columns = useMemo(() => makeColumns(open, onOpen, onChange), [open, onOpen, onChange]);
  const data = useMemo(() => [...lines], [lines]);
  const table = useReactTable({
    data,
    columns,
    state: { sorting },
    onSortingChange: setSorting,
    getRowId: ({ item }) => item.id,
    getCoreRowModel: getCoreRowModel(),
    getSortedRowModel: getSortedRowModel(),
  });
  const { rows } = table.getRowModel();
  const scroller = useRef<HTMLDivElement>(null);
  const virtual = useVirtualizer({
    count: rows.length,
    getScrollElement: () => scroller.current,
    estimateSize: () => 41,
    getItemKey: (index) => rows[index]?.id ?? index,
    overscan: 12,
    initialRect: { width: 1200, height: 700 },
  });
  return (
    <div ref={scroller} className="min-h-0 flex-1 overflow-auto px-[18px] pb-6">
      <div
        role="table"
        aria-label="Stash"
        aria-rowcount={rows.length + 1}
        className="min-w-[60rem]"
      >
        {table.getHeaderGroups().map((group) => (
          <div
            key={group.id}
            role="row"
            aria-rowindex={1}
            className={`bg-sheet border-ink sticky top-0 z-10 border-b py-1.5 ${grid}`}
          >
            {group.headers.map((header) => {
              const sorted = header.column.getIsSorted();
              return (
                <span
                  key={header.id}
                  role="columnheader"
                  aria-sort={
                    sorted === 'asc' ? 'ascending' : sorted === 'desc' ? 'descending' : 'none'
                  }
                >
                  <button
                    type="button"
                    className="font-semibold"
                    onClick={header.column.getToggleSortingHandler()}
                  >
                    {flexRender(header.column.columnDef.header, header.getContext())}
                    {sorted === 'asc' ? ' ↑' : sorted === 'desc' ? ' ↓' : ''}
                  </button>
                </span>
              );
            })}
          </div>
        ))}
        <div role="rowgroup" className="relative" style={{ height: virtual.getTotalSize() }}>
          {virtual.getVirtualItems().map(({ index, key, start }) => {
            const row = rows[index];
            if (!row) return null;
            const { item, holding } = row.original;
            return (
              <div
                key={key}
                ref={virtual.measureElement}
                data-index={index}
                className="absolute inset-x-0 top-0"
                style={{ transform: `translateY(${start}px)` }}
              >
                <div
                  role="row"
                  aria-rowindex={index + 2}
                  className={`border-hairline items-center border-b py-1 ${grid} ${holding.isGone ? 'opacity-85' : ''}`}
                >
                  {row.getVisibleCells().map((cell) => (
                    <span key={cell.id} role="cell" className="min-w-0">
                      {flexRender(cell.column.columnDef.cell, cell.getContext())}
                    </span>
                  ))}
                </div>
                {open === item.id && (
                  <div role="row">
                    <div role="cell">
                      <ItemTicket
                        item={item}
                        items={items}
                        holding={holding}
                        unit={unit}
                        onChange={(change) => onChange([change])}
                      />
                    </div>
                  </div>
                )}
              </div>
            );
          })}
        </div>
      </div>
    </div>
  );
}

function makeColumns(open: Props['open'], onOpen: Props['onOpen'], onChange: Props['onChange']) {
  const keep = (holding: Holding) => onChange([{ itemId: holding.itemId, holding }]);
  return [
    columnHelper.accessor(({ item }) => item.name, {
      id: 'name',
      header: 'Name',
      cell: ({ row }) => <NameCell line={row.original} open={open} onOpen={onOpen} />,
    }),
    columnHelper.accessor(({ item }) => kindNames[item.kind], { id: 'kind', header: 'Kind' }),
    columnHelper.accessor(({ words }) => words, { id: 'what', header: 'What it is' }),
    columnHelper.accessor(({ amount }) => amount, {
      id: 'amount',
      header: 'In the stash',
      cell: ({ row }) => <AmountCell line={row.original} onKeep={keep} />,
    }),
    columnHelper.accessor(({ holding }) => holding.leftovers.length, {
      id: 'leftovers',
      header: 'Left over',
      cell: ({ row }) => {
        const pieces = row.original.holding.leftovers.reduce((sum, { count }) => sum + count, 0);
        return pieces === 0 ? '' : `${pieces} ${pieces === 1 ? 'piece' : 'pieces'}`;
      },
    }),
    columnHelper.accessor(({ item }) => item.sale.until ?? '9999', {
      id: 'until',
      header: 'Sold until',
      cell: ({ row }) => {
        const { until } = row.original.item.sale;
        return until ? dayWords(until) : '';
      },
    }),
  ];
}

interface NameProps {
  readonly line: StashLine;
  readonly open: Props['open'];
  readonly onOpen: Props['onOpen'];
}

function NameCell({ line: { item }, open, onOpen }: NameProps) {
  const isOpen = open === item.id;
  const Chevron = isOpen ? ChevronDown : ChevronRight;
  return (
    <button
      type="button"
      aria-expanded={isOpen}
      className="hover:text-violet flex w-full items-center gap-2 text-left font-semibold"
      onClick={() => onOpen(isOpen ? undefined : item.id)}
    >
      <Chevron aria-hidden size={15} className="shrink-0" />
      <span
        aria-hidden
        className={`size-[17px] shrink-0 ${'colour' in item ? 'border-control border' : ''}`}
        style={{ background: 'colour' in item ? item.colour : undefined }}
      />
      <span className="truncate">{item.name}</span>
    </button>
  );
}

interface AmountProps {
  readonly line: StashLine;
  readonly onKeep: (holding: Holding) => void;
}

/** How many there are, to be set right where it is read: of paper by the sheet. */
function AmountCell({ line: { item, holding, unit }, onKeep }: AmountProps) {
  // Colours used together are no thing one has so many of.
  if (item.kind === 'combination') return null;
  if (item.kind !== 'stock')
    return (
      <span className="flex items-baseline gap-2">
        <NumberField
          label={`${item.name} in the stash`}
          isLabelHidden
          value={holding.count}
          min={0}
          max={1_000_000}
          digits={3}
          isOptional
          issue={countIssue}
          className="in-place min-w-10"
          onCommit={(count) => onKeep({ ...holding, count })}
        />
        <span className="text-sheet-muted">
          {holding.count === null ? 'not counted' : unit === 'piece' ? '' : unit}
        </span>
      </span>
    );
  if (holding.sheets.length === 0) return <span className="text-sheet-muted">not counted</span>;
  return (
    <span className="flex flex-wrap gap-x-4">
      {holding.sheets
        .filter(({ sheet, count }) => item.sheets.includes(sheet) && count !== 0)
        .map(({ sheet, count }) => (
          <span key={sheet} className="flex items-baseline gap-1.5">
            <NumberField
              label={`${item.name}, ${sheetOf(sheet).name}s in the stash`}
              isLabelHidden
              value={count}
              min={0}
              max={1_000_000}
              isOptional
              issue={countIssue}
              className="in-place min-w-8"
              onCommit={(next) =>
                onKeep({
                  ...holding,
                  sheets: holding.sheets.map((each) =>
                    each.sheet === sheet ? { ...each, count: next } : each,
                  ),
                })
              }
            />
            <span className="text-sheet-muted">{sheetOf(sheet).name.replace(' sheet', '')}</span>
          </span>
        ))}
    </span>
  );
}

import {
  DndContext,
  DragOverlay,
  PointerSensor,
  pointerWithin,
  useDroppable,
  useSensor,
  useSensors,
  type DragEndEvent,
} from '@dnd-kit/core';
import { useWindowVirtualizer } from '@tanstack/react-virtual';
import {
  useEffect,
  useImperativeHandle,
  useLayoutEffect,
  useMemo,
  useRef,
  useState,
  type Ref,
} from 'react';
import type { StandingCard } from '../../core/compute/standingCard';
import type { Designer } from '../../core/plan/cardFile';
import { LedgeCard } from './LedgeCard';
import { cardGap, placeOfRun, seriesRuns, type LedgeRow, type SeriesRun } from './ledgeRows';
import { belowLine, releaseWords } from './ledgeWords';
import { StandingCardView } from './StandingCardView';
import type { Pictures } from './usePictures';

export interface LedgesHandle {
  /** Puts the focus on a card, drawing its row first where that is out of view. */
  readonly focusCard: (id: string) => void;
  /** The card in focus, or the one that gets it as soon as its row is drawn. */
  readonly focusedId: () => string | undefined;
}

interface Props {
  readonly handle: Ref<LedgesHandle>;
  readonly rows: readonly LedgeRow[];
  readonly designers: readonly Designer[];
  readonly today: string;
  /** Whether all cards are there, so that they can be counted. */
  readonly isWhole: boolean;
  readonly scale: number;
  readonly pictures: Pictures;
  /** Tells which cards are drawn, so that their pictures come. */
  readonly onDrawn: (ids: readonly string[]) => void;
  readonly onWidth: (width: number) => void;
  readonly onBin: (card: StandingCard) => void;
  readonly onCopy: (card: StandingCard) => void;
  readonly onAskMove: (card: StandingCard) => void;
  readonly onMove: (card: StandingCard, releaseId: string | null) => void;
}

const sidePadding = 40;

/** The ledges with what stands on them; only the rows in view are drawn, a thousand cards or ten. */
export function Ledges(props: Props) {
  const { handle, rows, designers, today, isWhole, scale, pictures, onDrawn, onWidth, onMove } =
    props;
  const list = useRef<HTMLDivElement>(null);
  const [top, setTop] = useState(0);
  const [dragged, setDragged] = useState<StandingCard>();
  const sensors = useSensors(useSensor(PointerSensor, { activationConstraint: { distance: 6 } }));
  const virtual = useWindowVirtualizer({
    count: rows.length,
    estimateSize: (index) => rows[index]?.height ?? 0,
    getItemKey: (index) => rows[index]?.key ?? index,
    overscan: 2,
    scrollMargin: top,
    initialRect: { width: 1280, height: 800 },
  });
  useLayoutEffect(() => virtual.measure(), [rows, virtual]);
  useLayoutEffect(() => {
    const element = list.current;
    if (!element) return;
    const observer = new ResizeObserver(() => {
      setTop(element.getBoundingClientRect().top + window.scrollY);
      onWidth(element.clientWidth - 2 * sidePadding);
    });
    observer.observe(element);
    return () => observer.disconnect();
  }, [onWidth]);
  const drawn = virtual
    .getVirtualItems()
    .flatMap(({ index }) => cardsOf(rows[index]))
    .map(({ id }) => id)
    .join(',');
  useEffect(() => onDrawn(drawn === '' ? [] : drawn.split(',')), [drawn, onDrawn]);
  const wanted = useRef<string>(undefined);
  useImperativeHandle(handle, () => ({
    focusedId: () =>
      wanted.current ??
      document.activeElement?.closest<HTMLElement>('[data-card]')?.dataset['card'],
    focusCard: (id) => {
      wanted.current = undefined;
      if (focusLink(id)) return;
      const row = rows.findIndex(
        (each) => each.kind === 'cards' && each.cards.some((card) => card.id === id),
      );
      if (row < 0) return;
      virtual.scrollToIndex(row, { align: 'center' });
      wanted.current = id;
      focusSoon(wanted, 60);
    },
  }));
  // How many a release has is known once all cards are here.
  const seriesCounts = useMemo(() => countSeries(rows), [rows]);
  const standing = useMemo(() => standingOf(isWhole ? rows : []), [isWhole, rows]);
  const cardOf = (id: unknown) => rows.flatMap(cardsOf).find((card) => card.id === id);
  const drop = ({ active, over }: DragEndEvent) => {
    setDragged(undefined);
    const card = cardOf(active.id);
    const row = rows.find(({ key }) => key === over?.id);
    if (card && row && (row.release?.id ?? null) !== card.releaseId)
      onMove(card, row.release?.id ?? null);
  };
  return (
    <DndContext
      id="ledges"
      sensors={sensors}
      collisionDetection={pointerWithin}
      onDragStart={({ active }) => setDragged(cardOf(active.id))}
      onDragCancel={() => setDragged(undefined)}
      onDragEnd={drop}
    >
      <div ref={list} className="relative" style={{ height: virtual.getTotalSize() }}>
        {virtual.getVirtualItems().map(({ index, key, start }) => {
          const row = rows[index];
          return (
            row && (
              <Row key={key} row={row} top={start - virtual.options.scrollMargin}>
                {row.kind === 'heading' && (
                  <header className="flex flex-wrap items-baseline gap-x-3 px-10 pt-4">
                    <h2 className="text-[21px]">{row.release?.name ?? 'Without a release'}</h2>
                    {row.release && (
                      <p className="text-sheet-muted">
                        {releaseWords(row.release, isWhole ? row.cards : [], today)}
                      </p>
                    )}
                    {row.release && row.cards.length > 0 && (
                      <a className="link" href={`/buying?release=${row.release.id}`}>
                        Buying list
                        <span className="sr-only"> of {row.release.name}</span>
                      </a>
                    )}
                  </header>
                )}
                {row.kind === 'empty' && (
                  <p className="text-sheet-muted px-10 pt-2">
                    Nothing stands here yet. Drag a card onto this ledge, or move one with{' '}
                    <kbd className="key">m</kbd>; a new card can name the release at once.
                  </p>
                )}
                {row.kind === 'cards' && (
                  <>
                    <ShelfBoard bottom={row.below - 12} />
                    <ul
                      aria-label={row.release?.name ?? 'Without a release'}
                      className="relative flex h-full items-end px-10"
                      style={{ gap: cardGap }}
                    >
                      {row.cards.map((card) => (
                        <LedgeCard
                          key={card.id}
                          card={card}
                          standing={standing.get(card.id)}
                          picture={pictures[card.id]}
                          below={belowLine(card, designers, today)}
                          room={row.below}
                          scale={scale}
                          onBin={() => props.onBin(card)}
                          onCopy={() => props.onCopy(card)}
                          onMove={() => props.onAskMove(card)}
                        />
                      ))}
                    </ul>
                    {seriesRuns(row.cards).map((run) => (
                      <SeriesBracket
                        key={run.series.id}
                        run={run}
                        total={seriesCounts.get(run.series.id) ?? run.count}
                        {...placeOfRun(row.cards, run, scale)}
                      />
                    ))}
                  </>
                )}
              </Row>
            )
          );
        })}
      </div>
      <DragOverlay>
        {dragged && (
          <StandingCardView card={dragged} picture={pictures[dragged.id]} scale={scale} />
        )}
      </DragOverlay>
    </DndContext>
  );
}

interface RowProps {
  readonly row: LedgeRow;
  /** In CSS pixels; not a transform, which measuring for a drop leaves out. */
  readonly top: number;
  readonly children: React.ReactNode;
}

/** A row in its place, onto which a card can be dropped. */
function Row({ row, top, children }: RowProps) {
  const { setNodeRef, isOver } = useDroppable({ id: row.key });
  return (
    <div
      ref={setNodeRef}
      className={`absolute inset-x-0 ${isOver ? 'bg-violet-wash' : ''}`}
      style={{ height: row.height, top }}
    >
      {children}
    </div>
  );
}

/** The board the cards stand on, with the shadow under it. */
function ShelfBoard({ bottom }: { readonly bottom: number }) {
  return (
    <span
      aria-hidden
      className="absolute inset-x-0 block h-[12px] border-b-[3px] border-[#a9b0b0] bg-[#fbfbfa]"
      style={{ bottom }}
    />
  );
}

interface BracketProps {
  readonly run: SeriesRun;
  /** How many there are of it on all ledges. */
  readonly total: number;
  /** From the first card of the row, in CSS pixels. */
  readonly left: number;
  readonly width: number;
}

/** Under the cards of a series: that they belong together, and what all of them take. */
function SeriesBracket({ run: { series, count }, total, left, width }: BracketProps) {
  return (
    <p
      className="border-sheet-muted text-sheet-muted absolute bottom-1 flex h-6 gap-x-4 border-t pt-0.5 text-[15px] leading-5 whitespace-nowrap"
      style={{ left: sidePadding + left, width }}
    >
      <span className="truncate">
        <a className="link" href={`/?series=${series.id}`}>
          {series.name}
        </a>
        , {count < total ? `${count} of a series of ${total}` : `series of ${count}`}
      </span>
      <a className="link" href={`/buying?series=${series.id}`}>
        Buying list
        <span className="sr-only"> of the series {series.name}</span>
      </a>
    </p>
  );
}

function countSeries(rows: readonly LedgeRow[]): ReadonlyMap<string, number> {
  const counts = new Map<string, number>();
  for (const { series } of rows.flatMap(cardsOf))
    if (series) counts.set(series.id, (counts.get(series.id) ?? 0) + 1);
  return counts;
}

/** Which of how many of its release each card is. */
function standingOf(rows: readonly LedgeRow[]) {
  return new Map(
    rows.flatMap((row) =>
      row.kind === 'heading'
        ? row.cards.map(({ id }, at) => [id, { position: at + 1, of: row.cards.length }] as const)
        : [],
    ),
  );
}

function cardsOf(row: LedgeRow | undefined): readonly StandingCard[] {
  return row?.kind === 'cards' ? row.cards : [];
}

function focusLink(id: string): boolean {
  const link = document.querySelector<HTMLElement>(`[data-card="${id}"] a`);
  link?.focus();
  return link !== null;
}

/** Focuses the wanted card once its row is drawn, which comes with one of the next frames, and wants it no more. */
function focusSoon(wanted: { current: string | undefined }, frames: number): void {
  const id = wanted.current;
  if (id === undefined) return;
  if (frames === 0 || focusLink(id)) wanted.current = undefined;
  else requestAnimationFrame(() => focusSoon(wanted, frames - 1));
}

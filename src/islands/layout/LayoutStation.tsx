import { useRef, useState } from 'react';
import type { Placed } from '../../core/resolve/outlineOf';
import { clearances, rulerFigures } from '../../core/measuring/rulerFigures';
import { rulerWords } from '../../core/measuring/rulerWords';
import type { Unit } from '../../core/length/length';
import type { Edit } from '../../core/plan/edit';
import { batchEdits } from '../../core/plan/batchEdits';
import type { FaceId } from '../../core/plan/faces';
import type { LibraryRef } from '../../core/plan/libraryItem';
import type { Library } from '../../core/plan/library';
import type { Plan } from '../../core/plan/plan';
import type { ResolvedCard } from '../../core/resolve/resolvedCard';
import type { SupportId } from '../../core/resolve/origins';
import { useKeys } from '../parts/useKeys';
import { useSize } from '../parts/useSize';
import { ArrangeFields } from './ArrangeFields';
import { LayoutDrawing, layoutScale, pressedIds } from './LayoutDrawing';
import { alignAll, movingWith, spaceEvenly } from '../../core/composition/moveThings';
import { LayoutDialogs, type LayoutDialog } from './LayoutDialogs';
import { LayoutTools } from './LayoutTools';
import { PlacesPanel } from './PlacesPanel';
import { ThingRows } from './ThingRows';
import { ThingTicket } from './ThingTicket';
import { nearestWords } from './thingWords';
import { useChosen } from './useChosen';
import { useDragging } from './useDragging';
import { markOf, useTable } from './useTable';
import { changePiece } from '../../core/plan/pieceEdits';

interface Props {
  readonly cardId: string;
  readonly plan: Plan;
  readonly card: ResolvedCard;
  readonly library: Library;
  readonly unit: Unit;
  readonly face: FaceId;
  readonly selected: SupportId;
  readonly isSaved: boolean;
  readonly onSelect: (id: SupportId, face?: FaceId) => void;
  readonly onTurn: () => void;
  readonly onPreview: (edit: Edit | undefined) => void;
  readonly onCommit: (edit: Edit) => void;
  readonly onFlush: () => Promise<void>;
  readonly onAskNewStock: (use: (ref: LibraryRef) => void) => void;
}

/** Where every image, die cut and line of words goes: a face, large, and what lies on it. */
export function LayoutStation(props: Props) {
  const { plan, card, library, unit, face, onPreview, onCommit } = props;
  const view = useRef<HTMLDivElement>(null);
  const { width, height } = useSize(view, { width: 0, height: 0 });
  const [open, setOpen] = useState<LayoutDialog>();
  const chosen = useChosen(card, face, props.selected, props.onSelect);
  const { ids, things, first, choose } = chosen;
  const table = useTable({ plan, card, library, unit, face, chosen, onCommit });
  const dragging = useDragging({
    pixelsPerTick: layoutScale(card, width, height),
    marks: markOf[unit],
    onPreview,
    onCommit,
  });
  const press = (event: React.PointerEvent, placed: Placed | undefined) => {
    if (event.button !== 0) return;
    if (!placed) {
      choose([]);
      return;
    }
    const next = pressedIds(ids, placed.id, event.shiftKey);
    choose(next);
    if (next.has(placed.id))
      dragging.begin(event, { card, leading: placed, moving: movingWith(plan, card, next) });
  };
  useKeys({
    ArrowLeft: () => table.nudge(-1, 0),
    ArrowRight: () => table.nudge(1, 0),
    ArrowUp: () => table.nudge(0, -1),
    ArrowDown: () => table.nudge(0, 1),
    'Shift+ArrowLeft': () => table.nudge(-1, 0, true),
    'Shift+ArrowRight': () => table.nudge(1, 0, true),
    'Shift+ArrowUp': () => table.nudge(0, -1, true),
    'Shift+ArrowDown': () => table.nudge(0, 1, true),
    ',': () => table.turn(-1),
    '.': () => table.turn(1),
    c: () => table.centre('x'),
    v: () => table.centre('y'),
    n: () => table.walk(1),
    b: () => table.walk(-1),
    a: () => setOpen('stamps'),
    s: () => setOpen('dies'),
    x: () => setOpen('stencils'),
    o: table.cutOut,
    'Ctrl+c': table.takeAlong,
    'Ctrl+v': table.putDown,
    t: table.addWords,
    g: table.addDot,
    l: table.addLine,
    d: table.copy,
    f: props.onTurn,
    p: () => table.look(true),
    y: () => table.take(table.offer?.places[0]),
    Escape: () => {
      table.look(false);
      return false;
    },
    Delete: table.remove,
  });

  const ticket =
    first &&
    (things.length > 1 ? (
      <ArrangeFields
        count={things.length}
        onAlign={(to) => onCommit(alignAll(card, things, to))}
        onSpace={(axis) => {
          const edit = spaceEvenly(card, things, axis);
          if (edit) onCommit(edit);
        }}
        onGroup={(group) =>
          onCommit(batchEdits(things.map(({ piece }) => changePiece(piece, { group }))))
        }
        onRemove={table.remove}
      />
    ) : (
      <ThingTicket
        key={first.id}
        placed={first}
        plan={plan}
        card={card}
        library={library}
        unit={unit}
        actions={{
          commit: onCommit,
          preview: onPreview,
          copy: table.copy,
          remove: table.remove,
          askNewStock: props.onAskNewStock,
        }}
      />
    ));
  const spoken =
    first && things.length === 1
      ? `${first.name}, ${rulerWords(rulerFigures(card, first), unit)}. ${nearestWords(clearances(card, first, 1), unit) ?? ''}`
      : '';
  return (
    <div className="grid h-full min-h-[560px] grid-cols-[minmax(440px,1fr)_minmax(440px,520px)] gap-x-4 pr-[18px]">
      <div ref={view} className="relative min-h-0 min-w-0 overflow-hidden">
        {width > 0 && (
          <LayoutDrawing
            plan={plan}
            card={card}
            face={face}
            unit={unit}
            width={width}
            height={height}
            selected={things}
            guides={dragging.guides}
            ghosts={table.offer?.places.map(({ rect }) => rect) ?? []}
            onPress={press}
            onTakeGhost={(index) => table.take(table.offer?.places[index])}
          />
        )}
        <p role="status" className="sr-only">
          {spoken}
        </p>
      </div>
      <div className="flex min-h-0 min-w-0 flex-col gap-3 overflow-auto pt-4 pb-3">
        <LayoutTools
          card={card}
          table={table}
          only={things.length === 1 ? first : undefined}
          cardId={props.cardId}
          face={face}
          isSaved={props.isSaved}
          onFlush={props.onFlush}
          onOpen={setOpen}
        />
        {table.told !== '' && (
          <p role="status" className="text-amber font-semibold">
            {table.told}
          </p>
        )}
        {table.offer && first && (
          <PlacesPanel
            name={first.name}
            found={table.offer}
            unit={unit}
            onTake={table.take}
            onClose={() => table.look(false)}
          />
        )}
        <ThingRows
          card={card}
          face={face}
          unit={unit}
          selected={ids}
          onSelect={(rowIds, isAdding) => choose(isAdding ? [...ids, ...rowIds] : rowIds)}
          ticket={ticket}
        />
      </div>
      <LayoutDialogs
        open={open}
        library={library}
        unit={unit}
        table={table}
        name={first?.name}
        onClose={() => setOpen(undefined)}
      />
    </div>
  );
}

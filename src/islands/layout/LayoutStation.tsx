import { useRef, useState } from 'react';
import { isMark, type Placed } from '../../core/resolve/outlineOf';
import { clearances, rulerFigures } from '../../core/face/rulerFigures';
import { rulerWords } from '../../core/face/rulerWords';
import type { Unit } from '../../core/length/length';
import type { Edit } from '../../core/plan/edit';
import { batchEdits } from '../../core/plan/batchEdits';
import type { FaceId } from '../../core/plan/faces';
import type { LibraryRef } from '../../core/plan/libraryItem';
import type { Library } from '../../core/plan/library';
import type { Plan } from '../../core/plan/plan';
import type { ResolvedCard, SupportId } from '../../core/resolve/resolvedCard';
import { holdsWords } from '../../core/resolve/resolvedMark';
import { DownloadLink } from '../parts/DownloadLink';
import { KeyedButton } from '../parts/KeyedButton';
import { useKeys } from '../parts/useKeys';
import { useSize } from '../parts/useSize';
import { ArrangeFields } from './ArrangeFields';
import { LayoutDrawing, layoutScale, pressedIds } from './LayoutDrawing';
import { alignAll, movingWith, spaceEvenly } from '../../core/composition/moveThings';
import { LabelDialog } from './LabelDialog';
import { PlacesPanel } from './PlacesPanel';
import { ScatterDialog } from './ScatterDialog';
import { Shelf } from './Shelf';
import { ThingRows } from './ThingRows';
import { ThingTicket } from './ThingTicket';
import { nearestWords } from './thingWords';
import { useChosen } from './useChosen';
import { useDragging } from './useDragging';
import { markOf, useTable } from './useTable';
import { ArrangementDialog } from './ArrangementDialog';

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

/** What is open over the table. */
type Open = 'stamps' | 'dies' | 'stencils' | 'arrange' | 'scatter' | 'label';

/** Where every image, die cut and line of words goes: a face, large, and what lies on it. */
export function LayoutStation(props: Props) {
  const { plan, card, library, unit, face, onPreview, onCommit } = props;
  const view = useRef<HTMLDivElement>(null);
  const { width, height } = useSize(view, { width: 0, height: 0 });
  const [open, setOpen] = useState<Open>();
  const close = () => setOpen(undefined);
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
          onCommit(
            batchEdits(things.map(({ id }) => ({ kind: 'change-piece', id, change: { group } }))),
          )
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
  const isOneMark = first !== undefined && things.length === 1 && isMark(first);
  const jig = (file: string, page: string) =>
    `/api/cards/${props.cardId}/${file}?face=${face}${page && `&page=${page}`}`;
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
        <div
          role="group"
          aria-label="Add"
          className="flex flex-wrap items-center gap-x-1.5 gap-y-2"
        >
          <KeyedButton keyName="a" isOutlined onClick={() => setOpen('stamps')}>
            Add an image
          </KeyedButton>
          <KeyedButton keyName="t" onClick={table.addWords}>
            Words
          </KeyedButton>
          <KeyedButton keyName="s" onClick={() => setOpen('dies')}>
            Die cut
          </KeyedButton>
          <KeyedButton keyName="g" onClick={table.addDot}>
            Gem
          </KeyedButton>
          <KeyedButton keyName="l" onClick={table.addLine}>
            Line
          </KeyedButton>
        </div>
        <div className="flex flex-wrap items-center gap-x-4 gap-y-1">
          {first && things.length === 1 && (
            <span className="flex min-w-0 items-center gap-2">
              <button
                type="button"
                className="link max-w-56 truncate"
                onClick={() => table.look(table.offer === undefined)}
              >
                Free places for it
              </button>
              <kbd className="key">p</kbd>
            </span>
          )}
          {isOneMark && holdsWords(first) && (
            <>
              <button type="button" className="link" onClick={() => setOpen('label')}>
                Label…
              </button>
              <button type="button" className="link" onClick={table.repeat}>
                Repeat the line
              </button>
            </>
          )}
          {isOneMark && first.piece.kind === 'image' && !holdsWords(first) && (
            <span className="flex items-center gap-2">
              <button type="button" className="link" onClick={table.cutOut}>
                Cut it out
              </button>
              <kbd className="key">o</kbd>
            </span>
          )}
          <button type="button" className="link" onClick={() => setOpen('arrange')}>
            Arrange images…
          </button>
          <span className="flex items-center gap-2">
            <button type="button" className="link" onClick={() => setOpen('stencils')}>
              Stencil…
            </button>
            <kbd className="key">x</kbd>
          </span>
          <button type="button" className="link" onClick={() => setOpen('scatter')}>
            Scatter…
          </button>
          {card.pieces.some(({ piece }) => piece.attach === 'foam-sheet') && (
            <DownloadLink
              href={`/api/cards/${props.cardId}/foam.svg`}
              isSaved={props.isSaved}
              onFlush={props.onFlush}
            >
              Foam sheets at 1:1
            </DownloadLink>
          )}
          <span className="ml-auto flex gap-3">
            <span className="text-sheet-muted">Jig at 1:1</span>
            {jigs.map(({ file, page, name }) => (
              <DownloadLink
                key={name}
                href={jig(file, page)}
                isSaved={props.isSaved}
                onFlush={props.onFlush}
              >
                {name}
              </DownloadLink>
            ))}
          </span>
        </div>
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
      {open === 'arrange' && (
        <ArrangementDialog
          library={library}
          around={table.middleName}
          onClose={close}
          onLay={(tiers, kind, seed) => {
            table.arrange(kind, tiers, seed);
            close();
          }}
        />
      )}
      {open === 'label' && first && (
        <LabelDialog
          name={first.name}
          choices={table.labels()}
          unit={unit}
          onClose={close}
          onTake={(choice) => {
            table.putOnLabel(choice);
            close();
          }}
        />
      )}
      {open === 'scatter' && (
        <ScatterDialog
          unit={unit}
          onClose={close}
          onScatter={(choice) => {
            table.scatter(choice);
            close();
          }}
        />
      )}
      {(open === 'stamps' || open === 'dies' || open === 'stencils') && (
        <Shelf
          library={library}
          sort={open}
          unit={unit}
          onClose={close}
          onTakeStamp={(stamp) => {
            table.addImage(stamp);
            close();
          }}
          onTakeStencil={(stencil) => {
            table.addStencil(stencil);
            close();
          }}
          onTakeDie={(set, step) => {
            table.addDieCut(set, step);
            close();
          }}
        />
      )}
    </div>
  );
}

const jigs = [
  { file: 'jig.svg', page: '', name: 'SVG' },
  { file: 'jig.pdf', page: 'letter', name: 'PDF letter' },
  { file: 'jig.pdf', page: 'a4', name: 'PDF A4' },
] as const;

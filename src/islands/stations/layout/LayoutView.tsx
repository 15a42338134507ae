import { useEffect, useRef, useState } from 'react';
import { movingWith } from '../../../core/composition/moveThings';
import { rulerMarks } from '../../../core/length/marks';
import { clearances, rulerFigures } from '../../../core/measuring/rulerFigures';
import { rulerWords } from '../../../core/measuring/rulerWords';
import { boxOnFace } from '../../../core/resolve/boxOnFace';
import type { Placed } from '../../../core/resolve/outlineOf';
import { useKeys } from '../../parts/useKeys';
import { useSize } from '../../parts/useSize';
import { useCardSession } from '../../session/CardSession';
import { useLayout } from './LayoutContext';
import { LayoutDrawing, pressedIds } from './LayoutDrawing';
import { layoutFrame } from './layoutFrame';
import { ScreenScaleDialog } from './ScreenScaleDialog';
import { screenScale, trueScale } from './screenScale';
import { nearestWords } from './thingWords';
import { useDragging } from './useDragging';
import { useView, viewStep, wholeView } from './useView';
import { ViewTools } from './ViewTools';

/** From place to place by the arrows while nothing is selected, in pixels. */
const panStep = 40;

/** The face as it lies on the table; what is pressed is selected, and dragged from there. */
export function LayoutView() {
  const { plan, card, unit, preview, commit } = useCardSession();
  const { chosen, places } = useLayout();
  const { first, ids, things, isAlone, choose } = chosen;
  const element = useRef<HTMLDivElement>(null);
  const size = useSize(element, { width: 0, height: 0 });
  const { fold } = plan.base;
  const whole = layoutFrame(card, fold, size, wholeView);
  const { view, zoom, pan, show, grab } = useView(element, whole.face);
  const frame = layoutFrame(card, fold, size, view);
  const [scale, setScale] = useState(1);
  useEffect(() => setScale(screenScale()), []);
  const [isCalibrating, setCalibrating] = useState(false);
  const dragging = useDragging({
    pixelsPerTick: frame.pixelsPerTick,
    marks: rulerMarks[unit],
    onPreview: (edit) => preview(edit, true),
    onCommit: commit,
  });
  /** What is selected stays where it is while one looks closer, else the middle. */
  const middle = () => {
    const { x, y, width, height } = first ? boxOnFace(first) : { x: 0, y: 0, ...card.base.face };
    const { face, pixelsPerTick } = frame;
    return {
      x: face.x + (x + width / 2) * pixelsPerTick,
      y: face.y + (y + height / 2) * pixelsPerTick,
    };
  };
  const step = (direction: number) => zoom(viewStep ** direction, middle());
  const trueSize = () => zoom(trueScale(scale) / frame.pixelsPerTick, middle());
  const shift = (dx: number, dy: number) => {
    if (first || view.closer === 1) return false;
    pan(dx, dy);
    return true;
  };
  useKeys({
    '+': () => step(1),
    '=': () => step(1),
    '-': () => step(-1),
    '0': () => show(wholeView),
    i: trueSize,
    ArrowLeft: () => shift(panStep, 0),
    ArrowRight: () => shift(-panStep, 0),
    ArrowUp: () => shift(0, panStep),
    ArrowDown: () => shift(0, -panStep),
  });
  const press = (event: React.PointerEvent, placed: Placed | undefined) => {
    const isLookedPast = view.closer !== 1 && (!placed || event.button === 1);
    if (isLookedPast) grab(event);
    if (event.button !== 0) return;
    if (!placed) {
      choose([]);
      return;
    }
    const next = pressedIds(ids, placed.id, isAdding(event));
    const single = isAlone && placed.id === first?.id;
    choose(single ? [placed.id] : next, single);
    if (single) dragging.begin(event, { card, leading: placed, moving: [placed] });
    else if (next.has(placed.id))
      dragging.begin(event, { card, leading: placed, moving: movingWith(plan, card, next) });
  };
  const spoken =
    first && things.length === 1
      ? `${first.name}, ${rulerWords(rulerFigures(card, first), unit)}. ${nearestWords(clearances(card, first, 1), unit) ?? ''}`
      : '';
  return (
    <div ref={element} className="relative min-h-0 min-w-0 overflow-hidden">
      {size.width > 0 && (
        <LayoutDrawing
          {...size}
          frame={frame}
          selected={things}
          guides={dragging.guides}
          ghosts={places.offer?.places.map(({ rect }) => rect) ?? []}
          onPress={press}
          // Takes one member out of its group, to be moved alone.
          onPressTwice={({ id, piece }) => choose([id], piece.group !== null)}
          onTakeGhost={(index) => places.take(places.offer?.places[index])}
        />
      )}
      {size.width > 0 && (
        <ViewTools
          percent={Math.round((frame.pixelsPerTick / trueScale(scale)) * 100)}
          isWhole={view === wholeView}
          onZoom={step}
          onWhole={() => show(wholeView)}
          onTrueSize={trueSize}
          onCalibrate={() => setCalibrating(true)}
        />
      )}
      {isCalibrating && (
        <ScreenScaleDialog
          unit={unit}
          onClose={() => setCalibrating(false)}
          onDone={() => {
            setScale(screenScale());
            setCalibrating(false);
          }}
        />
      )}
      <p role="status" className="sr-only">
        {spoken}
      </p>
    </div>
  );
}

/** A click that adds to what is selected, or takes away from it. */
const isAdding = ({ shiftKey, ctrlKey, metaKey }: React.PointerEvent) =>
  shiftKey || ctrlKey || metaKey;

import { useEffect, useRef, useState } from 'react';
import { movedBy } from '../../../core/measuring/placeAt';
import { snapMove, type Guide } from '../../../core/composition/snapMove';
import type { Placed } from '../../../core/resolve/outlineOf';
import type { Length } from '../../../core/length/length';
import type { Edit } from '../../../core/plan/edit';
import { supportRect, type ResolvedCard } from '../../../core/resolve/resolvedCard';
import { moveAll, snapTargets } from '../../../core/composition/moveThings';

/** A gesture in one of its states: nothing, a press that may become a drag, a drag. */
type Gesture =
  { readonly state: 'idle' } | { readonly state: 'pointing' | 'dragging'; readonly start: Start };

interface Start {
  readonly x: number;
  readonly y: number;
  /** The card as it was when the drag began; the moves are counted from it. */
  readonly card: ResolvedCard;
  readonly leading: Placed;
  readonly moving: readonly Placed[];
}

export interface Dragging {
  readonly guides: readonly Guide[];
  readonly isDragging: boolean;
  readonly begin: (event: React.PointerEvent, start: Omit<Start, 'x' | 'y'>) => void;
}

interface Options {
  readonly pixelsPerTick: number;
  readonly marks: Length;
  readonly onPreview: (edit: Edit | undefined) => void;
  readonly onCommit: (edit: Edit) => void;
}

/** Before a press counts as a drag, in pixels. */
const slack = 4;
/** How near a thing must come to snap, in pixels. */
const snapPixels = 6;

/**
 * Drags what was pressed: it is drawn where it would lie while the pointer moves, and kept when it is let
 * go. Escape takes the drag back; Alt held leaves out the snapping.
 */
export function useDragging({ pixelsPerTick, marks, onPreview, onCommit }: Options): Dragging {
  const [gesture, setGesture] = useState<Gesture>({ state: 'idle' });
  const [guides, setGuides] = useState<readonly Guide[]>([]);
  const latest = useRef({ onPreview, onCommit, pixelsPerTick, marks });
  useEffect(() => {
    latest.current = { onPreview, onCommit, pixelsPerTick, marks };
  });
  const start = gesture.state === 'idle' ? undefined : gesture.start;

  useEffect(() => {
    if (!start) return undefined;
    let edit: Edit | undefined;
    let hasMoved = false;
    const end = () => {
      setGesture({ state: 'idle' });
      setGuides([]);
    };
    let waiting: PointerEvent | undefined;
    let frame = 0;
    const follow = () => {
      frame = 0;
      if (waiting) move(waiting);
      waiting = undefined;
    };
    // A pointer tells more often than a screen draws; the last word of each frame counts.
    const hear = (event: PointerEvent) => {
      waiting = event;
      frame ||= requestAnimationFrame(follow);
    };
    const move = (event: PointerEvent) => {
      const [dx, dy] = [event.clientX - start.x, event.clientY - start.y];
      if (!hasMoved && Math.hypot(dx, dy) < slack) return;
      if (!hasMoved) setGesture({ state: 'dragging', start });
      hasMoved = true;
      const { pixelsPerTick: scale, marks: spacing } = latest.current;
      const { card, leading, moving } = start;
      const snapped = snapMove({
        box: movedBy(leading.rect, Math.round(dx / scale), Math.round(dy / scale)),
        turn: leading.piece.place.turn,
        support: supportRect(card, leading.support),
        neighbours: event.altKey ? [] : snapTargets(card, leading, moving),
        marks: spacing,
        reach: event.altKey ? -1 : snapPixels / scale,
      });
      edit = moveAll(card, moving, leading, snapped.box, snapped.place);
      setGuides(snapped.guides);
      latest.current.onPreview(edit);
    };
    const drop = () => {
      cancelAnimationFrame(frame);
      follow();
      latest.current.onPreview(undefined);
      if (edit) latest.current.onCommit(edit);
      end();
    };
    const giveUp = () => {
      cancelAnimationFrame(frame);
      latest.current.onPreview(undefined);
      end();
    };
    // It looks closer instead; the first is told here too.
    const secondFinger = (event: PointerEvent) => {
      if (!event.isPrimary) giveUp();
    };
    const key = (event: KeyboardEvent) => {
      if (event.key === 'Escape') giveUp();
    };
    window.addEventListener('pointerdown', secondFinger);
    window.addEventListener('pointermove', hear);
    window.addEventListener('pointerup', drop);
    window.addEventListener('pointercancel', giveUp);
    window.addEventListener('keydown', key);
    return () => {
      cancelAnimationFrame(frame);
      window.removeEventListener('pointerdown', secondFinger);
      window.removeEventListener('pointermove', hear);
      window.removeEventListener('pointerup', drop);
      window.removeEventListener('pointercancel', giveUp);
      window.removeEventListener('keydown', key);
    };
  }, [start]);

  return {
    guides,
    isDragging: gesture.state === 'dragging',
    begin: (event, from) =>
      setGesture({ state: 'pointing', start: { ...from, x: event.clientX, y: event.clientY } }),
  };
}

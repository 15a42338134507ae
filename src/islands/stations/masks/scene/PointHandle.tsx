import { useRef } from 'react';
import { rulerMarks } from '../../../../core/length/marks';
import type { PieceId } from '../../../../core/plan/ids';
import type { Scene, ScenePoint } from '../../../../core/plan/scene';
import { addPoint, movePointBy, removePoint } from '../../../../core/plan/sceneEdits';
import { useCardSession } from '../../../session/CardSession';
import { pointWords } from '../../../words/sceneWords';
import type { OpenScene } from './useScene';

/** A point of a line. */
export interface ChosenPoint {
  readonly line: PieceId;
  readonly index: number;
}

interface Props {
  readonly open: OpenScene;
  /** Pixels to the tick. */
  readonly scale: number;
  readonly point: ScenePoint;
  readonly at: ChosenPoint;
  /** The place of its line from the top, from 0. */
  readonly label: number;
  readonly isChosen: boolean;
  readonly onChoose: (point: ChosenPoint | undefined) => void;
}

/** Half of a handle, in pixels, and what about it can be pointed at. */
const half = 6;
const about = 12;
/** A pointer that moved less than this only pointed. */
const leastDrag = 3;

/** How far each key moves a point, in marks of the ruler. */
const arrows: Readonly<Record<string, readonly [dx: number, dy: number]>> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, -1],
  ArrowDown: [0, 1],
};
/** With Shift so many times as far. */
const farther = 4;

/** A point of a line, dragged from mark to mark or nudged by the arrows; Insert adds one after it, Delete takes it out. */
export function PointHandle({ open, scale, point, at, label, isChosen, onChoose }: Props) {
  const { unit } = useCardSession();
  const { scene, change, show } = open;
  const { line, index } = at;
  const marks = rulerMarks[unit];
  const drag = useRef<Drag>(undefined);
  const dragged = ({ clientX, clientY }: React.PointerEvent, { x, y, lines }: Drag) =>
    movePointBy(lines, line, index, [(clientX - x) / scale, (clientY - y) / scale], marks);
  const release = (event: React.PointerEvent) => {
    const from = drag.current;
    drag.current = undefined;
    if (!from) return;
    const way = Math.hypot(event.clientX - from.x, event.clientY - from.y);
    if (way < leastDrag) show(undefined);
    else change({ lines: dragged(event, from) });
  };
  const press = (event: React.KeyboardEvent) => {
    const [dx, dy] = arrows[event.key] ?? [0, 0];
    const by = marks * (event.shiftKey ? farther : 1);
    if (dx !== 0 || dy !== 0)
      change(
        { lines: movePointBy(scene.lines, line, index, [dx * by, dy * by], marks) },
        `point ${line} ${index}`,
      );
    else if (event.key === 'Insert' || event.key === '+')
      change({ lines: addPoint(scene.lines, line, index) });
    else if (event.key === 'Delete' || event.key === 'Backspace') {
      change({ lines: removePoint(scene.lines, line, index) });
      onChoose(undefined);
    } else return;
    event.preventDefault();
    event.stopPropagation();
  };
  const [x, y] = [point.x.ticks * scale, point.y.ticks * scale];
  return (
    <g
      role="button"
      tabIndex={0}
      aria-label={pointWords(point, index, label, unit)}
      className="cursor-move touch-none"
      onFocus={() => onChoose(at)}
      onPointerDown={(event) => {
        event.currentTarget.setPointerCapture(event.pointerId);
        drag.current = { x: event.clientX, y: event.clientY, lines: scene.lines };
        onChoose(at);
      }}
      onPointerMove={(event) => {
        if (drag.current) show({ lines: dragged(event, drag.current) });
      }}
      onPointerUp={release}
      onPointerCancel={() => {
        drag.current = undefined;
        show(undefined);
      }}
      onKeyDown={press}
    >
      <circle cx={x} cy={y} r={about} fill="transparent" />
      <rect
        x={x - half}
        y={y - half}
        width={half * 2}
        height={half * 2}
        fill={isChosen ? 'var(--color-violet)' : '#ffffff'}
        stroke={isChosen ? '#ffffff' : 'var(--color-ink)'}
        strokeWidth="1.5"
      />
    </g>
  );
}

/** Where a drag began, in pixels of the window, and the lines as they were. */
interface Drag {
  readonly x: number;
  readonly y: number;
  readonly lines: Scene['lines'];
}

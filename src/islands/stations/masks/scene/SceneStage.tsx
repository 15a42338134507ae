import { useRef } from 'react';
import { rulerMarks } from '../../../../core/length/marks';
import { lengthFromTicks } from '../../../../core/length/length';
import { asTyped } from '../../../../core/length/typedLength';
import type { Act } from '../../../../core/acts/act';
import { stripLabel } from '../../../../core/masking/stripLabel';
import { stripMark } from '../../../../core/words/stripWords';
import type { Bounds } from '../../../../core/outline/outline';
import { paperAfter } from '../../../../core/pictures/paperAfter';
import type { PieceId } from '../../../../core/plan/ids';
import type { Scene, ScenePoint } from '../../../../core/plan/scene';
import { addPoint, movePoint, removePoint } from '../../../../core/plan/sceneEdits';
import { supportRect } from '../../../../core/resolve/resolvedCard';
import { PaperView } from '../../../parts/PaperView';
import { pathOf } from '../../../parts/pathOf';
import { useSize } from '../../../parts/useSize';
import { useCardSession } from '../../../session/CardSession';
import { pointWords } from '../../../words/sceneWords';
import type { OpenScene } from './useScene';

/** A point of a line. */
export interface ChosenPoint {
  readonly line: PieceId;
  readonly index: number;
}

interface Props extends OpenScene {
  readonly acts: readonly Act[];
  readonly box: Bounds;
  readonly chosen: ChosenPoint | undefined;
  readonly onChoose: (point: ChosenPoint | undefined) => void;
}

const mostHeight = 430;
const handle = 6;

/** The paper with its strips and the lines between them; points are dragged, or nudged by the arrows from mark to mark. */
export function SceneStage({ acts, box, chosen, onChoose, ...open }: Props) {
  const { scene, resolved } = open;
  const { card } = useCardSession();
  const element = useRef<HTMLDivElement>(null);
  const { width } = useSize(element, { width: 0, height: 0 });
  const [across, down] = [box.x1 - box.x0, box.y1 - box.y0];
  const scale = Math.min((width - 16) / across, mostHeight / down);
  const picture = paperAfter(card, resolved.face, resolved.support, acts, acts.length);
  const corner = supportRect(card, resolved.support);
  return (
    <div ref={element} className="min-w-0">
      {width > 16 && (
        <svg
          width={across * scale + 16}
          height={down * scale + 16}
          viewBox={`-8 -8 ${across * scale + 16} ${down * scale + 16}`}
          role="group"
          aria-label={`${scene.name}: lines between ${resolved.strips.length} strips`}
        >
          <g transform={`translate(${-box.x0 * scale} ${-box.y0 * scale})`}>
            <g pointerEvents="none">
              <PaperView picture={picture} scale={scale} />
              {resolved.strips.map((strip) => (
                <StripNumber key={strip.id} strip={strip} scale={scale} />
              ))}
              {resolved.lines.map(({ id, line }) => (
                <polyline
                  key={id}
                  points={line.map(({ x, y }) => `${x * scale},${y * scale}`).join(' ')}
                  fill="none"
                  stroke={id === chosen?.line ? 'var(--color-violet)' : 'var(--color-dimension)'}
                  strokeWidth={id === chosen?.line ? 2.5 : 1.5}
                />
              ))}
            </g>
            <g transform={`translate(${corner.x * scale} ${corner.y * scale})`}>
              <Points open={open} scale={scale} chosen={chosen} onChoose={onChoose} />
            </g>
          </g>
        </svg>
      )}
    </div>
  );
}

interface NumberProps {
  readonly strip: OpenScene['resolved']['strips'][number];
  readonly scale: number;
}

function StripNumber({ strip, scale }: NumberProps) {
  const { outline } = strip;
  if (outline.length === 0) return null;
  const { x, y } = stripLabel(outline);
  const mark = stripMark(strip);
  return (
    <>
      <path
        d={pathOf(outline, scale)}
        fill="none"
        stroke="var(--color-dimension)"
        strokeWidth="1"
        strokeDasharray="4 3"
      />
      <rect
        x={x * scale - 8 - 4 * mark.length}
        y={y * scale - 11}
        width={16 + 8 * mark.length}
        height="22"
        fill="#ffffff"
        opacity="0.9"
      />
      <text
        x={x * scale}
        y={y * scale}
        dy="5"
        textAnchor="middle"
        className="font-heading text-[15px] font-semibold"
      >
        {mark}
      </text>
    </>
  );
}

interface PointsProps {
  readonly open: OpenScene;
  readonly scale: number;
  readonly chosen: ChosenPoint | undefined;
  readonly onChoose: (point: ChosenPoint | undefined) => void;
}

/** How far each key moves a point. */
const arrows: Readonly<Record<string, readonly [dx: number, dy: number]>> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, -1],
  ArrowDown: [0, 1],
};

function Points({ open, scale, chosen, onChoose }: PointsProps) {
  const { scene, change, show } = open;
  const { unit } = useCardSession();
  const drag = useRef<{ readonly from: readonly [number, number]; readonly lines: Scene['lines'] }>(
    undefined,
  );
  const marks = rulerMarks[unit];
  const onMark = (ticks: number) => asTyped(lengthFromTicks(Math.round(ticks / marks) * marks));
  const movedBy = (point: ScenePoint, dx: number, dy: number): ScenePoint => ({
    x: dx === 0 ? point.x : onMark(point.x.ticks + dx),
    y: dy === 0 ? point.y : onMark(point.y.ticks + dy),
  });
  return scene.lines.map(({ id, edge }, line) =>
    edge.by === 'piece'
      ? null
      : edge.points.map((point, index) => {
          const isChosen = chosen?.line === id && chosen.index === index;
          const linesAt = (dx: number, dy: number, from = scene.lines) => {
            const was = from.find((each) => each.id === id)?.edge;
            const start = was?.by === 'points' ? was.points[index] : undefined;
            return start ? movePoint(from, id, index, movedBy(start, dx, dy)) : from;
          };
          return (
            <g
              key={`${id} ${index}`}
              role="button"
              tabIndex={0}
              aria-label={pointWords(point, index, line, unit)}
              className="scene-point cursor-move touch-none"
              onFocus={() => onChoose({ line: id, index })}
              onPointerDown={(event) => {
                event.currentTarget.setPointerCapture(event.pointerId);
                drag.current = { from: [event.clientX, event.clientY], lines: scene.lines };
                onChoose({ line: id, index });
              }}
              onPointerMove={({ clientX, clientY }) => {
                if (!drag.current) return;
                const { from, lines } = drag.current;
                const [dx, dy] = [(clientX - from[0]) / scale, (clientY - from[1]) / scale];
                show({ lines: linesAt(dx, dy, lines) });
              }}
              onPointerUp={({ clientX, clientY }) => {
                if (!drag.current) return;
                const { from, lines } = drag.current;
                drag.current = undefined;
                const [dx, dy] = [(clientX - from[0]) / scale, (clientY - from[1]) / scale];
                if (Math.hypot(clientX - from[0], clientY - from[1]) < 3) show(undefined);
                else change({ lines: linesAt(dx, dy, lines) });
              }}
              onPointerCancel={() => {
                drag.current = undefined;
                show(undefined);
              }}
              onKeyDown={(event) => {
                const [dx, dy] = arrows[event.key] ?? [0, 0];
                const by = marks * (event.shiftKey ? 4 : 1);
                if (dx !== 0 || dy !== 0)
                  change({ lines: linesAt(dx * by, dy * by) }, `point ${id} ${index}`);
                else if (event.key === 'Insert' || event.key === '+')
                  change({ lines: addPoint(scene.lines, id, index) });
                else if (event.key === 'Delete' || event.key === 'Backspace') {
                  change({ lines: removePoint(scene.lines, id, index) });
                  onChoose(undefined);
                } else return;
                event.preventDefault();
                event.stopPropagation();
              }}
            >
              <circle
                cx={point.x.ticks * scale}
                cy={point.y.ticks * scale}
                r={handle + 6}
                fill="transparent"
              />
              <rect
                x={point.x.ticks * scale - handle}
                y={point.y.ticks * scale - handle}
                width={handle * 2}
                height={handle * 2}
                fill={isChosen ? 'var(--color-violet)' : '#ffffff'}
                stroke={isChosen ? '#ffffff' : 'var(--color-ink)'}
                strokeWidth="1.5"
              />
            </g>
          );
        }),
  );
}

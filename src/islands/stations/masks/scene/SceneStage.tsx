import { useRef } from 'react';
import type { Act } from '../../../../core/acts/act';
import { stripLabel } from '../../../../core/masking/stripLabel';
import { stripMark } from '../../../../core/words/stripWords';
import type { Bounds } from '../../../../core/outline/outline';
import { paperAfter } from '../../../../core/pictures/paperAfter';
import { supportRect } from '../../../../core/resolve/resolvedCard';
import { PaperView } from '../../../parts/PaperView';
import { pathOf } from '../../../parts/pathOf';
import { useSize } from '../../../parts/useSize';
import { useCardSession } from '../../../session/CardSession';
import { PointHandle, type ChosenPoint } from './PointHandle';
import type { OpenScene } from './useScene';

interface Props extends OpenScene {
  readonly acts: readonly Act[];
  readonly box: Bounds;
  readonly chosen: ChosenPoint | undefined;
  readonly onChoose: (point: ChosenPoint | undefined) => void;
}

const mostHeight = 430;

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

function Points({ open, scale, chosen, onChoose }: PointsProps) {
  return open.scene.lines.map(({ id, edge }, line) =>
    edge.by !== 'points'
      ? null
      : edge.points.map((point, index) => (
          <PointHandle
            key={`${id} ${index}`}
            open={open}
            scale={scale}
            point={point}
            at={{ line: id, index }}
            label={line}
            isChosen={chosen?.line === id && chosen.index === index}
            onChoose={onChoose}
          />
        )),
  );
}

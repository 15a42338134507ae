import { writeMeasured } from '../../../core/measuring/rulerWords';
import { otherUnit } from '../../../core/length/formatLength';
import type { Length, Unit } from '../../../core/length/length';

interface Props {
  readonly axis: 'x' | 'y';
  /** From the edge that is measured from, to the side of the piece. */
  readonly from: number;
  readonly to: number;
  /** Where the line runs, outside the face. */
  readonly at: number;
  /** The nearest corners of what the two ends belong to, the other way: thin lines lead there. */
  readonly ends: readonly [edge: number, piece: number];
  readonly length: Length;
  readonly unit: Unit;
  readonly isMeasured: boolean;
  /** The figure of an upright distance stands no lower than this, clear of what is below the face. */
  readonly lowest?: number;
}

/** A distance as on a workshop drawing: outside the face, so that it hides nothing, led out by thin lines. */
export function RulerLine({
  axis,
  from,
  to,
  at,
  ends,
  length,
  unit,
  isMeasured,
  lowest = Infinity,
}: Props) {
  const [low, high] = from < to ? [from, to] : [to, from];
  const point = (along: number, across: number) =>
    axis === 'x' ? `${along} ${across}` : `${across} ${along}`;
  const tip = (along: number, direction: number) =>
    `M${point(along, at)}L${point(along + 7 * direction, at - 2.5)}L${point(along + 7 * direction, at + 2.5)}Z`;
  const isShort = high - low < 20;
  const middle = (low + high) / 2;
  const figureAt = Math.min(middle, lowest);
  const beyond = at + (at < ends[1] ? -6 : 6);
  const words = writeMeasured(length, unit, isMeasured);
  const other = `${writeMeasured(length, otherUnit(unit), isMeasured)} ${otherUnit(unit)}`;
  return (
    <g pointerEvents="none">
      <path
        d={`M${point(from, beyond)}L${point(from, ends[0])}M${point(to, beyond)}L${point(to, ends[1])}`}
        stroke="#fff"
        strokeOpacity={0.6}
        strokeWidth={2.5}
      />
      <path
        d={`M${point(from, beyond)}L${point(from, ends[0])}M${point(to, beyond)}L${point(to, ends[1])}`}
        stroke="var(--color-dimension)"
        strokeWidth={0.8}
        strokeDasharray="5 3"
      />
      <path
        d={`M${point(low, at)}L${point(high, at)}`}
        stroke="var(--color-dimension)"
        strokeWidth={1.4}
      />
      {!isShort && <path d={tip(low, 1) + tip(high, -1)} fill="var(--color-dimension)" />}
      {axis === 'x' ? (
        <text
          x={middle}
          y={at - 7}
          textAnchor="middle"
          className="fill-dimension text-[17px]"
          fontWeight={600}
        >
          {words}
          <tspan dx={7} fontWeight={400} className="text-[13px]">
            {other}
          </tspan>
        </text>
      ) : (
        <g className="fill-dimension">
          <text x={at + 9} y={figureAt} fontWeight={600} className="text-[17px]">
            {words}
          </text>
          <text x={at + 9} y={figureAt + 16} className="text-[13px]">
            {other}
          </text>
        </g>
      )}
    </g>
  );
}

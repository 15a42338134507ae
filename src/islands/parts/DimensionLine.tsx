import { writeLength, otherUnit } from '../../core/length/formatLength';
import type { Length, Unit } from '../../core/length/length';

interface Props {
  /** Where the line runs: along x at a height y, or along y at x. */
  readonly axis: 'horizontal' | 'vertical';
  readonly from: number;
  readonly to: number;
  readonly at: number;
  /** Where the extension lines end, at the object. */
  readonly object: number;
  readonly length: Length;
  readonly unit: Unit;
}

/** A dimension as on a workshop drawing: arrowheads on extension lines, the figure in a gap. */
export function DimensionLine({ axis, from, to, at, object, length, unit }: Props) {
  const leading = writeLength(length, unit);
  const other = `${writeLength(length, otherUnit(unit))} ${otherUnit(unit)}`;
  const middle = (from + to) / 2;
  const isHorizontal = axis === 'horizontal';
  const gap = isHorizontal ? 66 : 24;
  const fits = to - from > 2 * gap + 16;
  const point = (along: number, across: number) =>
    isHorizontal ? `${along} ${across}` : `${across} ${along}`;
  const arrow = (tip: number, direction: 1 | -1) =>
    `M${point(tip, at)}L${point(tip + 8 * direction, at - 2.5)}L${point(tip + 8 * direction, at + 2.5)}Z`;
  const extension = at < object ? at - 8 : at + 8;
  return (
    <g>
      <path
        d={
          `M${point(from, extension)}L${point(from, object)}M${point(to, extension)}L${point(to, object)}` +
          (fits
            ? `M${point(from, at)}L${point(middle - gap, at)}M${point(middle + gap, at)}L${point(to, at)}`
            : `M${point(from, at)}L${point(to, at)}`)
        }
        stroke="var(--color-dimension)"
        fill="none"
      />
      <path d={arrow(from, 1) + arrow(to, -1)} fill="var(--color-dimension)" />
      {isHorizontal ? (
        <text
          x={middle}
          y={fits ? at + 5 : at - 12}
          textAnchor="middle"
          className="fill-dimension text-[17px]"
        >
          <tspan fontWeight={600}>{leading}</tspan>
          <tspan dx={10} className="fill-sheet-muted text-[14px]">
            {other}
          </tspan>
        </text>
      ) : (
        <g
          textAnchor={fits ? 'middle' : 'end'}
          transform={`translate(${fits ? at : at - 6} ${middle})`}
        >
          <text y={-2} fontWeight={600} className="fill-dimension text-[17px]">
            {leading}
          </text>
          <text y={16} className="fill-sheet-muted text-[14px]">
            {other}
          </text>
        </g>
      )}
    </g>
  );
}

import { writeMeasured } from '../../../core/measuring/rulerWords';
import { otherUnit } from '../../../core/length/formatLength';
import type { Length, Unit } from '../../../core/length/length';

interface Props {
  readonly axis: 'x' | 'y';
  readonly from: number;
  readonly to: number;
  /** The height or the place across at which it runs. */
  readonly at: number;
  readonly length: Length;
  readonly unit: Unit;
  readonly isMeasured: boolean;
}

/** A distance as a ruler lies on the table: from an edge to the side of a piece, its figure upon it. */
export function RulerLine({ axis, from, to, at, length, unit, isMeasured }: Props) {
  const [low, high] = from < to ? [from, to] : [to, from];
  const point = (along: number) => (axis === 'x' ? `${along} ${at}` : `${at} ${along}`);
  const tip = (along: number, direction: number) =>
    axis === 'x'
      ? `M${along} ${at}l${7 * direction} -2.5v5z`
      : `M${at} ${along}l-2.5 ${7 * direction}h5z`;
  const isShort = high - low < 20;
  const middle = (low + high) / 2;
  // Too short to carry its figure, the line has it outside, away from the piece.
  const outside = from <= to ? low - 6 : high + 6;
  const isOutside = axis === 'x' && high - low < 54;
  const across = isOutside ? outside : middle;
  const anchor = axis === 'y' ? 'start' : isOutside ? (from <= to ? 'end' : 'start') : 'middle';
  const words = writeMeasured(length, unit, isMeasured);
  const other = `${writeMeasured(length, otherUnit(unit), isMeasured)} ${otherUnit(unit)}`;
  return (
    <g pointerEvents="none">
      <path
        d={`M${point(low)}L${point(high)}`}
        stroke="#fff"
        strokeOpacity={0.75}
        strokeWidth={4}
      />
      <path d={`M${point(low)}L${point(high)}`} stroke="var(--color-dimension)" strokeWidth={1.4} />
      {!isShort && <path d={tip(low, 1) + tip(high, -1)} fill="var(--color-dimension)" />}
      <g
        className="fill-dimension"
        stroke="#fff"
        strokeWidth={5}
        strokeLinejoin="round"
        paintOrder="stroke"
        textAnchor={anchor}
      >
        <text
          x={axis === 'x' ? across : at + 8}
          y={axis === 'x' ? (isOutside ? at - 2 : at - 8) : middle + 2}
          fontWeight={600}
          className="text-[17px]"
        >
          {words}
        </text>
        <text
          x={axis === 'x' ? across : at + 8}
          y={axis === 'x' ? (isOutside ? at + 13 : at + 18) : middle + 18}
          className="text-[13px]"
        >
          {other}
        </text>
      </g>
    </g>
  );
}

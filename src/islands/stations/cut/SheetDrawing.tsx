import { countWords } from '../../../core/words/countWords';
import { useId } from 'react';
import type { CutLayout } from '../../../core/cutting/cutPlan';
import { cutsOf, scoresOf } from '../../../core/cutting/templatePage';
import { labOf } from '../../../core/colour/lab';
import { writeSize } from '../../../core/length/formatLength';
import { lengthFromTicks, type Unit } from '../../../core/length/length';

interface Props {
  readonly layout: CutLayout;
  readonly colour: string;
  readonly unit: Unit;
  /** Pixels to the tick. */
  readonly scale: number;
  /** The step that is looked at, counted from 0. */
  readonly step: number | undefined;
  readonly onStep: (step: number | undefined) => void;
}

/** Room round the sheet for the numbers of the cuts. */
const margin = 18;
/** Below this lightness (CIELAB) letters are written in white. */
const darkest = 55;

/** One sheet to scale: its pieces lettered, its cuts numbered in their order, and what is left over. */
export function SheetDrawing({ layout, colour, unit, scale, step, onStep }: Props) {
  const hatch = useId().replaceAll(/[^a-zA-Z0-9]/g, '');
  const { source, pieces, leftovers } = layout;
  const [width, height] = [source.w * scale, source.h * scale];
  const letterColour = labOf(colour).l < darkest ? '#ffffff' : '#1e2428';
  const box = ({ x, y, w, h }: { x: number; y: number; w: number; h: number }) => ({
    x: x * scale,
    y: y * scale,
    width: w * scale,
    height: h * scale,
  });
  const letters = [...new Set(pieces.flatMap((piece) => piece.letters))].join(', ');
  return (
    <svg
      width={width + 2 * margin}
      height={height + 2 * margin}
      viewBox={`${-margin} ${-margin} ${width + 2 * margin} ${height + 2 * margin}`}
      role="img"
      aria-label={`The sheet with ${letters || 'nothing'} on it, cut in ${countWords(layout.steps.length, 'step')}`}
    >
      <defs>
        <pattern id={hatch} width="6" height="6" patternUnits="userSpaceOnUse">
          <path d="M-1 7 7-1M-1 1 1-1M5 7 7 5" stroke="#70797d" strokeWidth="0.8" />
        </pattern>
      </defs>
      <rect width={width} height={height} fill="#fff" stroke="#70797d" />
      {leftovers.map((rest) => (
        <g key={`${rest.x} ${rest.y}`}>
          <rect
            {...box(rest)}
            fill={rest.isUseful ? colour : `url(#${hatch})`}
            fillOpacity={rest.isUseful ? 0.28 : 1}
            stroke="#545e63"
            strokeDasharray="3 3"
          />
          {rest.isUseful && <RestSize rest={rest} unit={unit} scale={scale} />}
        </g>
      ))}
      {pieces.map((piece) => (
        <g key={`${piece.x} ${piece.y}`}>
          <rect {...box(piece)} fill={colour} stroke="#1e2428" strokeOpacity={0.55} />
          <text
            x={(piece.x + piece.w / 2) * scale}
            y={(piece.y + piece.h / 2) * scale}
            textAnchor="middle"
            dominantBaseline="central"
            fill={letterColour}
            className="font-heading font-semibold"
            fontSize={Math.min(17, piece.w * scale * 0.7, piece.h * scale * 0.8)}
          >
            {piece.letters.join(' ')}
          </text>
        </g>
      ))}
      {scoresOf(layout).map(({ x1, y1, x2, y2 }) => (
        <line
          key={`${x1} ${y1} ${x2} ${y2}`}
          x1={x1 * scale}
          y1={y1 * scale}
          x2={x2 * scale}
          y2={y2 * scale}
          stroke={letterColour}
          strokeWidth={1.2}
          strokeDasharray="7 3"
        />
      ))}
      {cutsOf(layout).map(({ step: own, x1, y1, x2, y2 }) => (
        <line
          key={`${own} ${x1} ${y1} ${x2} ${y2}`}
          x1={x1 * scale}
          y1={y1 * scale}
          x2={x2 * scale}
          y2={y2 * scale}
          stroke="var(--color-pencil)"
          strokeWidth={own === step ? 4 : 1.6}
          onPointerEnter={() => onStep(own)}
          onPointerLeave={() => onStep(undefined)}
        />
      ))}
      {numberPlaces(layout).map(({ own, x, y, isUpright }) => (
        <text
          key={`${own} ${x} ${y}`}
          x={x * scale + (isUpright ? 0 : -8)}
          y={y * scale + (isUpright ? -6 : 0)}
          textAnchor="middle"
          dominantBaseline={isUpright ? 'auto' : 'central'}
          className={`fill-pencil text-[13px] ${own === step ? 'font-bold' : 'font-semibold'}`}
          stroke="var(--color-sheet)"
          strokeWidth={3}
          paintOrder="stroke"
        >
          {own + 1}
        </text>
      ))}
    </svg>
  );
}

/** Where each cut begins, which is where its number stands; cuts that begin at one point share it. */
function numberPlaces(layout: CutLayout) {
  return cutsOf(layout).map(({ step, x1, y1, y2 }) => ({
    own: step,
    x: x1,
    y: y1,
    isUpright: y1 !== y2,
  }));
}

interface RestProps {
  readonly rest: CutLayout['leftovers'][number];
  readonly unit: Unit;
  readonly scale: number;
}

/** The size of a leftover, along its longer side, as large as it fits. */
function RestSize({ rest: { x, y, w, h }, unit, scale }: RestProps) {
  const words = writeSize({ width: lengthFromTicks(w), height: lengthFromTicks(h) }, unit);
  const [longer, shorter] = [Math.max(w, h) * scale, Math.min(w, h) * scale];
  const size = Math.min(14, shorter * 0.7, (longer / words.length) * 1.7);
  const [middleX, middleY] = [(x + w / 2) * scale, (y + h / 2) * scale];
  if (size < 7) return null;
  return (
    <text
      x={middleX}
      y={middleY}
      textAnchor="middle"
      dominantBaseline="central"
      fontSize={size}
      className="fill-ink"
      transform={h > w ? `rotate(-90 ${middleX} ${middleY})` : undefined}
    >
      {words}
    </text>
  );
}

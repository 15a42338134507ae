import type { PlannedMask } from '../../../core/masking/masksToCut';
import { maskHabitsOf } from '../../../core/masking/maskHabits';
import { TICKS_PER_MILLIMETRE } from '../../../core/length/length';
import { boundsOf, type Bounds, type Outline } from '../../../core/outline/outline';
import { LengthField } from '../../parts/LengthField';
import { pathOf } from '../../parts/pathOf';
import { useCardSession } from '../../session/CardSession';
import { maskSentences } from '../../words/maskWords';
import { KeptMask } from './KeptMask';

/** The room for a mask, in pixels. */
const room = { width: 186, height: 170 };
const edge = 6;

const fields = [
  ['maskInset', 'Inside the line'],
  ['maskSpindly', 'Left out under'],
  ['maskMargin', 'Past the meeting'],
] as const;

/** One mask at a large scale: the printed line, the line it is cut along inside it, and what is too spindly to be cut. */
export function MaskView({ mask }: { readonly mask: PlannedMask }) {
  const { plan, unit, commit } = useCardSession();
  const [{ print, mask: own }] = mask.covers;
  const { x0, y0, x1, y1 } = windowOn(own.cut.length > 0 ? own.cut : print.body);
  const scale = Math.min((room.width - 2 * edge) / (x1 - x0), (room.height - 2 * edge) / (y1 - y0));
  const [width, height] = [(x1 - x0) * scale + 2 * edge, (y1 - y0) * scale + 2 * edge];
  return (
    <section aria-label={`Mask ${mask.letter}`} className="w-[206px] shrink-0">
      <h2 className="text-[19px]">Mask {mask.letter}</h2>
      <p className="text-sheet-muted text-[15px] leading-5">
        {maskSentences(mask, maskHabitsOf(plan), unit).join('; ')}
      </p>
      <svg
        width={width}
        height={height}
        className="my-2"
        role="img"
        aria-label={`The line mask ${mask.letter} is cut along, inside the printed line`}
      >
        <g transform={`translate(${edge - x0 * scale} ${edge - y0 * scale})`} fillRule="evenodd">
          <path d={pathOf(print.body, scale)} fill="#ffffff" />
          <path d={pathOf(own.cut, scale)} fill="#f6e9a6" stroke="#07606a" strokeWidth={1.6} />
          <path d={pathOf(own.leftOut, scale)} fill="#a42c19" fillOpacity={0.35} />
          <path d={pathOf(print.body, scale)} fill="none" stroke="#1e2428" strokeWidth={1.2} />
        </g>
      </svg>
      <div className="flex flex-col gap-1">
        {fields.map(([key, name]) => (
          <label
            key={key}
            className="flex items-center justify-between gap-2 text-[15px] leading-5"
          >
            {name}
            <LengthField
              label={name}
              isLabelHidden
              value={plan.habits[key]}
              unit={unit}
              width="6.4rem"
              onPreview={() => undefined}
              onCommit={(length) => commit({ kind: 'set-habits', change: { [key]: length } })}
            />
          </label>
        ))}
      </div>
      <KeptMask mask={mask} />
    </section>
  );
}

/** So many pixels at least to a millimetre, so that half a millimetre inside the line is seen. */
const leastScale = 4 / TICKS_PER_MILLIMETRE;

/** What is shown of a mask: all of it, or its middle where all would be too small to see the inset. */
function windowOn(cut: Outline): Bounds {
  const { x0, y0, x1, y1 } = boundsOf(cut);
  const part = (from: number, to: number, pixels: number): readonly [number, number] => {
    const half = Math.min(to - from, pixels / leastScale) / 2;
    const middle = (from + to) / 2;
    return [middle - half, middle + half];
  };
  const [left, right] = part(x0, x1, room.width);
  const [top, bottom] = part(y0, y1, room.height);
  return { x0: left, y0: top, x1: right, y1: bottom };
}

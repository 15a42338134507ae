import { type Unit, inches, millimetres } from '../../../core/length/length';
import { asTyped } from '../../../core/length/typedLength';
import { sides } from '../../../core/plan/faces';
import type { Motion, Paper } from '../../../core/plan/piece';
import type { ChangeOf } from '../../../core/plan/pieceEdits';
import { LengthField } from '../../parts/LengthField';
import { Select } from '../../parts/Select';

interface Props {
  readonly piece: Paper;
  readonly unit: Unit;
  readonly onChange: (change: ChangeOf<'panel'>) => void;
  readonly preview: (change: ChangeOf<'panel'> | undefined) => void;
}

const usual: Readonly<Record<Motion['kind'], (unit: Unit) => Motion>> = {
  flap: () => ({ kind: 'flap', hinge: 'top' }),
  slider: (unit) => ({
    kind: 'slider',
    along: 'x',
    travel: asTyped(unit === 'in' ? inches(1) : millimetres(25)),
  }),
  wobbler: (unit) => ({
    kind: 'wobbler',
    spring: asTyped(unit === 'in' ? inches(0, 1, 2) : millimetres(12)),
  }),
};
const names = {
  flap: 'opens as a flap',
  slider: 'slides',
  wobbler: 'wobbles on a spring',
} as const;
const kinds = ['flap', 'slider', 'wobbler'] as const;

/** How a piece moves once the card is made, if it does. */
export function MotionFields({ piece, unit, onChange, preview }: Props) {
  const { motion, id } = piece;
  return (
    <div className="flex flex-wrap items-start gap-x-4 gap-y-1.5">
      <Select
        className="in-place pt-1"
        aria-label="How it moves"
        value={motion?.kind ?? ''}
        onChange={(event) => {
          const kind = kinds.find((each) => each === event.target.value);
          onChange({ motion: kind ? usual[kind](unit) : null });
        }}
      >
        <option value="">does not move</option>
        {kinds.map((kind) => (
          <option key={kind} value={kind}>
            {names[kind]}
          </option>
        ))}
      </Select>
      {motion?.kind === 'flap' && (
        <label className="flex gap-2 pt-1">
          <span className="text-muted">hinged at the</span>
          <Select
            className="in-place"
            value={motion.hinge}
            onChange={(event) => {
              const hinge = sides.find((side) => side === event.target.value);
              if (hinge) onChange({ motion: { kind: 'flap', hinge } });
            }}
          >
            {sides.map((side) => (
              <option key={side}>{side}</option>
            ))}
          </Select>
        </label>
      )}
      {motion?.kind === 'slider' && (
        <>
          <Select
            className="in-place pt-1"
            aria-label="Which way it slides"
            value={motion.along}
            onChange={(event) =>
              onChange({ motion: { ...motion, along: event.target.value === 'y' ? 'y' : 'x' } })
            }
          >
            <option value="x">across, by</option>
            <option value="y">down, by</option>
          </Select>
          <LengthField
            key={`${id} travel`}
            label="to the right or down"
            isSigned
            isPositive
            width="6rem"
            value={motion.travel}
            unit={unit}
            onPreview={(travel) => preview(travel && { motion: { ...motion, travel } })}
            onCommit={(travel) => onChange({ motion: { ...motion, travel } })}
          />
        </>
      )}
      {motion?.kind === 'wobbler' && (
        <LengthField
          key={`${id} spring`}
          label="spring, across"
          value={motion.spring}
          unit={unit}
          width="6rem"
          isPositive
          onPreview={(spring) => preview(spring && { motion: { kind: 'wobbler', spring } })}
          onCommit={(spring) => onChange({ motion: { kind: 'wobbler', spring } })}
        />
      )}
    </div>
  );
}

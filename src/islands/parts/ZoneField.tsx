import { asTyped } from '../../core/length/typedLength';
import type { Unit } from '../../core/length/length';
import type { PieceOf } from '../../core/plan/piece';
import type { ResolvedMark } from '../../core/resolve/resolvedMark';
import { LengthField } from './LengthField';

/** A ground that may lie over a zone of its paper. */
type WithZone = Pick<PieceOf<'stencil' | 'blend' | 'spray' | 'splatter'>, 'zone'>;

export interface ZoneProps {
  readonly mark: Pick<ResolvedMark, 'id' | 'rect'>;
  readonly piece: WithZone;
  readonly unit: Unit;
  readonly onChange: (change: WithZone) => void;
  readonly preview: (change: WithZone | undefined) => void;
}

/** Whether a ground lies over all of its paper, or over a zone so large. */
export function ZoneField({
  mark: { id, rect },
  piece: { zone },
  unit,
  onChange,
  preview,
}: ZoneProps) {
  return (
    <>
      <label className="flex items-center gap-2 pt-1">
        <input
          type="checkbox"
          checked={zone !== null}
          onChange={(event) =>
            onChange({
              zone: event.target.checked
                ? { width: asTyped(rect.width), height: asTyped(rect.height) }
                : null,
            })
          }
        />
        only a zone of it
      </label>
      {zone &&
        (['width', 'height'] as const).map((axis) => (
          <LengthField
            key={`${id} ${axis}`}
            label={axis}
            value={zone[axis]}
            unit={unit}
            width="5.5rem"
            isPositive
            onPreview={(length) => preview(length && { zone: { ...zone, [axis]: length } })}
            onCommit={(length) => onChange({ zone: { ...zone, [axis]: length } })}
          />
        ))}
    </>
  );
}

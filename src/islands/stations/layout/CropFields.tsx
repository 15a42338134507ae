import { zeroLength, type Unit } from '../../../core/length/length';
import { asTyped } from '../../../core/length/typedLength';
import { sides } from '../../../core/plan/faces';
import type { PieceId } from '../../../core/plan/ids';
import type { Paper } from '../../../core/plan/piece';
import { LengthField } from '../../parts/LengthField';

interface Props {
  readonly id: PieceId;
  readonly crop: Paper['crop'];
  /** What a crop means here, as one says it. */
  readonly words: string;
  readonly unit: Unit;
  readonly onChange: (crop: Paper['crop']) => void;
  readonly preview: (crop: NonNullable<Paper['crop']> | undefined) => void;
}

const nothing = asTyped(zeroLength);
const whole = { left: nothing, top: nothing, right: nothing, bottom: nothing };

/** How much is left out at each side, where a part of a thing is used. */
export function CropFields({ id, crop, words, unit, onChange, preview }: Props) {
  return (
    <div className="flex flex-wrap items-start gap-x-4 gap-y-1.5">
      <label className="flex items-center gap-2 pt-1">
        <input
          type="checkbox"
          checked={crop !== null}
          onChange={(event) => onChange(event.target.checked ? whole : null)}
        />
        {words}
      </label>
      {crop &&
        sides.map((side) => (
          <LengthField
            key={`${id} ${side}`}
            label={side}
            value={crop[side]}
            unit={unit}
            width="5rem"
            onPreview={(length) => preview(length && { ...crop, [side]: length })}
            onCommit={(length) => onChange({ ...crop, [side]: length })}
          />
        ))}
    </div>
  );
}

import { dotLooks } from '../../../../core/plan/pieces/looks';
import { LengthField } from '../../../parts/LengthField';
import { ColourField } from '../ColourField';
import { Choice } from './Choice';
import type { FieldsProps } from './FieldsProps';

/** What sort a dot is of, how large and of what colour. */
export function DotFields({ mark: { id }, piece, unit, onChange, preview }: FieldsProps<'dot'>) {
  return (
    <div className="flex flex-wrap items-start gap-x-4 gap-y-1.5">
      <Choice
        label="Sort"
        value={piece.look}
        choices={dotLooks}
        nameOf={(each) => each}
        onChange={(look) => onChange({ look })}
      />
      <LengthField
        key={id}
        label="across"
        value={piece.diameter}
        unit={unit}
        width="6rem"
        isPositive
        onPreview={(diameter) => preview(diameter && { diameter })}
        onCommit={(diameter) => onChange({ diameter })}
      />
      <ColourField
        label="colour"
        value={piece.colour}
        onChange={(colour) => onChange({ colour })}
      />
    </div>
  );
}

import { dotLooks } from '../../../../core/plan/pieces/looks';
import { InlineChoice } from '../../../parts/InlineChoice';
import { LengthField } from '../../../parts/LengthField';
import { SourceField } from '../../../parts/SourceField';
import { useCardSession } from '../../../session/CardSession';
import type { FieldsProps } from './FieldsProps';

/** What sort a dot is of, how large and of what colour. */
export function DotFields({ mark: { id }, piece, unit, onChange, preview }: FieldsProps<'dot'>) {
  const { library } = useCardSession();
  return (
    <div className="flex flex-wrap items-start gap-x-4 gap-y-1.5">
      <InlineChoice
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
      <SourceField
        label="colour"
        value={piece.colour}
        library={library}
        unit={unit}
        onChange={(colour) => onChange({ colour })}
      />
    </div>
  );
}

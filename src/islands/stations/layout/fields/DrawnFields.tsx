import { LengthField } from '../../../parts/LengthField';
import { SourceField } from '../../../parts/SourceField';
import { useCardSession } from '../../../session/CardSession';
import type { FieldsProps } from './FieldsProps';

/** How large a drawing is, how wide its line, and its colour. */
export function DrawnFields({
  mark: { id },
  piece,
  unit,
  onChange,
  preview,
}: FieldsProps<'drawn'>) {
  const { library } = useCardSession();
  return (
    <div className="flex flex-wrap items-start gap-x-4 gap-y-1.5">
      {(['width', 'height', 'lineWidth'] as const).map((key) => (
        <LengthField
          key={`${id} ${key}`}
          label={key === 'lineWidth' ? 'line' : key}
          value={piece[key]}
          unit={unit}
          width="5.5rem"
          isPositive={key !== 'lineWidth'}
          {...(key !== 'lineWidth' && { onSize: onChange })}
          onPreview={(length) => preview(length && { [key]: length })}
          onCommit={(length) => onChange({ [key]: length })}
        />
      ))}
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

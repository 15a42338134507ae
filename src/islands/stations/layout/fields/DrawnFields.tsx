import { LengthField } from '../../../parts/LengthField';
import { ColourField } from '../ColourField';
import type { FieldsProps } from './FieldsProps';

/** How large a drawing is, how wide its line, and its colour. */
export function DrawnFields({
  mark: { id },
  piece,
  unit,
  onChange,
  preview,
}: FieldsProps<'drawn'>) {
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
      <ColourField
        label="colour"
        value={piece.colour}
        onChange={(colour) => onChange({ colour })}
      />
    </div>
  );
}

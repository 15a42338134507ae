import { letteringIds, type LetteringId } from '../../../../core/lettering/letterings';
import { LengthField } from '../../../parts/LengthField';
import { ColourField } from '../ColourField';
import { LinesField } from '../LinesField';
import { Choice } from './Choice';
import type { FieldsProps } from './FieldsProps';

const letteringNames: Readonly<Record<LetteringId, string>> = {
  clarendon: 'rubber type',
  hand: 'handwriting',
  plain: 'plain letters',
};

/** Lines, lettering, ink and height of words. */
export function WordsFields({
  mark: { id },
  piece,
  unit,
  onChange,
  preview,
}: FieldsProps<'words'>) {
  return (
    <div className="flex flex-wrap items-start gap-x-4 gap-y-1.5">
      <LinesField
        lines={piece.lines}
        onPreview={(lines) => preview(lines && { lines })}
        onCommit={(lines) => onChange({ lines })}
      />
      <div className="flex flex-col gap-1.5">
        <span className="flex items-center gap-3">
          <Choice
            label="Lettering"
            value={piece.lettering}
            choices={letteringIds}
            nameOf={(each) => letteringNames[each]}
            onChange={(lettering) => onChange({ lettering })}
          />
          <ColourField
            label="ink"
            value={piece.colour}
            onChange={(colour) => onChange({ colour })}
          />
        </span>
        <LengthField
          key={id}
          label="small letters"
          value={piece.xHeight}
          unit={unit}
          width="6rem"
          isPositive
          onPreview={(xHeight) => preview(xHeight && { xHeight })}
          onCommit={(xHeight) => onChange({ xHeight })}
        />
      </div>
    </div>
  );
}

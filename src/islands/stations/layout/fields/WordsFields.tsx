import { letteringIds, type LetteringId } from '../../../../core/lettering/letterings';
import { InlineChoice } from '../../../parts/InlineChoice';
import { LengthField } from '../../../parts/LengthField';
import { SourceField } from '../../../parts/SourceField';
import { useCardSession } from '../../../session/CardSession';
import { LinesField } from '../LinesField';
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
  const { library } = useCardSession();
  return (
    <div className="flex flex-wrap items-start gap-x-4 gap-y-1.5">
      <LinesField
        lines={piece.lines}
        onPreview={(lines) => preview(lines && { lines })}
        onCommit={(lines) => onChange({ lines })}
      />
      <div className="flex flex-col gap-1.5">
        <span className="flex items-center gap-3">
          <InlineChoice
            label="Lettering"
            value={piece.lettering}
            choices={letteringIds}
            nameOf={(each) => letteringNames[each]}
            onChange={(lettering) => onChange({ lettering })}
          />
          <SourceField
            label="ink"
            value={piece.print.ink}
            library={library}
            unit={unit}
            onChange={(ink) => onChange({ print: { ...piece.print, ink } })}
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

import { letteringIds, type LetteringId } from '../../core/lettering/letterings';
import type { Edit } from '../../core/plan/edit';
import type { Unit } from '../../core/length/length';
import { dotLooks } from '../../core/plan/pieces';
import type { ResolvedMark } from '../../core/resolve/resolvedMark';
import type { PieceKind, PieceOf } from '../../core/plan/piece';
import { changePiece, type ChangeOf } from '../../core/plan/pieceEdits';
import { LengthField } from '../parts/LengthField';
import { ColourField } from './ColourField';
import { CropFields } from './CropFields';
import { LinesField } from './LinesField';
import { StencilFields } from './StencilFields';

interface Props {
  readonly mark: ResolvedMark;
  readonly unit: Unit;
  readonly onCommit: (edit: Edit) => void;
  readonly onPreview: (edit: Edit | undefined) => void;
}

const letteringNames: Readonly<Record<LetteringId, string>> = {
  clarendon: 'rubber type',
  hand: 'handwriting',
  plain: 'plain letters',
};

/** What a mark is made of: the colours of a print, words, a dot, a drawn line. */
export function MarkFields({ mark, unit, onCommit, onPreview }: Props) {
  const { id, piece, stamp } = mark;
  const fieldsOf = <Kind extends PieceKind>(of: PieceOf<Kind>) => ({
    onChange: (change: ChangeOf<Kind>) => onCommit(changePiece<Kind>(of, change)),
    preview: (change: ChangeOf<Kind> | undefined) =>
      onPreview(change && changePiece<Kind>(of, change)),
  });
  switch (piece.kind) {
    case 'image': {
      const { onChange, preview } = fieldsOf<'image'>(piece);
      const names = stamp?.words ? ['ink'] : (stamp?.layers.map(({ name }) => name) ?? []);
      const setColour = (at: number, colour: string | null) =>
        onChange({
          colours: names.map((_, i) => (i === at ? colour : (piece.colours[i] ?? null))),
        });
      return (
        <>
          <div className="flex flex-wrap items-center gap-x-3 gap-y-1.5">
            {names.map((name, index) => (
              <span key={name} className="flex items-center gap-1.5">
                <input
                  type="checkbox"
                  aria-label={`${name} is there`}
                  checked={(piece.colours[index] ?? null) !== null}
                  onChange={(event) =>
                    setColour(
                      index,
                      event.target.checked ? (stamp?.layers[index]?.colour ?? '#22282b') : null,
                    )
                  }
                />
                <ColourField
                  label={name}
                  value={piece.colours[index] ?? '#ffffff'}
                  onChange={(colour) => setColour(index, colour)}
                />
              </span>
            ))}
          </div>
          <CropFields
            id={id}
            crop={piece.crop}
            words="only a part of it"
            unit={unit}
            onChange={(crop) => onChange({ crop })}
            preview={(crop) => preview(crop && { crop })}
          />
        </>
      );
    }
    case 'stencil':
      return (
        <StencilFields mark={mark} piece={piece} unit={unit} {...fieldsOf<'stencil'>(piece)} />
      );
    case 'words': {
      const { onChange, preview } = fieldsOf<'words'>(piece);
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
    case 'dot': {
      const { onChange, preview } = fieldsOf<'dot'>(piece);
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
    case 'drawn': {
      const { onChange, preview } = fieldsOf<'drawn'>(piece);
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
    default:
      throw new TypeError(`MarkFields: unknown kind ${JSON.stringify(piece satisfies never)}`);
  }
}

interface ChoiceProps<T extends string> {
  readonly label: string;
  readonly value: T;
  readonly choices: readonly T[];
  readonly nameOf: (choice: T) => string;
  readonly onChange: (choice: T) => void;
}

function Choice<T extends string>({ label, value, choices, nameOf, onChange }: ChoiceProps<T>) {
  return (
    <select
      className="in-place"
      aria-label={label}
      value={value}
      onChange={(event) => {
        const chosen = choices.find((each) => each === event.target.value);
        if (chosen !== undefined) onChange(chosen);
      }}
    >
      {choices.map((each) => (
        <option key={each} value={each}>
          {nameOf(each)}
        </option>
      ))}
    </select>
  );
}

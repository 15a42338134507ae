import { swapStamp } from '../../../../core/composition/swapStamp';
import { stampsOf } from '../../../../core/plan/library';
import { Choose } from '../../../parts/Choose';
import { choicesOf, refValue } from '../../../parts/itemChoices';
import { useCardSession } from '../../../session/CardSession';
import { ColourField } from '../ColourField';
import { CropFields } from '../CropFields';
import type { FieldsProps } from './FieldsProps';

/** The colour of each layer of a print, and what of it is masked off. */
export function ImageFields({ mark, piece, unit, onChange, preview }: FieldsProps<'image'>) {
  const { plan, card, library, commit } = useCardSession();
  const { id, stamp } = mark;
  const stamps = stampsOf(library);
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
      <span className="flex gap-2">
        <span className="text-muted">stamp</span>
        <Choose
          label="Stamp it is printed with"
          choices={choicesOf(stamps, unit)}
          value={refValue(piece.stamp)}
          otherwise={stamp?.name ?? 'not in the stash'}
          onChoose={(value) => {
            const chosen = stamps.find((each) => refValue(each) === value);
            const edit = chosen && swapStamp(plan, card, mark, chosen);
            if (edit) commit(edit);
          }}
        />
      </span>
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

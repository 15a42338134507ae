import { swapStamp } from '../../../../core/composition/swapStamp';
import type { PieceOf } from '../../../../core/plan/piece';
import { stampsOf } from '../../../../core/plan/library';
import { Choose } from '../../../parts/Choose';
import { choicesOf, refValue } from '../../../parts/itemChoices';
import { useCardSession } from '../../../session/CardSession';
import { SourceField } from '../../../parts/SourceField';
import { CropFields } from '../CropFields';
import type { FieldsProps } from './FieldsProps';
import { printedInWish } from '../../../../core/plan/plainColours';

type Layer = PieceOf<'image'>['layers'][number];

/** The colour of each layer of a print, and what of it is masked off. */
export function ImageFields({ mark, piece, unit, onChange, preview }: FieldsProps<'image'>) {
  const { plan, card, library, commit } = useCardSession();
  const { id, stamp } = mark;
  const stamps = stampsOf(library);
  const colouredWith = (layer: Extract<Layer, { by: 'combination' | 'nothing' }>) =>
    layer.by === 'nothing'
      ? 'left as it is'
      : (plan.combinations.find((each) => each.id === layer.combination)?.name ?? 'not coloured');
  const names = stamp?.words ? ['ink'] : (stamp?.layers.map(({ name }) => name) ?? []);
  const setLayer = (at: number, layer: Layer) =>
    onChange({ layers: names.map((_, i) => (i === at ? layer : (piece.layers[i] ?? null))) });
  return (
    <>
      <div className="flex flex-wrap items-center gap-x-3 gap-y-1.5">
        {names.map((name, index) => {
          const layer = piece.layers[index] ?? null;
          return (
            <span key={name} className="flex items-center gap-1.5">
              <input
                type="checkbox"
                aria-label={`${name} is there`}
                checked={layer !== null}
                onChange={(event) =>
                  setLayer(
                    index,
                    event.target.checked
                      ? {
                          by: 'print',
                          ...printedInWish(stamp?.layers[index]?.colour ?? '#22282b'),
                        }
                      : null,
                  )
                }
              />
              {layer?.by === 'combination' || layer?.by === 'nothing' ? (
                <span>
                  {name} <span className="text-muted">{colouredWith(layer)}</span>
                </span>
              ) : (
                <SourceField
                  label={name}
                  value={layer?.ink ?? { wish: '#ffffff' }}
                  library={library}
                  unit={unit}
                  onChange={(ink) =>
                    setLayer(index, {
                      ...(layer ?? { by: 'print', offPad: 'first', powder: null }),
                      ink,
                    })
                  }
                />
              )}
            </span>
          );
        })}
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

import type { DrawingLayer, LayersBy } from '../../core/composition/drawingLayers';
import { RadioChoice } from '../parts/RadioChoice';

/** What was said of a layer beside what the drawing says. */
export type OwnLayers = Readonly<
  Record<number, Partial<Pick<DrawingLayer, 'name' | 'colour' | 'isLines'>> | undefined>
>;

interface Props {
  readonly layers: readonly DrawingLayer[];
  readonly by: LayersBy;
  readonly onBy: (by: LayersBy) => void;
  readonly onChange: (index: number, change: NonNullable<OwnLayers[number]>) => void;
}

/** What a stamp prints, layer by layer from the lowest: what each is called, its colour, and which are lines. */
export function DrawingLayers({ layers, by, onBy, onChange }: Props) {
  return (
    <fieldset className="border-hairline col-span-2 border-t pt-2">
      <legend className="sr-only">Layers of the stamp</legend>
      <RadioChoice
        name="Its layers are"
        options={[
          { id: 'groups', name: 'the groups of the drawing' },
          { id: 'colours', name: 'its colours' },
        ]}
        value={by}
        onChange={(next) => onBy(next === 'groups' ? 'groups' : 'colours')}
      />
      <ul className="pt-2">
        {layers.map(({ name, colour, isLines }, index) => (
          <li key={index} className="flex items-center gap-3 py-0.5">
            <input
              type="color"
              className="border-control h-7 w-9 border"
              aria-label={`Colour of layer ${index + 1}`}
              value={colour}
              onChange={(event) => onChange(index, { colour: event.target.value })}
            />
            <input
              className="field grow"
              aria-label={`Name of layer ${index + 1}`}
              value={name}
              maxLength={40}
              onChange={(event) => onChange(index, { name: event.target.value })}
            />
            <label className="flex items-center gap-1.5">
              <input
                type="checkbox"
                checked={isLines}
                onChange={(event) => onChange(index, { isLines: event.target.checked })}
              />
              lines
            </label>
          </li>
        ))}
      </ul>
    </fieldset>
  );
}

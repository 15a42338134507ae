import { Plus, Trash2 } from 'lucide-react';
import type { Unit } from '../../../core/length/length';
import type { Zone } from '../../../core/plan/piece';
import { IconButton } from '../../parts/IconButton';
import { LengthField } from '../../parts/LengthField';

type Places = Extract<Zone['where'], { at: 'places' }>['places'];

interface Props {
  /** Of the zone. */
  readonly id: string;
  readonly places: Places;
  readonly unit: Unit;
  readonly most: number;
  /** Where a new one goes. */
  readonly onAdd: () => Places[number];
  readonly onChange: (places: Places) => void;
  readonly onPreview: (places: Places | undefined) => void;
}

/** The middles of squares that are laid one by one, from the top left corner of the piece. */
export function HoldPlaces({ id, places, unit, most, onAdd, onChange, onPreview }: Props) {
  return (
    <ol className="flex w-full flex-col gap-1 pl-8">
      {places.map((place, at) => (
        <li key={`${id} ${at} of ${places.length}`} className="flex items-start gap-3">
          {(['x', 'y'] as const).map((axis) => (
            <LengthField
              key={axis}
              label={`${axis === 'x' ? 'from the left' : 'from the top'}, ${at + 1}`}
              value={place[axis]}
              unit={unit}
              width="5rem"
              onPreview={(length) =>
                onPreview(length && places.with(at, { ...place, [axis]: length }))
              }
              onCommit={(length) => onChange(places.with(at, { ...place, [axis]: length }))}
            />
          ))}
          {places.length > 1 && (
            <IconButton
              label={`No square there, ${at + 1}`}
              onClick={() => onChange(places.toSpliced(at, 1))}
            >
              <Trash2 size={16} aria-hidden />
            </IconButton>
          )}
        </li>
      ))}
      {places.length < most && (
        <li>
          <button
            type="button"
            className="link flex items-center gap-1"
            onClick={() => onChange([...places, onAdd()])}
          >
            <Plus size={16} aria-hidden /> One more square
          </button>
        </li>
      )}
    </ol>
  );
}

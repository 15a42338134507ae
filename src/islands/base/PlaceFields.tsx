import { longerOf, zeroLength, type Unit } from '../../core/length/length';
import { asTyped, type TypedLength } from '../../core/length/lengthSchema';
import type { PlaceRule } from '../../core/plan/piece';
import type { Reveals } from '../../core/resolve/resolvedCard';
import { LengthField } from '../parts/LengthField';

interface Props {
  readonly place: PlaceRule;
  /** What shows now; undefined while the piece has no figures. */
  readonly reveals: Reveals | undefined;
  readonly unit: Unit;
  readonly onPreview: (place: PlaceRule | undefined) => void;
  readonly onCommit: (place: PlaceRule) => void;
}

const across = [
  ['centre', 'centred across'],
  ['left', 'from the left'],
  ['right', 'from the right'],
] as const;
const down = [
  ['centre', 'centred down'],
  ['top', 'from the top'],
  ['bottom', 'from the bottom'],
] as const;

/** Where a piece stands on what it lies on: centred, or so far from a named edge, each way. */
export function PlaceFields({ place, reveals, unit, onPreview, onCommit }: Props) {
  const withX = (from: string, distance: TypedLength): PlaceRule =>
    from === 'left' || from === 'right'
      ? { ...place, x: { from, distance } }
      : { ...place, x: { from: 'centre' } };
  const withY = (from: string, distance: TypedLength): PlaceRule =>
    from === 'top' || from === 'bottom'
      ? { ...place, y: { from, distance } }
      : { ...place, y: { from: 'centre' } };
  const now = (from: string): TypedLength =>
    asTyped(
      reveals && (from === 'left' || from === 'right' || from === 'top' || from === 'bottom')
        ? longerOf(reveals[from], zeroLength)
        : zeroLength,
    );
  return (
    <>
      <AxisField
        label="Place across"
        options={across}
        place={place.x}
        unit={unit}
        onFrom={(from) => onCommit(withX(from, now(from)))}
        onPreview={(distance) => onPreview(distance && withX(place.x.from, distance))}
        onDistance={(distance) => onCommit(withX(place.x.from, distance))}
      />
      <AxisField
        label="Place down"
        options={down}
        place={place.y}
        unit={unit}
        onFrom={(from) => onCommit(withY(from, now(from)))}
        onPreview={(distance) => onPreview(distance && withY(place.y.from, distance))}
        onDistance={(distance) => onCommit(withY(place.y.from, distance))}
      />
    </>
  );
}

interface AxisProps {
  readonly label: string;
  readonly options: readonly (readonly [string, string])[];
  readonly place: PlaceRule['x'] | PlaceRule['y'];
  readonly unit: Unit;
  readonly onFrom: (from: string) => void;
  readonly onPreview: (distance: TypedLength | undefined) => void;
  readonly onDistance: (distance: TypedLength) => void;
}

function AxisField({ label, options, place, unit, onFrom, onPreview, onDistance }: AxisProps) {
  return (
    <span className="inline-flex items-start gap-2">
      <select
        className="in-place"
        aria-label={label}
        value={place.from}
        onChange={(event) => onFrom(event.target.value)}
      >
        {options.map(([value, name]) => (
          <option key={value} value={value}>
            {name}
          </option>
        ))}
      </select>
      {'distance' in place && (
        <LengthField
          key={place.from}
          label={`${label}, distance`}
          isLabelHidden
          value={place.distance}
          unit={unit}
          width="5.5rem"
          onPreview={onPreview}
          onCommit={onDistance}
        />
      )}
    </span>
  );
}

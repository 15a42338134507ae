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
  ['third 1', 'on the left third'],
  ['third 2', 'on the right third'],
] as const;
const down = [
  ['centre', 'centred down'],
  ['top', 'from the top'],
  ['bottom', 'from the bottom'],
  ['third 1', 'on the upper third'],
  ['third 2', 'on the lower third'],
] as const;

/**
 * Where a piece stands on what it lies on, each way for itself: centred, its middle on a third, or so
 * far from a named edge.
 */
export function PlaceFields({ place, reveals, unit, onPreview, onCommit }: Props) {
  const withX = (from: string, distance: TypedLength): PlaceRule => ({
    ...place,
    x:
      from === 'left' || from === 'right'
        ? { from, distance }
        : (thirdOf(from) ?? { from: 'centre' }),
  });
  const withY = (from: string, distance: TypedLength): PlaceRule => ({
    ...place,
    y:
      from === 'top' || from === 'bottom'
        ? { from, distance }
        : (thirdOf(from) ?? { from: 'centre' }),
  });
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
        value={place.from === 'third' ? `third ${place.which}` : place.from}
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

function thirdOf(from: string): { readonly from: 'third'; readonly which: 1 | 2 } | undefined {
  if (from === 'third 1') return { from: 'third', which: 1 };
  return from === 'third 2' ? { from: 'third', which: 2 } : undefined;
}

import { zeroLength, type Unit } from '../../core/length/length';
import { asTyped, type TypedLength } from '../../core/length/typedLength';
import type { PieceId } from '../../core/plan/ids';
import type { PlaceRule } from '../../core/plan/piece';
import type { Reveals } from '../../core/resolve/origins';
import { LengthField } from './LengthField';
import { Select } from './Select';

interface Props {
  readonly place: PlaceRule;
  /** Where it is now; undefined while the piece has no figures. */
  readonly distances: Reveals | undefined;
  readonly unit: Unit;
  /** Pieces it can be placed beside; the one it is beside now is always told. */
  readonly neighbours: readonly { readonly id: PieceId; readonly name: string }[];
  /** The axis along which it reaches from edge to edge, so that there is nothing to choose. */
  readonly spans?: 'x' | 'y' | undefined;
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
export function PlaceFields({
  place,
  distances,
  unit,
  neighbours,
  spans,
  onPreview,
  onCommit,
}: Props) {
  const withX = (from: string, distance: TypedLength): PlaceRule => ({
    ...place,
    x:
      from === 'left' || from === 'right'
        ? { from, distance }
        : (thirdOf(from) ?? besideOf(from, ['left', 'right'], neighbours, distance) ?? centre),
  });
  const withY = (from: string, distance: TypedLength): PlaceRule => ({
    ...place,
    y:
      from === 'top' || from === 'bottom'
        ? { from, distance }
        : (thirdOf(from) ?? besideOf(from, ['top', 'bottom'], neighbours, distance) ?? centre),
  });
  const now = (from: string): TypedLength =>
    asTyped(
      distances && (from === 'left' || from === 'right' || from === 'top' || from === 'bottom')
        ? distances[from]
        : zeroLength,
    );
  return (
    <>
      {spans !== 'x' && (
        <AxisField
          label="Place across"
          options={[...across, ...besideOptions(neighbours, besideWords.x)]}
          place={place.x}
          unit={unit}
          onFrom={(from) => onCommit(withX(from, now(from)))}
          onPreview={(distance) => onPreview(distance && withX(valueOf(place.x), distance))}
          onDistance={(distance) => onCommit(withX(valueOf(place.x), distance))}
        />
      )}
      {spans !== 'y' && (
        <AxisField
          label="Place down"
          options={[...down, ...besideOptions(neighbours, besideWords.y)]}
          place={place.y}
          unit={unit}
          onFrom={(from) => onCommit(withY(from, now(from)))}
          onPreview={(distance) => onPreview(distance && withY(valueOf(place.y), distance))}
          onDistance={(distance) => onCommit(withY(valueOf(place.y), distance))}
        />
      )}
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
      <Select
        className="in-place"
        aria-label={label}
        value={valueOf(place)}
        onChange={(event) => onFrom(event.target.value)}
      >
        {options.map(([value, name]) => (
          <option key={value} value={value}>
            {name}
          </option>
        ))}
      </Select>
      {('distance' in place || place.from === 'piece') && (
        <LengthField
          key={valueOf(place)}
          label={`${label}, distance`}
          isLabelHidden
          isSigned
          value={'distance' in place ? place.distance : place.gap}
          unit={unit}
          width="6rem"
          onPreview={onPreview}
          onCommit={onDistance}
        />
      )}
    </span>
  );
}

const centre = { from: 'centre' } as const;

const besideWords = {
  x: { right: 'right of', left: 'left of' },
  y: { bottom: 'below', top: 'above' },
} as const;

type Neighbours = Props['neighbours'];

function besideOptions(
  neighbours: Neighbours,
  words: Readonly<Record<string, string>>,
): readonly (readonly [string, string])[] {
  return neighbours.flatMap(({ id, name }) =>
    Object.entries(words).map(
      ([side, word]) => [`piece ${side} ${id}`, `${word} ${name}`] as const,
    ),
  );
}

/** What stands for a rule in the list of ways. */
function valueOf(place: PlaceRule['x'] | PlaceRule['y']): string {
  if (place.from === 'third') return `third ${place.which}`;
  return place.from === 'piece' ? `piece ${place.side} ${place.piece}` : place.from;
}

function besideOf<S extends 'left' | 'right' | 'top' | 'bottom'>(
  from: string,
  sides: readonly S[],
  neighbours: Neighbours,
  gap: TypedLength,
) {
  for (const side of sides)
    for (const { id } of neighbours)
      if (from === `piece ${side} ${id}`) return { from: 'piece' as const, piece: id, side, gap };
  return undefined;
}

function thirdOf(from: string): { readonly from: 'third'; readonly which: 1 | 2 } | undefined {
  if (from === 'third 1') return { from: 'third', which: 1 };
  return from === 'third 2' ? { from: 'third', which: 2 } : undefined;
}

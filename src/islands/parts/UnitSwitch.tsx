import type { Unit } from '../../core/length/length';

interface Props {
  readonly unit: Unit;
  readonly onChange: (unit: Unit) => void;
}

const units: readonly { readonly id: Unit; readonly name: string }[] = [
  { id: 'in', name: 'inches' },
  { id: 'mm', name: 'millimetres' },
];

/** Which unit leads; the other is always shown beside it. */
export function UnitSwitch({ unit, onChange }: Props) {
  return (
    <div role="group" aria-label="Leading unit" className="flex">
      {units.map(({ id, name }) => (
        <button
          key={id}
          type="button"
          aria-pressed={unit === id}
          aria-label={`${id}: lead with ${name}`}
          className="button aria-pressed:border-ink aria-pressed:bg-ink rounded-none px-3 aria-pressed:text-white"
          onClick={() => onChange(id)}
        >
          {id}
        </button>
      ))}
    </div>
  );
}

/** Remembers the unit for this browser, so that the next page leads with it from the start. */
export function rememberUnit(unit: Unit): void {
  document.cookie = `nibwright-unit=${unit}; path=/; max-age=31536000; samesite=strict`;
}

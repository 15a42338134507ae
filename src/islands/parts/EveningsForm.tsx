import type { Evenings } from '../../core/plan/evenings';
import { Select } from './Select';

const days = ['Mon', 'Tue', 'Wed', 'Thu', 'Fri', 'Sat', 'Sun'];

interface Props {
  readonly value: Evenings;
  readonly onChange: (evenings: Evenings) => void;
}

/** When somebody works: days of the week, hours, and how many of them. */
export function EveningsForm({ value: evenings, onChange: set }: Props) {
  const first = evenings.weekly[0] ?? { from: '19:00', to: '21:00' };
  const toggle = (day: number, isOn: boolean) => {
    const rest = evenings.weekly.filter((each) => each.day !== day);
    const weekly = isOn ? [...rest, { day, from: first.from, to: first.to }] : rest;
    if (weekly.length > 0) set({ ...evenings, weekly: weekly.toSorted((a, b) => a.day - b.day) });
  };
  const change = (key: 'from' | 'to', clock: string) => {
    if (/^\d\d:\d\d$/.test(clock))
      set({ ...evenings, weekly: evenings.weekly.map((each) => ({ ...each, [key]: clock })) });
  };
  return (
    <>
      <div className="flex flex-wrap items-center gap-x-3 gap-y-1 pt-1">
        {days.map((name, at) => (
          <label key={name} className="flex items-center gap-1">
            <input
              type="checkbox"
              checked={evenings.weekly.some(({ day }) => day === at + 1)}
              onChange={(event) => toggle(at + 1, event.target.checked)}
            />
            {name}
          </label>
        ))}
      </div>
      <div className="flex flex-wrap items-center gap-x-3 gap-y-1 pt-1">
        {(['from', 'to'] as const).map((end) => (
          <label key={end} className="flex items-center gap-2">
            {end}
            <input
              type="time"
              className="field"
              value={first[end]}
              onChange={(event) => change(end, event.target.value)}
            />
          </label>
        ))}
        <label className="flex items-center gap-2">
          by
          <Select
            className="in-place"
            value={String(evenings.people)}
            onChange={(event) => set({ ...evenings, people: Number(event.target.value) })}
          >
            {[1, 2, 3, 4].map((count) => (
              <option key={count} value={count}>
                {count === 1 ? 'one' : `${count} people`}
              </option>
            ))}
          </Select>
        </label>
      </div>
    </>
  );
}

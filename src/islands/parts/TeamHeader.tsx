import type { Unit } from '../../core/length/length';
import { UnitSwitch } from './UnitSwitch';

interface Props {
  readonly current: 'ledge' | 'stash' | 'team';
  readonly team: string;
  readonly unit: Unit;
  readonly onUnit: (unit: Unit) => void;
  readonly onKeys: () => void;
}

const places = [
  { id: 'ledge', name: 'Ledge', href: '/' },
  { id: 'stash', name: 'Stash', href: '/stash' },
  { id: 'team', name: 'Team', href: '/team' },
] as const;

/** The head of the pages beside the workbench: where one is, whose cards these are, the unit, the keys. */
export function TeamHeader({ current, team, unit, onUnit, onKeys }: Props) {
  return (
    <header className="border-hairline flex min-h-[44px] flex-wrap items-center gap-x-5 gap-y-2 border-b bg-white px-[18px] py-1 max-md:gap-x-3 max-md:px-3">
      <span className="text-violet font-heading text-[19px] font-bold">Nibwright</span>
      <nav aria-label="Places" className="flex gap-5 max-md:gap-3">
        {places.map(({ id, name, href }) => (
          <a
            key={id}
            href={href}
            aria-current={id === current ? 'page' : undefined}
            className="font-heading max-md:text-[15px] aria-[current=page]:text-violet text-[17px] font-semibold"
          >
            {name}
          </a>
        ))}
      </nav>
      <span className="ml-auto flex items-center gap-4 max-md:gap-2">
        <span className="text-muted max-sm:hidden">{team}</span>
        <UnitSwitch unit={unit} onChange={onUnit} />
        <button type="button" className="key" aria-label="Keys" onClick={onKeys}>
          ?
        </button>
      </span>
    </header>
  );
}

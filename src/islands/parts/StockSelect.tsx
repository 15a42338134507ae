import { unknownColour } from '../../core/kinds/paint';
import type { LibraryRef } from '../../core/plan/libraryItem';
import { findStock, stocksOf, type Library } from '../../core/plan/library';

interface Props {
  readonly label: string;
  readonly library: Library;
  readonly value: LibraryRef;
  readonly onChange: (ref: LibraryRef) => void;
  readonly onAskNew: () => void;
}

const newStock = 'new';
const write = ({ id, version }: LibraryRef) => `${id}@${version}`;

/** Chooses a stock by name beside its colour; its last line adds one to the stash. */
export function StockSelect({ label, library, value, onChange, onAskNew }: Props) {
  const current = findStock(library, value);
  const stocks = stocksOf(library);
  return (
    <span className="inline-flex min-w-0 items-center gap-2">
      <span
        aria-hidden
        className="border-control size-[18px] shrink-0 border"
        style={{ background: current?.colour ?? unknownColour }}
      />
      <select
        className="in-place min-w-0"
        aria-label={label}
        value={write(value)}
        onChange={(event) => {
          if (event.target.value === newStock) onAskNew();
          const chosen = stocks.find((item) => write(item) === event.target.value);
          if (chosen) onChange({ id: chosen.id, version: chosen.version });
        }}
      >
        {!current && <option value={write(value)}>not in the stash</option>}
        {current && !stocks.includes(current) && (
          <option value={write(current)}>{current.name}, as it was</option>
        )}
        {stocks.map((item) => (
          <option key={write(item)} value={write(item)}>
            {item.name}
          </option>
        ))}
        <option value={newStock}>Add a stock…</option>
      </select>
    </span>
  );
}

import { unknownColour } from '../../core/kinds/paint';
import type { LibraryRef } from '../../core/plan/libraryItem';
import { findStock, stocksOf, type Library } from '../../core/plan/library';
import { Choose } from './Choose';
import { choicesOf, refValue } from './itemChoices';

interface Props {
  readonly label: string;
  readonly library: Library;
  readonly value: LibraryRef;
  readonly onChange: (ref: LibraryRef) => void;
  readonly onAskNew: () => void;
}

const newStock = 'new';

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
      <Choose
        label={label}
        choices={[...choicesOf(stocks, 'in'), { value: newStock, name: 'Add a stock…' }]}
        value={refValue(value)}
        otherwise={current ? `${current.name}, as it was` : 'not in the stash'}
        onChoose={(chosen) => {
          if (chosen === newStock) onAskNew();
          const stock = stocks.find((item) => refValue(item) === chosen);
          if (stock) onChange({ id: stock.id, version: stock.version });
        }}
      />
    </span>
  );
}

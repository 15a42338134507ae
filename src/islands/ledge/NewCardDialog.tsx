import { useState } from 'react';
import { newBaseStock } from '../../core/composition/newStock';
import type { Unit } from '../../core/length/length';
import type { Release } from '../../core/plan/cardFile';
import type { Stock } from '../../core/plan/libraryItem';
import type { Stocks } from './useStocks';
import { firstFormat, FormatFields, readFormat } from '../parts/FormatFields';
import { Choose } from '../parts/Choose';
import { FormDialog } from '../parts/FormDialog';
import { choicesOf, refValue } from '../parts/itemChoices';
import { ReleaseSelect } from '../parts/ReleaseSelect';
import { postJson } from '../wire/postJson';

interface Props {
  readonly releases: readonly Release[];
  readonly stocks: Stocks;
  readonly unit: Unit;
  readonly onClose: () => void;
}

/** Makes a card: title, format, how it stands, fold, stock and release. Enter makes it at once. */
export function NewCardDialog({ releases, stocks, unit, onClose }: Props) {
  const [title, setTitle] = useState('');
  const [choice, setChoice] = useState(firstFormat);
  const [picked, setPicked] = useState<string>();
  const { known } = stocks;
  const item = pickedOf(known ?? [], picked);
  const [releaseId, setReleaseId] = useState('');

  const make = async () => {
    const chosen = readFormat(choice, unit);
    if (typeof chosen === 'string') return chosen;
    const all = await stocks.wait().catch((error: Error) => error.message);
    if (typeof all === 'string') return all;
    const stock = pickedOf(all, picked);
    if (!stock) return 'The stash holds no stock to make it from.';
    const reply = await postJson(
      '/api/cards',
      {
        title: title.trim() || 'Untitled card',
        releaseId: releaseId || null,
        unit,
        format: chosen,
        fold: choice.fold,
        stock: { id: stock.id, version: stock.version },
      },
      'card',
    );
    if (!reply.ok) return reply.message;
    location.assign(`/card/${reply.body.id}/base`);
    return undefined;
  };

  return (
    <FormDialog title="New card" action="Make the card" onSubmit={make} onClose={onClose}>
      <label htmlFor="card-title">Title</label>
      <input
        id="card-title"
        className="field"
        maxLength={120}
        value={title}
        placeholder="Untitled card"
        onChange={(e) => setTitle(e.target.value)}
      />
      <FormatFields choice={choice} unit={unit} onChange={setChoice} />
      <label htmlFor="card-stock">Base stock</label>
      <Choose
        id="card-stock"
        label="Base stock"
        className="field"
        choices={choicesOf(known ?? [], unit)}
        value={item && refValue(item)}
        otherwise="the stash is being read"
        onChoose={setPicked}
      />
      <label htmlFor="card-release">Release</label>
      <ReleaseSelect
        id="card-release"
        releases={releases}
        value={releaseId}
        onChange={setReleaseId}
      />
    </FormDialog>
  );
}

/** The one that was picked, or a plain white card stock heavy enough to stand; light card and paper are for layers. */
function pickedOf(stocks: readonly Stock[], picked: string | undefined): Stock | undefined {
  return stocks.find((each) => refValue(each) === picked) ?? newBaseStock(stocks) ?? stocks[0];
}

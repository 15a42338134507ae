import { useState } from 'react';
import { writeSize } from '../../core/length/formatLength';
import type { Unit } from '../../core/length/length';
import { asTyped } from '../../core/length/lengthSchema';
import { parseSize } from '../../core/length/parseLength';
import { folds } from '../../core/paper/cardFormat';
import { cardFormats } from '../../core/paper/cardFormats';
import { standSize } from '../../core/paper/layOutBlank';
import type { Release } from '../../core/plan/cardFile';
import { stocksOf, type Library, type Stock } from '../../core/plan/libraryItem';
import type { Base } from '../../core/plan/plan';
import { FormDialog } from '../parts/FormDialog';
import { ReleaseSelect } from '../parts/ReleaseSelect';
import { postJson } from '../store/postJson';
import { lengthIssueSentence } from '../words/lengthIssueSentence';

interface Props {
  readonly releases: readonly Release[];
  readonly library: Library;
  readonly unit: Unit;
  readonly onClose: () => void;
}

/** Makes a card: title, format, how it stands, fold, stock and release. Enter makes it at once. */
export function NewCardDialog({ releases, library, unit, onClose }: Props) {
  const [title, setTitle] = useState('');
  const [formatId, setFormatId] = useState('a2');
  const [stand, setStand] = useState<'upright' | 'lying'>('upright');
  const [fold, setFold] = useState<Base['fold']>('side');
  const [size, setSize] = useState('');
  const stocks = stocksOf(library);
  const [stock, setStock] = useState(() => likelyBase(stocks));
  const [releaseId, setReleaseId] = useState('');

  const named = cardFormats.find(({ id }) => id === formatId);
  const isSquare = named !== undefined && named.finished.short === named.finished.long;

  const format = (): Base['format'] | string => {
    if (named) return { kind: 'named', id: named.id, stand };
    const parsed = parseSize(size, unit);
    if (!parsed.ok) return `Size: ${lengthIssueSentence(parsed.issue, size)}`;
    const { width, height } = parsed;
    if (width.length <= 0 || height.length <= 0) return 'Size: a card needs a width and a height.';
    return {
      kind: 'custom',
      size: { width: asTyped(width.length), height: asTyped(height.length) },
    };
  };
  const make = async () => {
    const chosen = format();
    if (typeof chosen === 'string') return chosen;
    const item = stocks[stock];
    if (!item) return 'The stash holds no stock to make it from.';
    const answer = await postJson<{ readonly id: string }>('/api/cards', {
      title: title.trim() || 'Untitled card',
      releaseId: releaseId || null,
      unit,
      format: chosen,
      fold,
      stock: { id: item.id, version: item.version },
    });
    if (!answer.ok) return answer.message;
    location.assign(`/card/${answer.body.id}/base`);
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
      <Choice
        name="Format"
        value={formatId}
        options={[
          ...cardFormats.map(({ id, name, finished }) => ({
            id,
            name,
            note: writeSize(standSize(finished, stand), unit),
          })),
          { id: 'custom', name: 'Custom', note: 'your own size' },
        ]}
        onChange={setFormatId}
      />
      {formatId === 'custom' ? (
        <>
          <label htmlFor="card-size">Closed size</label>
          <input
            id="card-size"
            className="field"
            placeholder={unit === 'in' ? '5 x 7' : '148 x 148'}
            value={size}
            onChange={(e) => setSize(e.target.value)}
          />
        </>
      ) : isSquare ? null : (
        <Choice
          name="Stands"
          value={stand}
          options={[
            { id: 'upright', name: 'upright' },
            { id: 'lying', name: 'lying' },
          ]}
          onChange={(id) => setStand(id === 'lying' ? 'lying' : 'upright')}
        />
      )}
      <Choice
        name="Fold"
        value={fold}
        options={folds.map((id) => ({ id, name: id === 'flat' ? 'none, flat' : id }))}
        onChange={(id) => setFold(folds.find((each) => each === id) ?? 'side')}
      />
      <label htmlFor="card-stock">Base stock</label>
      <select
        id="card-stock"
        className="field"
        value={stock}
        onChange={(e) => setStock(Number(e.target.value))}
      >
        {stocks.map(({ id, version, name }, index) => (
          <option key={`${id} ${version}`} value={index}>
            {name}
          </option>
        ))}
      </select>
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

/** The first stock heavy enough to stand; light card and paper are for layers. */
function likelyBase(stocks: readonly Stock[]): number {
  const heavy = stocks.findIndex(
    ({ paper, gramsPerSquareMetre }) => paper === 'cardstock' && gramsPerSquareMetre >= 250,
  );
  return Math.max(0, heavy);
}

interface ChoiceProps {
  readonly name: string;
  readonly value: string;
  readonly options: readonly {
    readonly id: string;
    readonly name: string;
    readonly note?: string;
  }[];
  readonly onChange: (id: string) => void;
}

function Choice({ name, value, options, onChange }: ChoiceProps) {
  return (
    <>
      <span id={`choice-${name}`}>{name}</span>
      <div
        role="radiogroup"
        aria-labelledby={`choice-${name}`}
        className="flex flex-wrap gap-x-5 gap-y-1"
      >
        {options.map(({ id, name: optionName, note }) => (
          <label key={id} className="flex items-baseline gap-1.5">
            <input
              type="radio"
              name={name}
              value={id}
              checked={value === id}
              onChange={() => onChange(id)}
            />
            {optionName}
            {note && <span className="text-muted text-[15px]">{note}</span>}
          </label>
        ))}
      </div>
    </>
  );
}

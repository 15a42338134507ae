import { useDeferredValue, useEffect, useMemo, useRef, useState } from 'react';
import {
  mostSeriesCards,
  seriesCards,
  stocksOfCard,
  wordsOf,
  wordsThatVary,
  type OtherWords,
  type SeriesCard,
  type SeriesTable,
} from '../../core/composition/seriesCards';
import type { LibraryId, SeriesId } from '../../core/plan/ids';
import { findStock } from '../../core/plan/library';
import type { LibraryRef } from '../../core/plan/libraryItem';
import type { Series } from '../../core/plan/plan';
import { countWords } from '../../core/words/countWords';
import { FormDialog } from '../parts/FormDialog';
import { useCardSession } from '../session/CardSession';
import { postJson } from '../wire/postJson';
import { cellKey, SeriesCells } from './SeriesCells';
import { OtherStocksField, OtherWordsField, WhatChanges } from './SeriesFields';

interface Props {
  readonly onClose: () => void;
}

const none = 'none';

/** The same design with other words or on other stocks: a table of them, of which each becomes a card of its own. */
export function SeriesDialog({ onClose }: Props) {
  const { cardId, plan, card, library, bringStash, commit, flush } = useCardSession();
  useEffect(() => bringStash(), [bringStash]);
  const varying = useMemo(() => wordsThatVary(card), [card]);
  const stocks = useMemo(() => stocksOfCard(plan, library), [plan, library]);
  const [name, setName] = useState(plan.about.series?.name ?? plan.about.title);
  const [wordsId, setWordsId] = useState<string>(varying[0]?.id ?? none);
  const [others, setOthers] = useState<readonly OtherWords[]>([]);
  const [stockId, setStockId] = useState<string>(stocks[0]?.id ?? none);
  const [otherStocks, setOtherStocks] = useState<readonly LibraryRef[]>([]);
  const [leftOut, setLeftOut] = useState<ReadonlySet<string>>(new Set());
  const [seriesId] = useState(() => crypto.randomUUID() as SeriesId);
  const ids = useRef(new Map<string, string>());
  /** The same for the same card, so that one asked for again after a lost reply is made once. */
  const idFor = (edits: SeriesCard['edits']) => {
    const key = JSON.stringify(edits);
    const id = ids.current.get(key) ?? crypto.randomUUID();
    ids.current.set(key, id);
    return id;
  };
  const mark = varying.find(({ id }) => id === wordsId);
  const table: SeriesTable = useMemo(
    () => ({
      words: mark ? { id: mark.id, others } : null,
      stock: stockId === none ? null : { id: stockId as LibraryId, others: otherStocks },
    }),
    [mark, others, stockId, otherStocks],
  );
  const shown = useDeferredValue(table);
  const cards = useMemo(
    () => seriesCards(plan, card, library, shown),
    [plan, card, library, shown],
  );
  const wanted = cards.filter((each) => !leftOut.has(cellKey(each)));
  const make = async () => {
    const refusal = refuse(wanted, name);
    if (refusal !== undefined) return refusal;
    const series: Series = { id: plan.about.series?.id ?? seriesId, name: name.trim() };
    const reply = await postJson(
      `/api/cards/${cardId}/series`,
      {
        series,
        design: plan,
        cards: wanted.map(({ title, edits }) => ({ id: idFor(edits), title, edits })),
      },
      'cards',
    );
    if (!reply.ok) return reply.message;
    commit({ kind: 'set-about', change: { series } });
    await flush();
    location.assign(`/?series=${series.id}`);
    return undefined;
  };
  return (
    <FormDialog
      title="Series: the same with other words or on other stocks"
      action={wanted.length === 0 ? 'Make the cards' : `Make ${countWords(wanted.length, 'card')}`}
      isWide
      onSubmit={make}
      onClose={onClose}
    >
      <label htmlFor="series-name">Name</label>
      <input
        id="series-name"
        className="field"
        value={name}
        maxLength={120}
        autoComplete="off"
        onChange={(event) => setName(event.target.value)}
      />
      <WhatChanges
        label="Words that change"
        value={wordsId}
        options={[...varying, { id: none, name: 'none: all say the same' }]}
        onChange={(id) => {
          setWordsId(id);
          setOthers([]);
        }}
      />
      {mark && <OtherWordsField mark={mark} others={others} onChange={setOthers} />}
      <WhatChanges
        label="Stock that changes"
        value={stockId}
        options={[...stocks, { id: none, name: 'none: all are cut from the same' }]}
        onChange={(id) => {
          setStockId(id);
          setOtherStocks([]);
        }}
      />
      {stockId !== none && (
        <OtherStocksField
          but={stockId as LibraryId}
          others={otherStocks}
          onChange={setOtherStocks}
        />
      )}
      {cards.length > 0 && (
        <SeriesCells
          cards={cards}
          rows={[
            mark?.name ?? '',
            ...(shown.words?.others ?? []).map((each) => wordsOf(each, library)),
          ]}
          columns={[
            stocks.find(({ id }) => id === stockId)?.name ?? '',
            ...(shown.stock?.others ?? []).map((ref) => findStock(library, ref)?.name ?? ref.id),
          ]}
          leftOut={leftOut}
          onLeave={(key, isLeft) =>
            setLeftOut(
              new Set([...[...leftOut].filter((each) => each !== key), ...(isLeft ? [key] : [])]),
            )
          }
        />
      )}
    </FormDialog>
  );
}

function refuse(wanted: readonly SeriesCard[], name: string): string | undefined {
  if (name.trim() === '') return 'The series needs a name, under which it stands on the Ledge.';
  if (wanted.length === 0)
    return 'There is nothing to make yet: write other words, or choose another stock.';
  return wanted.length > mostSeriesCards
    ? `These are ${wanted.length} cards; at most ${mostSeriesCards} are made at once. Leave some out.`
    : undefined;
}

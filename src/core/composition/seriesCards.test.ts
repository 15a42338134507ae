import { describe, expect, it } from 'vitest';
import {
  chalk,
  library,
  moss,
  pieceOn,
  planOf,
  reveal,
  rowPaper,
  stampedOn,
  wordsOn,
  wren,
} from '../../../test/support/plans';
import { must } from '../../../test/support/must';
import type { LibraryId } from '../plan/ids';
import { findStamp } from '../plan/library';
import { centred, papersOf } from '../plan/pieces';
import { resolvePlan } from '../resolve/resolvePlan';
import { seriesCards, stocksOfCard, wordsThatVary, type SeriesTable } from './seriesCards';

const sentiment = {
  ...must(findStamp(library, wren)),
  id: 'safe-home' as LibraryId,
  name: 'Safe home',
  stamp: 'sentiment' as const,
  words: { lines: ['safe home'], lettering: 'hand' as const },
};
const other = { ...sentiment, id: 'well-done' as LibraryId, name: 'Well done' };
const stash = [...library, sentiment, other];
const panel = { ...pieceOn('front', 'panel', reveal('1/8')), stock: chalk };
const plan = planOf([
  panel,
  wordsOn('panel', 'greeting', ['first prize']),
  { ...stampedOn('panel', 'stamped', { id: sentiment.id, version: 1 }, centred), layers: [] },
  stampedOn('panel', 'bird', wren, centred),
]);
const card = resolvePlan(plan, stash);
const cardsOf = (table: Partial<SeriesTable>) =>
  seriesCards(plan, card, stash, { words: null, stock: null, ...table });
const id = (name: string) => must(plan.pieces.find((piece) => piece.id === name)).id;

describe('a series', () => {
  it('varies words that are set and sentiments that are stamped, and stocks the card is cut from', () => {
    expect(wordsThatVary(card).map((mark) => mark.id)).toEqual(['greeting', 'stamped']);
    expect(stocksOfCard(plan, stash).map((stock) => stock.id)).toEqual([chalk.id]);
  });

  it('is every words on every stock, but for the design itself', () => {
    const made = cardsOf({
      words: {
        id: id('greeting'),
        others: [
          { by: 'lines', lines: ['best', 'in show'] },
          { by: 'lines', lines: ['well grown'] },
        ],
      },
      stock: { id: chalk.id, others: [moss] },
    });
    expect(made.map(({ row, column, title }) => [row, column, title])).toEqual([
      [0, 1, 'Bean poles: Moss 216 g'],
      [1, 0, 'Bean poles: best in show'],
      [1, 1, 'Bean poles: best in show, Moss 216 g'],
      [2, 0, 'Bean poles: well grown'],
      [2, 1, 'Bean poles: well grown, Moss 216 g'],
    ]);
    const last = must(made[4]).plan;
    expect(last.base.stock).toEqual(moss);
    expect(papersOf(last).map(({ stock }) => stock)).toEqual([moss]);
    expect(last.pieces.find((piece) => piece.id === 'greeting')).toMatchObject({
      lines: ['well grown'],
    });
    expect(must(made[1]).plan.base).toEqual(plan.base);
  });

  it('stamps another sentiment in the place of one', () => {
    const [made] = cardsOf({
      words: {
        id: id('stamped'),
        others: [{ by: 'stamp', stamp: { id: other.id, version: 1 } }],
      },
    });
    expect(made?.title).toBe('Bean poles: Well done');
    expect(made?.plan.pieces.find((piece) => piece.id === 'stamped')).toMatchObject({
      stamp: { id: 'well-done', version: 1 },
    });
  });

  it('leaves out what cannot be made: a stamp or a stock that is not there, words of none, its own stock', () => {
    const gone = { id: 'gone' as LibraryId, version: 1 };
    expect(cardsOf({ stock: { id: chalk.id, others: [gone, chalk] } })).toEqual([]);
    expect(cardsOf({ stock: { id: rowPaper.id, others: [moss] } })).toEqual([]);
    const words = (others: NonNullable<SeriesTable['words']>['others']) =>
      cardsOf({ words: { id: id('greeting'), others } });
    expect(words([{ by: 'lines', lines: [] }])).toEqual([]);
    expect(words([{ by: 'stamp', stamp: gone }])).toEqual([]);
    expect(
      cardsOf({ words: { id: id('panel'), others: [{ by: 'lines', lines: ['x'] }] } }),
    ).toEqual([]);
  });
});

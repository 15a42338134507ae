import { fiveLayers, library as papers } from './plans';
import { type LibraryId, type PieceId } from '../../src/core/plan/ids';
import { type LibraryItem } from '../../src/core/plan/libraryItem';
import { type Library } from '../../src/core/plan/library';
import { type Plan } from '../../src/core/plan/plan';
import { resolvePlan } from '../../src/core/resolve/resolvePlan';
import { emptyHolding } from '../../src/core/stash/holdings';
import { supplyList } from '../../src/core/supplies/supplyList';

export const gem = (id: string, name: string, colour: string): LibraryItem => ({
  kind: 'embellishment',
  id: id as LibraryId,
  version: 1,
  name,
  sale: { from: null, until: id === 'ruby' ? '2027-09-30' : null },
  embellishment: 'gem',
  colour,
});

export const library: Library = [
  ...papers,
  gem('ruby', 'Ruby gem', '#aa2233'),
  gem('rose', 'Rose gem', '#aa2435'),
];

export const plan: Plan = {
  ...fiveLayers(),
  making: { ...fiveLayers().making, copies: 24 },
  uses: [
    {
      id: 'takes-ruby' as PieceId,
      item: { id: 'ruby' as LibraryId, version: 1 },
      amount: 3,
      pieceId: 'top' as PieceId,
      note: 'one on each flower',
    },
  ],
};

export const card = resolvePlan(plan, library);

export const holdings = [{ ...emptyHolding('ruby' as LibraryId), count: 50, price: 5 }];

export const list = supplyList({
  plan,
  card,
  library,
  holdings,
  cuts: undefined,
  cutsForOne: undefined,
  envelope: undefined,
});

import { describe, expect, it } from 'vitest';
import { fiveLayers, library, measure, pieceOn, planOf, typed } from '../../../test/support/plans';
import { computeCard } from './computeCard';
import type { CardId, DesignerId } from '../plan/ids';
import type { Plan } from '../plan/plan';
import { readQuery } from './cardQuery';
import { cardText, standingCard } from './standingCard';

const about = (plan: Plan, change: Partial<Plan['about']>): Plan => ({
  ...plan,
  about: { ...plan.about, ...change },
});
const off = { left: typed('1/4'), top: typed('0'), right: typed('1/4'), bottom: typed('0') };
const plans: Readonly<Record<string, Plan>> = {
  beans: about(fiveLayers(), { designerId: 'orla' as DesignerId, techniques: ['ink blending'] }),
  tram: about(
    planOf([pieceOn('front', 'Window', measure('100 mm', '4'), { trim: off })], {
      format: { kind: 'named', id: 'slimline', stand: 'lying' },
      fold: 'tent',
    }),
    { title: 'Night tram', occasion: 'birthday' },
  ),
};
const cards = Object.entries(plans).map(([id, plan]) => {
  const computed = computeCard(plan, library);
  return {
    card: standingCard(id as CardId, 1, plan, computed),
    text: cardText(plan, computed.card),
  };
});
const foundBy = (query: string, unit: 'in' | 'mm', hasTexts: boolean) => {
  const matches = readQuery(query, unit, ({ designerId }) => (designerId === 'orla' ? 'Orla' : ''));
  return cards
    .filter(({ card, text }) => matches(card, hasTexts ? text : undefined))
    .map(({ card }) => card.id as string);
};
const found = (query: string, unit: 'in' | 'mm' = 'in') => foundBy(query, unit, true);

describe('searching the Ledge', () => {
  it('finds all by nothing, and by words of the title, stock, layer, occasion or designer', () => {
    expect(found('  ')).toEqual(['beans', 'tram']);
    expect(found('NIGHT')).toEqual(['tram']);
    expect(found('moss liner')).toEqual(['beans']);
    expect(found('birth')).toEqual(['tram']);
    expect(found('orla ink')).toEqual(['beans']);
    expect(found('slimline tent lying')).toEqual(['tram']);
    expect(found('moss window')).toEqual(['tram']);
    expect(found('moss kraft')).toEqual([]);
  });

  it('finds by what stands beneath a card until the rest has come', () => {
    expect(foundBy('night tent', 'in', false)).toEqual(['tram']);
    expect(foundBy('orla ink', 'in', false)).toEqual(['beans']);
    expect(foundBy('moss', 'in', false)).toEqual([]);
    expect(foundBy('4 1/8', 'in', false)).toEqual([]);
  });

  it('finds a side or a size that is cut, in either unit and either way round', () => {
    expect(found('4 1/8')).toEqual(['beans']);
    expect(found('100', 'mm')).toEqual(['tram']);
    expect(found('100 mm x 4 in')).toEqual(['tram']);
    expect(found('5 3/8 x 4 1/8')).toEqual(['beans']);
    expect(found('4 1/8 x 5')).toEqual([]);
    // Before trimming the window is half an inch wider: 112.7 mm.
    expect(found('112.7 mm')).toEqual(['tram']);
  });
});

import { describe, expect, it } from 'vitest';
import { library, measure, pieceOn, planOf, stampedOn, wren } from '../../../test/support/plans';
import { placedById } from './resolvedCard';
import type { ResolvedPiece } from './resolvedPiece';
import { resolvePlan } from './resolvePlan';
import { supportsUnder } from './supportsUnder';

const card = resolvePlan(
  planOf([
    pieceOn('front', 'mat', measure('4', '5')),
    pieceOn('mat', 'panel', measure('3', '4')),
    pieceOn('panel', 'label', measure('1', '1')),
    stampedOn('label', 'bird', wren),
  ]),
  library,
);
const under = (id: string) => {
  const placed = placedById(card, id);
  if (!placed) throw new Error(`no ${id}`);
  return supportsUnder(card, placed);
};

describe('what a piece lies on in the end', () => {
  it('is told from the nearest down, for paper and for marks', () => {
    expect(under('bird')).toEqual(['label', 'panel', 'mat']);
    expect(under('panel')).toEqual(['mat']);
  });

  it('is nothing for what lies on the base', () => {
    expect(under('mat')).toEqual([]);
  });

  it('ends where pieces lie on one another in a circle', () => {
    const [first] = card.pieces;
    if (!first) throw new Error('expected a mat');
    const round: ResolvedPiece = { ...first, support: first.id };
    expect(supportsUnder({ ...card, pieces: [round] }, round)).toEqual(['mat']);
  });
});

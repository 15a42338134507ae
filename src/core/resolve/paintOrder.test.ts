import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  dotOn,
  drizzle,
  library,
  measure,
  pieceOn,
  planOf,
  reveal,
  stampedOn,
  stencilledOn,
  wordsOn,
  wren,
} from '../../../test/support/plans';
import { drawFace } from '../pictures/drawFace';
import { lyingAbove } from '../measuring/lyingAbove';
import { putOnOrder } from '../measuring/putOnOrder';
import type { Piece } from '../plan/piece';
import { resolvePlan } from './resolvePlan';

const pieces: readonly Piece[] = [
  pieceOn('front', 'panel', reveal('1/8')),
  pieceOn('panel', 'mat', reveal('1/8')),
  pieceOn('mat', 'label', measure('1', '1')),
  pieceOn('front', 'strip', measure('1', '4')),
  pieceOn('inside', 'liner', reveal('1/4')),
  stampedOn('front', 'wren', wren),
  stampedOn('panel', 'bird', wren),
  wordsOn('panel', 'words', ['hello']),
  dotOn('panel', 'gem'),
  stencilledOn('panel', 'rain', drizzle),
  wordsOn('label', 'name', ['you']),
];
const resolved = (list: readonly Piece[]) => resolvePlan(planOf(list), library);
const idsOf = (placed: readonly { readonly id: string }[]) => placed.map(({ id }) => id);
/** A list in an order of its own. */
const shuffled = (keys: readonly number[]) =>
  pieces
    .map((piece, at) => ({ piece, key: keys[at] ?? 0 }))
    .toSorted((a, b) => a.key - b.key)
    .map(({ piece }) => piece);
const anyList = fc
  .array(fc.nat(1000), { minLength: pieces.length, maxLength: pieces.length })
  .map(shuffled);

describe('what lies over what', () => {
  it('is a paper over what it lies on, then its ground, its prints, and what is stuck on', () => {
    expect(idsOf(resolved(pieces).painted.front)).toEqual(
      'wren panel rain bird words gem mat label name strip'.split(' '),
    );
    expect(idsOf(resolved(pieces.toReversed()).painted.front)).toEqual(
      'wren strip panel rain words bird gem mat label name'.split(' '),
    );
  });

  it('is drawn and covers in one order, whatever the order of the list (seed 51)', () => {
    fc.assert(
      fc.property(anyList, (list) => {
        const card = resolved(list);
        const order = card.painted.front;
        const drawn = drawFace(card, 'front').flatMap(({ id, marks }) => [id, ...idsOf(marks)]);
        expect(drawn).toEqual(['base', ...idsOf(order)]);
        for (const [at, placed] of order.entries()) {
          const above = idsOf(lyingAbove(card, placed));
          expect(idsOf(order.slice(at + 1))).toEqual(expect.arrayContaining(above));
        }
        const at = (id: string) => idsOf(order).indexOf(id);
        for (const { id, support } of order)
          if (support !== 'base') expect(at(id)).toBeGreaterThan(at(support));
      }),
      { seed: 51, numRuns: 100 },
    );
  });

  it('is put on from behind, each panel decorated before it is glued, gems at the end', () => {
    expect(idsOf(putOnOrder(resolved(pieces), 'front'))).toEqual(
      'wren rain bird words panel mat name label strip gem'.split(' '),
    );
  });

  it('has papers that lie in a circle nowhere, since they have no place', () => {
    const [a, b] = [pieceOn('b', 'a', reveal('1/8')), pieceOn('a', 'b', reveal('1/8'))];
    expect(resolved([a, b, ...pieces]).painted.front).toHaveLength(10);
  });
});

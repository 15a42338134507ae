import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  chalk,
  fiveLayers,
  library,
  moss,
  pieceOn,
  reveal,
  typed,
} from '../../../test/support/plans';
import { resolvePlan } from '../resolve/resolvePlan';
import { applyEdit } from './applyEdit';
import { batchEdits } from './batchEdits';
import type { SimpleEdit } from './edit';
import { planSchema } from './plan';
import type { OrderKey } from './orderKeys';
import { changePiece, putPieces } from './pieceEdits';
import { apply, id, order } from '../../../test/support/edits';

/** Any edit on the five layers, also ones that name what is not there. */
const anyEdit = (): fc.Arbitrary<SimpleEdit> => {
  const ids = fc
    .constantFrom('paper', 'mat-1', 'mat-2', 'top', 'inside-mat', 'liner', 'new', 'gone')
    .map(id);
  const order = fc.constantFrom('Zz', 'a0V', 'a1', 'a3V', 'a9').map((key) => key as OrderKey);
  const title = fc.constantFrom('Rain day', 'Shed door');
  const gem = { id: id('gem'), item: moss, amount: 3, pieceId: null, note: '' };
  return fc.oneof(
    title.map((text): SimpleEdit => ({
      kind: 'set-about',
      change: { title: text, notes: undefined },
    })),
    fc.constantFrom<SimpleEdit>(
      { kind: 'set-base', change: { fold: 'tent', blankId: 'exact' } },
      { kind: 'set-making', change: { copies: 24 } },
      { kind: 'set-making', change: { spares: { by: 'each', count: 2 } } },
      { kind: 'put', in: 'uses', item: gem },
      { kind: 'change', in: 'uses', id: id('gem'), change: { item: chalk, pieceId: id('top') } },
      { kind: 'put', in: 'uses', item: { ...gem, id: id('dot') } },
      { kind: 'remove', in: 'uses', id: id('gem') },
      { kind: 'set-habits', change: { rulesOff: ['unequal-borders'] } },
    ),
    fc.tuple(ids, ids, order).map(([own, on, key]): SimpleEdit => ({
      kind: 'put',
      in: 'pieces',
      item: { ...pieceOn(on, own, reveal('1/8')), order: key },
    })),
    ids.map((own): SimpleEdit => ({ kind: 'remove', in: 'pieces', id: own })),
    fc
      .tuple(ids, ids)
      .map(([own, on]) =>
        changePiece({ id: own, kind: 'panel' }, { on: { piece: on }, name: 'Strip' }),
      ),
    fc
      .tuple(ids, order)
      .map(([own, key]): SimpleEdit => ({ kind: 'move', in: 'pieces', id: own, order: key })),
    fc
      .tuple(ids, fc.boolean())
      .map(([own, isPut]): SimpleEdit =>
        isPut
          ? { kind: 'put', in: 'accepted', item: { rule: 'unequal-borders', subject: own } }
          : { kind: 'remove', in: 'accepted', id: `unequal-borders:${own}` },
      ),
  );
};

describe('applying an edit', () => {
  it('is taken back by its inverse, whatever the edits (seed 31)', () => {
    fc.assert(
      fc.property(fc.array(anyEdit(), { maxLength: 12 }), (edits) => {
        let plan = fiveLayers();
        for (const edit of edits) {
          const outcome = applyEdit(plan, edit);
          if (!outcome.ok) continue;
          expect(apply(outcome.plan, outcome.inverse)).toEqual(plan);
          plan = outcome.plan;
        }
        expect(planSchema.parse(plan)).toEqual(plan);
      }),
      { seed: 31, numRuns: 300 },
    );
  });

  it('does a batch whole or not at all, and takes it back whole (seed 32)', () => {
    fc.assert(
      fc.property(fc.array(anyEdit(), { maxLength: 6 }), (edits) => {
        const start = fiveLayers();
        const outcome = applyEdit(start, { kind: 'batch', edits });
        if (outcome.ok) expect(apply(outcome.plan, outcome.inverse)).toEqual(start);
        else expect(outcome.issue.code).toMatch(/not-there|there-already/);
        expect(start).toEqual(fiveLayers());
      }),
      { seed: 32, numRuns: 300 },
    );
  });

  it('refuses what is not there or is there already, naming it', () => {
    const gone = applyEdit(fiveLayers(), { kind: 'remove', in: 'pieces', id: id('gone') });
    expect(gone).toEqual({ ok: false, issue: { code: 'not-there', in: 'pieces', id: 'gone' } });
    const piece = pieceOn('front', 'top', reveal('1/8'));
    const twice = applyEdit(fiveLayers(), batchEdits(putPieces(fiveLayers(), 0, [piece])));
    expect(twice).toEqual({ ok: false, issue: { code: 'there-already', in: 'pieces', id: 'top' } });
    const words = changePiece({ id: id('top'), kind: 'words' }, { lines: ['hello'] });
    expect(applyEdit(fiveLayers(), words)).toEqual({
      ok: false,
      issue: { code: 'other-kind', in: 'pieces', id: 'top' },
    });
    const uses = Array.from({ length: 501 }, (_, at): SimpleEdit => ({
      kind: 'put',
      in: 'uses',
      item: { id: id(`u${at}`), item: moss, amount: 1, pieceId: null, note: '' },
    }));
    expect(applyEdit(fiveLayers(), { kind: 'batch', edits: uses })).toEqual({
      ok: false,
      issue: { code: 'too-many', in: 'uses', id: 'u500' },
    });
  });

  it('lets what lay on a removed piece down onto its support, by its own rule', () => {
    const plan = apply(fiveLayers(), { kind: 'remove', in: 'pieces', id: id('mat-2') });
    expect(order(plan)).toContain('top>mat-1');
    const top = resolvePlan(plan, library).pieces.find((piece) => piece.id === 'top');
    expect(top?.rect.width).toBe(typed('3 3/8').ticks);
  });
});

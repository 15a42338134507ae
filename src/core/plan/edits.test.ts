import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  chalk,
  fiveLayers,
  library,
  measure,
  moss,
  pieceOn,
  planOf,
  reveal,
  typed,
} from '../../../test/support/plans';
import { resolvePlan } from '../resolve/resolvePlan';
import { applyEdit } from './applyEdit';
import { batchEdits } from './batchEdits';
import { editSchema, type Edit, type SimpleEdit } from './edit';
import type { PieceId } from './ids';
import { insertPiece, movePiece, movePieceBy, stackOn } from './movePiece';
import { planSchema, type Plan } from './plan';
import type { OrderKey } from './orderKeys';
import { changePiece, putPieces } from './pieceEdits';

const apply = (plan: Plan, edit: Edit | undefined): Plan => {
  const outcome = edit && applyEdit(plan, edit);
  if (!outcome?.ok) throw new Error(`apply: ${JSON.stringify(outcome)}`);
  return outcome.plan;
};
const id = (text: string) => text as PieceId;
/** The pieces in their order, whatever their keys. */
const unkeyed = ({ pieces, ...plan }: Plan) => ({
  ...plan,
  pieces: pieces.map((piece) => ({ ...piece, order: undefined })),
});
const order = (plan: Plan) =>
  plan.pieces.map(({ id: own, on }) => `${own}>${'piece' in on ? on.piece : on.face}`).join(' ');

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
          ? { kind: 'put', in: 'accepted', item: { rule: 'unequal-borders', pieceId: own } }
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

describe('moving in the stack', () => {
  it('changes places with what lies on it, keeping the rules', () => {
    const plan = apply(fiveLayers(), movePiece(fiveLayers(), id('mat-2'), 'up'));
    expect(order(plan)).toMatch(/^paper>front mat-1>paper top>mat-1 mat-2>top/);
    const [, , top, mat] = resolvePlan(plan, library).pieces;
    expect([top?.rect.width, mat?.rect.width]).toEqual([
      typed('3 3/8').ticks,
      typed('3 1/8').ticks,
    ]);
  });

  it('up and down again gives the plan it was (every piece)', () => {
    const plan = fiveLayers();
    let moved = 0;
    for (const { id: own } of plan.pieces) {
      const edit = movePiece(plan, own, 'up');
      if (!edit) continue;
      const up = apply(plan, edit);
      expect(unkeyed(apply(up, movePiece(up, own, 'down')))).toEqual(unkeyed(plan));
      moved++;
    }
    expect(moved).toBe(4);
  });

  it('goes as far as the stack goes, in one edit', () => {
    const far = apply(fiveLayers(), movePieceBy(fiveLayers(), id('paper'), 99));
    expect(order(far)).toMatch(/^mat-1>front mat-2>mat-1 top>mat-2 paper>top/);
    const back = apply(far, movePieceBy(far, id('paper'), -3));
    expect(unkeyed(back)).toEqual(unkeyed(fiveLayers()));
    expect(movePieceBy(far, id('paper'), 1)).toBeUndefined();
  });

  it('only reorders pieces that lie side by side', () => {
    const plan = planOf([
      pieceOn('front', 'left', measure('1', '1')),
      pieceOn('front', 'right', measure('1', '1')),
    ]);
    const moved = apply(plan, movePiece(plan, id('left'), 'up'));
    expect(order(moved)).toBe('right>front left>front');
  });

  it('ends at the top, at the base, and at the other face', () => {
    expect(movePiece(fiveLayers(), id('top'), 'up')).toBeUndefined();
    expect(movePiece(fiveLayers(), id('paper'), 'down')).toBeUndefined();
    expect(movePiece(fiveLayers(), id('liner'), 'up')).toBeUndefined();
    expect(movePiece(fiveLayers(), id('gone'), 'up')).toBeUndefined();
  });

  it('puts a new layer between a support and what lay on it', () => {
    const added = pieceOn('paper', 'new', reveal('1/8'));
    const plan = apply(fiveLayers(), insertPiece(fiveLayers(), added));
    expect(order(plan)).toMatch(/^paper>front new>paper mat-1>new mat-2>mat-1/);
    expect(stackOn(plan, 'front')).toHaveLength(5);
  });
});

describe('the edit schema', () => {
  it('takes no batch in a batch, no unknown kind and no unknown key', () => {
    const batch = { kind: 'batch', edits: [] };
    expect(editSchema.safeParse(batch).success).toBe(true);
    expect(editSchema.safeParse({ kind: 'batch', edits: [batch] }).success).toBe(false);
    expect(editSchema.safeParse({ kind: 'explode' }).success).toBe(false);
    expect(editSchema.safeParse({ kind: 'set-base', change: { flod: 'side' } }).success).toBe(
      false,
    );
    const stock = { kind: 'set-base', change: { stock: { ...chalk, version: 0 } } };
    expect(editSchema.safeParse(stock).success).toBe(false);
  });

  it('takes of a change what a piece of its kind has, and no more', () => {
    const takes = (edit: SimpleEdit) => editSchema.safeParse(edit).success;
    const image = { id: id('wren'), kind: 'image' } as const;
    const stencil = { id: id('drizzle'), kind: 'stencil' } as const;
    const colours = (count: number) => Array.from({ length: count }, () => '#5c2e4b');
    expect(takes(changePiece(image, { colours: colours(12) }))).toBe(true);
    expect(takes(changePiece(image, { colours: colours(13) }))).toBe(false);
    expect(takes(changePiece(stencil, { colours: colours(6) }))).toBe(true);
    expect(takes(changePiece(stencil, { colours: colours(7) }))).toBe(false);
    const panel = { id: id('top'), kind: 'panel' } as const;
    expect(takes(changePiece(panel, { lines: ['hello'] } as never))).toBe(false);
    expect(takes(changePiece(panel, { kind: 'image' } as never))).toBe(false);
  });
});

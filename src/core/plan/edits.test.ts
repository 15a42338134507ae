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
import { editSchema, type Edit, type SimpleEdit } from './edit';
import { editTouches, supportsExist } from './editTouches';
import type { PieceId } from './ids';
import { insertPiece, movePiece, movePieceBy, stackOn } from './movePiece';
import { planSchema, type Plan } from './plan';

const apply = (plan: Plan, edit: Edit | undefined): Plan => {
  const outcome = edit && applyEdit(plan, edit);
  if (!outcome?.ok) throw new Error(`apply: ${JSON.stringify(outcome)}`);
  return outcome.plan;
};
const id = (text: string) => text as PieceId;
const order = (plan: Plan) =>
  plan.pieces.map(({ id: own, on }) => `${own}>${'piece' in on ? on.piece : on.face}`).join(' ');

/** Any edit on the five layers, also ones that name what is not there. */
const anyEdit = (): fc.Arbitrary<SimpleEdit> => {
  const ids = fc
    .constantFrom('paper', 'mat-1', 'mat-2', 'top', 'inside-mat', 'liner', 'new', 'gone')
    .map(id);
  const index = fc.integer({ min: 0, max: 8 });
  const title = fc.constantFrom('Rain day', 'Shed door');
  return fc.oneof(
    title.map((text): SimpleEdit => ({
      kind: 'set-about',
      change: { title: text, notes: undefined },
    })),
    fc.constantFrom<SimpleEdit>(
      { kind: 'set-base', change: { fold: 'tent', blankId: 'exact' } },
      { kind: 'set-making', change: { copies: 24 } },
      { kind: 'set-making', change: { spares: { by: 'each', count: 2 } } },
      { kind: 'set-use', id: id('gem'), use: { item: moss, amount: 3, pieceId: null, note: '' } },
      {
        kind: 'set-use',
        id: id('gem'),
        use: { item: chalk, amount: 0, pieceId: id('top'), note: '' },
      },
      { kind: 'set-use', id: id('dot'), use: { item: moss, amount: 1, pieceId: null, note: '' } },
      { kind: 'set-use', id: id('gem'), use: null },
      { kind: 'set-habits', change: { rulesOff: ['unequal-borders'] } },
    ),
    fc.tuple(ids, ids, index).map(([own, on, at]): SimpleEdit => ({
      kind: 'add-piece',
      piece: pieceOn(on, own, reveal('1/8')),
      index: at,
    })),
    ids.map((own): SimpleEdit => ({ kind: 'remove-piece', id: own })),
    fc.tuple(ids, ids).map(([own, on]): SimpleEdit => ({
      kind: 'change-piece',
      id: own,
      change: { on: { piece: on }, name: 'Strip' },
    })),
    fc
      .tuple(ids, index)
      .map(([own, at]): SimpleEdit => ({ kind: 'reorder-piece', id: own, index: at })),
    fc.tuple(ids, fc.boolean()).map(([own, accepted]): SimpleEdit => ({
      kind: 'accept-finding',
      finding: { rule: 'unequal-borders', pieceId: own },
      accepted,
    })),
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
        else expect(outcome.issue.code).toMatch(/no-such-piece|piece-exists/);
        expect(start).toEqual(fiveLayers());
      }),
      { seed: 32, numRuns: 300 },
    );
  });

  it('refuses what is not there or is there already, naming it', () => {
    const gone = applyEdit(fiveLayers(), { kind: 'remove-piece', id: id('gone') });
    expect(gone).toEqual({ ok: false, issue: { code: 'no-such-piece', pieceId: 'gone' } });
    const piece = pieceOn('front', 'top', reveal('1/8'));
    const twice = applyEdit(fiveLayers(), { kind: 'add-piece', piece, index: 0 });
    expect(twice).toEqual({ ok: false, issue: { code: 'piece-exists', pieceId: 'top' } });
  });

  it('lets what lay on a removed piece down onto its support, by its own rule', () => {
    const plan = apply(fiveLayers(), { kind: 'remove-piece', id: id('mat-2') });
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
      expect(apply(up, movePiece(up, own, 'down'))).toEqual(plan);
      moved++;
    }
    expect(moved).toBe(4);
  });

  it('goes as far as the stack goes, in one edit', () => {
    const far = apply(fiveLayers(), movePieceBy(fiveLayers(), id('paper'), 99));
    expect(order(far)).toMatch(/^mat-1>front mat-2>mat-1 top>mat-2 paper>top/);
    expect(apply(far, movePieceBy(far, id('paper'), -3))).toEqual(fiveLayers());
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

describe('what an edit touches', () => {
  it('keeps fields and pieces apart', () => {
    const touches = (edit: Edit) => [...editTouches(fiveLayers(), edit)];
    expect(touches({ kind: 'set-about', change: { title: 'Rain day' } })).toEqual(['about.title']);
    expect(touches({ kind: 'set-base', change: { fold: 'tent' } })).toEqual(['base.fold']);
    expect(touches({ kind: 'change-piece', id: id('top'), change: { name: 'Panel' } })).toEqual([
      'piece:top',
    ]);
    expect(touches({ kind: 'remove-piece', id: id('mat-2') })).toEqual([
      'piece:mat-2',
      'piece:top',
    ]);
  });

  it('lets two edits that share nothing be applied in either order (seed 33)', () => {
    fc.assert(
      fc.property(anyEdit(), anyEdit(), (a, b) => {
        const plan = fiveLayers();
        const shared = [...editTouches(plan, a)].some((key) => editTouches(plan, b).has(key));
        // Places in the list shift with every piece that comes or goes, which does not count.
        const moves = [a, b].some(({ kind }) => kind === 'add-piece' || kind === 'reorder-piece');
        const [first, second] = [applyEdit(plan, a), applyEdit(plan, b)];
        if (shared || moves || !first.ok || !second.ok) return;
        const ab = applyEdit(first.plan, b);
        const ba = applyEdit(second.plan, a);
        if (!ab.ok || !ba.ok) throw new Error('the second edit was refused');
        // A removal lets down what another edit may have hung elsewhere: support is looked at apart.
        if (supportsExist(ab.plan) && supportsExist(ba.plan)) {
          const sorted = (p: Plan) => ({
            ...p,
            accepted: p.accepted.map((each) => JSON.stringify(each)).sort(),
          });
          expect(sorted(ab.plan)).toEqual(sorted(ba.plan));
        }
      }),
      { seed: 33, numRuns: 1000 },
    );
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
});

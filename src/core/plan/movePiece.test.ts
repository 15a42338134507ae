import { describe, expect, it } from 'vitest';
import {
  fiveLayers,
  library,
  measure,
  pieceOn,
  planOf,
  reveal,
  typed,
} from '../../../test/support/plans';
import { resolvePlan } from '../resolve/resolvePlan';
import { insertPiece, movePiece, movePieceBy, stackOn } from './movePiece';
import type { Plan } from './plan';
import { apply, id, order } from '../../../test/support/edits';

/** The pieces in their order, whatever their keys. */
const unkeyed = ({ pieces, ...plan }: Plan) => ({
  ...plan,
  pieces: pieces.map((piece) => ({ ...piece, order: undefined })),
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

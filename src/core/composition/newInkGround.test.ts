import { describe, expect, it } from 'vitest';
import { demoCards } from '../../../test/support/demoCards';
import { library, measure, pieceOn, planOf } from '../../../test/support/plans';
import { applyEdit } from '../plan/applyEdit';
import { batchEdits } from '../plan/batchEdits';
import { labOf } from '../colour/lab';
import { seenOn } from '../kinds/coat';
import type { PieceId } from '../plan/ids';
import { findItem } from '../plan/library';
import { resolvePlan } from '../resolve/resolvePlan';
import { inkGrounds, layGround, newInkGround } from './newInkGround';

const plan = planOf([pieceOn('front', 'panel', measure('4', '5'))]);
const start = {
  id: 'new' as PieceId,
  on: { piece: 'panel' as PieceId },
  paper: '#f5efe2',
  library,
  holdings: [],
  unit: 'in',
} as const;

describe('a ground that is new', () => {
  it.each(inkGrounds)('of kind %s is drawn on its paper at once', (kind) => {
    const outcome = applyEdit(plan, batchEdits(layGround(plan, newInkGround(kind, start))));
    if (!outcome.ok) throw new Error(outcome.issue.code);
    const card = resolvePlan(outcome.plan, library);
    expect(card.marks).toMatchObject([{ id: 'new', support: 'panel', piece: { kind } }]);
  });

  it('comes out of what is there, darker than light paper and lighter than dark; else it is a wish', () => {
    const inks = demoCards.flatMap((card) => card.library);
    const seenOf = (paper: string) => {
      const edges = newInkGround('edges', { ...start, paper, library: inks });
      if (edges.kind !== 'edges' || !('item' in edges.ink)) throw new Error('no ink of the stash');
      const item = findItem(inks, edges.ink.item);
      return labOf(item?.kind === 'ink' ? seenOn(item, paper) : paper).l - labOf(paper).l;
    };
    expect(seenOf('#f5efe2')).toBeLessThan(-10);
    expect(seenOf('#33383c')).toBeGreaterThan(10);
    expect(newInkGround('edges', { ...start, library: [] })).toMatchObject({
      ink: { wish: expect.stringMatching(/^#/) },
    });
  });
});

import { describe, expect, it } from 'vitest';
import { layersIn, library, planOf, stampedOn, typed, wren } from '../../../test/support/plans';
import { must } from '../../../test/support/must';
import { applyEdit } from '../plan/applyEdit';
import { changePiece } from '../plan/pieceEdits';
import type { Plan } from '../plan/plan';
import { inkOf } from './inkOf';
import { resolvePlan } from './resolvePlan';

const bird = stampedOn('front', 'bird', wren);
const other = stampedOn('front', 'other', wren, { x: { from: 'left', distance: typed('1') } });
const plan = planOf([bird, other]);
const inks = (of: Plan) => resolvePlan(of, library).marks.map(inkOf);
const changed = (change: Parameters<typeof changePiece<'image'>>[1]) => {
  const outcome = applyEdit(plan, changePiece(bird, change));
  if (!outcome.ok) throw new Error(outcome.issue.code);
  return outcome.plan;
};

describe('what a print leaves on its paper', () => {
  it('stays where it was for pieces an edit leaves alone, and follows the piece that moves', () => {
    const [own = [], others = []] = inks(plan);
    const moved = inks(changed({ place: { ...bird.place, turn: 90 } }));
    expect(must(moved[1]).map(({ outline }) => outline)).toEqual(
      others.map(({ outline }) => outline),
    );
    expect(must(must(moved[1])[0]).outline).toBe(must(others[0]).outline);
    expect(must(must(moved[0])[0]).outline).not.toEqual(must(own[0]).outline);
  });

  it('takes another colour with the same outline', () => {
    const [own = []] = inks(plan);
    const [coloured = []] = inks(changed({ layers: layersIn('#aa3322', '#1e2428') }));
    expect(coloured.map(({ paint }) => paint.colour)).toEqual(['#aa3322', '#1e2428']);
    expect(coloured.map(({ outline }) => outline)).toEqual(own.map(({ outline }) => outline));
  });
});

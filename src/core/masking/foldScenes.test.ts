import { describe, expect, it } from 'vitest';
import { demoCards } from '../../../test/support/demoCards';
import { after } from '../../../test/support/edits';
import { must } from '../../../test/support/must';
import { square } from '../../../test/support/shapes';
import { batchEdits } from '../plan/batchEdits';
import type { Plan } from '../plan/plan';
import { changeScene } from '../plan/sceneEdits';
import { paperAfter } from '../pictures/paperAfter';
import { stampingSteps } from '../prose/stampingSteps';
import { resolvePlan } from '../resolve/resolvePlan';
import { stripTurns } from './stripTurns';
import { maskCard } from './maskCard';

const { plan, library } = must(demoCards.find(({ id }) => id === 'hillside-beds'));
const scene = must(plan.scenes[0]);
const told = (of: Plan) => {
  const card = resolvePlan(of, library);
  const masks = maskCard(of, card);
  const paper = must(masks.papers.find(({ support }) => support === 'hill-panel'));
  return { card, masks, paper, acts: paper.acts.map(({ id }) => id) };
};

describe('the turns of a scene', () => {
  it('lay back as few strips as can be, none beside one that is open', () => {
    const strip = (at: number, y: number) => ({
      ...{ id: String(at), at, area: 1 },
      outline: [square(0, y, 100)],
    });
    const inked = [{ mark: 'm' as never, strips: ['0', '1', '2', '3', '4'] }];
    const five = [0, 1, 2, 3, 4].map((at) => strip(at, at * 100));
    const { turns, laidBack, isProven } = stripTurns({ strips: five, inked, turns: null });
    expect(turns.map((open) => open.map(({ at }) => at))).toEqual([
      [1, 3],
      [0, 2, 4],
    ]);
    expect([laidBack.map(({ at }) => at), isProven]).toEqual([[1, 3], true]);
    // Where nothing is inked a strip stays on, and its neighbours need not wait for one another.
    const some = stripTurns({
      ...{ strips: five, turns: null },
      inked: [{ mark: 'm' as never, strips: ['0', '2'] }],
    });
    expect(some.turns.map((open) => open.map(({ at }) => at))).toEqual([[0, 2]]);
    expect(some.laidBack).toEqual([]);
    // From the top downward, as set by hand: what the next lies beside is laid back; those left out come last.
    const set = stripTurns({ strips: five, inked, turns: [['0'], ['1'], ['2', '3'], ['gone']] });
    expect(set.turns.map((open) => open.map(({ at }) => at))).toEqual([[0], [1], [2, 3], [4]]);
    expect(set.laidBack.map(({ at }) => at)).toEqual([0, 1, 3]);
    expect([set.fewest, set.isSet]).toEqual([2, true]);
    expect(set.together.map((pair) => pair.map(({ at }) => at))).toEqual([[2, 3]]);
  });
});

describe('the acts of a scene', () => {
  it('cover the panel, ink what belongs in the open strips, and lay back on dry ink only', () => {
    const { acts, paper } = told(plan);
    expect(acts).toEqual([
      'cover:sky',
      'lift:sky 1',
      ...['lay:far-hill 1', 'lay:leek-bed 1', 'stamp:scarecrow 1', 'return:sky 1'],
      'lift:sky 2',
      ...['lay:sun 2', 'return:sky 2'],
      'lift:sky 3',
      ...['lay:sky 3', 'lay:bean-bed 3', 'lay:path 3', 'lay:rows 3', 'stamp:scarecrow 3'],
      'lay:sky',
      'stamp:greeting',
    ]);
    const back = must(paper.acts.find(({ kind }) => kind === 'return'));
    expect(back.after.map(({ because }) => because)).toEqual(Array(3).fill('dry-strip'));
    const ids = new Set(acts);
    for (const act of paper.acts) for (const before of act.after) expect(ids).toContain(before.act);
  });

  it('are drawn: strips lie on but for the open ones, and a figure grows by its strips', () => {
    const { card, paper } = told(plan);
    const at = (id: string) => paper.acts.findIndex((act) => act.id === id) + 1;
    const after = (id: string) => paperAfter(card, paper.face, paper.support, paper.acts, at(id));
    expect(after('cover:sky').masks.map(({ letter }) => letter)).toEqual([
      ...['1', '2', '3', '4', '5', '6'],
    ]);
    expect(after('lift:sky 1').masks.map(({ letter }) => letter)).toEqual(['1', '3', '5', '6']);
    expect(after('return:sky 1').masks).toHaveLength(6);
    expect(after('lay:sky').masks).toEqual([]);
    const scarecrow = (id: string) => JSON.stringify(after(id).done.at(-1)).length;
    // In the first turn strips 2 and 4 are its clip, in the last strip 3 too.
    expect(scarecrow('stamp:scarecrow 3')).toBeGreaterThan(scarecrow('stamp:scarecrow 1'));
  });

  it('are told in sentences', () => {
    const { card, masks } = told(plan);
    const [steps] = stampingSteps(plan, card, masks, 'mm');
    expect(steps?.steps.slice(0, 6)).toEqual([
      'Lay all 6 strips on, by the outline of the paper.',
      'Lift strips 2 and 4.',
      'Lay Far hill in strip 2.',
      'Lay Leek bed in strip 4.',
      'Stamp Scarecrow in strips 2 and 4.',
      'Once the ink is dry, and only then, lay strips 2 and 4 back.',
    ]);
    expect(steps?.steps[6]).toBe('Lift the disc.');
  });

  it('are none where nothing is inked in strips yet, and what meets the scene meets it as one', () => {
    const begun = after(plan, batchEdits([changeScene(scene, { inked: [] })]));
    expect(told(begun).acts.some((id) => id.startsWith('cover'))).toBe(false);
    const { paper } = told(plan);
    expect(paper.order.map(({ id }) => id)).toEqual(['sky', 'greeting']);
    expect(paper.meetings.map(({ behind, front }) => [behind.id, front.id])).toEqual([
      ['sky', 'greeting'],
    ]);
  });
});

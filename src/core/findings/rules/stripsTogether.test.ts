import { expect, it } from 'vitest';
import { demoCards } from '../../../../test/support/demoCards';
import { after } from '../../../../test/support/edits';
import { must } from '../../../../test/support/must';
import { changeScene, turnedTo } from '../../plan/sceneEdits';
import type { Plan } from '../../plan/plan';
import { resolvePlan } from '../../resolve/resolvePlan';
import { noResults } from '../finding';
import { stripsTogether } from './stripsTogether';

const { plan, library } = must(demoCards.find(({ id }) => id === 'hillside-beds'));
const found = (of: Plan) =>
  stripsTogether.find({ plan: of, card: resolvePlan(of, library), library, results: noResults });

it('strips side by side that are open together are told, and opened in the best turns', () => {
  const scene = must(plan.scenes[0]);
  expect(found(plan)).toEqual([]);
  const proposed = [['far', 'leeks'], ['disc'], ['top', 'beans', 'near']];
  const apart = after(plan, changeScene(scene, { turns: turnedTo(proposed, 'leeks', 3) }));
  expect(apart.scenes[0]?.turns).toEqual([['far'], ['disc'], ['top', 'beans', 'near'], ['leeks']]);
  expect(found(apart)).toEqual([]);
  const together = after(plan, changeScene(scene, { turns: turnedTo(proposed, 'beans', 0) }));
  const [first, ...more] = found(together);
  expect(more).toEqual([]);
  expect(first).toMatchObject({
    subject: { id: 'hill-panel' },
    data: { scene: 'Hillside', strips: [{ id: 'far' }, { id: 'beans' }, { id: 'leeks' }] },
  });
  expect(after(together, must(first?.remedies[0]).edit)).toEqual(plan);
});

import { describe, expect, it } from 'vitest';
import { demoCards } from '../../../../test/support/demoCards';
import { after } from '../../../../test/support/edits';
import { must } from '../../../../test/support/must';
import { batchEdits } from '../../plan/batchEdits';
import type { PieceId } from '../../plan/ids';
import type { Plan } from '../../plan/plan';
import { changeScene, inkedIn } from '../../plan/sceneEdits';
import { resolvePlan } from '../../resolve/resolvePlan';
import { noResults } from '../finding';
import { stripsBare } from './stripsBare';

const { plan, library } = must(demoCards.find(({ id }) => id === 'hillside-beds'));
const scene = must(plan.scenes[0]);
const found = (of: Plan) =>
  stripsBare.find({ plan: of, card: resolvePlan(of, library), library, results: noResults });
const inked = (list: typeof scene.inked) =>
  after(plan, batchEdits([changeScene(scene, { inked: list })]));
const id = (text: string) => text as PieceId;

describe('strips that nothing is inked in', () => {
  it('are none on the hillside, nor where a scene is only begun, nor a disc left as the paper is', () => {
    expect(found(plan)).toEqual([]);
    expect(found(inked([]))).toEqual([]);
    expect(found(inked(scene.inked.filter(({ piece }) => piece !== id('sun'))))).toEqual([]);
  });

  it('are told, and inked as the strip beside them', () => {
    const elsewhere = scene.inked.map((each) =>
      each.piece === id('sky') ? { ...each, strips: [id('near')] } : each,
    );
    const bare = inked(elsewhere);
    const [first, ...more] = found(bare);
    expect(more).toEqual([]);
    expect(first).toMatchObject({
      subject: { kind: 'piece', id: 'hill-panel' },
      data: { why: 'bare', strips: [{ id: 'top', at: 0 }] },
    });
    const mended = after(bare, must(first?.remedies[0]).edit);
    expect(found(mended)).toEqual([]);
    expect(mended.scenes[0]?.inked.find(({ piece }) => piece === id('far-hill'))?.strips).toEqual([
      ...['far', 'top'],
    ]);
  });

  it('do not matter under a ground over all, and a mark whose strips are gone is told', () => {
    const open = scene.inked.filter(({ piece }) => piece !== id('sky') && piece !== id('far-hill'));
    expect(found(inked(open))).toEqual([]);
    const lost = inkedIn(scene, id('sun'), 'disc', false);
    const elsewhere = found(inked([...lost, { piece: id('sun'), strips: [id('gone')] }]));
    expect(elsewhere.map(({ subject, data }) => [subject, data])).toMatchObject([
      [{ id: 'sun' }, { why: 'lost', scene: 'Hillside' }],
    ]);
  });
});

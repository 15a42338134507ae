import { describe, expect, it } from 'vitest';
import { apply } from '../../../test/support/edits';
import {
  bowAt,
  dotOn,
  library,
  measure,
  pieceOn,
  planOf,
  ribbonOn,
  typed,
} from '../../../test/support/plans';
import { must } from '../../../test/support/must';
import { millimetres } from '../length/length';
import type { Plan } from '../plan/plan';
import { postPlan } from '../post/postPlan';
import { resolvePlan } from '../resolve/resolvePlan';
import { postRemedies } from './postRemedies';

const posted = (plan: Plan) => postPlan(plan, resolvePlan(plan, library), library, []);
const remediesOf = (plan: Plan) =>
  [...postRemedies({ plan, library, holdings: [] }, posted(plan))].flatMap((each) => each ?? []);

/** A frame of foam with a gem on what lies on it: 5.6 mm, so just over the 5 mm of a letter in the United Kingdom. */
const justOver = () =>
  planOf([
    pieceOn('front', 'frame', measure('4', '5'), { attach: 'foam' }),
    pieceOn('frame', 'panel', measure('3', '4'), { attach: 'foam' }),
    dotOn('panel', 'gem'),
  ]);

const cheapestIn = (plan: Plan, scheme: string) =>
  posted(plan).schemes.find(({ of }) => of.id === scheme)?.cheapest?.of.id;

describe('what brings a card into a cheaper class', () => {
  it('is thinner foam, or the gem left out or made flat; each tried on the card', () => {
    const plan = justOver();
    expect(posted(plan).map.highest).toBe(millimetres(0.6 + 2 * 1.8 + 2));
    expect(cheapestIn(plan, 'uk')).toBe('uk-large-letter');
    const uk = remediesOf(plan).filter(({ cheaper }) => cheaper.uk === 'uk-letter');
    const codes = uk.map(({ deeds }) => deeds.map(({ code }) => code).join(' and '));
    expect(codes).toEqual(expect.arrayContaining(['thinner', 'flatter', 'without']));
    for (const { edit, height } of uk) {
      const then = apply(plan, edit);
      expect(posted(then).map.highest).toBe(height);
      expect(cheapestIn(then, 'uk')).toBe('uk-letter');
    }
  });

  it('is the bow off the highest pile, or a flat one', () => {
    const ribbon = ribbonOn('front', 'ribbon', { bow: bowAt('40 mm', { tail: typed('0') }) });
    const place = { x: { from: 'left', distance: typed('0') }, y: { from: 'centre' }, turn: 0 };
    const plan = planOf([
      pieceOn('front', 'panel', measure('2 1/2', '4'), {
        attach: 'foam',
        place: place as typeof ribbon.place,
      }),
      ribbon,
    ]);
    const us = remediesOf(plan).filter(({ cheaper }) => cheaper.us !== undefined);
    const [moved, flat] = us.map(({ deeds: [deed], edit, height }) => {
      expect(posted(apply(plan, edit)).map.highest).toBe(height);
      return { deed, height };
    });
    expect(posted(plan).map.highest).toBe(millimetres(7));
    expect(moved).toMatchObject({
      deed: { code: 'bow-along', name: 'ribbon', from: 'left' },
      height: millimetres(5.2),
    });
    expect(flat).toMatchObject({ deed: { code: 'flat-bow' }, height: millimetres(4.2) });
  });

  it('lowers all that one adhesive holds together, so that what was level stays so', () => {
    const [thinner] = remediesOf(justOver()).filter(({ deeds }) => deeds[0]?.code === 'thinner');
    expect(must(thinner).deeds).toMatchObject([{ from: 'foam', pieces: 2 }]);
    expect(must(thinner).edit).toMatchObject({ edits: { length: 2 } });
  });

  it('is another envelope where only that is in the way', () => {
    const plan = planOf([]);
    const square: Plan = {
      ...plan,
      post: { ...plan.post, envelope: { by: 'standard', id: 'square-6-1/2' } },
    };
    expect(cheapestIn(square, 'us')).toBe('us-flat');
    const deeds = remediesOf(square).flatMap((each) => (each.cheaper.us ? each.deeds : []));
    expect(deeds).toContainEqual({ code: 'envelope', name: 'A2 envelope' });
  });

  it('is nothing where a card goes by the cheapest class everywhere', () => {
    const plan = planOf([]);
    const c6: Plan = { ...plan, post: { ...plan.post, envelope: { by: 'standard', id: 'c6' } } };
    expect(remediesOf(c6)).toEqual([]);
  });
});

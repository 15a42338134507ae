import { describe, expect, it } from 'vitest';
import { rules } from '../../core/compute/rules/rules';
import { ruleGroupOf, ruleGroups } from '../../core/plan/rules';
import { stationFigures } from './stationFigures';
import { stationKeys } from './stationKeys';
import { isView, pageTitle, stations } from './stations';

describe('the stations', () => {
  it('have names, digits and addresses of their own, the digits in working order', () => {
    for (const of of ['id', 'name', 'digit'] as const)
      expect(new Set(stations.map((each) => each[of])).size).toBe(stations.length);
    const digits = stations.map(({ digit }) => Number(digit));
    expect(digits).toEqual(digits.toSorted((a, b) => a - b));
    expect(stations.every(({ id }) => isView(id))).toBe(true);
    expect(isView('no-such-view')).toBe(false);
    expect(pageTitle('Rain day', 'layout')).toBe('Rain day, Layout · Nibwright');
  });

  it('mend each group of rules at one place only, so that no finding is counted twice or never', () => {
    expect(stations.flatMap(({ mends }) => mends).toSorted()).toEqual(ruleGroups.toSorted());
  });

  it.each(stations)('load the rules they mend, and a view: $name', async (station) => {
    const loaded = await station.loadRules();
    const own = rules.filter(({ id }) => station.mends.includes(ruleGroupOf[id]));
    expect(new Set(loaded)).toEqual(new Set(own));
    expect(await station.load()).toBeTypeOf('function');
    expect(stationKeys[station.id]?.length).toBeGreaterThan(0);
    expect(stationFigures[station.id]).toBeTypeOf('function');
  });
});

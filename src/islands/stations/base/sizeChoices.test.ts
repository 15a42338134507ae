import { describe, expect, it } from 'vitest';
import {
  library,
  measure,
  pieceOn,
  planOf,
  reveal,
  ticksOf,
  typed,
} from '../../../../test/support/plans';
import type { SizeRule } from '../../../core/plan/piece';
import { resolvePlan } from '../../../core/resolve/resolvePlan';
import { sizeFields, sizeWays, type FigureWay } from './sizeChoices';

const resolved = (size: SizeRule) =>
  resolvePlan(planOf([pieceOn('front', 'a', size)]), library).pieces[0];
const sides = {
  by: 'sides',
  left: typed('1/8'),
  top: typed('1/4'),
  right: typed('3/8'),
  bottom: typed('1/2'),
} as const satisfies SizeRule;
const rules: readonly (SizeRule & { readonly by: FigureWay })[] = [
  { by: 'reveal', all: typed('1/8') },
  sides,
  { by: 'step', overall: typed('1/4') },
  { by: 'measure', width: typed('4'), height: typed('5') },
];
const figureWays = rules.map(({ by }) => by);

describe('the ways to give a size', () => {
  it('are all offered, each with at least one figure', () => {
    expect(sizeWays.map(({ by }) => by)).toEqual([...figureWays, 'outset', 'die', 'stamp']);
    for (const by of figureWays)
      expect(sizeFields(by, reveal('1/8'), resolved(reveal('1/8'))).length).toBeGreaterThan(0);
  });

  it.each(rules)('give the same rule back when a figure is kept as it is: $by', (rule) => {
    const fields = sizeFields(rule.by, rule, resolved(rule));
    for (const { value, withValue } of fields) expect(withValue(value)).toEqual(rule);
  });

  it.each(rules)(
    'start from the figures the piece has now, so that looking changes nothing: $by',
    (rule) => {
      const before = resolved(rule);
      if (!before) throw new Error('no figures');
      for (const way of ['sides', 'measure'] as const) {
        const [first] = sizeFields(way, rule, before);
        const after = first && resolved(first.withValue(first.value));
        expect(after?.rect.width).toBe(before.rect.width);
        expect(after?.rect.height).toBe(before.rect.height);
      }
    },
  );

  it('change one side and leave the others', () => {
    const right = sizeFields('sides', sides, resolved(sides)).find(({ key }) => key === 'right');
    expect(right?.withValue(typed('1'))).toEqual({ ...sides, right: typed('1') });
  });

  it('never offer less than nothing for a piece that overhangs or has no figures', () => {
    const over = measure('5', '6');
    const offered = [
      ...figureWays.flatMap((way) => sizeFields(way, over, resolved(over))),
      ...figureWays.flatMap((way) => sizeFields(way, reveal('9'), undefined)),
    ];
    expect(offered.length).toBeGreaterThan(12);
    for (const { value } of offered) expect(value.ticks).toBeGreaterThanOrEqual(0);
    expect(sizeFields('reveal', reveal('9'), undefined)[0]?.value.ticks).toBe(ticksOf('9'));
  });
});

import { describe, expect, it } from 'vitest';
import { loadHighs } from '../../../test/support/highs';
import { seeded } from '../seeded';
import { CoverRelaxation } from './relaxCover';

const highs = await loadHighs();

interface Programme {
  readonly patterns: readonly { readonly source: number; readonly counts: readonly number[] }[];
  readonly wanted: readonly number[];
  readonly costs: readonly number[];
  readonly limits: readonly (number | undefined)[];
}

const shortCost = 500;

/** A covering programme by chance, with more patterns than rows and now and then a limit. */
function someProgramme(seed: number): Programme {
  const random = seeded(seed);
  const upTo = (most: number) => Math.floor(random() * (most + 1));
  const kinds = 2 + upTo(12);
  const sources = 1 + upTo(2);
  return {
    wanted: Array.from({ length: kinds }, () => upTo(40)),
    costs: Array.from({ length: sources }, (_, at) => (at === 0 ? 1 : 0.2 + random())),
    limits: Array.from({ length: sources }, (_, at) =>
      at > 0 && random() < 0.7 ? upTo(6) : undefined,
    ),
    patterns: Array.from({ length: 4 + upTo(60) }, () => ({
      source: upTo(sources - 1),
      counts: Array.from({ length: kinds }, () => (random() < 0.35 ? upTo(5) : 0)),
    })),
  };
}

/** The same by HiGHS, a linear solver by others: the least cost. */
function leastCost({ patterns, wanted, costs, limits }: Programme): number {
  const rows = wanted.flatMap((count, piece) => {
    if (count <= 0) return [];
    const terms = patterns.flatMap(({ counts }, at) =>
      counts[piece] ? [`${Math.min(counts[piece] ?? 0, count)} x${at}`] : [],
    );
    return [` r${piece}: ${[...terms, `s${piece}`].join(' + ')} >= ${count}`];
  });
  const limitRows = limits.flatMap((limit, source) => {
    const terms = patterns.flatMap((each, at) => (each.source === source ? [`x${at}`] : []));
    return limit === undefined || terms.length === 0
      ? []
      : [` l${source}: ${terms.join(' + ')} <= ${limit}`];
  });
  const objective = [
    ...patterns.map(({ source }, at) => `${costs[source]} x${at}`),
    ...wanted.flatMap((count, piece) => (count > 0 ? [`${shortCost} s${piece}`] : [])),
  ];
  const text = [
    'Minimize',
    ` cost: ${objective.join(' + ')}`,
    'Subject To',
    ...rows,
    ...limitRows,
    'End',
  ];
  const { Columns } = highs.solve(text.join('\n'));
  return Object.entries(Columns).reduce((sum, [name, { Primal = 0 }]) => {
    const at = Number(name.slice(1));
    return (
      sum + Primal * (name.startsWith('s') ? shortCost : (costs[patterns[at]?.source ?? 0] ?? 0))
    );
  }, 0);
}

function relaxationOf({ patterns, wanted, costs, limits }: Programme): CoverRelaxation {
  const relaxation = new CoverRelaxation(wanted, costs, limits, shortCost);
  for (const pattern of patterns) relaxation.add(pattern);
  return relaxation;
}

/** What the prices say it costs at least: by duality as much as it does. */
function pricedCost(
  { patterns, wanted, costs, limits }: Programme,
  prices: readonly number[],
): number {
  const worth = prices.reduce((sum, price, piece) => sum + price * (wanted[piece] ?? 0), 0);
  return limits.reduce<number>((sum, limit, source) => {
    if (limit === undefined) return sum;
    const gain = Math.max(
      0,
      ...patterns.map((pattern) =>
        pattern.source === source
          ? pattern.counts.reduce(
              (own, count, piece) =>
                own + Math.min(count, wanted[piece] ?? 0) * (prices[piece] ?? 0),
              -(costs[source] ?? 0),
            )
          : 0,
      ),
    );
    return sum - limit * gain;
  }, worth);
}

describe('sheets cut in parts', () => {
  const seeds = Array.from({ length: 60 }, (_, at) => at + 1);

  it.each(seeds)('cost as little as HiGHS finds, and the prices prove it (seed %i)', (seed) => {
    const programme = someProgramme(seed);
    const { uses, prices } = relaxationOf(programme).solve();
    const least = leastCost(programme);
    const made = programme.wanted.map((_, piece) =>
      uses.reduce((sum, use, at) => {
        const count = programme.patterns[at]?.counts[piece] ?? 0;
        return sum + use * Math.min(count, programme.wanted[piece] ?? 0);
      }, 0),
    );
    const cost = uses.reduce(
      (sum, use, at) => sum + use * (programme.costs[programme.patterns[at]?.source ?? 0] ?? 0),
      0,
    );
    const short = programme.wanted.reduce(
      (sum, count, piece) => sum + Math.max(0, count - (made[piece] ?? 0)),
      0,
    );
    expect(cost + short * shortCost).toBeCloseTo(least, 3);
    expect(pricedCost(programme, prices)).toBeCloseTo(least, 3);
    expect(Math.min(...uses, ...prices, 0)).toBe(0);
  });

  it('go on from where they were when a pattern comes (seed 7)', () => {
    const programme = someProgramme(7);
    const step = new CoverRelaxation(
      programme.wanted,
      programme.costs,
      programme.limits,
      shortCost,
    );
    let last = Infinity;
    for (const pattern of programme.patterns) {
      step.add(pattern);
      const { prices } = step.solve();
      const cost = pricedCost({ ...programme, patterns: [] }, prices);
      if (programme.limits.every((limit) => limit === undefined))
        expect(cost).toBeLessThanOrEqual(last + 1e-3);
      last = cost;
    }
    expect(pricedCost(programme, step.solve().prices)).toBeCloseTo(leastCost(programme), 3);
  });
});

import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { faultsOf } from '../../../test/support/checkSchedule';
import { activity, flowShop, jobShop } from '../../../test/support/shops';
import { seeded } from '../seeded';
import type {
  Activity,
  Placed,
  Resource,
  ScheduleOutcome,
  ScheduleProblem,
} from './scheduleProblem';
import { solveSchedule } from './solveSchedule';

const never = () => false;

function solved(problem: ScheduleProblem): Extract<ScheduleOutcome, { ok: true }> {
  const outcome = solveSchedule(problem, never);
  if (!outcome.ok) throw new Error(`no schedule: ${JSON.stringify(outcome.issue)}`);
  expect(faultsOf(problem, outcome.placed)).toEqual([]);
  return outcome;
}

const hands = [{ resource: 'hands', amount: 1 }];

interface Reference {
  readonly johnson: {
    readonly cases: readonly { readonly p: readonly number[][]; readonly makespan: number }[];
  };
  readonly criticalPath: Readonly<
    Record<
      string,
      {
        readonly duration: number;
        readonly activities: Readonly<
          Record<
            string,
            { readonly d: number; readonly pred: readonly string[]; readonly es: number }
          >
        >;
      }
    >
  >;
  readonly resourceConstrained: {
    readonly cases: readonly {
      readonly name: string;
      readonly capacity: readonly number[];
      readonly tasks: readonly {
        readonly id: number;
        readonly d: number;
        readonly use: readonly number[];
        readonly pred: readonly number[];
      }[];
      readonly optimum: number;
    }[];
  };
}
const reference = JSON.parse(
  readFileSync(new URL('../../../test/reference/scheduling.json', import.meta.url), 'utf8'),
) as Reference;

describe('against published and computed optima', () => {
  it.each(reference.johnson.cases.map((each, at) => [at + 1, each] as const))(
    'two machines in one order, case %i (Johnson 1954)',
    (_, { p, makespan }) => {
      const outcome = solved(flowShop(p));
      expect([outcome.makespan, outcome.bound]).toEqual([makespan, makespan]);
    },
  );

  it.each(Object.entries(reference.criticalPath))(
    'the longest way through project %s (the textbook named beside it)',
    (_, { duration, activities }) => {
      const entries = Object.entries(activities);
      expect(entries.length).toBeGreaterThan(5);
      const outcome = solved({
        activities: entries.map(([id, { d, pred }]) =>
          activity(id, d, { after: pred.map((after) => ({ after, least: 0 })) }),
        ),
        resources: [],
      });
      expect(outcome.makespan).toBe(duration);
      for (const [id, { es }] of entries) expect(outcome.placed.get(id)?.start).toBe(es);
    },
  );

  it.each(reference.resourceConstrained.cases.map((each) => [each.name, each] as const))(
    '%s (proved twice, as the reference says)',
    (_, { capacity, tasks, optimum }) => {
      const outcome = solved({
        activities: tasks.map(({ id, d, use, pred }) =>
          activity(String(id), d, {
            needs: use.map((amount, at) => ({ resource: `r${at}`, amount })),
            after: pred.map((each) => ({ after: String(each), least: 0 })),
          }),
        ),
        resources: capacity.map((each, at) => ({ id: `r${at}`, capacity: each })),
      });
      expect([outcome.makespan, outcome.isProven]).toEqual([optimum, true]);
    },
  );

  it('a job shop of four jobs on three machines, as all orders on all machines tell', () => {
    const rows = [
      [0, 3, 1, 2, 2, 2],
      [0, 2, 2, 1, 1, 4],
      [1, 4, 2, 3, 0, 1],
      [2, 2, 0, 2, 1, 1],
    ];
    const problem = jobShop(rows);
    expect(solved(problem).makespan).toBe(leastOfAllOrders(problem));
  });
});

/** The least end over all orders of each machine, each with starts as early as they can be. */
function leastOfAllOrders({ activities, resources }: ScheduleProblem): number {
  const orders = resources.map(({ id }) =>
    permutations(activities.filter(({ needs }) => needs[0]?.resource === id)),
  );
  let least = Infinity;
  const choose = (at: number, arcs: readonly (readonly [string, string])[]) => {
    const own = orders[at];
    if (own)
      for (const order of own)
        choose(at + 1, [
          ...arcs,
          ...order.slice(1).map((each, k) => [order[k]?.id ?? '', each.id] as const),
        ]);
    else least = Math.min(least, longestWay(activities, arcs));
  };
  choose(0, []);
  return least;
}

function longestWay(
  activities: readonly Activity[],
  arcs: readonly (readonly [string, string])[],
): number {
  const ends = new Map(activities.map(({ id, duration }) => [id, duration]));
  const all = [
    ...arcs,
    ...activities.flatMap(({ id, after }) => after.map((lag) => [lag.after, id] as const)),
  ];
  for (let round = 0; round <= activities.length; round += 1) {
    let isRaised = false;
    for (const [from, to] of all) {
      const duration = activities.find(({ id }) => id === to)?.duration ?? 0;
      const end = (ends.get(from) ?? 0) + duration;
      if (end > (ends.get(to) ?? 0)) {
        ends.set(to, end);
        isRaised = true;
      }
    }
    if (!isRaised) return Math.max(...ends.values());
  }
  return Infinity;
}

function permutations<Thing>(things: readonly Thing[]): readonly (readonly Thing[])[] {
  if (things.length <= 1) return [things];
  return things.flatMap((first, at) =>
    permutations(things.toSpliced(at, 1)).map((rest) => [first, ...rest]),
  );
}

describe('against every start there is', () => {
  it.each(Array.from({ length: 60 }, (_, seed) => seed + 1))(
    'lags, no waits, calendars and capacities, seed %i',
    (seed) => {
      const problem = smallProblem(seed);
      const least = leastOfAllStarts(problem, 16);
      const outcome = solveSchedule(problem, never);
      expect(outcome.ok ? outcome.makespan : undefined).toBe(least);
      if (!outcome.ok) return;
      expect(outcome.isProven).toBe(true);
      expect(faultsOf(problem, outcome.placed)).toEqual([]);
    },
  );
});

/** Four activities on two resources, one with a calendar. */
function smallProblem(seed: number): ScheduleProblem {
  const random = seeded(seed);
  const upTo = (most: number) => Math.floor(random() * (most + 1));
  const resources: readonly Resource[] = [
    {
      id: 'hands',
      capacity: 1 + upTo(1),
      open: [
        { from: upTo(2), to: 5 + upTo(2) },
        { from: 8 + upTo(1), to: 16 },
      ],
    },
    { id: 'tool', capacity: 1 },
  ];
  const activities = Array.from({ length: 4 }, (_, at): Activity => {
    const isAfter = at > 0 && random() < 0.6;
    const before = upTo(Math.max(0, at - 1));
    const least = upTo(2);
    return activity(`a${at}`, 1 + upTo(2), {
      notBefore: upTo(1),
      needs: [
        { resource: 'hands', amount: 1 },
        ...(random() < 0.4 ? [{ resource: 'tool', amount: 1 }] : []),
      ],
      after: isAfter
        ? [{ after: `a${before}`, least, ...(random() < 0.4 ? { most: least + upTo(1) } : {}) }]
        : [],
    });
  });
  return { activities, resources };
}

function leastOfAllStarts(problem: ScheduleProblem, horizon: number): number | undefined {
  let least: number | undefined;
  const placed = new Map<string, Placed>();
  const choose = (at: number, end: number) => {
    if (least !== undefined && end >= least) return;
    const next = problem.activities[at];
    if (!next) {
      if (faultsOf(problem, placed).length === 0) least = end;
      return;
    }
    for (let start = 0; start + next.duration <= horizon; start += 1) {
      placed.set(next.id, { start, end: start + next.duration });
      // What is wrong with those placed stays wrong.
      const some = { ...problem, activities: problem.activities.slice(0, at + 1) };
      if (faultsOf(some, placed).length === 0) choose(at + 1, Math.max(end, start + next.duration));
    }
    placed.delete(next.id);
  };
  choose(0, 0);
  return least;
}

describe('machines of one order', () => {
  it.each([1, 2, 3, 4])('end no earlier than the least of all orders of jobs, seed %i', (seed) => {
    const random = seeded(seed);
    const times = Array.from({ length: 5 }, () =>
      Array.from({ length: 3 }, () => 1 + Math.floor(random() * 9)),
    );
    const least = Math.min(
      ...permutations([0, 1, 2, 3, 4]).map((order) => {
        const ends = [0, 0, 0];
        for (const job of order)
          for (const m of [0, 1, 2])
            ends[m] = Math.max(ends[m] ?? 0, ends[m - 1] ?? 0) + (times[job]?.[m] ?? 0);
        return ends[2] ?? 0;
      }),
    );
    const shop = flowShop(times);
    expect(solved(shop).makespan).toBe(least);
    // The same with a person who does nothing else, so that it is no plain flow shop and is searched through.
    const beside = { ...shop, resources: [...shop.resources, { id: 'hands', capacity: 9 }] };
    expect(solved(beside).makespan).toBe(least);
  });
});

describe('evenings', () => {
  const evenings = [
    { from: 0, to: 120 },
    { from: 1440, to: 1560 },
  ];
  const resources = [{ id: 'hands', capacity: 1, open: evenings }];

  it('goes on the next evening with what may pause, and begins nothing else that does not fit', () => {
    const long = { needs: hands };
    const pausing = solved({
      activities: [activity('colour', 150, { ...long, mayPause: true })],
      resources,
    });
    expect(pausing.placed.get('colour')).toEqual({ start: 0, end: 1440 + 30 });
    const whole = solved({
      activities: [activity('stamp', 60, long), activity('blend', 90, long)],
      resources,
    });
    expect(whole.placed.get('blend')).toEqual({ start: 0, end: 90 });
    expect(whole.placed.get('stamp')?.start).toBe(1440);
  });

  it('dries overnight', () => {
    const outcome = solved({
      activities: [
        activity('blend', 30, { needs: hands }),
        activity('glue', 10, { needs: hands, after: [{ after: 'blend', least: 480 }] }),
      ],
      resources,
    });
    expect(outcome.placed.get('glue')?.start).toBe(1440);
    expect(outcome.isProven).toBe(true);
  });

  it('tells what fits in no evening, and what waits for itself', () => {
    const needs = hands;
    expect(
      solveSchedule({ activities: [activity('blend', 121, { needs })], resources }, never),
    ).toEqual({
      ok: false,
      issue: { code: 'no-window', activity: 'blend' },
    });
    const circle = solveSchedule(
      {
        activities: [
          activity('a', 1, { after: [{ after: 'b', least: 0 }] }),
          activity('b', 1, { after: [{ after: 'a', least: 0 }] }),
        ],
        resources: [],
      },
      never,
    );
    expect(circle).toEqual({ ok: false, issue: { code: 'circle', activities: ['b', 'a'] } });
  });

  it('says between which ends the least is where there was no time to search', () => {
    const random = seeded(7);
    const problem = jobShop(
      Array.from({ length: 12 }, () =>
        [0, 1, 2].toSorted(() => random() - 0.5).flatMap((m) => [m, 1 + Math.floor(random() * 20)]),
      ),
    );
    const outcome = solveSchedule(problem, () => true);
    if (!outcome.ok) throw new Error('a list is always found');
    expect(faultsOf(problem, outcome.placed)).toEqual([]);
    expect(outcome.bound).toBeLessThanOrEqual(outcome.makespan);
    const searched = solved(problem);
    expect(searched.makespan).toBeGreaterThanOrEqual(outcome.bound);
    expect(searched.makespan).toBeLessThanOrEqual(outcome.makespan);
  });
});

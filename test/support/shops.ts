import type { Activity, ScheduleProblem } from '../../src/core/schedule/scheduleProblem';

/** An activity that needs and waits for nothing, but for what is told of it. */
export const activity = (
  id: string,
  duration: number,
  change: Partial<Activity> = {},
): Activity => ({
  id,
  duration,
  needs: [],
  after: [],
  ...change,
});

/** Jobs by their times on each machine, which all take them in one order. */
export function flowShop(times: readonly (readonly number[])[]): ScheduleProblem {
  const machines = (times[0] ?? []).map((_, m) => `m${m}`);
  return {
    activities: times.flatMap((own, job) =>
      own.map((duration, m) =>
        activity(`${job}/${m}`, duration, {
          job: String(job),
          needs: [{ resource: `m${m}`, amount: 1 }],
          after: m > 0 ? [{ after: `${job}/${m - 1}`, least: 0 }] : [],
        }),
      ),
    ),
    resources: machines.map((id) => ({ id, capacity: 1 })),
    sameOrder: [machines],
  };
}

/** Each row by machine and time, in turn. */
export function jobShop(rows: readonly (readonly number[])[]): ScheduleProblem {
  const machines = [...new Set(rows.flatMap((row) => row.filter((_, at) => at % 2 === 0)))];
  return {
    activities: rows.flatMap((row, job) =>
      Array.from({ length: row.length / 2 }, (_, k) =>
        activity(`${job}/${k}`, row[2 * k + 1] ?? 0, {
          job: String(job),
          needs: [{ resource: `m${row[2 * k]}`, amount: 1 }],
          after: k > 0 ? [{ after: `${job}/${k - 1}`, least: 0 }] : [],
        }),
      ),
    ),
    resources: machines.map((m) => ({ id: `m${m}`, capacity: 1 })),
  };
}

import type { Network, Task } from './network';
import { openBetween } from './windows';

/**
 * No schedule of these tasks ends earlier: by the longest way, by the work there is for each resource in the time it is
 * there, and, where one thing at a time is done, by Jackson's order of it with breaks (Carlier 1982).
 * @param heads the least starts; @param tails from each end to the last end at the least
 */
export function lowerBound(
  network: Network,
  heads: readonly number[],
  tails: readonly number[],
): number {
  const { tasks } = network;
  const byPath = tasks.reduce(
    (last, { duration }, at) => Math.max(last, (heads[at] ?? 0) + duration + (tails[at] ?? 0)),
    0,
  );
  return network.resources.reduce((best, resource, at) => {
    const users = network.users[at] ?? [];
    if (users.length === 0) return best;
    const byWork = workBound(network, at, heads, tails);
    const byOrder =
      resource.capacity === 1 ? jacksonBound(tasks, users, heads, tails, resource.windows) : 0;
    return Math.max(best, byWork, byOrder);
  }, byPath);
}

/** The work of all that cannot start before a moment has to be done after it, in the time the resource is there. */
function workBound(
  { tasks, users, resources }: Network,
  at: number,
  heads: readonly number[],
  tails: readonly number[],
): number {
  const { capacity, windows } = resources[at] as Network['resources'][number];
  const own = (users[at] ?? []).toSorted((a, b) => (heads[b] ?? 0) - (heads[a] ?? 0));
  let best = 0;
  let work = 0;
  let tail = Infinity;
  for (const user of own) {
    const { needs, duration } = tasks[user] as Task;
    work += duration * (needs.find(({ resource }) => resource === at)?.amount ?? 0);
    tail = Math.min(tail, tails[user] ?? 0);
    best = Math.max(best, workEnd(windows, heads[user] ?? 0, work / capacity) + tail);
  }
  return best;
}

/** When so much open time is over from a moment on. */
function workEnd(
  windows: Network['resources'][number]['windows'],
  from: number,
  work: number,
): number {
  let left = work;
  for (const window of windows) {
    const begun = Math.max(window.from, from);
    if (begun >= window.to) continue;
    if (begun + left <= window.to) return Math.ceil(begun + left);
    left -= openBetween([window], begun, window.to);
  }
  return Infinity;
}

/**
 * One thing at a time, with breaks, in the time there is: of those that are there that of the longest tail first, which is
 * best where one may break off.
 */
function jacksonBound(
  tasks: readonly Task[],
  users: readonly number[],
  heads: readonly number[],
  tails: readonly number[],
  windows: Network['resources'][number]['windows'],
): number {
  const headOf = (user: number | undefined) => (user === undefined ? Infinity : (heads[user] ?? 0));
  const byHead = users.toSorted((a, b) => headOf(a) - headOf(b));
  const left = new Map(users.map((user) => [user, (tasks[user] as Task).duration]));
  const there = new Set<number>();
  let [next, now, best, window] = [0, 0, 0, 0];
  while (next < byHead.length || there.size > 0) {
    if (there.size === 0) now = Math.max(now, headOf(byHead[next]));
    for (; headOf(byHead[next]) <= now; next += 1) there.add(byHead[next] as number);
    let longest = -1;
    for (const user of there)
      if (longest < 0 || (tails[user] ?? 0) > (tails[longest] ?? 0)) longest = user;
    const rest = left.get(longest) ?? 0;
    while (rest > 0 && (windows[window]?.to ?? Infinity) <= now) window += 1;
    const open = windows[window];
    if (rest > 0 && !open) return Infinity;
    // Where it is closed one waits for the next window, and looks again at what is there by then.
    if (rest > 0 && open && open.from > now) {
      now = Math.min(open.from, headOf(byHead[next]));
      continue;
    }
    const until = Math.min(headOf(byHead[next]), rest > 0 ? (open?.to ?? Infinity) : Infinity);
    const work = Math.min(rest, until - now);
    now += work;
    left.set(longest, rest - work);
    if (rest === work) {
      there.delete(longest);
      best = Math.max(best, now + (tails[longest] ?? 0));
    }
  }
  return best;
}

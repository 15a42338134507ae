import type { Arrow } from './arrow';
import { changesBetween, costOf, costOfOrder } from './changes';
import { naturalOrder } from './naturalOrder';
import type { Step } from './step';

/** The steps of a card one after the other. */
export interface StepOrder {
  readonly steps: readonly Step[];
  /** Changes of place, pad, powder, brush, stencil, stock and tool; what is cleaned counts twice. */
  readonly changes: number;
  /** No lawful order has fewer. */
  readonly bound: number;
  readonly isProven: boolean;
}

/** So many sets of done steps, each with what stands ready, are kept at the most. */
const mostStates = 1_000_000;

/** So many are looked at where there has to be an answer at once. */
export const fewStates = 100_000;

/** Sets are numbers, so that no more steps than this are told apart exactly. */
const mostSteps = 53;
const half = 2 ** 26;

/**
 * Of the lawful orders the one with the fewest changes, and of those the one that is nearest to the order one would do
 * them in anyway, with what is fragile last. Found by dynamic programming over the sets of what is done (Held and Karp
 * 1962), leaving out what cannot come to as few as an order that is known; where that are too many sets, by moving steps
 * while that saves a change, and told with the least any order takes.
 * @param arrows go in no circle
 * @param states so many are looked at, fewer for a quick answer
 */
export function orderSteps(
  steps: readonly Step[],
  arrows: readonly Pick<Arrow, 'before' | 'then'>[],
  states = mostStates,
): StepOrder {
  const natural = naturalOrder(steps, arrows);
  const close = improve(natural, arrows);
  const problem = problemOf(close, natural, arrows);
  const bound = leastLeft(problem).reduce((sum, least) => sum + least, 0) - firstSaves(problem);
  const known = costOfOrder(close);
  const exact = steps.length <= mostSteps ? bestOrder(problem, known, states) : undefined;
  if (exact) {
    const ordered = exact.map((at) => close[at] as Step);
    const changes = costOfOrder(ordered);
    return { steps: ordered, changes, bound: changes, isProven: true };
  }
  return { steps: close, changes: known, bound: Math.min(bound, known), isProven: bound >= known };
}

/** Steps by numbers, in the order that is known. */
interface Problem {
  readonly count: number;
  /** By step, what has to be done before it, as two halves of bits. */
  readonly needs: readonly (readonly [low: number, high: number])[];
  /** By step, all that has to be done after it. */
  readonly follows: readonly ReadonlySet<number>[];
  /** From what stands ready after one step to another. */
  readonly costs: readonly (readonly number[])[];
  /** Steps after which the same stands ready have the same. */
  readonly ready: readonly number[];
  /** Where each comes in the order one would do them in anyway. */
  readonly ranks: readonly number[];
}

function problemOf(
  steps: readonly Step[],
  natural: readonly Step[],
  arrows: readonly Pick<Arrow, 'before' | 'then'>[],
): Problem {
  const at = new Map(steps.map(({ id }, place) => [id, place]));
  const needs = steps.map((): [number, number] => [0, 0]);
  for (const { before, then } of arrows) {
    const [one, two] = [at.get(before), at.get(then)];
    const need = two === undefined ? undefined : needs[two];
    if (one === undefined || !need) continue;
    if (one < 26) need[0] |= 1 << one;
    else need[1] |= 1 << (one - 26);
  }
  const keys = steps.map(({ place, setup }) => JSON.stringify([place, setup]));
  const rank = new Map(natural.map(({ id }, place) => [id, place]));
  return {
    count: steps.length,
    needs,
    follows: followers(steps, arrows),
    costs: steps.map((one) => steps.map((next) => costOf(changesBetween(one, next)))),
    ready: keys.map((key) => keys.indexOf(key)),
    ranks: steps.map(({ id }) => rank.get(id) ?? 0),
  };
}

/** The fewest changes that lead to each step, from those that may stand right before it; none to one that has to be first. */
function leastLeft({ costs, count, follows }: Problem): readonly number[] {
  return Array.from({ length: count }, (_, to) => {
    const before = costs.flatMap((row, from) =>
      from !== to && mayPrecede(follows, from, to) ? [row[to] ?? 0] : [],
    );
    return before.length === 0 ? 0 : Math.min(...before);
  });
}

/** Whether nothing has to come between two steps, and the second not before the first. */
function mayPrecede(follows: Problem['follows'], from: number, to: number): boolean {
  const after = follows[from];
  if (follows[to]?.has(from)) return false;
  if (!after?.has(to)) return true;
  for (const between of after) if (follows[between]?.has(to)) return false;
  return true;
}

/** By step, all that has to be done after it. */
function followers(
  steps: readonly Step[],
  arrows: readonly Pick<Arrow, 'before' | 'then'>[],
): readonly ReadonlySet<number>[] {
  const at = new Map(steps.map(({ id }, place) => [id, place]));
  const follows = steps.map(() => new Set<number>());
  // Steps are in a lawful order, so that what follows the later is known.
  for (let place = steps.length - 1; place >= 0; place -= 1)
    for (const { before, then } of arrows) {
      const next = at.get(then);
      if (at.get(before) !== place || next === undefined) continue;
      follows[place]?.add(next);
      for (const each of follows[next] ?? []) follows[place]?.add(each);
    }
  return follows;
}

/** Nothing leads to the first step. */
function firstSaves(problem: Problem): number {
  return Math.max(0, ...leastLeft(problem));
}

interface State {
  readonly cost: number;
  readonly strays: number;
  readonly last: number;
  readonly from: State | undefined;
}

function bestOrder(problem: Problem, known: number, states: number): readonly number[] | undefined {
  const { count, needs, costs, ready, ranks } = problem;
  const least = leastLeft(problem);
  const all = least.reduce((sum, each) => sum + each, 0);
  let layer = new Map<number, State[]>([[0, []]]);
  let kept = 0;
  /** What is still to come takes at the least. */
  const left = new Map<number, number>([[0, all]]);
  for (let done = 0; done < count; done += 1) {
    const next = new Map<number, State[]>();
    for (const [set, own] of layer) {
      const [low, high] = [set % half, Math.floor(set / half)];
      const rest = left.get(set) ?? 0;
      for (let at = 0; at < count; at += 1) {
        const bit = at < 26 ? 1 << at : 1 << (at - 26);
        if (((at < 26 ? low : high) & bit) !== 0) continue;
        const [needLow, needHigh] = needs[at] ?? [0, 0];
        if ((needLow & low) !== needLow || (needHigh & high) !== needHigh) continue;
        const grown = set + (at < 26 ? bit : bit * half);
        const after = rest - (least[at] ?? 0);
        const strays = (done - (ranks[at] ?? 0)) ** 2;
        for (const state of own.length > 0 ? own : [undefined]) {
          const cost = (state?.cost ?? 0) + (state ? (costs[state.last]?.[at] ?? 0) : 0);
          if (cost + after > known) continue;
          const made: State = {
            cost,
            strays: (state?.strays ?? 0) + strays,
            last: at,
            from: state,
          };
          const there = next.get(grown);
          if (!there) {
            next.set(grown, [made]);
            left.set(grown, after);
            kept += 1;
          } else kept += keep(there, made, ready);
        }
      }
      if (kept > states) return undefined;
    }
    layer = next;
  }
  let best: State | undefined;
  for (const own of layer.values())
    for (const state of own) if (!best || isBetter(state, best)) best = state;
  const order: number[] = [];
  for (let state = best; state; state = state.from) order.unshift(state.last);
  return order.length === count ? order : undefined;
}

/** Of states after which the same stands ready the better one is kept. */
function keep(there: State[], made: State, ready: readonly number[]): number {
  const at = there.findIndex(({ last }) => ready[last] === ready[made.last]);
  const same = there[at];
  if (!same) {
    there.push(made);
    return 1;
  }
  if (isBetter(made, same)) there[at] = made;
  return 0;
}

function isBetter(a: State, b: State): boolean {
  return a.cost < b.cost || (a.cost === b.cost && a.strays < b.strays);
}

/** Moves steps, alone or a few that stand together, as long as that saves a change. */
function improve(
  start: readonly Step[],
  arrows: readonly Pick<Arrow, 'before' | 'then'>[],
): readonly Step[] {
  const before = new Map<string, Set<string>>();
  for (const arrow of arrows)
    before.set(arrow.then, (before.get(arrow.then) ?? new Set()).add(arrow.before));
  const mustPrecede = (one: Step, two: Step) => before.get(two.id)?.has(one.id) ?? false;
  let order = start;
  let cost = costOfOrder(order);
  for (let isBetterFound = true; isBetterFound;) {
    isBetterFound = false;
    for (let length = 1; length <= 3; length += 1)
      for (let at = 0; at + length <= order.length; at += 1) {
        const block = order.slice(at, at + length);
        const rest = order.toSpliced(at, length);
        // As far to the left and to the right as what it needs, and what needs it, lets it.
        let first = at;
        while (first > 0 && !block.some((step) => mustPrecede(rest[first - 1] as Step, step)))
          first -= 1;
        let last = at;
        while (last < rest.length && !block.some((step) => mustPrecede(step, rest[last] as Step)))
          last += 1;
        for (let to = first; to <= last; to += 1) {
          const tried = rest.toSpliced(to, 0, ...block);
          const own = costOfOrder(tried);
          if (own < cost) [order, cost, isBetterFound] = [tried, own, true];
          if (isBetterFound) break;
        }
        if (isBetterFound) break;
      }
  }
  return order;
}

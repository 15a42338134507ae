import type { Window } from './scheduleProblem';

/** Always. */
export const allTime: readonly Window[] = [{ from: 0, to: Infinity }];

/** When both are open. Windows that touch are one. */
export function intersectWindows(a: readonly Window[], b: readonly Window[]): readonly Window[] {
  const both: Window[] = [];
  let [i, j] = [0, 0];
  for (let left = a[i], right = b[j]; left && right; left = a[i], right = b[j]) {
    const from = Math.max(left.from, right.from);
    const to = Math.min(left.to, right.to);
    if (from < to) both.push({ from, to });
    if (left.to <= right.to) i += 1;
    else j += 1;
  }
  return both;
}

/** Windows in order, those that touch or overlap joined, empty ones left out. */
export function joinWindows(windows: readonly Window[]): readonly Window[] {
  const joined: Window[] = [];
  for (const { from, to } of windows.toSorted((a, b) => a.from - b.from || a.to - b.to)) {
    const last = joined.at(-1);
    if (from >= to) continue;
    if (last && from <= last.to)
      joined.splice(-1, 1, { from: last.from, to: Math.max(last.to, to) });
    else joined.push({ from, to });
  }
  return joined;
}

/**
 * The earliest start from `earliest` on at which so much time fits in one window, or over several where it may pause.
 * What takes no time fits the end of a window too. Infinity where it fits nowhere.
 */
export function fitStart(
  windows: readonly Window[],
  earliest: number,
  duration: number,
  mayPause: boolean,
): number {
  for (let at = firstEndingFrom(windows, earliest); at < windows.length; at += 1) {
    const { from, to } = windows[at] as Window;
    const start = Math.max(from, earliest);
    if (start + duration <= to) return start;
    if (mayPause && start < to && endFrom(windows, start, duration) < Infinity) return start;
  }
  return Infinity;
}

/** When so much time is over that is begun within a window, with the breaks between windows. */
export function endFrom(windows: readonly Window[], start: number, duration: number): number {
  let left = duration;
  for (let at = firstEndingFrom(windows, start); at < windows.length; at += 1) {
    const { from, to } = windows[at] as Window;
    const begun = Math.max(from, start);
    if (begun + left <= to) return begun + left;
    left -= Math.max(0, to - begun);
  }
  return Infinity;
}

/** How much time the windows have from one moment to another. */
export function openBetween(windows: readonly Window[], start: number, end: number): number {
  let sum = 0;
  for (let at = firstEndingFrom(windows, start); at < windows.length; at += 1) {
    const { from, to } = windows[at] as Window;
    if (from >= end) break;
    sum += Math.max(0, Math.min(to, end) - Math.max(from, start));
  }
  return sum;
}

/** The first window that ends at this moment or later. */
function firstEndingFrom(windows: readonly Window[], moment: number): number {
  let [low, high] = [0, windows.length];
  while (low < high) {
    const middle = (low + high) >> 1;
    if ((windows[middle] as Window).to < moment) low = middle + 1;
    else high = middle;
  }
  return low;
}

/** One thing before another. */
interface Before {
  readonly before: string;
  readonly then: string;
}

/**
 * The fewest arrows that lead in a circle, the first of them being one that comes first in the list where there are several
 * as short; undefined where all things can be put in order.
 */
export function smallestCircle<Each extends Before>(
  arrows: readonly Each[],
): readonly Each[] | undefined {
  const from = arrowsFrom(arrows);
  return arrows.reduce<readonly Each[] | undefined>((best, arrow) => {
    if (best?.length === 2) return best;
    const back = shortestWay(from, arrow.then, arrow.before);
    if (!back || (best && back.length + 1 >= best.length)) return best;
    return [arrow, ...back];
  }, undefined);
}

/** The arrows from each thing. */
export function arrowsFrom<Each extends Before>(
  arrows: readonly Each[],
): ReadonlyMap<string, readonly Each[]> {
  const from = new Map<string, Each[]>();
  for (const arrow of arrows) {
    const own = from.get(arrow.before);
    if (own) own.push(arrow);
    else from.set(arrow.before, [arrow]);
  }
  return from;
}

/** The fewest arrows from one thing to another; undefined where none lead there, none where they are the same. */
export function shortestWay<Each extends Before>(
  from: ReadonlyMap<string, readonly Each[]>,
  start: string,
  end: string,
): readonly Each[] | undefined {
  const by = new Map<string, Each | undefined>([[start, undefined]]);
  const queue = [start];
  for (const at of queue) {
    if (at === end) break;
    for (const arrow of from.get(at) ?? [])
      if (!by.has(arrow.then)) {
        by.set(arrow.then, arrow);
        queue.push(arrow.then);
      }
  }
  if (!by.has(end)) return undefined;
  const way: Each[] = [];
  for (let arrow = by.get(end); arrow; arrow = by.get(arrow.before)) way.unshift(arrow);
  return way;
}

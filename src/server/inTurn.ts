let turn: Promise<unknown> = Promise.resolve();

/**
 * Does what keeps this thread busy for a while, such as drawing a page, after what else does, and lets all that was asked
 * meanwhile go first: a save waits for one of them at most.
 */
export function inTurn<Result>(work: () => Result | Promise<Result>): Promise<Result> {
  const mine = turn.then(() => new Promise((resolve) => setImmediate(resolve))).then(work);
  turn = mine.catch(() => undefined);
  return mine;
}

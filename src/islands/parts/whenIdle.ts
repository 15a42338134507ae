/** No longer than this does what can wait wait for a quiet moment. */
const longestWait = 500;

/** Does something once the page has nothing else to do; gives back how to call it off. */
export function whenIdle(work: () => void): () => void {
  // Some browsers have no idle callbacks.
  if (typeof requestIdleCallback === 'undefined') {
    const timer = setTimeout(work, longestWait / 10);
    return () => clearTimeout(timer);
  }
  const handle = requestIdleCallback(work, { timeout: longestWait });
  return () => cancelIdleCallback(handle);
}

/** The middle of so many runs in milliseconds, after as many to warm up. */
export function median(runs: number, work: () => void): number {
  const times: number[] = [];
  for (let run = 0; run < 2 * runs; run++) {
    const start = performance.now();
    work();
    if (run >= runs) times.push(performance.now() - start);
  }
  return times.sort((a, b) => a - b)[Math.floor(runs / 2)] ?? 0;
}

export const round = (ms: number) => Math.round(ms * 100) / 100;

import { createRequire } from 'node:module';
import type { HighsLike } from '../../src/core/cutting/coverSolver';

/** The HiGHS solver as a host loads it; the core is handed it. */
export async function loadHighs(): Promise<HighsLike> {
  const load = createRequire(import.meta.url)('highs') as () => Promise<HighsLike>;
  return load();
}

import loadHighs from 'highs';
import wasmUrl from 'highs/runtime?url';
import { highsCoverSolver, type CoverSolver, type HighsLike } from '../core/cutting/coverSolver';

/** The solver of whole-number programmes, as a worker loads it. */
export async function loadSolver(): Promise<CoverSolver> {
  const highs = await loadHighs({ locateFile: () => wasmUrl });
  // Its types leave out the duals that programmes without whole numbers have.
  return highsCoverSolver(highs as unknown as HighsLike);
}

// Puts stamps, words and dots on the cards of the demo: npm run compose. Run after the cards were made.
import { readFileSync, writeFileSync } from 'node:fs';
import { readCardFile, writeCardFile, type CardFile } from '../src/core/plan/cardFile';
import { withPieces } from '../src/core/plan/withPieces';
import { usedLibrary } from '../src/core/kinds/usedLibrary';
import type { Piece } from '../src/core/plan/piece';
import { resolvePlan } from '../src/core/resolve/resolvePlan';
import { compositions } from './compose/compositions';
import { library } from './compose/lay';

for (const [name, compose] of Object.entries(compositions)) {
  const path = `demo/cards/${name}.nibwright.json`;
  const read = readCardFile(readFileSync(path, 'utf8'));
  if (!read.ok) throw new Error(`compose: ${name}: ${JSON.stringify(read.issue)}`);
  // Run again, it composes anew: what it put there before goes first.
  const file = { ...read.file, plan: withPieces(read.file.plan, bare(read.file)) };
  const plan = withPieces(file.plan, [...file.plan.pieces, ...compose(file)]);
  const { impossible } = resolvePlan(plan, library);
  if (impossible.length > 0) throw new Error(`compose: ${name}: ${JSON.stringify(impossible)}`);
  writeFileSync(path, writeCardFile({ ...file, plan, library: usedLibrary(plan, library) }));
}

/** The papers the card was made of, without what was composed on them. */
function bare({ plan }: CardFile): readonly Piece[] {
  const composed = new Set([
    'sky',
    'far-hill',
    'hill',
    'shed-cut',
    'can-cut',
    'wren-cut',
    'wren-cut',
    'frame',
    'leaf',
    'leaf-2',
    'tower',
  ]);
  return plan.pieces.filter(({ id, kind }) => kind === 'panel' && !composed.has(id));
}

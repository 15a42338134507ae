import { readdirSync, readFileSync } from 'node:fs';
import { readCardFile } from '../../src/core/plan/cardFile';

/** The demo's cards, with the versions of the stash they use. */
export const demoCards = readdirSync('demo/cards').map((name) => {
  const read = readCardFile(readFileSync(`demo/cards/${name}`, 'utf8'));
  if (!read.ok) throw new Error(`${name} cannot be read`);
  return read.file;
});

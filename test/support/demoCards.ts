import { readdirSync, readFileSync } from 'node:fs';
import type { Library } from '../../src/core/plan/library';
import { libraryItemSchema } from '../../src/core/plan/libraryItem';
import { readCardFile } from '../../src/core/plan/cardFile';

/** The demo's cards, with the versions of the stash they use. */
export const demoCards = readdirSync('demo/cards').map((name) => {
  const read = readCardFile(readFileSync(`demo/cards/${name}`, 'utf8'));
  if (!read.ok) throw new Error(`${name} cannot be read`);
  return read.file;
});

/** All of the demo's stash, in its one version. */
export const demoStash: Library = libraryItemSchema
  .array()
  .parse((JSON.parse(readFileSync('demo/stash.json', 'utf8')) as { items: unknown }).items);

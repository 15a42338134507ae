import { readFileSync } from 'node:fs';
import { libraryItemSchema } from '../../src/core/plan/libraryItem';
import type { Library } from '../../src/core/plan/library';

const items = (file: string): Library =>
  (JSON.parse(readFileSync(file, 'utf8')) as { items: unknown[] }).items.map((item) =>
    libraryItemSchema.parse(item),
  );
/** The stash of the demo, with its stamps, dies and stencils. */
export const library: Library = [...items('demo/stash.json'), ...items('demo/shapes.json')];

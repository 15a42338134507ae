// Writes docs/card-file.schema.json from the zod schema; a test holds the two together.
import { mkdtemp, rm, writeFile } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { pathToFileURL } from 'node:url';
import { build } from 'esbuild';

const folder = await mkdtemp(join(tmpdir(), 'nibwright-schema-'));
try {
  const outfile = join(folder, 'schema.mjs');
  await build({
    entryPoints: ['src/core/plan/cardFileJsonSchema.ts'],
    outfile,
    bundle: true,
    platform: 'node',
    format: 'esm',
  });
  const { cardFileJsonSchema } = await import(pathToFileURL(outfile).href);
  await writeFile(
    'docs/card-file.schema.json',
    `${JSON.stringify(cardFileJsonSchema(), undefined, 2)}\n`,
  );
} finally {
  await rm(folder, { recursive: true });
}

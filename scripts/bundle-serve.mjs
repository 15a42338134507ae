// Bundles the launcher beside the built pages, with the migrations it needs.
import { cp } from 'node:fs/promises';
import { build } from 'esbuild';

await build({
  entryPoints: ['src/server/serve.ts'],
  outfile: 'dist/serve.mjs',
  bundle: true,
  platform: 'node',
  format: 'esm',
  target: 'node20',
  packages: 'external',
  define: { 'import.meta.env': 'undefined' },
});
await cp('src/server/migrations', 'dist/migrations', { recursive: true });

// Bundles the launcher, the backup command and the computing thread beside the built pages, with the migrations it needs.
import { cp } from 'node:fs/promises';
import { build } from 'esbuild';

await build({
  entryPoints: {
    serve: 'src/server/serve.ts',
    backup: 'src/server/backup/backupCommand.ts',
    computeThread: 'src/server/threads/computeThread.ts',
  },
  outdir: 'dist',
  outExtension: { '.js': '.mjs' },
  bundle: true,
  platform: 'node',
  format: 'esm',
  target: 'node20',
  packages: 'external',
  define: { 'import.meta.env': 'undefined' },
});
await cp('src/server/migrations', 'dist/migrations', { recursive: true });

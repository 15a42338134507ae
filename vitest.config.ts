import { defineConfig } from 'vitest/config';
import { hasPostgres } from './test/support/postgres';

export default defineConfig({
  esbuild: { jsx: 'automatic' },
  test: {
    projects: [
      {
        extends: true,
        // Searches take seconds where the machine is shared; no test is about time.
        test: {
          name: 'core',
          // Nothing of the core keeps anything of one test for the next, so its modules are read once.
          isolate: false,
          include: ['src/core/**/*.test.ts', 'scripts/**/*.test.ts'],
          environment: 'node',
          testTimeout: 300_000,
        },
      },
      {
        extends: true,
        test: {
          name: 'islands',
          include: ['src/islands/**/*.test.{ts,tsx}'],
          environment: 'happy-dom',
          testTimeout: 120_000,
          setupFiles: ['test/support/islandsSetup.ts'],
        },
      },
      {
        // One database for all these tests: making one takes seconds and most of a gigabyte.
        extends: true,
        test: {
          name: 'server',
          include: ['src/server/**/*.test.ts'],
          environment: 'node',
          pool: 'forks',
          isolate: false,
          fileParallelism: false,
          maxWorkers: 1,
          testTimeout: 120_000,
          hookTimeout: 300_000,
        },
      },
      {
        // The same tests on a PostgreSQL server; where none is installed they are told as left out.
        extends: true,
        test: {
          name: 'server on PostgreSQL',
          include: hasPostgres
            ? [
                'src/server/{repositories,backup,standing}/*.test.ts',
                'src/server/importCard.test.ts',
              ]
            : ['test/postgres/absent.test.ts'],
          globalSetup: hasPostgres ? ['test/support/postgresSetup.ts'] : [],
          environment: 'node',
          pool: 'forks',
          isolate: false,
          fileParallelism: false,
          maxWorkers: 1,
          testTimeout: 120_000,
          hookTimeout: 300_000,
        },
      },
      {
        // Real processes on real folders, from the build.
        extends: true,
        test: {
          name: 'process',
          include: ['test/process/**/*.test.ts'],
          environment: 'node',
          fileParallelism: false,
          testTimeout: 900_000,
          hookTimeout: 300_000,
        },
      },
    ],
  },
});

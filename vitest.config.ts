import { fileURLToPath } from 'node:url';
import { defineConfig } from 'vitest/config';

const alias = {
  '@': fileURLToPath(new URL('./src', import.meta.url)),
  // The guard package throws outside a server bundle; tests are the server here.
  'server-only': fileURLToPath(new URL('./tests/support/empty.ts', import.meta.url)),
};

/** What a browser keeps is state of its modules: each of these files starts with fresh ones. */
const KEPT_HERE = 'src/bench/record/**/*.test.ts';

export default defineConfig({
  resolve: { alias },
  test: {
    // Every core: one is left idle otherwise.
    maxWorkers: '100%',
    projects: [
      {
        resolve: { alias },
        test: {
          name: 'unit',
          testTimeout: 30_000,
          include: ['src/**/*.test.{ts,tsx}', 'scripts/**/*.test.ts', 'tests/unit/**/*.test.ts'],
          exclude: [KEPT_HERE],
          // Core has no state: its modules are read once for all files, which takes half the time.
          isolate: false,
        },
      },
      { resolve: { alias }, test: { name: 'unit-alone', testTimeout: 30_000, include: [KEPT_HERE] } },
      {
        resolve: { alias },
        test: {
          name: 'database',
          include: ['tests/database/**/*.test.ts'],
          globalSetup: 'tests/support/databaseServer.ts',
          testTimeout: 30_000,
          hookTimeout: 60_000,
        },
      },
      {
        resolve: { alias },
        test: {
          name: 'browser',
          include: ['tests/browser/**/*.test.ts'],
          globalSetup: 'tests/support/databaseServer.ts',
          testTimeout: 120_000,
          hookTimeout: 120_000,
          fileParallelism: false,
          // What is kept reaches the server when a busy machine lets it: a second would ask for a quiet one.
          expect: { poll: { timeout: 20_000 } },
        },
      },
    ],
  },
});

import { fileURLToPath } from 'node:url';
import { defineConfig } from 'vitest/config';

const root = fileURLToPath(new URL('./', import.meta.url));
// What comes about in the end is waited for longer than any pause a busy machine makes; most of it comes at once.
const expect = { poll: { timeout: 20_000 } };
const resolve = { alias: { '@/': root } };

export default defineConfig({
  resolve,
  test: {
    projects: [
      {
        resolve,
        test: {
          name: 'core',
          // Pure functions: nothing of one file is left for the next, and the modules are loaded once for all.
          isolate: false,
          // A machine that is shared gives a third of itself now and then; how quick a thing has to be is said where it is tested.
          testTimeout: 30_000,
          setupFiles: ['tests/support/seed.ts', 'tests/support/standing.ts'],
          include: ['core', 'ui', 'features', 'server', 'workers'].map((wing) => `${wing}/**/*.test.ts`),
        },
      },
      {
        resolve,
        test: {
          name: 'scripts',
          expect,
          setupFiles: ['tests/support/standing.ts'],
          include: ['tests/command/**/*.test.ts'],
          testTimeout: 180_000,
          hookTimeout: 480_000,
          maxWorkers: 2,
          // Asked for together, one kind after another.
          sequence: { groupOrder: 1 },
        },
      },
      {
        resolve,
        test: {
          name: 'database',
          expect,
          setupFiles: ['tests/support/standing.ts'],
          include: ['tests/database/**/*.test.ts'],
          testTimeout: 90_000,
          hookTimeout: 180_000,
          fileParallelism: false,
          sequence: { groupOrder: 2 },
          // One server after another, as a server that lives long sees one request after another; each file has a database of its own.
          isolate: false,
        },
      },
    ],
  },
});

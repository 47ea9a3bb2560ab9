import { existsSync, statfsSync } from 'node:fs'
import { availableParallelism } from 'node:os'
import { fileURLToPath } from 'node:url'
import { defineConfig } from 'vitest/config'

const folder = (path: string) => fileURLToPath(new URL(path, import.meta.url))
const alias = {
  '~': folder('./app'),
  '#core': folder('./core'),
  '#shared': folder('./shared'),
  '#demo': folder('./demo'),
  '#starters': folder('./starters'),
}

/** Data folders of tests lie in memory where there is room for them: every commit waits for its disk. */
const memory = '/dev/shm'
if (existsSync(memory) && roomIn(memory) > 4_000_000_000) process.env.TMPDIR = memory

export default defineConfig({
  resolve: { alias },
  test: {
    // A database of a test's own lives too briefly for its machine code to be worth improving, which takes half of its start.
    execArgv: ['--liftoff-only'],
    // Of two processors, both.
    maxWorkers: availableParallelism(),
    tags: [
      {
        name: 'postgres',
        description:
          'Where SQL, transactions or events are another matter on a server: said beside each tag.',
      },
    ],
    projects: [
      {
        extends: true,
        test: {
          name: 'core',
          testTimeout: 120_000,
          // Pure functions leave nothing behind, so that no file has to load all anew.
          isolate: false,
          include: ['core/**/*.test.ts', 'demo/**/*.test.ts', 'starters/**/*.test.ts', 'app/**/*.test.ts'],
        },
      },
      {
        extends: true,
        test: {
          name: 'server',
          // Each file opens a database of its own; what they import need not be loaded anew.
          isolate: false,
          include: ['server/**/*.test.ts', 'shared/**/*.test.ts', 'scripts/**/*.test.ts'],
          exclude: ['server/database/remote/**'],
          globalSetup: './server/testing/globalSetup.ts',
          // A database of its own takes its time where other work keeps the machine busy.
          testTimeout: 300_000,
          hookTimeout: 300_000,
          expect: { poll: { timeout: 60_000 } },
        },
      },
      {
        extends: true,
        test: {
          // The same routes on a server of PostgreSQL, as a district runs them: those tagged so in each run, all by npm run test:postgres.
          name: 'postgres',
          isolate: false,
          include: [
            'server/api/**/*.test.ts',
            'server/live/**/*.test.ts',
            'server/database/remote/**/*.test.ts',
          ],
          globalSetup: './tests/support/postgresServer.ts',
          testTimeout: 300_000,
          hookTimeout: 300_000,
          expect: { poll: { timeout: 60_000 } },
        },
      },
      {
        extends: true,
        test: {
          name: 'browser',
          include: ['tests/**/*.test.ts'],
          globalSetup: './tests/support/globalSetup.ts',
          // Files of a worker share its browser and its school.
          isolate: false,
          // Half of the time a test waits: for its browser, or for what the program leaves a moment for.
          maxWorkers: Math.ceil(availableParallelism() * 1.5),
          // Limits are for what hangs: on a machine that is busy with other work all takes several times as long.
          expect: { poll: { timeout: 60_000 } },
          testTimeout: 600_000,
          hookTimeout: 600_000,
        },
      },
    ],
  },
})

function roomIn(path: string): number {
  const { bavail, bsize } = statfsSync(path)
  return bavail * bsize
}

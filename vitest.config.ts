import { defineConfig } from 'vitest/config'
import { BaseSequencer, type TestSpecification } from 'vitest/node'

const alias = {
  '@': new URL('./src', import.meta.url).pathname,
  'server-only': new URL('./tests/support/empty.ts', import.meta.url).pathname,
}

/** Files that take a minute; begun last, one core would wait for them. */
const LONG = /imulation|otherWorld/

/** The long files of tests first, so that two cores end at about the same time. */
class LongestFirst extends BaseSequencer {
  override async sort(files: TestSpecification[]): Promise<TestSpecification[]> {
    const sorted = await super.sort(files)
    const long = ({ moduleId }: TestSpecification) => Number(LONG.test(moduleId))
    return sorted.toSorted((a, b) => long(b) - long(a))
  }
}

export default defineConfig({
  resolve: { alias },
  test: {
    // One core less than there are would be one of two.
    maxWorkers: 2,
    sequence: { sequencer: LongestFirst },
    projects: [
      {
        resolve: { alias },
        test: {
          name: 'core',
          include: ['src/**/*.test.ts', 'tests/reference/**/*.test.ts'],
          environment: 'node',
          // The catalogue and its index are built once a worker, not once a file: no file leaves anything behind.
          isolate: false,
          testTimeout: 400_000,
        },
      },
      {
        resolve: { alias },
        test: {
          name: 'ui',
          include: ['src/**/*.test.tsx'],
          environment: 'jsdom',
          setupFiles: ['tests/support/browserless.ts'],
          testTimeout: 60_000,
        },
      },
      {
        resolve: { alias },
        test: {
          name: 'api',
          include: ['tests/api/**/*.test.ts'],
          environment: 'node',
          fileParallelism: false,
          testTimeout: 180_000,
          hookTimeout: 120_000,
        },
      },
      {
        resolve: { alias },
        test: {
          name: 'faults',
          include: ['tests/faults/**/*.test.ts'],
          environment: 'node',
          fileParallelism: false,
          testTimeout: 300_000,
          hookTimeout: 120_000,
        },
      },
    ],
  },
})

import { defineConfig } from 'vitest/config'
import { LongestFirst } from './tests/support/longestFirst'

const alias = {
  '@': new URL('./src', import.meta.url).pathname,
  'server-only': new URL('./tests/support/empty.ts', import.meta.url).pathname,
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

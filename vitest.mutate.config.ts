import { defineConfig } from 'vitest/config'

/** The core's tests for the mutation tester: without those that fish whole days or rank whole boxes, which would be run for every mutant. */
export default defineConfig({
  test: {
    include: ['core/**/*.test.ts', 'words/**/*.test.ts'],
    exclude: [
      'core/outing/lake.test.ts',
      'core/match/{scenarios,waters,twin,metamorphic,questions,trade,match,gaps,outfit}.test.ts',
    ],
    testTimeout: 60_000,
  },
})

import { defineConfig } from 'vitest/config'

/** The tests that stand beside the files that `npm run mutate` changes: what these do not notice is not tested where it belongs. */
export default defineConfig({
  test: {
    include: [
      'core/water/{below,year}.test.ts',
      'core/motion/motion.test.ts',
      'core/bench/bench.test.ts',
      'core/outing/{stretches,live,advise}.test.ts',
      'core/exchange/{places-in,outings}.test.ts',
      'core/rate.test.ts',
    ],
    isolate: false,
    testTimeout: 60_000,
  },
})

import { defineConfig } from 'vitest/config'

/** The tests that stand beside the files that `npm run mutate` changes: what these do not notice is not tested where it belongs. */
export default defineConfig({
  test: {
    include: [
      'core/water/{season,wind-mud}.test.ts',
      'core/motion/pull.test.ts',
      'core/bench/sample.test.ts',
      'core/outing/{stretches,patience}.test.ts',
      'core/exchange/nmea.test.ts',
      'core/rate.test.ts',
    ],
    isolate: false,
    testTimeout: 60_000,
  },
})

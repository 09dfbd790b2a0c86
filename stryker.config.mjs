/**
 * Mutants of the core, on demand (`npm run mutate`): each small change of these files has to make a test fail. Not part of `npm test`: it runs the tests
 * hundreds of times.
 */
export default {
  testRunner: 'vitest',
  vitest: { configFile: 'vitest.mutate.config.ts', related: true },
  mutate: [
    'core/water/season.ts',
    'core/water/wind-mud.ts',
    'core/motion/pull.ts',
    'core/bench/sample.ts',
    'core/outing/stretches.ts',
    'core/outing/live.ts',
    'core/outing/patience.ts',
    'core/exchange/nmea.ts',
    'core/exchange/outings-rebuilt.ts',
    'core/rate.ts',
  ],
  coverageAnalysis: 'perTest',
  ignoreStatic: true,
  concurrency: 2,
  timeoutMS: 60_000,
  thresholds: { high: 90, low: 80, break: 75 },
  reporters: ['clear-text', 'progress'],
  clearTextReporter: { allowColor: false, logTests: false, reportTests: false },
  tempDirName: '.stryker',
  // The types' settings stand in what Nuxt prepares.
  ignorePatterns: ['!.nuxt', '.output', 'docs', 'test-results'],
}

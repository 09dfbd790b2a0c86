/**
 * Mutants of the core, on demand (`npm run mutate`): each small change of these files has to make a test fail that stands beside the file. Not part of
 * `npm test`: it runs the tests hundreds of times. A file that cannot even be loaded counts as unnoticed with this runner, so the tests must not work anything
 * out with the mutated file while they load.
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
    'core/outing/patience.ts',
    'core/exchange/nmea.ts',
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

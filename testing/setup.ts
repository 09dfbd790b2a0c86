import fc from 'fast-check'
import { beforeEach, expect } from 'vitest'
import { throwOnNoFigure } from '../core/quantity'

// On screen a dash stands where there is no figure; here that is an error.
throwOnNoFigure()

// A loop that runs empty checks nothing: then its test fails. A property that was tried counts as checked.
beforeEach(() => expect.hasAssertions())
fc.configureGlobal({
  // Where a change is judged it is judged by the same cases each time; everywhere else new ones are looked for.
  ...(process.env.CI ? { seed: 1729 } : {}),
  reporter: (run) => {
    if (run.failed) throw new Error(fc.defaultReportMessage(run))
    expect(run.numRuns).toBeGreaterThan(0)
  },
})

import fc from 'fast-check'
import { beforeEach, expect } from 'vitest'

// A loop that runs empty checks nothing: then its test fails. A property that was tried counts as checked.
beforeEach(() => expect.hasAssertions())
fc.configureGlobal({
  reporter: (run) => {
    if (run.failed) throw new Error(fc.defaultReportMessage(run))
    expect(run.numRuns).toBeGreaterThan(0)
  },
})

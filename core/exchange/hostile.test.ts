import { describe, expect, it } from 'vitest'
import { archiveTrials, gpxTrials, logTrials, nmeaTrials, sheetTrials } from '../../testing/hostile/trials'

/** A short form of `npm run torture`, which tries many more. */
describe('files gone wrong are refused in words, or taken whole', () => {
  it.each([
    ['archives', archiveTrials, 400],
    ['lure sheets', sheetTrials, 150],
    ['logs', logTrials, 200],
    ['waypoints', gpxTrials, 150],
    ['instruments', nmeaTrials, 300],
  ] as const)('%s', (_, trials, n) => {
    const found = trials(n)
    expect(found.refused).toBeGreaterThan(0)
    expect(found).toMatchObject({ tried: n, threw: 0, silent: 0, unclear: 0, late: 0, examples: [] })
  })
})

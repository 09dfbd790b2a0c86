import { describe, expect, it } from 'vitest'
import { readNmeaLog } from '../../core/exchange'
import { WaterReport, reportAt } from '../../core/water'
import { simulatedReport } from './report'
import { sentence, sounderSentences } from './sounder'

const DRIFT = {
  depthM: 6,
  waterTempC: 15.4,
  latDeg: 60.2,
  lonDeg: -14.6,
  driftMps: 0.4,
  fromMs: Date.parse('2026-06-12T09:00:00Z'),
  seed: 7,
}

describe('the simulated sounder', () => {
  const second = sounderSentences(DRIFT)
  const log = readNmeaLog(Array.from({ length: 120 }, (_, i) => second(i).join('\r\n')).join('\r\n'))
  it('speaks sentences that can all be read', () => {
    expect(log.problems).toEqual([])
    expect(log.used).toBe(5 * 120)
  })
  it('and what is read is what lies under the boat', () => {
    const { depthM, waterTempC, groundSpeedMps, latDeg, lonDeg } = log.middle
    expect(depthM).toBeGreaterThan(5.3)
    expect(depthM).toBeLessThan(6.7)
    expect(Math.abs((waterTempC ?? 0) - 15.4)).toBeLessThan(0.15)
    expect(groundSpeedMps).toBeCloseTo(0.4, 2)
    expect(latDeg).toBeCloseTo(60.2, 3)
    expect(lonDeg).toBeCloseTo(-14.6, 6)
  })
  it('its checksum is that of the standard’s own worked example', () => {
    // The sentence that introductions to NMEA 0183 print, from memory: $GPGLL,…*1D.
    expect(sentence('GPGLL,4916.45,N,12311.12,W,225444,A,')).toBe('$GPGLL,4916.45,N,12311.12,W,225444,A,*1D')
  })
})

describe('the simulated report', () => {
  const query = { placeId: 'a', date: '2026-06-12', waterTempC: 15, visibilityM: 4 }
  it('is of the shape that a real service must have, and says the same of the same day', () => {
    const report = WaterReport.parse(simulatedReport(query))
    expect(report.simulated).toBe(true)
    expect(report.hours).toHaveLength(24)
    expect(simulatedReport(query)).toEqual(report)
    expect(simulatedReport({ ...query, date: '2026-06-13' })).not.toEqual(report)
  })
  it('stays near what is usual there, and the afternoon is windier than the night', () => {
    for (const date of ['2026-01-10', '2026-06-12', '2026-10-03']) {
      const report = simulatedReport({ ...query, date })
      for (const h of report.hours) {
        expect(Math.abs(h.waterTempC - 15)).toBeLessThan(2)
        expect(h.visibilityM).toBeLessThanOrEqual(4)
      }
      expect(reportAt(report, 13.4).windMps).toBeGreaterThanOrEqual(reportAt(report, 2).windMps)
    }
  })
})

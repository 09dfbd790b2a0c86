import { describe, expect, it } from 'vitest'
import { TIDE_STATIONS, greatCircleM, reportAt, stationFor, tideAt, tideLevelM } from '.'

const HOUR = 3_600_000
const station = TIDE_STATIONS.find((s) => s.id === 'marrowstrand')
if (!station) throw new Error('no station')
const NOON = Date.parse('2026-06-12T12:00:00Z')

describe('tide', () => {
  it('with the lunar half-day constituent alone it turns every 12.42 h (period of M2, handbooks)', () => {
    const moon = { ...station, constituents: [{ name: 'M2', amplitude: 1, phase: 30 }] }
    const highs = tideAt(moon, NOON).turns.filter((t) => t.high)
    expect(highs.length).toBeGreaterThanOrEqual(2)
    const apart = ((highs[1]?.atMs ?? 0) - (highs[0]?.atMs ?? 0)) / HOUR
    expect(apart).toBeCloseTo(12.4206, 2)
    // Its node factor lies within 3.7 % of 1 (Schureman 1958, from memory).
    expect(Math.abs((highs[0]?.levelM ?? 0) - 1)).toBeLessThan(0.038)
  })
  it('rises on the flood and falls on the ebb', () => {
    for (let h = 0; h < 26; h += 0.5) {
      const now = NOON + h * HOUR
      const { tide } = tideAt(station, now)
      const slope = tideLevelM(station, now + 60_000) - tideLevelM(station, now - 60_000)
      if (tide === 'flood') expect(slope).toBeGreaterThan(0)
      if (tide === 'ebb') expect(slope).toBeLessThan(0)
      expect(tide).not.toBe('none')
    }
  })
  it('springs and neaps come and go within a fortnight', () => {
    const ranges = Array.from({ length: 15 }, (_, d) => tideAt(station, NOON + d * 24 * HOUR).rangeM)
    expect(Math.max(...ranges) / Math.min(...ranges)).toBeGreaterThan(1.5)
  })
  it('a few centimetres are no tide', () => {
    const sill = TIDE_STATIONS.find((s) => s.id === 'quillskar-sill')
    if (!sill) throw new Error('no sill')
    expect(tideAt(sill, NOON).tide).toBe('none')
  })
  it('a station serves salt water near it, and nothing inland or far off', () => {
    const here = { latDeg: 50.3, lonDeg: -14.7, salinity: 34 }
    expect(stationFor(here)?.id).toBe('marrowstrand')
    expect(stationFor({ ...here, salinity: 0 })).toBeNull()
    expect(stationFor({ ...here, latDeg: 10 })).toBeNull()
  })
  it('a degree of latitude is 111 km (geometry)', () =>
    expect(greatCircleM({ latDeg: 10, lonDeg: 5 }, { latDeg: 11, lonDeg: 5 }) / 1000).toBeCloseTo(111.2, 1))
})

it('a report is asked for its nearest hour', () => {
  const hour = (h: number) => ({
    hour: h,
    sky: 'sun' as const,
    windMps: h,
    windFromDeg: 0,
    waterTempC: 10,
    visibilityM: 1,
  })
  const report = { placeId: 'a', date: '2026-06-12', simulated: true, hours: [hour(0), hour(6), hour(12)] }
  expect([reportAt(report, 2).hour, reportAt(report, 8.9).hour, reportAt(report, 23).hour]).toEqual([0, 6, 12])
})

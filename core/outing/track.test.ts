import { describe, expect, it } from 'vitest'
import { XMLValidator } from 'fast-xml-parser'
import { writeTrack } from '../exchange'
import { at, logOf } from '../../testing/outing'
import type { Fix } from './outing'
import { greatCircleM } from '../water'
import { isWorthKeeping, placedEntries, trackLengthM } from './track'

const fix = (min: number, latDeg: number, lonDeg: number, accuracyM = 5): Fix => ({
  at: at(min),
  latDeg,
  lonDeg,
  accuracyM,
})

describe('the way over the ground', () => {
  it('a degree of latitude is 111.2 km; of longitude at 60° half of that (sphere of the IUGG’s mean radius)', () => {
    expect(greatCircleM({ latDeg: 0, lonDeg: 0 }, { latDeg: 1, lonDeg: 0 })).toBeCloseTo(111_195, -1)
    expect(greatCircleM({ latDeg: 60, lonDeg: 0 }, { latDeg: 60, lonDeg: 1 }) / 111_195).toBeCloseTo(0.5, 3)
    expect(greatCircleM({ latDeg: 10, lonDeg: 179.9 }, { latDeg: 10, lonDeg: -179.9 })).toBeLessThan(23_000)
  })
  it('a half turn of the earth is a half turn, and nothing is nothing', () => {
    expect(greatCircleM({ latDeg: 90, lonDeg: 0 }, { latDeg: -90, lonDeg: 77 })).toBeCloseTo(20_015_115, -2)
    expect(greatCircleM({ latDeg: 5, lonDeg: 5 }, { latDeg: 5, lonDeg: 5 })).toBe(0)
  })
})

describe('a track', () => {
  it('keeps steps and long rests, not the trembling of the phone, and nothing vague', () => {
    const first = fix(0, 50, 10)
    expect(isWorthKeeping(first, undefined)).toBe(true)
    expect(isWorthKeeping(fix(1, 50.00005, 10), first)).toBe(false)
    expect(isWorthKeeping(fix(1, 50.0003, 10), first)).toBe(true)
    expect(isWorthKeeping(fix(1, 50.0003, 10, 60), first)).toBe(false)
    expect(isWorthKeeping(fix(6, 50, 10), first)).toBe(true)
    expect(isWorthKeeping(fix(6, 51, 10, 500), first)).toBe(false)
  })
  it('has a length, and places for stops and fish that were made beside it', () => {
    const track = [fix(0, 50, 10), fix(10, 50.001, 10), fix(20, 50.001, 10.002)]
    expect(trackLengthM(track)).toBeCloseTo(111.2 + 143, 0)
    expect(trackLengthM([])).toBe(0)
    const log = logOf(
      [
        [1, { kind: 'spot', stop: 1, featureId: 'dock', spotId: 'shade' }],
        [9, { kind: 'answer', answer: 'landed', aim: null, fish: null }],
        [15, { kind: 'answer', answer: 'landed', aim: null, fish: null }],
        [20, { kind: 'cast', aim: null }],
      ],
      { track },
    )
    expect(placedEntries(log).map(({ entry, fix: where }) => [entry.kind, where.at])).toEqual([
      ['spot', at(0)],
      ['answer', at(10)],
    ])
  })
  it('goes out as GPX 1.1: one track, its stops as waypoints', () => {
    const log = logOf([[0, { kind: 'spot', stop: 2, featureId: 'dock', spotId: 'shade' }]], {
      placeName: 'Reeds & <rocks>',
      track: [fix(0, 50, 10), fix(5, 50.001, 10)],
    })
    const gpx = writeTrack({ outing: log, nameOf: () => 'Stop 2' })
    expect(XMLValidator.validate(gpx)).toBe(true)
    expect(gpx).toContain('<trkpt lat="50.001000" lon="10.000000">')
    expect(gpx).toContain('<time>2026-06-12T06:05:00Z</time>')
    expect(gpx.indexOf('<wpt')).toBeLessThan(gpx.indexOf('<trk>'))
    expect(gpx).toContain('Reeds &amp; &lt;rocks&gt;')
  })
})

import { XMLValidator } from 'fast-xml-parser'
import { describe, expect, it } from 'vitest'
import { WORLD } from '../../testing/world'
import { middleOf, newPlacesOf, readGpx, waterOfReadings, writeGpx } from '.'
import { sayFileProblem } from '../../words'

/** Places in GPX 1.1, and what readings become. */

describe('GPX', () => {
  it('places go out as sound XML and come back where they were', () => {
    const text = writeGpx(WORLD.places)
    expect(XMLValidator.validate(text)).toBe(true)
    expect(text).toContain('http://www.topografix.com/GPX/1/1')
    const read = readGpx(text)
    if (!read.ok) throw new Error(read.problem.code)
    expect(read.waypoints).toHaveLength(WORLD.places.length)
    read.waypoints.forEach((w, i) => {
      expect(w.latDeg).toBeCloseTo(WORLD.places[i]?.latDeg ?? 0, 6)
      expect([w.name, w.note]).toEqual([WORLD.places[i]?.name, WORLD.places[i]?.note])
    })
  })
  it('names with signs of XML in them keep them', () => {
    const odd = { name: 'Stone & <Sill> "x"', latDeg: -12.5, lonDeg: 170.25, note: 'a < b', rules: '' }
    const read = readGpx(writeGpx([odd]))
    expect(read.ok && read.waypoints).toEqual([{ name: odd.name, latDeg: -12.5, lonDeg: 170.25, note: 'a < b' }])
  })
  it.each([
    ['cut short', '<gpx><wpt lat="1"', /line 1/],
    ['another file', '<kml></kml>', /no gpx element/],
    ['no waypoints', '<gpx version="1.1"></gpx>', /no waypoints/],
    ['no XML at all', 'lat;lon', /.+/],
  ])('%s: says so', (_, text, words) => {
    const read = readGpx(text)
    expect(read.ok ? '' : sayFileProblem(read.problem)).toMatch(words)
  })
  it('a waypoint without a sound position is left out and named; one without a name gets a number', () => {
    for (const odd of ['', ' ', '0x10', '1e1', 'NaN', 'Infinity', '1,5', '1.2.3']) {
      const found = readGpx(`<gpx><wpt lat="${odd}" lon="3"><name>Odd</name></wpt></gpx>`)
      expect(found).toMatchObject({ ok: true, waypoints: [], problems: [{ code: 'bad-position', name: 'Odd' }] })
    }
    const read = readGpx('<gpx><wpt lat="100" lon="3"><name>Far</name></wpt><wpt lat="1" lon="3"/><wpt lon="3"/></gpx>')
    if (!read.ok) throw new Error(read.problem.code)
    expect(read.waypoints.map((w) => w.name)).toEqual(['Waypoint 2'])
    expect(read.problems).toHaveLength(2)
    expect(read.problems[0]).toMatchObject({ code: 'bad-position', name: 'Far' })
  })
})

describe('what is read becomes water and places', () => {
  it('the middle of the readings is the water; what was not heard is not said', () => {
    expect(waterOfReadings(middleOf([{ depthM: 3.456, waterTempC: 17.74 }]))).toEqual({
      depthM: 3.46,
      waterTempC: 17.7,
    })
    expect(waterOfReadings(middleOf([]))).toEqual({})
  })
  it('drift is the speed over ground, else that through the water; what the form cannot hold is not said', () => {
    expect(waterOfReadings(middleOf([{ waterSpeedMps: 0.5 }]))).toEqual({ driftMps: 0.5 })
    expect(waterOfReadings(middleOf([{ waterSpeedMps: 0.5, groundSpeedMps: 0.7 }]))).toEqual({ driftMps: 0.7 })
    expect(waterOfReadings(middleOf([{ groundSpeedMps: 9, depthM: 900 }]))).toEqual({})
    expect(waterOfReadings(middleOf([{ groundSpeedMps: 3, depthM: 200 }]))).toEqual({ driftMps: 3, depthM: 200 })
    expect(waterOfReadings(middleOf([{ depthM: 0.1 }]))).toEqual({ depthM: 0.3 })
  })
  it('waypoints become places with the clock and salinity of the region; known spots are left out', () => {
    const [known] = WORLD.places
    if (!known) throw new Error('no place')
    const read = readGpx(writeGpx([known, { ...known, name: 'Far pool', latDeg: known.latDeg + 0.1 }]))
    if (!read.ok) throw new Error('unread')
    const made = newPlacesOf(read.waypoints, [known], { utcOffsetH: 2, salinity: 7 }, () => 'new')
    expect(made).toHaveLength(1)
    expect(made[0]).toMatchObject({ id: 'new', name: 'Far pool', utcOffsetH: 2, salinity: 7, singlesOnly: false })
  })
})

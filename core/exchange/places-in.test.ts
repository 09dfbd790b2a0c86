import { XMLValidator } from 'fast-xml-parser'
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { WORLD } from '../testing/world'
import { middleOf, newPlacesOf, readGpx, readNmeaLog, readSentence, waterOfReadings, writeGpx } from '.'
import { sayFileProblem } from '../../words'

/** Places in GPX 1.1 and readings in NMEA 0183. */

const reading = (line: string) => {
  const found = readSentence(line)
  if (!found.ok) throw new Error(found.problem.code)
  return found.reading
}
const problem = (line: string) => {
  const found = readSentence(line)
  return found.ok ? null : sayFileProblem(found.problem)
}

describe('NMEA 0183', () => {
  it('depth, with the transducer’s own depth where it is told', () => {
    expect(reading('$SDDBT,7.8,f,2.4,M,1.3,F*0D')).toEqual({ depthM: 2.4 })
    expect(reading('$SDDPT,2.4,0.3*52')?.depthM).toBeCloseTo(2.7, 9)
  })
  it('temperature of the water, and speed through it in knots', () => {
    expect(reading('$YXMTW,17.75,C*26')).toEqual({ waterTempC: 17.75 })
    expect(reading('$VWVHW,,,15.0,M,2.5,N,4.6,K*1F')?.waterSpeedMps).toBeCloseTo((2.5 * 1852) / 3600, 6)
  })
  it('position, time and speed of the sentence that introductions print: 48°07.038′ N, 11°31.000′ E (from memory)', () => {
    const found = reading('$GPRMC,123519,A,4807.038,N,01131.000,E,022.4,084.4,230394,003.1,W*6A')
    expect(found?.latDeg).toBeCloseTo(48 + 7.038 / 60, 6)
    expect(found?.lonDeg).toBeCloseTo(11 + 31 / 60, 6)
    expect(found?.groundSpeedMps).toBeCloseTo((22.4 * 1852) / 3600, 4)
    expect(new Date(found?.atMs ?? 0).toISOString()).toBe('1994-03-23T12:35:19.000Z')
  })
  it('what is of no use here is passed over without a word', () => {
    expect(reading('$GPGGA,123519,4807.038,N,01131.000,E,1,08,0.9,545.4,M,46.9,M,,*47')).toBeNull()
    expect(reading('$GPZZZ,1*50')).toBeNull()
  })
  it('an offset below nought is that of the keel, and is not taken off the depth', () => {
    const sum = (body: string) =>
      [...body]
        .reduce((x, c) => x ^ c.charCodeAt(0), 0)
        .toString(16)
        .toUpperCase()
        .padStart(2, '0')
    const dpt = (offset: string) => reading(`$SDDPT,3.2,${offset}*${sum(`SDDPT,3.2,${offset}`)}`)
    expect(dpt('-0.5')).toEqual({ depthM: 3.2 })
    expect(dpt('0.5')?.depthM).toBeCloseTo(3.7, 9)
  })
  it.each([
    ['$SDDBT,7.8,f,2.4,M,1.3,F*00', /wrong checksum/],
    ['$SDDBT,7.8,f,2.4', /cut short/],
    ['hello', /not an NMEA/],
    ['', /not an NMEA/],
  ])('%s is told', (line, words) => expect(problem(line)).toMatch(words))
  it('a log is read past its bad lines, which are named by number; the middle is not moved by a jump', () => {
    const good = ['$SDDPT,2.4,0.3*52', '$YXMTW,17.75,C*26']
    const log = readNmeaLog([...good, ...good, 'rubbish', '$SDDPT,2.4,0.3,10*7F', '', '$SDDPT,99.0,*4F'].join('\r\n'))
    expect(log.problems.map((p) => p.line)).toContain(5)
    expect(log.middle.depthM).toBeCloseTo(2.7, 6)
    expect(log.middle.waterTempC).toBe(17.75)
    expect(log.middle.latDeg).toBeNull()
  })
  it('nothing that is typed makes it fall over', () => {
    fc.assert(
      fc.property(fc.string({ maxLength: 90 }), (text) => {
        readSentence(text)
        readSentence(`$${text}*00`)
        readNmeaLog(text)
      }),
      { numRuns: 300 },
    )
  })
})

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
  it('drift is the speed over ground, else that through the water; nothing leaves the limits of the form', () => {
    expect(waterOfReadings(middleOf([{ waterSpeedMps: 0.5 }]))).toEqual({ driftMps: 0.5 })
    expect(waterOfReadings(middleOf([{ waterSpeedMps: 0.5, groundSpeedMps: 0.7 }]))).toEqual({ driftMps: 0.7 })
    expect(waterOfReadings(middleOf([{ groundSpeedMps: 9, depthM: 900 }]))).toEqual({ driftMps: 3, depthM: 200 })
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

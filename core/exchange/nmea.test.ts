import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { sayFileProblem } from '../../words'
import { readNmeaLog, readSentence } from './nmea'

/** Readings in NMEA 0183. */

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
    const dpt = (offset: string) => reading(summed(`SDDPT,3.2,${offset}`))
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

/** A sentence with its checksum: the exclusive or of all between $ and *. */
const summed = (body: string) =>
  `$${body}*${[...body]
    .reduce((x, c) => x ^ c.charCodeAt(0), 0)
    .toString(16)
    .toUpperCase()
    .padStart(2, '0')}`
const failed = (line: string) => {
  const found = readSentence(line)
  return found.ok ? null : found.problem
}

describe('limits of what a sender can mean', () => {
  it.each([
    ['SDDPT,1500,0', { depthM: 1500 }],
    ['SDDPT,0,0', { depthM: 0 }],
    ['SDDBT,4921.3,f,1500,M,820.2,F', { depthM: 1500 }],
    ['YXMTW,-5,C', { waterTempC: -5 }],
    ['YXMTW,50,C', { waterTempC: 50 }],
    ['YXMTW,4,', { waterTempC: 4 }],
    ['YXMTW,4', { waterTempC: 4 }],
  ])('%s is taken', (body, expected) => expect(reading(summed(body))).toEqual(expected))
  it.each([
    ['SDDPT,1500.1,0', 'depth', 1500.1],
    ['SDDPT,9999,0', 'depth', 9999],
    ['SDDPT,-0.1,0', 'depth', -0.1],
    ['SDDBT,4922,f,1500.1,M,821,F', 'depth', 1500.1],
    ['SDDBT,-1,f,-0.1,M,-1,F', 'depth', -0.1],
    ['VWVHW,,T,,M,-1,N,-1.9,K', 'speed', -0.51],
    ['GPVTG,10,T,,M,97192224,N,180000000,K', 'speed', 49_999_999.68],
    ['YXMTW,-5.1,C', 'water temperature', -5.1],
    ['YXMTW,50.1,C', 'water temperature', 50.1],
  ])('%s cannot be', (body, what, value) => expect(failed(summed(body))).toEqual({ code: 'impossible', what, value }))
  it('Fahrenheit is refused, not taken for Celsius', () =>
    expect(failed(summed('YXMTW,61,F'))).toEqual({ code: 'unknown-temperature-unit' }))
  it.each(['SDDPT,,0', 'YXMTW,,C', 'SDDBT,,f,,M,,F', 'VWVHW,,,,M,,N,,K'])('%s says nothing, and is no fault', (body) =>
    expect(readSentence(summed(body))).toEqual({ ok: true, reading: null }),
  )
  it('a receiver without speed or position says what it has', () => {
    expect(reading(summed('GPRMC,123519,A,,,,,022.4,084.4,230394,003.1,W'))).toEqual({
      groundSpeedMps: expect.closeTo((22.4 * 1852) / 3600, 6) as number,
      atMs: Date.UTC(1994, 2, 23, 12, 35, 19),
    })
    expect(readSentence(summed('GPVTG,054.7,T,034.4,M,,N,,K,A'))).toEqual({ ok: true, reading: null })
  })
  it('speed over ground in knots, and a position only while the receiver is sure of it', () => {
    expect(reading(summed('GPVTG,054.7,T,034.4,M,3.6,N,6.7,K,A'))).toEqual({
      groundSpeedMps: expect.closeTo(1.852, 9) as number,
    })
    const rmc = (status: string) => summed(`GPRMC,123519,${status},4807.038,N,01131.000,E,022.4,084.4,230394,003.1,W`)
    expect(readSentence(rmc('V'))).toEqual({ ok: true, reading: null })
    expect(reading(rmc('A'))?.latDeg).toBeCloseTo(48.1173, 4)
  })
  it('blanks around a sentence do not matter; letters after its checksum do', () => {
    expect(reading(`  ${summed('YXMTW,17.75,C')}  `)).toEqual({ waterTempC: 17.75 })
    expect(failed(`${summed('YXMTW,17.75,C')}A`)).toEqual({ code: 'no-checksum' })
    expect(failed(`x${summed('YXMTW,17.75,C')}`)).toEqual({ code: 'not-a-sentence' })
  })
})

describe('a log', () => {
  it('counts what it used and passed over, and names the first 50 faults', () => {
    const log = readNmeaLog(
      [summed('YXMTW,17,C'), '', summed('GPZZZ,1'), ...Array.from({ length: 60 }, () => 'rubbish')].join('\n'),
    )
    expect([log.used, log.passedOver, log.problems.length]).toEqual([1, 1, 50])
    expect(log.problems[0]).toEqual({ line: 4, problem: { code: 'not-a-sentence' } })
  })
  it('its middle is the median of each figure by itself', () => {
    const { middle } = readNmeaLog(['SDDPT,3,0', 'SDDPT,4,0', 'SDDPT,90,0', 'YXMTW,11,C'].map(summed).join('\n'))
    expect(middle).toEqual({
      depthM: 4,
      waterTempC: 11,
      waterSpeedMps: null,
      groundSpeedMps: null,
      latDeg: null,
      lonDeg: null,
      atMs: null,
    })
  })
})

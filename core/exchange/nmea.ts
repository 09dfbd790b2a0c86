import { median } from 'd3-array'
import type { Conditions } from '../water'
import type { FileProblem } from './problem'
import { DefaultPacketFactory, parseGenericPacket, type Packet } from 'nmea-simple'

/**
 * Readings of a sounder, a temperature probe, a log and a receiver in NMEA 0183: depth (DBT, DPT), water temperature (MTW), speed (VHW, VTG, RMC) and
 * position (RMC). Sentences of other kinds are passed over.
 */
export interface NmeaReading {
  /** Depth under the surface where the sender says how deep its transducer hangs (DPT), else under the transducer, m. */
  readonly depthM?: number
  readonly waterTempC?: number
  /** Through the water (VHW), or over ground (VTG, RMC), m/s. */
  readonly waterSpeedMps?: number
  readonly groundSpeedMps?: number
  readonly latDeg?: number
  readonly lonDeg?: number
  /** Universal time, milliseconds. */
  readonly atMs?: number
}

const KNOT_MPS = 1852 / 3600
/** Deeper no sounder of an angler's boat reads: a figure of nines is its “no bottom”. Common practice. */
const DEEPEST_M = 1500
/** Faster no boat goes. */
const FASTEST_MPS = 60

/** The two kinds of sentence that the library does not know: fields as in NMEA 0183. */
type OwnPacket =
  | { readonly sentenceId: 'MTW'; readonly degrees: number; readonly unit: string }
  | { readonly sentenceId: 'DPT'; readonly depthM: number; readonly offsetM: number }

class Factory extends DefaultPacketFactory<OwnPacket> {
  override assembleCustomPacket(stub: { sentenceId: string }, fields: string[]): OwnPacket | null {
    if (stub.sentenceId === 'MTW') return { sentenceId: 'MTW', degrees: figure(fields[1]), unit: fields[2] ?? '' }
    if (stub.sentenceId === 'DPT') {
      const offset = fields[2] ? figure(fields[2]) : 0
      return { sentenceId: 'DPT', depthM: figure(fields[1]), offsetM: Math.max(0, offset) }
    }
    return null
  }
}
/** A figure as NMEA 0183 writes it: decimal, without an exponent. */
const DECIMAL = /^-?(?:\d+(?:\.\d*)?|\.\d+)$/
const figure = (text: string | undefined) => (text !== undefined && DECIMAL.test(text) ? Number(text) : NaN)
const FACTORY = new Factory()

export type SentenceResult =
  | { readonly ok: true; readonly reading: NmeaReading | null }
  | { readonly ok: false; readonly problem: FileProblem }

const read = (reading: NmeaReading): SentenceResult => {
  const known = Object.entries(reading).filter(([, v]) => typeof v === 'number' && Number.isFinite(v))
  return { ok: true, reading: known.length > 0 ? Object.fromEntries(known) : null }
}

/** The last field of a sentence ends at its checksum. */
const bareField = (text: string | undefined) => text?.split('*')[0]

/** One sentence; `reading` is null where it says nothing that is wanted here. A wrong checksum or a figure that cannot be is a problem. Never throws. */
export function readSentence(line: string): SentenceResult {
  const text = line.trim()
  if (!text.startsWith('$')) return { ok: false, problem: { code: 'not-a-sentence' } }
  if (!/\*[0-9a-f]{2}$/i.test(text)) return { ok: false, problem: { code: 'no-checksum' } }
  let packet: Packet | OwnPacket
  try {
    packet = parseGenericPacket<Packet | OwnPacket>(text, FACTORY)
  } catch (error) {
    const message = error instanceof Error ? error.message : ''
    if (/no known parser/i.test(message)) return { ok: true, reading: null }
    return { ok: false, problem: { code: /invalid sentence/i.test(message) ? 'wrong-checksum' : 'unreadable' } }
  }
  const fields = text.split(',')
  /** The library reads an empty field as nought: a sounder that has lost the bottom would report no depth at all. */
  const given = (at: number, value: number) => (Number.isNaN(figure(bareField(fields[at]))) ? NaN : value)
  switch (packet.sentenceId) {
    case 'DBT': {
      const depthM = given(3, packet.depthMeters)
      return within(depthM, 0, DEEPEST_M, 'depth') ?? read({ depthM })
    }
    case 'DPT':
      return within(packet.depthM, 0, DEEPEST_M, 'depth') ?? read({ depthM: packet.depthM + packet.offsetM })
    case 'MTW':
      if (packet.unit && packet.unit !== 'C') return { ok: false, problem: { code: 'unknown-temperature-unit' } }
      return within(packet.degrees, -5, 50, 'water temperature') ?? read({ waterTempC: packet.degrees })
    case 'VHW': {
      const waterSpeedMps = given(5, packet.speedKnots) * KNOT_MPS
      return within(waterSpeedMps, 0, FASTEST_MPS, 'speed') ?? read({ waterSpeedMps })
    }
    case 'VTG': {
      const groundSpeedMps = given(5, packet.speedKnots) * KNOT_MPS
      return within(groundSpeedMps, 0, FASTEST_MPS, 'speed') ?? read({ groundSpeedMps })
    }
    case 'RMC': {
      if (packet.status !== 'valid') return { ok: true, reading: null }
      const [latDeg, lonDeg] = [given(3, packet.latitude), given(5, packet.longitude)]
      const groundSpeedMps = given(7, packet.speedKnots) * KNOT_MPS
      const wrong = [
        within(latDeg, -90, 90, 'latitude'),
        within(lonDeg, -180, 180, 'longitude'),
        within(groundSpeedMps, 0, FASTEST_MPS, 'speed'),
      ].find((found) => found !== null && !found.ok)
      return wrong ?? read({ latDeg, lonDeg, groundSpeedMps, atMs: packet.datetime.getTime() })
    }
    default:
      return { ok: true, reading: null }
  }
}

function within(value: number, low: number, high: number, what: string): SentenceResult | null {
  if (Number.isNaN(value)) return { ok: true, reading: null }
  return value >= low && value <= high
    ? null
    : { ok: false, problem: { code: 'impossible', what, value: Math.round(value * 100) / 100 } }
}

/** What a log of sentences comes to. */
export interface NmeaLog {
  readonly readings: readonly NmeaReading[]
  /** Sentences that say something wanted here, and those passed over. */
  readonly used: number
  readonly passedOver: number
  readonly problems: readonly { readonly line: number; readonly problem: FileProblem }[]
  /** The middle of what was read; null where nothing was. */
  readonly middle: Readonly<Record<keyof NmeaReading, number | null>>
}

const KEYS = ['depthM', 'waterTempC', 'waterSpeedMps', 'groundSpeedMps', 'latDeg', 'lonDeg', 'atMs'] as const
const MOST_PROBLEMS = 50

/** The middle of readings: a jump of the sounder or a frozen probe moves it little. */
export function middleOf(readings: readonly NmeaReading[]): NmeaLog['middle'] {
  const of = (key: keyof NmeaReading) => median(readings, (r) => r[key]) ?? null
  return Object.fromEntries(KEYS.map((key) => [key, of(key)])) as NmeaLog['middle']
}

/** Reads a whole log, a sentence a line; lines that cannot be read are listed and the rest is used. */
export function readNmeaLog(text: string): NmeaLog {
  const readings: NmeaReading[] = []
  const problems: { line: number; problem: FileProblem }[] = []
  let passedOver = 0
  text.split(/\r?\n/).forEach((line, i) => {
    if (line.trim() === '') return
    const found = readSentence(line)
    if (!found.ok) problems.push({ line: i + 1, problem: found.problem })
    else if (found.reading) readings.push(found.reading)
    else passedOver += 1
  })
  return {
    readings,
    used: readings.length,
    passedOver,
    problems: problems.slice(0, MOST_PROBLEMS),
    middle: middleOf(readings),
  }
}

const tidy = (value: number, low: number, high: number) => Math.min(high, Math.max(low, Math.round(value * 100) / 100))

/** The deepest water and the fastest drift that a water of ours can have: deeper is not fished here, faster is a boat under way. */
const MOST = { depthM: 200, driftMps: 3 }

/**
 * What the middle of a sounder's readings says of today's water; drift is what the receiver, else the log tells. Nothing is said of what was not heard, nor of
 * what no water here can be.
 */
export function waterOfReadings(
  middle: NmeaLog['middle'],
): Partial<Pick<Conditions, 'depthM' | 'waterTempC' | 'driftMps'>> {
  const { depthM, waterTempC, waterSpeedMps, groundSpeedMps } = middle
  const drift = groundSpeedMps ?? waterSpeedMps
  return {
    ...(depthM !== null && depthM <= MOST.depthM && { depthM: tidy(depthM, 0.3, MOST.depthM) }),
    ...(waterTempC !== null && { waterTempC: Math.round(waterTempC * 10) / 10 }),
    ...(drift !== null && drift <= MOST.driftMps && { driftMps: tidy(drift, 0, MOST.driftMps) }),
  }
}

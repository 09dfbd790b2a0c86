import { seeded } from './scale'

/** A sounder, a probe, a log and a receiver that are simulated, clearly so: a boat drifting over a place. They speak NMEA 0183, a sentence a line. */
export interface Drift {
  readonly depthM: number
  readonly waterTempC: number
  readonly latDeg: number
  readonly lonDeg: number
  readonly driftMps: number
  /** Universal time of the first reading, milliseconds. */
  readonly fromMs: number
  readonly seed: number
}

/** A sentence with its checksum: the bytes between $ and * put together by exclusive or. */
export function sentence(body: string): string {
  const sum = [...body].reduce((x, c) => x ^ c.charCodeAt(0), 0)
  return `$${body}*${sum.toString(16).toUpperCase().padStart(2, '0')}`
}

/** Degrees and minutes as NMEA writes them. */
function angle(deg: number, wide: number, [plus, minus]: readonly [string, string]): string {
  const whole = Math.floor(Math.abs(deg))
  const minutes = (Math.abs(deg) - whole) * 60
  return `${String(whole).padStart(wide, '0')}${minutes.toFixed(4).padStart(7, '0')},${deg >= 0 ? plus : minus}`
}

const two = (n: number) => String(n).padStart(2, '0')
const KNOT_MPS = 1852 / 3600
const M_PER_DEG = 111_195

/** The bottom rolls under the boat, the sounder jumps now and then, the probe is a tenth of a degree out. */
const ROLL = { share: 0.12, everyS: 47, noiseM: 0.04, jumps: 0.03, jumpBy: 2.1 } as const

/** Sentences of second number `i` (0, 1, 2 …). */
export function sounderSentences({ depthM, waterTempC, latDeg, lonDeg, driftMps, fromMs, seed }: Drift) {
  const chance = seeded(seed)
  return (i: number): string[] => {
    const rolled = depthM * (1 + ROLL.share * Math.sin((2 * Math.PI * i) / ROLL.everyS))
    const jump = chance() < ROLL.jumps ? ROLL.jumpBy : 1
    const depth = Math.max(0.3, rolled * jump + (chance() - 0.5) * 2 * ROLL.noiseM)
    const temp = waterTempC + (chance() - 0.5) * 0.2
    const lat = latDeg + (driftMps * i) / M_PER_DEG
    const at = new Date(fromMs + i * 1000)
    const clock = `${two(at.getUTCHours())}${two(at.getUTCMinutes())}${two(at.getUTCSeconds())}`
    const day = `${two(at.getUTCDate())}${two(at.getUTCMonth() + 1)}${two(at.getUTCFullYear() % 100)}`
    const knots = (driftMps / KNOT_MPS).toFixed(2)
    const position = `${angle(lat, 2, ['N', 'S'])},${angle(lonDeg, 3, ['E', 'W'])}`
    return [
      sentence(`SDDPT,${depth.toFixed(2)},0.0`),
      sentence(`SDDBT,${(depth / 0.3048).toFixed(1)},f,${depth.toFixed(2)},M,${(depth / 1.8288).toFixed(1)},F`),
      sentence(`YXMTW,${temp.toFixed(1)},C`),
      sentence(`VWVHW,,,,M,${knots},N,${((driftMps * 3600) / 1000).toFixed(2)},K`),
      sentence(`GPRMC,${clock},A,${position},${knots},0.0,${day},,`),
    ]
  }
}

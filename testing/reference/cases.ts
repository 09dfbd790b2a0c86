import { seededRandom } from '../../core/random'
import type { LineKind, LureKind } from './lumped-line'

/** One cast, by everything that moves it. SI. */
export interface LineCase {
  readonly name: string
  readonly group: 'wind' | 'diver' | 'flow' | 'hop' | 'count' | 'swing' | 'pitch' | 'sweep'
  readonly lure: LureKind
  readonly line: LineKind
  readonly tipM: number
  readonly depthM: number
  /** Water past the rod tip, away from it and across, m/s: a current, or a boat's drift the other way. */
  readonly flowMps: readonly [away: number, across: number]
  /** Where the lure is when the work begins: away, across, down. */
  readonly from: readonly [number, number, number]
  /** The line lies on the surface and leads straight down to the lure; else it is straight. */
  readonly slack: boolean
  readonly windMps: number
  /** Seconds of pull and of rest; no rest: steady. */
  readonly pullDurationS: number
  readonly pauseS: number
  /** In a rest the rod follows the lure: line is given as it goes away, and no more; else the line is held. */
  readonly givesLine: boolean
}

const LINES: readonly LineKind[] = [
  { diameterM: 0.8e-4, densityKgM3: 970 },
  { diameterM: 1.5e-4, densityKgM3: 970 },
  { diameterM: 2.8e-4, densityKgM3: 1780 },
  { diameterM: 4e-4, densityKgM3: 1140 },
]
const LINE_NAMES = ['braid 0.08', 'braid 0.15', 'fluoro 0.28', 'mono 0.40']
const GRAVITY = 9.80665

/** A sinker of lead and body: drag area grows with the square of its size. */
const sinker = (grams: number, diveAngleTan: number): LureKind => ({
  massKg: grams / 1000,
  submergedWeightN: 0.87 * (grams / 1000) * GRAVITY,
  towDragAreaM2: 5.1e-4 * (grams / 10) ** (2 / 3),
  sinkDragAreaM2: 6e-4 * (grams / 10) ** (2 / 3),
  diveAngleTan,
})
const diver = (grams: number, diveAngleTan: number): LureKind => ({
  massKg: grams / 1000,
  submergedWeightN: -0.08 * (grams / 1000) * GRAVITY,
  towDragAreaM2: 9e-4 * (grams / 12) ** (2 / 3),
  sinkDragAreaM2: 20e-4 * (grams / 12) ** (2 / 3),
  diveAngleTan,
})

/** The whole table, the same every time. */
export function everyCase(): LineCase[] {
  const random = seededRandom(14)
  const pick = <T>(of: readonly T[]): T => of[Math.floor(random.next() * of.length)] as T
  const between = (a: number, b: number) => Math.round((a + (b - a) * random.next()) * 100) / 100
  const cases: LineCase[] = []
  const add = (one: Omit<LineCase, 'name' | 'line'> & { line: number; grams: number }) => {
    const { line, grams, ...rest } = one
    const flow = rest.flowMps.some((f) => f !== 0) ? `, water ${rest.flowMps.join(' and ')} m/s` : ''
    const beat = rest.pauseS > 0 ? `, ${rest.pullDurationS} s on ${rest.pauseS} s off` : ''
    const name = `${cases.length + 1} ${rest.group}: ${grams} g, tan ${rest.lure.diveAngleTan}, ${LINE_NAMES[line]}, ${rest.windMps} m/s, ${rest.slack ? 'slack' : 'taut'} from ${rest.from.join('/')}${flow}${beat}`
    cases.push({ name, line: LINES[line] as LineKind, ...rest })
  }
  const still = [0, 0] as const
  const common = { tipM: 1, depthM: 60, flowMps: still, pullDurationS: 1, pauseS: 0, givesLine: false }
  for (const grams of [2, 5, 10, 20, 40, 60])
    for (const line of [0, 1, 2, 3])
      for (const windMps of [0.3, 0.6, 1.1, 1.8])
        for (const slack of [false, true]) {
          // Every second one of the whole grid, each kind alike.
          if (
            (line + [0.3, 0.6, 1.1, 1.8].indexOf(windMps) + Number(slack) + [2, 5, 10, 20, 40, 60].indexOf(grams)) %
            2
          )
            continue
          const castM = Math.min(60, Math.round(between(12, 22) * (grams / 5) ** 0.3))
          add({
            ...common,
            group: 'wind',
            grams,
            lure: sinker(grams, pick([0, 0, -0.1])),
            line,
            windMps,
            slack,
            from: [castM, 0, between(1, 6)],
          })
        }
  for (const diveAngleTan of [0.15, 0.3, 0.5, 0.8, 1.2])
    for (const line of [1, 2, 3])
      for (const windMps of [0.6, 1.2])
        add({
          ...common,
          group: 'diver',
          grams: 12,
          lure: diver(12, diveAngleTan),
          line,
          windMps,
          slack: false,
          from: [pick([20, 28, 36]), 0, 0],
          tipM: pick([0.3, 1, 2]),
        })
  for (let i = 0; i < 48; i++) {
    const grams = pick([5, 10, 20, 40])
    const flow = between(0.15, 0.6)
    const flowMps =
      (
        [
          [flow, 0],
          [-flow, 0],
          [0, flow],
          [flow * 0.7, flow * 0.7],
        ] as const
      )[i % 4] ?? still
    add({
      ...common,
      group: 'flow',
      grams,
      lure: i % 3 === 2 ? diver(12, 0.4) : sinker(grams, 0),
      line: pick([0, 1, 2]),
      windMps: flowMps[0] < 0 ? between(0.7, 1.3) : between(0.3, 1),
      slack: false,
      flowMps: [Math.round(flowMps[0] * 100) / 100, Math.round(flowMps[1] * 100) / 100],
      from: [pick([15, 20, 28]), 0, i % 3 === 2 ? 0 : between(0.5, 4)],
    })
  }
  for (let i = 0; i < 36; i++) {
    const grams = pick([5, 10, 20, 40])
    const givesLine = i % 2 === 0
    add({
      ...common,
      group: 'hop',
      grams,
      lure: i % 3 === 2 ? diver(12, 0.4) : sinker(grams, 0),
      line: pick([0, 1, 2]),
      windMps: between(0.5, 1.2),
      slack: false,
      from: [pick([12, 16, 22]), 0, i % 3 === 2 ? 0 : between(1, 4)],
      pullDurationS: pick([0.5, 1, 1.5]),
      pauseS: pick([0.6, 1.2, 2]),
      givesLine,
      depthM: i % 4 === 3 ? 6 : 25,
    })
  }
  for (const grams of [3, 7, 14, 28])
    for (const [line, givesLine] of [
      [1, false],
      [2, false],
      [0, true],
      [2, true],
    ] as const)
      add({
        ...common,
        group: 'count',
        grams,
        lure: sinker(grams, 0),
        line,
        windMps: 0,
        slack: false,
        from: [between(14, 25), 0, 0],
        pauseS: 0,
        givesLine,
      })
  for (let i = 0; i < 24; i++) {
    const grams = pick([3, 7, 14, 28])
    const across = between(8, 18)
    add({
      ...common,
      group: 'swing',
      grams,
      lure: i % 4 === 3 ? diver(12, 0.3) : sinker(grams, 0),
      line: pick([0, 1, 2]),
      windMps: i % 3 === 2 ? between(0.1, 0.4) : 0,
      slack: false,
      flowMps: [0, between(0.3, 0.9)],
      from: [across, i % 2 ? -Math.round(across * 0.4) : 0, 0],
    })
  }
  for (const grams of [5, 10, 20, 30])
    for (const line of [1, 2, 3])
      add({
        ...common,
        group: 'pitch',
        grams,
        lure: sinker(grams, 0),
        line,
        windMps: between(0.5, 1.4),
        slack: true,
        from: [between(6, 9), 0, between(1, 4)],
        tipM: pick([1, 2]),
      })
  for (let i = 0; i < 24; i++) {
    const grams = pick([7, 14, 21])
    add({
      ...common,
      group: 'sweep',
      grams,
      lure: i % 3 === 2 ? diver(12, 0.4) : sinker(grams, 0),
      line: pick([0, 1, 2]),
      windMps: between(0.4, 0.8),
      slack: false,
      from: [pick([14, 18, 24]), 0, i % 3 === 2 ? 0 : between(1.5, 5)],
      pullDurationS: pick([1.5, 2.5]),
      pauseS: pick([2, 4]),
      givesLine: i % 2 === 0,
      depthM: i % 4 === 1 ? 6 : 25,
    })
  }
  return cases
}

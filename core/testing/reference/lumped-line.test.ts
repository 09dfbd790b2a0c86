import { describe, expect, it } from 'vitest'
import { integrateCable } from '../../motion/cable-ode'
import { depthOnLine, lineDragToTension } from '../../motion/line-shape'
import { LumpedLine, placesAlong, type LureKind, type Vector, type Water } from './lumped-line'

const DT = 1e-3
const STILL: Water = { density: 999, depthM: 60, flowMps: [0, 0, 0] }
const THIN = { diameterM: 1e-6, densityKgM3: 999 }
const JIG: LureKind = {
  massKg: 0.0107,
  submergedWeightN: 0.095,
  towDragAreaM2: 5.1e-4,
  sinkDragAreaM2: 5.1e-4,
  diveAngleTan: 0,
}
/** A lure that the water carries wherever it goes. */
const WEIGHTLESS: LureKind = { ...JIG, massKg: 1e-3, submergedWeightN: 0 }

function run(line: LumpedLine, seconds: number, windMps = 0, until: () => boolean = () => false) {
  let t = 0
  for (; t < seconds && !until(); t += DT) line.step(DT, windMps)
  return t
}

describe('the reference: a line of lumped masses, against closed forms', () => {
  it('terminal fall: v = √(2W′ / ρ·C·A)', () => {
    const line = new LumpedLine(
      THIN,
      JIG,
      STILL,
      placesAlong(
        [
          [0, 0, 0],
          [0.5, 0, 0.5],
        ],
        4,
      ),
      80,
    )
    run(line, 5)
    const from = line.lureAt[2]
    run(line, 10)
    expect((line.lureAt[2] - from) / 10).toBeCloseTo(Math.sqrt((2 * 0.095) / (999 * 5.1e-4)), 2)
  })

  it('a heavy line in still water hangs as a catenary: depth = a·(cosh(s/a) …), a = horizontal pull over weight', () => {
    // Held out by a flow that meets the lure alone: the line is too thin for it, and as heavy as a chain.
    const flow = 0.5
    const heavy = { diameterM: 2e-4, densityKgM3: 40_000 }
    const lure: LureKind = { ...JIG, submergedWeightN: 0, massKg: 5e-3 }
    const line = new LumpedLine(
      heavy,
      lure,
      { ...STILL, flowMps: [flow, 0, 0] },
      placesAlong(
        [
          [0, 0, 0],
          [8, 0, 2],
        ],
        40,
      ),
    )
    run(line, 60)
    // A catenary by the same pull, its own drag and all, from the general library's side: the towed cable upside up.
    const cable = {
      density: 999,
      flowMps: flow,
      diameterM: heavy.diameterM,
      weightNPerM: (heavy.densityKgM3 - 999) * (Math.PI / 4) * heavy.diameterM ** 2 * 9.80665,
    }
    const drag = 0.5 * 999 * JIG.towDragAreaM2 * flow ** 2
    const points = integrateCable(cable, { angle: 0, tensionN: drag }, line.lengthM)
    const end = points.at(-1)
    expect(line.lureAt[2]).toBeCloseTo(end?.upM ?? 0, 1)
    expect(line.lureAt[0]).toBeCloseTo(end?.towardsM ?? 0, 1)
  })

  it('a weightless line in an even flow: depth = (asinh(cot φ₀ + k·L) − asinh cot φ₀) / k', () => {
    const flow = 0.6
    const mono = { diameterM: 3e-4, densityKgM3: 999 }
    const line = new LumpedLine(
      mono,
      JIG,
      { ...STILL, flowMps: [flow, 0, 0] },
      placesAlong(
        [
          [0, 0, 0],
          [10, 0, 4],
        ],
        40,
      ),
    )
    run(line, 60)
    const drag = 0.5 * 999 * JIG.towDragAreaM2 * flow ** 2
    const tension = Math.hypot(drag, JIG.submergedWeightN)
    const k = lineDragToTension(999, mono.diameterM, flow, tension)
    const depth = depthOnLine(k, drag / JIG.submergedWeightN, line.lengthM)
    // Its drag along itself, which the closed form leaves out, is a few hundredths here.
    expect(line.lureAt[2] / depth).toBeGreaterThan(0.95)
    expect(line.lureAt[2] / depth).toBeLessThan(1.03)
    const full = integrateCable(
      { density: 999, flowMps: flow, diameterM: mono.diameterM, weightNPerM: 0 },
      { angle: Math.atan2(JIG.submergedWeightN, drag), tensionN: tension },
      line.lengthM,
    ).at(-1)
    expect(line.lureAt[2]).toBeCloseTo(full?.upM ?? 0, 1)
  })

  it('wound in across a current it follows the pursuit curve: tan(θ/2) falls as the line to the power of c over r', () => {
    const [current, wind] = [0.3, 0.6]
    const line = new LumpedLine(
      THIN,
      WEIGHTLESS,
      { ...STILL, flowMps: [0, current, 0] },
      placesAlong(
        [
          [0, 0, 0],
          [0, -20, 0.01],
        ],
        20,
      ),
    )
    // Begun almost straight upstream it would stay there: a little to the side.
    const aside = new LumpedLine(
      THIN,
      WEIGHTLESS,
      { ...STILL, flowMps: [0, current, 0] },
      placesAlong(
        [
          [0, 0, 0],
          [20, 0, 0.01],
        ],
        20,
      ),
    )
    const angle = (of: LumpedLine) => Math.atan2(of.lureAt[0], of.lureAt[1])
    const start = { r: Math.hypot(...aside.lureAt), half: Math.tan(angle(aside) / 2) }
    run(aside, 20, wind)
    const now = { r: Math.hypot(...aside.lureAt), half: Math.tan(angle(aside) / 2) }
    expect(now.r).toBeCloseTo(start.r - wind * 20, 0)
    expect(Math.log(now.half / start.half) / Math.log(now.r / start.r)).toBeCloseTo(current / wind, 1)
    run(line, 1, wind)
    expect(Math.abs(line.lureAt[0])).toBeLessThan(0.1)
  })

  it('straight and weightless, it comes home along its line', () => {
    const line = new LumpedLine(
      THIN,
      { ...WEIGHTLESS },
      STILL,
      placesAlong(
        [
          [0, 0, 0],
          [12, 0, 5],
        ],
        20,
      ),
    )
    run(line, 12, 0.7)
    const [x, , z] = line.lureAt
    expect(z / x).toBeCloseTo(5 / 12, 1)
    expect(Math.hypot(x, z)).toBeCloseTo(13 - 0.7 * 12, 0)
  })
})

/**
 * A 10 g jig counted down to 3.3 m at the end of a 25 m cast: depths (m) at 20, 15, 10 and 5 m from the rod by another reference of this kind, made by other
 * hands (the height of its rod tip is not known; 1 m here).
 */
const OTHERS = [
  [0.4, 2.8e-4, 1780, [5.18, 5.9, 5.93, 4.99], [5.1, 5.67, 5.75, 4.86]],
  [0.8, 2.8e-4, 1780, [3.68, 3.59, 3.17, 2.23], [2.53, 2.59, 2.49, 1.87]],
  [0.8, 1.5e-4, 970, [3.88, 3.94, 3.61, 2.6], [3.15, 3.24, 3.12, 2.36]],
  [1.4, 2.8e-4, 1780, [2.97, 2.48, 1.82, 0.89], [1.5, 1.32, 1.06, 0.5]],
] as const

describe('against a reference by other hands', () => {
  it.each(OTHERS)('%f m/s on %f m of line', (windMps, diameterM, densityKgM3, straight, slack) => {
    const tip: Vector = [0, 0, -1]
    const lure = { ...JIG, diveAngleTan: -0.03 }
    for (const [way, wanted] of [
      [[tip, [25, 0, 3.3]], straight],
      [[tip, [0.3, 0, 0.001], [25, 0, 0.001], [25, 0, 3.3]], slack],
    ] as const) {
      const line = new LumpedLine({ diameterM, densityKgM3 }, lure, STILL, placesAlong(way, 24))
      const found = [20, 15, 10, 5].map((x) => {
        run(line, 120, windMps, () => line.lureAt[0] <= x)
        return line.lureAt[2]
      })
      for (const [i, depth] of found.entries())
        expect(Math.abs(depth - (wanted[i] ?? 0))).toBeLessThan(0.05 + 0.1 * (wanted[i] ?? 0))
    }
  })
})

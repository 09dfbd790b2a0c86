import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { BowedLine, type OnTheLine } from './bowed-line'

const JIG = {
  submergedWeightN: 0.095,
  towDragAreaM2: 5.1e-4,
  sinkDragAreaM2: 5.1e-4,
  diveAngleTan: 0,
  basis: 'assumed' as const,
}
const ON: OnTheLine = {
  motion: JIG,
  density: 999,
  viscosity: 1.14e-3,
  lineDiameterM: 1.5e-4,
  lineDensityKgM3: 970,
  depthM: 30,
  rodTipM: 1,
  flowMps: [0, 0],
  groundMps: [0, 0],
}
function laid(on: Partial<OnTheLine>, at: readonly [number, number, number], slack = false): BowedLine {
  const line = new BowedLine()
  line.near = 1e-3
  line.take({ ...ON, ...on })
  line.lay(...at, slack)
  return line
}

describe('a lure on a bowed line', () => {
  it('asks for a lure first', () => expect(() => new BowedLine().step(0.1, 1)).toThrow('take one first'))
  it('straight, its line is as long as its chord; slack, as long as the way over the surface and down', () => {
    expect(laid({}, [20, 0, 3]).lengthM).toBeCloseTo(Math.hypot(20, 4), 9)
    const slack = laid({}, [20, 0, 3], true).lengthM
    expect(slack).toBeGreaterThan(22)
    expect(slack).toBeLessThan(24)
  })
  it('slack is wound in before the lure comes home: after the same winding it is farther off', () => {
    const [taut, slack] = [laid({}, [20, 0, 3]), laid({}, [20, 0, 3], true)]
    for (let i = 0; i < 20; i++) for (const line of [taut, slack]) line.step(0.25, 0.8)
    expect(slack.awayM).toBeGreaterThan(taut.awayM + 1)
  })
  it('a current to the side carries it to that side, and the other way to the other', () => {
    const [left, right] = ([-0.4, 0.4] as const).map((across) => {
      const line = laid({ flowMps: [0, across] }, [15, 0, 1])
      for (let i = 0; i < 20; i++) line.step(0.25, 0.3)
      return line
    })
    expect(right?.y).toBeGreaterThan(1)
    expect(left?.y).toBeCloseTo(-(right?.y ?? 0), 6)
    expect(left?.z).toBeCloseTo(right?.z ?? 0, 6)
  })
  it('lying on the bottom it stays where it is, from a sliding boat with the bottom', () => {
    const at = (groundMps: readonly [number, number]) => {
      const line = laid({ depthM: 3, groundMps }, [10, 0, 3])
      line.follow(1)
      return line.x
    }
    expect(at([0, 0])).toBeCloseTo(10, 6)
    expect(at([0.5, 0])).toBeCloseTo(10.5, 6)
  })
  it('whatever hangs on it, it stays in the water and every figure is one (property, 2,000 lines)', () => {
    const from = (min: number, max: number) => fc.double({ min, max, noNaN: true })
    fc.assert(
      fc.property(
        fc.record({
          weightN: from(-0.5, 3),
          areaM2: from(1e-5, 1e-2),
          tan: from(-0.5, 2.5),
          mm: from(0.05, 1),
          stuff: from(900, 1800),
          depthM: from(0.1, 200),
          tipM: from(0, 4),
          flow: fc.tuple(from(-3, 3), from(-3, 3)),
          x: from(2, 120),
          share: from(0, 1),
          wind: from(0, 3),
          part: from(0, 1),
          slack: fc.boolean(),
          follows: fc.boolean(),
        }),
        (g) => {
          const motion = { ...JIG, submergedWeightN: g.weightN, diveAngleTan: g.tan, towDragAreaM2: g.areaM2 }
          const on = { motion, lineDiameterM: g.mm / 1000, lineDensityKgM3: g.stuff, depthM: g.depthM }
          const line = laid({ ...on, rodTipM: g.tipM, flowMps: g.flow }, [g.x, 0, g.share * g.depthM], g.slack)
          // A metre of water or of line a step at most, as it asks for.
          const dt = g.part / Math.max(0.7, g.wind, Math.hypot(...g.flow))
          for (let i = 0; i < 12 && line.lengthM > 1; i++) {
            if (g.follows && i % 2) line.follow(dt)
            else line.step(dt, g.wind)
            for (const figure of [line.x, line.y, line.z, line.tensionN, line.lengthM])
              expect(Number.isFinite(figure)).toBe(true)
            expect(line.z).toBeGreaterThanOrEqual(0)
            expect(line.z).toBeLessThanOrEqual(g.depthM)
          }
        },
      ),
      { numRuns: 2000 },
    )
  })
  it('the pull at the lure holds its own extra speed: a diver with tan φ₀ = 1 pulls 2√2 times as hard as one drawn straight (worked by hand)', () => {
    const pullOf = (diveAngleTan: number) => {
      const line = new BowedLine()
      line.take({
        motion: {
          towDragAreaM2: 1e-3,
          sinkDragAreaM2: 1e-3,
          diveAngleTan,
          submergedWeightN: 0,
          basis: 'assumed',
        },
        density: 1000,
        viscosity: 1.14e-3,
        depthM: 50,
        lineDiameterM: 5e-5,
        lineDensityKgM3: 1000,
        rodTipM: 0,
        flowMps: [0, 0],
        groundMps: [0, 0],
      })
      line.lay(20, 0, 4, false)
      for (let i = 0; i < 20; i++) line.step(0.05, 1)
      return line.tensionN
    }
    // ½ · 1000 · 10⁻³ · 1² = 0.5 N; with the same speed down as along, √2 m/s, of which the planes take as much again: 0.5 · √2 · 2.
    expect(pullOf(0)).toBeCloseTo(0.5, 1)
    expect(pullOf(1) / (0.5 * Math.SQRT2 * 2)).toBeCloseTo(1, 0)
    expect(pullOf(1)).toBeGreaterThan(2 * pullOf(0))
  })
})

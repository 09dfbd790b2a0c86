import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { plainCast } from '../../testing/plain-cast'
import { LumpedLine, placesAlong } from '../../testing/reference/lumped-line'
import { waterFluid } from '../water'
import { AcrossLine, lineDrag, lineDragTimesRe } from './line-drag'
import { depthOnPath, retrievePath } from './path'

describe('drag of a round line across the flow', () => {
  // Wieselsberger (1921), Tritton (1959): read off their curves, from memory.
  it.each([
    [10, 2.85],
    [20, 2],
    [50, 1.65],
    [100, 1.4],
    [300, 1.2],
    [5000, 1.05],
  ])('at Re %f it is %f within 8 %%', (re, drag) => {
    expect(Math.abs(lineDrag(re) / drag - 1)).toBeLessThan(0.08)
  })
  it('the table keeps to the formula, and the force grows with the speed', () => {
    fc.assert(
      fc.property(fc.double({ min: 0, max: 4.6, noNaN: true }), (log) => {
        const re = 10 ** log
        expect(Math.abs(lineDragTimesRe(re) / (re * lineDrag(re)) - 1)).toBeLessThan(0.005)
        expect(lineDragTimesRe(re * 1.05) * re * 1.05).toBeGreaterThan(lineDragTimesRe(re) * re)
      }),
    )
  })
  it('cold water is thicker: the same line drags more in it, thick line per millimetre less', () => {
    const at = (tempC: number, mm: number) => new AcrossLine(waterFluid(tempC), mm / 1000).at(0.5)
    expect(at(4, 0.13)).toBeGreaterThan(1.05 * at(24, 0.13))
    expect(at(12, 0.26) / at(12, 0.13)).toBeLessThan(1.8)
  })
})

describe('a small sinker on thin braid: 5 g, 0.13 mm, 26 m, counted 8 s, 0.9 m/s', () => {
  const submergedWeightN = 0.87 * 0.005 * 9.80665
  const lure = {
    massKg: 0.005,
    submergedWeightN,
    towDragAreaM2: 5.1e-4 * 0.5 ** (2 / 3),
    sinkDragAreaM2: 6e-4 * 0.5 ** (2 / 3),
    diveAngleTan: 0,
  }
  const path = retrievePath(
    plainCast(
      { ...lure, basis: 'assumed' },
      {
        castM: 26,
        lineDiameterM: 1.3e-4,
        lineDensityKgM3: 970,
        countDownS: 8,
        retrieveSpeedMps: 0.9,
        depthM: 40,
      },
    ),
  )
  it('runs as deep as by a line of lumped masses whose drag is read off measured points', () => {
    const fell = path.z[path.retrieveStartIndex] ?? NaN
    const water = { density: 999, depthM: 40, flowMps: [0, 0, 0] as const }
    const way = [
      [0, 0, -1],
      [0.3, 0, 0.001],
      [26, 0, 0.001],
      [26, 0, fell],
    ] as const
    const line = new LumpedLine({ diameterM: 1.3e-4, densityKgM3: 970 }, lure, water, placesAlong(way, 26))
    for (const x of [19.5, 13, 6.5]) {
      while (line.lurePlace[0] > x) line.step(line.longestStepS, 0.9)
      const depth = line.lurePlace[2]
      expect(Math.abs(depthOnPath(path, x) - depth), `${x} m`).toBeLessThan(0.1 * depth)
    }
  })
})

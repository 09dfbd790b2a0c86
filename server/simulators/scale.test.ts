import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { SETTLES, settled, type ScaleReading } from '../../core/tackle'
import { scaleReadings, trueMass } from './scale'

const run = (massKg: number, seed: number, n: number) => {
  const reading = scaleReadings({ massKg, seed, everyMs: 120 })
  return Array.from({ length: n }, (_, i) => reading(i))
}
const mass = fc.double({ min: 0.001, max: 0.2, noNaN: true })
const seed = fc.integer({ min: 0, max: 2 ** 32 - 1 })

describe('the simulated scale', () => {
  it('begins empty, swings, and comes to rest near what lies on it (property)', () => {
    fc.assert(
      fc.property(mass, seed, (kg, s) => {
        const readings = run(kg, s, 40)
        expect(settled(readings.slice(0, 3)).state).toBe('empty')
        expect(settled(readings.slice(0, 7)).state).not.toBe('settled')
        const rest = settled(readings)
        expect(rest.state).toBe('settled')
        if (rest.state === 'settled') expect(Math.abs(rest.massKg - kg)).toBeLessThan(Math.max(0.00003, 0.006 * kg))
      }),
    )
  })
  it('the same seed tells the same story, another another', () => {
    expect(run(0.01, 5, 20)).toEqual(run(0.01, 5, 20))
    expect(run(0.01, 5, 20)).not.toEqual(run(0.01, 6, 20))
  })
  it('packets lie by up to 8 per cent (property)', () => {
    fc.assert(fc.property(mass, seed, (kg, s) => Math.abs(trueMass(kg, s) / kg - 1) < 0.08))
  })
})

describe('settled', () => {
  const steady = (values: readonly number[]): ScaleReading[] => values.map((massKg, i) => ({ atMs: i * 100, massKg }))
  it('needs enough readings that agree', () => {
    expect(settled([]).state).toBe('empty')
    expect(settled(steady([0.01, 0.01])).state).toBe('moving')
    expect(settled(steady(Array(SETTLES.readings).fill(0.01)))).toEqual({ state: 'settled', massKg: 0.01 })
    expect(settled(steady([0.01, 0.01, 0.011, 0.01, 0.01, 0.01])).state).toBe('moving')
  })
  it('tells the middle, so that one odd reading does not count', () => {
    expect(settled(steady([0.01, 0.01001, 0.01, 0.01003, 0.01, 0.01]))).toMatchObject({ massKg: 0.01 })
  })
})

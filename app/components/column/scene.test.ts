import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { coloursOf, lightStops, scatter, sceneOf } from './scene'

const INPUT = { widthPx: 800, depthM: 4, reachM: 30, trueScale: false }
const brightness = (colour: string) => {
  const rgb = (colour.match(/\d+/g) ?? []).map(Number)
  return rgb.reduce((sum, v) => sum + v, 0)
}

describe('the picture’s geometry', () => {
  it('a depth and its pixel are each other’s inverse, in water and in air', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.3, max: 100, noNaN: true }),
        fc.double({ min: 0, max: 1, noNaN: true }),
        (depthM, share) => {
          const scene = sceneOf({ ...INPUT, depthM })
          expect(scene.z.invert(scene.z(depthM * share))).toBeCloseTo(depthM * share, 6)
          expect(scene.airM(scene.air(2 * share))).toBeCloseTo(2 * share, 6)
        },
      ),
    )
  })
  it('the whole cast and the whole depth lie inside it, on a phone and on a desk', () => {
    for (const widthPx of [280, 360, 800, 1600])
      for (const reachM of [10, 40, 120]) {
        const scene = sceneOf({ ...INPUT, widthPx, reachM })
        expect(scene.x(reachM)).toBeLessThanOrEqual(scene.right)
        expect(scene.x(0)).toBe(scene.left)
        expect(scene.z(INPUT.depthM) + scene.bedPx).toBeLessThanOrEqual(scene.heightPx)
      }
  })
  it('a raised rod fits under the top edge at every depth', () => {
    for (const depthM of [0.3, 1, 4, 60]) expect(sceneOf({ ...INPUT, depthM }).air(3)).toBeGreaterThanOrEqual(0)
  })
  it('at true scale a metre down is a metre out, and the stretch is told otherwise', () => {
    expect(sceneOf({ ...INPUT, trueScale: true, depthM: 10 }).stretch).toBeCloseTo(1)
    expect(sceneOf(INPUT).stretch).toBeGreaterThan(2)
  })
})

describe('its light', () => {
  it('fades downwards, faster in stained water', () => {
    const at = (visibilityM: number) =>
      lightStops(5, visibilityM, { bright: '#ffffff', dark: '#000000', sky: ['#fff', '#fff'] }).map((s) =>
        brightness(s.colour),
      )
    const [clear, stained] = [at(4), at(0.5)]
    for (const stops of [clear, stained]) expect(stops).toEqual([...stops].sort((a, b) => b - a))
    expect(stained[4] ?? 0).toBeLessThan(clear[4] ?? 0)
  })
  it('clear water is bluer than stained; night is darker than day; the night theme is warm', () => {
    const rgb = (c: string) => (c.match(/\d+/g) ?? []).map(Number)
    const [cr = 0, , cb = 0] = rgb(coloursOf(4, 'day', false).bright)
    const [sr = 0, , sb = 0] = rgb(coloursOf(0.5, 'day', false).bright)
    expect(cb - cr).toBeGreaterThan(sb - sr)
    expect(brightness(coloursOf(2, 'night', false).bright)).toBeLessThan(brightness(coloursOf(2, 'day', false).bright))
    expect(coloursOf(2, 'day', true)).toEqual(coloursOf(0.3, 'night', true))
  })
})

it('the scatter is repeatable and spread over 0 … 1', () => {
  const all = Array.from({ length: 400 }, (_, i) => scatter(i))
  expect(all).toEqual(Array.from({ length: 400 }, (_, i) => scatter(i)))
  expect(Math.min(...all)).toBeGreaterThanOrEqual(0)
  expect(Math.max(...all)).toBeLessThan(1)
  for (const tenth of [0, 1, 2, 3, 4, 5, 6, 7, 8, 9])
    expect(all.filter((v) => Math.floor(v * 10) === tenth).length).toBeGreaterThan(10)
})

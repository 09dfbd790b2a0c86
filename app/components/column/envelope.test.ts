import { describe, expect, it } from 'vitest'
import { retrievePath } from '../../../core/motion'
import { plainCast } from '../../../testing/plain-cast'
import { envelopeOf } from './envelope'

const level = (z: number) => ({ x: [20, 10, 0], z: [z, z, z], t: [0, 5, 10], pulled: [0, 1, 1], retrieveStartIndex: 0 })

describe('the room that some paths take up', () => {
  it('lies between the shallowest and the deepest of them, as far as they run', () => {
    const { x, low, high } = envelopeOf([level(1), level(3)], 40, 40)
    expect(x[0]).toBe(0)
    expect(x[x.length - 1]).toBe(20)
    expect(new Set(low)).toEqual(new Set([1]))
    expect(new Set(high)).toEqual(new Set([3]))
  })
  it('holds every point of the worked path, to a strip', () => {
    const path = retrievePath(
      plainCast(
        { towDragAreaM2: 5e-4, sinkDragAreaM2: 5e-4, diveAngleTan: 0, submergedWeightN: 0.1, basis: 'assumed' },
        { depthM: 8, countDownS: 4, pauseS: 2, slack: true, retrieveSpeedMps: 0.9 },
      ),
    )
    const { x, low, high } = envelopeOf([path], 50, 100)
    for (let i = path.retrieveStartIndex + 1; i < path.x.length; i++) {
      const at = x.indexOf(Math.round((path.x[i] ?? 0) * 2) / 2)
      expect(path.z[i]).toBeGreaterThanOrEqual((low[at] ?? NaN) - 1e-9)
      expect(path.z[i]).toBeLessThanOrEqual((high[at] ?? NaN) + 1e-9)
    }
  })
  it('is none where nothing is thrown', () => {
    expect(envelopeOf([], 30, 60).x).toEqual([])
  })
})

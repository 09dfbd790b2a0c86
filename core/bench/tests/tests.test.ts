import { describe, expect, it } from 'vitest'
import { buildsOf, type Lure } from '../../tackle'
import { TEST_KINDS } from './kinds'
import { WORLD } from '../../../testing/world'
import { adjustmentsFor, motionFromProfile, profileFromTests, seriesPoints } from '..'

const { box } = WORLD
const named = (name: string) => box.lures.find((l) => l.name === name) as Lure

describe('pictures of a series', () => {
  it('each reading stands beside its fit; what stands apart is ringed', () => {
    const lure = named('Slingspat 18')
    const [plot] = seriesPoints('fall', lure, profileFromTests(lure, box.tests))
    expect(plot?.points).toHaveLength(4)
    expect(plot?.points.map((p) => p.apart)).toEqual([false, false, false, true])
    expect(new Set(plot?.points.map((p) => p.fitted.toFixed(6))).size).toBe(1)
  })
  it('every kind that the demo tested can be drawn, but for words alone', () => {
    for (const kind of TEST_KINDS) {
      const test = box.tests.find((t) => t.kind === kind)
      const lure = box.lures.find((l) => l.id === test?.lureId)
      if (!lure) throw new Error(`the demo has no ${kind}`)
      const plots = seriesPoints(kind, lure, profileFromTests(lure, box.tests), box.tests)
      expect([kind, plots.length > 0]).toEqual([kind, kind !== 'revival'])
    }
  })
})

describe('what lies at hand to change', () => {
  const asked = (name: string) => {
    const lure = named(name)
    const known = profileFromTests(lure, box.tests)
    const builds = buildsOf(lure, box).filter((b) => b.trailer === null)
    const water = { tempC: 15, salinity: 0 }
    const [build] = builds
    if (!build) throw new Error('no build')
    const motion = motionFromProfile(build, known, water)
    const plan = { motion, density: 999, lineDiameterM: 0.0003, castM: 25 } as Parameters<
      typeof adjustmentsFor
    >[0]['plan']
    return adjustmentsFor({
      plan,
      zoneMidM: 3,
      lure,
      known,
      build,
      builds,
      lines: box.lines,
      speeds: [0.4, 1.2],
      box,
      water,
    })
  }
  it('a plug has rod, pace, cast, line and other lures, nothing to count', () => {
    const options = asked('Bumblecrag M')
    expect(options.count).toEqual([])
    expect(options.rod).toHaveLength(3)
    expect(options.line).toHaveLength(box.lines.length)
    expect(options.speed?.map((o) => o.over.retrieveSpeedMps)).toEqual(
      [...(options.speed ?? [])].map((o) => o.over.retrieveSpeedMps).sort((a, b) => (a ?? 0) - (b ?? 0)),
    )
    expect(options.lure?.some((o) => o.does.code === 'lure' && o.does.name === 'Bumblecrag D')).toBe(true)
    expect(options.lure?.some((o) => o.does.code === 'lure' && o.does.name === 'Bumblecrag M')).toBe(false)
  })
  it('a soft body has its heads, a spoon other weights', () => {
    expect(asked('Waglet Slim 75').weight?.every((o) => o.does.code === 'rig')).toBe(true)
    expect(asked('Dollop 12').weight?.[0]?.does).toMatchObject({ code: 'weight', nowKg: 0.012 })
    expect(asked('Dollop 12').count?.length).toBe(5)
  })
})

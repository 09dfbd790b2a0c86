import { describe, expect, it } from 'vitest'
import { LOADS_KG } from '../../data/plan'
import { isHollow } from '../bench'
import { bestOf, createMatchContext, rulesFor, USUAL_PRACTICE } from '../match'
import { WORLD } from '../../testing/world'
import type { Conditions } from '../water'
import { loadsOf } from './loads'
import { Plan, type Planned } from './plan'

/** Filler by the hour. Judge: facts of the trade (common practice): faster and deeper water wants a heavier plug than slack and shallow water. */

const JUDGING = { sides: USUAL_PRACTICE.sides, rules: rulesFor(USUAL_PRACTICE) }
const world = { box: WORLD.box, places: WORLD.places, judging: JUDGING }
const like = WORLD.waters.find(({ placeId }) => placeId === 'quillskar') as Conditions
const plug = WORLD.box.lures.find((lure) => isHollow(lure) && lure.massKg > 0.04)
if (!plug) throw new Error('no hollow plug in the demo')

function planOf(over: Partial<Conditions>, fromH = 6, toH = 9) {
  const cover = { kind: 'rock', topM: (over.depthM ?? like.depthM) - 0.5, density: 0.3 }
  const water = { ...like, cover, zone: null, speciesId: 'striped-bass', date: '2026-09-20', ...over } as Conditions
  return Plan.parse({
    id: 'p',
    name: 'p',
    legs: [{ id: 'leg', water, fromH, toH }],
    limits: { lures: 1, rods: 1 },
  })
}
/** A plan in which the plug hangs on a rod that throws it, all the time. */
function planned(plan: Plan): Planned {
  const [leg] = plan.legs
  const place = WORLD.places.find(({ id }) => id === leg?.water.placeId)
  if (!leg || !place || !plug) throw new Error('no leg')
  const best = bestOf(plug, WORLD.box, createMatchContext(leg.water, place, WORLD.box, JUDGING))
  if (!best) throw new Error('the plug cannot be fished there')
  const { rod, reel } = best.setUp.outfit
  const block = {
    id: 'b',
    legId: 'leg',
    fromH: leg.fromH,
    toH: leg.toH,
    carriedId: 'c',
    wayId: 'w',
    rodId: rod.id,
    chance: 0.1,
    whole: 0.1,
    giveMin: 20,
    nextCarriedId: null,
    locked: false,
    beside: [],
  }
  return {
    lures: [{ lureId: plug.id, name: plug.name, adds: 1, without: 1 }],
    more: [],
    home: 0,
    rods: [{ rodId: rod.id, reelId: reel.id, lineIds: [] }],
    carried: [{ id: 'c', lureId: plug.id }] as never,
    tied: [],
    blocks: [block],
    hours: [],
    covered: [],
    loads: [],
    value: 0.1,
    whole: 0.1,
    bound: 0.1,
    by: 'gains',
    luresKg: 0.03,
    reTies: 0,
    waters: 1,
    at: '2026-09-19T20:00:00+00:00',
  }
}
const fillings = (over: Partial<Conditions>) => {
  const plan = planOf(over)
  return loadsOf(plan, planned(plan), world)
}

describe('filler', () => {
  it('deep fast water wants a heavier plug than slack shallow water', () => {
    const slack = fillings({ depthM: 2, currentMps: 0.1 })
    const fast = fillings({ depthM: 6, currentMps: 1.5 })
    console.log(`slack ${JSON.stringify(slack.map((l) => l.kg))}, fast ${JSON.stringify(fast.map((l) => l.kg))}`)
    expect(fast[0]?.kg ?? 0).toBeGreaterThanOrEqual((slack[0]?.kg ?? 1) + 0.014)
  })
  it('hours that want the same are one; each filling is one of those that are weighed', () => {
    const loads = fillings({ depthM: 3, currentMps: 0.4 })
    expect(loads.reduce((sum, { fromH, toH }) => sum + toH - fromH, 0)).toBe(3)
    for (const [i, load] of loads.entries()) {
      expect(LOADS_KG).toContain(load.kg)
      if (i > 0) expect(loads[i - 1]?.kg).not.toBe(load.kg)
    }
  })
  it('a lure that hangs on no rod, or is not hollow, wants none', () => {
    const plan = planOf({})
    expect(loadsOf(plan, { ...planned(plan), blocks: [] }, world)).toEqual([])
    const solid = WORLD.box.lures.find((lure) => !isHollow(lure))
    const lures = [{ lureId: solid?.id ?? '', name: 'solid', adds: 1, without: 1 }]
    expect(loadsOf(plan, { ...planned(plan), lures }, world)).toEqual([])
  })
})

import { expect, it } from 'vitest'
import { WORLD } from '../../testing/world'
import { createMatchContext, judgedBy, rank, USUAL_PRACTICE } from '../match'
import { chooseKit } from './choose'
import { layOut } from './day-plan'
import { Plan } from './plan'
import { proveKit } from './prove'
import { tableSteps, type WorthTable } from './table'

/** One answer: what a plan ties on first in an hour is the first of the match in that hour, or as good as it. */

const judging = judgedBy(USUAL_PRACTICE)
const world = { box: WORLD.box, places: WORLD.places, judging }
/** Two lures between which nothing is to choose. */
const AS_GOOD = 0.98

function tableFor(plan: Plan): WorthTable {
  const steps = tableSteps(plan, world, { waters: 1, tastes: 6 })
  let step = steps.next()
  while (!step.done) step = steps.next()
  return step.value
}

it.each(WORLD.waters.map((water, i) => [water.placeId, [5, 12, 20, 8][i % 4] ?? 12, water] as const))(
  '%s at %i o’clock, with rods and lures enough',
  (placeId, fromH, water) => {
    const plan = Plan.parse({
      id: 'p',
      name: 'An hour',
      legs: [{ id: 'leg', water: { ...water, zone: null }, fromH, toH: fromH + 1 }],
      limits: { lures: 8, rods: 4 },
    })
    const table = tableFor(plan)
    const kit = chooseKit(table, plan)
    const planned = layOut(plan, world, table, kit, proveKit(table, plan, kit), () => '', '2026-06-11T20:00:00+00:00')
    const tied = planned.carried.find(({ id }) => id === planned.blocks[0]?.carriedId)
    const [asked] = [...table.waters.values()]
    const place = WORLD.places.find(({ id }) => id === placeId)
    if (!tied || !asked || !place) throw new Error('nothing is planned')
    const rows = rank(WORLD.box, createMatchContext(asked.c, place, WORLD.box, { ...judging, against: 1 }), 12)
    const its = rows.find(({ setUp, alike }) => [setUp.build.lure, ...alike].some(({ id }) => id === tied.lureId))
    expect(its?.chance).toBeGreaterThanOrEqual(AS_GOOD * (rows[0]?.chance ?? 1))
  },
)

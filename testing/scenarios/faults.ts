import { itemAt } from '../../core/list'
import { fitsSetUp, matchWater } from '../../core/match'
import { Place, type Conditions } from '../../core/water'
import { PLACE, WORLD, water } from '../world'
import type { Scenario } from './scenario'

const match = ({ water: over, place }: Scenario, nudge: (c: Conditions) => Conditions = (c) => c) =>
  matchWater(nudge(water(over)), Place.parse({ ...PLACE, ...place }), WORLD.box, { sides: {}, limit: 10, lifts: 0 })

/** A little warmer, murkier and windier. */
export const nudged = (c: Conditions): Conditions => ({
  ...c,
  waterTempC: c.waterTempC + 0.6,
  visibilityM: c.visibilityM * 0.93,
  windMps: c.windMps + 0.4,
})

/** What is wrong with the answer to a water, as it is or nudged: what is not among the three put forward, and what is among the first ten. Empty where nothing is. */
export function faults(scenario: Scenario, nudge?: (c: Conditions) => Conditions): string[] {
  const { rows, choice } = match(scenario, nudge)
  const wrong: string[] = []
  const say = (i: number) => {
    const { build, handling } = rows[i]?.setUp ?? {}
    return `${i + 1}. ${build?.lure.name} (${build?.mount.kind}), ${handling?.technique.id}`
  }
  if (!choice.some((i) => scenario.first.some((t) => fitsSetUp(t, itemAt(rows, i).setUp))))
    wrong.push(`not among the three to choose from, which are ${choice.map(say).join('; ')}`)
  rows.forEach((r, i) => {
    if (scenario.never.some((t) => fitsSetUp(t, r.setUp))) wrong.push(`should not be there: ${say(i)}`)
  })
  return wrong
}

import { group, median } from 'd3-array'
import { createMatchContext, rank } from '../core/match'
import { LAWS } from '../testing/logs'
import { guideFaults } from '../testing/guide/judge'
import { UNSEEN_WATERS } from '../testing/guide/unseen'
import { FURTHER_WATERS } from '../testing/guide/further-waters'
import { MORE_WATERS } from '../testing/guide/more-waters'
import { GUIDE_WATERS } from '../testing/guide/waters'
import { SCENARIOS } from '../testing/scenarios'
import { faults, nudged } from '../testing/scenarios/faults'
import { PLACE, WORLD, water } from '../testing/world'
import { Place } from '../core/water'
import fc from 'fast-check'
import { anySenseCase, senseFaults } from '../testing/sense'
import { someWaters, steadiness } from '../testing/steadiness'
import { falsePatterns, falseRules, goldFound, intervalsHold, maskTaken, winnerNamed } from '../testing/honesty'

/** Holds every claim of the review against made-up logs, and every water of the trade nudged and ranked whole: `npm run honest [logs]`. */
const logs = Number(process.argv[2] ?? 1000)
const percent = (share: number) => `${(100 * share).toFixed(1)} %`.padStart(8)

console.log(`${logs} logs of each law`)
for (const law of LAWS) {
  const row = [
    ['interval holds, 6 outings', intervalsHold(law, logs, 6)],
    ['16 outings', intervalsHold(law, logs, 16)],
    ['false winner', winnerNamed(law, logs)],
    ['winner 2.5 ×', winnerNamed(law, logs, 2.5)],
    ['false rule', falseRules(law, logs)],
    ['false pattern', falsePatterns(law, logs)],
    ['mask taken', maskTaken(law, logs)],
    ['gold 2.5 × found', goldFound(law, logs, 2.5)],
    ['40 outings', goldFound(law, Math.ceil(logs / 4), 2.5, 40)],
  ] as const
  console.log(`${law.padEnd(10)} ${row.map(([name, share]) => `${name} ${percent(share)}`).join(' · ')}`)
}

const held = SCENARIOS.filter((scenario) => faults(scenario, nudged).length === 0).length
console.log(`\nWaters of the trade, nudged: ${held} of ${SCENARIOS.length} hold (wanted: nine in ten)`)
const scores = SCENARIOS.map(({ water: over, place }) => {
  const context = createMatchContext(water(over), Place.parse({ ...PLACE, ...place }), WORLD.box, { sides: {} })
  const all = rank(WORLD.box, context, WORLD.box.lures.length).map(({ score }) => score)
  return all.sort((a, b) => b - a)
})
const behind = (nth: number) => (median(scores.map((all) => (all[0] ?? NaN) - (all[nth] ?? NaN))) ?? NaN).toFixed(1)
console.log(
  `Whole box: the fifth ${behind(4)} points behind the first (wanted 8), the twelfth ${behind(11)} (wanted 20)`,
)

/** Waters that a guide wrote down before the techniques, and the kinds of fault in them. */
for (const [name, waters] of [
  ['worked on', [...GUIDE_WATERS, ...MORE_WATERS, ...FURTHER_WATERS]],
  ['kept apart', UNSEEN_WATERS],
] as const) {
  const found = waters.map(guideFaults)
  const kinds = group(
    found.flatMap((all) => [...new Set(all.map((fault) => fault.split(':')[0] ?? ''))]),
    (kind) => kind,
  )
  const told = [...kinds].map(([kind, all]) => `${kind} ${all.length}`).join(', ')
  console.log(
    `A guide’s waters, ${name}: ${found.filter((all) => all.length === 0).length} of ${waters.length} wholly right (${told})`,
  )
}

/** Random waters: whether any row makes less than sense, and whether an answer hangs on less than anyone reads off the water. */
const SWEPT = 600
const silly = fc.sample(anySenseCase, { numRuns: SWEPT, seed: 3 }).flatMap((one) => {
  const found = senseFaults(one)
  return found.length > 0 ? [{ one, found }] : []
})
console.log(`\nSense: ${SWEPT - silly.length} of ${SWEPT} random waters and boxes without a fault`)
for (const { one, found } of silly) console.log(`  ${JSON.stringify(one)}\n    ${found.join('\n    ')}`)
const STEADY = 300
const { tried, unsteady } = steadiness(someWaters(STEADY, 11))
console.log(
  `Steadiness: after ${percent(1 - unsteady.length / tried)} of ${tried} nudges of ${STEADY} waters the first model is still among the first three (wanted: 95 %)`,
)
for (const { water: c, nudge, was, share } of unsteady)
  console.log(
    `  ${c.speciesId} at ${c.waterTempC.toFixed(1)} °C, ${nudge}: ${was} falls to ${percent(share)} of the third`,
  )

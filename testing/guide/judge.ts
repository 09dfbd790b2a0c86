import { itemAt } from '../../core/list'
import { fitsSetUp, matchWater, type MatchRow, type SetUp } from '../../core/match'
import { Place } from '../../core/water'
import { PLACE, water } from '../world'
import { GUIDE_BOX } from './box'
import type { Band, GuideWater } from './water'

const N_PER_LB = 4.448
/** Marks are round figures: 25 lb are 111 N in the box, and 24.96 lb again here. */
const ROUND = 0.02
const within = (value: number, [least, most]: Band) =>
  value >= least - ROUND * Math.abs(least) && value <= most + ROUND * Math.abs(most)

/** What is wrong with an answer, by kind: each fault is one line. */
export function guideFaults({ water: over, place, ...wants }: GuideWater): string[] {
  const { rows, choice } = matchWater(water(over), Place.parse({ ...PLACE, ...place }), GUIDE_BOX, {
    sides: {},
    limit: 10,
    lifts: 0,
  })
  const fits = ({ setUp }: MatchRow) => wants.first.some((test) => fitsSetUp(test, setUp))
  const forward = choice.map((i) => itemAt(rows, i))
  const found = forward.find(fits)
  const faults: string[] = []
  if (!found) faults.push(`first: ${forward.map(said).join('; ') || 'no answer'}`)
  for (const [i, row] of rows.entries())
    if (wants.never.some((test) => fitsSetUp(test, row.setUp))) faults.push(`never: ${i + 1}. ${said(row)}`)
  if (found) faults.push(...handFaults(found.setUp, wants), ...tackleFaults(found.setUp, wants))
  return faults
}

const said = ({ setUp: { build, handling, outfit, leader } }: MatchRow) =>
  [build.lure.name, build.mount.kind, handling.technique.id, outfit.rod.name, outfit.line.name, leader?.name].join(', ')

function handFaults({ handling }: SetUp, { technique, paceMps, restS }: Omit<GuideWater, 'water'>): string[] {
  const faults: string[] = []
  const { id } = handling.technique
  if (technique && !technique.includes(id)) faults.push(`technique: ${id}`)
  if (paceMps && !within(handling.paceMps, paceMps)) faults.push(`pace: ${id} at ${handling.paceMps.toFixed(2)} m/s`)
  if (restS && !within(handling.restS, restS)) faults.push(`rest: ${id} for ${handling.restS.toFixed(1)} s`)
  return faults
}

function tackleFaults(setUp: SetUp, { rod, lineLb, leaderLb, hook, grams }: Omit<GuideWater, 'water'>): string[] {
  const { outfit, leader, build } = setUp
  const faults: string[] = []
  if (rod && !fitsSetUp(rod, setUp)) faults.push(`rod: ${outfit.rod.name}`)
  if (lineLb && !within(outfit.line.strengthN / N_PER_LB, lineLb)) faults.push(`line: ${outfit.line.name}`)
  if (leaderLb && !(leader && within(leader.strengthN / N_PER_LB, leaderLb)))
    faults.push(`leader: ${leader?.name ?? 'none'}`)
  const size = hookNumberOf(build)
  if (hook && size !== null && !within(size, hook)) faults.push(`hook: ${size}`)
  if (grams && !within(build.massKg * 1000, grams)) faults.push(`weight: ${(build.massKg * 1000).toFixed(0)} g`)
  return faults
}

/** A hook’s size as a number: 2 for #2, −2 for 2/0; null where the lure brings its own. */
function hookNumberOf({ mount }: SetUp['build']): number | null {
  const size = mount.kind === 'head' ? mount.head.hookSize : 'hook' in mount ? mount.hook.hookSize : null
  if (size === null) return null
  return size.startsWith('#') ? Number(size.slice(1)) : -Number(size.split('/')[0])
}

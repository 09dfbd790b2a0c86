import type { DecisiveQuestion, GapCell, Sweep, SweepParameter } from '../../core/match'
import { COLOUR_COLUMNS, DEPTH_BANDS } from '../../data/gaps'
import { showMeasure, type UnitSystem } from '../../core/quantity'
import { clockTime } from './time'

/** What an answer of the match hangs on, and what the box lacks. */

/** A value of a condition that is moved. */
export function sayKnob(knob: Pick<SweepParameter, 'role'>, value: number, system: UnitSystem): string {
  if (knob.role !== 'hour') return showMeasure(value, knob.role, system)
  return clockTime(value)
}

const nameIn = ({ lines }: Sweep, lureId: string) => lines.find((l) => l.lure.id === lureId)?.lure.name ?? 'another'

/** For how much of a condition the first lure stays first, and who follows below and above. */
export interface StableRange {
  readonly sweep: Sweep
  readonly now: { readonly lureId: string; readonly from: number; readonly to: number }
  readonly before: { readonly lureId: string } | null
  readonly after: { readonly lureId: string } | null
}

/** “Plainstick 90 is first while visibility is between 0.6 m and 2.2 m; below that Plainstick 100, above it Plainstick 125.” */
export function sayHolds({ sweep, now, before, after }: StableRange, system: UnitSystem): string {
  const { knob } = sweep
  const what = knob.name.toLowerCase()
  const name = nameIn(sweep, now.lureId)
  const say = (value: number) => sayKnob(knob, value, system)
  if (!before && !after) return `${name} stays first whatever the ${what}.`
  if (before && after)
    return `${name} is first while ${what} is between ${say(now.from)} and ${say(now.to)}; below that ${nameIn(sweep, before.lureId)}, above it ${nameIn(sweep, after.lureId)}.`
  if (after) return `${name} is first while ${what} is under ${say(now.to)}; above that ${nameIn(sweep, after.lureId)}.`
  return `${name} is first while ${what} is over ${say(now.from)}; below that ${before ? nameIn(sweep, before.lureId) : 'another'}.`
}

/** “Waglet Rib 95 or Plainstick 100”. */
export function sayHinge({ first, second }: Pick<DecisiveQuestion, 'first' | 'second'>): string {
  const nameOf = (one: DecisiveQuestion['first'], other: DecisiveQuestion['first']) => {
    const { build, handling } = one.setUp
    const same = build.lure.id === other.setUp.build.lure.id
    return same ? `${build.lure.name}, ${handling.technique.name.toLowerCase()}` : build.lure.name
  }
  return `${nameOf(first, second)} or ${nameOf(second, first)}`
}

const columnName = <T extends { id: string; name: string }>(list: readonly T[], id: string) =>
  list.find((one) => one.id === id)?.name ?? id

/** “No silent lure with a gentle action and natural colours on the surface: 12 of 100 days on your waters ask for one.” */
export function sayGap(gap: GapCell): string {
  const heard = gap.sound === 'silent' ? 'silent' : 'rattling or knocking'
  const share = Math.max(1, Math.round(gap.asked * 100))
  return `No ${heard} lure with a ${gap.action} action and ${columnName(COLOUR_COLUMNS, gap.colour)} colours ${columnName(DEPTH_BANDS, gap.depth)}: ${share} of 100 days on your waters ask for one.`
}

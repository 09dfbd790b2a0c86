import type { DecisiveQuestion, SweepParameter, Sweep } from '../../../core/match'
import { showMeasure, type UnitSystem } from '../../../core/quantity'
import type { Holds } from '~/stores/doubts'

/** Value of a moved condition as an angler says it. */
export function sayKnob(knob: Pick<SweepParameter, 'role'>, value: number, system: UnitSystem): string {
  if (knob.role === 'hour') {
    const minutes = Math.round(value * 60) % 1440
    return `${String(Math.floor(minutes / 60)).padStart(2, '0')}:${String(minutes % 60).padStart(2, '0')}`
  }
  return showMeasure(value, knob.role, system)
}

const nameIn = ({ lines }: Sweep, lureId: string) => lines.find((l) => l.lure.id === lureId)?.lure.name ?? 'another'

/** “First while visibility is between 0.6 m and 2.2 m; below that Plainstick 100, above it Plainstick 125.” */
export function sayHolds({ sweep, now, before, after }: Holds, system: UnitSystem): string {
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

/** “Colour: by clarity Waglet Rib 95, by the sky Plainstick 100.” */
export function sayHinge({ first, second }: Pick<DecisiveQuestion, 'first' | 'second'>): string {
  const of = (r: DecisiveQuestion['first'], other: DecisiveQuestion['first']) => {
    const { build, handling } = r.setUp
    const same = build.lure.id === other.setUp.build.lure.id
    return same ? `${build.lure.name}, ${handling.retrieve.name.toLowerCase()}` : build.lure.name
  }
  return `${of(first, second)} or ${of(second, first)}`
}

import { itemAt } from '../../list'
import { KNOBS as TABLE } from '../../../data/knobs'
import type { RoleId } from '../../quantity'
import type { Lure } from '../../tackle'
import type { Box } from '../../box'
import type { Conditions, Place } from '../../water'
import { createMatchContext } from '../against'
import type { MatchOptions } from '../possible'
import { bestOf, rank } from '../tuned'

/** A condition that can be moved to see what the answer hangs on. */
export interface SweepParameter {
  readonly id: SweepParameterId
  readonly name: string
  readonly role: RoleId | 'hour'
  readonly from: number
  readonly to: number
  /** Moves in proportion rather than evenly. */
  readonly log: boolean
}
export type SweepParameterId = (typeof TABLE)[number]['id']
export const SWEEP_PARAMETERS: readonly SweepParameter[] = TABLE

export function sweepParameterOf(id: SweepParameterId): SweepParameter {
  const found = SWEEP_PARAMETERS.find((k) => k.id === id)
  if (!found) throw new Error(`knob ${id} is not in data/knobs`)
  return found
}

export function parameterValue(c: Conditions, id: SweepParameterId): number {
  return id === 'forageLengthM' ? c.forage.lengthM : c[id]
}

/** The same water with one condition moved. What the day has said of light and season no longer binds where it is the moved one that says it. */
export function withParameter(c: Conditions, id: SweepParameterId, value: number): Conditions {
  if (id === 'forageLengthM') return { ...c, forage: { ...c.forage, lengthM: value } }
  if (id === 'hour') return { ...c, hour: value, lightAs: null }
  if (id === 'waterTempC') return { ...c, waterTempC: value, seasonAs: null }
  return { ...c, [id]: value }
}

/** Values from one end of a knob to the other. */
function knobValues({ from, to, log }: SweepParameter, count: number): number[] {
  return Array.from({ length: count }, (_, i) => {
    const at = i / (count - 1)
    return log ? from * (to / from) ** at : from + (to - from) * at
  })
}

/** What each lure scores at each value of a knob. */
export interface Sweep {
  readonly knob: SweepParameter
  readonly values: readonly number[]
  /** Lures that come among the first anywhere; null where a lure cannot be fished. */
  readonly lines: readonly {
    readonly lure: Pick<Lure, 'id' | 'name' | 'family'>
    readonly scores: readonly (number | null)[]
  }[]
  /** Who is first, from where to where. */
  readonly reigns: readonly LeaderInterval[]
}

export interface LeaderInterval {
  readonly lureId: string
  readonly from: number
  readonly to: number
}

/** How many lures at each value are followed along the whole sweep. */
const FOLLOWED = 3
/** Halvings between two values to find where the first changes. */
const HALVINGS = 5

type Question = { c: Conditions; place: Place; box: Box; options: Pick<MatchOptions, 'sides' | 'rules'> }

/** Moves one condition from end to end and follows the ranking. In steps, a value each, so that it can be watched and stopped. */
export function* sweepSteps(
  { c, place, box, options }: Question,
  id: SweepParameterId,
  count: number,
): Generator<number, Sweep> {
  const knob = sweepParameterOf(id)
  // The value of today is among them, so that who is first there is first here too.
  const own = parameterValue(c, id)
  const even = knobValues(knob, count).filter((v) => Math.abs(v - own) > 1e-9 * Math.max(1, own))
  const values = own > knob.from && own < knob.to ? [...even, own].sort((a, b) => a - b) : knobValues(knob, count)
  const at = (value: number) => createMatchContext(withParameter(c, id, value), place, box, options)
  const benches = values.map(at)
  const followed = new Map<string, Lure>()
  for (const [i, context] of benches.entries()) {
    for (const { setUp } of rank(box, context, FOLLOWED)) followed.set(setUp.build.lure.id, setUp.build.lure)
    yield (i + 1) / (2 * values.length)
  }
  const lures = [...followed.values()]
  const scores: (number | null)[][] = []
  for (const [i, context] of benches.entries()) {
    scores.push(lures.map((lure) => bestOf(lure, box, context)?.score ?? null))
    yield 0.5 + (i + 1) / (2 * values.length)
  }
  const first = (row: readonly (number | null)[]) =>
    row.reduce<number>((best, s, k) => ((s ?? -1) > (row[best] ?? -1) ? k : best), -1)
  const leads = scores.map(first)
  const reigns: LeaderInterval[] = []
  let from = values[0] ?? knob.from
  for (let i = 1; i <= leads.length; i++) {
    const leader = itemAt(leads, i - 1)
    if (i < leads.length && leads[i] === leader) continue
    let to = values[i - 1] ?? knob.to
    const after = leads[i]
    if (after !== undefined && leader >= 0 && after >= 0) {
      let [low, high] = [to, values[i] ?? to]
      for (let k = 0; k < HALVINGS; k++) {
        const middle = knob.log ? Math.sqrt(low * high) : (low + high) / 2
        const context = at(middle)
        const pair = [leader, after].map((n) => bestOf(itemAt(lures, n), box, context)?.score ?? -1)
        if (itemAt(pair, 0) >= itemAt(pair, 1)) low = middle
        else high = middle
      }
      to = high
    }
    if (leader >= 0) reigns.push({ lureId: lures[leader]?.id ?? '', from, to })
    from = to
  }
  return {
    knob,
    values,
    lines: lures.map(({ id: lureId, name, family }, k) => ({
      lure: { id: lureId, name, family },
      scores: scores.map((row) => row[k] ?? null),
    })),
    reigns,
  }
}

/** The reign of the water as it is, and its neighbours; null where nobody reigns there. */
export function leaderAt({ reigns }: Pick<Sweep, 'reigns'>, value: number) {
  const i = reigns.findIndex((r) => value >= r.from - 1e-9 && value <= r.to + 1e-9)
  const now = reigns[i]
  return now ? { now, before: reigns[i - 1] ?? null, after: reigns[i + 1] ?? null } : null
}

/** Scores at a value, read off the straight line between the two values beside it, highest first; lures that do not score at one of them are left out. */
export function scoresAt({ values, lines }: Sweep, value: number): { id: string; name: string; score: number }[] {
  const found = values.findIndex((v) => v >= value)
  const after = Math.max(1, found < 0 ? values.length - 1 : found)
  const [a, b] = [itemAt(values, after - 1), itemAt(values, after)]
  const t = Math.min(1, Math.max(0, (value - a) / (b - a)))
  return lines
    .flatMap(({ lure, scores }) => {
      const [p, q] = [itemAt(scores, after - 1), itemAt(scores, after)]
      return p === null || q === null ? [] : [{ ...lure, score: p + (q - p) * t }]
    })
    .sort((p, q) => q.score - p.score)
}

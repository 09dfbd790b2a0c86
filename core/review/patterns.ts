import { itemAt } from '../list'
import { seededRandom } from '../random'
import type { RateInterval } from '../rate'
import { dispersionOf, rateOf } from './rates'
import { FACTORS, countShowings, type Factor, type FactorId, type MeasureId, type EffortRow } from './record'

/** A part of the record that stands out: one factor's step, alone or within another's. */
interface Pattern {
  readonly factor: FactorId
  readonly label: string
  /** The part of the record within which it was looked for; null for the whole. */
  readonly within: { readonly factor: FactorId; readonly label: string } | null
  readonly events: number
  readonly minutes: number
  readonly rate: RateInterval
  /** The rest of what it was looked for in. */
  readonly rest: { readonly events: number; readonly minutes: number; readonly rate: RateInterval }
  /** How often chance alone gave something as strong anywhere among all that was looked at, 0 … 1. */
  readonly pValue: number
  /** Other names of the very same effort: a lure that alone is of its colour cannot be told from it. */
  readonly same: readonly string[]
}

export interface Findings {
  /** Strongest first. */
  readonly patterns: readonly Pattern[]
  /** How many parts of the record were looked at, and how often it was shuffled. */
  readonly testsRun: number
  readonly shuffles: number
}

/**
 * A pattern is told when chance gives one as strong in fewer than this share of shuffles [0.01 … 0.1]: once for parts of the whole, once for parts within
 * parts, so that of logs in which there is nothing at most one in ten tells of something.
 */
export const ALPHA = 0.05
const SHUFFLES = 400
/** Parts with less than this on either side are not looked at: min, and events due by the whole. */
const LEAST = { minutes: 60, due: 2.5 } as const
/** Within what is looked for patterns, and by what. */
const OUTER: ReadonlySet<string> = new Set(['place', 'species', 'clarity', 'temp', 'sky', 'family', 'spot', 'hour'])
const INNER: ReadonlySet<string> = new Set(['spot', 'hour', 'colour', 'size', 'family', 'technique', 'depth'])

interface Part {
  readonly factor: Factor
  readonly label: string
  readonly within: Pattern['within']
  /** All that it was looked for in. */
  readonly among: readonly number[]
  /** Stretches in the part, and the others of what it was looked for in. */
  readonly in: readonly number[]
  readonly out: readonly number[]
  /** The same by outing, where both are in it. */
  readonly strata: readonly { readonly in: readonly number[]; readonly out: readonly number[] }[]
}

/**
 * Looks through every step of every factor, alone and within steps of others, for rates that stand out; and then asks how often luck does as well. What may change during an outing
 * is held against the same outing only, so that three great days hide nothing and make nothing: each shuffle deals the stretches of an outing, their showings with their effort, out
 * again over its turns. What may not change is held against other outings: whole outings are dealt out again over their days. Of each shuffle only the strongest part counts, so that
 * looking at many is paid for (Westfall and Young's maxT; from memory).
 */
export function findPatterns(all: readonly EffortRow[], measure: MeasureId, seed = 1): Findings {
  // What was given without effort is no rate.
  const tried = all.filter((t) => t.minutes > 0)
  const minutes = tried.map((t) => t.minutes)
  const events = tried.map((t) => countShowings(t, measure))
  const parts = partsOf(tried, events)
  if (parts.length === 0) return { patterns: [], testsRun: 0, shuffles: 0 }
  const outings = [...new Set(tried.map((t) => t.dayId))].map((id) =>
    tried.flatMap((t, i) => (t.dayId === id ? [i] : [])),
  )
  const random = seededRandom(seed)
  const strength = (part: Part, counts: readonly number[], effort: readonly number[] = minutes) =>
    part.factor.within
      ? strengthWithin(part, counts, effort)
      : signedRootDeviance(sum(part.in, counts), sum(part.in, effort), sum(part.out, counts), sum(part.out, effort))
  /** Parts of the whole, and parts within parts: each pays for its own number. */
  const families = [parts.filter((p) => !p.within), parts.filter((p) => p.within)].map((list) => ({
    list,
    seen: list.map((part) => strength(part, events)),
    exceedances: list.map(() => 0),
  }))
  for (let i = 0; i < SHUFFLES; i++) {
    const turns = permuteTurns(outings, minutes, events, random.shuffled)
    const days = permuteOutings(outings, minutes, events, random.shuffled(outings))
    for (const { list, seen, exceedances } of families) {
      const strongest = Math.max(
        ...list.map((p) => (p.factor.within ? strength(p, turns.events, turns.minutes) : strength(p, days))),
      )
      seen.forEach((s, k) => strongest >= s && (exceedances[k] = itemAt(exceedances, k) + 1))
    }
  }
  const rowsAt = (at: readonly number[]) => at.map((i) => itemAt(tried, i))
  /** Rates as the table of rates tells them. */
  const toPattern = ({ factor, label, within, among, in: inside, out }: Part, pValue: number): Pattern => {
    const all = rowsAt(among)
    const dispersion = dispersionOf(all, measure, (t) => String(factor.of(t)?.key))
    const rate = (at: readonly number[]) => {
      const { events: seen, minutes: effort, shown } = rateOf(rowsAt(at), all, measure, dispersion)
      return { events: seen, minutes: effort, rate: shown }
    }
    return { factor: factor.id as FactorId, label, within, ...rate(inside), rest: rate(out), pValue, same: [] }
  }
  const lift = (p: Pattern) => p.rate.median / p.rest.rate.median
  const found = families
    .flatMap(({ list, exceedances }) =>
      list.flatMap((part, k) => {
        const p = (itemAt(exceedances, k) + 1) / (SHUFFLES + 1)
        return p <= ALPHA ? [{ effort: part.in.join(), pattern: toPattern(part, p) }] : []
      }),
    )
    .sort((a, b) => a.pattern.pValue - b.pattern.pValue || lift(b.pattern) - lift(a.pattern))
  const byEffort = new Map<string, Pattern>()
  for (const { effort, pattern } of found) {
    const known = byEffort.get(effort)
    const name = pattern.within ? `${pattern.label} within ${pattern.within.label}` : pattern.label
    byEffort.set(effort, known ? { ...known, same: [...known.same, name] } : pattern)
  }
  return { patterns: [...byEffort.values()], testsRun: parts.length, shuffles: SHUFFLES }
}

const sum = (at: readonly number[], of: readonly number[]) => at.reduce((s, i) => s + itemAt(of, i), 0)

/** Signed root of the Poisson deviance: how far `a` events in `ta` stand above the rate of both parts together. */
export function signedRootDeviance(a: number, ta: number, b: number, tb: number): number {
  const rate = (a + b) / (ta + tb)
  const term = (seen: number, due: number) => (seen > 0 ? seen * Math.log(seen / due) : 0)
  const deviance = 2 * (term(a, rate * ta) + term(b, rate * tb))
  return (a / ta >= b / tb ? 1 : -1) * Math.sqrt(Math.max(0, deviance))
}

/**
 * How far a part stands above the rest of the same outings: showings in it less those due by its share of each outing's effort, in standard deviations of a binomial
 * (Mantel and Haenszel's way of adding up strata; from memory).
 */
function strengthWithin({ strata }: Part, events: readonly number[], minutes: readonly number[]): number {
  let [above, variance] = [0, 0]
  for (const stratum of strata) {
    const [inside, effort] = [sum(stratum.in, events), sum(stratum.in, minutes)]
    const all = inside + sum(stratum.out, events)
    const total = effort + sum(stratum.out, minutes)
    if (all === 0 || total <= 0) continue
    const share = effort / total
    above += inside - all * share
    variance += all * share * (1 - share)
  }
  return variance > 0 ? above / Math.sqrt(variance) : 0
}

function partsOf(tried: readonly EffortRow[], events: readonly number[]): Part[] {
  const all = tried.map((_, i) => i)
  const rate = events.reduce((s, e) => s + e, 0) / tried.reduce((s, t) => s + t.minutes, 0)
  const worth = (list: readonly number[]) => {
    const minutes = list.reduce((s, i) => s + (tried[i]?.minutes ?? 0), 0)
    return minutes >= LEAST.minutes && minutes * rate >= LEAST.due
  }
  const labels = new Map(FACTORS.map((f) => [f.id, tried.map((t) => ('byLure' in f && t.byLure ? null : f.of(t)))]))
  const split = (factor: Factor, among: readonly number[], within: Part['within']): Part[] => {
    const of = labels.get(factor.id as FactorId) ?? []
    const steps = new Map<string, string>()
    for (const i of among) {
      const label = of[i]
      if (label) steps.set(label.key, label.label)
    }
    if (steps.size < 2) return []
    const known = among.filter((i) => of[i])
    return [...steps].flatMap(([key, label]) => {
      const part = {
        factor,
        label,
        within,
        among,
        in: known.filter((i) => of[i]?.key === key),
        out: known.filter((i) => of[i]?.key !== key),
      }
      if (!worth(part.in) || !worth(part.out)) return []
      const strata = factor.within ? byOuting(tried, part) : []
      return factor.within && strata.length === 0 ? [] : [{ ...part, strata }]
    })
  }
  const single = FACTORS.flatMap((f) => split(f, all, null))
  const nested = single
    .filter((outer) => OUTER.has(outer.factor.id))
    .flatMap((outer) =>
      FACTORS.filter((f) => f.id !== outer.factor.id && INNER.has(f.id)).flatMap((f) =>
        split(f, outer.in, { factor: outer.factor.id as FactorId, label: outer.label }),
      ),
    )
  return [...single, ...nested]
}

/** The stretches of each outing, showings and effort together, dealt out again over its own turns: what clumps in a stretch stays in it. */
function permuteTurns(
  outings: readonly (readonly number[])[],
  minutes: readonly number[],
  events: readonly number[],
  shuffled: (list: readonly number[]) => number[],
): { events: number[]; minutes: number[] } {
  const dealt = { events: [...events], minutes: [...minutes] }
  for (const at of outings)
    shuffled(at).forEach((from, k) => {
      const to = itemAt(at, k)
      dealt.events[to] = itemAt(events, from)
      dealt.minutes[to] = itemAt(minutes, from)
    })
  return dealt
}

/** Both sides of a part, outing by outing; outings that have only one of them compare nothing. */
function byOuting(tried: readonly EffortRow[], part: Pick<Part, 'in' | 'out'>): Part['strata'] {
  const groups = new Map<string, { in: number[]; out: number[] }>()
  for (const side of ['in', 'out'] as const)
    for (const i of part[side]) {
      const id = itemAt(tried, i).dayId
      const group = groups.get(id) ?? { in: [], out: [] }
      group[side].push(i)
      groups.set(id, group)
    }
  return [...groups.values()].filter((g) => g.in.length > 0 && g.out.length > 0)
}

/** Rates of whole outings dealt out again over the outings: what a day was like stays, what it was written down as changes. */
function permuteOutings(
  outings: readonly (readonly number[])[],
  minutes: readonly number[],
  events: readonly number[],
  dealt: readonly (readonly number[])[],
): number[] {
  const out = events.map(() => 0)
  outings.forEach((at, k) => {
    const from = dealt[k] ?? at
    const rate = sum(from, events) / Math.max(1e-9, sum(from, minutes))
    for (const i of at) out[i] = rate * itemAt(minutes, i)
  })
  return out
}

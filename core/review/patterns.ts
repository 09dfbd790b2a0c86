import { itemAt } from '../list'
import { seededRandom } from '../random'
import { gammaPrior, updatePosterior, credibleInterval, type RateInterval } from '../rate'
import { dispersionOf } from './rates'
import { FACTORS, countEvents, type Factor, type FactorId, type MeasureId, type EffortRow } from './record'

/** A part of the record that stands out: one factor's step, alone or within another's. */
interface Pattern {
  readonly factor: FactorId
  readonly label: string
  /** The part of the record within which it was testsRun for; null for the whole. */
  readonly within: { readonly factor: FactorId; readonly label: string } | null
  readonly events: number
  readonly minutes: number
  readonly rate: RateInterval
  /** The rest of what it was testsRun for in. */
  readonly rest: { readonly events: number; readonly minutes: number; readonly rate: RateInterval }
  /** How often chance alone gave something as strong anywhere among all that was testsRun at, 0 … 1. */
  readonly pValue: number
  /** Other names of the very same effort: a lure that alone is of its colour cannot be told from it. */
  readonly same: readonly string[]
}

export interface Findings {
  /** Strongest first. */
  readonly patterns: readonly Pattern[]
  /** How many parts of the record were testsRun at, and how often it was shuffled. */
  readonly testsRun: number
  readonly shuffles: number
}

/**
 * A pattern is told when chance gives one as strong in fewer than this share of shuffles [0.01 … 0.1]: once for parts of the whole, once for parts within
 * parts, so that of logs in which there is nothing at most one in ten tells of something.
 */
export const ALPHA = 0.05
const SHUFFLES = 400
/** Parts with less than this on either side are not testsRun at: min, and events due by the whole. */
const LEAST = { minutes: 60, due: 2.5 } as const
/** Within what is testsRun for patterns, and by what. */
const OUTER: ReadonlySet<string> = new Set(['place', 'species', 'clarity', 'temp', 'sky', 'family', 'spot', 'hour'])
const INNER: ReadonlySet<string> = new Set(['spot', 'hour', 'colour', 'size', 'family', 'retrieve', 'depth'])

interface Part {
  readonly factor: Factor
  readonly label: string
  readonly within: Pattern['within']
  /** Stretches in the part, and the others of what it was testsRun for in. */
  readonly in: readonly number[]
  readonly out: readonly number[]
}

/**
 * Looks through every step of every factor, alone and within steps of others, for rates that stand out; and then asks how often luck does as well. Each
 * shuffle deals an outing's events out again over its stretches by their effort, for what may change during an outing; and deals whole outings out again
 * over their days, for what may not. Of each shuffle only the strongest part counts, so that looking at many is paid for (Westfall and Young's maxT; from
 * memory). The strength of a part is the signed root of its Poisson deviance against the rest.
 */
export function findPatterns(tried: readonly EffortRow[], measure: MeasureId, seed = 1): Findings {
  const minutes = tried.map((t) => t.minutes)
  const events = tried.map((t) => countEvents(t, measure))
  const parts = partsOf(tried, events)
  if (parts.length === 0) return { patterns: [], testsRun: 0, shuffles: 0 }
  const outings = [...new Set(tried.map((t) => t.outingId))].map((id) =>
    tried.flatMap((t, i) => (t.outingId === id ? [i] : [])),
  )
  const random = seededRandom(seed)
  const strength = (part: Part, counts: readonly number[]) =>
    signedRootDeviance(sum(part.in, counts), sum(part.in, minutes), sum(part.out, counts), sum(part.out, minutes))
  /** Parts of the whole, and parts within parts: each pays for its own number. */
  const families = [parts.filter((p) => !p.within), parts.filter((p) => p.within)].map((list) => ({
    list,
    seen: list.map((part) => strength(part, events)),
    exceedances: list.map(() => 0),
  }))
  for (let i = 0; i < SHUFFLES; i++) {
    const dealt = permuteWithinOutings(outings, minutes, events, random.next)
    const days = permuteOutings(outings, minutes, events, random.shuffled(outings))
    for (const { list, seen, exceedances } of families) {
      const strongest = Math.max(...list.map((p) => strength(p, p.factor.within ? dealt : days)))
      seen.forEach((s, k) => strongest >= s && (exceedances[k] = itemAt(exceedances, k) + 1))
    }
  }
  const dispersion = dispersionOf(tried, measure)
  const toPattern = (part: Part, pValue: number): Pattern => {
    const side = (list: readonly number[]) => ({ events: sum(list, events), minutes: sum(list, minutes) })
    const [inside, outside] = [side(part.in), side(part.out)]
    const whole = (inside.events + outside.events) / (inside.minutes + outside.minutes)
    const rate = (s: typeof inside) =>
      credibleInterval(updatePosterior(gammaPrior(whole, 1), s.events, s.minutes, dispersion), 60)
    const factor = part.factor.id as FactorId
    const rest = { ...outside, rate: rate(outside) }
    return {
      factor,
      label: part.label,
      within: part.within,
      ...inside,
      rate: rate(inside),
      rest,
      pValue,
      same: [],
    }
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
        in: known.filter((i) => of[i]?.key === key),
        out: known.filter((i) => of[i]?.key !== key),
      }
      return worth(part.in) && worth(part.out) ? [part] : []
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

/** Each outing's events dealt out again over its own stretches, by their effort. */
function permuteWithinOutings(
  outings: readonly (readonly number[])[],
  minutes: readonly number[],
  events: readonly number[],
  next: () => number,
): number[] {
  const dealt = events.map(() => 0)
  for (const at of outings) {
    const total = sum(at, minutes)
    for (let left = sum(at, events); left > 0; left--) {
      let mark = next() * total
      const hit = at.find((i) => (mark -= itemAt(minutes, i)) < 0) ?? at[at.length - 1]
      if (hit !== undefined) dealt[hit] = itemAt(dealt, hit) + 1
    }
  }
  return dealt
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

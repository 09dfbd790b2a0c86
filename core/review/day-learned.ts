import { likelihoodRatio } from '../outing'
import { gammaPrior, probabilityGreater, updatePosterior, type GammaRate } from '../rate'
import { FACTORS, countShowings, splitByLure, type EffortRow } from './record'

/** What one day leans to: a lure, a depth, a spot that was taken by more schools than the rest of the day, or by fewer. A day proves little, and that is said. */

export interface Leaning {
  readonly factor: string
  readonly label: string
  readonly schools: number
  readonly minutes: number
  /** How many times the schools an hour of the rest of the day: middle, and from to, nine times in ten. */
  readonly times: { readonly median: number; readonly low: number; readonly high: number }
}

/** Less effort on either side tells nothing, min. */
const LEAST_MIN = 15
/** How strong the evidence must be to be spoken of: so many times likelier under some difference than under none [5 … 20]. */
const LEANS_AT = 10
const MOST_TOLD = 3

/** @param rows of one outing */
export function dayLeanings(rows: readonly EffortRow[]): Leaning[] {
  const found = FACTORS.flatMap((factor): (Leaning & { evidence: number })[] => {
    if (!factor.within || factor.id === 'answer') return []
    const parts = new Map<string, { label: string; list: EffortRow[] }>()
    const counted = 'byLure' in factor && factor.byLure ? splitByLure(rows) : rows
    for (const row of counted) {
      const at = factor.of(row)
      if (!at) continue
      const part = parts.get(at.key) ?? { label: at.label, list: [] }
      part.list.push(row)
      parts.set(at.key, part)
    }
    const all = sum([...parts.values()].flatMap(({ list }) => list))
    const leaning = [...parts.values()].flatMap(({ label, list }) => {
      const own = sum(list)
      const rest = { schools: all.schools - own.schools, minutes: all.minutes - own.minutes }
      if (own.minutes < LEAST_MIN || rest.minutes < LEAST_MIN) return []
      const side = (of: typeof own) => ({ events: of.schools, effort: of.minutes })
      const evidence = likelihoodRatio([{ a: side(own), b: side(rest) }])
      return evidence < LEANS_AT ? [] : [{ factor: factor.name, label, ...own, times: timesOf(own, rest), evidence }]
    })
    // Of two, the one is as much better as the other is worse: that is one thing to say.
    return parts.size === 2 ? leaning.filter(({ times }) => times.median > 1) : leaning
  })
  // What was fished always together is told once, by the name that comes first.
  const told = new Set<string>()
  return found
    .sort((a, b) => b.evidence - a.evidence || b.times.median - a.times.median)
    .filter(({ schools, minutes }) => !told.has(`${schools} ${minutes}`) && told.add(`${schools} ${minutes}`))
    .slice(0, MOST_TOLD)
    .map(({ evidence: _, ...leaning }) => leaning)
}

const sum = (list: readonly EffortRow[]) => ({
  schools: list.reduce((n, row) => n + countShowings(row, 'bites'), 0),
  minutes: list.reduce((n, row) => n + row.minutes, 0),
})

type Sum = ReturnType<typeof sum>
/** Ratio of two rates, each on the first belief that it is as the day's: by the points at which their beliefs part. */
function timesOf(own: Sum, rest: Sum): Leaning['times'] {
  const prior = gammaPrior((own.schools + rest.schools + 0.5) / (own.minutes + rest.minutes), 1)
  const [a, b] = [own, rest].map((s) => updatePosterior(prior, s.schools, s.minutes)) as [GammaRate, GammaRate]
  /** The ratio r at which a is more than r times b with probability p: a's rate divided by r is another gamma. */
  const at = (p: number) => {
    let [low, high] = [1e-3, 1e3]
    for (let i = 0; i < 60; i++) {
      const r = Math.sqrt(low * high)
      if (probabilityGreater({ shape: a.shape, rate: a.rate * r }, b) > p) low = r
      else high = r
    }
    return Math.sqrt(low * high)
  }
  return { median: at(0.5), low: at(0.95), high: at(0.05) }
}

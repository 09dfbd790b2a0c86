import { landedOf, bitesOf, accountOf, dayIdOf, type Outing } from '../outing'
import type { RateInterval } from '../rate'
import { ratesBy } from './rates'
import { countAnswers, type EffortRow } from './record'

/** A season in figures. */
export interface SeasonSummary {
  readonly outings: number
  readonly blanks: number
  readonly hours: number
  readonly landed: number
  readonly takes: number
  /** Schools that took, an hour: as in the table of rates. */
  readonly rate: RateInterval
  /** Share of the takes that were landed; null without any. */
  readonly landedShare: number | null
  readonly longest: {
    readonly speciesId: string
    readonly lengthM: number
    readonly date: string
    readonly lure: string
  } | null
  readonly byMonth: readonly { readonly month: string; readonly hours: number; readonly landed: number }[]
  readonly lures: readonly { readonly name: string; readonly landed: number; readonly hours: number }[]
}

const MOST_LURES = 8

/** One’s own season: what friends of a party caught is theirs. */
export function seasonSummary(all: readonly EffortRow[], outings: readonly Outing[]): SeasonSummary {
  const tried = all.filter((t) => !t.isFriends)
  const ids = new Set(tried.map((t) => t.dayId))
  const seen = outings.filter((o) => !o.party?.isFriends && ids.has(dayIdOf(o)))
  const minutes = tried.reduce((sum, t) => sum + t.minutes, 0)
  const takes = tried.reduce((sum, t) => sum + countAnswers(t, 'bites'), 0)
  const landed = tried.reduce((sum, t) => sum + countAnswers(t, 'landed'), 0)
  const fish = seen.flatMap((o) => {
    const { stretches } = accountOf(o, o.entries[o.entries.length - 1]?.at ?? o.startedAt)
    return stretches.flatMap((s) =>
      s.answers.flatMap((a) =>
        a.fish?.lengthM
          ? [{ speciesId: a.fish.speciesId, lengthM: a.fish.lengthM, date: a.at.slice(0, 10), lure: s.carried.name }]
          : [],
      ),
    )
  })
  const months = [...new Set(tried.map((t) => t.date.slice(0, 7)))].sort()
  const names = [...new Set(tried.map((t) => t.carried.name))]
  const of = (list: readonly EffortRow[]) => ({
    hours: list.reduce((sum, t) => sum + t.minutes, 0) / 60,
    landed: list.reduce((sum, t) => sum + countAnswers(t, 'landed'), 0),
  })
  return {
    outings: seen.length,
    blanks: seen.filter((o) => {
      const { stretches } = accountOf(o, o.entries[o.entries.length - 1]?.at ?? o.startedAt)
      return stretches.every((s) => landedOf(s) === 0 && bitesOf(s) === 0)
    }).length,
    hours: minutes / 60,
    landed,
    takes,
    rate: ratesBy(tried, 'place', null, 'bites').all.shown,
    landedShare: takes > 0 ? landed / takes : null,
    longest: fish.reduce<SeasonSummary['longest']>((best, f) => (best && best.lengthM >= f.lengthM ? best : f), null),
    byMonth: months.map((month) => ({ month, ...of(tried.filter((t) => t.date.startsWith(month))) })),
    lures: names
      .map((n) => ({ name: n, ...of(tried.filter((t) => t.carried.name === n)) }))
      .sort((a, b) => b.landed - a.landed || b.hours - a.hours || (a.name < b.name ? -1 : 1))
      .slice(0, MOST_LURES),
  }
}

import { CHOICE, PAIR, POOR, TIE } from '../../data/places'
import type { Ranked } from './score-breakdown'

/** What is made of a ranking once it is done: a choice, a pair, ties, and a word when even the best is poor. */

type Row = Pick<Ranked, 'setUp' | 'score'>
/** Whether two places are the same kind of answer: a family worked in one way. */
const alike = ({ setUp: a }: Row, { setUp: b }: Row) =>
  a.build.lure.family === b.build.lure.family && a.handling.technique.id === b.handling.technique.id

/** Places to choose between: the first, and the next of another kind or way that are not much worse; by place in the list, which keeps its order. */
export function choiceOf(rows: readonly Row[]): number[] {
  const least = CHOICE.least * (rows[0]?.score ?? 0)
  const chosen: number[] = []
  for (const [i, row] of rows.entries())
    if (chosen.length < CHOICE.places && row.score >= least && !rows.some((r, k) => chosen.includes(k) && alike(r, row)))
      chosen.push(i)
  return chosen
}

/** How many places from the first on are as good as it. */
export function tiedPlaces(rows: readonly Row[]): number {
  const best = rows[0]?.score ?? 0
  const worse = rows.findIndex((row) => row.score < (1 - TIE) * best)
  return worse < 0 ? rows.length : worse
}

export const isPoor = (rows: readonly Row[]) => (rows[0]?.score ?? 0) < POOR

/** Two set-ups for one day: the one searches fast, the other works slowly what the first has found. By place in the list. */
export interface Pair {
  readonly search: number
  readonly finish: number
}

/** The best of either kind among the first places; null where one of them is missing or much worse than the first. */
export function pairOf(rows: readonly Row[]): Pair | null {
  const best = rows[0]?.score ?? 0
  const first = (fits: (passing: number) => boolean) =>
    rows
      .slice(0, PAIR.among)
      .findIndex(({ setUp, score }) => score >= PAIR.least * best && fits(setUp.handling.technique.passing))
  const search = first((passing) => passing >= PAIR.search)
  const finish = first((passing) => passing <= PAIR.finish)
  return search >= 0 && finish >= 0 ? { search, finish } : null
}

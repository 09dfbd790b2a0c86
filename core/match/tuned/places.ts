import { CHOICE, DAY, PAIR, POOR, TIE } from '../../../data/places'
import { itemAt } from '../../list'
import type { Conditions, Reading } from '../../water'
import type { Ranked } from './score-breakdown'

/** What is made of a ranking once it is done: a choice, a pair, ties, and a word when even the best is poor. */

type Row = Pick<Ranked, 'setUp' | 'score'>
/** Whether two places are the same kind of answer: a family worked in one way. */
const alike = ({ setUp: a }: Row, { setUp: b }: Row) =>
  a.build.lure.family === b.build.lure.family && a.handling.technique.id === b.handling.technique.id

/**
 * Places to choose between, by place in the list, which keeps its order: the first, and the next of another kind or way that are not much worse; where there are none, the next.
 */
export function choiceOf(rows: readonly Row[]): number[] {
  const least = CHOICE.least * (rows[0]?.score ?? 0)
  const left = rows.map((_, i) => i)
  const chosen: number[] = []
  const isOther = (i: number) =>
    itemAt(rows, i).score >= least && !chosen.some((k) => alike(itemAt(rows, k), itemAt(rows, i)))
  while (chosen.length < CHOICE.places && left.length > 0)
    chosen.push(...left.splice(Math.max(0, left.findIndex(isOther)), 1))
  return chosen.sort((a, b) => a - b)
}

/** How many places from the first on are as good as it. */
export function tiedPlaces(rows: readonly Row[]): number {
  const best = rows[0]?.score ?? 0
  const worse = rows.findIndex((row) => row.score < (1 - TIE) * best)
  return worse < 0 ? rows.length : worse
}

export const isPoor = (rows: readonly Row[]) => (rows[0]?.score ?? 0) < POOR

/** How willing the fish are, whatever is tied on: the score says nothing of that. */
export type Day = 'good' | 'fair' | 'hard'

export function dayOf({ appetite }: Pick<Reading, 'appetite'>, { mood }: Pick<Conditions, 'mood'>): Day {
  const willing = appetite * DAY.mood[mood]
  return willing >= DAY.good ? 'good' : willing >= DAY.fair ? 'fair' : 'hard'
}

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

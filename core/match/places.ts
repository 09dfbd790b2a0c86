import { CHOICE, NEAR, PAIR, POOR, TIE } from '../../data/places'
import type { Ranked } from './score-breakdown'

/** What is made of a ranking once it is done: a choice, a pair, ties, and a word when even the best is poor. */

type Row = Pick<Ranked, 'setUp' | 'score'>
type RowInWater = Row & { readonly thrown: { readonly share: Pick<Ranked['thrown']['share'], 'ofAllTime'> } }
const alike = ({ setUp: a }: Row, { setUp: b }: Row) =>
  a.build.lure.family === b.build.lure.family && a.handling.technique.id === b.handling.technique.id

/** What hardly comes near the fish stands behind all that does, whatever else speaks for it; the rest keep their order. */
export function nearFirst<R extends RowInWater>(rows: readonly R[]): R[] {
  const near = ({ thrown }: R) => thrown.share.ofAllTime >= NEAR
  return [...rows.filter(near), ...rows.filter((row) => !near(row))]
}

/** The first places made a choice: each is another kind of lure or another way than those before it, as long as it is not much worse. The rest keep their order. */
export function asChoice<R extends Row>(rows: readonly R[]): R[] {
  const left = [...rows]
  const chosen: R[] = []
  while (chosen.length < CHOICE.places && left[0]) {
    const [best] = left
    const other = left.findIndex((row) => row.score >= CHOICE.least * best.score && !chosen.some((c) => alike(c, row)))
    chosen.push(...left.splice(Math.max(0, other), 1))
  }
  return [...chosen, ...left]
}

/** How many places from the first on are as good as it; what stands further down, behind a worse one pulled up for the choice, is not among them. */
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

import { takeProbability } from '../outing'
import { gammaPrior, updatePosterior, credibleInterval, type GammaRate, type RateInterval } from '../rate'
import {
  countAnswers,
  countShowings,
  factorOf,
  splitByAnswer,
  splitByLure,
  type FactorId,
  type MeasureId,
  type EffortRow,
} from './record'

/** Rate of a part of the record, with what stands behind it. */
interface Cell {
  readonly row: string
  readonly column: string
  /** Showings: schools that gave what is counted. */
  readonly events: number
  /** Fish or answers, one by one. */
  readonly answers: number
  readonly minutes: number
  readonly belief: GammaRate
  /** Showings an hour: median and 90 % interval. */
  readonly shown: RateInterval
}

export interface RateTable {
  readonly rows: readonly { key: string; label: string }[]
  readonly columns: readonly { key: string; label: string }[]
  readonly cells: readonly Cell[]
  readonly all: Cell
  /** How much more events come in clumps than chance would have it; 1 is not at all. */
  readonly dispersion: number
}

/** Firmness of the belief that a part of the record is as good as the whole, in events [0.5 … 3]. */
const PRIOR_STRENGTH = 1
/** An hour of a first belief before anything is known: some fish in some hours. */
const FIRST_PER_H = 0.5

/** Events seen, and how many were due by the rate of the part of the record that they belong to. */
interface Due {
  readonly events: number
  readonly due: number
}

/**
 * Pearson's dispersion: the sum of (seen − due)² / due over the degrees of freedom, where `due` comes from as many fitted rates as `fitted`. Even showings clump, for days and hours
 * differ, and intervals that take them one by one are too narrow; the quasi-Poisson remedy widens them by it (McCullagh and Nelder, Generalized Linear Models, § 6.2; from memory).
 * It begins with a first belief, as firm as so many degrees of freedom, which does not vanish with little data; it is never under 1 nor above `MOST_DISPERSION`.
 */
export function estimateDispersion(list: readonly Due[], fitted = 1): number {
  const freedom = Math.max(0, list.length - fitted)
  const spread = list.reduce((sum, t) => (t.due > 0 ? sum + (t.events - t.due) ** 2 / t.due : sum), 0)
  const { dispersion, freedom: firm } = FIRST_DISPERSION
  return Math.min(MOST_DISPERSION, Math.max(1, (firm * dispersion + (freedom > 0 ? spread : 0)) / (firm + freedom)))
}
/** How much showings clump before a log says how much, and how firm that is [1 … 2, 4 … 20]. */
const FIRST_DISPERSION = { dispersion: 1.1, freedom: 8 } as const
const MOST_DISPERSION = 4

/** Clumping of a record split into parts that each have a rate of their own: over its stretches, or over whole outings where days differ more than that. */
export function dispersionOf(
  tried: readonly EffortRow[],
  measure: MeasureId,
  partOf: (t: EffortRow) => string = () => '',
): number {
  const parts = new Map<string, { events: number; minutes: number }>()
  for (const t of tried) {
    const part = parts.get(partOf(t)) ?? { events: 0, minutes: 0 }
    parts.set(partOf(t), { events: part.events + countShowings(t, measure), minutes: part.minutes + t.minutes })
  }
  const days = new Map<string, Due>()
  const stretches = tried.map((t): Due => {
    const part = parts.get(partOf(t))
    const one = {
      events: countShowings(t, measure),
      due: part && part.minutes > 0 ? (part.events * t.minutes) / part.minutes : 0,
    }
    const day = days.get(t.dayId) ?? { events: 0, due: 0 }
    days.set(t.dayId, { events: day.events + one.events, due: day.due + one.due })
    return one
  })
  return Math.max(estimateDispersion(stretches, parts.size), estimateDispersion([...days.values()], parts.size))
}

/** Effort-weighted expectation of the match, as a multiple of the whole record's. */
function fitRatio(part: readonly EffortRow[], all: readonly EffortRow[]): number {
  const mean = (list: readonly EffortRow[]) => {
    const minutes = list.reduce((sum, t) => sum + t.minutes, 0)
    return minutes > 0 ? list.reduce((sum, t) => sum + t.minutes * takeProbability(t.way.points, 100), 0) / minutes : 0
  }
  const whole = mean(all)
  return whole > 0 ? mean(part) / whole : 1
}

/** A rate with what stands behind it. */
type Rate = Pick<Cell, 'events' | 'answers' | 'minutes' | 'belief' | 'shown'>

/**
 * Showings an hour of a part of some effort, as it is told on every page: gamma–Poisson, its prior the rate of all of that effort, moved by how well the match thought of what was fished.
 */
export function rateOf(
  part: readonly EffortRow[],
  all: readonly EffortRow[],
  measure: MeasureId,
  dispersion: number,
): Rate {
  const total = sums(all, measure)
  const overall = (total.events + FIRST_PER_H) / (total.minutes + 60)
  const { events, minutes } = sums(part, measure)
  const prior = gammaPrior(overall * fitRatio(part, all), PRIOR_STRENGTH)
  const belief = updatePosterior(prior, events, minutes, dispersion)
  const answers = part.reduce((sum, t) => sum + countAnswers(t, measure), 0)
  return { events, answers, minutes, belief, shown: credibleInterval(belief, 60) }
}

/**
 * Events an hour by one or two factors. Each cell is gamma–Poisson: its prior is the rate of the whole record, moved by how well the match thought of
 * what was fished there; its effort is in minutes.
 */
export function ratesBy(
  record: readonly EffortRow[],
  rowBy: FactorId,
  columnBy: FactorId | null,
  counted: MeasureId,
): RateTable {
  const byAnswer = rowBy === 'answer' || columnBy === 'answer'
  const asksOfLures = [rowBy, columnBy].some((id) => id !== null && factorOf(id).byLure)
  const counting = asksOfLures ? splitByLure(record) : record
  const tried = byAnswer ? splitByAnswer(counting) : counting
  const measure = byAnswer ? 'answers' : counted
  const [rowOf, columnOf] = [factorOf(rowBy).of, columnBy ? factorOf(columnBy).of : null]
  const parts = new Map<string, { row: string; column: string; list: EffortRow[] }>()
  const rows = new Map<string, { key: string; label: string; order: number }>()
  const columns = new Map<string, { key: string; label: string; order: number }>()
  for (const t of tried) {
    const row = rowOf(t)
    const column = columnOf ? columnOf(t) : { key: '', label: '', order: 0 }
    if (!row || !column) continue
    rows.set(row.key, row)
    columns.set(column.key, column)
    const key = `${row.key}\n${column.key}`
    const part = parts.get(key) ?? { row: row.key, column: column.key, list: [] }
    part.list.push(t)
    parts.set(key, part)
  }
  const dispersion = dispersionOf(tried, measure, (t) => `${rowOf(t)?.key}\n${columnOf?.(t)?.key}`)
  const cellOf = (row: string, column: string, list: readonly EffortRow[]): Cell => ({
    row,
    column,
    ...rateOf(list, tried, measure, dispersion),
  })
  const effort = (key: string) =>
    [...parts.values()].filter((p) => p.row === key).reduce((sum, p) => sum + sums(p.list, measure).minutes, 0)
  const inOrder = (list: Iterable<{ key: string; label: string; order: number }>) =>
    [...list].sort((a, b) => a.order - b.order || effort(b.key) - effort(a.key) || (a.label < b.label ? -1 : 1))
  return {
    rows: inOrder(rows.values()),
    columns: inOrder(columns.values()),
    cells: [...parts.values()].map((p) => cellOf(p.row, p.column, p.list)),
    all: byAnswer ? { ...cellOf('', '', tried), minutes: sums(record, measure).minutes } : cellOf('', '', tried),
    dispersion,
  }
}

function sums(list: readonly EffortRow[], measure: MeasureId): { events: number; minutes: number } {
  return list.reduce(
    (sum, t) => ({ events: sum.events + countShowings(t, measure), minutes: sum.minutes + t.minutes }),
    {
      events: 0,
      minutes: 0,
    },
  )
}

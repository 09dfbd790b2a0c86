import { takeProbability } from '../outing'
import { gammaPrior, updatePosterior, credibleInterval, type GammaRate, type RateInterval } from '../rate'
import {
  countEvents,
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
  readonly events: number
  readonly minutes: number
  readonly belief: GammaRate
  /** Events an hour: median and 90 % interval. */
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
 * Pearson's dispersion: the sum of (seen − due)² / due over the degrees of freedom, where `due` comes from as many fitted rates as `fitted`. Fish come in
 * schools, so events clump, and intervals that take them one by one are too narrow; the quasi-Poisson remedy widens them by it (McCullagh and Nelder,
 * Generalized Linear Models, § 6.2; from memory). With little to go on it is 1; it is never above `MOST_CLUMPING`.
 */
export function estimateDispersion(list: readonly Due[], fitted = 1): number {
  const events = list.reduce((sum, t) => sum + t.events, 0)
  const freedom = list.length - fitted
  if (freedom < LEAST_FREEDOM || events < LEAST_EVENTS) return 1
  const spread = list.reduce((sum, t) => (t.due > 0 ? sum + (t.events - t.due) ** 2 / t.due : sum), 0)
  return Math.min(MOST_CLUMPING, Math.max(1, spread / freedom))
}
const LEAST_FREEDOM = 8
const LEAST_EVENTS = 8
const MOST_CLUMPING = 4

/** Clumping of a record split into parts that each have a rate of their own: over its stretches, or over whole outings where days differ more than that. */
export function dispersionOf(
  tried: readonly EffortRow[],
  measure: MeasureId,
  partOf: (t: EffortRow) => string = () => '',
): number {
  const parts = new Map<string, { events: number; minutes: number }>()
  for (const t of tried) {
    const part = parts.get(partOf(t)) ?? { events: 0, minutes: 0 }
    parts.set(partOf(t), { events: part.events + countEvents(t, measure), minutes: part.minutes + t.minutes })
  }
  const days = new Map<string, Due>()
  const stretches = tried.map((t): Due => {
    const part = parts.get(partOf(t))
    const one = {
      events: countEvents(t, measure),
      due: part && part.minutes > 0 ? (part.events * t.minutes) / part.minutes : 0,
    }
    const day = days.get(t.outingId) ?? { events: 0, due: 0 }
    days.set(t.outingId, { events: day.events + one.events, due: day.due + one.due })
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
  const total = sums(tried, measure)
  const overall = (total.events + FIRST_PER_H) / (total.minutes + 60)
  const cellOf = (row: string, column: string, list: readonly EffortRow[]): Cell => {
    const { events, minutes } = sums(list, measure)
    const belief = updatePosterior(
      gammaPrior(overall * fitRatio(list, tried), PRIOR_STRENGTH),
      events,
      minutes,
      dispersion,
    )
    return { row, column, events, minutes, belief, shown: credibleInterval(belief, 60) }
  }
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
  return list.reduce((sum, t) => ({ events: sum.events + countEvents(t, measure), minutes: sum.minutes + t.minutes }), {
    events: 0,
    minutes: 0,
  })
}

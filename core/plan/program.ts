import { kitValue, type Kit, type KitProblem } from './kit-problem'

/**
 * The kit as a mixed-integer program, for a solver that tries all kits and proves the best. Small problems only: what the multipliers have ruled out is left out of it.
 *
 * For each scenario the worths of its lures in falling order v₁ > v₂ > …; u_k says that none of those worth v_k or more is carried, which costs v_k − v_{k+1}. So a kit is
 * worth Σ w·(v₁ − Σ u_k·(v_k − v_{k+1})), with u_k ≥ 1 − Σ y of those lures (the form of Cornuejols, Nemhauser and Wolsey 1980 for where to open warehouses; from memory).
 */
export interface Program {
  /** In the LP format that solvers read. Variables y… are lures by their row. */
  readonly text: string
  /** Lines of “none of these is carried”. */
  readonly size: number
}

/** What the multipliers know of it. */
interface Known {
  readonly never: ReadonlySet<number>
  readonly always: ReadonlySet<number>
}

/** Costs are told in this unit, so that a solver’s tolerances lie far below what is told of a kit. */
const UNIT = 1e4
const told = (value: number) => value.toPrecision(12)

export function asProgram(problem: KitProblem, { never, always }: Known): Program {
  const { worth, weights, massKg, most, mostKg } = problem
  const rows = worth.flatMap((_, row) => (never.has(row) && !always.has(row) ? [] : [row]))
  const open = rows.filter((row) => !always.has(row))
  const costs: string[] = []
  const lines: string[] = []
  weights.forEach((weight, s) => {
    const worthOf = (row: number) => worth[row]?.[s] ?? 0
    const floor = Math.max(0, ...[...always].map(worthOf))
    const better = open.filter((row) => worthOf(row) > floor).sort((a, b) => worthOf(b) - worthOf(a))
    better.forEach((row, k) => {
      const fall = weight * (worthOf(row) - Math.max(floor, worthOf(better[k + 1] ?? -1)))
      if (fall <= 1e-12) return
      const u = `u${s}_${k}`
      costs.push(`${told(UNIT * fall)} ${u}`)
      lines.push(
        `${u} + ${better
          .slice(0, k + 1)
          .map((r) => `y${r}`)
          .join(' + ')} >= 1`,
      )
    })
  })
  const all = rows.map((row) => `y${row}`)
  const text = [
    'Minimize',
    ` cost: ${[...costs, ...(costs.length === 0 ? all.slice(0, 1).map((y) => `0 ${y}`) : [])].join('\n + ')}`,
    'Subject To',
    ...lines.map((line, i) => ` c${i}: ${line}`),
    ` number: ${all.join(' + ')} <= ${most}`,
    ...(mostKg < Infinity
      ? [` weight: ${rows.map((row) => `${told(massKg[row] ?? 0)} y${row}`).join(' + ')} <= ${told(mostKg)}`]
      : []),
    'Bounds',
    ...[...always].map((row) => ` y${row} = 1`),
    'Binary',
    ` ${all.join(' ')}`,
    'End',
  ].join('\n')
  return { text, size: lines.length }
}

/** What a solver says: the variables of its best answer, and whether nothing better is left. */
export interface Solved {
  readonly values: Readonly<Record<string, number>>
  readonly optimal: boolean
}

/** The kit of an answer. */
export function kitOf(problem: KitProblem, { values }: Pick<Solved, 'values'>): Kit {
  const lures = problem.worth.flatMap((_, row) => ((values[`y${row}`] ?? 0) > 0.5 ? [row] : []))
  return { lures, value: kitValue(problem, lures) }
}

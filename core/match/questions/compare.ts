import type { Ranked } from '../tuned'
import type { ScoreTerm } from '../account'

/** One line of a comparison: what was asked, and what each set-up made of it. */
export interface ComparedPart {
  readonly key: string
  /** Null where that set-up has no such part. */
  readonly parts: readonly (ScoreTerm | null)[]
  /** Between the best and the worst of them, as a logarithm of the chance. */
  readonly spread: number
}

/** The same question has the same name in every account: an axis, what practice recommends, or one warning. */
function keyOf({ axis, causes, habit }: ScoreTerm): string {
  return axis === 'warning' ? `warning ${causes[0]?.ruleId ?? ''} ${JSON.stringify(habit)}` : axis
}

/** Accounts of several set-ups in one water side by side, what sets them apart most first. Chances of every column multiply to its score. */
export function compareParts(rows: readonly Pick<Ranked, 'parts'>[]): ComparedPart[] {
  const tables = rows.map(({ parts }) => new Map(parts.map((p) => [keyOf(p), p])))
  const keys = new Set(tables.flatMap((t) => [...t.keys()]))
  const lines = [...keys].map((key): ComparedPart => {
    const parts = tables.map((t) => t.get(key) ?? null)
    const logs = parts.map((p) => Math.log(p?.chance ?? 1))
    return { key, parts, spread: Math.max(...logs) - Math.min(...logs) }
  })
  return lines.sort((a, b) => b.spread - a.spread || (a.key < b.key ? -1 : 1))
}

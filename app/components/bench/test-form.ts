import { HOW_TO, type HowTo } from '../../../data/bench-howto'
import type { BenchTest, TestKind } from '../../../core/tackle'

export type HowField = HowTo['settings'][number]

export const howTo = (kind: TestKind): HowTo => {
  const found = HOW_TO[kind]
  if (!found) throw new Error(`data/bench-howto has no ${kind}`)
  return found
}

/** What fields stand at when a series is begun: as the last series of that kind had them, else as usual. */
export function startOf(
  fields: readonly HowField[],
  last?: Readonly<Record<string, unknown>>,
): Record<string, unknown> {
  return Object.fromEntries(fields.map((f) => [f.key, last?.[f.key] ?? f.start ?? f.options?.[0] ?? null]))
}

/** A reading that its instrument completes by itself: the watch alone, nothing else to be said. */
export const takenAtOnce = (kind: TestKind) =>
  howTo(kind).readings.length === 1 && howTo(kind).readings[0]?.by === 'watch'

export const lastOf = (tests: readonly BenchTest[], kind: TestKind) =>
  tests.filter((t) => t.kind === kind).sort((a, b) => (a.date < b.date ? 1 : -1))[0]

import { testForm, type BenchTest, type TestField, type TestKind } from '../../../core/bench'
import { testLabel, testWords } from '../../../words'

/** A field of a test with its key and its label. */
export interface FormField extends TestField {
  readonly key: string
  readonly label: string
}
/** A kind of test as its page shows it: its words, and its form field by field. */
export function howTo(kind: TestKind) {
  const { settings, readings } = testForm(kind)
  const labelled = (fields: Readonly<Record<string, TestField>>): FormField[] =>
    Object.entries(fields).map(([key, field]) => ({ ...field, key, label: testLabel(kind, key) }))
  return { ...testWords(kind), settings: labelled(settings), readings: labelled(readings) }
}
export type HowTo = ReturnType<typeof howTo>

/** What fields stand at when a series is begun: as the last series of that kind had them, else as usual. */
export function startOf(
  fields: readonly FormField[],
  last?: Readonly<Record<string, unknown>>,
): Record<string, unknown> {
  return Object.fromEntries(fields.map((f) => [f.key, last?.[f.key] ?? f.start ?? f.options?.[0] ?? null]))
}

/** A reading that its instrument completes by itself: the watch alone, nothing else to be said. */
export const takenAtOnce = (kind: TestKind) =>
  howTo(kind).readings.length === 1 && howTo(kind).readings[0]?.by === 'watch'

export const lastOf = (tests: readonly BenchTest[], kind: TestKind) =>
  tests.filter((t) => t.kind === kind).sort((a, b) => (a.date < b.date ? 1 : -1))[0]

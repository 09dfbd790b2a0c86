import type { BenchTest, TestKind, TestOf } from './kinds'

/** The tests of one lure of one kind, oldest first. */
export function testsOf<K extends TestKind>(tests: readonly BenchTest[], lureId: string, kind: K): TestOf<K>[] {
  return tests
    .filter((t): t is TestOf<K> => t.kind === kind && t.lureId === lureId)
    .sort((a, b) => (a.date < b.date ? -1 : a.date > b.date ? 1 : 0))
}

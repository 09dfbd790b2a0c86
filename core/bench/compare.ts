import type { Lure } from '../tackle'
import type { BenchTest, TestKind } from './tests/kinds'
import type { Carrying } from './fit-rest'
import { profileFromTests } from './lure-profile'
import { findingOf } from './tests/register'

/** How a lure's figure stands to that of the reference lure: their ratio, and whether their bands lie clear of each other. */
export interface Comparison {
  readonly reference: Lure
  readonly ratio: number
  readonly clear: boolean
}

/** Against a reference lure, where both were tested in that way; null otherwise. */
export function compareWithReference(
  kind: TestKind,
  lure: Lure,
  reference: Lure,
  tests: readonly BenchTest[],
  water?: Carrying,
): Comparison | null {
  const [own, other] = [lure, reference].map((l) => findingOf(kind, l, profileFromTests(l, tests), water))
  if (!own || !other || own.n === 0 || other.n === 0 || other.value === 0) return null
  return { reference, ratio: own.value / other.value, clear: own.low > other.high || own.high < other.low }
}

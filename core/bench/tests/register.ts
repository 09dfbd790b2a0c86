import type { Lure } from '../../tackle'
import type { Carrying } from '../fit-rest'
import type { LureProfile } from '../lure-profile'
import type { Finding, SeriesPoints, TestDefinition } from './definition'
import { TEST_KINDS, type BenchTest, type TestKind } from './kinds'
import { STILL } from './still'
import { STRAIN } from './strain'
import { SWUM } from './swum'

/** What each kind of test comes to: one entry in the file of its sort. */
const TESTS: Readonly<Record<TestKind, TestDefinition>> = { ...STILL, ...SWUM, ...STRAIN }

/** Water that figures are compared in unless another is given. */
const PLAIN: Carrying = { tempC: 15, salinity: 0 }

/** The figure of a kind of test, or null where that kind says nothing of this lure. */
export function findingOf(kind: TestKind, lure: Lure, known: LureProfile, water: Carrying = PLAIN): Finding | null {
  return TESTS[kind].finding(lure, known, water)
}

/** The readings of a kind of test as they are drawn. `allTests`: those of other lures, where a rod is fitted over them. */
export function seriesPoints(
  kind: TestKind,
  lure: Lure,
  known: LureProfile,
  allTests: readonly BenchTest[] = known.tests,
): SeriesPoints[] {
  return TESTS[kind].points(lure, known, allTests)
}

/** Kinds of tests that tell something of a lure. */
export function kindsFor(lure: Lure): TestKind[] {
  return TEST_KINDS.filter((kind) => TESTS[kind].applies(lure))
}

import type { Lure } from '../../tackle'
import { z } from '../../zod'
import type { Carrying } from '../fit-rest'
import type { LureProfile } from '../lure-profile'
import type { Finding, SeriesPoints, TestDefinition } from './definition'
import { schemaOf, type TestForm } from './form'
import { STILL, STILL_FORMS } from './still'
import { STRAIN, STRAIN_FORMS } from './strain'
import { SWUM, SWUM_FORMS } from './swum'

/** All kinds of test. A kind is one entry in the file of its sort: its form, the lures it applies to, the figure it comes to, how it is drawn. */
const FORMS = { ...STILL_FORMS, ...SWUM_FORMS, ...STRAIN_FORMS }
const TESTS: Readonly<Record<TestKind, TestDefinition>> = { ...STILL, ...SWUM, ...STRAIN }

export type TestKind = keyof typeof FORMS
export const TEST_KINDS = Object.keys(FORMS) as TestKind[]
export const testForm = (kind: TestKind): TestForm => FORMS[kind]
/** The fields of a kind, settings and readings, by name: what words/ labels. */
export type FieldOf<K extends TestKind> = keyof (typeof FORMS)[K]['settings'] | keyof (typeof FORMS)[K]['readings']

type Schemas = {
  [K in TestKind]: ReturnType<typeof schemaOf<K, (typeof FORMS)[K]['settings'], (typeof FORMS)[K]['readings']>>
}
type Schema = Schemas[TestKind]
const schemas = TEST_KINDS.map((kind): z.ZodObject => schemaOf(kind, testForm(kind))) as Schema[]

/** One series of measurements on one lure, as the angler took it. */
export const BenchTest = z.discriminatedUnion('kind', schemas as [Schema, ...Schema[]])
export type BenchTest = z.infer<typeof BenchTest>
export type TestOf<K extends TestKind> = Extract<BenchTest, { kind: K }>
export type ReadingOf<K extends TestKind> = TestOf<K>['readings'][number]

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

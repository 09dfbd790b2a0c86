import { z } from '../../zod'
import type { RoleId } from '../../quantity'

/**
 * The form of a kind of test: what is held fixed for a series (`settings`) and what is taken each time (`readings`), field by field. A field is its schema, what it
 * is measured in, the instrument that fills it (every field can be typed as well) and where it starts; words/ labels it. SI throughout.
 */
export interface TestField<S extends z.ZodType = z.ZodType> {
  readonly schema: S
  readonly role?: RoleId
  readonly options?: readonly string[]
  /** Something out of the box, by its id. */
  readonly from?: 'rods' | 'trailers'
  readonly by?: 'watch' | 'taps' | 'turns' | 'scale'
  readonly start?: number | string | null
  readonly min?: number
  readonly max?: number
  readonly optional?: boolean
}
type Fields = Readonly<Record<string, TestField>>
type Filled = Pick<TestField, 'by' | 'start'>

/** A number in the unit of its role, both ends included. */
export const measure = (role: RoleId, min: number, max: number, filled: Filled = {}) => ({
  schema: z.number().min(min).max(max),
  role,
  min,
  max,
  ...filled,
})
/** The same, which may be left empty. */
export const measureOrNone = (role: RoleId, min: number, max: number, filled: Filled = { start: null }) => ({
  ...measure(role, min, max, filled),
  schema: z.number().min(min).max(max).nullable(),
  optional: true,
})
export const choice = <const O extends readonly [string, ...string[]]>(options: O, start: O[number]) => ({
  schema: z.enum(options),
  options,
  start,
})
const id = z.string().min(1).max(80)
export const outOf = (from: 'trailers') => ({ schema: id, from })
export const outOfOrNone = (from: 'rods') => ({ schema: id.nullable(), from, start: null, optional: true })

/** A rule that one reading as a whole has to keep. */
interface ReadingRule {
  readonly keeps: (reading: Readonly<Record<string, unknown>>) => boolean
  readonly error: string
  readonly field: string
}
export interface TestForm<S extends Fields = Fields, R extends Fields = Fields> {
  readonly settings: S
  readonly readings: R
  readonly rule?: ReadingRule
}
export const formOf = <S extends Fields, R extends Fields>(settings: S, readings: R, rule?: ReadingRule) =>
  ({ settings, readings, ...(rule && { rule }) }) as TestForm<S, R>

/** What every series has: one lure, one day, one water, and how the lure stood. */
const common = {
  id,
  lureId: id,
  name: z.string().trim().min(1).max(160),
  date: z.iso.date(),
  tempC: z.number().min(-2).max(40),
  salinity: z.number().min(0).max(42),
  /** Head, hook or sinker hung on for the test, kg; 0 for the lure alone. */
  withKg: z.number().min(0).max(0.5),
  /** How the lure stood when it was tested: what was done to it since is added to what the test says. */
  asTested: z.strictObject({
    measuredMassKg: z.number().min(0.0003).max(1).nullable(),
    alteredKg: z.number().min(-0.5).max(0.5),
    loadKg: z.number().min(0).max(0.5),
    lengthM: z.number().min(0.01).max(0.5),
  }),
  notes: z.string().max(500),
}
/** Nobody takes more readings than this of one thing. */
const MOST_READINGS = 100

type Shape<F extends Fields> = { [K in keyof F]: F[K]['schema'] }
function shapeOf<F extends Fields>(fields: F): Shape<F> {
  return Object.fromEntries(Object.entries(fields).map(([key, field]) => [key, field.schema])) as Shape<F>
}

/** What is stored of one series of a kind: raw readings, and what was held fixed. What follows from them is worked out again each time. */
export function schemaOf<const K extends string, S extends Fields, R extends Fields>(kind: K, form: TestForm<S, R>) {
  const reading = z.strictObject(shapeOf(form.readings))
  const { rule } = form
  const kept = rule ? reading.refine((r) => rule.keeps(r), { error: rule.error, path: [rule.field] }) : reading
  return z.strictObject({
    ...common,
    kind: z.literal(kind),
    ...shapeOf(form.settings),
    readings: z.array(kept).max(MOST_READINGS),
  })
}

import { z } from '../../zod'
import { choice, formOf, measure, measureOrNone, outOf, outOfOrNone, schemaOf, type TestForm } from './form'

/** The forms of all kinds of test: what is held fixed and what is read, field by field. What is stored is read by them alone, without the sums that use it. */

/** How a body falls, from dead to strongly. */
export const SHIMMIES = ['dead', 'a little', 'shimmies', 'strongly'] as const
const SWINGS = ['shiver', 'wobble', 'roll', 'kick', 'glide', 'flutter', 'spin'] as const
export type Swing = (typeof SWINGS)[number]

/** Weighed, or let go. */
export const STILL_FORMS = {
  weigh: formOf(
    {},
    {
      massKg: measure('lureMass', 0.0003, 1, { by: 'scale' }),
      /** Nose to tail, hooks and lip left out; null where only its weight was taken. */
      lengthM: measureOrNone('lureLength', 0.01, 0.5),
    },
  ),
  fall: formOf(
    {
      depthM: measure('depth', 0.1, 30, { start: 2 }),
      withKg: measure('lureMass', 0, 0.5, { start: 0 }),
      lineDiameterM: measureOrNone('lineDiameter', 0.00003, 0.002, { start: 0.00013 }),
    },
    { seconds: measure('watch', 0.05, 600, { by: 'watch' }) },
  ),
  rest: formOf(
    { distanceM: measure('lureLength', 0.05, 10, { start: 0.4 }) },
    {
      /** Weight hung or glued on for this reading, as lead, kg. */
      addedKg: measure('lead', 0, 0.2, { start: 0 }),
      way: choice(['rises', 'hangs', 'sinks'], 'rises'),
      /** Over the whole distance; 0 where it hangs. */
      seconds: measure('watch', 0, 600, { by: 'watch' }),
    },
  ),
  revival: formOf({}, { hookKg: measure('lead', 0, 0.05, { start: 0.001 }), shimmy: choice(SHIMMIES, 'dead') }),
}

/** Drawn through the water. */
export const SWUM_FORMS = {
  depth: formOf(
    {
      lineDiameterM: measure('lineDiameter', 0.00003, 0.002, { start: 0.0003 }),
      rodTipM: measure('depth', -1, 6, { start: 1 }),
      retrieveSpeedMps: measure('lureSpeed', 0.1, 5, { start: 0.8 }),
    },
    { castM: measure('distance', 1, 150, { start: 25 }), depthM: measure('depth', 0.05, 30) },
  ),
  trolled: formOf(
    {
      lineDiameterM: measure('lineDiameter', 0.00003, 0.002, { start: 0.0003 }),
      rodTipM: measure('depth', -1, 6, { start: 1 }),
    },
    {
      speedMps: measure('boatSpeed', 0.1, 5, { start: 1 }),
      lineOutM: measure('distance', 2, 200, { start: 30 }),
      depthM: measure('depth', 0.05, 60),
    },
  ),
  wound: formOf(
    {
      lineDiameterM: measure('lineDiameter', 0.00003, 0.002, { start: 0.0002 }),
      rodTipM: measure('depth', -1, 6, { start: 1 }),
      retrieveSpeedMps: measure('lureSpeed', 0.1, 5, { start: 0.8 }),
    },
    {
      castM: measure('distance', 3, 150, { start: 25 }),
      countS: measure('watch', 0, 120, { start: 5 }),
      awayM: measure('distance', 1, 150, { start: 10 }),
      depthM: measure('depth', 0.05, 30),
    },
    {
      keeps: ({ castM, awayM }) => Number(awayM) < Number(castM),
      error: 'must be nearer than the cast is long',
      field: 'awayM',
    },
  ),
  action: formOf(
    { speedMps: measure('lureSpeed', 0, 5, { start: 0.7 }) },
    {
      swing: choice(SWINGS, 'wobble'),
      /** Sideways travel of the tail from end to end, m. */
      amplitudeM: measure('hookGap', 0, 0.5, { start: 0.02 }),
      beatsPerS: measure('beats', 0, 60, { by: 'taps' }),
    },
  ),
  window: formOf(
    {},
    {
      slowMps: measure('lureSpeed', 0.02, 8, { by: 'turns' }),
      fastMps: measure('lureSpeed', 0.02, 8, { by: 'turns' }),
    },
    {
      keeps: ({ slowMps, fastMps }) => Number(fastMps) > Number(slowMps),
      error: 'must be faster than the slowest',
      field: 'fastMps',
    },
  ),
  damping: formOf(
    { trailerId: outOf('trailers') },
    {
      bareBeatsPerS: measure('beats', 0.1, 60, { by: 'taps' }),
      withBeatsPerS: measure('beats', 0, 60, { by: 'taps' }),
    },
  ),
}

/** Torn by a weight, thrown by a rod. */
export const STRAIN_FORMS = {
  tear: formOf({ bagKg: measure('lureMass', 0, 2, { start: 0.01 }) }, { volumeM3: measure('volume', 0.00002, 0.03) }),
  cast: formOf(
    { rodId: outOfOrNone('rods'), withKg: measure('lureMass', 0, 0.5, { start: 0 }) },
    { castM: measure('distance', 1, 150, { by: 'turns' }) },
  ),
}

/** All kinds of test, by their forms; what each comes to, and for which lures, stands in the file of its sort (`register`). */
const FORMS = { ...STILL_FORMS, ...SWUM_FORMS, ...STRAIN_FORMS }

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

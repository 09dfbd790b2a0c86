import { z } from '../zod'

/**
 * One series of measurements on one lure, as the angler took it: raw readings, and what was held fixed while they were taken. What follows from them is
 * worked out again each time (core/bench), so that a better sum later serves old readings too. SI throughout.
 */
const SWINGS = ['shiver', 'wobble', 'roll', 'kick', 'glide', 'flutter', 'spin'] as const
export type Swing = (typeof SWINGS)[number]
const RESTS = ['rises', 'hangs', 'sinks'] as const
export const SHIMMIES = ['dead', 'a little', 'shimmies', 'strongly'] as const

const seconds = z.number().min(0.05).max(600)
const castM = z.number().min(1).max(150)
const line = z.number().min(0.00003).max(0.002)

const common = {
  id: z.string().min(1).max(80),
  lureId: z.string().min(1).max(80),
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
const readings = <T extends z.ZodType>(one: T) => z.array(one).max(100)

const KINDS = {
  weigh: {
    readings: readings(
      z.strictObject({
        massKg: z.number().min(0.0003).max(1),
        /** Nose to tail, hooks and lip left out; null where only its weight was taken. */
        lengthM: z.number().min(0.01).max(0.5).nullable(),
      }),
    ),
  },
  fall: {
    depthM: z.number().min(0.1).max(30),
    lineDiameterM: line.nullable(),
    readings: readings(z.strictObject({ seconds })),
  },
  action: {
    speedMps: z.number().min(0).max(5),
    readings: readings(
      z.strictObject({
        swing: z.enum(SWINGS),
        /** Sideways travel of the tail from end to end, m. */
        amplitudeM: z.number().min(0).max(0.5),
        beatsPerS: z.number().min(0).max(60),
      }),
    ),
  },
  window: {
    readings: readings(
      z
        .strictObject({ slowMps: z.number().min(0.02).max(8), fastMps: z.number().min(0.02).max(8) })
        .refine((r) => r.fastMps > r.slowMps, { error: 'must be faster than the slowest', path: ['fastMps'] }),
    ),
  },
  rest: {
    distanceM: z.number().min(0.05).max(10),
    readings: readings(
      z.strictObject({
        /** Weight hung or glued on for this reading, as lead, kg. */
        addedKg: z.number().min(0).max(0.2),
        way: z.enum(RESTS),
        /** Over the whole distance; 0 where it hangs. */
        seconds: z.number().min(0).max(600),
      }),
    ),
  },
  depth: {
    lineDiameterM: line,
    rodTipM: z.number().min(-1).max(6),
    retrieveSpeedMps: z.number().min(0.1).max(5),
    readings: readings(z.strictObject({ castM, depthM: z.number().min(0.05).max(30) })),
  },
  tear: {
    bagKg: z.number().min(0).max(2),
    readings: readings(z.strictObject({ volumeM3: z.number().min(0.00002).max(0.03) })),
  },
  cast: { rodId: z.string().min(1).max(80).nullable(), readings: readings(z.strictObject({ castM })) },
  revival: {
    readings: readings(z.strictObject({ hookKg: z.number().min(0).max(0.05), shimmy: z.enum(SHIMMIES) })),
  },
  damping: {
    trailerId: z.string().min(1).max(80),
    readings: readings(
      z.strictObject({ bareBeatsPerS: z.number().min(0.1).max(60), withBeatsPerS: z.number().min(0).max(60) }),
    ),
  },
} as const
export type TestKind = keyof typeof KINDS
export const TEST_KINDS = Object.keys(KINDS) as TestKind[]

const test = <K extends TestKind>(kind: K) => z.strictObject({ ...common, kind: z.literal(kind), ...KINDS[kind] })

export const BenchTest = z.discriminatedUnion('kind', [
  test('weigh'),
  test('fall'),
  test('action'),
  test('window'),
  test('rest'),
  test('depth'),
  test('tear'),
  test('cast'),
  test('revival'),
  test('damping'),
])
export type BenchTest = z.infer<typeof BenchTest>
export type TestOf<K extends TestKind> = Extract<BenchTest, { kind: K }>
export type ReadingOf<K extends TestKind> = TestOf<K>['readings'][number]

/** The tests of one lure of one kind, oldest first. */
export function testsOf<K extends TestKind>(tests: readonly BenchTest[], lureId: string, kind: K): TestOf<K>[] {
  return tests
    .filter((t): t is TestOf<K> => t.kind === kind && t.lureId === lureId)
    .sort((a, b) => (a.date < b.date ? -1 : a.date > b.date ? 1 : 0))
}

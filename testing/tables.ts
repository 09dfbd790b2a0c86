import { z } from '../core/zod'
import {
  COLOUR_GROUPS,
  DELIVERY_IDS,
  FURTHER_AT,
  MOUNT_KINDS,
  ROD_POWERS,
  deliveryOf,
  isFamily,
  findTechnique,
} from '../core/tackle'
import { COVERS, FORAGE_SHAPES, LIGHTS, MOODS, SEASONS, SKIES, forageOf, speciesOf } from '../core/water'

/** What the tables of data/ must look like, field by field. Each is held to its schema by `core/tables.test.ts`. */

const id = z.string().regex(/^[a-z0-9][a-zA-Z0-9-]*$/)
const words = z.string().min(1)
const sentence = z.string().regex(/^\S.*[.!]$/, { error: 'is no sentence with a stop at its end' })
const share = z.number().min(0).max(1)
const positive = z.number().positive()
const span = z.tuple([z.number(), z.number()]).refine(([a, b]) => a <= b, { error: 'runs backwards' })
const record = <T extends z.ZodType>(value: T) => z.record(z.string(), value)

const familyId = z.string().refine(isFamily, { error: 'is no family' })
const speciesId = z.string().refine((s) => speciesOf(s) !== undefined, { error: 'is no species' })
const forageId = z.string().refine((s) => forageOf(s) !== undefined, { error: 'is no forage' })
const techniqueId = z.string().refine((s) => findTechnique(s) !== null, { error: 'is no technique' })
/** Three marks of a range, each beyond the one before. */
const marks = z.tuple([positive, positive, positive]).refine(([a, b, c]) => a < b && b < c, { error: 'do not rise' })
const facts = z.array(z.number().int().min(1).max(200))
const body = z.enum(['hard', 'soft', 'wire', 'metal', 'jig'])

const rampPair = z.tuple([z.number(), z.number()])
const ramp = z.strictObject({ above: rampPair.optional(), below: rampPair.optional() })
/** A condition on the water: every name in it must be one that the water has, every species and forage one that there is. */
export const when = z.record(z.string(), z.union([ramp, z.array(z.string())])).superRefine((condition, context) => {
  const lists: Readonly<Record<string, z.ZodType>> = {
    species: speciesId,
    forage: forageId,
    mood: z.enum(MOODS),
    cover: z.enum(COVERS),
    sky: z.enum(SKIES),
    season: z.enum(SEASONS),
    light: z.enum(LIGHTS),
  }
  for (const [name, wanted] of Object.entries(condition)) {
    const schema = lists[name]
    if (!schema || !Array.isArray(wanted)) continue
    for (const value of wanted)
      if (!schema.safeParse(value).success)
        context.addIssue({ code: 'custom', path: [name], message: `${value} is no ${name}` })
  }
})

const of = z.looseObject({
  family: z.array(familyId).optional(),
  body: z.array(body).optional(),
  technique: z.array(techniqueId).optional(),
})
const note = z.strictObject({ id, facts, of, when: when.optional(), side: z.unknown().optional() })

export const TABLE_SCHEMAS = {
  species: z.strictObject({
    id,
    name: words,
    group: id,
    waters: z.array(z.enum(['fresh', 'brackish', 'salt'])).min(1),
    feedingRangeC: z
      .tuple([z.number(), z.number(), z.number(), z.number()])
      .refine((c) => c.every((v, i) => i === 0 || v >= (c[i - 1] ?? v)), { error: 'temperatures do not rise' }),
    spawnC: span,
    spawnsOn: z.enum(['rising', 'falling']),
    biteProof: z.boolean(),
    mouth: z.enum(['small', 'large']),
    isSchooling: z.boolean(),
    designPullN: positive,
    strength: z.enum(['panfish', 'light', 'medium', 'strong', 'heavy', 'giant']),
    source: z.strictObject({ feedingRangeC: words, spawnC: words, designPullN: words }),
  }),
  forage: z.strictObject({
    id,
    name: words,
    kind: z.enum(['fish', 'crayfish', 'shrimp', 'crab', 'squid', 'worm', 'frog']),
    shape: z.enum(FORAGE_SHAPES),
    shade: z.enum(['silver', 'olive', 'brown']),
    asymptoticLengthM: positive,
    growthRatePerYear: positive,
    hatchMonth: z.number().min(1).max(12),
    minPreyLengthM: positive,
    hatchM: positive,
  }),
  axes: z.strictObject({
    id,
    name: words,
    by: z.enum(['build', 'hand', 'outfit', 'path']),
    link: z.enum(['meets', 'noticed', 'wanted', 'holds', 'returns']),
    kind: z.enum(['near', 'ratio', 'plus-ratio', 'enough', 'share', 'met']),
    width: positive,
    most: z.number().min(2).max(25),
    least: z.number().min(0.02).max(0.5),
  }),
  colours: z.strictObject({
    id,
    name: words,
    hex: z.string().regex(/^#[0-9a-f]{6}$/),
    group: z.enum(COLOUR_GROUPS),
  }),
  openQuestions: z.strictObject({
    id: z.string().regex(/^S\d+$/),
    first: z.strictObject({ id }),
    second: z.strictObject({ id }),
    usual: z.union([share, when]),
  }),
  techniques: z
    .strictObject({
      id,
      name: words,
      how: sentence,
      facts,
      works: z.strictObject({
        families: z.array(familyId).min(1),
        mounts: z.array(z.enum(MOUNT_KINDS)).optional(),
        traits: record(z.array(z.union([words, z.boolean()]))).optional(),
      }),
      delivery: z.enum(DELIVERY_IDS),
      pace: z.union([z.strictObject({ window: span }), z.strictObject({ mps: marks }), z.null()]),
      pullS: positive,
      restS: z.union([marks, z.null()]),
      rest: z.enum(['hangs', 'rises', 'falls', 'lies']).nullable(),
      slack: z.boolean(),
      passing: share,
      sinkTo: z.array(z.enum(['surface', 'zone', 'bottom'])).min(1),
      at: z.enum(['surface', 'mid water', 'over the bottom', 'on the bottom', 'in cover']),
      takes: z.array(z.enum(['moving', 'falling', 'at rest'])).min(1),
      beat: z.array(z.strictObject({ does: words, part: share })).optional(),
      tackle: z
        .strictObject({
          line: positive.optional(),
          rodM: span.optional(),
          power: z.tuple([z.enum(ROD_POWERS), z.enum(ROD_POWERS)]).optional(),
          reels: z.array(z.enum(['casting', 'spinning', 'overhead'])).optional(),
        })
        .optional(),
      when: z.array(z.strictObject({ id, when, of: z.looseObject({}).optional(), weight: positive })).optional(),
    })
    .refine((t) => t.pace !== null || deliveryOf(t.delivery).pace === 'water', { error: 'has no pace of its own' })
    .refine((t) => (t.restS === null) === (t.rest === null), { error: 'rests without saying what the lure does' }),
  rigWays: z.strictObject({
    id,
    name: words,
    about: words,
    mount: z.enum(MOUNT_KINDS),
    bodies: z.array(body),
    families: z.array(familyId).optional(),
    needs: z.array(id),
    may: z.array(id),
    headKinds: z.array(id).optional(),
    hookStyles: z.array(words).optional(),
    sinkerKinds: z.array(id).optional(),
    terminalKinds: z.array(id).optional(),
    deliveries: z.array(z.enum(DELIVERY_IDS)).min(1).optional(),
    second: z.enum(FURTHER_AT).optional(),
    weakLink: z.boolean().optional(),
    tip: sentence.optional(),
  }),
  holding: z.strictObject({
    id,
    when,
    top: z.strictObject({ from: z.enum(['surface', 'cover', 'bottom']), m: z.number() }),
    bottom: z.strictObject({ from: z.enum(['surface', 'cover', 'bottom']), m: z.number() }),
  }),
  knobs: z.strictObject({ id, name: words, role: id, from: z.number(), to: z.number(), log: z.boolean() }),
  note,
  features: z.strictObject({
    id,
    name: words,
    covers: z.array(z.enum(COVERS)),
    spots: z.array(z.strictObject({ id, name: words, says: words, at: z.tuple([z.number(), z.number()]) })).min(2),
  }),
  standardWeights: z.strictObject({
    species: z.array(speciesId).min(1),
    a: z.number().negative(),
    b: z.number().min(2.5).max(3.6),
    fromMm: positive,
    of: words,
  }),
  thumbRules: z.looseObject({
    id,
    facts,
    where: z.looseObject({ species: z.array(speciesId).optional(), family: z.array(familyId).optional() }),
    better: z.looseObject({ species: z.array(speciesId).optional(), family: z.array(familyId).optional() }),
  }),
  tideStations: z.strictObject({
    id,
    name: words,
    latDeg: z.number().min(-90).max(90),
    lonDeg: z.number().min(-180).max(180),
    constituents: z
      .array(z.strictObject({ name: words, amplitude: positive, phase: z.number().min(0).lt(360) }))
      .min(1),
  }),
  joints: record(
    z.strictObject({
      says: z.array(z.enum(['good', 'mind', 'wrong'])).min(1),
      fact: z.number().int(),
      law: z.literal(true).optional(),
    }),
  ),
  hookGaps: z.tuple([z.string(), positive]),
  trailerAdds: record(z.strictObject({ vibration: z.number(), presence: z.number(), amplitude: z.number() })),
  shares: record(share),
} as const

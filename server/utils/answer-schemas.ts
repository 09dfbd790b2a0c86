import { z } from '../../core/zod'

/** What the API answers with, for its description: the answers themselves are held to it in tests. */
const id = z.string()
const name = z.string()
const share = z.number().meta({ description: '0 … 1' })
const metres = z.number().meta({ description: 'm' })
const sentence = z.string()
const named = { id, name }
const part = z.object(named)
const bySort = z.object({ fall: z.number(), pull: z.number(), rest: z.number() })
const zone = z.object({ topM: metres, bottomM: metres, holdingId: id.nullable() })

const Reason = z.object({
  axis: z.string(),
  link: z.string().meta({ description: 'The link of the chain it belongs to' }),
  chance: z
    .number()
    .meta({ description: 'The chance it leaves: the chances of all reasons multiply to that of the row' }),
  lost: z.number(),
  asked: sentence,
  given: sentence,
  rules: z.array(id),
})

const RankedSetUp = z.object({
  place: z.number().int(),
  score: z.number().meta({ description: '0 … 100 against the best that could be tied on here' }),
  chance: share,
  lure: z.object({ ...named, family: z.string() }),
  alike: z.array(part).readonly().meta({ description: 'Others out of the same mould, standing behind it' }),
  mount: z.object({
    kind: z.string(),
    name: name.nullable(),
    head: z.object({ ...named, massKg: z.number(), hookSize: z.string() }).nullable(),
    hook: z.object({ ...named, massKg: z.number(), hookSize: z.string() }).nullable(),
    sinker: z.object({ ...named, massKg: z.number() }).nullable(),
    leadKg: z.number(),
    dropperM: metres.nullable(),
  }),
  massKg: z.number().meta({ description: 'All that is thrown, kg' }),
  rig: sentence,
  trailer: z.object({ ...named, kind: z.string(), lengthM: metres }).nullable(),
  leader: z
    .object({ ...named, material: z.string(), lengthM: metres, diameterM: metres, strengthN: z.number() })
    .nullable(),
  line: z.object({ ...named, material: z.string(), diameterM: metres, strengthN: z.number() }),
  reel: part,
  rod: part,
  technique: z.object({
    ...named,
    tempo: share,
    patience: share,
    paceMps: z.number().meta({ description: 'm/s' }),
    restS: z.number().meta({ description: 's' }),
    countDownS: z.number().meta({ description: 's' }),
    rodTipM: metres,
  }),
  handling: sentence,
  zoneShare: share,
  nearShare: share,
  seconds: bySort,
  shares: bySort,
  castM: metres,
  delivery: z.string(),
  snagRisk: share,
  reasons: z.array(Reason),
  weakest: z.string().nullable(),
  lift: z.object({ points: z.number(), sentence }).nullable(),
})

export const MatchAnswer = z.object({
  tied: z.number().int().meta({ description: 'How many of the first are as good as the first' }),
  poor: z.boolean(),
  day: z.string().meta({ description: 'How willing the fish are' }),
  choice: z.array(id.nullable()),
  mend: z.object({ kind: z.string(), sentence }).nullable(),
  pair: z.object({ search: id.nullable(), finish: id.nullable() }).nullable(),
  reading: z.object({
    season: z.string(),
    light: z.string(),
    appetite: z.number(),
    zone,
    trend: z.string(),
    tempChangeC: z.number().nullable(),
    zoneLux: z.number(),
    stirredM: metres,
    densityKgM3: z.number(),
  }),
  leftOut: z.array(z.object({ code: z.string(), lures: z.unknown(), why: sentence })),
  remedy: z
    .object({
      pieces: z.array(z.object({ kind: z.string(), sentence })),
      lure: z.unknown(),
      score: z.number(),
    })
    .nullable(),
  cautions: z.array(sentence),
  law: z.unknown(),
  asked: z.array(z.object({ ruleId: id, sentence, weight: z.number() })),
  rigs: z.array(z.looseObject({ score: z.number().nullable() })),
  ranking: z.array(RankedSetUp),
})

export const PathAnswer = z.object({
  basis: z.enum(['measured', 'fitted', 'labelled', 'assumed']),
  fallMps: z.number().meta({ description: 'm/s, negative where it rises' }),
  deepestM: metres,
  retrieveStartIndex: z.number().int(),
  polyline: z.array(z.object({ fromRodM: metres, depthM: metres, atS: z.number() })),
  zone: z.object({ share, metres, seconds: z.number() }),
  contact: z.object({ bottom: share, touchingCover: share, inCover: share }),
})

/** Whatever goes wrong. */
export const Refusal = z.object({
  error: z.literal(true),
  statusCode: z.number().int(),
  statusMessage: z.string(),
  data: z
    .looseObject({
      faults: z
        .array(z.object({ path: z.string(), problem: z.string() }))
        .optional()
        .meta({ description: 'Each fault, with the path of its field' }),
      remedy: z.string().optional(),
      retryAfterS: z.number().optional(),
    })
    .optional(),
})

export const ANSWERS = { MatchAnswer, PathAnswer, Refusal, RankedSetUp, Reason } as const

import { Carried } from '../outing'
import { Conditions, SKIES } from '../water'
import { z } from '../zod'
import { FACTORS } from './spread'

/** A plan as it is kept: the days, what may be carried, what the angler holds to, and what came of it. SI throughout. */

const id = z.string().min(1).max(80)
const hour = z.number().int().min(0).max(24)

/** A full hour of a forecast, as it was told or typed; what is left out stays as the water says. */
const ForecastHour = z.strictObject({
  hour: z.number().min(0).max(24),
  sky: z.enum(SKIES).optional(),
  windMps: z.number().min(0).max(40).optional(),
  waterTempC: z.number().min(-2).max(40).optional(),
  visibilityM: z.number().min(0.05).max(40).optional(),
})

/** One thing that a water nobody has seen could be, and how likely it is. */
const Alternative = z.strictObject({
  id: z.string().min(1).max(40),
  weight: z.number().min(0).max(1),
  depthM: Conditions.shape.depthM,
  visibilityM: Conditions.shape.visibilityM,
  waterTempC: Conditions.shape.waterTempC,
  cover: Conditions.shape.cover,
})
export type Alternative = z.infer<typeof Alternative>

/** So many hours on one water on one day. */
export const Leg = z
  .strictObject({
    id,
    /** The water as it is thought to be; its date is the day, its place the place. */
    water: Conditions,
    fromH: hour,
    toH: hour,
    /** The way there from the leg before, min. */
    travelMin: z
      .number()
      .int()
      .min(0)
      .max(24 * 60)
      .default(0),
    forecast: z.array(ForecastHour).max(48).default([]),
    /** What it could be, where nobody has seen it; none where it is known. */
    alternatives: z.array(Alternative).max(12).default([]),
  })
  .refine(({ fromH, toH }) => toH > fromH, { error: 'the end comes before the beginning', path: ['toH'] })
export type Leg = z.infer<typeof Leg>

const weight = z.number().min(0).max(1)
const LevelWeights = z.record(z.string().max(40), weight)
/** Weights of levels that the angler set; what is left out is as usual. */
const OwnSpread = z.strictObject(
  Object.fromEntries(FACTORS.map((f) => [f, LevelWeights.optional()])) as Record<
    (typeof FACTORS)[number],
    z.ZodOptional<typeof LevelWeights>
  >,
)

/** A scenario of the angler's own: what is otherwise, and how likely it is, as a share of the whole. */
export const AddedScenario = z.strictObject({
  id,
  name: z.string().trim().min(1).max(80),
  weight,
  sky: z.enum(SKIES).optional(),
  windMps: z.number().min(0).max(40).optional(),
  waterTempC: z.number().min(-2).max(40).optional(),
  visibilityM: z.number().min(0.05).max(40).optional(),
  currentMps: z.number().min(0).max(4).optional(),
})
export type AddedScenario = z.infer<typeof AddedScenario>

export const MOST_LURES = 40
export const MOST_RODS = 6

/** What may be carried. */
const Limits = z.strictObject({
  lures: z.number().int().min(1).max(MOST_LURES),
  rods: z.number().int().min(1).max(MOST_RODS),
  /** All lures together, kg; null where nobody counts. */
  luresKg: z.number().positive().max(50).nullable().default(null),
  /** Trays that come along; null takes from all. */
  trayIds: z.array(id).max(200).nullable().default(null),
})

/** A stretch of a leg that the angler holds to: this lure on this rod. */
export const Lock = z.strictObject({
  legId: id,
  fromH: hour,
  toH: hour,
  lureId: id,
  rodId: id,
})
export type Lock = z.infer<typeof Lock>

/** A lure of the kit, in the order in which it was taken. */
const PlannedLure = z.strictObject({
  lureId: id,
  name: z.string().min(1).max(80),
  /** What it adds to those before it, and what would be lost without it, as shares of the whole box. */
  adds: z.number().min(0).max(1),
  without: z.number().min(0).max(1),
})

const Block = z.strictObject({
  id,
  legId: id,
  fromH: hour,
  toH: hour,
  /** The set-up, the rod it is tied on, and how it is worked to begin with. */
  carriedId: id,
  wayId: id,
  rodId: id,
  /** Chance over what the water may be, and that of the whole box at the same hours. */
  chance: z.number().min(0).max(1),
  whole: z.number().min(0).max(1),
  /** When to lay it down without an answer, min. */
  giveMin: z.number().min(1).max(240),
  /** What then: another set-up of the kit. */
  nextCarriedId: id.nullable(),
  locked: z.boolean(),
  /** What hangs on the other rods meanwhile. */
  beside: z.array(z.strictObject({ rodId: id, carriedId: id })).max(MOST_RODS),
})
export type Block = z.infer<typeof Block>

const share = z.number().min(0).max(1)

/** What each lure of the kit, the kit and the whole box are worth in an hour, on the average. */
const PlannedHour = z.strictObject({
  legId: id,
  fromH: z.number().min(0).max(24),
  toH: z.number().min(0).max(24),
  whole: share,
  kit: share,
  /** By lure of the kit. */
  each: z.array(share).max(MOST_LURES),
})

/** Filler that a hollow plug wants in some hours, kg. */
const Load = z.strictObject({
  lureId: id,
  legId: id,
  fromH: z.number().min(0).max(24),
  toH: z.number().min(0).max(24),
  kg: z.number().min(0).max(0.1),
})
export type Load = z.infer<typeof Load>

/** An hour of the day or a level of what is not known, how likely it is, and how much of the whole box the kit gives there. */
const Covered = z.strictObject({
  of: z.enum([...FACTORS, 'added']),
  id: z.string().max(80),
  share: z.number().min(0).max(1.01),
  weight: share,
})
export type Covered = z.infer<typeof Covered>

/** How a bound is known: from marginal gains, from multipliers, from the solver that tries all. */
export const PROOFS = ['gains', 'multipliers', 'each-set', 'solver'] as const

/** What came of a plan. */
export const Planned = z.strictObject({
  lures: z.array(PlannedLure).max(MOST_LURES),
  /** What would come next, one after another. */
  more: z.array(PlannedLure).max(MOST_LURES),
  /** How many lures that may come would add next to nothing. */
  home: z.number().int().min(0).max(100_000),
  /** Rods with their reels, and the lines that are fished on them: more than one is a spare spool. */
  rods: z.array(z.strictObject({ rodId: id, reelId: id, lineIds: z.array(id).max(12) })).max(MOST_RODS),
  /** Each set-up with every way in which it can be fished; the outing takes them as they are. */
  carried: z.array(Carried).max(60),
  /** Rod on which each of them is tied, and the parts of its rig, as the packing list counts them. */
  tied: z
    .array(
      z.strictObject({
        carriedId: id,
        rodId: id,
        reelId: id,
        lineId: id,
        partIds: z.array(id).max(12),
        /** Chance of hanging up on a cast, the worst of its hours. */
        snag: share.default(0),
      }),
    )
    .max(60),
  blocks: z.array(Block).max(400),
  hours: z.array(PlannedHour).max(400),
  covered: z.array(Covered).max(200),
  loads: z.array(Load).max(200).default([]),
  /** Expected chance of the kit and of the whole box, and what no kit within the limits can be worth more than. */
  value: share,
  whole: share,
  bound: share,
  by: z.enum(PROOFS),
  luresKg: z.number().min(0).max(100),
  reTies: z.number().int().min(0).max(1000),
  /** Waters that were ranked for it. */
  waters: z.number().int().min(0).max(10_000),
  /** Moment at which it was worked out. */
  at: z.iso.datetime({ offset: true }),
})
export type Planned = z.infer<typeof Planned>

export const Plan = z.strictObject({
  id,
  name: z.string().trim().min(1).max(80),
  legs: z.array(Leg).min(1).max(12),
  limits: Limits,
  spread: OwnSpread.default({}),
  added: z.array(AddedScenario).max(8).default([]),
  /** Lures that come along whatever they are worth, and those that stay at home. */
  pinned: z.array(id).max(MOST_LURES).default([]),
  leftHome: z.array(id).max(2000).default([]),
  locks: z.array(Lock).max(100).default([]),
  planned: Planned.nullable().default(null),
  /** Lines of the packing list that are ticked off. */
  ticked: z.array(z.string().max(200)).max(500).default([]),
  note: z.string().max(2000).default(''),
})
export type Plan = z.infer<typeof Plan>

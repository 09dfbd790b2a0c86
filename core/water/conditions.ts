import { DELIVERIES, STANDS } from '../../data/deliveries'
import { z } from '../zod'

/** The water as the angler reads it. One schema for form, storage, files and API; SI throughout. */

export const SKIES = ['sun', 'broken', 'cloud', 'rain'] as const
export const MOODS = ['active', 'neutral', 'lethargic', 'pressured'] as const
export const COVERS = ['open', 'rock', 'shell', 'clay', 'timber', 'brush', 'docks', 'grass', 'pads', 'reeds'] as const
export const SEASONS = ['winter', 'pre-spawn', 'spawn', 'post-spawn', 'summer', 'autumn'] as const
export const LIGHTS = ['night', 'dawn', 'day', 'dusk'] as const

/** How fish lie, for kinds that shoal at times only. */
export const SHOALS = ['gathered', 'spread'] as const
/** What is seen of fish that feed. */
export const SIGNS = ['birds', 'bait', 'mud', 'fish'] as const
export type Sign = (typeof SIGNS)[number]
export const WEED_DRIFTS = ['none', 'some', 'much'] as const
export const TIDES = ['none', 'flood', 'high', 'ebb', 'low'] as const
export const BOTTOMS = ['rock', 'gravel', 'sand', 'clay', 'silt'] as const

export type Sky = (typeof SKIES)[number]
export type CoverKind = (typeof COVERS)[number]
export type Season = (typeof SEASONS)[number]
export type Tide = (typeof TIDES)[number]
export type Bottom = (typeof BOTTOMS)[number]

const depthM = z.number().min(0).max(200)
const visibilityM = z.number().min(0.05).max(40)
const waterTempC = z.number().min(-2).max(40)

const Cover = z.strictObject({
  kind: z.enum(COVERS),
  /** Depth of the top of the cover under the surface. */
  topM: depthM,
  /** How thickly it stands: 0 scattered … 1 a wall. */
  density: z.number().min(0).max(1),
})

/** A water temperature kept with its day: from them come trend and season. */
export const TempReading = z.strictObject({ date: z.iso.date(), tempC: waterTempC })
export type TempReading = z.infer<typeof TempReading>

export const Place = z.strictObject({
  id: z.string().min(1).max(80),
  name: z.string().trim().min(1).max(80),
  latDeg: z.number().min(-90).max(90),
  lonDeg: z.number().min(-180).max(180),
  /** Hours ahead of universal time on the angler's clock there. */
  utcOffsetH: z.number().min(-12).max(14),
  salinity: z.number().min(0).max(42),
  note: z.string().max(400).default(''),
  /** The law of this water in the angler's own words. */
  rules: z.string().max(400).default(''),
  /** Whether the law here allows single hooks only, and how many hooks a line may carry; null where nobody says. */
  singlesOnly: z.boolean().default(false),
  mostHooks: z.number().int().min(1).max(60).nullable().default(null),
  /** Whether a treble counts as three hooks here, not as one; and how many lures a line may carry. */
  trebleIsThree: z.boolean().default(false),
  mostLures: z.number().int().min(1).max(20).nullable().default(null),
  /** Whether heads, sinkers and jigs of lead are forbidden here. */
  noLead: z.boolean().default(false),
  /** How far the wind blows over open water before it gets here, km, and what it finds on the bottom: these make mud. */
  fetchKm: z.number().min(0).max(500).default(1),
  bottom: z.enum(BOTTOMS).default('sand'),
  /** What is usual here; taken when its water is set for the first time. */
  usual: z
    .strictObject({ depthM: z.number().min(0.3).max(200), visibilityM, cover: Cover })
    .nullable()
    .default(null),
  /** Oldest first, one a day. */
  temps: z.array(TempReading).max(2000).default([]),
})
export type Place = z.infer<typeof Place>

/** Across the water that passes; against it, from where it carries the lure back; along with it. A boat that slides is passed by the water, too. */
export const CAST_DIRECTIONS = ['across', 'against', 'along'] as const
export type CastDirection = (typeof CAST_DIRECTIONS)[number]

/** With the wind from behind, into it, or across it. */
export const CASTS_IN_WIND = ['with', 'into', 'across'] as const
export type CastInWind = (typeof CASTS_IN_WIND)[number]

const Zone = z
  .strictObject({ topM: depthM, bottomM: depthM })
  .refine((zone) => zone.bottomM > zone.topM, { error: 'the zone must end below where it begins', path: ['bottomM'] })

export const Conditions = z
  .strictObject({
    placeId: z.string().min(1).max(80),
    date: z.iso.date(),
    /** Local clock, hours after midnight. */
    hour: z.number().min(0).max(24),
    speciesId: z.string().min(1).max(40),
    waterTempC,
    /** Change of the water over the last three days, °C; null leaves it to the temperatures kept with the place. */
    tempChangeC: z.number().min(-20).max(20).nullable().default(null),
    visibilityM,
    sky: z.enum(SKIES),
    windMps: z.number().min(0).max(40),
    currentMps: z.number().min(0).max(4),
    /** How fast the boat slides through the water; 0 from the shore or at anchor. */
    driftMps: z.number().min(0).max(3).default(0),
    /** Where the cast goes in a current, or from a boat that slides. */
    castTo: z.enum(CAST_DIRECTIONS).default('across'),
    /** How the wind meets the cast; null where nobody says: then it is left out. */
    castInWind: z.enum(CASTS_IN_WIND).nullable().default(null),
    tide: z.enum(TIDES).default('none'),
    /** From low water to high. */
    tideRangeM: z.number().min(0).max(16).default(0),
    /** Height of the waves that come in from outside. */
    swellM: z.number().min(0).max(10).default(0),
    /** From where one fishes; null where nobody says. */
    stand: z.enum(STANDS).nullable().default(null),
    /** Ways of fishing the angler allows; null leaves it at the usual ones from there. */
    deliveries: z
      .array(z.enum(DELIVERIES.map(({ id }) => id)))
      .min(1)
      .max(DELIVERIES.length)
      .nullable()
      .default(null),
    /** Weight of a downrigger's ball, kg; null takes the usual one. */
    ballKg: z.number().min(0.5).max(12).nullable().default(null),
    depthM: z.number().min(0.3).max(200),
    cover: Cover,
    forage: z.strictObject({ kind: z.string().min(1).max(40), lengthM: z.number().min(0.003).max(0.6) }),
    /** Where the fish hold; null where nobody knows: then the usual holding depth is taken (data/holding). */
    zone: Zone.nullable(),
    mood: z.enum(MOODS),
    /** Whether they lie gathered or spread; null takes what is usual for the fish. */
    shoal: z.enum(SHOALS).nullable().default(null),
    /** Signs of feeding fish: birds, bait at the surface, mud they stir up, the fish themselves. */
    signs: z.array(z.enum(SIGNS)).max(SIGNS.length).default([]),
    /** Lamps that light the water at night, on a bridge or a quay. */
    lamps: z.boolean().default(false),
    /** Loose weed that drifts in the water and hangs on hooks. */
    weedDrift: z.enum(WEED_DRIFTS).default('none'),
    /** Further fish that would be as welcome. */
    alsoFor: z.array(z.string().min(1).max(40)).max(4).default([]),
    /** A comfortable cast here, with a compact lure of 15 g on a rod that likes it. */
    castM: z.number().min(2).max(120),
    /** Rod tip above the water; null leaves rod up, level or down to the match. */
    rodTipM: z.number().min(-1).max(6).nullable(),
    /** What the angler knows better than the sum. */
    seasonAs: z.enum(SEASONS).nullable(),
    lightAs: z.enum(LIGHTS).nullable(),
  })
  .refine((c) => (c.zone?.bottomM ?? 0) <= c.depthM + 1e-9, {
    error: 'the zone reaches below the bottom',
    path: ['zone', 'bottomM'],
  })
  .refine((c) => c.cover.topM <= c.depthM + 1e-9, {
    error: 'the top of the cover lies below the bottom',
    path: ['cover', 'topM'],
  })
export type Conditions = z.infer<typeof Conditions>

import { COLOUR_GROUPS, DELIVERY_IDS, SOUNDS, deliveryOf, formerTempo, techniqueNamed, type Delivery } from '../tackle'
import { Conditions, SIGNS, SKIES } from '../water'
import { z } from '../zod'
import { ANSWER_IDS } from './answer'
import { Fish, LOST_HOW, LOST_PARTS, Watched } from './told'
import { VARIABLES } from './variables'

/** An outing as it is kept: what was carried, and one entry after another of what happened. Everything else is worked out from the entries. */

const id = z.string().min(1).max(80)
const name = z.string().trim().min(1).max(80)
/** Clock of the angler with its distance from universal time: hours of the day and minutes between two both hold. */
const Moment = z.iso.datetime({ offset: true })

/** One way of fishing what is carried. */
const WayNow = z.strictObject({
  id,
  techniqueId: z.string().min(1).max(40),
  name: z.string().min(1).max(120),
  /** How far toward the fast end of its technique, and toward the long rest, 0 … 1. */
  tempo: z.number().min(0).max(1),
  patience: z.number().min(0).max(1),
  paceMps: z.number().min(0).max(10),
  pullS: z.number().min(0).max(120),
  restS: z.number().min(0).max(120),
  countDownS: z.number().min(0).max(600),
  rodTipM: z.number().min(-1).max(6),
  /** Depth at which it is worked on the average, m. */
  depthM: z.number().min(0).max(200),
  /** How it is brought to the fish; cast where nothing is said. */
  delivery: z.enum(DELIVERY_IDS).optional(),
  /** Depth of a downrigger's ball, and length of a dropper, m; null without one. */
  ballM: z.number().min(0).max(200).nullable().optional(),
  dropperM: z.number().min(0).max(5).nullable().optional(),
  /** How far a cast goes, or how much line is let out, m, and what it takes with everything around it, s. */
  castM: z.number().min(0).max(200),
  castS: z.number().min(1).max(1800),
  /** Points of the match, 0 … 100. */
  points: z.number().min(0).max(100),
})
/** Logs written before techniques name fixed ways: pull and rest stay, tempo and patience follow from them. */
export const Way = z.preprocess((raw) => {
  const before = FormerWay.safeParse(raw)
  if (!before.success) return raw
  const { retrieveId, retrieveSpeedMps, pullDurationS, pauseS, ...rest } = before.data
  return {
    ...rest,
    techniqueId: techniqueNamed(retrieveId)?.id ?? retrieveId,
    ...formerTempo(retrieveId, retrieveSpeedMps, pauseS),
    paceMps: retrieveSpeedMps,
    pullS: pullDurationS,
    restS: pauseS,
  }
}, WayNow)
const FormerWay = z.looseObject({
  retrieveId: z.string(),
  retrieveSpeedMps: z.number(),
  pullDurationS: z.number(),
  pauseS: z.number(),
})
export type Way = z.infer<typeof WayNow>

/** The way of fishing it belongs to. */
export const deliveryOfWay = ({ delivery = 'cast' }: Pick<Way, 'delivery'>): Delivery => deliveryOf(delivery)

/** What is kept of a lure that is carried, besides how it is fished. */
const looks = {
  lureId: id.nullable(),
  name,
  /** The modelKey: lures that differ in colour alone share it. */
  modelKey: z.string().max(200),
  family: z.string().min(1).max(40),
  lengthM: z.number().min(0.01).max(0.5),
  colour: z.enum(COLOUR_GROUPS),
  sound: z.enum(SOUNDS),
  /** Thump of its action, 0 … 1. */
  vibration: z.number().min(0).max(1),
}

/** A further lure on the line of a rig. */
export const Beside = z.strictObject({ ...looks, lureId: id })
export type Beside = z.infer<typeof Beside>

/** A rig that is carried, as it was that day: what is changed in the box later leaves the log as it was. */
export const Carried = z.strictObject({
  id,
  ...looks,
  /** What else hangs on its line; each lure has a record of its own. */
  beside: z.array(Beside).max(12).optional(),
  /** From hook to rod in words. */
  rig: z.string().max(300),
  linePerTurnM: z.number().min(0).max(5),
  /** How fast it falls on a slack line, m/s; 0 where it does not sink. */
  fallMps: z.number().min(0).max(20),
  /** Its weight in the water with everything on it, N; below zero it floats. Left out in logs from before it was kept. */
  sinksWithN: z.number().min(-50).max(50).optional(),
  /** What held the fish: rod, line and hook by name. */
  gear: z.strictObject({ rod: name, line: name, hook: name.optional() }).optional(),
  cost: z.number().min(0).max(100_000).nullable(),
  ways: z.array(Way).min(1).max(12),
})
export type Carried = z.infer<typeof Carried>

/** How far to the side a cast goes: 0 straight ahead, −2 hard left, 2 hard right. */
export const Aim = z.number().int().min(-2).max(2)

/** What is done to a lure in the hand between two casts. */
export const ALTERED_IN_HAND = ['trimmed', 'cut', 'hooks', 'trailer', 'blade', 'heavier', 'lighter'] as const
export type AlteredInHand = (typeof ALTERED_IN_HAND)[number]

/** Rods over either side; in a turn the inner lure slows and the outer one speeds up. */
export const SIDES = ['left', 'right'] as const
export const TURNS = ['straight', 'inside', 'outside'] as const

const at = { id, at: Moment }

export const Entry = z.discriminatedUnion('kind', [
  /** A rig is taken into the hand and fished in one of its ways. */
  z.strictObject({ ...at, kind: z.literal('rig'), carriedId: id, wayId: id }),
  /** A stop, and the spot on its cover. */
  z.strictObject({
    ...at,
    kind: z.literal('spot'),
    stop: z.number().int().min(1).max(500),
    featureId: z.string().min(1).max(40),
    spotId: z.string().min(1).max(40),
  }),
  z.strictObject({ ...at, kind: z.literal('cast'), aim: Aim.nullable() }),
  z.strictObject({
    ...at,
    kind: z.literal('answer'),
    answer: z.enum(ANSWER_IDS),
    aim: Aim.nullable(),
    fish: Fish.nullable(),
    /** Which of several lures on the line it was given to; the first where nothing is said. */
    lureId: id.optional(),
    /** Why a fish that was on came off. */
    lostHow: z.enum(LOST_HOW).optional(),
    /** Where the fish was, what the lure did and what that did to it, as far as it was watched. */
    watched: Watched.optional(),
  }),
  /** What the boat does: its pace by the instrument or by hand, the line out, on which side; what is left out stays as it was. */
  z.strictObject({
    ...at,
    kind: z.literal('boat'),
    speedMps: z.number().min(0).max(5).optional(),
    lineOutM: z.number().min(0).max(200).optional(),
    side: z.enum(SIDES).optional(),
    turn: z.enum(TURNS).optional(),
  }),
  /** A lure that is carried, changed in the hand: from then on it is fished so. */
  z.strictObject({
    ...at,
    kind: z.literal('altered'),
    carriedId: id,
    what: z.enum(ALTERED_IN_HAND),
    /** Its length since, where it was cut. */
    lengthM: z.number().min(0.01).max(0.5).optional(),
    /** Lead put on, or taken off, kg. */
    byKg: z.number().min(0.0001).max(1).optional(),
    /** What is on it since: a trailer, a hook, a blade by name. */
    to: name.optional(),
  }),
  /** What the water says now; what is left out stays as it was. */
  z.strictObject({
    ...at,
    kind: z.literal('reading'),
    waterTempC: z.number().min(-2).max(40).optional(),
    visibilityM: z.number().min(0.05).max(40).optional(),
    depthM: z.number().min(0.3).max(200).optional(),
    windMps: z.number().min(0).max(40).optional(),
    sky: z.enum(SKIES).optional(),
  }),
  z.strictObject({ ...at, kind: z.literal('pause') }),
  z.strictObject({ ...at, kind: z.literal('resume') }),
  /** Advice that was given, and whether it was followed. */
  z.strictObject({
    ...at,
    kind: z.literal('advice'),
    variable: z.enum(VARIABLES),
    says: z.string().min(1).max(400),
    giveMin: z.number().min(1).max(240),
    taken: z.boolean(),
    /** The direction that was advised, where it was one: it is where casts go from then on, and no cast by itself. */
    aim: Aim.optional(),
  }),
  /** The lure in the hand is gone. */
  z.strictObject({ ...at, kind: z.literal('lost-lure') }),
  /** What is lost on the bottom and is no lure. */
  z.strictObject({ ...at, kind: z.literal('lost-part'), part: z.enum(LOST_PARTS) }),
  /** A fish that somebody else caught: on what, as far as one saw it. */
  z.strictObject({
    ...at,
    kind: z.literal('companion'),
    who: name.nullable(),
    speciesId: z.string().min(1).max(40),
    lengthM: z.number().min(0.03).max(4).nullable(),
    /** Left out where it was not seen. */
    lure: z
      .strictObject({ name, family: looks.family, lengthM: looks.lengthM, colour: looks.colour, lureId: id.nullable() })
      .optional(),
  }),
  /** Fish that show themselves. */
  z.strictObject({ ...at, kind: z.literal('sign'), sign: z.enum(SIGNS) }),
  /** Two rigs, or two ways of fishing one, are fished in turn, to see which is better. */
  z.strictObject({
    ...at,
    kind: z.literal('comparison'),
    a: id,
    b: id,
    /** The way of each; any of its ways where nothing is said. */
    aWayId: id.optional(),
    bWayId: id.optional(),
    castsEach: z.number().int().min(1).max(100),
  }),
  z.strictObject({ ...at, kind: z.literal('comparison-end') }),
  z.strictObject({ ...at, kind: z.literal('note'), text: z.string().trim().min(1).max(500) }),
  z.strictObject({ ...at, kind: z.literal('end') }),
])
export type Entry = z.infer<typeof Entry>
export type EntryOf<K extends Entry['kind']> = Extract<Entry, { kind: K }>
/** An entry before it has its id and moment. */
export type NewEntry = { [K in Entry['kind']]: Omit<EntryOf<K>, 'id' | 'at'> }[Entry['kind']]

const EFFORT_BY = ['clock', 'cast'] as const

/** Letters of the note of a day. */
export const LONGEST_NOTE = 2000
/** Entries that one outing can hold. */
export const MOST_ENTRIES = 20_000
/** Rigs and lures that one outing can carry. */
export const MOST_CARRIED = 60

/** Where the phone was, by its own account. */
export const Fix = z.strictObject({
  at: Moment,
  latDeg: z.number().min(-90).max(90),
  lonDeg: z.number().min(-180).max(180),
  accuracyM: z.number().min(0).max(100_000),
})
export type Fix = z.infer<typeof Fix>
/** Points of a track that one outing can hold: a day of one every ten seconds. */
export const MOST_FIXES = 6000

/** Friends of one party: two to four, each with a log of his own. */
export const MOST_FRIENDS = 4
/** Turns that one split can hold. */
const MOST_TURNS = 48

/** What one of a party fishes in a turn. */
const Share = z.strictObject({ carriedId: id, wayId: id })

/** Several logs of one day: the kit split among friends, so that what each fishes tells most beside what the others fish. */
export const Party = z
  .strictObject({
    id,
    names: z.array(name).min(2).max(MOST_FRIENDS),
    /** Whose log this is, by his place in the names. */
    who: z
      .number()
      .int()
      .min(0)
      .max(MOST_FRIENDS - 1),
    /** Taken in from a friend’s phone. */
    isFriends: z.literal(true).optional(),
    /** The first turn begins; the same on every phone. */
    startedAt: Moment,
    turnMin: z.number().int().min(5).max(120),
    /** Turn by turn what each fishes, in the order of the names; after the last the first comes again. */
    turns: z.array(z.array(Share).min(2).max(MOST_FRIENDS)).min(1).max(MOST_TURNS),
  })
  .refine(({ names, who, turns }) => who < names.length && turns.every((shares) => shares.length === names.length), {
    error: 'a party has a name for each log and a share for each name',
  })
export type Party = z.infer<typeof Party>

export const Outing = z.strictObject({
  id,
  placeName: name,
  /** Water as it was set at the start. */
  water: Conditions,
  startedAt: Moment,
  effortBy: z.enum(EFFORT_BY),
  carried: z.array(Carried).min(1).max(MOST_CARRIED),
  /** In the order in which they were made; where the clock was set back meanwhile, its times are not. */
  entries: z.array(Entry).max(MOST_ENTRIES),
  note: z.string().max(LONGEST_NOTE).default(''),
  /** The plan it was started from: its lures in the order in which they were taken into the kit. */
  plan: z.strictObject({ id, name, lureIds: z.array(id).max(60) }).optional(),
  /** Where it went, oldest first, where the angler lets the phone say. */
  track: z.array(Fix).max(MOST_FIXES).optional(),
  /** The party it was fished with. */
  party: Party.optional(),
})
export type Outing = z.infer<typeof Outing>

/** Whether it was ended; a friend’s log that is here is never under way here. */
export const isOver = ({ entries, party }: Pick<Outing, 'entries' | 'party'>): boolean =>
  party?.isFriends === true || entries.some((e) => e.kind === 'end')

/** Minutes from one moment to another, never less than none. */
export function minutesBetween(from: string, to: string): number {
  return Math.max(0, (Date.parse(to) - Date.parse(from)) / 60_000)
}
/** Hour of the day on the angler's clock. */
export function hourOf(moment: string): number {
  return Number(moment.slice(11, 13)) + Number(moment.slice(14, 16)) / 60
}

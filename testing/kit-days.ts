import { WORLDS } from '../data/plan'
import type { Box } from '../core/box'
import { createMatchContext, rank, judgedBy, USUAL_PRACTICE, type Ranked } from '../core/match'
import { carry, spotsOf, usualFeature, type Carried, type Outing } from '../core/outing'
import { chooseKit, tableSteps, waterKey, Plan, type Leg } from '../core/plan'
import { seededRandom } from '../core/random'
import { itemAt } from '../core/list'
import { readWater, speciesOf, MOODS, SKIES, type Conditions, type Place } from '../core/water'
import { fishDay, type DayOf } from '../core/practice/fished-day'
import { WORLD } from './world'

/**
 * Kits of as many lures, chosen in several ways the evening before, and fished with the adviser on the simulated lake: same days, same fish, every kit in the match’s order
 * for the water as it is thought to be. The water turns out otherwise by a law that the plan does not know: see `trueWater`.
 */

export const KIT_SIZE = 6
const JUDGING = { ...judgedBy(USUAL_PRACTICE), against: 1 }

const KITS_BY = ['plan', 'noon', 'families', 'legs', 'all'] as const
/** `noon`: the first of the match for noon; `families`: the best of each family there; `legs`: the first of each leg’s match in turn; `all`: the whole list. */
export type KitBy = (typeof KITS_BY)[number]

type LegOf = Pick<Leg, 'id' | 'water' | 'fromH' | 'toH'>

/** A day as it is thought to be. */
export interface DayType {
  readonly name: string
  readonly legs: readonly LegOf[]
}

const leg = (placeId: string, fromH: number, toH: number, over: Partial<Conditions> = {}): LegOf => {
  const water = WORLD.waters.find((w) => w.placeId === placeId)
  if (!water) throw new Error(`${placeId} is not in the demo`)
  return { id: `${placeId} ${fromH}`, water: { ...water, zone: null, ...over } as Conditions, fromH, toH }
}

/** Days on one water, and days of several waters and fish. */
export const ONE_WATER: readonly DayType[] = ['vessamere-north', 'vessamere-south', 'quillskar'].map((id) => ({
  name: id,
  legs: [leg(id, 6, 12)],
}))
export const SEVERAL_WATERS: readonly DayType[] = [
  {
    name: 'perch, pike in the grass, zander at dusk',
    legs: [
      leg('vessamere-north', 6, 9),
      leg('vessamere-south', 11, 14),
      leg('vessamere-north', 20, 23, { speciesId: 'zander' }),
    ],
  },
  {
    name: 'sea trout in the inlet, pike, sea trout in the brook',
    legs: [leg('quillskar', 5, 8), leg('vessamere-south', 11, 14), leg('ottermoss', 20, 23)],
  },
  {
    name: 'perch in the brook, perch and pike on the lake',
    legs: [
      leg('ottermoss', 6, 9, { speciesId: 'perch' }),
      leg('vessamere-north', 11, 14),
      leg('vessamere-north', 18, 21, { speciesId: 'pike' }),
    ],
  },
]

const placeOf = (water: Conditions): Place => {
  const place = WORLD.places.find((p) => p.id === water.placeId)
  if (!place) throw new Error(`${water.placeId} is not in the demo`)
  return place
}

/** The water of an hour as it turns out: visibility lognormal, fish shifted in depth by a normal, any sky, any mood; the fish themselves as sought. */
function trueWater(told: Conditions, hour: number, seed: number): Conditions {
  const random = seededRandom(seed)
  const visibilityM = Math.min(30, Math.max(0.1, told.visibilityM * Math.exp(0.4 * random.normal())))
  const c: Conditions = {
    ...told,
    hour,
    visibilityM,
    sky: random.pick(SKIES),
    mood: random.next() < 0.5 ? told.mood : random.pick(MOODS),
    windMps: told.windMps * Math.exp(0.4 * random.normal()),
  }
  const species = speciesOf(c.speciesId)
  if (!species) return c
  const { topM, bottomM } = readWater(c, placeOf(c), species).zone
  const by = Math.max(-topM, Math.min(c.depthM - bottomM, 0.15 * c.depthM * random.normal()))
  return { ...c, zone: { topM: topM + by, bottomM: bottomM + by } }
}

const known = new WeakMap<Box, Map<string, Ranked[]>>()
/** The match of a water, best first; waters that ask for the same are ranked once. */
function ranked(c: Conditions, box: Box): Ranked[] {
  const context = createMatchContext(c, placeOf(c), box, JUDGING)
  const ofBox = known.get(box) ?? new Map<string, Ranked[]>()
  known.set(box, ofBox)
  const key = waterKey(context)
  const before = ofBox.get(key)
  if (before) return before
  const rows = rank(box, context, box.lures.length, 'lure')
  ofBox.set(key, rows)
  return rows
}
const lureOf = ({ setUp }: Ranked) => setUp.build.lure

/** Lures of a kit, chosen one way. */
function kitOf(by: KitBy, { legs }: DayType, { box, worlds }: Required<Made>): string[] {
  const noonLeg = legs.find(({ fromH, toH }) => fromH <= 12 && 12 <= toH) ?? itemAt(legs, 0)
  const noon = ranked({ ...noonLeg.water, hour: 12 }, box).map(lureOf)
  if (by === 'all') return box.lures.map(({ id }) => id)
  if (by === 'noon') return noon.slice(0, KIT_SIZE).map(({ id }) => id)
  if (by === 'families') {
    const families = [...new Set(noon.map(({ family }) => family))]
    return families.slice(0, KIT_SIZE).map((family) => noon.find((lure) => lure.family === family)?.id ?? '')
  }
  if (by === 'legs') {
    const lists = legs.map(({ water, fromH, toH }) => ranked({ ...water, hour: (fromH + toH) / 2 }, box).map(lureOf))
    const dealt = noon.flatMap((_, i) => lists.flatMap((list) => list[i]?.id ?? []))
    return [...new Set(dealt)].slice(0, KIT_SIZE)
  }
  const plan = Plan.parse({ id: 'plan', name: 'plan', legs, limits: { lures: KIT_SIZE, rods: 6 } })
  const steps = tableSteps(plan, { box, places: WORLD.places, judging: JUDGING }, worlds)
  let step = steps.next()
  while (!step.done) step = steps.next()
  const { on, kit } = chooseKit(step.value, plan)
  return kit.lures.map((row) => step.value.lures[on.lures[row] ?? -1]?.id ?? '')
}

/** An hour as it turns out: what the match puts first in it, and what each lure is worth beside that. */
interface TrueHour {
  readonly first: Carried | undefined
  readonly worth: ReadonlyMap<string, number>
}
interface FishedLeg {
  readonly day: (carried: readonly Carried[], hours: readonly TrueHour[]) => DayOf
  readonly wanted: readonly Carried[]
  readonly truths: readonly (readonly TrueHour[])[]
}

function legOf({ water, fromH, toH }: LegOf, { truthCount, alike, box }: Required<Made>): FishedLeg {
  const told = { ...water, hour: (fromH + toH) / 2 } as Conditions
  const context = createMatchContext(told, placeOf(told), box, JUDGING)
  const carried = (row: Ranked, in_: typeof context) => carry(row.setUp, in_, lureOf(row).id, lureOf(row).name)
  const wanted = ranked(told, box).map((row) => carried(row, context))
  const feature = usualFeature(water)
  const spots = [...spotsOf(1, feature.id), ...spotsOf(2, feature.id).slice(0, 2)]
  const hours = Array.from({ length: toH - fromH }, (_, i) => fromH + i + 0.5)
  const truths = Array.from({ length: truthCount }, (_, truth) =>
    hours.map((hour) => {
      const c = trueWater(told, hour, 1000 * truth + 7)
      const rows = ranked(c, box)
      const [top] = rows
      if (!top) return { first: undefined, worth: new Map<string, number>() }
      const first = carried(top, createMatchContext(c, placeOf(c), box, JUDGING))
      return { first, worth: new Map(rows.map((row) => [lureOf(row).id, row.score / top.score])) }
    }),
  )
  return {
    wanted,
    truths,
    day: (taken, truth) => ({
      carried: taken,
      wanted,
      spots,
      minutes: (toH - fromH) * 60,
      firstAt: (atMin) => truth[Math.floor(atMin / 60)]?.first ?? wanted[0],
      ...(alike ? {} : { suits: ({ lureId }, atMin) => truth[Math.floor(atMin / 60)]?.worth.get(lureId ?? '') ?? 0 }),
      schooling: speciesOf(water.speciesId)?.isSchooling ?? false,
      outing: {
        id: 'day',
        placeName: water.placeId,
        water: told,
        startedAt: '2026-06-12T06:00:00+00:00',
        effortBy: 'clock',
        carried: [...taken],
        entries: [],
        note: '',
      } satisfies Outing,
    }),
  }
}

/** Takes of a seeded day with the kit of each way. */
export interface KitDay {
  readonly kits: Readonly<Record<KitBy, readonly string[]>>
  readonly takes: (by: KitBy, seed: number) => number
}

/** How a day is made ready. */
interface Made {
  /** Ways each leg may truly be, of which a day has one. */
  readonly truthCount?: number
  /** Every lure takes alike but for the hidden likings, whatever the match says of it in the true water. */
  readonly alike?: boolean
  /** What there is to choose from. */
  readonly box?: Box
  /** Worlds that the plan thinks of. */
  readonly worlds?: { readonly waters: number; readonly tastes: number }
}

/** A day of some kind, made ready to be fished. */
export function kitDay(type: DayType, how: Made = {}): KitDay {
  const made = { truthCount: 4, alike: false, box: WORLD.box, worlds: WORLDS, ...how }
  const legs = type.legs.map((one) => legOf(one, made))
  const kits = Object.fromEntries(KITS_BY.map((by) => [by, kitOf(by, type, made)])) as Record<KitBy, string[]>
  return {
    kits,
    takes: (by, seed) =>
      legs.reduce((sum, { day, wanted, truths }, i) => {
        const taken = wanted.filter(({ lureId }) => kits[by].includes(lureId ?? '')).slice(0, 24)
        const truth = truths[(seed + i) % truths.length] ?? []
        return taken.length === 0 ? sum : sum + fishDay(seed * 10 + i, 'advised', day(taken, truth)).takes
      }, 0),
  }
}

import { itemAt } from '../../list'
import { BLOWN_OUT_FROM, blowOutMps, cableForDepth, staysDown, type StaysDown } from '../../motion'
import type { DOINGS } from '../../../data/cadences'
import { LET_OUT } from '../../../data/deliveries'
import { CAUTIONS, CHANGES, FEEL, READY, TELLS } from '../../../data/how-to'
import { familyOf, isWound, type Technique } from '../../tackle'
import { truthDegree, type When } from '../../water'
import type { Ranked } from '../tuned'
import { followerAnswer, type FollowerAnswer } from './follower'
import { downIn, lawBroken, type MatchContext } from '../possible'
import { fitsSetUp, flowHere, sideShare, type OfferTest } from '../asked'
import type { Refusal } from '../refusal'
import type { SetUp } from '../setup'

type Doing = keyof typeof DOINGS

/** One thing that the hand does, and for how long. */
interface Beat {
  readonly does: Doing
  readonly seconds: number
}

/** A way of fishing as a score: once at the start, then over and over. */
export interface Cadence {
  readonly lead: readonly Beat[]
  readonly loop: readonly Beat[]
  /** Length of the loop, s. */
  readonly loopS: number
  /** Turns of the handle a second while winding; null where the rod does it. */
  readonly turnsPerS: number | null
}

type Parts = readonly { readonly does: Doing; readonly part: number }[]

const pullParts = (technique: Technique): Parts =>
  technique.beat ?? [{ does: isWound(technique) ? 'wind' : 'drag', part: 1 }]

/** What of a set-up the hand's work hangs on. */
export interface Worked {
  readonly handling: Pick<SetUp['handling'], 'technique' | 'countDownS' | 'paceMps' | 'restS'>
  readonly outfit: { readonly reel: { readonly linePerTurnM: number } }
}

/** The score of a set-up. The pull keeps its length whatever is done within it, so that the path drawn is the one that is played. */
export function cadenceOf({ handling, outfit }: Worked): Cadence {
  const { technique, countDownS, paceMps, restS } = handling
  const loop: Beat[] = pullParts(technique).map(({ does, part }) => ({ does, seconds: part * technique.pullS }))
  if (restS > 0) loop.push({ does: 'pause', seconds: restS })
  return {
    lead: countDownS > 0 ? [{ does: 'sink', seconds: countDownS }] : [],
    loop,
    loopS: loop.reduce((sum, b) => sum + b.seconds, 0),
    turnsPerS: isWound(technique) ? paceMps / outfit.reel.linePerTurnM : null,
  }
}

/** What is being done at a moment of a score, s from the splash, and how far through it; after the lead the loop goes round. */
export function beatAt(
  { lead, loop, loopS }: Cadence,
  atS: number,
): { index: number; inLead: boolean; through: number } {
  const leadS = lead.reduce((sum, b) => sum + b.seconds, 0)
  const inLead = atS < leadS
  let left = inLead ? atS : (atS - leadS) % loopS
  const beats = inLead ? lead : loop
  for (const [index, { seconds }] of beats.entries()) {
    if (left < seconds) return { index, inLead, through: left / seconds }
    left -= seconds
  }
  return { index: beats.length - 1, inLead, through: 1 }
}

/** A sentence of the trade by its id, and the facts it stands for; words/ has it. */
export interface Note {
  readonly id: NoteId
  readonly facts: readonly number[]
}
type NoteId = (typeof READY | typeof FEEL | typeof TELLS | typeof CHANGES | typeof CAUTIONS)[number]['id']

/** How to fish a set-up in this water. */
export interface HowTo {
  readonly cadence: Cadence
  /** Depth that the count-down lets it sink to, m. */
  readonly sinksToM: number
  readonly ready: readonly Note[]
  readonly feel: readonly Note[]
  readonly tells: readonly Note[]
  readonly changes: readonly Note[]
  /** Whether it stays down in water that moves; null in still water, and for what does not sink. */
  readonly staysDown: StaysDown | null
  /** Cable to let out so that the downrigger's ball hangs where it is wanted, m: its own weight and the pace decide; null where no length gets it down. None without a ball. */
  readonly cable?: { readonly outM: number | null }
  /** Pace at which it comes up and lies on the surface, m/s, null where it stays under; and whether it does so as it is wound here. */
  readonly blowOut: { readonly fromMps: number | null; readonly now: boolean }
  readonly cautions: readonly Note[]
  /** The law of the place, as far as it is written down here. */
  readonly law: PlaceLaw
}

/** What local rules say of hooks here; `rules` as the angler wrote them down. */
export interface PlaceLaw {
  readonly broken: Refusal | null
  readonly singlesOnly: boolean
  readonly mostHooks: number | null
  readonly trebleIsThree: boolean
  readonly mostLures: number | null
  readonly noLead: boolean
  readonly rules: string
}

interface Entry extends Note {
  readonly of: OfferTest
  readonly when?: When
  readonly side?: string
  /** Said of a fish that follows, where that is what is done with it. */
  readonly follower?: FollowerAnswer
}

const MOST = { ready: 3, feel: 2, tells: 7, changes: 5 } as const

export function howToFish(
  { setUp, thrown }: Pick<Ranked, 'setUp' | 'thrown'>,
  { c, reading, place, sides }: MatchContext,
): HowTo {
  const { family } = setUp.build.lure
  const follower = followerAnswer(family, c.speciesId, sides)
  const fitting = <E extends Entry>(table: readonly E[]): E[] =>
    table.filter(
      (e) =>
        fitsSetUp(e.of, setUp) &&
        (!e.when || truthDegree(e.when, reading.features) >= 0.5) &&
        (e.follower ? e.follower === follower : !e.side || sideShare({ side: e.side }, sides, reading.features) >= 0.5),
    )
  const { countDownS } = setUp.handling
  const { path } = thrown
  return {
    cadence: cadenceOf(setUp),
    staysDown: staysDownHere(setUp, thrown, { c, reading, place }),
    ...cableHere(thrown.plan, c, reading),
    blowOut: { fromMps: blowOutMps(thrown.plan), now: thrown.share.blownOut > BLOWN_OUT_FROM },
    sinksToM: countDownS > 0 ? itemAt(path.z, path.retrieveStartIndex) : 0,
    ready: fitting<Entry>(READY).slice(0, MOST.ready),
    feel: fitting<Entry>(FEEL).slice(0, MOST.feel),
    tells: fitting<Entry>(TELLS).slice(0, MOST.tells),
    changes: fitting<Entry>(CHANGES).slice(0, MOST.changes),
    cautions: fitting<Entry>(CAUTIONS),
    law: lawOf(setUp, place),
  }
}

/** Cable for the depth of the ball, at the pace of the boat. */
function cableHere(
  { ballM, retrieveSpeedMps }: Ranked['thrown']['plan'],
  c: MatchContext['c'],
  { density, viscosity }: MatchContext['reading'],
): Pick<HowTo, 'cable'> {
  if (ballM === null) return {}
  const water = { density, viscosity }
  return { cable: { outM: cableForDepth(c.ballKg ?? LET_OUT.ballKg, ballM, retrieveSpeedMps, water) } }
}

/** What stays down of a sinking set-up in this current or drift, lead by lead. */
function staysDownHere(
  { build, outfit, handling }: SetUp,
  { plan }: Ranked['thrown'],
  where: Pick<MatchContext, 'c' | 'reading' | 'place'>,
): StaysDown | null {
  if (flowHere(where.c) <= 0 || familyOf(build.lure.family).swims !== 'sinks') return null
  return staysDown(downIn(plan.motion, outfit.line, handling, plan.castM, where))
}

/** What local rules say of hooks here, and whether a set-up breaks them. */
export function lawOf(setUp: Pick<SetUp, 'build'> | null, place: MatchContext['place']): PlaceLaw {
  const { singlesOnly, mostHooks, trebleIsThree, mostLures, noLead, rules } = place
  const broken = setUp && lawBroken(setUp.build.lure, place)
  return { broken, singlesOnly, mostHooks, trebleIsThree, mostLures, noLead, rules }
}

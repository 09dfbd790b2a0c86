import type { Conditions } from '../water'
import { answerOf } from './answer'
import { alterationsOf, asAltered } from './altered'
import {
  deliveryOfWay,
  minutesBetween,
  type AlteredInHand,
  type Carried,
  type Entry,
  type EntryOf,
  type Outing,
  type Way,
} from './outing'

/** Where on the cover. */
export interface Spot {
  readonly stop: number
  readonly featureId: string
  readonly spotId: string
}

/** What the boat does, as far as it was said. */
export type Boat = Partial<Pick<EntryOf<'boat'>, 'speedMps' | 'lineOutM' | 'side' | 'turn'>>

/** What stays the same for a while: one rig fished in one way at one spot in one water, with the effort and what came of it. */
export interface Stretch {
  /** As it was fished, with what was changed in the hand. */
  readonly carried: Carried
  readonly altered: readonly AlteredInHand[]
  readonly way: Way
  readonly spot: Spot | null
  readonly water: Conditions
  /** Side and turn of a trolled rod; its pace and line out are those of its way. */
  readonly boat: Pick<Boat, 'side' | 'turn'>
  readonly from: string
  readonly to: string
  /** Effort, min: by the clock without the pauses, or the casts times what one takes. */
  readonly minutes: number
  readonly casts: readonly EntryOf<'cast'>[]
  readonly answers: readonly EntryOf<'answer'>[]
}

export const bitesOf = ({ answers }: Pick<Stretch, 'answers'>): number =>
  answers.filter((a) => answerOf(a.answer).bite).length
export const landedOf = ({ answers }: Pick<Stretch, 'answers'>): number =>
  answers.filter((a) => a.answer === 'landed').length

/** The outing at a moment. */
export interface Account {
  readonly stretches: readonly Stretch[]
  /** The stretch under way; null before the first rig, while pausing, and after the end. */
  readonly current: Stretch | null
  readonly inHand: { readonly carried: Carried; readonly way: Way } | null
  readonly spot: Spot | null
  /** Where casts go at this spot: as the last one did, or as advice that was followed asks; null where nobody says. */
  readonly aim: number | null
  readonly water: Conditions
  readonly boat: Boat
  /** Fish that others caught. */
  readonly companions: readonly EntryOf<'companion'>[]
  readonly paused: boolean
  readonly over: boolean
}

interface Open {
  carried: Carried
  altered: readonly AlteredInHand[]
  way: Way
  spot: Spot | null
  water: Conditions
  boat: Pick<Boat, 'side' | 'turn'>
  from: string
  since: string
  minutes: number
  casts: EntryOf<'cast'>[]
  answers: EntryOf<'answer'>[]
}

/** Folds the entries into stretches, up to `now` where the outing is still under way. Entries count in the order in which they were made. */
export function accountOf({ carried, entries, water: first, effortBy }: Outing, now: string): Account {
  const stretches: Stretch[] = []
  let open = null as Open | null
  let inHand: Account['inHand'] = null
  let spot: Spot | null = null
  let aim: number | null = null
  let water = first
  let boat: Boat = {}
  const done = new Map<string, EntryOf<'altered'>[]>()
  const asIs = (rig: Carried) => asAltered(rig, done.get(rig.id) ?? [])
  const companions: EntryOf<'companion'>[] = []
  let paused = false
  let over = false

  const close = (at: string): Stretch | null => {
    if (!open) return null
    const { since, minutes, ...kept } = open
    const clock = minutes + (paused ? 0 : minutesBetween(since, at))
    const spent = effortBy === 'clock' ? clock : (kept.casts.length * kept.way.castS) / 60
    return { ...kept, to: at, minutes: spent }
  }
  const begin = (at: string) => {
    const ended = close(at)
    if (ended && (ended.minutes > 0 || ended.answers.length > 0 || ended.casts.length > 0)) stretches.push(ended)
    if (!inHand || over) return void (open = null)
    const { side, turn } = boat
    const way = trolledAs(inHand.way, boat)
    const told = { ...(side && { side }), ...(turn && { turn }) }
    const isTrolled = way.delivery === 'troll' || way.delivery === 'downrigger'
    const { carried: rig } = inHand
    open = {
      carried: rig,
      altered: alterationsOf(done.get(rig.id) ?? []),
      way,
      spot,
      water,
      boat: isTrolled ? told : {},
      from: at,
      since: at,
      minutes: 0,
      casts: [],
      answers: [],
    }
  }

  for (const entry of entries as readonly Entry[]) {
    switch (entry.kind) {
      case 'rig': {
        const rig = carried.find((c) => c.id === entry.carriedId)
        const way = rig?.ways.find((w) => w.id === entry.wayId)
        if (rig && way) inHand = { carried: asIs(rig), way }
        // The boat keeps its pace; line is let out anew.
        const { lineOutM: _, ...kept } = boat
        boat = kept
        begin(entry.at)
        break
      }
      case 'boat': {
        const { id: _, at: __, kind: ___, ...told } = entry
        boat = { ...boat, ...told }
        begin(entry.at)
        break
      }
      case 'altered': {
        const rig = carried.find((c) => c.id === entry.carriedId)
        if (!rig) break
        done.set(rig.id, [...(done.get(rig.id) ?? []), entry])
        if (inHand?.carried.id !== rig.id) break
        inHand = { carried: asIs(rig), way: inHand.way }
        begin(entry.at)
        break
      }
      case 'spot':
        spot = { stop: entry.stop, featureId: entry.featureId, spotId: entry.spotId }
        aim = null
        begin(entry.at)
        break
      case 'reading': {
        const { id: _, at: __, kind: ___, ...read } = entry
        const depthM = read.depthM ?? water.depthM
        const zone = water.zone && water.zone.bottomM <= depthM ? water.zone : null
        const cover = { ...water.cover, topM: Math.min(water.cover.topM, depthM) }
        water = { ...water, ...read, depthM, zone, cover }
        begin(entry.at)
        break
      }
      case 'cast':
        open?.casts.push(entry)
        aim = entry.aim ?? aim
        break
      case 'advice':
        if (entry.taken) aim = entry.aim ?? aim
        break
      case 'companion':
        companions.push(entry)
        break
      case 'answer':
        open?.answers.push(entry)
        break
      case 'pause':
        if (open && !paused) open.minutes += minutesBetween(open.since, entry.at)
        paused = true
        break
      case 'resume':
        if (open && paused) open.since = entry.at
        paused = false
        break
      case 'lost-lure':
        begin(entry.at)
        break
      case 'end':
        over = true
        begin(entry.at)
        break
      default:
        break
    }
  }
  const current = close(now)
  return {
    stretches: current ? [...stretches, current] : stretches,
    current: over ? null : current,
    inHand: over ? null : inHand,
    spot,
    aim,
    water,
    boat,
    companions,
    paused,
    over,
  }
}

/** A way as the boat makes it: drawn at its pace, on the line that is out. */
function trolledAs(way: Way, { speedMps, lineOutM }: Boat): Way {
  if (deliveryOfWay(way).pace !== 'boat') return way
  return { ...way, retrieveSpeedMps: speedMps ?? way.retrieveSpeedMps, castM: lineOutM ?? way.castM }
}

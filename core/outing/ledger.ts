import type { Conditions } from '../water'
import { alterationsOf, asAltered } from './altered'
import { deliveryOfWay, minutesBetween, type Carried, type EntryOf, type Outing, type Way } from './outing'
import type { Account, Boat, Spot, Stretch } from './account'

/** A stretch that is still being written. */
type Open = Omit<Stretch, 'to' | 'minutes' | 'casts' | 'answers'> & {
  since: string
  minutes: number
  casts: EntryOf<'cast'>[]
  answers: EntryOf<'answer'>[]
}

/** The outing while its entries are read one after another: what holds now, and the stretches so far. Entries change it by the rows of `entry-kinds.ts`. */
export class Ledger {
  inHand: Account['inHand'] = null
  spot: Spot | null = null
  aim: number | null = null
  water: Conditions
  boat: Boat = {}
  paused = false
  over = false
  readonly companions: EntryOf<'companion'>[] = []
  private readonly stretches: Stretch[] = []
  private open: Open | null = null
  private readonly done = new Map<string, EntryOf<'altered'>[]>()

  constructor(private readonly outing: Pick<Outing, 'carried' | 'water' | 'effortBy'>) {
    this.water = outing.water
  }

  carried(id: string): Carried | undefined {
    return this.outing.carried.find((c) => c.id === id)
  }

  /** Takes a rig into the hand, as it is by now, in one of its ways. */
  take(rig: Carried, way: Way): void {
    this.inHand = { carried: asAltered(rig, this.done.get(rig.id) ?? []), way }
  }

  /** A lure was changed; whether it is the one in the hand. */
  alter(rig: Carried, entry: EntryOf<'altered'>): boolean {
    this.done.set(rig.id, [...(this.done.get(rig.id) ?? []), entry])
    if (this.inHand?.carried.id !== rig.id) return false
    this.take(rig, this.inHand.way)
    return true
  }

  cast(entry: EntryOf<'cast'>): void {
    this.open?.casts.push(entry)
  }

  answer(entry: EntryOf<'answer'>): void {
    this.open?.answers.push(entry)
  }

  pause(at: string): void {
    if (this.open && !this.paused) this.open.minutes += minutesBetween(this.open.since, at)
    this.paused = true
  }

  resume(at: string): void {
    if (this.open && this.paused) this.open.since = at
    this.paused = false
  }

  /** Ends the stretch under way, and begins the next with what holds now. */
  begin(at: string): void {
    const ended = this.close(at)
    if (ended && (ended.minutes > 0 || ended.answers.length > 0 || ended.casts.length > 0)) this.stretches.push(ended)
    this.open = this.inHand && !this.over ? this.opened(this.inHand, at) : null
  }

  private opened(inHand: NonNullable<Account['inHand']>, at: string): Open {
    const { side, turn } = this.boat
    const way = trolledAs(inHand.way, this.boat)
    const isTrolled = way.delivery === 'troll' || way.delivery === 'downrigger'
    return {
      carried: inHand.carried,
      altered: alterationsOf(this.done.get(inHand.carried.id) ?? []),
      way,
      spot: this.spot,
      water: this.water,
      boat: isTrolled ? { ...(side && { side }), ...(turn && { turn }) } : {},
      from: at,
      since: at,
      minutes: 0,
      casts: [],
      answers: [],
    }
  }

  private close(at: string): Stretch | null {
    if (!this.open) return null
    const { since, minutes, ...kept } = this.open
    const clock = minutes + (this.paused ? 0 : minutesBetween(since, at))
    const spent = this.outing.effortBy === 'clock' ? clock : (kept.casts.length * kept.way.castS) / 60
    return { ...kept, to: at, minutes: spent }
  }

  /** The outing as it stands at a moment. */
  account(now: string): Account {
    const current = this.close(now)
    const { spot, aim, water, boat, companions, paused, over } = this
    return {
      stretches: current ? [...this.stretches, current] : this.stretches,
      current: over ? null : current,
      inHand: over ? null : this.inHand,
      spot,
      aim,
      water,
      boat,
      companions,
      paused,
      over,
    }
  }
}

/** A way as the boat makes it: drawn at its pace, on the line that is out. */
function trolledAs(way: Way, { speedMps, lineOutM }: Boat): Way {
  if (deliveryOfWay(way).pace !== 'boat') return way
  return { ...way, paceMps: speedMps ?? way.paceMps, castM: lineOutM ?? way.castM }
}

import {
  levelsOf,
  ORDERED,
  type AnswerId,
  type Carried,
  type Levels,
  type Spot,
  type Variable,
  type Way,
} from '../outing'
import { LAKE } from '../../data/lake'
import { seededRandom, type SeededRandom } from '../random'

/**
 * A lake of simulated fish, to hold the adviser against and to practise on; its figures are those of data/lake. What it assumes:
 *
 * 1. Fish come past in schools. Schools reach a spot at random (Poisson), so many an hour at a middling spot, of one to four fish.
 * 2. Spots differ: each draws its own number of schools for the day, from a third to twice the middle.
 * 3. Each day has a hidden liking: for each of seven variables one step that fish want. As often as data/lake says it is the step of the rig that the
 *    match puts first, else it is drawn evenly from the steps of what is carried. Where the water is told hour by hour, the step of the first rig goes
 *    with it: fish want what the match puts first in the water as it truly is at that hour.
 * 4. On a `marked` day one to three of the variables matter much and the others little: a fish takes a lure with the product over variables of 1 where
 *    the step is the wanted one, of 0.05 to 0.35 (much) or 0.8 to 1 (little) where it is far off, and half-way between for a neighbouring step. On a
 *    `mild` day all matter alike, 0.3 to 0.95, so that whatever is thrown takes its share; the first version of this lake had mild days only.
 * 5. The liking shifts two to four times a day, at hidden moments: one or two variables want another step, and the schools of the best spot move to
 *    another one, which gives its own in return. On a mild day all spots are drawn anew.
 * 6. A fish that does not take shows itself in a third of the cases, and how it does tells of what was most wrong: too big or too loud, a peck; colour
 *    or action, a slap; speed, cadence or depth, a follow. In one showing of four the sign is a random one.
 * 7. Fish get used to a lure: after each take at a spot the same lure takes a tenth less there, and this wears off by half in an hour.
 * 8. Where the water is told hour by hour, a rig’s chance is also that share of the first rig’s which the match gives it in the true water: a lure that is never brought
 *    to the fish takes none. Without that, any lure takes as well as another but for the likings above.
 * 9. A fish that takes is landed three times in four. A fish landed costs two minutes, a changed rig one and a half, a changed spot four.
 */
const LIKED = ['depth', 'speed', 'cadence', 'size', 'colour', 'action', 'sound'] as const satisfies readonly Variable[]
export type Liked = (typeof LIKED)[number]

export interface Fishing {
  readonly carried: Carried
  readonly way: Way
  readonly spot: Spot | null
}
export interface Shown {
  readonly answer: AnswerId
  /** For what was landed. */
  readonly hooked: 'inside' | 'edge' | 'outside' | null
  readonly ate: 'winding' | 'pause' | 'fall' | null
  readonly lengthM: number | null
}

interface Liking {
  /** Step that is wanted; null: that of the rig which the match puts first in the water as it is by then. */
  readonly wants: Record<Liked, string | null>
  readonly spots: ReadonlyMap<string, number>
}

const SIGNS: Readonly<Record<Liked, AnswerId>> = {
  size: 'peck',
  sound: 'peck',
  colour: 'slap',
  action: 'slap',
  speed: 'follow',
  cadence: 'follow',
  depth: 'follow',
}

/** What a lake is made of. */
export interface LakeOf {
  /** What fish may want; the match’s own first. */
  readonly carried: readonly Carried[]
  readonly spots: readonly Spot[]
  readonly depthM: number
  readonly dayMin: number
  readonly day?: 'marked' | 'mild'
  /** What the match puts first in the water as it truly is at a minute; where nothing is said, the first that is carried. */
  readonly firstAt?: (atMin: number) => Carried | undefined
  /** What a rig is worth in that water beside the first, 0 … 1; where nothing is said, all alike. */
  readonly suits?: (carried: Carried, atMin: number) => number
  /** For a lesson: what is not left to chance. */
  readonly set?: LakeSet
  /** Another draw of the schools and takes of the same day: its likings stay. */
  readonly luck?: number
}
export interface LakeSet {
  /** What matters much; all else matters little. */
  readonly much: readonly Liked[]
  /** Whether fish want something else of it than the first rig has. */
  readonly firstIsWrong: boolean
  readonly shifts: number
  /** Whether the schools move at a shift, or what fish want. */
  readonly shiftOf: 'spots' | 'likings'
}

/** What fish want from a minute on. */
export interface Truth {
  readonly fromMin: number
  readonly wants: Readonly<Record<Liked, string>>
  readonly spots: ReadonlyMap<string, number>
}

export class Lake {
  private readonly random: SeededRandom
  private readonly matters: Record<Liked, number>
  private readonly likings: { fromMin: number; liking: Liking }[] = []
  private readonly tired = new Map<string, { atMin: number; by: number }>()
  /** What matters much, in no order. */
  readonly much: readonly Liked[]

  constructor(
    seed: number,
    private readonly of: LakeOf,
  ) {
    this.random = seededRandom(seed)
    const { random } = this
    const { set, day = 'marked' } = of
    const drawn = random.shuffled(LIKED).slice(0, day === 'marked' ? 1 + Math.floor(random.next() * LAKE.mostMuch) : 0)
    this.much = set?.much ?? drawn
    const between = ([from, to]: readonly [number, number]) => from + (to - from) * random.next()
    const far = (v: Liked) => {
      if (day === 'mild') return between(LAKE.far.mild)
      return between(this.much.includes(v) ? LAKE.far.much : LAKE.far.little)
    }
    this.matters = Object.fromEntries(LIKED.map((v) => [v, far(v)])) as Record<Liked, number>
    const first = this.firstLiking()
    this.likings.push({ fromMin: 0, liking: first })
    const [least, most] = LAKE.shifts
    const count = least + Math.floor(random.next() * (most - least + 1))
    const shifts = Array.from({ length: set?.shifts ?? count }, () => random.next() * of.dayMin).sort((a, b) => a - b)
    let now = first
    for (const fromMin of shifts) {
      now = this.shifted(now)
      this.likings.push({ fromMin, liking: now })
    }
    if (of.luck !== undefined) this.random = seededRandom(of.luck)
  }

  private steps(v: Liked): string[] {
    const all = this.of.carried.flatMap((carried) =>
      carried.ways.map((way) => this.levels({ carried, way, spot: null })[v]),
    )
    return [...new Set(all)].sort()
  }
  private levels(fishing: Fishing): Levels {
    return levelsOf(fishing, { depthM: this.of.depthM })
  }
  private firstLiking(): Liking {
    const { random } = this
    const wanted = (v: Liked): string | null => {
      if (random.next() < LAKE.fitRight && !this.mustBeWrong(v)) return null
      const steps = this.steps(v)
      const others = this.mustBeWrong(v) ? steps.filter((step) => step !== this.fitAt(0)[v]) : steps
      return random.pick(others.length > 0 ? others : steps)
    }
    const wants = Object.fromEntries(LIKED.map((v) => [v, wanted(v)])) as Record<Liked, string | null>
    return { wants, spots: this.drawnSpots() }
  }
  private mustBeWrong(v: Liked): boolean {
    return this.of.set?.firstIsWrong === true && this.of.set.much.includes(v)
  }
  private fitAt(atMin: number): Levels {
    const top = this.of.firstAt ? this.of.firstAt(atMin) : this.of.carried[0]
    const way = top?.ways[0]
    if (!top || !way) throw new Error('a lake needs something that is carried')
    return this.levels({ carried: top, way, spot: null })
  }
  private drawnSpots(): Map<string, number> {
    return new Map(this.of.spots.map((s) => [keyOf(s), LAKE.poorestSpot * LAKE.bestOverPoorest ** this.random.next()]))
  }
  private movedSpots(spots: ReadonlyMap<string, number>): ReadonlyMap<string, number> {
    if (this.of.day === 'mild' || spots.size < 2) return this.drawnSpots()
    const [best] = [...spots].reduce((a, b) => (b[1] > a[1] ? b : a))
    const other = this.random.pick([...spots.keys()].filter((key) => key !== best))
    return new Map(spots).set(best, spots.get(other) ?? 1).set(other, spots.get(best) ?? 1)
  }
  private shifted({ wants, spots }: Liking): Liking {
    const { random } = this
    const next = { ...wants }
    const shiftOf = this.of.set?.shiftOf
    if (shiftOf === 'spots') return { wants, spots: this.movedSpots(spots) }
    for (let i = 0; i < 1 + Math.floor(random.next() * 2); i++) {
      const v = random.pick(LIKED)
      next[v] = random.pick(this.steps(v))
    }
    return { wants: next, spots: shiftOf === 'likings' ? spots : this.movedSpots(spots) }
  }

  private likingAt(atMin: number): Liking {
    const found = this.likings.filter((l) => l.fromMin <= atMin).at(-1)
    if (!found) throw new RangeError(`no minute ${atMin} on the lake`)
    return found.liking
  }
  /** What fish truly want, from shift to shift. */
  truths(): Truth[] {
    return this.likings.map(({ fromMin, liking }) => {
      const fit = this.fitAt(fromMin)
      const wants = Object.fromEntries(LIKED.map((v) => [v, liking.wants[v] ?? fit[v]])) as Record<Liked, string>
      return { fromMin, wants, spots: liking.spots }
    })
  }

  /** How far a fish is won by one variable, 0 … 1. */
  private won(v: Liked, has: string, wants: string): number {
    if (has === wants) return 1
    const far = this.matters[v]
    return ORDERED.has(v) && Math.abs(Number(has) - Number(wants)) === 1 ? (1 + far) / 2 : far
  }
  private wonBy(atMin: number, fishing: Fishing): { v: Liked; won: number }[] {
    const { wants } = this.likingAt(atMin)
    const [levels, fit] = [this.levels(fishing), this.fitAt(atMin)]
    return LIKED.map((v) => ({ v, won: this.won(v, levels[v], wants[v] ?? fit[v]) }))
  }
  private schoolsPerMin(atMin: number, { spot }: Fishing): number {
    const { spots } = this.likingAt(atMin)
    return (LAKE.schoolsPerH / 60) * (spot ? (spots.get(keyOf(spot)) ?? 1) : 1)
  }
  private suits(carried: Carried, atMin: number): number {
    return this.of.suits ? this.of.suits(carried, atMin) : 1
  }
  /** How well a lure still takes at a spot, beside one that was not shown there, 0 … 1. */
  private freshness(atMin: number, fishing: Fishing): number {
    const tired = this.tired.get(shownKey(fishing))
    return tired ? 1 - (1 - tired.by) * 0.5 ** ((atMin - tired.atMin) / LAKE.usedHalfMin) : 1
  }

  /**
   * Takes that a minute of fishing brings on the average.
   * @example at a middling spot, with all that fish want: 5 schools an hour of 2.5 fish make 0.21 a minute
   */
  expected(atMin: number, fishing: Fishing): number {
    const chance = this.wonBy(atMin, fishing).reduce((p, { won }) => p * won, this.suits(fishing.carried, atMin))
    return (this.schoolsPerMin(atMin, fishing) * (1 + LAKE.mostInSchool) * chance) / 2
  }

  /** What is shown in a minute of fishing, oldest first. */
  minute(atMin: number, fishing: Fishing): Shown[] {
    const { random } = this
    const byVariable = this.wonBy(atMin, fishing)
    const used = this.freshness(atMin, fishing)
    const takes = byVariable.reduce((p, { won }) => p * won, used * this.suits(fishing.carried, atMin))
    const schools = random.poisson(this.schoolsPerMin(atMin, fishing))
    const shown: Shown[] = []
    for (let i = 0; i < schools; i++)
      for (let fish = 1 + Math.floor(random.next() * LAKE.mostInSchool); fish > 0; fish--) {
        if (random.next() < takes) {
          shown.push(this.take(fishing))
          this.tired.set(shownKey(fishing), { atMin, by: used * LAKE.usedToIt })
        } else if (random.next() < LAKE.shows) {
          const worst = byVariable.reduce((a, b) => (b.won < a.won ? b : a))
          const answer =
            random.next() < LAKE.honestSign ? SIGNS[worst.v] : random.pick(['peck', 'slap', 'follow'] as const)
          shown.push({ answer, hooked: null, ate: null, lengthM: null })
        }
      }
    return shown
  }

  private take({ way }: Fishing): Shown {
    const { random } = this
    const ate = way.restS > 0 && random.next() < 0.7 ? 'pause' : 'winding'
    if (random.next() >= LAKE.lands) return { answer: 'lost', hooked: null, ate, lengthM: null }
    return {
      answer: 'landed',
      hooked: random.next() < 0.7 ? 'inside' : 'edge',
      ate,
      lengthM: 0.18 + 0.2 * random.next() ** 2,
    }
  }
}

const keyOf = ({ stop, spotId }: Spot) => `${stop}:${spotId}`
const shownKey = ({ carried, spot }: Fishing) => `${carried.id} ${spot?.stop}:${spot?.spotId}`

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
import { seededRandom, type SeededRandom } from '../random'

/**
 * A lake of simulated fish, to hold the adviser against. Written before the adviser was tuned; what it assumes:
 *
 * 1. Fish come past in schools. Schools reach a spot at random (Poisson), about `SCHOOLS_PER_H` an hour at a middling spot, of one to four fish.
 * 2. Spots differ: each draws its own number of schools for the day, from a third to twice the middle.
 * 3. Each day has a hidden liking: for each of seven variables one step that fish want. With chance `FIT_RIGHT` it is the step of the rig that the
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
const SCHOOLS_PER_H = 5
const FIT_RIGHT = 0.4
const LIKED = ['depth', 'speed', 'cadence', 'size', 'colour', 'action', 'sound'] as const satisfies readonly Variable[]
type Liked = (typeof LIKED)[number]

export const COST_MIN = { fish: 2, rig: 1.5, spot: 4 } as const
const SHOWS = 1 / 3
const HONEST_SIGN = 0.75
const LANDS = 0.75
const USED_TO_IT = 0.9
const USED_HALF_MIN = 60

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

export class Lake {
  private readonly random: SeededRandom
  private readonly matters: Record<Liked, number>
  private readonly likings: { fromMin: number; liking: Liking }[] = []
  private readonly tired = new Map<string, { atMin: number; by: number }>()

  constructor(
    seed: number,
    private readonly carried: readonly Carried[],
    private readonly spots: readonly Spot[],
    private readonly depthM: number,
    dayMin: number,
    private readonly day: 'marked' | 'mild' = 'marked',
    private readonly firstAt: (atMin: number) => Carried | undefined = () => carried[0],
    private readonly suits: (carried: Carried, atMin: number) => number = () => 1,
  ) {
    this.random = seededRandom(seed)
    const { random } = this
    const much = random.shuffled(LIKED).slice(0, day === 'marked' ? 1 + Math.floor(random.next() * 3) : 0)
    const far = (v: Liked) => {
      if (day === 'mild') return 0.3 + 0.65 * random.next()
      return much.includes(v) ? 0.05 + 0.3 * random.next() : 0.8 + 0.2 * random.next()
    }
    this.matters = Object.fromEntries(LIKED.map((v) => [v, far(v)])) as Record<Liked, number>
    const first = this.firstLiking()
    this.likings.push({ fromMin: 0, liking: first })
    const shifts = Array.from({ length: 2 + Math.floor(random.next() * 3) }, () => random.next() * dayMin).sort(
      (a, b) => a - b,
    )
    let now = first
    for (const fromMin of shifts) {
      now = this.shifted(now)
      this.likings.push({ fromMin, liking: now })
    }
  }

  private steps(v: Liked): string[] {
    const all = this.carried.flatMap((carried) =>
      carried.ways.map((way) => this.levels({ carried, way, spot: null })[v]),
    )
    return [...new Set(all)].sort()
  }
  private levels(fishing: Fishing): Levels {
    return levelsOf(fishing, { depthM: this.depthM })
  }
  private firstLiking(): Liking {
    const { random } = this
    const wants = Object.fromEntries(
      LIKED.map((v) => [v, random.next() < FIT_RIGHT ? null : random.pick(this.steps(v))]),
    ) as Record<Liked, string | null>
    return { wants, spots: this.drawnSpots() }
  }
  private fitAt(atMin: number): Levels {
    const top = this.firstAt(atMin)
    const way = top?.ways[0]
    if (!top || !way) throw new Error('a lake needs something that is carried')
    return this.levels({ carried: top, way, spot: null })
  }
  private drawnSpots(): Map<string, number> {
    return new Map(this.spots.map((s) => [`${s.stop}:${s.spotId}`, (1 / 3) * 6 ** this.random.next()]))
  }
  private movedSpots(spots: ReadonlyMap<string, number>): ReadonlyMap<string, number> {
    if (this.day === 'mild' || spots.size < 2) return this.drawnSpots()
    const [best] = [...spots].reduce((a, b) => (b[1] > a[1] ? b : a))
    const other = this.random.pick([...spots.keys()].filter((key) => key !== best))
    return new Map(spots).set(best, spots.get(other) ?? 1).set(other, spots.get(best) ?? 1)
  }
  private shifted({ wants, spots }: Liking): Liking {
    const { random } = this
    const next = { ...wants }
    for (let i = 0; i < 1 + Math.floor(random.next() * 2); i++) {
      const v = random.pick(LIKED)
      next[v] = random.pick(this.steps(v))
    }
    return { wants: next, spots: this.movedSpots(spots) }
  }

  /** How far a fish is won by one variable, 0 … 1. */
  private won(v: Liked, has: string, wants: string): number {
    if (has === wants) return 1
    const far = this.matters[v]
    return ORDERED.has(v) && Math.abs(Number(has) - Number(wants)) === 1 ? (1 + far) / 2 : far
  }

  /** What is shown in a minute of fishing, oldest first. */
  minute(atMin: number, fishing: Fishing): Shown[] {
    const { random } = this
    const { liking } = this.likings.filter((l) => l.fromMin <= atMin).at(-1) ?? { liking: null }
    if (!liking) return []
    const levels = this.levels(fishing)
    const fit = this.fitAt(atMin)
    const byVariable = LIKED.map((v) => ({ v, won: this.won(v, levels[v], liking.wants[v] ?? fit[v]) }))
    const key = `${fishing.carried.id} ${fishing.spot?.stop}:${fishing.spot?.spotId}`
    const tired = this.tired.get(key)
    const used = tired ? 1 - (1 - tired.by) * 0.5 ** ((atMin - tired.atMin) / USED_HALF_MIN) : 1
    const takes = byVariable.reduce((p, { won }) => p * won, used * this.suits(fishing.carried, atMin))
    const schools = random.poisson(
      (SCHOOLS_PER_H / 60) *
        (fishing.spot ? (liking.spots.get(`${fishing.spot.stop}:${fishing.spot.spotId}`) ?? 1) : 1),
    )
    const shown: Shown[] = []
    for (let i = 0; i < schools; i++)
      for (let fish = 1 + Math.floor(random.next() * 4); fish > 0; fish--) {
        if (random.next() < takes) {
          shown.push(this.take(fishing))
          this.tired.set(key, { atMin, by: used * USED_TO_IT })
        } else if (random.next() < SHOWS) {
          const worst = byVariable.reduce((a, b) => (b.won < a.won ? b : a))
          const answer = random.next() < HONEST_SIGN ? SIGNS[worst.v] : random.pick(['peck', 'slap', 'follow'] as const)
          shown.push({ answer, hooked: null, ate: null, lengthM: null })
        }
      }
    return shown
  }

  private take({ way }: Fishing): Shown {
    const { random } = this
    const ate = way.pauseS > 0 && random.next() < 0.7 ? 'pause' : 'winding'
    if (random.next() >= LANDS) return { answer: 'lost', hooked: null, ate, lengthM: null }
    return {
      answer: 'landed',
      hooked: random.next() < 0.7 ? 'inside' : 'edge',
      ate,
      lengthM: 0.18 + 0.2 * random.next() ** 2,
    }
  }
}

import { TASTE, TASTE_STEP } from '../../data/plan'
import { seededRandom, type SeededRandom } from '../random'
import { COLOUR_GROUPS, SOUNDS, groupShares, lureAction, seenLengthM, type Lure } from '../tackle'

/** What the rules cannot know: on the day fish may want another size, colour, action, sound or kind than practice says. */

/** One taste: how much more each step is wanted, as a standard normal. */
export interface Taste {
  readonly size: number
  readonly vibration: number
  readonly flash: number
  readonly colour: Readonly<Record<string, number>>
  readonly sound: Readonly<Record<string, number>>
  /** A family’s own draw, by its name; the same name, the same draw. */
  readonly family: (id: string) => number
}

const names = (ids: readonly string[], random: SeededRandom, sign: number) =>
  Object.fromEntries(ids.map((id) => [id, sign * random.normal()]))

function tasteOf(seed: number, sign: 1 | -1): Taste {
  const random = seededRandom(seed)
  const [size, vibration, flash] = [random.normal(), random.normal(), random.normal()]
  const colour = names(COLOUR_GROUPS, random, sign)
  const sound = names(SOUNDS, random, sign)
  const families = new Map<string, number>()
  return {
    size: sign * size,
    vibration: sign * vibration,
    flash: sign * flash,
    colour,
    sound,
    family: (id) => {
      const known = families.get(id)
      if (known !== undefined) return known
      const mark = [...id].reduce((sum, letter) => (sum * 31 + letter.charCodeAt(0)) % 100_003, 7)
      const drawn = sign * seededRandom(seed * 100_003 + mark).normal()
      families.set(id, drawn)
      return drawn
    },
  }
}

/** So many tastes, in pairs of opposites: what one wants more the other wants less. */
export const drawTastes = (count: number, seed: number): Taste[] =>
  Array.from({ length: count }, (_, i) => tasteOf(seed + Math.floor(i / 2), i % 2 === 0 ? 1 : -1))

/** Lengths from which size is told, m; and how many steps away still counts. */
const USUAL_LENGTH_M = 0.08
const FAR = 2

/**
 * How much more or less a lure is wanted in each taste, as factors on its chance; over all tastes their mean is 1, so that a lure by itself is worth what the match says.
 */
export function tasteFactors(
  lure: Pick<Lure, 'family' | 'traits' | 'hooks' | 'lengthM' | 'make' | 'colour' | 'sound'>,
  tastes: readonly Taste[],
): Float64Array {
  const action = lureAction(lure)
  const shares = groupShares(lure.colour)
  const steps = Math.log(seenLengthM(lure as Lure) / USUAL_LENGTH_M) / Math.log(TASTE_STEP)
  const size = Math.min(FAR, Math.max(-FAR, steps))
  const factors = Float64Array.from(tastes, (taste) => {
    const colour = COLOUR_GROUPS.reduce((sum, g) => sum + shares[g] * (taste.colour[g] ?? 0), 0)
    return Math.exp(
      TASTE.size * taste.size * size +
        TASTE.vibration * taste.vibration * (2 * action.vibration - 1) +
        TASTE.flash * taste.flash * (2 * action.flash - 1) +
        TASTE.colour * colour +
        TASTE.sound * (taste.sound[lure.sound] ?? 0) +
        TASTE.family * taste.family(lure.family),
    )
  })
  const mean = factors.reduce((sum, f) => sum + f, 0) / Math.max(1, factors.length)
  return factors.map((f) => f / mean)
}

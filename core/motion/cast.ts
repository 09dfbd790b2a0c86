import type { DeliveryId, Rod } from '../tackle'
import {
  CAST_ANGLES_DEG,
  CAST_FROM_M,
  FLIES_AT,
  HARDEST_SWING_J,
  FARTHER,
  ORDINARY_CAST,
  PITCH_M,
  ROD_THROWS,
} from '../../data/casting'
import { bisect } from '../bisect'
import type { BuildMotion } from './types'
import { CALM, castDistanceM, type CastWind, type FlyingLine } from './flight'

/** What is thrown: mass kg, drag area in the air m². */
export interface Projectile {
  readonly massKg: number
  readonly dragM2: number
}

/** What throws it. */
export interface Thrower {
  readonly rod: Pick<Rod, 'type' | 'lengthM' | 'lureMinKg' | 'lureMaxKg'>
  readonly line: Omit<FlyingLine, 'guides'>
}

/**
 * Drag area of a build in the air, m². It flies heavy end first: lip, blade and tail trail and do not work as they do in the water, nor does it lie broadside as in its
 * fall; {@link FLIES_AT} of the smaller of the two.
 *
 * @example airDragM2({ towDragAreaM2: 17e-4, sinkDragAreaM2: 10e-4 }) // 0.6 · 10e-4
 */
export function airDragM2({
  towDragAreaM2,
  sinkDragAreaM2,
  airDragBy = 1,
}: Pick<BuildMotion, 'towDragAreaM2' | 'sinkDragAreaM2' | 'airDragBy'>): number {
  return FLIES_AT * Math.min(towDragAreaM2, sinkDragAreaM2) * airDragBy
}

const middleKg = (rod: Thrower['rod']) => Math.sqrt(rod.lureMinKg * rod.lureMaxKg)
const ORDINARY_POWER = middleKg(ORDINARY_CAST.rod) * ORDINARY_CAST.rod.lengthM

/**
 * Speed at which a lure leaves the tip, m/s, v = √(2E / (m + tip)). `swingJ` is what the angler gives on an ordinary rod; E grows with the rod's middle weight
 * and its length. Too light a lure does not load the rod and
 * leaves no faster than its lightest; too heavy a one is lobbed, the energy falls as its weight rises.
 *
 * @example launchSpeedMps(5, 0.015, ORDINARY_CAST.rod) // √(10 / 0.029) = 18.6
 */
export function launchSpeedMps(swingJ: number, massKg: number, rod: Thrower['rod']): number {
  const tip = ROD_THROWS.tip * middleKg(rod) + ROD_THROWS.spoolKg[rod.type]
  const energyJ = (swingJ * middleKg(rod) * rod.lengthM) / ORDINARY_POWER
  const eased = Math.min(1, rod.lureMaxKg / massKg)
  return Math.sqrt((2 * energyJ * eased) / (Math.max(massKg, rod.lureMinKg) + tip))
}

/** Length of a cast, m, by the swing: what the rod gives, what air, line and guides take ({@link castDistanceM}). Into the wind it is thrown flatter. */
export function castBySwingM(swingJ: number, { massKg, dragM2 }: Projectile, by: Thrower, wind = CALM): number {
  const guides = ROD_THROWS.guides[by.rod.type]
  const at = (angleDeg: number) =>
    castDistanceM({
      launchMps: launchSpeedMps(swingJ, massKg, by.rod),
      massKg,
      dragM2,
      angleDeg,
      fromM: CAST_FROM_M,
      wind,
      line: { ...by.line, guides },
    })
  const usual = at(CAST_ANGLES_DEG.usual)
  return wind.behindMps < 0 ? Math.max(usual, at(CAST_ANGLES_DEG.intoWind)) : usual
}

/** The swing, J, that casts something so far, by bisection; the hardest swing there is ({@link HARDEST_SWING_J}) where even that casts it less far. */
export function swingForCast(castM: number, thrown: Projectile = ORDINARY_CAST, by: Thrower = ORDINARY_CAST): number {
  return bisect((joule) => castBySwingM(joule, thrown, by) < castM, 0.01, HARDEST_SWING_J, {
    steps: 40,
    by: 'ratio',
  })
}

/** How an angler casts on a water. */
export interface CastHand {
  /** The comfortable cast there, m: {@link ORDINARY_CAST}. */
  readonly comfortableM: number
  readonly swingJ: number
  readonly wind: CastWind
}

/** A hand that casts so far in calm air. */
export const handOf = (comfortableM: number, wind = CALM): CastHand => ({
  comfortableM,
  swingJ: swingForCast(comfortableM),
  wind,
})

/**
 * The farthest that anything is thrown on a water of such comfortable casts, m: where they are short there is no room for more.
 *
 * @example mostCastM(30) // 66; mostCastM(12) is 17.8
 */
export const mostCastM = (comfortableM: number): number =>
  comfortableM * (1 + Math.min(FARTHER.most, FARTHER.perM * comfortableM))

/**
 * Length of the cast of a build on its tackle, m: the angler's own casts with this very lure where they were measured, else by the law of all masses; never much
 * beyond what is comfortable on the water at hand ({@link mostCastM}).
 * @param bySwing the law, where it has been worked out already
 */
export function castLengthM(
  { comfortableM, swingJ, wind }: CastHand,
  motion: BuildMotion,
  massKg: number,
  by: Thrower,
  delivery: DeliveryId,
  bySwing = (thrown: Projectile) => castBySwingM(swingJ, thrown, by, wind),
): number {
  const far = motion.castM ?? bySwing({ massKg, dragM2: airDragM2(motion) })
  const most = Math.min(far, mostCastM(comfortableM))
  return delivery === 'pitch' ? Math.min(PITCH_M, most) : most
}

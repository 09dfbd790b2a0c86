import { GRAVITY_MPS2 } from '../constants'
import { bisect } from '../bisect'

/** Density of air at 15 °C and sea level, kg/m³ (ISO 2533, standard atmosphere). */
export const AIR_KG_M3 = 1.225

/** Mass that the rod's own tip adds to what it casts, kg. Assumed: a spinning tip of some 10 g moves with the lure. */
const TIP_KG = 0.01
/** Angle of a good overhead cast, degrees. Common practice: a little under half a right angle. */
const CAST_ANGLE_DEG = 40

/** A cast: launch speed m/s, angle degrees, mass kg, drag area C·A m² in air, height of the tip m, wind from behind m/s. */
export interface Flight {
  readonly launchMps: number
  readonly massKg: number
  readonly dragM2: number
  readonly angleDeg?: number
  readonly fromM?: number
  readonly tailwindMps?: number
  readonly airKgM3?: number
}

const STEP_S = 0.02
const MOST_STEPS = 3000

/**
 * Length of a cast, m: a point mass with drag growing with the square of its speed through the air, thrown from a height, landing on the water.
 * Second order in time; the last step is cut at the surface. Without drag from the ground: v²/g at 45°.
 */
export function castDistanceM(flight: Flight): number {
  const {
    launchMps,
    massKg,
    dragM2,
    angleDeg = CAST_ANGLE_DEG,
    fromM = 2,
    tailwindMps = 0,
    airKgM3 = AIR_KG_M3,
  } = flight
  const k = (0.5 * airKgM3 * dragM2) / massKg
  const angle = (angleDeg * Math.PI) / 180
  let [x, y, vx, vy] = [0, fromM, launchMps * Math.cos(angle), launchMps * Math.sin(angle)]
  const slow = (ux: number, uy: number) => {
    const wx = ux - tailwindMps
    const speed = Math.hypot(wx, uy)
    return [-k * speed * wx, -GRAVITY_MPS2 - k * speed * uy] as const
  }
  for (let i = 0; i < MOST_STEPS; i++) {
    const [ax, ay] = slow(vx, vy)
    const [mx, my] = [vx + (ax * STEP_S) / 2, vy + (ay * STEP_S) / 2]
    const [bx, by] = slow(mx, my)
    const next = y + my * STEP_S
    if (next <= 0) return x + (mx * STEP_S * y) / (y - next || 1)
    x += mx * STEP_S
    y = next
    vx += bx * STEP_S
    vy += by * STEP_S
  }
  return x
}

/** Launch speed, m/s, that a rod's swing gives a lure: the same energy goes into every cast, the tip takes its share. */
function launchSpeedMps(energyJ: number, massKg: number): number {
  return Math.sqrt((2 * energyJ) / (massKg + TIP_KG))
}

/** Length of a cast of a lure, m, by the energy of the swing. */
export function castByEnergyM(energyJ: number, massKg: number, dragM2: number): number {
  return castDistanceM({ launchMps: launchSpeedMps(energyJ, massKg), massKg, dragM2 })
}

/** Energy of the swing, J, that casts a lure so far, by bisection (0.05 … 200 J). */
export function energyForCast(castM: number, massKg: number, dragM2: number): number {
  return bisect((joule) => castByEnergyM(joule, massKg, dragM2) < castM, 0.05, 200, { steps: 50, by: 'ratio' })
}

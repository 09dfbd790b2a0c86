import type { CastPlan } from './cast-plan'
import { AcrossLine } from './line-drag'
import { sinkRateMps, transverseSpeedMps } from './pull'
import { GRAVITY_MPS2 } from '../constants'

/** The bow turns the line at the lure by no more than this, rad. */
const MOST_TURN = 1.1
/** No line pulls less, N. */
const LEAST_PULL_N = 2e-3
/** In a current that carries the lure home faster than line is wound, it is taken as wound so fast, m/s. */
const LEAST_WIND_MPS = 0.05
/** Share of the slack by which a lure that hardly sinks is lifted while it is wound in (from the table of casts in the tests). */
const LIFTED_BY_SLACK = 0.7

/** A line that turns about the rod tip behind a falling lure holds it like so much of its length drawn broadside with it: ∫ s³ ds over a chord of 1. */
const SWEPT = 1 / 4

/**
 * A lure on a line at a glance: how a pull and a rest move it, from any point of the water, in closed form. The bow is taken as settled at once:
 *
 *   line at the lure = chord + δ,   δ = −sgn(u)·½ρ·C(Re)·d·u²·ℓ / 4T − w·ℓ·cos θ / 2T
 *
 * with u the lure's speed up across the chord, ℓ the line in the water, w its weight there per metre and T the pull. It errs where a bow takes its time (slack) and
 * knows no bow to the side; the ranking looks at thousands of casts by it and works those that may win on the bow itself. The answer is left in its own fields.
 */
export class GlanceLine {
  /** Free fall, m/s, negative where it rises. */
  readonly fallMps: number
  /** Speed of the last pull asked for, m/s: away from the rod, across and down. */
  vx = 0
  vy = 0
  vz = 0
  /** Turn of the line at the lure by its bow, rad, as it was the last time: a good beginning for the next. */
  private turn = 0
  private readonly g: number
  private readonly half: number
  private readonly across: AcrossLine
  /** Drag coefficient of the line that follows a fall. */
  private readonly sweptDrag: number
  private readonly weight: number

  constructor(private readonly plan: CastPlan) {
    const { motion, density, lineDiameterM, lineDensityKgM3 } = plan
    this.fallMps = sinkRateMps(motion, density)
    this.half = 0.5 * density * motion.towDragAreaM2
    this.g = motion.submergedWeightN / this.half
    this.across = new AcrossLine(plan, lineDiameterM)
    this.sweptDrag = this.across.coefficient(Math.abs(this.fallMps) / 2)
    this.weight = (lineDensityKgM3 - density) * (Math.PI / 4) * lineDiameterM * lineDiameterM * GRAVITY_MPS2
  }

  /** How far slack that is wound in lifts a lure counted down on it, m. */
  liftBySlackM(z: number): number {
    const { castM, rodTipM, retrieveSpeedMps } = this.plan
    const slack = castM + z - Math.hypot(castM, z + rodTipM)
    const falls = Math.max(0, this.fallMps) / retrieveSpeedMps
    return Math.max(0, Math.min(z, LIFTED_BY_SLACK * slack * (1 - falls * falls)))
  }

  /** Leaves in `vx`, `vy`, `vz` how a steady wind moves the lure at this point, a current with it. */
  pull(x: number, y: number, atZ: number): void {
    const { retrieveSpeedMps, motion, rodTipM, flowMps } = this.plan
    const level = Math.max(0.05, Math.sqrt(x * x + y * y))
    const h = atZ + rodTipM
    const chord = Math.sqrt(level * level + h * h)
    const cos = level / chord
    const sin = h / chord
    const wet = h > 0 ? (chord * atZ) / h : chord
    // What carries the lure away from the rod adds to the speed of its line through the water.
    const carried = (flowMps[0] * x + flowMps[1] * y) / level
    const r = Math.max(LEAST_WIND_MPS, retrieveSpeedMps + carried * cos)
    // The bow's turn as it was before is a good beginning. It is small or roughly so: its sine and cosine by a square root.
    const { turn } = this
    const turnCos = 1 / Math.sqrt(1 + turn * turn)
    const turnSin = turn * turnCos
    const c = cos * turnCos - sin * turnSin
    const s = sin * turnCos + cos * turnSin
    const v = transverseSpeedMps(r, motion.diveAngleTan, this.g, c < 0 ? 0 : c)
    const pull = this.half * Math.sqrt(r * r + v * v) * (r + v * motion.diveAngleTan) + motion.submergedWeightN * s
    const t = pull > LEAST_PULL_N ? pull : LEAST_PULL_N
    const u = r * turnSin - v * turnCos
    const next = (-this.across.at(Math.abs(u)) * u * wet) / (4 * t) - (this.weight * wet * cos) / (2 * t)
    this.turn = (turn + (next > MOST_TURN ? MOST_TURN : next < -MOST_TURN ? -MOST_TURN : next)) / 2
    const home = r * c + v * s
    this.vx = flowMps[0] - (home * x) / level
    this.vy = flowMps[1] - (home * y) / level
    this.vz = v * c - r * s
  }

  /** Leaves in `vx`, `vy`, `vz` how a rest begins at this point: falling free on line that is given, or swinging on line that is held. */
  rest(x: number, y: number, z: number): void {
    const { slack, rodTipM, flowMps, lineDiameterM, motion } = this.plan
    const level = Math.max(0.05, Math.sqrt(x * x + y * y))
    const chord = Math.sqrt(level * level + (z + rodTipM) * (z + rodTipM))
    const cos = level / chord
    if (slack) {
      const swept = this.sweptDrag * lineDiameterM * SWEPT * chord * cos * cos * cos
      const free = this.fallMps / Math.sqrt(1 + swept / motion.sinkDragAreaM2)
      // What falls soon comes to the end of its line and swings on it: much under the rod, little far away. What rises has line enough.
      const v = free > 0 ? free * Math.sqrt(cos) : free
      const swings = free > 0 ? (v * (z + rodTipM)) / chord : 0
      this.vx = flowMps[0] - (swings * x) / level
      this.vy = flowMps[1] - (swings * y) / level
      this.vz = free > 0 ? v * cos : free
      return
    }
    const v = transverseSpeedMps(0, 0, this.g, cos)
    const home = (v * (z + rodTipM)) / chord
    this.vx = flowMps[0] - (home * x) / level
    this.vy = flowMps[1] - (home * y) / level
    this.vz = v * cos
  }
}

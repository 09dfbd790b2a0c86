import { inWater, type CastPlan } from './cast-plan'
import { lineAngleCot, lineDragToTension } from './line-shape'
import { transverseSpeedMps, sinkRateMps, lineTensionN } from './pull'

/**
 * A towed line may hang in a bight that leads away from the rod; a line that is wound in does not. Its angle at the lure is held to no steeper
 * than this share of the straight line's cotangent.
 */
const LEAST_COT = 0.3

/**
 * A lure on a line through one cast: how a pull moves it and where a rest on taut line takes it, from any point of the water. The answer is
 * left in its own fields, because a ranking asks a hundred thousand times. The line is taken as towed at the speed of the pull, which
 * overstates its sag while it is wound: thick line and long casts come out a little shallow.
 */
export class TautLineModel {
  /** Free fall, m/s, negative where it rises. */
  readonly fallMps: number
  /** Speed of the last pull asked for, m/s: away from the rod, and down. */
  vx = 0
  vz = 0
  /** Where the last swing asked for ended, m. */
  x = 0
  z = 0
  private readonly k: number
  private readonly g: number
  private readonly tipM: number
  private cos = 1
  private sin = 0

  constructor(private readonly plan: CastPlan) {
    const { motion, density, retrieveSpeedMps, currentMps, lineDiameterM, rodTipM } = plan
    const flow = Math.hypot(retrieveSpeedMps, currentMps)
    this.fallMps = sinkRateMps(motion, density)
    this.k = lineDragToTension(density, lineDiameterM, flow, lineTensionN(motion, density, flow))
    this.g = motion.submergedWeightN / (0.5 * density * motion.towDragAreaM2)
    this.tipM = Math.max(rodTipM, 0)
  }

  /** Leaves in `vx`, `vz` how a pull moves the lure at this point. */
  pull(x: number, z: number): void {
    const { retrieveSpeedMps, motion } = this.plan
    this.lineAt(x, z)
    const v = transverseSpeedMps(retrieveSpeedMps, motion.diveAngleTan, this.g, this.cos)
    this.vx = -(retrieveSpeedMps * this.cos + v * this.sin)
    this.vz = v * this.cos - retrieveSpeedMps * this.sin
  }

  /** Leaves in `x`, `z` where a rest on taut line swings the lure: down towards the rod along an arc, or up along one. */
  swing(x: number, z: number): void {
    const { pauseS } = this.plan
    this.lineAt(x, z)
    const v = transverseSpeedMps(0, 0, this.g, this.cos)
    const aim = z + v * this.cos * pauseS
    this.z = inWater(this.plan, aim)
    const share = aim === z ? 0 : (this.z - z) / (aim - z)
    this.x = x - v * this.sin * pauseS * share
  }

  private lineAt(atX: number, atZ: number): void {
    const x = Math.max(atX, 0.05)
    const z = Math.max(atZ, 1e-4)
    const cot = Math.max(lineAngleCot(this.k, x, z, this.tipM), (LEAST_COT * x) / (z + this.tipM))
    this.sin = 1 / Math.sqrt(1 + cot * cot)
    this.cos = cot * this.sin
  }
}

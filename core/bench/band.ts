import { itemAt } from '../list'
import { depthOnPath, retrievePath, type BuildMotion, type CastPlan } from '../motion'
import type { LureProfile } from './lure-profile'
import { studentQuantile } from '../statistics'

/** Depth of the path at even distances from the rod, m, and the band it lies in 19 times in 20. */
export interface Band {
  readonly x: readonly number[]
  readonly low: readonly number[]
  readonly high: readonly number[]
}

const PLACES = 40

/** A motion with one of its uncertain figures moved, and how far one standard deviation moves it. */
interface Direction {
  readonly dof: number
  readonly moved: (deviations: number) => BuildMotion
}

/** Independent directions in which what is known of a lure may be out: eigen-free, by the Cholesky factor of each fit's covariance. */
function directions(motion: BuildMotion, { fall, rest, dive, pull }: LureProfile): Direction[] {
  const found: Direction[] = []
  if (dive) {
    const [[a = 0, b = 0] = [], [, c = 0] = []] = dive.covariance
    const l11 = Math.sqrt(a)
    const l21 = l11 > 0 ? b / l11 : 0
    const l22 = Math.sqrt(Math.max(0, c - l21 ** 2))
    const by = (tan: number, area: number) => ({
      ...motion,
      diveAngleTan: motion.diveAngleTan * Math.exp(tan),
      towDragAreaM2: motion.towDragAreaM2 * Math.exp(area),
    })
    found.push({ dof: dive.dof, moved: (d) => by(d * l11, d * l21) }, { dof: dive.dof, moved: (d) => by(0, d * l22) })
  }
  if (rest) {
    const sd = Math.sqrt(itemAt(itemAt(rest.covariance, 0), 0))
    // A weight that was only believed says floats or sinks by the packet; its spread would drown the picture.
    if (rest.n > 0)
      found.push({ dof: rest.dof, moved: (d) => ({ ...motion, submergedWeightN: motion.submergedWeightN + d * sd }) })
  }
  if (fall) {
    const sd = Math.sqrt(itemAt(itemAt(fall.covariance, 0), 0))
    found.push({
      dof: fall.dof,
      moved: (d) => ({ ...motion, sinkDragAreaM2: motion.sinkDragAreaM2 * Math.exp(d * sd) }),
    })
  }
  if (pull) {
    const sd = Math.sqrt(itemAt(itemAt(pull.covariance, 0), 0))
    found.push({
      dof: pull.dof,
      moved: (d) => ({ ...motion, towDragAreaM2: motion.towDragAreaM2 * Math.exp(d * sd) }),
    })
  }
  return found
}

/** Saws of a path and its neighbours that are out of step make spikes: the mean over some places on either side has none. */
const SMOOTH = 3
function smoothed(band: readonly { z: number; half: number }[]) {
  return band.map((_, i) => {
    const near = band.slice(Math.max(0, i - SMOOTH), i + SMOOTH + 1).filter(({ z }) => Number.isFinite(z))
    const mean = (key: 'z' | 'half') => near.reduce((sum, one) => sum + one[key], 0) / near.length
    return { z: mean('z'), half: mean('half') }
  })
}

/**
 * The band of a path: each independent direction in which the lure may be other than fitted is followed one standard deviation to either side, and their
 * moves of the depth are added in squares (linear error propagation), times Student's t.
 */
export function pathBand(plan: CastPlan, known: LureProfile): Band {
  const follow = (motion: BuildMotion) => retrievePath({ ...plan, motion })
  const middle = follow(plan.motion)
  const ways = directions(plan.motion, known).map(({ dof, moved }) => ({
    t: studentQuantile(0.975, dof),
    up: follow(moved(1)),
    down: follow(moved(-1)),
  }))
  const start = middle.x[middle.retrieveStartIndex] ?? plan.castM
  const end = itemAt(middle.x, middle.x.length - 1)
  const x = Array.from({ length: PLACES }, (_, i) => start + ((end - start) * i) / (PLACES - 1))
  const clamp = (z: number) => Math.min(plan.depthM, Math.max(0, z))
  const band = x.map((at) => {
    const z = depthOnPath(middle, at)
    const square = ways.reduce((sum, { t, up, down }) => {
      const spread = (depthOnPath(up, at) - depthOnPath(down, at)) / 2
      return sum + (Number.isFinite(spread) ? (t * spread) ** 2 : 0)
    }, 0)
    return { z, half: Math.sqrt(square) }
  })
  const even = plan.pauseS > 0 ? smoothed(band) : band
  const kept = even.flatMap(({ z, half }, i) => (Number.isFinite(z) ? [{ at: itemAt(x, i), z, half }] : []))
  return {
    x: kept.map((k) => k.at),
    low: kept.map(({ z, half }) => clamp(z - half)),
    high: kept.map(({ z, half }) => clamp(z + half)),
  }
}

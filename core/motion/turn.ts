import type { Fluid } from './line-drag'
import type { BuildMotion } from './types'
import { BowedLine } from './bowed-line'
import { trollingDepth, type TowLine } from './troll'

/** A boat that trolls through a turn. SI. */
export interface Turn extends Fluid {
  readonly motion: BuildMotion
  readonly line: TowLine
  readonly lineOutM: number
  readonly tipM: number
  /** Speed of the boat's middle through the water, m/s; it keeps it. */
  readonly speedMps: number
  /** Of the boat's own track, m, > sideM. */
  readonly radiusM: number
  /** How far it turns, degrees, > 0. */
  readonly turnsDeg: number
  /** Rod tip off the boat's middle, m: positive on the outer side of the turn, negative on the inner. */
  readonly sideM: number
  readonly depthM: number
}

/** What the turn does to a lure: its slowest and fastest going through the water, m/s, how deep it is on the straight, and at its deepest and shallowest. */
export interface Turned {
  readonly slowestMps: number
  readonly fastestMps: number
  readonly straightM: number
  readonly deepestM: number
  readonly shallowestM: number
}

const STEP_S = 0.5
/** A lure that hangs on its line is not laid nearer to the tip, m. */
const LEAST_BEHIND_M = 0.5

/**
 * A lure behind a boat that goes straight, turns evenly, and goes straight again until the line has followed. Seen from the rod tip the water turns: the same
 * line as a cast's ({@link BowedLine}), with its bow to the side. Speeds are the lure's own through the water.
 */
export function throughTurn(turn: Turn): Turned {
  const { motion, density, viscosity, line: stuff, lineOutM, tipM, speedMps, radiusM, turnsDeg, sideM, depthM } = turn
  const straight = trollingDepth(motion, turn, stuff, speedMps, lineOutM, tipM)
  const line = new BowedLine()
  line.take({
    motion,
    density,
    viscosity,
    lineDiameterM: stuff.diameterM,
    lineDensityKgM3: stuff.densityKgM3,
    depthM,
    rodTipM: tipM,
    flowMps: [speedMps, 0],
    groundMps: [speedMps, 0],
  })
  const begins = Math.min(depthM, straight.depthM)
  line.lay(Math.max(LEAST_BEHIND_M, straight.behindM), 0, begins, false)
  line.lengthM = Math.max(line.lengthM, lineOutM)
  // Until it rides as it does on the straight, by this line.
  const settles = (2 * lineOutM) / speedMps
  const turnRadps = speedMps / radiusM
  const turning = (turnsDeg * Math.PI) / 180 / turnRadps
  const tipTurning = speedMps * (1 + sideM / radiusM)
  const found = { slowestMps: Infinity, fastestMps: 0, straightM: begins, deepestM: 0, shallowestM: Infinity }
  for (let t = 0; t < 2 * settles + turning; t += STEP_S) {
    const inTurn = t >= settles && t < settles + turning
    const heading = turnRadps * Math.min(turning, Math.max(0, t - settles))
    const tipMps = inTurn ? tipTurning : speedMps
    const flow = [tipMps * Math.cos(heading), tipMps * Math.sin(heading)] as const
    line.turnFlow(flow)
    const [x, y, z] = [line.x, line.y, line.z]
    line.step(STEP_S, 0)
    if (t < settles) {
      found.straightM = line.z
      continue
    }
    const through = Math.hypot((line.x - x) / STEP_S - flow[0], (line.y - y) / STEP_S - flow[1], (line.z - z) / STEP_S)
    found.slowestMps = Math.min(found.slowestMps, through)
    found.fastestMps = Math.max(found.fastestMps, through)
    found.deepestM = Math.max(found.deepestM, line.z)
    found.shallowestM = Math.min(found.shallowestM, line.z)
  }
  return found
}

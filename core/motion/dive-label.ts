import { STEADY_WIND } from './cast-plan'
import { LABEL_CAST_M } from '../../data/casting'
import { retrievePath } from './path'

/**
 * The cast for which a packet's running depth is taken: 0.30 mm mono, rod tip 1 m up, a medium wind. Its length is the angler's to say, plug by plug; makers
 * seldom do.
 */
export const LABEL_CAST = {
  lineDiameterM: 0.0003,
  lineDensityKgM3: 1140,
  castM: LABEL_CAST_M,
  rodTipM: 1,
  retrieveSpeedMps: 0.8,
  density: 999,
  viscosity: 1.14e-3,
} as const

/** Of the range 0 … 2.5 of the tangent: to 0.0001. */
const HALVINGS = 15

const cache = new Map<string, number>()

/** Deepest point of a weightless diver with a planing angle on the label's cast, of so many metres, m. */
export function labelCastDepth(diveAngleTan: number, towDragAreaM2: number, castM: number = LABEL_CAST_M): number {
  const path = retrievePath({
    ...STEADY_WIND,
    ...LABEL_CAST,
    castM,
    motion: { towDragAreaM2, sinkDragAreaM2: towDragAreaM2, diveAngleTan, submergedWeightN: 0, basis: 'labelled' },
    depthM: 100,
  })
  return path.z.reduce((deepest, z) => Math.max(deepest, z), 0)
}

/**
 * The tangent of the planing angle at which a diver reaches its labelled depth on the label's cast, by bisection; depth grows with it.
 * The answer is capped where no angle is steep enough.
 *
 * @param labelledM labelled running depth, m
 * @param towDragAreaM2 drag area, m²
 * @param castM length of the label's cast, m
 */
export function diveAngleForLabel(labelledM: number, towDragAreaM2: number, castM: number = LABEL_CAST_M): number {
  const key = `${labelledM}|${towDragAreaM2}|${castM}`
  const known = cache.get(key)
  if (known !== undefined) return known
  let low = 0
  let high = 2.5
  for (let i = 0; i < HALVINGS; i++) {
    const middle = (low + high) / 2
    if (labelCastDepth(middle, towDragAreaM2, castM) < labelledM) low = middle
    else high = middle
  }
  const found = (low + high) / 2
  cache.set(key, found)
  return found
}

import { PITCH_M } from '../../../data/casting'
import { LINE_DENSITY } from '../../../data/tackle-limits'
import { fitSwing } from '../../bench'
import type { Box } from '../../box'
import {
  castBySwingM,
  castLengthM,
  castTable,
  handOf,
  type BuildMotion,
  type CastHand,
  type CastWind,
} from '../../motion'
import { deliveryOf, type Rod } from '../../tackle'
import { letOutM } from './let-out'
import type { Outfit, SetUp } from '../setup'

/** Through a hole in the ice, m. */
const UNDER_ICE_M = 2

/** Length of the cast of a set-up whose build moves so, m. */
export type CastOfSetUp = (setUp: ToCast, motion: BuildMotion) => number
type ToCast = Pick<SetUp, 'build' | 'outfit'> & {
  readonly handling: Pick<SetUp['handling'], 'technique' | 'paceMps'>
}

/**
 * Casts with the rods of a box on a water where so much is comfortable, m; of what is not thrown, the line that is let out. A rod with which casts were measured throws by them where they are shorter than
 * what is comfortable would make it: nobody throws farther than he says he does here. Casts are read off a table.
 */
export function throwsIn(box: Box, wind: CastWind, where: Parameters<typeof letOutM>[2]): CastOfSetUp {
  const comfortableM = where.c.castM
  const usual = handOf(comfortableM, wind)
  const hands = new Map<string, CastHand>()
  const handWith = (rod: Rod): CastHand => {
    const found = hands.get(rod.id) ?? slower(usual, box, rod)
    hands.set(rod.id, found)
    return found
  }
  const byTackle = new Map<string, ReturnType<typeof castTable>>()
  const byMotion = new WeakMap<BuildMotion, Map<Outfit, number>>()
  const overhead = (massKg: number, motion: BuildMotion, { rod, line }: Outfit): number => {
    const by = { rod, line: { diameterM: line.diameterM, densityKgM3: LINE_DENSITY[line.material] } }
    const hand = handWith(rod)
    const key = `${rod.id} ${line.diameterM} ${line.material}`
    const table = byTackle.get(key) ?? castTable((thrown) => castBySwingM(hand.swingJ, thrown, by, wind))
    byTackle.set(key, table)
    return castLengthM(hand, motion, massKg, by, 'cast', table)
  }
  return ({ build, outfit, handling }, motion) => {
    const { pace, thrown } = deliveryOf(handling.technique.delivery)
    if (pace === 'boat' || (pace === 'water' && thrown === 'none'))
      return letOutM({ build, line: outfit.line, handling }, motion, where)
    if (where.c.stand === 'ice') return UNDER_ICE_M
    const known = byMotion.get(motion) ?? new Map<Outfit, number>()
    byMotion.set(motion, known)
    const far = known.get(outfit) ?? overhead(build.massKg, motion, outfit)
    known.set(outfit, far)
    return handling.technique.delivery === 'pitch' ? Math.min(PITCH_M, far) : far
  }
}

function slower(usual: CastHand, box: Box, rod: Rod): CastHand {
  const swing = fitSwing(box.lures, box.tests, rod.id, box.rods)
  return swing.n === 0 ? usual : { ...usual, swingJ: Math.min(usual.swingJ, Math.exp(swing.parameters[0] ?? 0)) }
}

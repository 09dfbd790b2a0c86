import { deliveryOf, familyOf, isWound, workAt, type Technique, type Work } from '../../tackle'
import { slidesMps } from '../../water'
import { CARRIED_SHARE } from '../../../data/casting'
import { isFishedSo } from './cast-of'
import type { EvaluatedBuild } from './dressed'
import { flowHere } from '../asked'
import type { MatchContext } from './match-context'

type Where = Pick<MatchContext, 'c' | 'deliveries' | 'demand' | 'techniquesOf'>

/** Tempos looked at beside the one that is wanted, where the pace decides on the depth: a sinker that is wound steadily, or what a boat draws. */
const FURTHER_TEMPOS = [0.1, 0.5, 0.9] as const
/** Nearer to one that is looked at already, it is not looked at for itself. */
const NEAR = 0.12
/** Steps from the wanted patience down, where a current would carry off what rests so long. */
const SHORTER = [0.7, 0.4, 0.15, 0] as const

/** Every way in which a dressed lure is worked here: each technique at the tempo and patience that water and fish ask for, and at others where the depth hangs on them. */
export function worksOfBuild(dressed: BuildWithSpeeds, context: Where): readonly Work[] {
  let known = KNOWN.get(context)
  if (!known) KNOWN.set(context, (known = new WeakMap()))
  let works = known.get(dressed)
  if (!works) {
    works = context.techniquesOf(dressed.build.lure.family).flatMap((technique) => worksOf(technique, dressed, context))
    known.set(dressed, works)
  }
  return works
}
type BuildWithSpeeds = Pick<EvaluatedBuild, 'build' | 'speedMps'>
const KNOWN = new WeakMap<Where, WeakMap<BuildWithSpeeds, readonly Work[]>>()

function worksOf(technique: Technique, { build, speedMps }: BuildWithSpeeds, context: Where): Work[] {
  const { c, demand } = context
  if (!context.deliveries.has(technique.delivery)) return []
  const flow = flowHere(c)
  const { tempo, patience } = demand.wanted
  const tempos = [tempo]
  if (paceDecides(technique, build.lure.family))
    for (const further of FURTHER_TEMPOS) if (tempos.every((t) => Math.abs(t - further) > NEAR)) tempos.push(further)
  return tempos.flatMap((at) => {
    for (const shorter of [1, ...SHORTER]) {
      const work = workAt(technique, { tempo: at, patience: patience * shorter }, speedMps, flow)
      if (isFishedSo(build, work, speedMps, context)) return [work]
      if (work.restS * Math.max(c.currentMps, slidesMps(c)) <= CARRIED_SHARE * c.castM) break
    }
    return []
  })
}

const paceDecides = (technique: Technique, family: Parameters<typeof familyOf>[0]) =>
  deliveryOf(technique.delivery).pace === 'boat' ||
  (familyOf(family).swims === 'sinks' && isWound(technique) && technique.restS === null)

/** The same technique at another tempo or patience; null where it cannot be worked so here, or has none of its own. */
export function workAgain(
  { build, speedMps }: BuildWithSpeeds,
  { technique, tempo, patience }: Pick<Work, 'technique' | 'tempo' | 'patience'>,
  context: Where,
): Work | null {
  const work = workAt(technique, { tempo, patience }, speedMps, flowHere(context.c))
  return isFishedSo(build, work, speedMps, context) ? work : null
}

import { itemAt } from '../../core/list'
import { LINE_DENSITY } from '../../data/tackle-limits'
import { sinkRateMps, motionOf, retrievePath, zoneExposure, type CastPlan } from '../../core/motion'
import {
  Head,
  Lure,
  TECHNIQUES,
  fallTaken,
  familyOf,
  lureMass,
  techniqueOf,
  workAt,
  type Build,
} from '../../core/tackle'
import { CAST_DIRECTIONS, passingOf, waterFluid } from '../../core/water'
import { z } from '../../core/zod'

const techniqueIds = TECHNIQUES.map(({ id }) => id)
const depthM = z.number().min(0).max(200)

export const PathRequest = z
  .strictObject({
    lure: Lure,
    head: Head.extend({
      wire: Head.shape.wire.default('medium'),
      cost: Head.shape.cost.default(null),
      count: Head.shape.count.default(1),
    })
      .nullable()
      .default(null),
    line: z.strictObject({
      diameterM: z.number().min(0.00003).max(0.002),
      material: z.enum(['mono', 'fluoro', 'braid']).default('mono'),
    }),
    cast: z.strictObject({ castM: z.number().min(2).max(120), rodTipM: z.number().min(0).max(6).default(1) }),
    work: z.strictObject({
      technique: z.enum(techniqueIds as [string, ...string[]]),
      countDownS: z.number().min(0).max(300).default(0),
      /** Slow end of the technique to its fast end, short rest to long, 0 … 1. */
      tempo: z.number().min(0).max(1).default(0.5),
      patience: z.number().min(0).max(1).default(0.5),
      /** A pace of one’s own, m/s, in place of what the tempo makes it. */
      paceMps: z.number().min(0.02).max(5).optional(),
    }),
    water: z.strictObject({
      depthM: z.number().min(0.3).max(200),
      tempC: z.number().min(-2).max(40).default(12),
      salinity: z.number().min(0).max(42).default(0),
      currentMps: z.number().min(0).max(4).default(0),
      castTo: z.enum(CAST_DIRECTIONS).default('across'),
      coverTopM: depthM.nullable().default(null),
    }),
    zone: z.strictObject({ topM: depthM, bottomM: depthM }).refine((zone) => zone.bottomM > zone.topM, {
      error: 'the zone must end below where it begins',
      path: ['bottomM'],
    }),
  })
  .superRefine((request, context) => {
    const soft = familyOf(request.lure.family).body === 'soft'
    if (soft && !request.head) context.addIssue({ code: 'custom', path: ['head'], message: 'a soft body needs a head' })
    if (!soft && request.head)
      context.addIssue({ code: 'custom', path: ['head'], message: 'only soft bodies take a head' })
  })

export function pathResponse({ lure, head, line, cast, work, water, zone }: z.output<typeof PathRequest>) {
  const { density, viscosity } = waterFluid(water.tempC, water.salinity)
  const technique = techniqueOf(work.technique)
  const family = familyOf(lure.family)
  const { paceMps, restS } = workAt(technique, work, family.speedMps, water.currentMps)
  const build: Build = {
    lure,
    mount: head ? { kind: 'head', head } : { kind: 'own' },
    trailer: null,
    massKg: lureMass(lure).kg + (head?.massKg ?? 0),
  }
  const motion = motionOf(build, density)
  const plan: CastPlan = {
    motion,
    surface: family.swims === 'surface',
    density,
    viscosity,
    lineDiameterM: line.diameterM,
    castM: cast.castM,
    rodTipM: cast.rodTipM,
    depthM: water.depthM,
    lineDensityKgM3: LINE_DENSITY[line.material],
    ...passingOf({ ...water, driftMps: 0 }),
    countDownS: work.countDownS,
    retrieveSpeedMps: work.paceMps ?? paceMps,
    pullDurationS: technique.pullS,
    pauseS: restS,
    slack: technique.slack,
    delivery: technique.delivery,
    ballM: null,
    heldAboveBottomM: null,
    fallTaken: fallTaken(lure.family),
    blowsOut: family.swims === 'sinks',
  }
  const path = retrievePath(plan)
  const { inZone, metres, seconds, onBottom, touching, inCover } = zoneExposure(path, {
    zone: { ...zone, upM: 0.5, downM: 0.5 },
    depthM: water.depthM,
    coverTopM: water.coverTopM,
    fallTaken: fallTaken(lure.family),
    blowsOut: family.swims === 'sinks',
  })
  return {
    basis: motion.basis,
    fallMps: sinkRateMps(motion, density),
    deepestM: path.z.reduce((deepest, z) => Math.max(deepest, z), 0),
    retrieveStartIndex: path.retrieveStartIndex,
    polyline: path.x.map((x, i) => ({ fromRodM: x, depthM: itemAt(path.z, i), atS: itemAt(path.t, i) })),
    zone: { share: inZone, metres, seconds },
    contact: { bottom: onBottom, touchingCover: touching, inCover },
  }
}

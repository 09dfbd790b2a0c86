import { itemAt } from '../list'
import { PRIOR_SD, READING_SD } from '../../data/bench'
import { CAST_WITH_KG } from '../../data/casting'
import { lureMass, type Lure } from '../tackle'
import type { BenchTest, TestOf } from './tests/register'
import { castByEnergyM, energyForCast, motionOf } from '../motion'
import { priorOnly, type Posterior } from './estimate'
import { predictWithInterval, fit } from './least-squares'
import { lureAsTested } from './as-tested'

/** Drag area of a lure in the air, m²: it tumbles, between nose first and broadside. The coefficient is that of the water at the same Reynolds number. */
function airDragM2(lure: Lure): number {
  const { towDragAreaM2, sinkDragAreaM2 } = motionOf({ lure, mount: { kind: 'own' }, trailer: null, massKg: 0 }, 999)
  return Math.sqrt(towDragAreaM2 * sinkDragAreaM2)
}

/** An ordinary cast of an ordinary plug, m, and its drag area, m²: where the fit of an angler's swing begins. */
const ORDINARY = { castM: 28, dragM2: 9e-4 } as const
/** Anglers and rods differ widely: standard deviation of ln energy beforehand. */
const SWING_SD = 0.8

export type Swinging = Posterior & {
  readonly residuals: readonly { label: string; observed: number; fitted: number }[]
}

/**
 * The energy that an angler's own swing with a rod gives a lure, from measured casts of one or more lures; then every other lure's cast follows from its
 * weight and bulk.
 *
 * @param rodId null: casts for which no rod was named
 */
export function fitSwing(lures: readonly Lure[], tests: readonly BenchTest[], rodId: string | null): Swinging {
  const before = Math.log(energyForCast(ORDINARY.castM, CAST_WITH_KG, ORDINARY.dragM2))
  const believed = [{ at: before, sd: SWING_SD }]
  const byId = new Map(lures.map((l) => [l.id, l]))
  const casts = tests
    .filter((t): t is TestOf<'cast'> => t.kind === 'cast' && t.rodId === rodId)
    .flatMap((test) => {
      const lure = byId.get(test.lureId)
      if (!lure) return []
      const massKg = lureMass(lureAsTested(lure, test)).kg + test.withKg
      return test.readings.map(({ castM }) => ({ label: lure.name, massKg, dragM2: airDragM2(lure), castM }))
    })
  if (casts.length === 0) return { ...priorOnly(believed, 'assumed'), residuals: [] }
  const found = fit({
    believed,
    predict: ([lnEnergy = 0]) => {
      const known = new Map<string, number>()
      return casts.map(({ label, massKg, dragM2 }) => {
        const key = `${label}|${massKg}`
        const ln = known.get(key) ?? Math.log(castByEnergyM(Math.exp(lnEnergy), massKg, dragM2))
        known.set(key, ln)
        return ln
      })
    },
    observed: casts.map((c) => Math.log(c.castM)),
    // Beside the reading's own error each lure flies a little better or worse than its bulk tells.
    readingSd: casts.map(() => Math.hypot(READING_SD.cast, PRIOR_SD.cast / 2)),
  })
  return {
    ...found,
    basis: 'fitted',
    n: casts.length,
    residuals: casts.map((c, i) => ({
      label: c.label,
      observed: c.castM,
      fitted: c.castM / Math.exp(itemAt(found.residuals, i)),
    })),
  }
}

/** Cast of a lure by a fitted swing, m, with its band. */
export function castOf(swing: Posterior, lure: Lure, withKg = 0) {
  const massKg = lureMass(lure).kg + withKg
  const ln = predictWithInterval(swing, ([e = 0]) => Math.log(castByEnergyM(Math.exp(e), massKg, airDragM2(lure))))
  return { value: Math.exp(ln.value), low: Math.exp(ln.low), high: Math.exp(ln.high) }
}

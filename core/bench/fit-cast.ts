import { itemAt } from '../list'
import { PRIOR_SD, READING_SD } from '../../data/bench'
import { ORDINARY_CAST } from '../../data/casting'
import { lureMass, type Lure, type Rod } from '../tackle'
import type { BenchTest, TestOf } from './tests/kinds'
import { airDragM2, castBySwingM, motionOf, swingForCast, type Thrower } from '../motion'
import { priorOnly, type Posterior } from './estimate'
import { predictWithInterval, fit } from './least-squares'
import { lureAsTested } from './as-tested'

const dragOf = (lure: Lure) => airDragM2(motionOf({ lure, mount: { kind: 'own' }, trailer: null, massKg: 0 }, 999))

/** An ordinary cast of an ordinary plug, m: where the fit of an angler's swing begins. */
const ORDINARY_CAST_M = 28
/** Anglers and rods differ widely: standard deviation of ln energy beforehand. */
const SWING_SD = 0.8

export type Swinging = Posterior & {
  /** What threw: the rod with an ordinary line. */
  readonly by: Thrower
  readonly residuals: readonly { label: string; observed: number; fitted: number }[]
}

/** The rod's own law with the line that casts are told on: tests say nothing of theirs. */
const throwerOf = (rod: Rod | undefined): Thrower => ({ rod: rod ?? ORDINARY_CAST.rod, line: ORDINARY_CAST.line })

/**
 * The swing that an angler gives, from measured casts of one or more lures with a rod; then every other lure's cast follows from its weight and bulk, and
 * every other rod's from its power and length.
 *
 * @param rodId null: casts for which no rod was named
 */
export function fitSwing(
  lures: readonly Lure[],
  tests: readonly BenchTest[],
  rodId: string | null,
  rods: readonly Rod[] = [],
): Swinging {
  const by = throwerOf(rods.find((r) => r.id === rodId))
  const believed = [{ at: Math.log(swingForCast(ORDINARY_CAST_M)), sd: SWING_SD }]
  const byId = new Map(lures.map((l) => [l.id, l]))
  const casts = tests
    .filter((t): t is TestOf<'cast'> => t.kind === 'cast' && t.rodId === rodId)
    .flatMap((test) => {
      const lure = byId.get(test.lureId)
      if (!lure) return []
      const massKg = lureMass(lureAsTested(lure, test)).kg + test.withKg
      return test.readings.map(({ castM }) => ({ label: lure.name, massKg, dragM2: dragOf(lure), castM }))
    })
  if (casts.length === 0) return { ...priorOnly(believed, 'assumed'), by, residuals: [] }
  const found = fit({
    believed,
    predict: ([lnSwing = 0]) => {
      const known = new Map<string, number>()
      return casts.map(({ label, massKg, dragM2 }) => {
        const key = `${label}|${massKg}`
        const ln = known.get(key) ?? Math.log(castBySwingM(Math.exp(lnSwing), { massKg, dragM2 }, by))
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
    by,
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
export function castOf(swing: Swinging, lure: Lure, withKg = 0) {
  const thrown = { massKg: lureMass(lure).kg + withKg, dragM2: dragOf(lure) }
  const ln = predictWithInterval(swing, ([e = 0]) => Math.log(castBySwingM(Math.exp(e), thrown, swing.by)))
  return { value: Math.exp(ln.value), low: Math.exp(ln.low), high: Math.exp(ln.high) }
}

import type { CastInWind, Conditions } from './conditions'

/** Away from the rod, and across the cast, m/s. */
type Passing = readonly [away: number, across: number]
const SHARES = { across: [0, 1], against: [-1, 0], along: [1, 0] } as const

type Slides = Pick<Conditions, 'driftMps'> & Partial<Pick<Conditions, 'stand'>>
/** Only a boat slides. */
const AFLOAT: ReadonlySet<string> = new Set(['boat', 'kayak'])

/** Whether one stands where a drift carries one along; not said is a boat that may. */
export const slides = ({ stand = null }: Partial<Pick<Conditions, 'stand'>>): boolean =>
  stand === null || AFLOAT.has(stand)

/** How fast a boat slides through the water, m/s; bank, bed and ice stand. */
export const slidesMps = (c: Slides): number => (slides(c) ? c.driftMps : 0)

/**
 * Water and bottom past the rod, m/s. A boat that slides is passed by the water as an anchored one is by a current; it drifts with the current itself, and
 * then the bottom passes, too.
 */
export function passingOf(c: Slides & Pick<Conditions, 'currentMps' | 'castTo'>): {
  readonly flowMps: Passing
  readonly groundMps: Passing
} {
  const { currentMps } = c
  const [away, across] = SHARES[c.castTo]
  const driftMps = slidesMps(c)
  const at = (mps: number): Passing => [away * mps, across * mps]
  return driftMps > 0
    ? { flowMps: at(driftMps), groundMps: at(driftMps + currentMps) }
    : { flowMps: at(currentMps), groundMps: [0, 0] }
}

const WIND_SHARES: Readonly<Record<CastInWind, Passing>> = { with: [1, 0], into: [-1, 0], across: [0, 1] }

/** Wind over the cast, m/s: from behind and from the side; none where nobody says how it meets the cast. */
export function windOnCast({ windMps, castInWind }: Pick<Conditions, 'windMps' | 'castInWind'>): {
  readonly behindMps: number
  readonly acrossMps: number
} {
  const [behind, across] = castInWind === null ? [0, 0] : WIND_SHARES[castInWind]
  return { behindMps: behind * windMps, acrossMps: across * windMps }
}

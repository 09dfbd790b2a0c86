import { median } from 'd3-array'
/** A reading of a scale: grams as shown, and whether the scale itself holds it to be at rest. */
export interface ScaleReading {
  readonly atMs: number
  readonly massKg: number
}

/** Readings that must agree, and how near, before a weight counts as settled: within 0.05 g or half a per cent. */
export const SETTLES = { readings: 6, withinKg: 0.00005, withinShare: 0.005, leastKg: 0.0002 } as const

export type Settled =
  | { readonly state: 'empty' }
  | { readonly state: 'moving' }
  | { readonly state: 'settled'; readonly massKg: number }

/**
 * Whether the last readings have come to rest, and at what mass (their median, kg). A slow drift within the band still counts: kitchen scales
 * creep for minutes. Readings in time order.
 */
export function settled(readings: readonly ScaleReading[]): Settled {
  const last = readings.slice(-SETTLES.readings).map((r) => r.massKg)
  const now = last.at(-1)
  if (now === undefined || now < SETTLES.leastKg) return { state: 'empty' }
  if (last.length < SETTLES.readings) return { state: 'moving' }
  const spread = Math.max(...last) - Math.min(...last)
  if (spread > Math.max(SETTLES.withinKg, SETTLES.withinShare * now)) return { state: 'moving' }
  return { state: 'settled', massKg: Math.round((median(last) ?? now) * 1e5) / 1e5 }
}

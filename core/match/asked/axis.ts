import { AXES as TABLE } from '../../../data/axes'
import { CHANCES } from '../../../data/chances'

export type AxisId = (typeof TABLE)[number]['id']

/** A link of the chain of chances: the fish is met, notices the lure, wants it, is held, and all of it comes back. */
export const LINKS = ['meets', 'noticed', 'wanted', 'holds', 'returns'] as const
export type Link = (typeof LINKS)[number]

export interface Axis {
  readonly id: AxisId
  readonly name: string
  readonly by: 'build' | 'hand' | 'outfit' | 'path'
  readonly link: Link
  readonly kind: 'near' | 'ratio' | 'enough' | 'share' | 'met'
  readonly width: number
  readonly most: number
  readonly least: number
}

export const AXES: readonly Axis[] = TABLE
const BY_ID = new Map(AXES.map((a) => [a.id, a]))

export function axisOf(id: AxisId): Axis {
  const found = BY_ID.get(id)
  if (!found) throw new Error(`axis ${id} is not in data/axes`)
  return found
}

const bell = (off: number, width: number) => Math.exp(-((off / width) ** 2) / 2)
const SMALLEST = 1e-4

/** Agreement of an offer with what is wanted, 0 … 1. */
export function agreement(axis: Axis, offer: number, want: number): number {
  switch (axis.kind) {
    case 'near':
      return bell(offer - want, axis.width)
    case 'ratio':
      return bell(Math.log(Math.max(SMALLEST, offer) / Math.max(SMALLEST, want)), axis.width)
    case 'enough':
      return want <= 0 ? 1 : Math.min(1, Math.max(0, offer / want))
    case 'share':
      return Math.min(1, Math.max(0, offer))
    case 'met':
      return Math.min(1, Math.max(0, (1 - Math.exp(-CHANCES.met * offer)) / (1 - Math.exp(-CHANCES.met))))
  }
}

/** Mean of two wants on an axis, by weight: of proportions where the axis measures those. */
export function meanWant(axis: Axis, a: number, aWeight: number, b: number, bWeight: number): number {
  const mean = (f: (v: number) => number, back: (v: number) => number) =>
    back((f(a) * aWeight + f(b) * bWeight) / (aWeight + bWeight))
  if (axis.kind === 'ratio') return mean(Math.log, Math.exp)
  return mean(
    (v) => v,
    (v) => v,
  )
}

/** The same by the axis' name. */
export function agreementAt(id: AxisId, offer: number, want: number): number {
  return agreement(axisOf(id), offer, want)
}

/**
 * Logarithm of the chance that an agreement of 0 … 1 leaves on an axis asked for with a weight: ln (least + (1 − least)·agreement) · weight / unit. 0 where all is
 * well, never above. Example: least 0.2, agreement 0.5, weight of two units: 2·ln 0.6 = −1.02, a chance of 0.36.
 */
export function logChance(axis: Pick<Axis, 'least'>, agreed: number, weight: number): number {
  return (Math.log(axis.least + (1 - axis.least) * agreed) * weight) / CHANCES.unit
}

import { HOLDING as TABLE } from '../../data/holding'
import type { Conditions } from './conditions'
import type { WaterFeatures } from './features'
import { truthDegree, type When } from './when'

interface Edge {
  readonly from: 'surface' | 'cover' | 'bottom'
  readonly m: number
}
interface Holding {
  readonly id: string
  readonly when: When
  readonly top: Edge
  readonly bottom: Edge
}

const HOLDING: readonly Holding[] = TABLE

export interface HoldingZone {
  readonly topM: number
  readonly bottomM: number
  /** Id of the entry of data/holding it comes from, words/ says why; null where the angler set it. */
  readonly holdingId: string | null
}

const THINNEST_M = 0.3

/** The angler's own zone, or the usual one for this water. */
export function holdingZone(c: Conditions, features: WaterFeatures): HoldingZone {
  if (c.zone) return { ...c.zone, holdingId: null }
  const found = HOLDING.find((h) => truthDegree(h.when, features) >= 0.5)
  if (!found) throw new Error('data/holding has no entry that always holds')
  const place = ({ from, m }: Edge) => {
    const base = { surface: 0, cover: c.cover.topM, bottom: c.depthM }[from]
    return Math.min(c.depthM, Math.max(0, base + m))
  }
  const bottomM = Math.max(place(found.bottom), Math.min(c.depthM, THINNEST_M))
  return { topM: Math.min(place(found.top), bottomM - THINNEST_M / 2), bottomM, holdingId: found.id }
}

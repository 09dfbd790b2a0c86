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
  /** Id of the entry of data/holding that says most of it, words/ says why; null where the angler set it. */
  readonly holdingId: string | null
}

const THINNEST_M = 0.3

/** How far an entry holds: cover, depth and mood by half or more or not at all, temperature by degrees. */
function shareOf({ waterTempC, ...rest }: When, features: WaterFeatures): number {
  if (truthDegree(rest, features) < 0.5) return 0
  return waterTempC ? truthDegree({ waterTempC }, features) : 1
}

/** What so little says of where fish hold is left out. */
const NEGLIGIBLE = 1e-6

/**
 * The angler's own zone, or the usual one for this water. Where it is half cold enough for an entry, the edges lie half way between its own and those of the next: as the water
 * cools fish move down by degrees. What stands still at a place, its cover and depth, decides whole.
 */
export function holdingZone(c: Conditions, features: WaterFeatures): HoldingZone {
  if (c.zone) return { ...c.zone, holdingId: null }
  const place = ({ from, m }: Edge) => {
    const base = { surface: 0, cover: c.cover.topM, bottom: c.depthM }[from]
    return Math.min(c.depthM, Math.max(0, base + m))
  }
  let [top, bottom, left] = [0, 0, 1]
  let most: { readonly id: string; readonly share: number } | null = null
  for (const h of HOLDING) {
    const share = left * shareOf(h.when, features)
    if (share <= 0) continue
    top += share * place(h.top)
    bottom += share * place(h.bottom)
    left -= share
    if (!most || share > most.share) most = { id: h.id, share }
    if (left <= NEGLIGIBLE) break
  }
  if (!most) throw new Error('data/holding has no entry that always holds')
  const [topM, lowM] = [top / (1 - left), bottom / (1 - left)]
  const bottomM = Math.max(lowM, Math.min(c.depthM, THINNEST_M))
  return { topM: Math.min(topM, bottomM - THINNEST_M / 2), bottomM, holdingId: most.id }
}

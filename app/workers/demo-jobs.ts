import { demoWorld, type World } from '../../core/demo/world'
import type { Lure } from '../../core/tackle'

/** The demo’s world, as it is on a day. */
export const demo = (day: string): World => demoWorld(day)

/** What a shop has: lures as they usually are. */
let market: readonly Lure[] | null = null
export const shop = (): readonly Lure[] => (market ??= demoWorld('2026-06-12').box.lures)

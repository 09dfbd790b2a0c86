import { SPARES, TWICE_FROM } from '../../data/plan'
import type { Box } from '../box'
import { careOf, familyOf, fillerKg, hookPoints, type Care, type Lure } from '../tackle'
import type { Place } from '../water'
import type { Plan, Planned } from './plan'
import { slotsOf } from './day'

/** What goes into the bag, out of which tray, what is done to it the evening before, and what is short. */

const PART_DRAWERS = ['heads', 'hooks', 'sinkers', 'trailers', 'leaders', 'terminals'] as const
type PartDrawer = (typeof PART_DRAWERS)[number]

/** A line that is ticked off. */
export interface PackLine {
  /** Stays the same while the plan is worked out anew. */
  readonly key: string
  readonly what: 'lure' | 'rod' | 'reel' | 'line' | PartDrawer
  readonly id: string
  readonly name: string
  readonly take: number
  readonly have: number
}

/** Lures out of one tray, by their compartments; null is what lies loose. */
interface PackTray {
  readonly trayId: string | null
  readonly name: string | null
  readonly lines: readonly (PackLine & { readonly slot: number | null })[]
}

/** Work for the evening before. */
export type EveningJob = { readonly key: string; readonly lureId: string; readonly name: string } & (
  | { readonly code: 'load'; readonly kg: number }
  | { readonly code: 'dry' }
  | { readonly code: 'singles' }
  | { readonly code: 'care'; readonly care: Care }
)

/** What must be bought. */
export interface Short {
  readonly key: string
  readonly what: PackLine['what']
  readonly name: string
  readonly more: number
}

export interface Packing {
  readonly trays: readonly PackTray[]
  /** Rods, reels, spare spools, then what is tied between line and lure. */
  readonly tackle: readonly PackLine[]
  readonly jobs: readonly EveningJob[]
  readonly short: readonly Short[]
}

const spare = (of: keyof typeof SPARES, hours: number) =>
  Math.max(SPARES[of].least, Math.ceil(hours / SPARES[of].hours))

/** Hours on the water that each set-up is fished, and what is laid by for the case that it is the next one. */
function hoursOf({ blocks }: Pick<Planned, 'blocks'>): Map<string, number> {
  const hours = new Map<string, number>()
  const add = (id: string, by: number) => hours.set(id, (hours.get(id) ?? 0) + by)
  for (const { carriedId, nextCarriedId, beside, fromH, toH } of blocks) {
    add(carriedId, toH - fromH)
    for (const one of beside) add(one.carriedId, (toH - fromH) / 2)
    if (nextCarriedId) add(nextCarriedId, 1)
  }
  return hours
}

/** The packing list of a plan that was worked out. What is no longer in the box is short. */
export function packingOf(plan: Pick<Plan, 'legs'>, planned: Planned, box: Box, places: readonly Place[]): Packing {
  const hours = hoursOf(planned)
  const all = slotsOf(plan.legs, places).reduce((sum, { fromH, toH }) => sum + toH - fromH, 0)
  const lures = planned.lures.map(({ lureId, name, adds }) => {
    const lure = box.lures.find(({ id }) => id === lureId)
    return { lure, line: lureLine(lureId, name, adds, lure, all) }
  })
  const singles = new Set(
    plan.legs.flatMap(({ water }) => places.filter((p) => p.id === water.placeId && p.singlesOnly)),
  )
  const trays = [...box.trays.map((t) => t.id), null].flatMap((trayId): PackTray[] => {
    const lines = lures
      .filter(({ lure }) => (lure?.trayId ?? null) === trayId)
      .map(({ lure, line }) => ({ ...line, slot: lure?.slot ?? null }))
      .sort((a, b) => (a.slot ?? 0) - (b.slot ?? 0))
    return lines.length > 0 ? [{ trayId, name: box.trays.find(({ id }) => id === trayId)?.name ?? null, lines }] : []
  })
  const tackle = [...outfitLines(planned, box), ...partLines(planned, box, hours)]
  const jobs = lures.flatMap(({ lure }) => (lure ? jobsOf(lure, singles.size > 0) : []))
  return { trays, tackle, jobs, short: [...shortOf(lures.map(({ line }) => line)), ...shortOf(tackle)] }
}

function lureLine(id: string, name: string, adds: number, lure: Lure | undefined, hours: number): PackLine {
  const have = lure?.count ?? 0
  const soft = lure && familyOf(lure.family).body === 'soft'
  const take = soft ? 1 + spare('soft', hours) : adds >= TWICE_FROM && have > 1 ? 2 : 1
  return { key: `lure ${id}`, what: 'lure', id, name: lure?.name ?? name, take, have }
}

function outfitLines({ rods }: Planned, box: Box): PackLine[] {
  const one = (what: 'rod' | 'reel' | 'line', id: string, list: readonly { id: string; name: string }[]): PackLine => {
    const found = list.find((part) => part.id === id)
    return { key: `${what} ${id}`, what, id, name: found?.name ?? id, take: 1, have: found ? 1 : 0 }
  }
  return rods.flatMap(({ rodId, reelId, lineIds }) => [
    one('rod', rodId, box.rods),
    one('reel', reelId, box.reels),
    ...lineIds.map((id) => one('line', id, box.lines)),
  ])
}

/** Parts between line and lure: one for each set-up that is carried with it, and spares by the hours it is fished. */
function partLines({ tied }: Planned, box: Box, hours: ReadonlyMap<string, number>): PackLine[] {
  return PART_DRAWERS.flatMap((what) => {
    const list: readonly { readonly id: string; readonly name: string; readonly count?: number }[] = box[what]
    return list.flatMap((part): PackLine[] => {
      const on = tied.filter(({ partIds }) => partIds.includes(part.id))
      if (on.length === 0) return []
      const fished = on.reduce((sum, { carriedId }) => sum + (hours.get(carriedId) ?? 0), 0)
      // A leader stays on its rod whatever hangs on it.
      const tiedOn = what === 'leaders' ? new Set(on.map(({ rodId }) => rodId)).size : on.length
      const take = tiedOn + spare(what, fished)
      return [{ key: `${what} ${part.id}`, what, id: part.id, name: part.name, take, have: part.count ?? take }]
    })
  })
}

function jobsOf(lure: Lure, singles: boolean): EveningJob[] {
  const head = (code: string) => ({ key: `job ${code} ${lure.id}`, lureId: lure.id, name: lure.name })
  const kg = fillerKg(lure)
  const treble = lure.hooks !== null && hookPoints(lure.hooks) > lure.hooks.count
  return [
    ...(kg > 0 ? [{ ...head('load'), code: 'load' as const, kg }] : []),
    ...(lure.make?.scented ? [{ ...head('dry'), code: 'dry' as const }] : []),
    ...(singles && treble ? [{ ...head('singles'), code: 'singles' as const }] : []),
    ...careOf(lure)
      .filter(({ when, code }) => when === 'now' || code === 'stock-hooks')
      .map((care) => ({ ...head(care.code), code: 'care' as const, care })),
  ]
}

const shortOf = (lines: readonly PackLine[]): Short[] =>
  lines.flatMap(({ key, what, name, take, have }) => (have < take ? [{ key, what, name, more: take - have }] : []))

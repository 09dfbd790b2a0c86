import { SNAGS, SPARES, TWICE_FROM } from '../../data/plan'
import type { Box } from '../box'
import { careOf, familyOf, fillerKg, groupShares, hookPoints, kinKeyOf, type Care, type Lure } from '../tackle'
import type { Place } from '../water'
import type { Load, Plan, Planned } from './plan'
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
export type EveningJob = { readonly key: string; readonly lureId: string; readonly name: string } &
  /** Hours in which it wants so much; none where it hangs on no rod: then it is what is in it now. */
  (
    | { readonly code: 'load'; readonly kg: number; readonly hours: readonly Pick<Load, 'fromH' | 'toH'>[] }
    /** The same lure in gold where this is silver, or the other way round; whether it is in the kit. */
    | { readonly code: 'twin'; readonly twin: string; readonly along: boolean }
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
    const ids = new Set(planned.carried.flatMap((one) => (one.lureId === lureId ? [one.id] : [])))
    const lost = lostOf(
      planned.tied.filter(({ carriedId }) => ids.has(carriedId)),
      hours,
    )
    return { lure, line: lureLine(lureId, name, adds, lure, all, lost) }
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
  const kit = lures.flatMap(({ lure }) => lure ?? [])
  const jobs = kit.flatMap((lure) => [
    ...loadJobs(lure, planned.loads),
    ...jobsOf(lure, singles.size > 0),
    ...twinJobs(lure, kit, box.lures),
  ])
  return { trays, tackle, jobs, short: [...shortOf(lures.map(({ line }) => line)), ...shortOf(tackle)] }
}

function lureLine(
  id: string,
  name: string,
  adds: number,
  lure: Lure | undefined,
  hours: number,
  lost: number,
): PackLine {
  const have = lure?.count ?? 0
  const soft = lure && familyOf(lure.family).body === 'soft'
  const twin = (adds >= TWICE_FROM || lost > 0) && have > 1 ? 2 : 1
  const take = soft ? 1 + spare('soft', hours) + lost : twin
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

/** What hang-ups will cost of some set-ups, by the casts of their hours. */
const lostOf = (
  on: readonly Pick<Planned['tied'][number], 'carriedId' | 'snag'>[],
  hours: ReadonlyMap<string, number>,
) =>
  Math.round(
    on.reduce((sum, { carriedId, snag }) => sum + (hours.get(carriedId) ?? 0) * SNAGS.castsPerH * snag * SNAGS.lost, 0),
  )

/** Parts between line and lure: one for each set-up that is carried with it, and spares by the hours it is fished and by what hang-ups cost. */
function partLines({ tied }: Planned, box: Box, hours: ReadonlyMap<string, number>): PackLine[] {
  return PART_DRAWERS.flatMap((what) => {
    const list: readonly { readonly id: string; readonly name: string; readonly count?: number }[] = box[what]
    return list.flatMap((part): PackLine[] => {
      const on = tied.filter(({ partIds }) => partIds.includes(part.id))
      if (on.length === 0) return []
      const fished = on.reduce((sum, { carriedId }) => sum + (hours.get(carriedId) ?? 0), 0)
      // A leader stays on its rod whatever hangs on it.
      const tiedOn = what === 'leaders' ? new Set(on.map(({ rodId }) => rodId)).size : on.length
      const take = tiedOn + spare(what, fished) + lostOf(on, hours)
      return [{ key: `${what} ${part.id}`, what, id: part.id, name: part.name, take, have: part.count ?? take }]
    })
  })
}

const headOf = (lure: Lure, code: string) => ({ key: `job ${code} ${lure.id}`, lureId: lure.id, name: lure.name })

/** A hollow plug is filled for the hours in which it hangs; one that hangs on no rod is looked at. */
function loadJobs(lure: Lure, loads: readonly Load[]): EveningJob[] {
  const mine = loads.filter(({ lureId }) => lureId === lure.id)
  const kg = fillerKg(lure)
  if (mine.length === 0) return kg > 0 ? [{ ...headOf(lure, 'load'), code: 'load', kg, hours: [] }] : []
  return [...new Set(mine.map((load) => load.kg))].map((load) => ({
    ...headOf(lure, `load ${load}`),
    code: 'load',
    kg: load,
    hours: mine.filter((one) => one.kg === load),
  }))
}

/** Gold and silver of one lure lie ready on two rods; the silver one is told of, else the one that comes along. */
function twinJobs(lure: Lure, kit: readonly Lure[], all: readonly Lure[]): EveningJob[] {
  const metal = metalOf(lure)
  if (!metal) return []
  const twins = all.filter((other) => other.count > 0 && isTwin(lure, other))
  const along = twins.find((twin) => kit.includes(twin))
  if (along) return metal === 'silver' ? [{ ...headOf(lure, 'twin'), code: 'twin', twin: along.name, along: true }] : []
  const [first] = twins
  return first ? [{ ...headOf(lure, 'twin'), code: 'twin', twin: first.name, along: false }] : []
}
/** More than half of it shines so. */
function metalOf({ colour }: Lure): 'gold' | 'silver' | null {
  const shares = groupShares(colour)
  return shares.gold > 0.5 ? 'gold' : shares.silver > 0.5 ? 'silver' : null
}
/** Sizes nearer than this are one size, as a share. */
const ONE_SIZE = 0.03
function isTwin(lure: Lure, other: Lure): boolean {
  const [a, b] = [metalOf(lure), metalOf(other)]
  const size = Math.abs(lure.lengthM / other.lengthM - 1) < ONE_SIZE
  return b !== null && a !== b && size && kinKeyOf(lure) === kinKeyOf(other)
}

function jobsOf(lure: Lure, singles: boolean): EveningJob[] {
  const treble = lure.hooks !== null && hookPoints(lure.hooks) > lure.hooks.count
  return [
    ...(lure.make?.scented ? [{ ...headOf(lure, 'dry'), code: 'dry' as const }] : []),
    ...(singles && treble ? [{ ...headOf(lure, 'singles'), code: 'singles' as const }] : []),
    ...careOf(lure)
      .filter(({ when, code }) => when === 'now' || code === 'stock-hooks')
      .map((care) => ({ ...headOf(lure, care.code), code: 'care' as const, care })),
  ]
}

const shortOf = (lines: readonly PackLine[]): Short[] =>
  lines.flatMap(({ key, what, name, take, have }) => (have < take ? [{ key, what, name, more: take - have }] : []))

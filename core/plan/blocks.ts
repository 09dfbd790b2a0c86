import { LEARNING } from '../../data/advice'
import { giveFor } from '../outing'
import { bestOutfit, type KitOnRods, type Taken } from './kit-on-rods'
import type { Block, Lock } from './plan'
import type { Hour, WorthTable } from './table'
import { worthInHour, worthOfRods, type Held, type Tied } from './timeline'

/** The day as stretches: which rod is in the hand, what lies ready beside it, for how long, and what then. */

/** Hours that the angler holds to, as the timeline takes them; what is no longer carried is let go. */
export function heldHours(
  locks: readonly Lock[],
  hours: readonly Hour[],
  kit: readonly string[],
  rods: readonly string[],
) {
  return locks.flatMap(({ legId, fromH, toH, lureId, rodId }): Held[] => {
    const [lure, at] = [kit.indexOf(lureId), rods.indexOf(rodId)]
    if (lure < 0 || at < 0) return []
    return hours.flatMap(({ slot }, hour) =>
      slot.leg.id === legId && slot.fromH >= fromH - 1e-9 && slot.toH <= toH + 1e-9 ? [{ hour, at, lure }] : [],
    )
  })
}

/** A kit on its way through the day. */
export interface Course {
  readonly table: WorthTable
  /** Outfits that come along and lures of the kit, by their places in the table. */
  readonly outfits: readonly number[]
  readonly lures: readonly number[]
  readonly rodIds: readonly string[]
  readonly held: readonly Held[]
  /** What hangs on each rod, hour by hour. */
  readonly tied: readonly Tied[]
}

/** What an hour is fished with. */
export interface InHand {
  /** The rod in the hand, by its place among the outfits. */
  readonly main: number
  readonly tied: Tied
  /** Chance of a take with the kit, and with the whole box. */
  readonly chance: number
  readonly whole: number
  /** The lure to be tried next, by its place in the kit. */
  readonly next: number | null
}

/** What is in the hand, hour by hour; null where nothing of the kit is fished. */
export function inHandBy({ table, outfits, lures, held, tied: course }: Course): (InHand | null)[] {
  const all = table.outfits.map((_, i) => i)
  const byRod = worthOfRods(table, outfits, lures, course)
  return table.hours.map((hour, h): InHand | null => {
    const tied = course[h] ?? []
    const worth = worthInHour(table, hour, outfits, lures)
    const onRods = byRod[h] ?? []
    const fast = held.find((one) => one.hour === h && tied[one.at] === one.lure)
    const main = fast ? fast.at : onRods.reduce((best, v, i) => (v > (onRods[best] ?? -1) + 1e-12 ? i : best), 0)
    const lure = tied[main]
    if (lure === null || lure === undefined) return null
    const there = [...new Set(hour.waters.flatMap(({ key }) => [...(table.waters.get(key)?.chances.keys() ?? [])]))]
    return {
      main,
      tied,
      chance: worth.all,
      whole: Math.max(worth.all, worthInHour(table, hour, all, there).all),
      next: standIn(worth.rows, lure),
    }
  })
}

/** One hour as a stretch of its own; null where nothing can be taken into the hand. */
function blockOf(hour: Hour, h: number, now: InHand, course: Course, kit: KitOnRods): Omit<Block, 'id'> | null {
  const { table, outfits, lures, rodIds, held } = course
  const { main, tied, next } = now
  const lure = tied[main]
  const own = typeof lure === 'number' ? kit.take(hour, lure, main) : null
  if (!own || typeof lure !== 'number') return null
  const beside = tied.flatMap((other, i) => {
    const rodId = rodIds[i]
    const also = other === null || i === main ? null : kit.take(hour, other, i)
    return also && rodId !== undefined ? [{ rodId, carriedId: also.carriedId }] : []
  })
  const nextOn = next === null ? -1 : bestOutfit(table, hour, outfits, lures[next] ?? -1)
  const then: Taken | null = next === null || nextOn < 0 ? null : kit.take(hour, next, nextOn)
  return {
    legId: hour.slot.leg.id,
    fromH: Math.floor(hour.slot.fromH),
    toH: hour.slot.toH,
    ...own,
    rodId: rodIds[main] ?? '',
    chance: now.chance,
    whole: now.whole,
    giveMin: giveFor((LEARNING.showingsPerH / 60) * Math.max(0.02, now.chance)),
    nextCarriedId: then && then.carriedId !== own.carriedId ? then.carriedId : null,
    locked: held.some((one) => one.hour === h && one.at === main && one.lure === lure),
    beside,
  }
}

/** Whether an hour goes on with what the stretch before it was; where another rod is tied anew, it ends. */
const goesOn = (last: Block, now: Omit<Block, 'id'>): boolean =>
  last.toH === now.fromH &&
  last.legId === now.legId &&
  last.carriedId === now.carriedId &&
  last.rodId === now.rodId &&
  last.locked === now.locked &&
  last.beside.length === now.beside.length &&
  last.beside.every((one, i) => one.carriedId === now.beside[i]?.carriedId)

/** A stretch and the hour after it. */
function joined(last: Block, now: Omit<Block, 'id'>): Block {
  const span = last.toH - last.fromH
  const mean = (a: number, b: number) => (a * span + b) / (span + 1)
  return { ...last, toH: now.toH, chance: mean(last.chance, now.chance), whole: mean(last.whole, now.whole) }
}

/** The stretches of the day; the kit is rigged as they ask for it. */
export function blocksOf(inHand: readonly (InHand | null)[], course: Course, kit: KitOnRods): Block[] {
  const blocks: Block[] = []
  course.table.hours.forEach((hour, h) => {
    const hand = inHand[h]
    const now = hand ? blockOf(hour, h, hand, course, kit) : null
    if (!now) return
    const last = blocks.at(-1)
    if (last && goesOn(last, now)) blocks[blocks.length - 1] = joined(last, now)
    else blocks.push({ id: `block-${blocks.length + 1}`, ...now })
  })
  return blocks
}

/** The lure that gains most where another fails; null where none does. */
function standIn(rows: readonly Float64Array[], main: number): number | null {
  let best: { readonly lure: number; readonly gain: number } | null = null
  rows.forEach((row, lure) => {
    const gain = row.reduce((sum, v, s) => sum + Math.max(0, v - (rows[main]?.[s] ?? 0)), 0)
    if (lure !== main && gain > (best?.gain ?? 1e-9)) best = { lure, gain }
  })
  return (best as { readonly lure: number } | null)?.lure ?? null
}

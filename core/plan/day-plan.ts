import { LEARNING } from '../../data/advice'
import type { Box } from '../box'
import { bestOf, createMatchContext, type MatchContext, type Ranked, type SetUp } from '../match'
import { carry, giveFor, type Carried } from '../outing'
import { accountOfKit, coverOf, type ChosenKit } from './choose'
import type { Proof } from './prove'
import { partsOf } from './outfit-sets'
import type { Block, Lock, Plan, Planned } from './plan'
import { boxFor, type Hour, type PlanWorld, type WorthTable } from './table'
import { reTiesOf, tiedThrough, worthInHour, worthOfRods, type Held, type Tied } from './timeline'

/** The day laid out: what hangs on which rod when, how it is worked, when to lay it down, and what then. */

/** From hook to rod in words; the words stand elsewhere. */
export type SayRig = (setUp: SetUp) => string

interface SetUpThere {
  readonly ranked: Ranked
  readonly context: MatchContext
}

/** Best set-up of a lure on one rod and reel in the likeliest water of an hour in which it is fished so; null where it is in none. */
function worker(table: WorthTable, plan: Plan, { box: whole, judging }: PlanWorld) {
  const box = boxFor(whole, plan)
  const known = new Map<string, SetUpThere | null>()
  const onOutfit = (outfit: string): Box => {
    const { rodId, reelId } = partsOf(outfit)
    return {
      ...box,
      rods: box.rods.filter(({ id }) => id === rodId),
      reels: box.reels.filter(({ id }) => id === reelId),
    }
  }
  return (hour: Hour, lureIndex: number, outfitIndex: number): SetUpThere | null => {
    const lure = table.lures[lureIndex]
    const outfit = table.outfits[outfitIndex]
    if (!lure || !outfit) return null
    const likeliest = [...hour.waters].sort((a, b) => b.weight - a.weight)
    for (const { key } of likeliest) {
      const water = table.waters.get(key)
      if (!water || (water.chances.get(lureIndex)?.[outfitIndex] ?? 0) === 0) continue
      const name = `${key}\n${lure.id}\n${outfit}`
      let found = known.get(name)
      if (found === undefined) {
        const on = onOutfit(outfit)
        const context = createMatchContext(water.c, water.place, on, judging)
        const ranked = bestOf(lure, on, context)
        found = ranked && { ranked, context }
        known.set(name, found)
      }
      if (found) return found
    }
    return null
  }
}

/** Hours that the angler holds to, as the timeline takes them; what is no longer carried is let go. */
function heldHours(locks: readonly Lock[], hours: readonly Hour[], kit: readonly string[], rods: readonly string[]) {
  return locks.flatMap(({ legId, fromH, toH, lureId, rodId }): Held[] => {
    const [lure, at] = [kit.indexOf(lureId), rods.indexOf(rodId)]
    if (lure < 0 || at < 0) return []
    return hours.flatMap(({ slot }, hour) =>
      slot.leg.id === legId && slot.fromH >= fromH - 1e-9 && slot.toH <= toH + 1e-9 ? [{ hour, at, lure }] : [],
    )
  })
}

/** Lures that a lock speaks of come along. */
export const withLocked = (plan: Plan): Plan => ({
  ...plan,
  pinned: [...new Set([...plan.pinned, ...plan.locks.map(({ lureId }) => lureId)])],
})

interface InHand {
  readonly main: number
  readonly tied: Tied
  readonly chance: number
  readonly whole: number
  readonly next: number | null
}

const unit = (v: number) => Math.min(1, Math.max(0, v))

/** Lays the day out with a chosen kit. */
export function layOut(
  plan: Plan,
  world: PlanWorld,
  table: WorthTable,
  chosen: ChosenKit,
  { bound, by }: Proof,
  sayRig: SayRig,
  at: string,
): Planned {
  const { outfits, on, kit } = chosen
  const lures = kit.lures.map((row) => on.lures[row] ?? -1)
  const account = accountOfKit(table, chosen)
  const lureId = (lure: number) => table.lures[lures[lure] ?? -1]?.id ?? ''
  const parts = outfits.map((outfit) => partsOf(table.outfits[outfit] ?? ''))
  const held = heldHours(
    plan.locks,
    table.hours,
    lures.map((_, i) => lureId(i)),
    parts.map(({ rodId }) => rodId),
  )
  const course = tiedThrough(table, outfits, lures, held)
  const workedOn = worker(table, plan, world)
  const carried = new Map<string, { carried: Carried; setUp: SetUp; outfit: number; snag: number }>()
  /** A lure on an outfit as it goes on the water, and its way in one hour. */
  const take = (hour: Hour, lure: number, at: number) => {
    const worked = workedOn(hour, lures[lure] ?? -1, outfits[at] ?? -1)
    if (!worked) return null
    const key = `${lure} ${at}`
    const { setUp } = worked.ranked
    const before = carried.get(key)
    const one = before ?? {
      carried: carry(setUp, worked.context, `rig-${carried.size + 1}`, sayRig(setUp)),
      setUp,
      outfit: at,
      snag: 0,
    }
    one.snag = Math.max(one.snag, worked.ranked.thrown.risk)
    if (!before) carried.set(key, one)
    const { retrieve, countDownS, rodTipM } = setUp.handling
    const { ways } = one.carried
    const way =
      ways.find(({ id }) => id === `${retrieve.id}/${countDownS}/${rodTipM}`) ??
      ways.find(({ retrieveId }) => retrieveId === retrieve.id) ??
      ways[0]
    return way ? { carriedId: one.carried.id, wayId: way.id } : null
  }
  const all = table.outfits.map((_, i) => i)
  const byRod = worthOfRods(table, outfits, lures, course)
  const inHand = table.hours.map((hour, h): InHand | null => {
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
  const blocks: Block[] = []
  table.hours.forEach((hour, h) => {
    const now = inHand[h]
    const { slot } = hour
    if (!now) return
    const lure = now.tied[now.main]
    const own = typeof lure === 'number' ? take(hour, lure, now.main) : null
    if (!own || typeof lure !== 'number') return
    const beside = now.tied.flatMap((other, i) => {
      const rodId = parts[i]?.rodId
      const also = other === null || i === now.main ? null : take(hour, other, i)
      return also && rodId !== undefined ? [{ rodId, carriedId: also.carriedId }] : []
    })
    const nextOn = now.next === null ? -1 : bestOutfit(table, hour, outfits, lures[now.next] ?? -1)
    const next = now.next === null || nextOn < 0 ? null : take(hour, now.next, nextOn)
    const rodId = parts[now.main]?.rodId ?? ''
    const locked = held.some((one) => one.hour === h && one.at === now.main && one.lure === lure)
    const [fromH, toH] = [Math.floor(slot.fromH), slot.toH]
    const last = blocks.at(-1)
    // Where another rod is tied anew, the stretch ends, too.
    const sameBeside =
      last?.beside.length === beside.length && last.beside.every((one, i) => one.carriedId === beside[i]?.carriedId)
    const goesOn =
      sameBeside &&
      last?.legId === slot.leg.id &&
      last.carriedId === own.carriedId &&
      last.rodId === rodId &&
      last.locked === locked
    if (last && goesOn && last.toH === fromH) {
      const span = last.toH - last.fromH
      const mean = (a: number, b: number) => (a * span + b) / (span + 1)
      blocks[blocks.length - 1] = {
        ...last,
        toH,
        chance: mean(last.chance, now.chance),
        whole: mean(last.whole, now.whole),
      }
      return
    }
    blocks.push({
      id: `block-${blocks.length + 1}`,
      legId: slot.leg.id,
      fromH,
      toH,
      ...own,
      rodId,
      chance: now.chance,
      whole: now.whole,
      giveMin: giveFor((LEARNING.showingsPerH / 60) * Math.max(0.02, now.chance)),
      nextCarriedId: next && next.carriedId !== own.carriedId ? next.carriedId : null,
      locked,
      beside,
    })
  })
  // What no hour asks for comes along all the same, on the rod and for the hour it is best at.
  lures.forEach((lure, i) => {
    if ([...carried.keys()].some((key) => key.startsWith(`${i} `))) return
    const best = table.hours.reduce<{ readonly hour: Hour; readonly worth: number } | null>((most, hour) => {
      const worth = worthInHour(table, hour, outfits, [lure]).each[0] ?? 0
      return worth > (most?.worth ?? 0) ? { hour, worth } : most
    }, null)
    if (best) take(best.hour, i, bestOutfit(table, best.hour, outfits, lure))
  })
  const tiedOn = [...carried.values()].map(({ carried: { id }, setUp, outfit, snag }) => ({
    carriedId: id,
    rodId: parts[outfit]?.rodId ?? '',
    reelId: parts[outfit]?.reelId ?? '',
    lineId: setUp.outfit.line.id,
    partIds: partIdsOf(setUp),
    snag: unit(snag),
  }))
  const named = (lure: number) => ({ lureId: table.lures[lure]?.id ?? '', name: table.lures[lure]?.name ?? '' })
  return {
    lures: account.items.map(({ lure, adds, without }) => ({
      ...named(lure),
      adds: unit(adds),
      without: unit(without),
    })),
    more: account.next.map(({ lure, adds }) => ({ ...named(lure), adds: unit(adds), without: 0 })),
    home: account.home,
    rods: parts.map(({ rodId, reelId }) => ({
      rodId,
      reelId,
      lineIds: [...new Set(tiedOn.filter((t) => t.rodId === rodId).map(({ lineId }) => lineId))],
    })),
    carried: [...carried.values()].map((one) => one.carried),
    tied: tiedOn,
    blocks,
    hours: table.hours.map((hour, h) => {
      const { each, all: kitWorth } = worthInHour(table, hour, outfits, lures)
      const { leg, fromH, toH } = hour.slot
      return {
        legId: leg.id,
        fromH,
        toH,
        whole: unit(inHand[h]?.whole ?? kitWorth),
        kit: unit(kitWorth),
        each: each.map(unit),
      }
    }),
    covered: coverOf(table, chosen),
    loads: [],
    value: unit(kit.value),
    whole: unit(chosen.whole),
    bound: unit(Math.max(bound, kit.value)),
    by,
    luresKg: account.kg,
    reTies: reTiesOf(course),
    waters: table.waters.size,
    at,
  }
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

/** Of the outfits that come along the one on which a lure is worth most in an hour, by its place among them; −1 where none carries it. */
function bestOutfit(table: WorthTable, hour: Hour, outfits: readonly number[], lure: number): number {
  const worth = outfits.map((outfit) => worthInHour(table, hour, [outfit], [lure]).each[0] ?? 0)
  const best = worth.reduce((most, v, i) => (v > (worth[most] ?? 0) + 1e-12 ? i : most), 0)
  return (worth[best] ?? 0) > 0 ? best : -1
}

/** Parts of a rig beside its lure: what is counted out of the drawers. */
function partIdsOf({ build: { mount, trailer, clip, anchor }, leader }: SetUp): string[] {
  const ids = [
    mount.kind === 'head' ? mount.head.id : null,
    'hook' in mount ? mount.hook.id : null,
    'sinker' in mount ? (mount.sinker?.id ?? null) : null,
    trailer?.id ?? null,
    clip?.id ?? null,
    anchor?.id ?? null,
    leader?.id ?? null,
  ]
  return ids.filter((one): one is string => one !== null)
}

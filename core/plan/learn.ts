import { LEARNING } from '../../data/advice'
import { sum } from 'd3-array'
import { accountOf, beginShowings, bitesOf, type Outing } from '../outing'
import { bestOn, type WorthTable } from './table'

/** What the answers of the fish say of the worlds that were reckoned with: the second day, or the rest of the first, is laid out by them. */

/** What was fished, for how long, and how often it was taken; bites close together are one showing. */
export interface Answered {
  readonly lureId: string
  /** Hour of the day. */
  readonly hour: number
  readonly minutes: number
  readonly showings: number
}

/** The stretches of an outing, as a plan hears them. */
export function triedOf(outing: Outing, now: string): Answered[] {
  return accountOf(outing, now).stretches.flatMap((s) => {
    const { lureId } = s.carried
    if (lureId === null || s.minutes <= 0) return []
    const bites = s.answers.filter((a) => bitesOf({ answers: [a] }) > 0).map(({ at }) => at)
    const showings = beginShowings(bites).filter(Boolean)
    const [h = 0, m = 0] = s.from.slice(11, 16).split(':').map(Number)
    return [{ lureId, hour: h + m / 60, minutes: s.minutes, showings: showings.length }]
  })
}

/** What is thought of the number of showings before anything is seen: gamma, mean `showingsPerH` an hour for a sure take, of so many hours’ worth. */
const PRIOR_H = 1

/**
 * How likely each world is after what was tried. Showings of a lure are Poisson, their mean is hours × worth × one unknown rate of the day; that rate is gamma and drops out:
 * log p = Σ nᵢ·log eᵢ − (a + Σn)·log(b + Σe), e hours times worth, a = `showingsPerH`·b, b = {@link PRIOR_H}. Worth 0 counts as nearly none, for a match may be wrong.
 */
export function afterTried(table: WorthTable, tried: readonly Answered[]): WorthTable {
  if (tried.length === 0 || table.hours.length === 0) return table
  const LEAST = 0.02
  const lureIndex = new Map(table.lures.map(({ id }, i) => [id, i]))
  const all = table.outfits.map((_, i) => i)
  const ids = [...new Set(table.hours.flatMap(({ waters }) => waters.map(({ water }) => water.id)))]
  const logs = new Map<string, Float64Array>()
  for (const id of ids) {
    const log = new Float64Array(table.tasteCount)
    for (let t = 0; t < log.length; t++) {
      let [hours, showings, sumOfLogs] = [0, 0, 0]
      for (const one of tried) {
        const lure = lureIndex.get(one.lureId)
        if (lure === undefined) continue
        const worth = Math.max(LEAST, worthAt(table, id, one.hour, lure, all) * (table.tastes(lure)[t] ?? 1))
        hours += (one.minutes / 60) * worth
        showings += one.showings
        sumOfLogs += one.showings * Math.log(worth)
      }
      log[t] = sumOfLogs - (LEARNING.showingsPerH * PRIOR_H + showings) * Math.log(PRIOR_H + hours)
    }
    logs.set(id, log)
  }
  const most = Math.max(...[...logs.values()].flatMap((log) => [...log]))
  const shares = new Map([...logs].map(([id, log]) => [id, log.map((l) => Math.exp(l - most))]))
  // Weights of the ways the water may be stand in the hours: the mean over all worlds stays one.
  const weights = new Map<string, number>()
  for (const { waters } of table.hours)
    for (const { water, weight } of waters) weights.set(water.id, (weights.get(water.id) ?? 0) + weight)
  const before = sum(weights.values())
  const after = sum([...shares].map(([id, share]) => (weights.get(id) ?? 0) * sum(share)))
  const scaled = new Map(
    [...shares].map(([id, share]) => [id, share.map((s) => (s * before) / Math.max(1e-300, after))]),
  )
  const none = new Float64Array(table.tasteCount)
  return { ...table, believed: (id) => scaled.get(id) ?? none }
}

/** Worth of a lure in one way the water may be, at the hour nearest to one; 0 where it is not fished. */
function worthAt(table: WorthTable, waterId: string, hour: number, lure: number, outfits: readonly number[]): number {
  let best: { readonly key: string; readonly off: number } | null = null
  for (const { slot, waters } of table.hours) {
    const off = Math.abs((slot.fromH + slot.toH) / 2 - hour)
    const there = waters.find(({ water }) => water.id === waterId)
    if (there && off < (best?.off ?? Infinity)) best = { key: there.key, off }
  }
  return best ? bestOn(table, best.key, lure, outfits) : 0
}

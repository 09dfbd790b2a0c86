import { accountOf, spotLabel, type EntryOf, type Outing, type Stretch } from '../outing'
import { firstShare, shareInterval, updateShare, type ShareInterval } from '../share'
import { studentQuantile } from '../statistics'

/** Fish once they were on: how many were landed by what held them, why the others came off, how long they were, and what others caught. */

/** A fish that was hooked, and what it was hooked on. */
interface Hooked {
  readonly landed: boolean
  readonly lengthM: number | null
  readonly lostHow: EntryOf<'answer'>['lostHow']
  readonly lure: string
  readonly spot: string | null
  readonly gear: Stretch['carried']['gear']
}

export type HookedBy = 'rod' | 'hook' | 'line' | 'lure'
export const HOOKED_BY: readonly HookedBy[] = ['rod', 'hook', 'line', 'lure']

/** Every fish of some outings that was on: landed or lost. */
export function hookedFish(outings: readonly Outing[], now: string): Hooked[] {
  return outings.flatMap((outing) =>
    accountOf(outing, now).stretches.flatMap(({ carried, spot, answers }) =>
      answers
        .filter((a) => a.answer === 'landed' || a.answer === 'lost')
        .map((a): Hooked => ({
          landed: a.answer === 'landed',
          lengthM: a.fish?.lengthM ?? null,
          lostHow: a.lostHow,
          lure: carried.beside?.find((b) => b.lureId === a.lureId)?.name ?? carried.name,
          spot: spot && spotLabel(spot),
          gear: carried.gear,
        })),
    ),
  )
}

interface LandedRow {
  readonly name: string
  readonly landed: number
  readonly of: number
  readonly share: ShareInterval
}
/** How firm the belief is that one rod, hook or line holds as well as all do, in fish [2 … 8]. */
const PRIOR_STRENGTH = 4

/** Landed of hooked by what held them, the surest first: a share of each, on the first belief that it is as the whole record's. */
export function landedBy(fish: readonly Hooked[], by: HookedBy): LandedRow[] {
  const nameOf = ({ gear, lure }: Hooked) => (by === 'lure' ? lure : gear?.[by])
  const told = fish.flatMap((f) => {
    const name = nameOf(f)
    return name === undefined ? [] : [{ name, landed: f.landed }]
  })
  const all = told.filter((f) => f.landed).length
  const first = firstShare((all + 1) / (told.length + 2), PRIOR_STRENGTH)
  return [...new Set(told.map((f) => f.name))]
    .map((name): LandedRow => {
      const of = told.filter((f) => f.name === name)
      const landed = of.filter((f) => f.landed).length
      return { name, landed, of: of.length, share: shareInterval(updateShare(first, landed, of.length)) }
    })
    .sort((a, b) => b.of - a.of || (a.name < b.name ? -1 : 1))
}

/** Why fish came off, the commonest first; null where nobody said. */
export function whyLost(fish: readonly Hooked[]): { readonly how: Hooked['lostHow'] | null; readonly fish: number }[] {
  const lost = fish.filter((f) => !f.landed)
  return [...new Set(lost.map((f) => f.lostHow ?? null))]
    .map((how) => ({ how, fish: lost.filter((f) => (f.lostHow ?? null) === how).length }))
    .sort((a, b) => b.fish - a.fish)
}

interface SizeRow {
  readonly name: string
  readonly fish: number
  readonly longestM: number
  /** Geometric mean of the lengths, m, and its 90 % interval; the interval is null where no row has two fish. */
  readonly meanM: number
  readonly likely: { readonly low: number; readonly high: number } | null
}

/**
 * Lengths of fish landed, by lure or by spot, the longest on the average first. Fish of one row are taken to spread as much as those of another: the spread of the logarithms is pooled over all
 * rows, and Student's t of all fish but one a row makes the interval, so that two fish of a length do not seem exact.
 *
 * @example fish of 0.2 and 0.45 m on one lure: mean √(0.2 · 0.45) = 0.3 m
 */
export function sizesBy(
  fish: readonly Pick<Hooked, 'landed' | 'lengthM' | 'lure' | 'spot'>[],
  by: 'lure' | 'spot',
): SizeRow[] {
  const lengths = new Map<string, number[]>()
  for (const f of fish) {
    const name = f[by]
    if (!f.landed || f.lengthM === null || name === null) continue
    lengths.set(name, [...(lengths.get(name) ?? []), f.lengthM])
  }
  const rows = [...lengths].map(([name, list]) => {
    const logs = list.map(Math.log)
    const mean = logs.reduce((a, b) => a + b, 0) / logs.length
    return { name, list, mean, squares: logs.reduce((sum, l) => sum + (l - mean) ** 2, 0) }
  })
  const freedom = rows.reduce((sum, { list }) => sum + list.length - 1, 0)
  const spread = freedom > 0 ? Math.sqrt(rows.reduce((sum, { squares }) => sum + squares, 0) / freedom) : 0
  const t = freedom > 0 ? studentQuantile(0.95, freedom) : 0
  return rows
    .map(({ name, list, mean }): SizeRow => {
      const half = (t * spread) / Math.sqrt(list.length)
      return {
        name,
        fish: list.length,
        longestM: Math.max(...list),
        meanM: Math.exp(mean),
        likely: freedom > 0 ? { low: Math.exp(mean - half), high: Math.exp(mean + half) } : null,
      }
    })
    .sort((a, b) => b.meanM - a.meanM)
}

/** What others caught, by lure, the most first; null where it was not seen. */
export function companionsBy(
  outings: readonly Outing[],
): { readonly lure: string | null; readonly fish: number; readonly longestM: number | null }[] {
  const fish = outings.flatMap((o) => o.entries.filter((e): e is EntryOf<'companion'> => e.kind === 'companion'))
  return [...new Set(fish.map((f) => f.lure?.name ?? null))]
    .map((lure) => {
      const on = fish.filter((f) => (f.lure?.name ?? null) === lure)
      const lengths = on.flatMap((f) => f.lengthM ?? [])
      return { lure, fish: on.length, longestM: lengths.length > 0 ? Math.max(...lengths) : null }
    })
    .sort((a, b) => b.fish - a.fish)
}

/** Sinkers, leaders, hooks and trailers that were lost, by kind. */
export function partsLost(
  outings: readonly Outing[],
): { readonly part: EntryOf<'lost-part'>['part']; readonly lost: number }[] {
  const parts = outings.flatMap((o) => o.entries.flatMap((e) => (e.kind === 'lost-part' ? [e.part] : [])))
  return [...new Set(parts)]
    .map((part) => ({ part, lost: parts.filter((p) => p === part).length }))
    .sort((a, b) => b.lost - a.lost)
}

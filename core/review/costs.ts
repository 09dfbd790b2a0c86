import { careOf, type Care, type Lure } from '../tackle'
import { boxTallies, type Outing } from '../outing'
import { countAnswers, splitByLure, type EffortRow } from './record'

/** What a lure has brought and cost. Costs in the angler's own currency. */
export interface LureCost {
  readonly lureId: string
  readonly name: string
  readonly minutes: number
  readonly landed: number
  readonly lost: number
  /** Cost of one lure times those lost, and the one fished with; null where no cost is known. */
  readonly spent: number | null
  readonly perFish: number | null
  /** Hours on the water to one lost; null where none was. */
  readonly hoursPerLost: number | null
  readonly care: readonly Care[]
}

/** What each lure fished has cost a fish: itself, and those of it that were lost. Dearest first. */
export function costsOf(tried: readonly EffortRow[], outings: readonly Outing[], lures: readonly Lure[]): LureCost[] {
  const lost = new Map<string, number>()
  for (const outing of outings)
    for (const [lureId, tally] of boxTallies(outing)) lost.set(lureId, (lost.get(lureId) ?? 0) + tally.lost)
  const byLure = new Map<string, EffortRow[]>()
  for (const t of splitByLure(tried))
    if (t.carried.lureId) byLure.set(t.carried.lureId, [...(byLure.get(t.carried.lureId) ?? []), t])
  return [...byLure]
    .map(([lureId, list]): LureCost => {
      const lure = lures.find((l) => l.id === lureId)
      const cost = lure?.cost ?? [...list].reverse().find((t) => t.carried.cost !== null)?.carried.cost ?? null
      const gone = lost.get(lureId) ?? 0
      const landed = list.reduce((sum, t) => sum + countAnswers(t, 'landed'), 0)
      const minutes = list.reduce((sum, t) => sum + t.minutes, 0)
      const spent = cost === null ? null : cost * (gone + 1)
      return {
        lureId,
        name: lure?.name ?? list[list.length - 1]?.carried.name ?? '',
        minutes,
        landed,
        lost: gone,
        spent,
        perFish: spent === null || landed === 0 ? null : spent / landed,
        hoursPerLost: gone === 0 ? null : minutes / 60 / gone,
        care: lure ? careOf(lure) : [],
      }
    })
    .sort((a, b) => (b.spent ?? 0) - (a.spent ?? 0) || (a.name < b.name ? -1 : 1))
}

import type { Outing } from './outing'

/** What a log means for one lure of the box. */
export interface BoxTally {
  /** Fish landed on it. */
  readonly fish: number
  /** Pieces of it lost. */
  readonly lost: number
}
const NOTHING: BoxTally = { fish: 0, lost: 0 }

/** What a log means for the box, by lure: each fish counts on the lure that was in the hand, and each loss. */
export function boxTallies({ entries, carried }: Pick<Outing, 'entries' | 'carried'>): ReadonlyMap<string, BoxTally> {
  const lureOf = new Map(carried.map((c) => [c.id, c.lureId]))
  const tallies = new Map<string, BoxTally>()
  let inHand: string | null = null
  for (const e of entries) {
    if (e.kind === 'rig') inHand = lureOf.get(e.carriedId) ?? null
    if (inHand === null) continue
    const { fish, lost } = tallies.get(inHand) ?? NOTHING
    if (e.kind === 'answer' && e.answer === 'landed') tallies.set(inHand, { fish: fish + 1, lost })
    if (e.kind === 'lost-lure') tallies.set(inHand, { fish, lost: lost + 1 })
  }
  return tallies
}

/** What a change of a log changes in the box: fish and losses more (or fewer, below zero), of the lures where either differs. */
export function tallyChanges(
  before: Pick<Outing, 'entries' | 'carried'>,
  after: Pick<Outing, 'entries' | 'carried'>,
): ReadonlyMap<string, BoxTally> {
  const [was, is] = [boxTallies(before), boxTallies(after)]
  const changes = new Map<string, BoxTally>()
  for (const id of new Set([...was.keys(), ...is.keys()])) {
    const [old, now] = [was.get(id) ?? NOTHING, is.get(id) ?? NOTHING]
    if (old.fish !== now.fish || old.lost !== now.lost)
      changes.set(id, { fish: now.fish - old.fish, lost: now.lost - old.lost })
  }
  return changes
}

import { bitesOf, landedOf, type Account, type Outing } from '../outing'

/** A plan held against the day: how much of what was carried was used, and which of it caught. */
export interface HeldAgainst {
  readonly carried: number
  readonly used: number
  /** Lures that were taken, by their place in the kit, counted from 1; 0 for what was not planned. */
  readonly caught: readonly {
    readonly name: string
    readonly place: number
    readonly takes: number
    readonly landed: number
  }[]
  /** Hours fished with what was planned first and with all. */
  readonly minutes: number
}

/** Holds the kit of an outing against what happened; null where it was not started from a plan. */
export function heldAgainst(
  { plan, carried }: Pick<Outing, 'plan' | 'carried'>,
  { stretches }: Pick<Account, 'stretches'>,
): HeldAgainst | null {
  if (!plan) return null
  const fished = stretches.filter((s) => s.minutes > 0)
  const ids = [...new Set(fished.map((s) => s.carried.id))]
  const caught = ids.flatMap((id) => {
    const mine = fished.filter((s) => s.carried.id === id)
    const takes = mine.reduce((sum, s) => sum + bitesOf(s), 0)
    const one = carried.find((c) => c.id === id)
    if (takes === 0 || !one) return []
    const place = one.lureId === null ? -1 : plan.lureIds.indexOf(one.lureId)
    return [{ name: one.name, place: place + 1, takes, landed: mine.reduce((sum, s) => sum + landedOf(s), 0) }]
  })
  return {
    carried: plan.lureIds.length,
    used: new Set(fished.map((s) => s.carried.lureId)).size,
    caught: caught.sort((a, b) => a.place - b.place),
    minutes: fished.reduce((sum, s) => sum + s.minutes, 0),
  }
}

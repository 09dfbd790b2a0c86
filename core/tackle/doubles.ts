import type { Lure } from './lure'

/** Packets round: lengths and weights this near are the same lure. */
const NEAR = { length: 0.03, mass: 0.06 } as const
const near = (a: number, b: number, share: number) => Math.abs(a - b) <= share * Math.max(a, b)

/** What makes two lures the same thing, but for size and weight. */
function kindOf({ family, traits, make, sound, colour }: Lure): string {
  const { back, flank, belly } = colour
  return JSON.stringify([family, Object.entries({ ...make, ...traits }).sort(), sound, back, flank, belly])
}

/** Lures owned twice under whatever names: groups of two and more that agree in family, traits, sound, colours, length and weight. Largest value first. */
export function doubles(lures: readonly Lure[]): Lure[][] {
  const alike = new Map<string, Lure[][]>()
  for (const lure of lures) {
    const kind = kindOf(lure)
    const groups = alike.get(kind) ?? []
    const home = groups.find(
      ([first]) =>
        first && near(first.lengthM, lure.lengthM, NEAR.length) && near(first.massKg, lure.massKg, NEAR.mass),
    )
    if (home) home.push(lure)
    else groups.push([lure])
    alike.set(kind, groups)
  }
  const worth = (group: readonly Lure[]) => group.reduce((sum, l) => sum + (l.cost ?? 0) * l.count, 0)
  return [...alike.values()]
    .flat()
    .filter((group) => group.length > 1)
    .sort((a, b) => worth(b) - worth(a) || (a[0]?.name ?? '').localeCompare(b[0]?.name ?? ''))
}

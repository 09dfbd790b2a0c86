import { OUTFIT_SETS } from '../../data/plan'

/** Which rods come along, each with a reel of its own. */

/** Rod and reel of an outfit's key. */
export function partsOf(key: string): { rodId: string; reelId: string } {
  const [rodId = '', reelId = ''] = key.split('|')
  return { rodId, reelId }
}

/** Whether no rod and no reel is wanted twice. */
function together(keys: readonly string[], chosen: readonly number[]): boolean {
  const parts = chosen.map((i) => partsOf(keys[i] ?? ''))
  return (
    new Set(parts.map((p) => p.rodId)).size === chosen.length &&
    new Set(parts.map((p) => p.reelId)).size === chosen.length
  )
}

/** Sets of so many outfits that go together, or all smaller ones where there are none so large; null where they are more than are tried one by one. */
export function outfitSets(keys: readonly string[], most: number): number[][] | null {
  let sets: number[][] = [[]]
  for (let size = 0; size < most; size++) {
    const larger = sets.flatMap((set) =>
      keys.flatMap((_, i) => (i > (set.at(-1) ?? -1) && together(keys, [...set, i]) ? [[...set, i]] : [])),
    )
    if (larger.length > OUTFIT_SETS) return null
    if (larger.length === 0) break
    sets = larger
  }
  return sets[0]?.length ? sets : []
}

/** From a set of fewer outfits on one after another, each the one that gains most; then exchanged one by one while that gains. Never worth less than what it began with. */
export function climbSets(
  keys: readonly string[],
  from: readonly number[],
  most: number,
  valueOf: (set: readonly number[]) => number,
): number[] {
  let set = [...from]
  let value = valueOf(set)
  const better = (tries: number[][]) => {
    let found = false
    for (const one of tries) {
      if (!together(keys, one)) continue
      const worth = valueOf(one)
      if (worth > value + 1e-12) {
        ;[set, value, found] = [one, worth, true]
      }
    }
    return found
  }
  while (set.length < most && better(keys.map((_, i) => [...set, i]))) continue
  const swaps = () => set.flatMap((_, at) => keys.map((__, i) => set.map((o, j) => (j === at ? i : o))))
  while (better(swaps())) continue
  return set
}

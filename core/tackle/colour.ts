import { z } from '../zod'
import { COLOURS as TABLE } from '../../data/colours'

export const COLOUR_GROUPS = ['natural', 'light', 'silver', 'gold', 'hot', 'painted', 'dark'] as const
export type ColourGroup = (typeof COLOUR_GROUPS)[number]

export interface Colour {
  readonly id: string
  readonly name: string
  readonly hex: string
  readonly group: ColourGroup
}

export const COLOURS: readonly Colour[] = TABLE
const IDS = TABLE.map((c) => c.id)
export const ColourId = z.enum(IDS)
export type ColourId = z.infer<typeof ColourId>

export const PATTERNS = ['plain', 'bars', 'spots', 'scales'] as const

export const Colouring = z.strictObject({
  back: ColourId,
  flank: ColourId,
  belly: ColourId,
  pattern: z.enum(PATTERNS),
})
export type Colouring = z.infer<typeof Colouring>

const BY_ID = new Map<string, Colour>(TABLE.map((c) => [c.id, c]))

export function colourOf(id: ColourId): Colour {
  const found = BY_ID.get(id)
  if (!found) throw new Error(`colour ${id} is not in data/colours`)
  return found
}

/** How much of what a fish sees each part of the body makes up: the flank leads, the back counts from above, the belly from below. */
const PART_SHARE = { flank: 0.55, back: 0.25, belly: 0.2 } as const

/** Share of each colour group in a colouring; the shares add up to 1. */
export function groupShares(colouring: Colouring): Record<ColourGroup, number> {
  const shares: Record<ColourGroup, number> = { natural: 0, light: 0, silver: 0, gold: 0, hot: 0, painted: 0, dark: 0 }
  for (const part of ['flank', 'back', 'belly'] as const) shares[colourOf(colouring[part]).group] += PART_SHARE[part]
  return shares
}

/** In an angler's words: "silver with a steel-blue back". */
export function describeColouring(colouring: Colouring): string {
  const flank = colourOf(colouring.flank).name.toLowerCase()
  if (colouring.back === colouring.flank) return flank
  const back = colourOf(colouring.back).name.toLowerCase()
  return `${flank} with ${/^[aeiou]/.test(back) ? 'an' : 'a'} ${back} back`
}

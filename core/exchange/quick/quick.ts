import type { Lure, PartOf, TackleBox } from '../../tackle'
import { quickLure } from './quick-lure'
import { materialIn, quickLine, quickReel, quickRod } from './quick-tackle'

/** What was taken as usual because the line says nothing of it. */
type QuickAssumed = 'length' | 'weight' | 'colour' | 'lures' | 'lines' | 'ratio' | 'strength' | 'thickness' | 'reel'

/** A thing said in one line, or why it could not be understood. */
export type QuickRead =
  | { readonly ok: true; readonly kind: 'lures'; readonly item: Lure; readonly assumed: readonly QuickAssumed[] }
  | {
      readonly ok: true
      readonly kind: 'rods' | 'reels' | 'lines'
      readonly item: PartOf<'rods'> | PartOf<'reels'> | PartOf<'lines'>
      readonly assumed: readonly QuickAssumed[]
    }
  | { readonly ok: false; readonly problem: 'empty' | 'which-family' | 'how-strong' | 'outside' | 'too-long' }

/** Letters of a line that is read. */
const LONGEST_LINE = 200

/**
 * Reads a lure, rod, reel or line said in a line, in the angler's own words and any units. What is left out is taken as usual, and told. Never throws.
 *
 * @example quick('perch crankbait 6 cm 10 g', 'a', box) // a crankbait of 60 mm and 10 g, dressed as a perch
 */
export function quick(text: string, id: string, box: Pick<TackleBox, 'reels' | 'lines'>): QuickRead {
  const line = text.trim()
  if (line === '') return { ok: false, problem: 'empty' }
  if (line.length > LONGEST_LINE) return { ok: false, problem: 'too-long' }
  if (/\brod\b/i.test(line)) return quickRod(line, id)
  if (/\breel\b/i.test(line)) return quickReel(line, id)
  if (materialIn(line) !== null) {
    const wound = new Set(box.lines.map(({ reelId }) => reelId))
    return quickLine(
      line,
      id,
      box.reels.find((reel) => !wound.has(reel.id)),
    )
  }
  return quickLure(line, id)
}

import { parseMeasure, type RoleId } from '../../quantity'

/** Measures that stand together in one cell, or in a lure’s name: “9 cm / 12 g”, “Bent 70, 3/8 oz”. */

/** A figure, a fraction or both, with its unit right behind it. */
const WITH_UNIT =
  /(?:\d+\s+\d+\/\d+|\d+\/\d+|\d*[¼½¾⅛⅜⅝⅞]|\d+(?:[.,]\d+)?)\s*-?(?:mm|cm|kg|inch(?:es)?|in|g|gr|gram(?:s)?|oz|lbs?|["″])(?![a-z])/gi

/** What of a kind is said in a text just once, SI; null where it is not, or more than once. */
function onlyOne(text: string, role: RoleId): number | null {
  const read = [...text.matchAll(WITH_UNIT)].flatMap(([piece]) => {
    const parsed = parseMeasure(piece.replace('-', ' '), role, 'metric')
    return parsed.ok && parsed.valueSi > 0 ? [parsed.valueSi] : []
  })
  return read.length === 1 ? (read[0] ?? null) : null
}

/** The text without any measure that has a unit. */
export const withoutMeasures = (text: string): string => text.replace(WITH_UNIT, ' ').replace(/\s+/g, ' ').trim()

const FINEST = 1e9
const tidy = (v: number | null) => (v === null ? null : Math.round(v * FINEST) / FINEST)

/** Length and weight said in a text, each with a unit of its own. */
export const measuresIn = (text: string): { readonly length: number | null; readonly weight: number | null } => ({
  length: tidy(onlyOne(text, 'lureLength')),
  weight: tidy(onlyOne(text, 'lureMass')),
})

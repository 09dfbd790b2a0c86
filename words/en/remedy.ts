import type { Piece } from '../../core/match'
import { showMeasure, showRange, type UnitSystem } from '../../core/quantity'
import { plural, spaced, withArticles } from './grammar'

/** What is missing where nothing can be fished, and the pieces that mend it. */

/** A piece to add, as it stands in a sentence: “a fluorocarbon leader of 0.70 mm”. */
export function sayPiece(piece: Piece, system: UnitSystem): string {
  const show = (si: number, role: Parameters<typeof showMeasure>[1]) => showMeasure(si, role, system)
  const text = (() => {
    switch (piece.kind) {
      case 'respool':
        return `${piece.part.name} wound on ${piece.reel}`
      case 'singles':
        return `single hooks on ${piece.lure.name}`
      case 'hooks':
        return `weedless hooks of ${piece.part.hookSize}`
      case 'heads':
        return `a ${spaced(piece.part.kind)} head of ${show(piece.part.massKg, 'lureMass')} with a ${piece.part.hookSize} hook`
      case 'leaders':
        return `a ${piece.part.material === 'fluoro' ? 'fluorocarbon' : piece.part.material} leader of ${show(piece.part.diameterM, 'lineDiameter')} that holds ${show(piece.part.strengthN, 'lineStrength')}`
      case 'lines':
        return `a ${piece.part.material} of ${show(piece.part.diameterM, 'lineDiameter')} that holds ${show(piece.part.strengthN, 'lineStrength')}`
      case 'reels':
        return `a ${piece.part.type} reel`
      case 'rods':
        return `a ${spaced(piece.part.power)} ${piece.part.type} rod for ${showRange(piece.part.lureMinKg, piece.part.lureMaxKg, 'lureMass', system)} and lines of ${showRange(piece.part.lineMinN, piece.part.lineMaxN, 'lineStrength', system)}`
      default:
        return piece.part.name
    }
  })()
  return withArticles(text)
}

/** “3 lures: it carries trebles, and only single hooks are allowed here”. */
export const sayLeftOut = (lures: number, why: string): string => `${lures} ${plural(lures, 'lure')}: ${why}`

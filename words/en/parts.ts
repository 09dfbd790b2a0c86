import type { PartUse } from '../../core/match'
import { showMeasure, showRange, type UnitSystem } from '../../core/quantity'
import { count } from './grammar'

/** What a part is good for in this very box, as an angler would say it. */

const lures = (n: number) => count(n, 'lure')
const POINT = { bare: 'point bare', half: 'point half hidden', buried: 'point buried' } as const
const SINKS = (densityKgM3: number) => (densityKgM3 < 1000 ? 'floats' : densityKgM3 < 1400 ? 'sinks slowly' : 'sinks')

export function sayUse(use: PartUse, system: UnitSystem): string {
  const strength = (newton: number) => showMeasure(newton, 'lineStrength', system)
  switch (use.kind) {
    case 'rods':
      return `casts ${lures(use.lures)} of ${use.of}; ${count(use.lines, 'line')} in its range`
    case 'reels':
      return `comfortable at ${showRange(use.slowMps, use.fastMps, 'lureSpeed', system)}; ${use.lines.length ? `${use.lines.join(', ')} on it` : 'empty'}`
    case 'lines':
      return `${use.reel ? `on ${use.reel}` : 'in the drawer'}; holds ${strength(use.knotN)} at the knot; for ${count(use.rods, 'rod')}; ${use.spoolHoldsM === null ? '' : `the spool holds ${showMeasure(use.spoolHoldsM, 'distance', system)} of it; `}${SINKS(use.densityKgM3)}, ${(use.densityKgM3 / 1000).toFixed(2)} g/cm³`
    case 'leaders':
      return `${use.biteProof ? 'bite-proof' : 'not bite-proof'}; holds ${strength(use.knotN)} at the knot`
    case 'heads':
      return `carries ${lures(use.lures)}`
    case 'hooks':
      return use.replaces
        ? `${POINT[use.point]}; near in size to the hooks of ${lures(use.lures)}`
        : `carries ${lures(use.lures)}; ${POINT[use.point]}`
    case 'sinkers':
      return use.lures === null ? 'for three-way rigs' : `for ${lures(use.lures)}`
    case 'trailers':
      return `goes behind ${lures(use.lures)}`
    case 'blades':
      return `like the blade of ${lures(use.lures)}`
    case 'terminals':
      return `holds ${strength(use.holdsN)}: more than the knot of ${count(use.lines, 'line')}`
  }
}

import { ROLES, unitFor, type Role, type RoleId, type UnitSystem } from './roles'
import { UNITS, fromSi } from './units'

function greatestDivisor(a: number, b: number): number {
  return b === 0 ? a : greatestDivisor(b, a % b)
}

/** Nearest common fraction to a denominator, or null where it would be off by more than 2 %: `0.375` → `3/8`. */
function asFraction(figure: number, denominator: number): string | null {
  const parts = Math.round(figure * denominator)
  if (parts === 0 || Math.abs(parts / denominator - figure) > 0.02 * figure) return null
  const whole = Math.floor(parts / denominator)
  const above = parts - whole * denominator
  if (above === 0) return String(whole)
  const by = greatestDivisor(above, denominator)
  return `${whole ? `${whole} ` : ''}${above / by}/${denominator / by}`
}

/** What stands where there is no figure. */
const NO_FIGURE = '–'
let noFigure: (role: RoleId) => string = () => NO_FIGURE
/** From here on what is no figure throws, naming its role: the tests ask for it, so that it is found where it comes from. */
export function throwOnNoFigure(): void {
  noFigure = (role) => {
    throw new Error(`no figure for ${role}: is a field absent?`)
  }
}

/** The figure alone, as it stands in an input field: `10.6`, `3/8`; a dash for what is no figure (NaN, ±Infinity). Never “−0”. */
export function showFigure(valueSi: number, role: RoleId, system: UnitSystem): string {
  if (!Number.isFinite(valueSi)) return noFigure(role)
  const r: Role = ROLES[role]
  const figure = fromSi(valueSi, unitFor(role, system))
  const fraction = system === 'imperial' && r.fraction ? asFraction(figure, r.fraction) : null
  if (fraction) return fraction
  const text = figure.toFixed(r.decimals[system])
  const short = text.includes('.') ? text.replace(/\.?0+$/, '') : text
  return short === '-0' ? '0' : short
}

/** Figure and unit: `10.6 g`, `3/8 oz`, `6.7 °C`. A thin gap that does not break stands between. */
export function showMeasure(valueSi: number, role: RoleId, system: UnitSystem): string {
  return `${showFigure(valueSi, role, system).replace('-', '−')}\u202f${UNITS[unitFor(role, system)].symbol}`
}

/** A range with its unit once: `5 to 8 cm`. */
export function showRange(fromSi: number, toSi: number, role: RoleId, system: UnitSystem): string {
  return `${showFigure(fromSi, role, system).replace('-', '−')} to ${showMeasure(toSi, role, system)}`
}

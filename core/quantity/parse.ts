import { ROLES, unitFor, type RoleId, type UnitSystem } from './roles'
import { readDecimal, type Decimal } from './decimal'
import { UNITS, toSi, type Unit, type UnitId } from './units'

export type ParseProblem = 'empty' | 'not-a-number' | 'unclear' | 'unknown-unit' | 'wrong-kind'
export type Parsed = { ok: true; valueSi: number } | { ok: false; code: ParseProblem; text: string }

const NUMBER = String.raw`[-−+]?(?:\d+\s+\d+\s*\/\s*\d+|\d+\s*\/\s*\d+|\d+-\d+\/\d+|\d{1,3}(?:(?:,\d{3})+|(?:\.\d{3})+|(?:[’'\u00a0\u202f ]\d{3})+)(?:[.,]\d+)?(?!\d)|\d*[.,]?\d+)`
const TERM = new RegExp(String.raw`^\s*(${NUMBER})\s*([^\d\s.,+\-−][^\d]*)?`, 'u')
const VULGAR: Readonly<Record<string, string>> = {
  '¼': ' 1/4',
  '½': ' 1/2',
  '¾': ' 3/4',
  '⅛': ' 1/8',
  '⅜': ' 3/8',
  '⅝': ' 5/8',
  '⅞': ' 7/8',
}

function figureOf(text: string): Decimal {
  const plain = text.replace('−', '-').trim()
  const mixed = /^([-+]?)(?:(\d+)[\s-]+)?(\d+)\s*\/\s*(\d+)$/.exec(plain)
  if (!mixed) return readDecimal(plain)
  const [, sign, whole, above, below] = mixed
  const size = Number(whole ?? 0) + Number(above) / Number(below)
  return Number.isFinite(size) ? { ok: true, value: sign === '-' ? -size : size } : { ok: false, code: 'not-a-number' }
}

/** The unit meant by a spelling, preferring one of the wanted kind ("kg" is a mass, or a line's strength). */
function unitOf(spelling: string, kind: Unit['kind']): Unit | undefined {
  const all: Unit[] = Object.values(UNITS)
  const meant = all.filter((u) => u.spellings.includes(spelling))
  return meant.find((u) => u.kind === kind) ?? meant[0]
}

/**
 * Reads what an angler types for a measure: `3/8 oz`, `3/8`, `10g`, `2 1/2 in`, `55 F`, `6'10"`, `0,30 mm`.
 * A bare number takes the unit shown for the role in the angler's system; several terms are added up.
 *
 * @returns the SI value, or a problem code with the offending text; never throws.
 */
export function parseMeasure(text: string, role: RoleId, system: UnitSystem): Parsed {
  const { kind } = ROLES[role]
  let rest = text.replace(/[¼½¾⅛⅜⅝⅞]/gu, (c) => VULGAR[c] ?? c).trim()
  if (rest === '') return { ok: false, code: 'empty', text }
  let valueSi = 0
  while (rest !== '') {
    const match = TERM.exec(rest)
    if (!match) return { ok: false, code: 'not-a-number', text: rest }
    const figure = figureOf(match[1] ?? '')
    if (!figure.ok) return { ok: false, code: figure.code, text: (match[1] ?? '').trim() }
    const spelling = (match[2] ?? '').trim().toLowerCase()
    const unit = spelling === '' ? UNITS[unitFor(role, system)] : unitOf(spelling, kind)
    if (!unit) return { ok: false, code: 'unknown-unit', text: spelling }
    if (unit.kind !== kind) return { ok: false, code: 'wrong-kind', text: spelling }
    valueSi += toSi(figure.value, unit.id as UnitId)
    rest = rest.slice(match[0].length).trim()
  }
  return { ok: true, valueSi }
}

import { closest, distance } from 'fastest-levenshtein'
import { NO, YES } from '../../../data/sheet-words'
import { ROLES, UNITS, parseMeasure, readDecimal, unitFor, type RoleId } from '../../quantity'
import type { FileProblem } from '../problem'

/** What a cell holds, or why it cannot be read. */
export type Read =
  /** `slip`: a word that was understood despite a typo. */
  | { readonly ok: true; readonly value: unknown; readonly slip?: Slip }
  | { readonly ok: false; readonly problem: FileProblem }
export interface Slip {
  readonly text: string
  readonly readAs: string
}

export const value = (v: unknown, slip?: Slip): Read => ({ ok: true, value: v, ...(slip ? { slip } : {}) })
export const unread = (problem: FileProblem): Read => ({ ok: false, problem })

/** A spreadsheet would run a cell that begins like this. */
const RUNS = /^'*[=+\-@\t\r\n＝＋－＠]/
const FIGURE = /^-?\d+(?:\.\d+)?$/

/** A text that no spreadsheet takes for a formula (OWASP, CSV injection: a quote before it). Plain figures stay figures. */
export function neutral(text: string): string {
  return RUNS.test(text) && !FIGURE.test(text) ? `'${text}` : text
}

/** The text that was made neutral. Inverse of {@link neutral}. */
export function fromNeutral(text: string): string {
  return text.startsWith("'") && RUNS.test(text.slice(1)) ? text.slice(1) : text
}

/** Letters and figures only, lower case: what is left of a word when people type it their own way. */
export const bare = (text: string): string =>
  text
    .toLowerCase()
    .normalize('NFKD')
    .replace(/[^\p{L}\p{N}]/gu, '')

/** A word this far from a known one, in letters, is still taken for it; short words must be nearer. */
const slips = (word: string) => (word.length <= 4 ? 0 : word.length <= 7 ? 1 : 2)

/** The choice that a word means: by its own name, another name for it, or with a slip of the pen. */
export function meant<T extends string>(
  text: string,
  choices: ReadonlyMap<string, T>,
): { choice: T; slip: boolean } | null {
  const word = bare(text)
  const exact = choices.get(word)
  if (exact !== undefined) return { choice: exact, slip: false }
  const near = closest(word, [...choices.keys()])
  const choice = choices.get(near)
  return choice !== undefined && distance(word, near) <= slips(word) ? { choice, slip: true } : null
}

/** How many known words a word that is not known is answered with. */
const SUGGESTED = 3

/** A choice by its word; what is not known is answered with the choices spelt most like it. */
export function readChoice<T extends string>(
  text: string,
  choices: ReadonlyMap<string, T>,
  what: string,
  nameOf: (choice: T) => string = (choice) => choice,
): Read {
  const found = meant(text, choices)
  if (found) return value(found.choice, found.slip ? { text, readAs: nameOf(found.choice) } : undefined)
  const word = bare(text)
  const nearest = [...choices.keys()].sort((a, b) => distance(word, a) - distance(word, b))
  const names = [...new Set(nearest.map((key) => nameOf(choices.get(key) as T)))].slice(0, SUGGESTED)
  return unread({ code: 'unknown-word', text, what, nearest: names })
}

/** Nothing is measured finer than this, so that a figure that went out comes back the same. */
const FINEST = 1e9

/** A measure with its own unit, or with the heading's. */
export function readMeasure(text: string, role: RoleId, headingUnit: string | null): Read {
  const bareFigure = !/[a-z"'′″°]/i.test(text)
  const parsed = parseMeasure(bareFigure && headingUnit ? `${text} ${headingUnit}` : text, role, 'metric')
  if (parsed.ok && parsed.valueSi < 0 && ROLES[role].kind !== 'temperature')
    return unread({ code: 'negative', text: text.trim() })
  if (parsed.ok) return value(Math.round(parsed.valueSi * FINEST) / FINEST)
  if (parsed.code === 'unclear') return unread(unclear(parsed.text))
  if (parsed.code === 'unknown-unit') return unread({ code: 'unknown-unit', text: parsed.text })
  if (parsed.code === 'wrong-kind') return unread({ code: 'wrong-kind', text: text.trim(), kind: ROLES[role].kind })
  return unread({ code: 'not-a-measure', text: text.trim() })
}

export function writeMeasure(valueSi: number, role: RoleId): string {
  const unit = UNITS[unitFor(role, 'metric')]
  return String(Number((valueSi / unit.factor).toPrecision(9)))
}

export const unitOf = (role: RoleId): string => UNITS[unitFor(role, 'metric')].symbol

/** A figure that means two things, and both of them. */
export function unclear(text: string): FileProblem {
  const plain = text.replace(',', '')
  return { code: 'unclear', text, either: [String(Number(text.replace(',', '.'))), plain] }
}

export function readWhole(text: string): Read {
  const read = readDecimal(text)
  if (!read.ok && read.code === 'unclear') return unread(unclear(text.trim()))
  return read.ok && Number.isInteger(read.value) ? value(read.value) : unread({ code: 'not-whole', text: text.trim() })
}

/** A sign or the letters of a currency, before or behind: “€ 8.50”, “8,50 EUR”. */
const MONEY = /^(?:\p{Sc}|\p{L}{1,4}\.?)?\s*([^\p{L}\p{Sc}()]+?)\s*(?:\p{Sc}|\p{L}{1,4}\.?)?$/u

export function readFigure(text: string): Read {
  const read = readDecimal(MONEY.exec(text.trim())?.[1] ?? '')
  if (read.ok) return value(read.value)
  return unread(read.code === 'unclear' ? unclear(text.trim()) : { code: 'not-a-number', text: text.trim() })
}

export function readYesNo(text: string): Read {
  const word = bare(text) || text.trim()
  if ((YES as readonly string[]).includes(word)) return value(true)
  if ((NO as readonly string[]).includes(word)) return value(false)
  return unread({ code: 'not-yes-no', text: text.trim() })
}

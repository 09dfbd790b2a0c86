/** Lists, plurals, shares and capitals of English, by `Intl`. */

const LOCALE = 'en-GB'
const OR = new Intl.ListFormat(LOCALE, { type: 'disjunction' })
const AND = new Intl.ListFormat(LOCALE, { type: 'conjunction' })
const PLURAL = new Intl.PluralRules(LOCALE)
const PERCENT_GAP = '\u202f'

/** “A, B or C”. */
export const either = (names: readonly string[]): string => OR.format(names)
/** “A, B and C”. */
export const both = (names: readonly string[]): string => AND.format(names)
/** “lure” or “lures”, by how many there are. */
export const plural = (n: number, one: string, many = `${one}s`): string => (PLURAL.select(n) === 'one' ? one : many)
/** “1 lure”, “3 lures”, “no lures”. */
export const count = (n: number, one: string, many = `${one}s`): string =>
  n === 0 ? `no ${many}` : `${n.toLocaleString(LOCALE)} ${plural(n, one, many)}`
/** “34 %”, of a share 0 … 1. */
export const percent = (share: number): string => `${Math.round(share * 100)}${PERCENT_GAP}%`
export const lower = (text: string): string => text.charAt(0).toLowerCase() + text.slice(1)
export const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1)
/** Every “a” before a vowel made “an”: “a extra-fast rod” is an extra-fast rod. */
export const withArticles = (text: string): string =>
  text.replace(/\b([Aa]) (?=[aeiAEI]|[oO](?!ne)|[uU](?!ni|se))/g, '$1n ')
/** “weed-guard” as it is said. */
export const spaced = (code: string): string => code.replaceAll('-', ' ')

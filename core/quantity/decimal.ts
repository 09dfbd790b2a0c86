/** A figure as it was read, or why it was not: no number at all, or one that means two things. */
export type Decimal =
  | { readonly ok: true; readonly value: number }
  | { readonly ok: false; readonly code: 'not-a-number' | 'unclear' }

/** What parts thousands beside a comma or a full stop: blanks of all widths and apostrophes. */
const GAPS = /(?<=\d)[\s'’\u00a0\u202f](?=\d{3}(?!\d))/gu
const PLAIN = /^[-+]?(?:\d+\.?\d*|\.\d+)$/
/** “1,200”: a thousand and two hundred, or one and a fifth. */
const EITHER = /^[-+]?[1-9]\d{0,2},\d{3}$/
const GROUPED = { ',': /^[-+]?[1-9]\d{0,2}(?:,\d{3})+$/, '.': /^[-+]?[1-9]\d{0,2}(?:\.\d{3})+$/ } as const

/**
 * Reads a figure whose marks may be those of any country: `12.5`, `12,5`, `1 200`, `1'200.5`, `1,200.50`, `1.200,5`. The last of two kinds of mark is the
 * decimal one, and the other has to part thousands. A lone comma before three figures means either: that is said, not guessed. A lone full stop is decimal,
 * as the application writes it.
 *
 * @returns the figure, or `unclear`, or `not-a-number`; never throws
 * @example readDecimal('1,200.50') // { ok: true, value: 1200.5 }
 */
export function readDecimal(text: string): Decimal {
  const bare = text.trim().replace('−', '-').replace(GAPS, '')
  if (EITHER.test(bare)) return { ok: false, code: 'unclear' }
  const [comma, stop] = [bare.lastIndexOf(','), bare.lastIndexOf('.')]
  let plain = bare
  if (comma >= 0 && stop >= 0) {
    const [mark, other] = comma > stop ? ([',', '.'] as const) : (['.', ','] as const)
    const at = Math.max(comma, stop)
    const whole = bare.slice(0, at)
    if (!GROUPED[other].test(whole)) return { ok: false, code: 'not-a-number' }
    plain = `${whole.replaceAll(other, '')}.${bare.slice(at + mark.length)}`
  } else if (comma >= 0) plain = GROUPED[','].test(bare) ? bare.replaceAll(',', '') : bare.replace(',', '.')
  else if (bare.indexOf('.') !== stop && GROUPED['.'].test(bare)) plain = bare.replaceAll('.', '')
  return PLAIN.test(plain) ? { ok: true, value: Number(plain) } : { ok: false, code: 'not-a-number' }
}

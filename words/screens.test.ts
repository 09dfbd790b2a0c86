import { describe, expect, it } from 'vitest'
import * as SCREENS from './en/screens'
import { FAULTS, LONG } from '../testing/proof-reading'

/** What every screen says, read with nothing, one and many, short names and long ones. */
type Saying = string | ((...of: (string | number)[]) => string)
type Says = { readonly [key: string]: Saying | Says }
const flat = (says: Says, at: string): { at: string; say: Saying }[] =>
  Object.entries(says).flatMap(([key, say]) =>
    typeof say === 'object' ? flat(say, `${at}.${key}`) : [{ at: `${at}.${key}`, say }],
  )
/** What may stand in a gap. A gap for a figure gets a figure, a gap for a name a name: which it is, only the screen knows. */
const FILLS = ['Owlet 12', LONG, 0, 1, 2, 12, 1234] as const
const spoken = (say: Saying): string[] => {
  if (typeof say === 'string') return [say]
  const made = FILLS.map((fill) => say(...Array.from({ length: say.length }, () => fill)))
  // Two figures that differ, so that no gap is filled with the neighbour’s.
  return [...made, say(...Array.from({ length: say.length }, (_, i) => 100 + i))]
}
const entries = Object.entries(SCREENS).flatMap(([screen, says]) => flat(says as Says, screen))
/** A piece of a sentence begins or ends beside a figure of its own on the page. */
const PIECE = 'a space too many, or before a stop'
const NAMES_AND_FIGURES = 'one of many, or many of one'

describe('the words of the screens', () => {
  it('are there', () => expect(entries.length).toBeGreaterThan(1200))
  it.each(FAULTS.filter(([what]) => what !== PIECE && what !== NAMES_AND_FIGURES))('never: %s', (_, pattern) => {
    expect(
      entries.flatMap(({ at, say }) =>
        spoken(say)
          .map((text) => text.replaceAll('\u202f', ' '))
          .filter((text) => pattern.test(text))
          .map((text) => `${at}: ${text}`),
      ),
    ).toEqual([])
  })
  it('have every gap filled: each argument is heard', () => {
    const deaf = entries.filter(({ say }) => {
      if (typeof say === 'string') return false
      const told = say(...Array.from({ length: say.length }, (_, i) => 7001 + i)).replaceAll(',', '')
      return !Array.from({ length: say.length }, (_, i) => String(7001 + i)).every((figure) => told.includes(figure))
    })
    expect(deaf.map(({ at }) => at)).toEqual([])
  })
  it('use a mark of the keyboard nowhere where a printer’s mark belongs', () => {
    expect(
      entries.flatMap(({ at, say }) =>
        spoken(say)
          .filter((t) => /"|(?<=\w)'(?=\w)|\.\.\./.test(t))
          .map((t) => `${at}: ${t}`),
      ),
    ).toEqual([])
  })
})

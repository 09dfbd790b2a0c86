import { COLOUR_MANNERS, COLOUR_WORDS, DRESS_WORDS } from '../../../data/sheet-words'
import { COLOURS, type ColourId } from '../../tackle'
import { bare, readChoice, unread, value, type Read, type Slip } from './cells'

/** Colours as people write them: one word, a whole dress (“perch”), two on one lure (“blue chrome”), with words that say how (“hot”, “flake”). */

interface Dress {
  readonly back: ColourId
  readonly flank: ColourId
  readonly belly: ColourId
}

const CHOICES: ReadonlyMap<string, ColourId> = new Map(
  COLOURS.flatMap((c) =>
    [c.id, c.name, ...((COLOUR_WORDS as Readonly<Record<string, readonly string[]>>)[c.id] ?? [])].map(
      (word) => [bare(word), c.id as ColourId] as const,
    ),
  ),
)
const DRESSES: ReadonlyMap<string, Dress> = new Map(
  Object.entries(DRESS_WORDS).flatMap(([dress, words]) => {
    const [back, flank, belly] = dress.split(' ') as [ColourId, ColourId, ColourId]
    return words.map((word) => [bare(word), { back, flank, belly }] as const)
  }),
)
const MANNERS: ReadonlySet<string> = new Set(COLOUR_MANNERS.map(bare))
/** What shines is the side of a lure, whatever is named first. */
const SHINES: ReadonlySet<ColourId> = new Set(['silver', 'gold', 'copper'])
/** Longest run of words that is looked up as one. */
const LONGEST = 3

export const colourName = (id: string): string => COLOURS.find((c) => c.id === id)?.name ?? id

/** Colours named in a text, in order; words that say how are passed over. Null where a word is no colour. */
function named(text: string): ColourId[] | null {
  const words = text
    .toLowerCase()
    .split(/[\s_-]+/)
    .filter((w) => bare(w) !== '')
  const found: ColourId[] = []
  for (let i = 0; i < words.length;) {
    const run = longest(words.slice(i))
    if (run) found.push(run.colour)
    else if (!MANNERS.has(bare(words[i] ?? ''))) return null
    i += run?.words ?? 1
  }
  return found.length > 0 ? found : null
}

function longest(words: readonly string[]): { colour: ColourId; words: number } | null {
  for (let n = Math.min(LONGEST, words.length); n > 0; n--) {
    const colour = CHOICES.get(bare(words.slice(0, n).join(' ')))
    if (colour !== undefined) return { colour, words: n }
  }
  return null
}

/** A lure in one word or some: what it is dressed in, and how it was understood where that is not plain. */
function dressOf(text: string): { readonly dress: Dress; readonly plain: boolean } | null {
  const whole = DRESSES.get(bare(text))
  if (whole) return { dress: whole, plain: true }
  const one = CHOICES.get(bare(text))
  if (one) return { dress: { back: one, flank: one, belly: one }, plain: true }
  const colours = named(text)
  if (colours) return { dress: twoOf(colours), plain: colours.length === 1 }
  // “perch flake”: a dress among words that say how.
  const left = text.split(/[\s_-]+/).filter((w) => !MANNERS.has(bare(w)))
  const dress = DRESSES.get(bare(left.join(' ')))
  return dress ? { dress, plain: false } : null
}

/** Of two colours on one lure the one that shines is the side, else the first is the back. */
function twoOf([first, second, third]: readonly ColourId[]): Dress {
  if (first === undefined) throw new Error('no colour')
  if (second === undefined) return { back: first, flank: first, belly: first }
  const [back, flank] = SHINES.has(first) && !SHINES.has(second) ? [second, first] : [first, second]
  return { back, flank, belly: third ?? (SHINES.has(flank) ? 'white' : flank) }
}

const sayDress = ({ back, flank, belly }: Dress) => [...new Set([back, flank, belly])].map(colourName).join(' / ')

/** The colour of one part of a lure; of a dress its side. */
export function readColour(text: string): Read {
  const found = dressOf(text)
  if (!found) return readChoice(text, CHOICES, 'colour', colourName)
  return value(found.dress.flank, slipOf(text, found.plain, colourName(found.dress.flank)))
}

const slipOf = (text: string, plain: boolean, readAs: string): Slip | undefined =>
  plain ? undefined : { text, readAs }

/** “olive/silver/white”: back, flank, belly; “silver”: all of it; “perch”: its dress; two are flank and belly under the first as back. */
export function readColours(cell: string): Read {
  const parts = cell.split(/[/,;|+&]+|\s+(?:and|with)\s+/).filter((p) => p.trim() !== '')
  const whole = parts.length > 1 ? DRESSES.get(bare(cell)) : undefined
  if (whole) return value(whole)
  if (parts.length <= 1) {
    const found = dressOf(cell)
    if (!found) {
      const near = readChoice(cell.trim(), CHOICES, 'colour', colourName)
      return near.ok ? value(twoOf([near.value as ColourId]), near.slip) : near
    }
    return value(found.dress, slipOf(cell, found.plain, sayDress(found.dress)))
  }
  const read = parts.map((p) => readColour(p.trim()))
  const bad = read.find((r) => !r.ok)
  if (bad && !bad.ok) return bad
  const [first, second, third] = read.map((r) => (r.ok ? (r.value as ColourId) : null))
  if (!first) return unread({ code: 'empty' })
  const dress = { back: first, flank: second ?? first, belly: third ?? second ?? first }
  return value(dress, read.flatMap((r) => (r.ok && r.slip ? [r.slip] : []))[0])
}

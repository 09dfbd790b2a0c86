import { familyOf, type FamilyId, type Lure } from '../../tackle'
import { readColours } from '../csv/colour-words'
import { columnOf } from '../csv/columns'
import { lureFrom } from '../csv/rows'
import { measuresIn, withoutMeasures } from '../csv/two-in-one'
import type { QuickRead } from './quick'

/** A lure said in a line: “perch crankbait 6 cm 10 g, dives 2 m”. */

/** Longest run of words that is looked up as one. */
const LONGEST = 4
/** A running depth: metres, spelled so. */
const DEPTH = /(\d+(?:[.,]\d+)?)\s*m(?:etres?|eters?)?(?![a-z])/i

/** The longest run of words that a reader takes as it stands, and the words that are left. */
function takeRun<T>(words: readonly string[], read: (run: string) => T | null): { found: T | null; left: string[] } {
  for (let n = Math.min(LONGEST, words.length); n > 0; n--)
    for (let i = 0; i + n <= words.length; i++) {
      const found = read(words.slice(i, i + n).join(' '))
      if (found !== null) return { found, left: [...words.slice(0, i), ...words.slice(i + n)] }
    }
  return { found: null, left: [...words] }
}

/** Just what the words say: nothing that would be understood despite a typo. */
const plainly = (columnId: string) => (run: string) => {
  const read = columnOf(columnId)?.read(run, null)
  return read?.ok && !read.slip ? read.value : null
}

function readDress(run: string): unknown {
  const read = readColours(run)
  if (!read.ok) return null
  if (!read.slip) return read.value
  const each = run.split(' ')
  // Two colours on one lure, each of them a plain one.
  return each.length > 1 && each.every((word) => (([one]) => one?.ok && !one.slip)([readColours(word)]))
    ? read.value
    : null
}

const middle = ([least, most]: readonly [number, number]) => Math.sqrt(least * most)

/** Weight that a lure of a family has at a length, kg: its middle one, by the cube of lengths, inside what is usual. */
function usualMassKg(id: FamilyId, lengthM: number): number {
  const { lengthM: lengths, massKg } = familyOf(id)
  const kg = middle(massKg) * (lengthM / middle(lengths)) ** 3
  return Math.min(massKg[1], Math.max(massKg[0], Number(kg.toPrecision(2))))
}

export function quickLure(text: string, id: string): QuickRead {
  const measures = measuresIn(text)
  const depth = DEPTH.exec(withoutMeasures(text))
  const bare = withoutMeasures(text).replace(DEPTH, ' ').replace(/[,;]/g, ' ').trim()
  const words = bare.split(/\s+/).filter((word) => word !== '')
  const family = takeRun(words, plainly('family'))
  if (family.found === null) return { ok: false, problem: 'which-family' }
  const familyId = family.found as FamilyId
  const colour = takeRun(family.left, readDress)
  const sound = takeRun(colour.left, plainly('sound'))
  const lengthM = measures.length ?? Number(middle(familyOf(familyId).lengthM).toPrecision(2))
  const said = new Map<string, unknown>([
    ['name', capital(words.join(' ')).slice(0, 80)],
    ['family', familyId],
    ['length', lengthM],
    ['weight', measures.weight ?? usualMassKg(familyId, lengthM)],
    ['condition', 'new'],
  ])
  if (colour.found !== null) said.set('colour', colour.found)
  if (sound.found !== null) said.set('sound', sound.found)
  if (depth?.[1]) said.set('depthM', Number(depth[1].replace(',', '.')))
  const read = lureFrom(said, id, null)
  if (!read.ok) return { ok: false, problem: 'outside' }
  const assumed = [
    ...(measures.length === null ? (['length'] as const) : []),
    ...(measures.weight === null ? (['weight'] as const) : []),
    ...(colour.found === null ? (['colour'] as const) : []),
  ]
  return { ok: true, kind: 'lures', item: read.lure satisfies Lure, assumed }
}

const capital = (text: string) => text.charAt(0).toUpperCase() + text.slice(1)

import { ALSO, DEPTH_WORDS } from '../../data/search-words'
import { parseMeasure } from '../quantity'
import { colourOf, groupShares } from './colour'
import { familyOf, lureMass, type Lure } from './lure'
import type { Tray } from './tray'

/**
 * Search as anglers speak: `silent shallow crank natural`, `3/8 jig brown`, `10 cm suspending`. All terms must agree. A term is a weight, a length,
 * a running depth, a word for depth, a colour or its group, or the beginning of any word that tells of the lure.
 */

/** A measure is met when it is this near: packets round. */
const NEAR = 0.06
/** Figures with a unit, or bare fractions, which are ounces. Longer units first. */
const MEASURE =
  /(?:\d+\s+)?\d+\s*\/\s*\d+\s*(?:oz|in|"|inch|inches)?|\d+(?:[.,]\d+)?\s*(?:grams?|oz|mm|cm|inches|inch|in|ft|g|m|")(?![a-z])/gi

/** Share of its colour that makes a lure one of a group. */
const OF_GROUP = 0.3

const also = new Map<string, string>(Object.entries(ALSO))
const depthWords = new Map<string, readonly [number, number]>(Object.entries(DEPTH_WORDS))

const WORD_ENDS = /[^\p{L}\p{N}]+/u

type Test = (lure: Lure) => boolean
const near = (value: number, wanted: number) => Math.abs(value - wanted) <= NEAR * wanted
const depthOf = (lure: Lure) => ('depthM' in lure.traits ? lure.traits.depthM : null)

function measureTest(term: string): Test | null {
  const text = term.replace('"', ' in')
  const bare = !/[a-z]/i.test(text)
  const mass = parseMeasure(bare ? `${text} oz` : text, 'lureMass', 'metric')
  if (mass.ok) return (lure) => near(lureMass(lure).kg, mass.valueSi) || near(lure.massKg, mass.valueSi)
  const length = parseMeasure(text, 'lureLength', 'metric')
  if (!length.ok) return null
  return (lure) => {
    const depthM = depthOf(lure)
    return near(lure.lengthM, length.valueSi) || (depthM !== null && near(depthM, length.valueSi))
  }
}

/** A lure is read once, however often it is searched for. */
const read = new WeakMap<Lure, readonly string[]>()

function wordsOf(lure: Lure): readonly string[] {
  let words = read.get(lure)
  if (!words) read.set(lure, (words = readWords(lure)))
  return words
}

function readWords(lure: Lure): string[] {
  const { back, flank, belly, pattern } = lure.colour
  const colours = [back, flank, belly].map((id) => colourOf(id).name)
  const traits = Object.entries(lure.traits).flatMap(([name, value]) =>
    value === true ? [name] : typeof value === 'string' ? [value] : [],
  )
  return [
    lure.name,
    familyOf(lure.family).name,
    lure.sound,
    lure.condition,
    lure.hooks?.style ?? '',
    pattern,
    ...colours,
    ...traits,
  ]
    .join(' ')
    .toLowerCase()
    .split(WORD_ENDS)
    .filter(Boolean)
}

function wordTest(word: string, trays: ReadonlyMap<string, readonly string[]>): Test {
  const wanted = also.get(word) ?? word
  const depth = depthWords.get(word)
  return (lure) => {
    const depthM = depthOf(lure)
    if (depth && depthM !== null && depthM >= depth[0] && depthM < depth[1]) return true
    const groups: Readonly<Record<string, number>> = groupShares(lure.colour)
    if ((groups[wanted] ?? 0) >= OF_GROUP) return true
    if (wordsOf(lure).some((w) => w.startsWith(wanted))) return true
    return lure.trayId !== null && (trays.get(lure.trayId)?.some((w) => w.startsWith(wanted)) ?? false)
  }
}

/** Reads a search once; the answer says of any lure whether it is meant. An empty search means every lure. */
export function searchFor(text: string, trays: readonly Pick<Tray, 'id' | 'name'>[] = []): Test {
  const trayWords = new Map(trays.map((t) => [t.id, t.name.toLowerCase().split(WORD_ENDS)]))
  const tests: Test[] = []
  const words = text.toLowerCase().replace(MEASURE, (term) => {
    const test = measureTest(term)
    if (!test) return term
    tests.push(test)
    return ' '
  })
  for (const word of words.split(WORD_ENDS).filter(Boolean)) tests.push(wordTest(word, trayWords))
  return (lure) => tests.every((test) => test(lure))
}

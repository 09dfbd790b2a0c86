import { describe, expect, it } from 'vitest'
import { COLOUR_WORDS, DRESS_WORDS } from '../../../data/sheet-words'
import { seededRandom } from '../../random'
import { EMPTY_BOX } from '../../box'
import { guessColumns, planImport, readSheet, unknownWords, withWord, type OwnWords } from '.'
import { inKnownWords } from './own-words'
import { readColours } from './colour-words'
import { measuresIn } from './two-in-one'
import { bare } from './cells'

/** Sheets as people keep them: colour words, sizes and weights in one cell or in the name. Written before the words were; the words are common usage. */

const dressOf = (text: string) => {
  const read = readColours(text)
  if (!read.ok) throw new Error(`${text}: ${JSON.stringify(read.problem)}`)
  const { back, flank, belly } = read.value as Record<'back' | 'flank' | 'belly', string>
  return [back, flank, belly].join(' ')
}

describe('colours as people write them', () => {
  const words = [...Object.values(COLOUR_WORDS), ...Object.values(DRESS_WORDS)].flat()
  it('at least 150 further words are known, none of them twice, each read without a question', () => {
    expect(words.length).toBeGreaterThanOrEqual(150)
    expect(new Set(words.map(bare)).size).toBe(words.length)
    for (const word of words) expect([word, readColours(word)]).toMatchObject([word, { ok: true }])
  })
  it.each([
    ['perch', 'olive gold orange'],
    ['Fire Tiger', 'green chartreuse orange'],
    ['blue chrome', 'blue silver white'],
    ['chrome blue', 'blue silver white'],
    ['black gold', 'black gold white'],
    ['hot pink', 'pink pink pink'],
    ['watermelon red flake', 'olive red red'],
    ['UV chartreuse', 'chartreuse chartreuse chartreuse'],
    ['olive/silver/white', 'olive silver white'],
    ['silver / white', 'silver white white'],
    ['red & white', 'red white white'],
    ['dark blue and silver', 'blue-back silver silver'],
    ['gunmetal', 'smoke smoke smoke'],
  ])('%s: %s', (text, dress) => expect(dressOf(text)).toBe(dress))
  it('what is put together from several words is told, so that it can be set right; what is no colour is no colour', () => {
    expect(readColours('blue chrome')).toMatchObject({
      slip: { text: 'blue chrome', readAs: 'Bright blue / Silver / White' },
    })
    expect(readColours('gold')).not.toHaveProperty('slip')
    for (const text of ['zorgle', 'hot', 'the usual one', 'perch zorgle']) expect(readColours(text).ok).toBe(false)
  })
})

describe('two measures in one place', () => {
  it.each([
    ['9 cm / 12 g', 0.09, 0.012],
    ['3 1/2 in, 3/8 oz', 0.0889, 0.01063],
    ['110mm 15g', 0.11, 0.015],
    ['4½" 1/2 oz', 0.1143, 0.01417],
    ['Bent minnow 70mm, 7.5 g', 0.07, 0.0075],
  ])('%s', (text, length, weight) => {
    const read = measuresIn(text)
    expect(read.length).toBeCloseTo(length, 4)
    expect(read.weight).toBeCloseTo(weight, 4)
  })
  it('what is said twice, or without a unit, is not guessed', () => {
    expect(measuresIn('7 g or 10 g')).toEqual({ length: null, weight: null })
    expect(measuresIn('Model 70')).toEqual({ length: null, weight: null })
    expect(measuresIn('5 m of cord')).toEqual({ length: null, weight: null })
  })
})

describe('a sheet of 300 rows', () => {
  const COLOURS = [
    'perch',
    'firetiger',
    'green pumpkin',
    'chrome/blue',
    'blue chrome',
    'black gold',
    'hot pink',
    'watermelon red flake',
    'gold',
    'silver',
    'white',
    'bone',
    'roach',
    'red head',
    'root beer',
    'motor oil',
    'junebug',
    'lime',
    'copper',
    'rainbow trout',
    'shad',
    'ghost',
    'crawfish',
    'dark blue',
    'pearl',
  ]
  const FAMILIES = [
    'Crankbait',
    'crank',
    'Jerkbait',
    'minnow',
    'Spinner',
    'Spinnerbait',
    'Spoon',
    'Swimbait',
    'Jig',
    'Popper',
    'Topwater',
    'Worm',
    'Tube',
    'Bucktail',
    'Lipless',
  ]
  const random = seededRandom(16)
  const pick = <T>(list: readonly T[]): T => list[Math.floor(random.next() * list.length)] as T
  const rows = Array.from({ length: 300 }, (_, i) => {
    const [cm, g] = [5 + (i % 8), 5 + (i % 14)]
    const size = pick([`${cm} cm / ${g} g`, `${cm * 10}mm ${g}g`, `${cm} cm, 3/8 oz`, `3 1/2" 1/2oz`])
    return [`Lure ${i}`, pick(FAMILIES), size, pick(COLOURS), String(1 + (i % 3))]
      .map((c) => (c.includes(',') || c.includes('"') ? `"${c.replaceAll('"', '""')}"` : c))
      .join(',')
  })
  const sheet = readSheet(['Lure,Type,Size,Colour,Qty', ...rows].join('\n'))
  it('a word that the angler explains is read from then on, in every row and beside other colours', () => {
    if (!sheet.ok) throw new Error('not read')
    const planned = (own: OwnWords) => {
      let id = 0
      return planImport(
        sheet.sheet,
        guessColumns(sheet.sheet.headings),
        [],
        EMPTY_BOX,
        () => `n${++id}`,
        undefined,
        own,
      )
    }
    const [unknown, ...rest] = unknownWords(planned({}))
    if (!unknown) throw new Error('all known')
    expect(rest).toEqual([])
    expect(unknown).toMatchObject({ kind: 'colour', word: 'motor oil' })
    const own = withWord({}, unknown.kind, 'Motor-Oil', 'Moss brown')
    expect(planned(own).aside).toEqual([])
    expect(inKnownWords('colour', 'motor oil/silver', own)).toBe('Moss brown/silver')
    expect(inKnownWords('name', 'motor oil', own)).toBe('motor oil')
  })
  it('sets aside fewer than one row in twenty, each with the word that was not known', () => {
    if (!sheet.ok) throw new Error('not read')
    let id = 0
    const plan = planImport(sheet.sheet, guessColumns(sheet.sheet.headings), [], EMPTY_BOX, () => `n${++id}`)
    const share = plan.aside.length / 300
    console.info(
      `a sheet of 300 rows as people keep them: ${plan.aside.length} set aside (${(100 * share).toFixed(1)} %)`,
    )
    expect(share).toBeLessThan(0.05)
    for (const row of plan.aside)
      expect(row.problems[0]).toMatchObject({ column: 'colour', problem: { code: 'unknown-word' } })
    expect(plan.added.every((l) => l.lengthM > 0.04 && l.massKg > 0.004)).toBe(true)
  })
})

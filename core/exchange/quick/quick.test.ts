import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { EMPTY_BOX } from '../../box'
import { FAMILIES, familyOf, monoOfThicknessN, reelFitsRod } from '../../tackle'
import { quick } from './quick'

/** Tackle said in a line, as anglers say it. Units by their definitions: an ounce is 28.35 g, a pound-force 4.448 N, a foot 0.3048 m. */

const read = (text: string, box = EMPTY_BOX) => {
  const found = quick(text, 'x', box)
  if (!found.ok) throw new Error(`${text}: ${found.problem}`)
  return found
}

describe('a lure in a line', () => {
  it.each([
    ['perch crankbait 6 cm 10 g', 'crankbait', 0.06, 0.01, []],
    ['Blue silver spoon 3/4 oz 3 in', 'casting-spoon', 0.0762, 0.02126, []],
    ['chartreuse spinnerbait 1/2oz', 'spinnerbait', null, 0.01417, ['length']],
    ['paddle tail 10cm', 'paddle-tail', 0.1, null, ['weight', 'colour']],
    ['Tokka jerkbait, 9 cm, 12g, silver, 1.5 m', 'jerkbait', 0.09, 0.012, []],
    ['black stick worm 5"', 'stick-worm', 0.127, null, ['weight']],
    ['white popper 7 cm 9 g', 'surface', 0.07, 0.009, []],
    ['firetiger lipless crankbait 65 mm 14 g rattles', 'lipless-crankbait', 0.065, 0.014, []],
  ] as const)('%s', (text, family, lengthM, massKg, assumed) => {
    const { kind, item, assumed: taken } = read(text)
    expect(kind).toBe('lures')
    expect(item).toMatchObject({ family, count: 1, condition: 'new' })
    if (lengthM !== null) expect((item as { lengthM: number }).lengthM).toBeCloseTo(lengthM, 4)
    if (massKg !== null) expect((item as { massKg: number }).massKg).toBeCloseTo(massKg, 4)
    expect(taken).toEqual(assumed)
  })
  it('what is said goes into its place: colours, depth, sound, and a name of it all', () => {
    expect(read('Tokka jerkbait, 9 cm, 12g, silver, 1.5 m').item).toMatchObject({
      name: 'Tokka jerkbait silver',
      colour: { flank: 'silver' },
      traits: { depthM: 1.5 },
    })
    expect(read('lipless crankbait 65 mm 14 g rattles').item).toMatchObject({ sound: 'rattles' })
  })
  it('of every family a word is enough; length and weight are then usual for it', () => {
    for (const { id, name } of FAMILIES) {
      const { item, assumed } = read(name)
      const { lengthM, massKg } = item as { lengthM: number; massKg: number }
      expect(item).toMatchObject({ family: id })
      expect(assumed).toEqual(['length', 'weight', 'colour'])
      const d = familyOf(id)
      expect([lengthM >= d.lengthM[0] * 0.95, lengthM <= d.lengthM[1] * 1.05]).toEqual([true, true])
      expect([massKg >= d.massKg[0] * 0.95, massKg <= d.massKg[1] * 1.05]).toEqual([true, true])
    }
  })
  it.each([
    ['Tokka 7 cm', 'which-family'],
    ['', 'empty'],
    ['crankbait 9 km', null],
    ['crankbait 80 cm 10 g', 'outside'],
    [`crankbait ${'x'.repeat(300)}`, 'too-long'],
  ] as const)('%s → %s', (text, problem) => {
    const found = quick(text, 'x', EMPTY_BOX)
    expect(found.ok ? null : found.problem).toBe(problem)
  })
})

describe('rods, reels and lines in a line', () => {
  it('a rod: length, lures, line, power, action', () => {
    expect(read('Heron rod 2.1 m 5–25 g 3-8 kg medium-heavy moderate-fast').item).toMatchObject({
      name: expect.stringContaining('Heron'),
      lengthM: 2.1,
      lureMinKg: 0.005,
      lureMaxKg: 0.025,
      power: 'medium-heavy',
      action: 'moderate-fast',
      type: 'spinning',
    })
    const feet = read('casting rod 7\'6" 1/4').item as { lengthM: number; type: string }
    expect(feet.lengthM).toBeCloseTo(7.5 * 0.3048, 9)
    expect(feet.type).toBe('casting')
    expect(read('rod 7 ft 1-2 oz').item).toMatchObject({ lengthM: 2.1336 })
    const ounces = read('casting rod 7 ft 1/2-1 1/2 oz').item as {
      lureMinKg: number
      lureMaxKg: number
      lengthM: number
    }
    expect([ounces.lureMinKg, ounces.lureMaxKg, ounces.lengthM]).toEqual([
      expect.closeTo(0.01417, 4),
      expect.closeTo(0.04252, 4),
      2.1336,
    ])
    expect(read('rod medium fast').item).toMatchObject({ power: 'medium', action: 'fast' })
    expect(quick('rod 2.1 m 25-5 g', 'x', EMPTY_BOX)).toEqual({ ok: false, problem: 'outside' })
  })
  it('a reel: kind and ratio', () => {
    expect(read('casting reel 7.1:1').item).toMatchObject({ type: 'casting', gearRatio: 7.1 })
    expect(read('reel').assumed).toEqual(['ratio'])
    const rod = read('casting rod').item as never
    expect(reelFitsRod(rod, read('casting reel').item as never)).toBe(true)
  })
  it('a line: what is not said follows from the other; it goes on the first bare reel', () => {
    const [a, b] = ['a', 'b'].map((id) => ({ ...read('reel').item, id })) as never[]
    const first = { ...read('braid 0.13 8 kg').item, reelId: 'a' } as never
    expect(read('braid 0.13 8 kg').item).toMatchObject({ material: 'braid', diameterM: 0.00013, reelId: null })
    expect((read('mono 0,30').item as { strengthN: number }).strengthN).toBeCloseTo(monoOfThicknessN(0.0003), 6)
    expect((read('fluorocarbon 10 lb').item as { strengthN: number }).strengthN).toBeCloseTo(44.48, 1)
    expect(read('mono 0.25', { ...EMPTY_BOX, reels: [a!, b!], lines: [first] }).item).toMatchObject({ reelId: 'b' })
    expect(quick('braid', 'x', EMPTY_BOX)).toEqual({ ok: false, problem: 'how-strong' })
  })
})

it('never throws, whatever is typed (property)', () => {
  const word = fc.constantFrom(
    'rod',
    'reel',
    'braid',
    'crankbait',
    'perch',
    '7 cm',
    '3/8 oz',
    '0.13',
    '5-25 g',
    '—',
    '1e99',
    '(',
    '\\',
  )
  fc.assert(
    fc.property(
      fc.oneof(
        fc.string(),
        fc.array(word, { maxLength: 9 }).map((w) => w.join(' ')),
      ),
      (text) => {
        expect(typeof quick(text, 'x', EMPTY_BOX).ok).toBe('boolean')
      },
    ),
  )
})

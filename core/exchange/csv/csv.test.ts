import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { Lure } from '../../tackle'
import { EMPTY_BOX, type Box } from '../../box'
import { BROKEN_ROWS, MENDED, messySheet } from '../../../testing/sheet'
import { WORLD } from '../../../testing/world'
import { bare, fromNeutral, meant, neutral, readFigure, readMeasure, readWhole } from './cells'
import { COLUMNS, columnOf, guessColumns, planImport, readSheet, writeLures, type ImportPlan } from '.'
import { sayFileProblem } from '../../../words'
import type { FileProblem } from '../problem'

let next = 0
const newId = () => `new-${++next}`
async function plan(source: string, box: Box = EMPTY_BOX): Promise<ImportPlan> {
  const read = readSheet(source)
  if (!read.ok) throw new Error(read.problem.code)
  return planImport(read.sheet, guessColumns(read.sheet.headings), [], box, newId)
}
const withLures = (box: Box, { added, changed, trays }: ImportPlan): Box => ({
  ...box,
  trays: [...box.trays, ...trays],
  lures: [...box.lures.filter((l) => !changed.some((c) => c.id === l.id)), ...changed, ...added],
})
const said = (problem: FileProblem | undefined) => (problem ? sayFileProblem(problem) : '')
const reason = (p: ImportPlan, i = 0) => said(p.aside[i]?.problems[0]?.problem)

describe('a spreadsheet as anglers keep them', () => {
  const { text, lures } = messySheet()
  it('300 rows come in with exactly the five broken ones set aside, each with its row and column', async () => {
    const made = await plan(text)
    expect(new Map(made.aside.map((a) => [a.row, a.problems[0]?.column]))).toEqual(BROKEN_ROWS)
    expect(made.added).toHaveLength(295)
    for (const [i, said] of lures.entries()) {
      const lure = made.added[i]
      expect(lure).toMatchObject({ name: said.name, family: said.family })
      expect(lure?.lengthM).toBeCloseTo(said.lengthM, 5)
      expect(lure?.massKg).toBeCloseTo(said.massKg, 5)
    }
    expect(made.trays.map((t) => t.name).sort()).toEqual(['Blue box', 'Blue box 2', 'Boat bag'])
    for (const { problems } of made.aside)
      for (const p of problems) expect(said(p.problem)).not.toMatch(/undefined|expected/)
  })
  it.each([',', '\t', ';'])('separated by %j all the same', async (separator) => {
    expect((await plan(messySheet(40, separator).text)).added).toHaveLength(39)
  })
  it('a broken row, mended in its own cell, comes in', async () => {
    const read = readSheet(text)
    if (!read.ok) throw new Error(read.problem.code)
    const mapping = guessColumns(read.sheet.headings)
    for (const [row, column] of BROKEN_ROWS) {
      const cells = [...(read.sheet.rows[row - 2] ?? [])]
      cells[mapping.indexOf(column)] = MENDED[column] ?? ''
      const made = planImport({ ...read.sheet, rows: [cells] }, mapping, [], EMPTY_BOX, newId)
      expect([column, made?.added.length, made?.aside.length]).toEqual([column, 1, 0])
    }
  })
  it('the same file a second time adds nothing', async () => {
    const made = await plan(text)
    const again = await plan(text, withLures(EMPTY_BOX, made))
    expect([again.added.length, again.changed.length, again.same]).toEqual([0, 0, 295])
  })
  it('a tray that is full goes on in a second one: no two share a compartment', async () => {
    const made = await plan(`Name,Family,Length (cm),Weight (g),Tray\n${'Some,Crankbait,5,10,Deep box\n'.repeat(300)}`)
    expect(made.trays.map((t) => t.name)).toEqual(['Deep box', 'Deep box 2', 'Deep box 3'])
    expect(new Set(made.added.map((l) => `${l.trayId} ${l.slot}`)).size).toBe(300)
  })
  it('words read despite a typo are told', async () => {
    const { slips } = await plan(text)
    expect(slips.map((s) => s.slip.text)).toContain('cranckbait')
  })
})

describe('what went out comes back the same', () => {
  it('the demo box: nothing is added, changed or set aside', async () => {
    const made = await plan(writeLures(WORLD.box), WORLD.box)
    expect({ ...made, slips: [] }).toEqual({
      added: [],
      changed: [],
      same: WORLD.box.lures.length,
      aside: [],
      trays: [],
      slips: [],
    })
  })
  it('into an empty box: each lure as it was, in its tray and compartment, but for photo and history', async () => {
    const made = await plan(writeLures(WORLD.box))
    expect(made.aside).toEqual([])
    const byName = new Map(made.trays.map((t) => [t.name, t.id]))
    for (const was of WORLD.box.lures) {
      const now = made.added.find((l) => l.id === was.id)
      const tray = WORLD.box.trays.find((t) => t.id === was.trayId)
      const { lengthM, massKg, measuredMassKg } = was
      expect(now).toMatchObject({
        family: was.family,
        colour: was.colour,
        traits: was.traits,
        hooks: was.hooks,
        count: was.count,
      })
      expect(now?.lengthM).toBeCloseTo(lengthM, 9)
      expect(now?.massKg).toBeCloseTo(massKg, 9)
      if (measuredMassKg !== null) expect(now?.measuredMassKg).toBeCloseTo(measuredMassKg, 9)
      expect(now?.trayId).toBe(byName.get(tray?.name ?? ''))
    }
  })
  it('names that a spreadsheet would run are neutral on the way out and themselves on the way in', async () => {
    const names = ['=1+2', '+tackle', '-minnow', '@home', "'=quoted", 'plain', '"Quoted", and, commas', 'two\nlines']
    const [lure] = WORLD.box.lures
    if (!lure) throw new Error('no lure')
    const box = {
      ...EMPTY_BOX,
      lures: names.map((name, i) => ({ ...lure, id: `n${i}`, name, trayId: null, slot: null })),
    }
    const out = writeLures(box)
    const cells = readSheetRaw(out)
    for (const row of cells) for (const cell of row) expect(cell).not.toMatch(/^[=+@\t\r]|^-(?![\d.]+$)/)
    const made = await plan(out, box)
    expect([made.same, made.changed.length, made.added.length]).toEqual([names.length, 0, 0])
  })
  it('neutral and back is the same text (property)', () => {
    fc.assert(
      fc.property(
        fc.oneof(fc.string(), fc.constantFrom("'=a", '=a', "''+", '-1', '-a')),
        (t) => fromNeutral(neutral(t)) === t,
      ),
    )
  })
})
const readSheetRaw = (out: string): string[][] => out.split('\r\n').map((line) => line.split(','))

describe('cells', () => {
  const read = (id: string, text: string, unit: string | null = null) => columnOf(id)?.read(text, unit)
  it.each([
    ['weight', '3/8 oz', null, 0.010631],
    ['weight', '3/8', 'oz', 0.010631],
    ['weight', '10,5', 'g', 0.0105],
    ['length', '2 1/2', 'in', 0.0635],
    ['length', '9.5 cm', 'in', 0.095],
  ] as const)('%s: “%s” under a heading in %s', (id, text, unit, si) => {
    const cell = read(id, text, unit)
    expect(cell?.ok && Number(cell.value)).toBeCloseTo(si, 5)
  })
  it.each([
    ['weight', 'heavy', /not a number/],
    ['weight', '5 furlongs', /Unknown unit/],
    ['weight', '5 cm', /not a weight/],
    ['family', 'Teapot', /not a family/],
    ['family', 'Stickworms of old', /Stick worm/],
    ['back', 'moonlight', /not a colour/],
    ['count', '1.5', /whole number/],
    ['hookSize', '99/0', /hook size/],
    ['stinger', 'perhaps', /neither yes nor no/],
  ] as const)('%s: “%s” is refused', (id, text, words) => {
    const cell = read(id, text)
    expect(cell?.ok === false && said(cell.problem)).toMatch(words)
  })
  it('a colour may be one word or three', () => {
    expect(read('colour', 'olive/silver/white')).toMatchObject({
      value: { back: 'olive', flank: 'silver', belly: 'white' },
    })
    expect(read('colour', 'gold')).toMatchObject({ value: { back: 'gold', flank: 'gold', belly: 'gold' } })
  })
  it('short words allow no slip, so that one is not taken for another', () => {
    expect(meant('gald', new Map([['gold', 'gold']]))).toBeNull()
    expect(meant('crankbiat', new Map([['crankbait', 'crankbait']]))).toEqual({ choice: 'crankbait', slip: true })
    expect(bare(' Paddle-Tail!')).toBe('paddletail')
  })
  it('no cell can break it (property)', () => {
    fc.assert(fc.property(fc.constantFrom(...COLUMNS), fc.string(), (column, text) => void column.read(text, null)))
  })
})

describe('what is wrong with a row', () => {
  const head = 'Name,Family,Length (cm),Weight (g)'
  it('names every required column that is missing', async () => {
    const made = await plan(`Name,Notes\nA,b`)
    expect(made.aside[0]?.problems.map((p) => p.column)).toEqual(['family', 'length', 'weight'])
  })
  it('limits are told as an angler knows them', async () => {
    expect(reason(await plan(`${head}\nHuge,Crankbait,900,10`))).toMatch(/between 1 and 50 cm/)
    expect(reason(await plan(`${head}\nHeavy,Crankbait,9,99999`))).toMatch(/0.3 g and 1 kg/)
  })
  it('an id that stands twice, and a compartment that is not there', async () => {
    const twice = await plan(`Ygrion id,${head}\na,One,Crankbait,5,10\na,Two,Crankbait,5,10`)
    expect([twice.added.length, reason(twice)]).toEqual([1, expect.stringMatching(/twice/)])
    const off = await plan(`${head},Tray,Compartment\nOne,Crankbait,5,10,Plugs,Z99`, WORLD.box)
    expect(reason(off)).toMatch(/Plugs has no such compartment.*A1 to/)
  })
  it.each([
    ['', /no rows/],
    ['Name,Family', /no rows/],
    ['Name\n"never closed', /quotation mark/],
  ])('%j is refused whole', (source, words) => {
    const read = readSheet(source)
    expect(read.ok ? '' : said(read.problem)).toMatch(words)
  })
  it('too many rows are refused', () => {
    const read = readSheet(`Name\n${'x\n'.repeat(20_001)}`)
    expect(read.ok ? '' : said(read.problem)).toMatch(/Split it/)
  })
})

describe('what is there already', () => {
  const [lure] = WORLD.box.lures as [Lure]
  it('a row with an id changes only what it says', async () => {
    const made = await plan(`Ygrion id,Weight (g)\n${lure.id},15.5`, WORLD.box)
    expect(made.changed).toEqual([{ ...lure, massKg: 0.0155 }])
  })
  it('a lure moved by its row lies in the compartment named', async () => {
    const made = await plan(`Ygrion id,Tray,Compartment\n${lure.id},Plugs,F2`, WORLD.box)
    const plugs = WORLD.box.trays.find((t) => t.name === 'Plugs')
    expect(made.changed[0]).toMatchObject({ trayId: plugs?.id, slot: 11 })
  })
  it('it tells how far it is', () => {
    const { text } = messySheet(900)
    const read = readSheet(text)
    if (!read.ok) throw new Error(read.problem.code)
    const told: number[] = []
    planImport(read.sheet, guessColumns(read.sheet.headings), [], EMPTY_BOX, newId, (done) => void told.push(done))
    expect(told).toEqual([0, 250, 500, 750, read.sheet.rows.length])
  })
})

it('headings are known by other names, and no column is taken twice', () => {
  expect(guessColumns(['Bait', 'TYPE', 'Size (in)', 'Wt.', 'Qty', 'Price (€)', 'Name', 'Shoe size'])).toEqual([
    'name',
    'family',
    'length',
    'weight',
    'count',
    'cost',
    null,
    null,
  ])
})

describe('figures are read or refused, never guessed', () => {
  const code = (read: ReturnType<typeof readWhole>) => (read.ok ? read.value : read.problem.code)
  it.each([
    ['12', 12],
    ['1,000', 'unclear'],
    ['1 000', 1000],
    ['2.5', 'not-whole'],
    ['many', 'not-whole'],
    ['5 for 10', 'not-whole'],
    ['', 'not-whole'],
  ])('a number of pieces: %s', (text, wanted) => expect(code(readWhole(text))).toBe(wanted))
  it.each([
    ['8.50', 8.5],
    ['8,50', 8.5],
    ['€ 8.50', 8.5],
    ['8,50 EUR', 8.5],
    ['kr 1 200', 1200],
    ['1,200.00 £', 1200],
    ['1,200', 'unclear'],
    ['5 for 10', 'not-a-number'],
    ['12.50 (was 15)', 'not-a-number'],
    ['cheap', 'not-a-number'],
    ['', 'not-a-number'],
  ])('a cost: %s', (text, wanted) => expect(code(readFigure(text))).toBe(wanted))
  it.each([
    ['120 mm', 0.12],
    ['1,200 mm', 'unclear'],
    ['1.200,5 mm', 1.2005],
    ['12,5 cm', 0.125],
    ['-12 cm', 'negative'],
    ['2 1/2 in', 0.0635],
  ])('a length: %s', (text, wanted) => expect(code(readMeasure(text, 'lureLength', null))).toBe(wanted))
  it('a weight below nothing is refused, a water below nought is not', () => {
    expect(code(readMeasure('−10 g', 'lureMass', null))).toBe('negative')
    expect(code(readMeasure('-1 C', 'waterTemp', null))).toBeCloseTo(-1, 9)
  })
  it('what means two things is told with both', () => {
    const read = readWhole('1,000')
    expect(read.ok ? null : read.problem).toEqual({ code: 'unclear', text: '1,000', either: ['1', '1000'] })
  })
})

describe('trays and ids of a sheet', () => {
  const [first, second] = WORLD.box.lures
  if (!first || !second) throw new Error('the demo has no lures')
  const tray = { id: 'tray-box-1', name: 'Box-1', columns: 6, rows: 4 }
  const box: Box = {
    ...EMPTY_BOX,
    trays: [tray],
    lures: [{ ...first, trayId: tray.id, slot: 0 }],
  }
  const HEAD = 'id,name,family,length (mm),weight (g),tray'
  it('a tray whose name reads alike never takes the place of another', async () => {
    const made = await plan(`${HEAD}\n,Newcomer,spoon,70,12,Box 1\n,Another,spoon,70,12,BOX_1`, box)
    expect(made.trays.map((t) => t.name).sort()).toEqual(['BOX_1', 'Box 1'])
    const ids = [tray, ...made.trays].map((t) => t.id)
    expect(new Set(ids).size).toBe(3)
    // Each newcomer lies in the tray that its row names.
    for (const lure of made.added)
      expect(made.trays.find((t) => t.id === lure.trayId)?.name).toBe(lure.name === 'Newcomer' ? 'Box 1' : 'BOX_1')
  })
  it('ids and tray names that are too long are refused, not cut: three stay three', async () => {
    const long = 'x'.repeat(90)
    const made = await plan(
      `${HEAD}\n${long}1,A,spoon,70,12,\n${long}2,B,spoon,70,12,\n,C,spoon,70,12,${'t'.repeat(50)}`,
      box,
    )
    expect([made.added.length, made.aside.length]).toEqual([0, 3])
    expect(made.aside.map((a) => a.problems[0]?.problem)).toEqual([
      { code: 'fault', fault: { kind: 'too-long', bound: 80, of: 'letters' } },
      { code: 'fault', fault: { kind: 'too-long', bound: 80, of: 'letters' } },
      { code: 'fault', fault: { kind: 'too-long', bound: 40, of: 'letters' } },
    ])
  })
})

describe('the make of lures in a sheet', () => {
  const made = (id: string, make: Lure['make']): Lure => {
    const lure = WORLD.box.lures.find((l) => l.id === id)
    if (!lure) throw new Error(`no ${id}`)
    return Lure.parse({ ...lure, make, changes: [], photoId: null })
  }
  const lures = [
    made('demo-001', { frontBlade: 'colorado', frontSize: 3, frontFinish: 'gold', arm: 'short', coating: 'UV-bright' }),
    made('demo-002', undefined),
  ]
  const box: Box = { ...EMPTY_BOX, lures }
  it('goes out and comes back the same, over itself and into an empty box', async () => {
    const text = writeLures(box)
    for (const into of [box, EMPTY_BOX]) {
      const made = await plan(text, into)
      expect([made.aside, made.changed]).toEqual([[], []])
      const first = [...made.added, ...into.lures].find(({ name }) => name === lures[0]?.name)
      expect(first?.make).toEqual(lures[0]?.make)
    }
  })
})

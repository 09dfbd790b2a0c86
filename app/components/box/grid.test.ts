import { describe, expect, it } from 'vitest'
import { WORLD } from '../../../testing/world'
import { GRID_COLUMNS, blockOf, fillDown, textsOf, typeBlock, type Block } from './grid'

const { box } = WORLD
const lures = box.lures.slice(0, 8)
const trays = new Map(box.trays.map((t) => [t.id, t]))
const at = (id: string) => GRID_COLUMNS.findIndex((c) => c.id === id)
const block = (fromRow: number, from: string, toRow = fromRow, to = from): Block =>
  blockOf({ row: fromRow, column: at(from) }, { row: toRow, column: at(to) })
const type = (b: Block, texts: string[][], system: 'metric' | 'imperial' = 'metric') =>
  typeBlock(lures, b, texts, box, system)

describe('typing into the table', () => {
  it('a weight in any unit changes that lure alone', () => {
    const { changed, problems } = type(block(2, 'weight'), [['1/2 oz']])
    expect(problems).toEqual([])
    expect(changed).toHaveLength(1)
    expect(changed[0]?.id).toBe(lures[2]?.id)
    expect(changed[0]?.massKg).toBeCloseTo(0.014175, 5)
  })
  it('a bare figure takes the unit that is shown', () => {
    expect(type(block(0, 'length'), [['12']]).changed[0]?.lengthM).toBeCloseTo(0.12, 6)
    expect(type(block(0, 'length'), [['4']], 'imperial').changed[0]?.lengthM).toBeCloseTo(0.1016, 6)
  })
  it('one text fills a whole selection', () => {
    const { changed } = type(block(0, 'sound', 5), [['rattles']])
    expect(changed.length).toBeGreaterThan(3)
    for (const l of changed) expect(l.sound).toBe('rattles')
  })
  it('a pasted block lands cell by cell, and stops at the edge', () => {
    const { changed, problems } = type(block(6, 'back'), [
      ['Gold', 'Red'],
      ['Black', 'Olive'],
      ['White', 'White'],
    ])
    expect(problems).toEqual([])
    expect(changed.map((l) => [l.colour.back, l.colour.flank])).toEqual([
      ['gold', 'red'],
      ['black', 'olive'],
    ])
  })
  it('what cannot be read is told by lure and column, and the rest is taken', () => {
    const { changed, problems } = type(block(0, 'length', 0, 'weight'), [['long', '9 g']])
    expect(changed[0]?.massKg).toBeCloseTo(0.009, 6)
    expect(changed[0]?.lengthM).toBe(lures[0]?.lengthM)
    expect(problems).toEqual([
      { row: 0, lure: lures[0]?.name, column: 'Length', reason: expect.stringMatching(/not a number/) },
    ])
  })
  it('limits hold here too', () =>
    expect(type(block(0, 'weight'), [['99 kg']]).problems[0]?.reason).toMatch(/0.3 g and 1 kg/))
  it('only what may be empty can be emptied', () => {
    expect(type(block(1, 'weighed'), [['']]).changed[0]?.measuredMassKg).toBeNull()
    expect(type(block(1, 'cost'), [['']]).changed[0]?.cost).toBeNull()
    expect(type(block(1, 'name'), [['']]).problems[0]?.reason).toMatch(/not be empty/)
  })
  it('a tray by its name, a compartment by its letter and number', () => {
    const metal = box.trays.find((t) => t.name === 'Metal')
    const moved = type(block(0, 'tray'), [['metal']]).changed[0]
    expect(moved?.trayId).toBe(metal?.id)
    expect(box.lures.some((l) => l.trayId === metal?.id && l.slot === moved?.slot)).toBe(false)
    expect(type(block(0, 'tray'), [['']]).changed[0]).toMatchObject({ trayId: null, slot: null })
    expect(type(block(0, 'compartment'), [['F2']]).changed[0]?.slot).toBe(11)
    expect(type(block(0, 'compartment'), [['Z9']]).problems[0]?.reason).toMatch(/no compartment “Z9”: they run from A1/)
    expect(type(block(0, 'tray'), [['Nowhere']]).problems[0]?.reason).toMatch(/add it first/)
  })
})

describe('copy and fill', () => {
  it.each(['metric', 'imperial'] as const)(
    'what is copied and pasted back changes nothing that can be seen (%s)',
    (system) => {
      const whole = block(0, 'name', 7, 'notes')
      const texts = textsOf(lures, whole, trays, system)
      const { changed, problems } = type(whole, texts, system)
      expect(problems).toEqual([])
      const again = lures.map((l) => changed.find((c) => c.id === l.id) ?? l)
      expect(textsOf(again, whole, trays, system)).toEqual(texts)
      if (system === 'metric') expect(changed).toEqual([])
    },
  )
  it('fill down takes the first row into all below', () => {
    const { changed } = fillDown(lures, block(0, 'cost', 7, 'condition'), trays, box, 'metric')
    for (const l of changed) expect([l.cost, l.condition]).toEqual([lures[0]?.cost, lures[0]?.condition])
    expect(fillDown(lures, block(3, 'cost'), trays, box, 'metric').changed).toEqual([])
  })
})

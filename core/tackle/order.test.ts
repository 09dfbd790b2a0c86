import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { WORLD } from '../../testing/world'
import {
  careOf,
  doubles,
  freeSlot,
  duplicateOf,
  seriesOf,
  slotName,
  slotNamed,
  slotsOf,
  trayFor,
  type Colouring,
  type Lure,
} from '.'

const { lures } = WORLD.box
const named = (name: string): Lure => {
  const lure = lures.find((l) => l.name === name)
  if (!lure) throw new Error(`no ${name}`)
  return lure
}
const bare = (lure: Lure, over: object): Lure => ({ ...lure, condition: 'good', changes: [], fish: 0, ...over }) as Lure

describe('trays', () => {
  const tray = fc.record({ columns: fc.integer({ min: 1, max: 12 }), rows: fc.integer({ min: 1, max: 20 }) })
  it('a compartment is found by its name (property)', () => {
    fc.assert(
      fc.property(tray, fc.nat(), (t, n) => {
        const slot = n % slotsOf(t)
        expect(slotNamed(t, slotName(t, slot))).toBe(slot)
        expect(slotNamed(t, ` ${slotName(t, slot).toLowerCase()} `)).toBe(slot)
      }),
    )
  })
  it('A1 is the first, the row below begins with A2; what is not there is none', () => {
    const t = { columns: 6, rows: 4 }
    expect(slotName(t, 0)).toBe('A1')
    expect(slotName(t, 6)).toBe('A2')
    expect(slotNamed(t, 'F4')).toBe(23)
    for (const off of ['G1', 'A5', 'A0', '', '11']) expect(slotNamed(t, off)).toBeNull()
  })
  it('the first free compartment, or the last of a full tray', () => {
    const t = { columns: 2, rows: 2 }
    expect(freeSlot(t, new Set([0, 1]))).toBe(2)
    expect(freeSlot(t, new Set([0, 1, 2, 3]))).toBe(3)
  })
  it('a tray made for many holds them', () => expect(slotsOf(trayFor('Big', 50))).toBeGreaterThanOrEqual(50))
  it('no two lures of the demo share a compartment', () => {
    const places = lures.map((l) => `${l.trayId} ${l.slot}`)
    expect(new Set(places).size).toBe(lures.length)
  })
})

describe('owned twice', () => {
  it('finds the demo’s doubles whatever they are called', () => {
    const found = doubles(lures).map((g) => g.map((l) => l.name).sort())
    expect(found).toContainEqual(['Tremolo 7', 'Tremolo 7 again'])
    expect(found).toContainEqual(['Nimbletwig 110', 'Nimbletwig 110 spare'])
  })
  it('another colour, depth, sound, or a good tenth more weight is another lure', () => {
    const plug = named('Bumblecrag M')
    const other = (over: object) => [plug, { ...plug, id: 'b', ...over } as Lure]
    expect(doubles(other({}))).toHaveLength(1)
    expect(doubles(other({ massKg: plug.massKg * 1.04, lengthM: plug.lengthM * 1.01 }))).toHaveLength(1)
    for (const over of [
      { massKg: plug.massKg * 1.12 },
      { sound: 'silent' },
      { colour: { ...plug.colour, flank: 'gold' } },
      { traits: { ...plug.traits, depthM: 3 } },
    ])
      expect(doubles(other(over))).toEqual([])
  })
  it('every lure belongs to one group at most (property)', () => {
    fc.assert(
      fc.property(fc.array(fc.constantFrom(...lures), { maxLength: 30 }), (some) => {
        const ids = doubles(some.map((l, i) => ({ ...l, id: String(i) }) as Lure))
          .flat()
          .map((l) => l.id)
        expect(new Set(ids).size).toBe(ids.length)
      }),
    )
  })
})

describe('care (common practice)', () => {
  const asks = (lure: Lure) => careOf(lure).map((c) => `${c.code} ${c.when}`)
  const plug = named('Bumblecrag M')
  it('hooks come due with fish, light wire first', () => {
    const hooks = (wire: string, fish: number) => asks(bare(plug, { hooks: { ...plug.hooks, wire }, fish }))
    expect(hooks('medium', 5)).toEqual([])
    expect(hooks('medium', 21)).toEqual(['hooks-soon soon'])
    expect(hooks('medium', 25)).toEqual(['hooks-due now'])
    expect(hooks('light', 16)).toEqual(['hooks-due now'])
    expect(hooks('heavy', 30)).toEqual([])
  })
  it('fact 12: a thin frame is counted by its fish, a stout one is not', () => {
    const bait = named('Grumblewing 10')
    const frame = (wire: string, fish: number) =>
      asks(bare(bait, { traits: { ...bait.traits, wire }, hooks: { ...bait.hooks, wire: 'heavy' }, fish }))
    expect(frame('thin', 22)).toEqual(['frame-soon soon'])
    expect(frame('thin', 30)).toEqual(['frame-due now'])
    expect(frame('stout', 30)).toEqual([])
  })
  it('soft bodies run short, hard ones do not', () => {
    expect(asks(bare(named('Waglet Rib 95'), { count: 2 }))).toEqual(['few-left soon'])
    expect(asks(bare(named('Waglet Rib 95'), { count: 0 }))).toEqual(['none-left now'])
    expect(asks(bare(plug, { count: 1 }))).toEqual([])
  })
  it('what is spent is told first', () =>
    expect(asks(bare(plug, { condition: 'spent', fish: 21 }))[0]).toBe('spent now'))
})

describe('a series', () => {
  const base = named('Waglet Rib 95')
  const colours = (['gold', 'black', 'olive'] as const).map((flank) => ({
    label: flank,
    colour: { ...base.colour, flank } as Colouring,
  }))
  const masses = [
    { label: '5 g', massKg: 0.005 },
    { label: '9 g', massKg: 0.009 },
  ]
  let n = 0
  const id = () => `s${++n}`
  it('one body in three colours and two weights is six lures, each its own', () => {
    const made = seriesOf(base, { colours, masses }, id)
    expect(made).toHaveLength(6)
    expect(new Set(made.map((l) => l.id)).size).toBe(6)
    expect(new Set(made.map((l) => l.name)).size).toBe(6)
    for (const l of made)
      expect(l).toMatchObject({ fish: 0, measuredMassKg: null, changes: [], photoId: null, family: base.family })
  })
  it('the lure itself is not made again', () => {
    expect(seriesOf(base, { colours: [{ label: 'same', colour: base.colour }], masses: [] }, id)).toEqual([])
    expect(seriesOf(base, { colours: [], masses }, id)).toHaveLength(2)
    // Before the lure itself is in the box all of them are new; nothing wished makes nothing.
    const all = seriesOf(base, { colours, masses }, id, { first: true })
    expect(all).toHaveLength(colours.length * masses.length)
    expect(seriesOf(base, { colours: [], masses: [] }, id, { first: true })).toEqual([])
  })
  it('a copy begins a life of its own', () => {
    expect(duplicateOf(named('Nimbletwig 110'), 'x')).toMatchObject({
      id: 'x',
      fish: 0,
      measuredMassKg: null,
      changes: [],
    })
  })
})

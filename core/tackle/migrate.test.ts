import { describe, expect, it } from 'vitest'
import V1 from '../exchange/fixtures/archive-v1.json'
import { WORLD } from '../testing/world'
import { FAMILIES, Lure, boxFrom1, boxFrom2, completeBox, completeLure, trayFor, slotsOf } from '.'
import { Box } from '../box'

describe('what is left out is filled in, what is said stays', () => {
  it.each(WORLD.box.lures.map((l) => [l.name, l] as const))('%s, whole already, is not touched', (_, lure) => {
    expect(completeLure(lure)).toEqual(lure)
  })
  it('the box of the demo is not touched either', () => expect(completeBox(WORLD.box)).toEqual(WORLD.box))
  it('a lure of the first version, tray by name and hook as a trait, becomes one of today', () => {
    for (const old of V1.box.lures) {
      const now = Lure.parse(completeLure(old))
      expect(now).toMatchObject({ id: old.id, massKg: old.massKg, trayId: null, alteredKg: 0 })
    }
  })
  it('a box of the first version is whole after it', () => {
    expect(Box.safeParse(boxFrom2(boxFrom1(V1.box))).error?.issues ?? []).toEqual([])
    expect(Box.safeParse(completeBox(V1.box)).error?.issues ?? []).toEqual([])
  })
  it('the least that can be said of each family is enough', () => {
    for (const { id, traits } of FAMILIES) {
      const like = WORLD.box.lures.find((l) => l.family === id)
      const { name, lengthM, massKg, colour } = like as Lure
      const said = { id: 'x', family: id, name, lengthM, massKg, colour, traits: like?.traits }
      expect([id, Lure.safeParse(completeLure(said)).error?.issues ?? []]).toEqual([id, []])
      expect(Object.keys(traits.shape).length).toBeGreaterThanOrEqual(0)
    }
  })
  it.each([null, 3, 'a box', [], {}, { lures: 'many' }, { lures: [null, 7] }])('%j does not break it', (raw) => {
    expect(() => completeBox(raw)).not.toThrow()
    expect(() => boxFrom2(boxFrom1(raw))).not.toThrow()
    expect(() => completeLure(raw)).not.toThrow()
  })
  it('lures are laid side by side in the tray they named, in their order', () => {
    const old = Array.from({ length: 9 }, (_, i) => ({
      ...V1.box.lures[0],
      id: `l${i}`,
      tray: i % 3 === 0 ? 'Lid' : 'Deep',
    }))
    const { lures, trays } = Box.parse(boxFrom2(boxFrom1({ ...V1.box, lures: old })))
    expect(trays.map((t) => t.name).sort()).toEqual(['Deep', 'Lid'])
    for (const t of trays) {
      const slots = lures.filter((l) => l.trayId === t.id).map((l) => l.slot)
      expect(slots).toEqual(slots.map((_, i) => i))
      expect(slots.length).toBeLessThanOrEqual(slotsOf(t))
    }
  })
  it('a tray of a name of any letters has an id', () => {
    for (const name of ['Ködlåda', '箱', '  ', '!!!']) expect(trayFor(name, 3).id.length).toBeGreaterThan(4)
  })
})

import { describe, expect, it } from 'vitest'
import { WORLD } from '../../testing/world'
import { FAMILIES, Lure, completeBox, completeLure, trayFor } from '.'

describe('what is left out is filled in, what is said stays', () => {
  it.each(WORLD.box.lures.map((l) => [l.name, l] as const))('%s, whole already, is not touched', (_, lure) => {
    expect(completeLure(lure)).toEqual(lure)
  })
  it('the box of the demo is not touched either', () => expect(completeBox(WORLD.box)).toEqual(WORLD.box))
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
    expect(() => completeLure(raw)).not.toThrow()
  })
  it('a tray of a name of any letters has an id', () => {
    for (const name of ['Ködlåda', '箱', '  ', '!!!']) expect(trayFor(name, 3).id.length).toBeGreaterThan(4)
  })
})

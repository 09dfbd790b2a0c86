import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { threeWay } from './merge'

const LURE = { id: 'a', name: 'Pirrip', fish: 3, hooks: { size: '#4' } }

describe('two hands on one thing', () => {
  it('nobody else: mine', () => {
    expect(threeWay(LURE, { ...LURE, name: 'New' }, { ...LURE })).toEqual({ ok: true, item: { ...LURE, name: 'New' } })
  })
  it('different fields: both', () => {
    expect(threeWay(LURE, { ...LURE, name: 'New' }, { ...LURE, fish: 77 })).toEqual({
      ok: true,
      item: { ...LURE, name: 'New', fish: 77 },
    })
  })
  it('the same field to the same value: no quarrel', () => {
    expect(threeWay(LURE, { ...LURE, fish: 4 }, { ...LURE, fish: 4, name: 'New' })).toMatchObject({ ok: true })
  })
  it('the same field to different values is named, and only that', () => {
    expect(threeWay(LURE, { ...LURE, fish: 4, name: 'Mine' }, { ...LURE, fish: 77, hooks: { size: '#6' } })).toEqual({
      ok: false,
      fields: ['fish'],
    })
  })
  it('taken away by one and changed by the other', () => {
    expect(threeWay(LURE, null, { ...LURE, fish: 77 })).toEqual({ ok: false, fields: [] })
    expect(threeWay(LURE, { ...LURE, fish: 4 }, null)).toEqual({ ok: false, fields: [] })
    expect(threeWay(LURE, null, null)).toEqual({ ok: true, item: null })
    expect(threeWay(null, LURE, { ...LURE, fish: 1 })).toEqual({ ok: false, fields: [] })
  })
  const thing = fc.dictionary(fc.constantFrom('a', 'b', 'c', 'd'), fc.nat(3), { noNullPrototype: true })
  it('without a quarrel every field is where one of the two put it (property)', () => {
    fc.assert(
      fc.property(thing, thing, thing, (base, mine, theirs) => {
        const merged = threeWay(base, mine, theirs)
        if (!merged.ok) {
          for (const f of merged.fields) expect(mine[f] === base[f] || theirs[f] === base[f]).toBe(false)
          return
        }
        const item = merged.item as typeof base
        for (const key of ['a', 'b', 'c', 'd'])
          expect(item[key]).toBe(mine[key] === base[key] ? theirs[key] : mine[key])
      }),
    )
  })
})

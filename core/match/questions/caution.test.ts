import { describe, expect, it } from 'vitest'
import { SPECIES } from '../../water'
import { cautionsFor } from './caution'

describe('what to be careful of', () => {
  it('the teeth of every fish that needs a bite-proof leader, not of pike alone', () => {
    const toothed = SPECIES.filter((s) => s.biteProof)
    expect(toothed.length).toBeGreaterThan(1)
    for (const { id, name } of toothed)
      expect(cautionsFor({ speciesId: id }, { light: 'day' })).toEqual([{ code: 'teeth', species: name }])
    for (const { id } of SPECIES.filter((s) => !s.biteProof))
      expect(cautionsFor({ speciesId: id }, { light: 'day' })).toEqual([])
  })
  it('hooks by night, after teeth', () => {
    expect(cautionsFor({ speciesId: 'perch' }, { light: 'night' })).toEqual([{ code: 'night' }])
    expect(cautionsFor({ speciesId: 'pike' }, { light: 'night' }).map((c) => c.code)).toEqual(['teeth', 'night'])
  })
})

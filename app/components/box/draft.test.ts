import { expect, it } from 'vitest'
import { FAMILIES } from '../../../core/tackle'
import { judge, newDraft, traitFields, usualTraits } from './draft'

it('every family can be drafted from its schema alone and only lacks a name', () => {
  for (const { id } of FAMILIES) {
    const draft = { ...newDraft('x'), family: id, traits: usualTraits(id) }
    const bare = judge(draft)
    expect(bare.ok).toBe(false)
    expect(!bare.ok && Object.keys(bare.problems)).toEqual(['name'])
    expect(judge({ ...draft, name: 'Something' }).ok).toBe(true)
    for (const f of traitFields(id)) if (f.kind === 'choice') expect(f.options.length).toBeGreaterThan(1)
  }
})

it('faults are worded with the remedy, by field', () => {
  const judged = judge({ ...newDraft('x'), name: 'A', count: 2.5, lengthM: 9 })
  expect(!judged.ok && judged.problems).toMatchObject({
    count: expect.stringContaining('whole number'),
    lengthM: expect.stringContaining('between'),
  })
})

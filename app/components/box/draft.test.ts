import { describe, expect, it } from 'vitest'
import { FAMILIES, Lure, traitFields, usualHooks, usualTraits } from '../../../core/tackle'
import { lureOfDraft, newDraft } from './draft'

describe('the form reads its fields off the family', () => {
  it.each(FAMILIES.map((f) => [f.id] as const))('%s: every field has a label, and its usual traits pass', (id) => {
    for (const { label, kind, options } of traitFields(id)) {
      expect(label).toMatch(/^[A-Z]/)
      if (kind === 'choice') expect(options.length).toBeGreaterThan(1)
    }
    const draft = {
      ...newDraft('x'),
      family: id,
      name: 'New one',
      traits: usualTraits(id),
      hooks: usualHooks(id, 0.06),
    }
    expect(Lure.safeParse(draft).error?.issues ?? []).toEqual([])
  })
})

describe('a lure being typed', () => {
  const draft = () => ({ ...newDraft('x'), name: 'New one' })
  it('is kept as it stands when nothing is wrong', () => {
    const read = lureOfDraft(draft())
    expect(read).toEqual({ ok: true, lure: draft() })
  })
  it('a name of blanks is no name', () => {
    const read = lureOfDraft({ ...draft(), name: '   ' })
    expect(read.ok ? {} : read.problems).toEqual({ name: 'Give it a name of at most 80 letters.' })
  })
  it.each([
    ['lengthM', 4, /1 and 50 cm/],
    ['massKg', 0, /0\.3 g and 1 kg/],
    ['measuredMassKg', 7, /or empty/],
    ['count', 1.5, /whole number/],
    ['count', -1, /whole number/],
    ['cost', -2, /from 0 up/],
    ['fish', 1.5, /whole number/],
    ['notes', 'x'.repeat(501), /500 letters/],
  ] as const)('%s %s is explained', (field, value, words) => {
    const read = lureOfDraft({ ...draft(), [field]: value })
    if (read.ok) throw new Error('was taken')
    expect(read.problems[field]).toMatch(words)
    expect(Object.keys(read.problems)).toEqual([field])
  })
  it('several faults are all named', () => {
    const read = lureOfDraft({ ...draft(), name: '', count: -1 })
    expect(read.ok ? [] : Object.keys(read.problems).sort()).toEqual(['count', 'name'])
  })
  it('traits of another family are not taken', () => {
    expect(lureOfDraft({ ...draft(), traits: usualTraits('spinnerbait') }).ok).toBe(false)
  })
})

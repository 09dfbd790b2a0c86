import { describe, expect, it } from 'vitest'
import { ROLES } from '../quantity'
import { FAMILIES, HungHooks, PARTS, Tray, fieldsOf, usualPart, type PartKind } from '.'

const KINDS = Object.keys(PARTS) as PartKind[]
const field = (kind: PartKind, key: string) => {
  const found = fieldsOf(PARTS[kind].shape).find((f) => f.key === key)
  if (!found) throw new Error(`no ${key}`)
  return found
}

describe('fields of a form, read off a schema', () => {
  it('every field of every part, family, hook and tray has a name of its own', () => {
    const shapes = [
      ...KINDS.map((k) => PARTS[k].shape),
      ...FAMILIES.map((f) => f.traits.shape),
      HungHooks.shape,
      Tray.shape,
    ]
    for (const shape of shapes) {
      const labels = fieldsOf(shape).map((f) => f.label)
      for (const label of labels) expect(label).toMatch(/^[A-Z]/)
      expect(new Set(labels).size).toBe(labels.length)
    }
  })
  it('measures have a role that shows units; choices have choices; the id is no field', () => {
    for (const kind of KINDS)
      for (const f of fieldsOf(PARTS[kind].shape)) {
        expect(f.key).not.toBe('id')
        if (f.kind === 'measure') expect(Object.keys(ROLES)).toContain(f.role)
        if (f.kind === 'choice') expect(f.options.length).toBeGreaterThan(1)
      }
  })
  it('limits are the schema’s own: a least that is taken, and one that must be passed', () => {
    expect(field('rods', 'lengthM')).toMatchObject({ min: 1, max: 5, kind: 'measure' })
    expect(field('heads', 'massKg').min).toBeGreaterThan(0)
    expect(field('blades', 'size')).toMatchObject({ min: 0, max: 8, kind: 'number' })
    expect(field('hooks', 'count').min).toBe(0)
  })
  it('what may stay empty is known: cost and spool; what points into a drawer too', () => {
    expect(field('rods', 'cost')).toMatchObject({ optional: true, kind: 'number' })
    expect(field('reels', 'spoolM')).toMatchObject({ optional: true, kind: 'measure', role: 'hookGap' })
    expect(field('rods', 'power').optional).toBe(false)
    expect(field('lines', 'reelId')).toMatchObject({ kind: 'from', from: 'reels' })
  })
  it('a usual part of each kind is whole but for its name', () => {
    for (const kind of KINDS) {
      const part = usualPart(kind, 'x')
      expect(PARTS[kind].safeParse({ ...part, name: 'Named' }).error?.issues ?? []).toEqual([])
      expect(PARTS[kind].safeParse(part).success).toBe(false)
    }
  })
})

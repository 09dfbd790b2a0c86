import { describe, expect, it } from 'vitest'
import { WORLD } from '../../testing/world'
import { ARCHIVE_VERSION, BOX_KINDS, BinItem, Photo, RejectedRows, readArchive, writeArchive } from '.'

const [lure] = WORLD.box.lures
if (!lure) throw new Error('no lure')
const binned = { id: 'lures:a', kind: 'lures', at: '2026-06-12T10:00:00', item: lure } as const

describe('photos', () => {
  const photo = (dataUrl: string) => Photo.safeParse({ id: 'p', dataUrl }).success
  it('are pictures, and nothing that a browser would run', () => {
    expect(photo('data:image/jpeg;base64,AAAA')).toBe(true)
    expect(photo('data:image/webp;base64,AA+/=')).toBe(true)
    for (const bad of [
      'data:image/svg+xml;base64,AAAA',
      'data:text/html;base64,AAAA',
      'javascript:alert(1)',
      'https://x/y.jpg',
      '',
    ])
      expect([bad, photo(bad)]).toEqual([bad, false])
  })
  it('are small', () => expect(photo(`data:image/png;base64,${'A'.repeat(500_000)}`)).toBe(false))
})

describe('the bin', () => {
  it('holds whole things of every kind, and only what their kind says', () => {
    for (const kind of BOX_KINDS) {
      const [item] = WORLD.box[kind]
      if (!item) throw new Error(`no ${kind} in the demo`)
      expect([kind, BinItem.safeParse({ ...binned, kind, item }).success]).toEqual([kind, true])
      expect(BinItem.safeParse({ ...binned, kind, item: { id: 'x', name: 'Half' } }).success).toBe(false)
    }
    expect(BinItem.safeParse({ ...binned, kind: 'rods' }).success).toBe(false)
    expect(BinItem.safeParse({ ...binned, at: 'yesterday' }).success).toBe(false)
  })
})

describe('an archive with all of it', () => {
  const world = { ...WORLD, photos: [{ id: 'p', dataUrl: 'data:image/png;base64,AAAA' }], bin: [binned] }
  it('goes out and comes back the same: photos, bin, trays, rigs, changes', () => {
    const read = readArchive(writeArchive(world as never))
    if (!read.ok) throw new Error(JSON.stringify(read.problems))
    const { format, version, ...content } = read.archive
    expect([format, version]).toEqual(['ygrion-archive', ARCHIVE_VERSION])
    expect(content).toEqual(world)
    expect(content.box.lures.some((l) => l.changes.length > 0)).toBe(true)
    expect(content.box.rigs.length).toBeGreaterThan(2)
    expect(content.box.tests.length).toBeGreaterThan(30)
  })
  it('a bad thing in the bin is named', () => {
    const raw = JSON.parse(writeArchive(world as never)) as { bin: { item: { lengthM: number } }[] }
    if (raw.bin[0]) raw.bin[0].item.lengthM = -3
    const read = readArchive(JSON.stringify(raw))
    expect(read.ok ? '' : read.problems[0]?.place).toMatch(/^bin\[0\]/)
    expect(read.ok ? '' : read.problems[0]?.problem).toEqual({
      code: 'fault',
      fault: { kind: 'says', text: 'is not what its kind says' },
    })
  })
})

it('rows set aside keep their file, their columns and what is wrong', () => {
  const kept = {
    id: 'a',
    file: 'shed.csv',
    at: '2026-06-12T10:00:00',
    headings: ['Lure'],
    mapping: ['name', null],
    rows: [{ row: 3, cells: [''], problems: [{ column: 'name', problem: { code: 'missing' } }] }],
  }
  expect(RejectedRows.parse(kept)).toEqual(kept)
  expect(RejectedRows.safeParse({ ...kept, rows: [{ row: 'three' }] }).success).toBe(false)
})

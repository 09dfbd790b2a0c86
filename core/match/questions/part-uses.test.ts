import { describe, expect, it } from 'vitest'
import { WORLD } from '../../../testing/world'
import { PARTS, buildsOf, drawPart, lineInRodRange, usualPart, type PartKind, type PartOf } from '../../tackle'
import { EMPTY_BOX, type Box } from '../../box'
import { partUse } from '..'

import { sayUse } from '../../../words'
import type { UnitSystem } from '../../quantity'

const { box } = WORLD
const KINDS = Object.keys(PARTS) as PartKind[]
const plain = (text: string) => text.replaceAll('\u202f', ' ')
const sayUses = <K extends PartKind>(kind: K, part: PartOf<K>, of: Box, system: UnitSystem) =>
  sayUse(partUse(kind, part, of), system)

describe('a new part', () => {
  it.each(KINDS)('%s: passes its own schema once it has a name', (kind) => {
    expect(PARTS[kind].safeParse({ ...usualPart(kind, 'x'), name: 'New' }).success).toBe(true)
    expect(PARTS[kind].safeParse(usualPart(kind, 'x')).error?.issues[0]?.path).toEqual(['name'])
  })
  it.each(KINDS)('%s: says what it is good for, also in an empty box', (kind) => {
    for (const system of ['metric', 'imperial'] as const) {
      expect(sayUses(kind, usualPart(kind, 'x'), box, system)).toMatch(/\w/)
      expect(sayUses(kind, usualPart(kind, 'x'), EMPTY_BOX, system)).not.toMatch(/NaN|undefined/)
    }
  })
})

describe('what a part is good for here', () => {
  it('a heavier rod throws other lures; the counts are of this box', () => {
    const rod = usualPart('rods', 'x')
    const thrown = (from: number, to: number) =>
      Number(/casts (\d+)/.exec(sayUses('rods', { ...rod, lureMinKg: from, lureMaxKg: to }, box, 'metric'))?.[1] ?? 0)
    expect(thrown(0.0005, 1)).toBe(box.lures.filter((l) => buildsOf(l, box).length > 0).length)
    expect(thrown(0.005, 0.02)).toBeLessThan(thrown(0.0005, 1))
    expect(thrown(0.9, 1)).toBe(0)
  })
  it('a line tells what its spool holds of it, by the square of thicknesses, and what is left of it with the years', () => {
    const reel = { ...usualPart('reels', 'r'), name: 'R', holdsM: 150, holdsThickM: 0.0003 }
    const line = { ...usualPart('lines', 'l'), name: 'L', material: 'mono' as const, diameterM: 0.00015, reelId: 'r' }
    const of = { ...EMPTY_BOX, reels: [reel], lines: [line] }
    expect(plain(sayUses('lines', line, of, 'metric'))).toContain('the spool holds 600 m of it')
    const [now, old] = [0, 3].map((seasons) => partUse('lines', { ...line, seasons }, of)) as { knotN: number }[]
    // Three seasons of nylon: 0.85³ = 0.614.
    expect((old?.knotN ?? 0) / (now?.knotN ?? 1)).toBeCloseTo(0.614, 3)
  })
  it('a reel tells its easy speeds: 0.3 to 2.4 turns a second of its line per turn', () => {
    const words = plain(sayUses('reels', { ...usualPart('reels', 'x'), linePerTurnM: 0.5 }, box, 'metric'))
    expect(words).toContain('comfortable at 0.15 to 1.2 m/s')
    expect(words).toContain('empty')
  })
  it('a line tells its reel, its strength at the knot and its rods', () => {
    const [line] = box.lines.filter((l) => l.reelId !== null)
    if (!line) throw new Error('no line')
    const reel = box.reels.find((r) => r.id === line.reelId)
    const words = sayUses('lines', line, box, 'metric')
    expect(words).toContain(`on ${reel?.name ?? '?'}`)
    const rods = box.rods.filter((r) => r.type === reel?.type && lineInRodRange(r, line)).length
    expect(words).toMatch(new RegExp(`for ${rods || 'no'} rod`))
    expect(sayUses('lines', { ...line, reelId: null }, box, 'metric')).toContain('in the drawer')
  })
  it('wire is bite-proof, thin fluorocarbon is not (common practice)', () => {
    const leader = usualPart('leaders', 'x')
    expect(sayUses('leaders', { ...leader, material: 'wire' }, box, 'metric')).toMatch(/^bite-proof/)
    expect(sayUses('leaders', leader, box, 'metric')).toMatch(/^not bite-proof/)
  })
  it('a huge hook carries fewer of these bodies than an ordinary one', () => {
    const carried = (hookSize: '3/0' | '10/0') =>
      Number(/\d+/.exec(sayUses('heads', { ...usualPart('heads', 'x'), hookSize }, box, 'metric'))?.[0] ?? 0)
    expect(carried('10/0')).toBeLessThan(carried('3/0'))
    expect(sayUses('hooks', usualPart('hooks', 'x'), box, 'metric')).toMatch(/carries \d+ lure/)
    expect(sayUses('hooks', usualPart('hooks', 'x'), EMPTY_BOX, 'metric')).toBe('carries no lures; point buried')
  })
  it('a trailer longer than any bait goes behind none', () => {
    expect(sayUses('trailers', { ...usualPart('trailers', 'x'), lengthM: 0.29 }, box, 'metric')).toBe(
      'goes behind no lures',
    )
  })
})

describe('drawings of parts', () => {
  it('every head, hook, sinker and trailer of the demo is drawn, and without gaps in its figures', () => {
    for (const kind of ['heads', 'hooks', 'sinkers', 'trailers'] as const)
      for (const part of box[kind]) {
        const shapes = drawPart(kind, part as never)
        expect(shapes.length).toBeGreaterThan(0)
        for (const { d } of shapes) expect(d).not.toMatch(/NaN|undefined/)
      }
    expect(drawPart('reels', usualPart('reels', 'x'))).toEqual([])
  })
  it('lead grows with the cube root of its weight: eight times as heavy, twice as wide', () => {
    const width = (massKg: number) => {
      const [shape] = drawPart('sinkers', { ...usualPart('sinkers', 'x'), massKg })
      return Math.abs(Number(/^M(-?[\d.]+)/.exec(shape?.d ?? '')?.[1]))
    }
    expect(width(0.08) / width(0.01)).toBeCloseTo(2, 1)
  })
})

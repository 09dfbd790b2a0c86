import { describe, expect, it } from 'vitest'
import { PLACE, WORLD, water } from '../../../testing/world'
import type { Leader, Line } from '../../tackle'
import { speciesOf, type Conditions } from '../../water'
import { createMatchContext, matchWater } from '..'
import { isBiteProof, outfitsOf, requiredStrengthN, tackleOptions, rodCanCast, stealthAgreement } from './outfit'

const { box } = WORLD
const species = (id: string) => {
  const found = speciesOf(id)
  if (!found) throw new Error(`no ${id}`)
  return found
}
const [outfit] = outfitsOf(box)
if (!outfit) throw new Error('no outfit')
const LEADER: Leader = {
  id: 'x',
  name: 'Leader',
  material: 'fluoro',
  strengthN: 60,
  diameterM: 0.00028,
  lengthM: 1,
  cost: null,
}
const line = (over: Partial<Line>): Line => ({ ...outfit.line, ...over })

describe('outfits', () => {
  it('are a line on its reel on a rod of the same kind; lines in the drawer have none', () => {
    for (const { rod, reel, line: on } of outfitsOf(box)) {
      expect(rod.type === 'spinning').toBe(reel.type === 'spinning')
      expect(on.reelId).toBe(reel.id)
    }
    expect(outfitsOf({ ...box, lines: box.lines.map((l) => ({ ...l, reelId: null })) })).toEqual([])
    expect(outfitsOf({ ...box, reels: [] })).toEqual([])
  })
})

describe('strength (hard limits)', () => {
  it('cover asks for more line than open water, thick cover for most', () => {
    const pull = (density: number, kind: Conditions['cover']['kind'] = 'timber') =>
      requiredStrengthN(species('largemouth-bass'), water({ cover: { kind, topM: 1, density } }))
    expect(pull(0.8)).toBeGreaterThan(pull(0.2))
    expect(pull(0.2)).toBeGreaterThan(pull(0.2, 'open'))
    expect(pull(0.9, 'clay')).toBe(pull(0, 'open'))
  })
  it('no rigging is weaker than the fish asks for, knots counted', () => {
    for (const id of ['perch', 'zander', 'pike', 'largemouth-bass']) {
      const c = water({ speciesId: id, cover: { kind: 'brush', topM: 1, density: 0.6 } })
      const needed = requiredStrengthN(species(id), c)
      for (const { outfit: o, leader } of tackleOptions(box, species(id), c)) {
        expect(Math.min(o.line.strengthN, leader?.strengthN ?? Infinity) * 0.75).toBeGreaterThanOrEqual(needed - 1e-9)
        const weakest = Math.min(o.line.strengthN, leader?.strengthN ?? Infinity)
        expect(weakest).toBeLessThanOrEqual(o.rod.lineMaxN * (o.line.material === 'braid' ? 2 : 1.25))
        expect(o.line.strengthN).toBeGreaterThanOrEqual(o.rod.lineMinN * 0.8)
      }
    }
  })
  it('teeth are met with wire or thick fluorocarbon, and with nothing else', () => {
    expect(isBiteProof(null)).toBe(false)
    expect(isBiteProof(LEADER)).toBe(false)
    expect(isBiteProof({ ...LEADER, material: 'wire', diameterM: 0.0003 })).toBe(true)
    expect(isBiteProof({ ...LEADER, diameterM: 0.0009 })).toBe(true)
    const pike = tackleOptions(box, species('pike'), water({ speciesId: 'pike' }))
    expect(pike.length).toBeGreaterThan(0)
    for (const { leader } of pike) expect(isBiteProof(leader)).toBe(true)
    const none = { ...box, leaders: box.leaders.filter((l) => !isBiteProof(l)) }
    expect(tackleOptions(none, species('pike'), water({ speciesId: 'pike' }))).toEqual([])
  })
  it('a rod throws its range and a fifth beyond it, no more', () => {
    const { rod } = outfit
    expect(rodCanCast(rod, rod.lureMinKg)).toBe(true)
    expect(rodCanCast(rod, rod.lureMaxKg * 1.19)).toBe(true)
    expect(rodCanCast(rod, rod.lureMaxKg * 1.21)).toBe(false)
    expect(rodCanCast(rod, rod.lureMinKg * 0.79)).toBe(false)
  })
})

describe('what the fish see of the line (common practice)', () => {
  it('bare braid is seen most, fluorocarbon least; thick more than thin', () => {
    const bare = (material: Line['material']) =>
      stealthAgreement({ ...outfit, line: line({ material, diameterM: 0.0003 }) }, null)
    expect(bare('fluoro')).toBeGreaterThan(bare('mono'))
    expect(bare('mono')).toBeGreaterThan(bare('braid'))
    const thick = { ...LEADER, diameterM: 0.0006 }
    expect(stealthAgreement(outfit, LEADER)).toBeGreaterThan(stealthAgreement(outfit, thick))
  })
  it('a leader hides the line behind it', () => {
    const braid = { ...outfit, line: line({ material: 'braid' }) }
    expect(stealthAgreement(braid, LEADER)).toBeGreaterThan(stealthAgreement(braid, null))
  })
})

describe('a strictly better part never makes the answer worse', () => {
  const c = water({ visibilityM: 5 })
  const best = (over: Partial<typeof box>) =>
    matchWater(c, PLACE, { ...box, ...over }, { sides: {}, limit: 1, lifts: 0 }).rows[0]?.score ?? 0
  it('one more leader, rod or hook', () => {
    const bare = { leaders: [], hooks: [], heads: [] }
    expect(best({ ...bare, leaders: box.leaders })).toBeGreaterThanOrEqual(best(bare) - 1e-9)
    expect(best({})).toBeGreaterThanOrEqual(best({ leaders: [] }) - 1)
    expect(best({})).toBeGreaterThanOrEqual(best({ rods: box.rods.slice(0, 2) }) - 1)
  })
  it('a context without rods has no rigging, and says so with an empty list', () => {
    expect(createMatchContext(c, PLACE, { ...box, rods: [] }, { sides: {} }).riggings).toEqual([])
  })
})

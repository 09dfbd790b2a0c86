import { describe, expect, it } from 'vitest'
import { WORLD, water } from '../../../testing/world'
import { buildsOf, techniqueOf, type Build, type Leader, type Line, type Rod } from '../../tackle'
import { speciesOf, type Conditions } from '../../water'
import { outfitsOf } from './outfit'
import type { Outfit } from '../setup'
import { fishAsked, tackleAsked, type TackleAsked } from './tackle-asked'
import { gearRatioFit, lineAndLeaderFit, rodAndReelFit } from './tackle-fit'

/** What a technique, a fish and its cover ask of tackle. Common practice; the facts are numbered as in docs/facts.md. */

const LB = 4.448
const { box } = WORLD
const OUTFIT = outfitsOf(box)[0] as Outfit
const LEADER = box.leaders[0] as Leader

function buildOf(family: string, grams: number): Build {
  const lure = box.lures.find((l) => l.family === family)
  const [build] = lure ? buildsOf(lure, box) : []
  if (!build) throw new Error(`no ${family}`)
  return { ...build, massKg: grams / 1000 }
}
function asks(speciesId: string, family: string, grams: number, technique: string, over: Partial<Conditions> = {}) {
  const species = speciesOf(speciesId)
  if (!species) throw new Error(`no ${speciesId}`)
  const build = buildOf(family, grams)
  return { build, asked: tackleAsked(build, techniqueOf(technique), fishAsked(species, water({ speciesId, ...over }))) }
}
const BRUSH = { cover: { kind: 'brush', topM: 3, density: 0.6 }, depthM: 5 } as const
const rodOf = (over: Partial<Rod>): Outfit => ({ ...OUTFIT, rod: { ...OUTFIT.rod, ...over } })
const lineOf = (material: Line['material'], pounds: number, rod: Partial<Rod> = {}): Outfit => ({
  ...rodOf({ lineMinN: 4 * LB, lineMaxN: 60 * LB, power: 'heavy', ...rod }),
  line: {
    ...OUTFIT.line,
    material,
    strengthN: pounds * LB,
    diameterM: Math.sqrt((pounds * LB) / 560) / 1000,
    seasons: 0,
  },
})
const leaderOf = (pounds: number, material: Leader['material'] = 'fluoro'): Leader => ({
  ...LEADER,
  material,
  strengthN: pounds * LB,
})

describe('line by fish, cover and the weight that is thrown', () => {
  it('fact 110: an ounce in brush asks for 17 lb and more, or stout braid; 10 lb there is wrong, not a tie', () => {
    const { build, asked } = asks('largemouth-bass', 'skirted-jig', 28, 'hop', BRUSH)
    const on = (material: Line['material'], pounds: number) =>
      lineAndLeaderFit(build, lineOf(material, pounds), null, techniqueOf('hop'), asked)
    expect(on('fluoro', 10)).toBeLessThan(0.6 * on('fluoro', 17))
    expect(on('fluoro', 20)).toBeGreaterThan(0.95 * on('fluoro', 17))
    expect(on('braid', 50)).toBeGreaterThan(on('fluoro', 10))
  })
  it('fact 110: on a small plug 12 lb is right, 16 a little off, 20 off', () => {
    const { build, asked } = asks('largemouth-bass', 'crankbait', 10, 'wind')
    const on = (pounds: number) =>
      lineAndLeaderFit(build, lineOf('mono', pounds, { power: 'medium' }), null, techniqueOf('wind'), asked)
    expect(on(12)).toBeGreaterThan(0.97 * on(10))
    expect(on(16)).toBeLessThan(on(12))
    expect(on(20)).toBeLessThan(0.85 * on(12))
  })
  it('fact 127: strength goes by the fish before anything else, and so do rod and leader', () => {
    const least = (id: string) => asks(id, 'paddle-tail', 20, 'wind').asked
    const light = (id: string) => asks(id, 'grub', 5, 'hop').asked.lineN[0]
    expect(light('perch')).toBeLessThan(light('largemouth-bass'))
    for (const id of ['tarpon', 'amberjack', 'gag-grouper', 'yellowfin-tuna', 'muskellunge', 'yellowtail-kingfish']) {
      const { power, lineN, leaderN } = least(id)
      expect([id, power[0]]).toEqual([id, 'heavy'])
      expect(lineN[0]).toBeGreaterThan(35 * LB)
      expect(leaderN[0]).toBeGreaterThanOrEqual(40 * LB)
    }
    expect(least('snook').leaderN[0]).toBeCloseTo(24 * LB, 5)
  })
  it('fact 111: a spoon of 40 g asks for a leader of 14 lb and more whatever the fish, and 8 lb is far under it', () => {
    const { build, asked } = asks('largemouth-bass', 'flutter-spoon', 40, 'lift-drop')
    const behind = (pounds: number) =>
      lineAndLeaderFit(build, lineOf('braid', 50), leaderOf(pounds), techniqueOf('lift-drop'), asked)
    expect(asked.leaderN[0]).toBeGreaterThan(14 * LB)
    expect(behind(8)).toBeLessThan(0.5 * behind(20))
    expect(behind(25)).toBeGreaterThan(0.9 * behind(20))
  })
  it('a leader stronger than its line makes sense against teeth, rock and rough mouths, and costs elsewhere', () => {
    const stout = (id: string, over = {}) => asks(id, 'paddle-tail', 15, 'wind', over).asked.stout
    expect([stout('perch'), stout('pike'), stout('tarpon')]).toEqual([false, true, true])
    expect(stout('perch', { cover: { kind: 'rock', topM: 2, density: 0.4 } })).toBe(true)
    const { build, asked } = asks('largemouth-bass', 'paddle-tail', 12, 'wind')
    const link = (of: TackleAsked) =>
      lineAndLeaderFit(build, lineOf('braid', 12), leaderOf(15), techniqueOf('wind'), of)
    expect(link(asked)).toBeLessThan(link({ ...asked, stout: true }))
  })
  it('wire is for teeth: without them the same leader suits less', () => {
    const { build, asked } = asks('pike', 'jerkbait', 20, 'rip-pause')
    const behind = (teeth: boolean) =>
      lineAndLeaderFit(build, lineOf('braid', 30), leaderOf(29, 'wire'), techniqueOf('rip-pause'), { ...asked, teeth })
    expect(behind(false)).toBeLessThan(behind(true))
  })
  it('tackle many times as strong as fish and lure ask for is clumsy, the more the clumsier', () => {
    const { build, asked } = asks('perch', 'grub', 5, 'hop')
    const on = (pounds: number) =>
      lineAndLeaderFit(build, lineOf('mono', pounds, { power: 'light' }), null, techniqueOf('hop'), asked)
    expect(on(6)).toBeGreaterThan(on(14))
    expect(on(14)).toBeGreaterThan(on(30))
    expect(on(30)).toBeLessThan(0.3 * on(6))
  })
  it('strong fish want a leader on braid; small ones hardly miss it', () => {
    const bare = (id: string) => {
      const { build, asked } = asks(id, 'paddle-tail', 20, 'wind')
      const line = lineOf('braid', id === 'tarpon' ? 50 : 12)
      const leader = leaderOf(id === 'tarpon' ? 60 : 10)
      const on = (given: Leader | null) => lineAndLeaderFit(build, line, given, techniqueOf('wind'), asked)
      return on(null) / on(leader)
    }
    expect(bare('tarpon')).toBeLessThan(0.5)
    expect(bare('walleye')).toBeGreaterThan(0.9)
  })
})

describe('rods and reels by the technique', () => {
  const on = (of: ReturnType<typeof asks>, technique: string, over: Partial<Rod>) =>
    rodAndReelFit(of.build, rodOf(over), techniqueOf(technique), of.asked)
  it('fact 112: straight down a rod of 1.6 to 2.1 m comes first, a surf rod not at all', () => {
    const down = asks('walleye', 'hair-jig', 14, 'straight-jig', { stand: 'boat' })
    const fits = (lengthM: number) => on(down, 'straight-jig', { lengthM, power: 'medium', action: 'fast' })
    expect(fits(1.8)).toBeGreaterThan(0.9 * fits(2.1))
    expect(fits(2.7)).toBeLessThan(0.5 * fits(1.8))
    expect(fits(3.2)).toBeLessThan(0.05)
  })
  it('fact 128: the surf asks for rods of 2.7 to 3.3 m, a boat does not', () => {
    const surf = asks('striped-bass', 'casting-metal', 40, 'wind', { stand: 'shore', swellM: 1.5, castM: 60 })
    const boat = asks('striped-bass', 'casting-metal', 40, 'wind', { stand: 'boat' })
    const fits = (of: typeof surf, lengthM: number) => on(of, 'wind', { lengthM, power: 'medium-heavy' })
    expect(fits(surf, 3)).toBeGreaterThan(2 * fits(surf, 2.1))
    expect(fits(boat, 2.1)).toBeGreaterThan(2 * fits(boat, 3.2))
  })
  it('fact 112: a spinning reel winds a heavy jig badly from below', () => {
    const { build, asked } = asks('cod', 'slow-fall-jig', 150, 'drift-lift', { stand: 'boat', depthM: 40 })
    const fits = (type: 'spinning' | 'overhead') =>
      rodAndReelFit(build, { ...OUTFIT, reel: { ...OUTFIT.reel, type } }, techniqueOf('slow-pitch'), asked)
    expect(fits('spinning')).toBeLessThan(fits('overhead'))
  })
  it('fact 32: of two reels on one rod the slow one is eased by a slow pull, the fast one by a fast pull', () => {
    const slow = { linePerTurnM: 0.5 }
    const fast = { linePerTurnM: 1 }
    const wound = (paceMps: number) => ({ technique: techniqueOf('wind'), paceMps })
    expect(gearRatioFit(slow, wound(0.2))).toBeGreaterThan(gearRatioFit(fast, wound(0.2)))
    expect(gearRatioFit(fast, wound(2))).toBeGreaterThan(gearRatioFit(slow, wound(2)))
    expect(gearRatioFit(slow, { technique: techniqueOf('hop'), paceMps: 9 })).toBe(1)
  })
  it('is a share, best in the middle of the rod’s range', () => {
    const { build, asked } = asks('largemouth-bass', 'crankbait', 20, 'wind')
    const at = (massKg: number) =>
      rodAndReelFit({ ...build, massKg }, rodOf({ lureMinKg: 0.01, lureMaxKg: 0.03 }), techniqueOf('wind'), asked)
    expect(at(0.02)).toBeGreaterThan(at(0.011))
    expect(at(0.011)).toBeGreaterThan(at(0.009))
    for (const massKg of [0.001, 0.02, 0.2]) expect(at(massKg)).toBeGreaterThanOrEqual(0)
    for (const massKg of [0.001, 0.02, 0.2]) expect(at(massKg)).toBeLessThanOrEqual(1)
  })
})

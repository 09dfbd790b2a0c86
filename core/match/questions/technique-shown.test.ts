import { describe, expect, it } from 'vitest'
import { PLACE, WORLD, water } from '../../../testing/world'
import { TECHNIQUES, techniqueOf, worksOn } from '../../tackle'
import { speciesOf, type Species } from '../../water'
import { RULES, familyNames, luresFor, rulesOf, showTechnique } from '..'

/** Every entry of the register stands on its page: drawn, played, tied on, reached for. */

const c = water()
const species = speciesOf(c.speciesId) as Species
const shown = (id: string, tempo = 0.5, patience = 0.5) => {
  const found = showTechnique(techniqueOf(id), { tempo, patience }, { c, place: PLACE, species })
  if (!found) throw new Error(`${id} is not shown`)
  return found
}

describe.each(TECHNIQUES.map((t) => [t.id, t] as const))('%s', (id, technique) => {
  it('is drawn in its water with a lure that is for it, and its beat is that of its pull and rest', () => {
    const { build, path, depthM, cadence, work } = shown(id)
    expect(technique.works.families).toContain(build.lure.family)
    expect(worksOn(technique, build.mount.kind, build.lure.traits)).toBe(true)
    expect(path.z.length).toBeGreaterThan(1)
    for (const z of path.z) expect(z >= -1e-9 && z <= depthM + 1e-6).toBe(true)
    expect(cadence.loopS).toBeCloseTo(technique.pullS + work.restS, 6)
  })
  it('asks for tackle that there is: every span has two sides, and is more than nothing', () => {
    const { tackle } = shown(id)
    for (const [low, high] of [tackle.rodM, tackle.lineN, tackle.leaderN]) {
      expect(low).toBeGreaterThan(0)
      expect(high).toBeGreaterThan(low)
    }
  })
  it('says how it is done and for what', () => {
    expect(technique.how).toMatch(/\.$/)
    expect(familyNames(technique).length).toBe(technique.works.families.length)
  })
})

describe('a technique on its page', () => {
  it('at its slow end it is slower, with longer rests it takes longer', () => {
    expect(shown('wind', 0).work.paceMps).toBeLessThan(shown('wind', 1).work.paceMps)
    const seconds = (patience: number) => shown('hop', 0.5, patience).path.t.at(-1) ?? 0
    expect(seconds(0.9)).toBeGreaterThan(1.5 * seconds(0.1))
  })
  it('what sinks to the bottom is drawn there, what swims on top stays there', () => {
    for (const id of ['hop', 'drag', 'creep']) expect(Math.max(...shown(id).path.z)).toBeCloseTo(shown(id).depthM, 2)
    for (const id of ['walk', 'pop-wait', 'frog-walk']) expect(Math.max(...shown(id).path.z)).toBe(0)
  })
  it('names the rules that reach for it, those of its own entry first, and those that leave it', () => {
    const { reach, leave } = rulesOf(techniqueOf('creep'))
    expect(reach[0]?.id).toBe('creep-in-the-cold')
    expect(leave.map(({ id }) => id)).toContain('spot-by-spot-in-wood')
    expect(rulesOf(techniqueOf('creep'), [])).toEqual({ reach: [], leave: [] })
    for (const technique of TECHNIQUES)
      for (const { id } of technique.when ?? []) expect(RULES.map((r) => r.id)).toContain(id)
  })
  it('names the lures of a box that can be hooked for it: none where nothing is left to hook them on', () => {
    const lures = luresFor(techniqueOf('shake-over-lead'), WORLD.box)
    expect(lures.length).toBeGreaterThan(0)
    for (const { family } of lures) expect(techniqueOf('shake-over-lead').works.families).toContain(family)
    expect(luresFor(techniqueOf('shake-over-lead'), { ...WORLD.box, hooks: [], sinkers: [] })).toEqual([])
  })
})

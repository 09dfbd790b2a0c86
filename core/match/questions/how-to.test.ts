import { describe, expect, it } from 'vitest'
import { DOINGS } from '../../../data/cadences'
import { CAUTIONS, CHANGES, FEEL, READY, TELLS } from '../../../data/how-to'
import { PLACE, WORLD, water } from '../../../testing/world'
import { TECHNIQUES, techniqueOf, workAt } from '../../tackle'
import { Place, SPECIES, type Conditions } from '../../water'
import { OfferTest, RuleWhen, beatAt, createMatchContext, cadenceOf, howToFish, rank, type SetUp } from '..'
import { sayLaw } from '../../../words'

const { box } = WORLD
const answer = (over: Partial<Conditions> = {}, place: Partial<Place> = {}, families?: readonly string[]) => {
  const context = createMatchContext(water(over), Place.parse({ ...PLACE, ...place }), box, { sides: {} })
  const of = families ? { ...box, lures: box.lures.filter((l) => families.includes(l.family)) } : box
  const row = rank(of, context, 1)[0]
  if (!row) throw new Error('no answer')
  return { row, how: howToFish(row, context) }
}
const { row } = answer()
const worked = (id: string, countDownS = 0, patience = 0.5): SetUp => ({
  ...row.setUp,
  handling: { ...row.setUp.handling, ...workAt(techniqueOf(id), { tempo: 0.5, patience }, [0.4, 1.6]), countDownS },
})

describe('the hand as a score', () => {
  it.each(TECHNIQUES.map((r) => [r.id, r] as const))(
    '%s: pull and rest last as long as in the path',
    (id, { pullS }) => {
      const setUp = worked(id, 0, 0.8)
      const { restS } = setUp.handling
      const { loop, loopS } = cadenceOf(setUp)
      expect(loopS).toBeCloseTo(pullS + restS, 9)
      const rest = loop.filter((b) => b.does === 'pause').reduce((sum, b) => sum + b.seconds, 0)
      expect(rest).toBeCloseTo(restS, 9)
      for (const { does, seconds } of loop) {
        expect(Object.keys(DOINGS)).toContain(does)
        expect(seconds).toBeGreaterThan(0)
      }
    },
  )
  it('the parts of a beat make a whole', () => {
    const beats = TECHNIQUES.flatMap(({ beat }) => (beat ? [beat] : []))
    expect(beats.length).toBeGreaterThan(30)
    for (const parts of beats) expect(parts.reduce((sum, p) => sum + p.part, 0)).toBeCloseTo(1, 9)
  })
  it('rip, rip, pause is two snaps and a pause', () => {
    expect(cadenceOf(worked('rip-pause')).loop.map((b) => b.does)).toEqual(['snap', 'slack', 'snap', 'pause'])
  })
  it('turns of the handle are the pace over the line that a turn takes in, and the rod has none', () => {
    const wound = worked('wind')
    expect(cadenceOf(wound).turnsPerS).toBeCloseTo(wound.handling.paceMps / wound.outfit.reel.linePerTurnM, 9)
    expect(cadenceOf(worked('rip-pause')).turnsPerS).toBeNull()
  })
  it('knows what is done at any moment: first the sinking, then round and round', () => {
    const score = cadenceOf(worked('rip-pause', 5))
    expect(beatAt(score, 2.5)).toEqual({ index: 0, inLead: true, through: 0.5 })
    const start = beatAt(score, 5.001)
    expect([start.inLead, start.index]).toEqual([false, 0])
    for (const t of [0.1, 1.2, 2.4]) {
      const [once, again] = [beatAt(score, 5 + t), beatAt(score, 5 + t + 3 * score.loopS)]
      expect(again.index).toBe(once.index)
      expect(again.through).toBeCloseTo(once.through, 6)
    }
  })
})

describe('what is said beside a set-up', () => {
  it('something to feel for, something the fish tell and something to change, for any answer', () => {
    for (const { id } of SPECIES.slice(0, 12)) {
      const { how } = answer({ speciesId: id })
      expect([how.feel.length > 0, how.tells.length > 1, how.changes.length > 0, how.cautions.length > 0]).toEqual([
        true,
        true,
        true,
        true,
      ])
    }
  })
  it('sinking to the depth of its count', () => {
    const { row: sunk, how } = answer({ depthM: 8, zone: { topM: 5, bottomM: 7 } }, {}, ['casting-spoon', 'blade-bait'])
    expect(sunk.setUp.handling.countDownS).toBeGreaterThan(0)
    expect(how.sinksToM).toBeGreaterThan(2)
    expect(how.sinksToM).toBeLessThanOrEqual(8)
    expect(how.cadence.lead).toEqual([{ does: 'sink', seconds: sunk.setUp.handling.countDownS }])
  })
  it('teeth, night, cold, spawning and wind are minded where they are', () => {
    const ids = (over: Partial<Conditions>) => answer(over).how.cautions.map((n) => n.id)
    expect(ids({ speciesId: 'pike' })).toContain('teeth')
    expect(ids({ hour: 1 })).toContain('night')
    expect(ids({ waterTempC: 5, date: '2026-02-01' })).toContain('cold-water')
    expect(ids({ seasonAs: 'spawn' })).toContain('spawners')
    expect(ids({ windMps: 14 })).toContain('wind')
    expect(ids({})).not.toContain('teeth')
  })
  it('the law of the place stands there in its own words', () => {
    const { how } = answer({}, { rules: 'No more than two fish.', singlesOnly: true, mostHooks: 3 })
    expect(sayLaw(how.law)).toEqual([
      'Single hooks only on this water.',
      'No more than 3 hooks on a line here.',
      'No more than two fish.',
    ])
    expect(sayLaw(answer().how.law)).toEqual([])
  })
  it('where schools part only the side that is followed is said', () => {
    const tells = (sides: Record<string, 'first' | 'second'>) => {
      const context = createMatchContext(water(), PLACE, box, { sides })
      const of = { ...box, lures: box.lures.filter((l) => l.family === 'in-line-spinner') }
      const spinner = rank(of, context, 1)[0]
      if (!spinner) throw new Error('no spinner')
      return howToFish(spinner, context).tells.map((t) => t.id)
    }
    const first = tells({ S3: 'first', S13: 'first' })
    const second = tells({ S3: 'second', S13: 'second' })
    expect([first.includes('followed-hold'), first.includes('followed-change')]).toEqual([true, false])
    expect([second.includes('followed-hold'), second.includes('followed-change')]).toEqual([false, true])
    expect([first.includes('one-bite-stay'), second.includes('one-bite-move')]).toEqual([true, true])
    expect([first.includes('one-bite-move'), second.includes('one-bite-stay')]).toEqual([false, false])
  })
  it('an umbrella of hooks is a matter of law wherever it is answered', () => {
    const { how } = answer({ waterTempC: 12, visibilityM: 3, depthM: 8, mood: 'active' }, {}, ['umbrella-rig'])
    expect(how.cautions.map((n) => n.id)).toContain('many-hooks')
  })
  it('every entry of the tables is sound, and no id stands twice', () => {
    const all = [...FEEL, ...TELLS, ...CHANGES, ...READY, ...CAUTIONS]
    expect(new Set(all.map((e) => e.id)).size).toBe(all.length)
    for (const entry of all) {
      expect(OfferTest.safeParse(entry.of).success).toBe(true)
      if ('when' in entry) expect(RuleWhen.safeParse(entry.when).success).toBe(true)
      for (const f of entry.facts) expect(f >= 1 && f <= 132).toBe(true)
    }
  })
})

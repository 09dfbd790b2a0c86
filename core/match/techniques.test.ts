import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { PLACE, WORLD, water } from '../../testing/world'
import {
  TECHNIQUES,
  formerAsked,
  formerTempo,
  patienceFor,
  techniqueNamed,
  techniqueOf,
  techniquesOf,
  tempoFor,
  workAt,
} from '../tackle'
import { Way } from '../outing'
import { Place, type Conditions } from '../water'
import { OwnRule, baitWays, bestOf, createMatchContext, matchWater, type MatchContext, type Ranked } from '.'

/** Techniques at a tempo and with a patience. Common practice; the facts are numbered as in docs/facts.md. */

const { box } = WORLD
const contextOf = (over: Partial<Conditions>, place: Partial<Place> = {}): MatchContext =>
  createMatchContext(water(over), Place.parse({ ...PLACE, ...place }), box, { sides: {} })
const lureOf = (name: string) => {
  const found = box.lures.find((l) => l.name === name)
  if (!found) throw new Error(`no ${name}`)
  return found
}
const best = (name: string, over: Partial<Conditions>, place: Partial<Place> = {}): Ranked => {
  const found = bestOf(lureOf(name), box, contextOf(over, place))
  if (!found) throw new Error(`${name} is not fished here`)
  return found
}
const wanted = (over: Partial<Conditions>) => contextOf(over).demand.wanted
const chanceOf = ({ parts }: Ranked, axis: string) => parts.find((p) => p.axis === axis)?.chance ?? 1

describe('the register', () => {
  it('holds at least sixty techniques over all nine ways of fishing', () => {
    expect(TECHNIQUES.length).toBeGreaterThanOrEqual(60)
    expect(new Set(TECHNIQUES.map(({ delivery }) => delivery)).size).toBe(9)
  })
  const range = fc.double({ min: 0, max: 1, noNaN: true })
  it('pace grows with tempo and rest with patience, within the range of the technique; both are found again', () => {
    fc.assert(
      fc.property(fc.constantFrom(...TECHNIQUES), range, range, (technique, tempo, patience) => {
        const speeds = [0.4, 1.6] as const
        const at = (t: number, p: number) => workAt(technique, { tempo: t, patience: p }, speeds)
        const work = at(tempo, patience)
        expect(work.paceMps).toBeGreaterThanOrEqual(at(0, 0).paceMps - 1e-12)
        expect(work.paceMps).toBeLessThanOrEqual(at(1, 1).paceMps + 1e-12)
        expect(work.restS).toBeGreaterThanOrEqual(at(0, 0).restS - 1e-12)
        expect(work.restS).toBeLessThanOrEqual(at(1, 1).restS + 1e-12)
        if (technique.pace) expect(tempoFor(technique, work.paceMps, speeds)).toBeCloseTo(tempo, 5)
        if (technique.restS) expect(patienceFor(technique, work.restS)).toBeCloseTo(patience, 5)
      }),
    )
  })
  it('worked: crept at 0.12, 0.2, 0.35 m/s, three quarters of the way are 0.2 · √1.75 = 0.265', () => {
    expect(workAt(techniqueOf('creep'), { tempo: 0.75, patience: 0.5 }, [0.4, 1.6]).paceMps).toBeCloseTo(0.2646, 4)
    expect(workAt(techniqueOf('hop'), { tempo: 0.5, patience: 1 }, [0.4, 1.6]).restS).toBe(18)
  })
  it('fact 132: poppers pop and wait, walkers walk, and neither does the other’s', () => {
    const of = (style: string) =>
      techniquesOf('surface')
        .filter(({ works }) => works.traits?.style?.includes(style))
        .map(({ id }) => id)
    expect(of('popper')).toEqual(['pop-wait'])
    expect(of('walker')).toEqual(['walk'])
    expect(of('frog')).toEqual(['frog-walk'])
  })
})

describe('tempo and patience', () => {
  it('fact 94: the cold slows every hand and lengthens its rests; heat above the fish’s best slows again', () => {
    const at = [4, 9, 14, 20].map((waterTempC) => wanted({ waterTempC, mood: 'neutral' }))
    for (const [i, now] of at.entries()) {
      const before = at[i - 1]
      if (!before) continue
      expect(now.tempo).toBeGreaterThanOrEqual(before.tempo)
      expect(now.patience).toBeLessThanOrEqual(before.patience)
    }
    expect(at[3]?.tempo).toBeGreaterThan((at[0]?.tempo ?? 1) + 0.3)
    const hot = wanted({ waterTempC: 25, speciesId: 'pike' })
    expect(hot.tempo).toBeLessThan(wanted({ waterTempC: 18, speciesId: 'pike' }).tempo)
    const moods = (['active', 'neutral', 'lethargic'] as const).map((mood) => wanted({ mood, waterTempC: 12 }))
    expect(moods.map((m) => m.tempo).toSorted((a, b) => b - a)).toEqual(moods.map((m) => m.tempo))
    expect(moods.map((m) => m.patience).toSorted((a, b) => a - b)).toEqual(moods.map((m) => m.patience))
  })
  it('fact 99: a drop-shot loses nothing in summer for not being wound', () => {
    const summer = { waterTempC: 26, date: '2026-07-20', depthM: 7, mood: 'neutral', stand: 'boat' } as const
    const shaken = best('Flatling 90', summer)
    expect(['tempo', 'patience', 'pace'].map((axis) => chanceOf(shaken, axis) > 0.97)).toEqual([true, true, true])
  })
  it('fact 107: trolled pace goes by mood, pressured fish slower by a tenth of a metre a second and more', () => {
    const troll = (mood: Conditions['mood']) =>
      best('Bumblecrag M', {
        mood,
        waterTempC: 17,
        depthM: 5,
        stand: 'boat',
        deliveries: ['troll'],
        speciesId: 'walleye',
      }).setUp.handling.paceMps
    expect(troll('active')).toBeGreaterThan(troll('pressured') + 0.1)
  })
  it('fact 95: metal at first light is skimmed at 1.2 to 2 m/s, not burned', () => {
    const dawn = {
      speciesId: 'striped-bass',
      hour: 4,
      waterTempC: 16,
      mood: 'active',
      visibilityM: 3,
      depthM: 6,
      forage: { kind: 'bleak', lengthM: 0.08 },
    } as const
    const { handling } = best('Slingspat 36', dawn).setUp
    expect(['skim', 'wind']).toContain(handling.technique.id)
    expect(handling.paceMps).toBeGreaterThan(1)
    expect(handling.paceMps).toBeLessThan(2)
  })
})

describe('which technique', () => {
  const techniqueIn = (name: string, over: Partial<Conditions>) => best(name, over).setUp.handling
  it('fact 97: in 5 °C a paddle tail is crept, its tail just kicking, close to the bottom', () => {
    const cold = {
      speciesId: 'zander',
      waterTempC: 5,
      date: '2026-12-10',
      depthM: 4,
      mood: 'lethargic',
      stand: 'shore',
    } as const
    const { technique, paceMps } = techniqueIn('Waglet Rib 95', cold)
    expect(technique.id).toBe('creep')
    expect(paceMps).toBeLessThan(0.3)
  })
  it('fact 98: a stick worm beside docks falls, is lifted and falls again, in mid water', () => {
    const docks = {
      cover: { kind: 'docks', topM: 0.3, density: 0.4 },
      depthM: 2.5,
      waterTempC: 22,
      mood: 'pressured',
      castM: 14,
    } as const
    expect(['dead-fall', 'pitch']).toContain(techniqueIn('Plainstick 125', docks).technique.id)
  })
  it('fact 100: under a boat a head is jigged straight down for walleye and zander', () => {
    for (const speciesId of ['walleye', 'zander']) {
      const deep = { speciesId, waterTempC: 9, date: '2026-10-25', depthM: 8, mood: 'neutral', stand: 'boat' } as const
      const ways = baitWays(lureOf('Curlewtail 60'), box, contextOf(deep)).ways
      expect(ways.map((w) => w.setUp.handling.technique.id).slice(0, 3)).toContain('straight-jig')
    }
  })
  it('fact 103: a plug in wood is eased over the limbs or stopped at them, not ground, swept and snapped', () => {
    const wood = {
      cover: { kind: 'timber', topM: 0.8, density: 0.4 },
      depthM: 1.6,
      waterTempC: 13,
      mood: 'neutral',
      visibilityM: 0.6,
    } as const
    expect(['ease', 'stop-go', 'wind']).toContain(techniqueIn('Bumblecrag S', wood).technique.id)
  })
  it('fact 104: a jig for a laydown is pitched into it', () => {
    const laydown = {
      cover: { kind: 'timber', topM: 0.4, density: 0.7 },
      depthM: 2,
      waterTempC: 17,
      mood: 'neutral',
      castM: 12,
    } as const
    expect(techniqueIn('Broombelly Flip 14', laydown).technique.id).toBe('pitch')
  })
  it('fact 105: fish that chase and do not eat bring up a tail that stops and folds', () => {
    const id = 'tail-stop-for-chasers'
    const speaks = (over: Partial<Conditions>) => contextOf(over).demand.habits.some((h) => h.cause.ruleId === id)
    expect(speaks({ signs: ['fish'] })).toBe(true)
    expect(speaks({})).toBe(false)
  })
  it('fact 130: over a mat a hollow frog leads, and no treble comes near it', () => {
    const frog = {
      ...lureOf('Plopsworth 70'),
      id: 'frog',
      name: 'A frog',
      traits: { style: 'frog' },
      hooks: null,
    } as never
    const withFrog = { ...box, lures: [...box.lures, frog] }
    const mat = water({
      speciesId: 'largemouth-bass',
      cover: { kind: 'pads', topM: 0, density: 0.8 },
      depthM: 1.2,
      waterTempC: 27,
      mood: 'active',
    })
    const { rows } = matchWater(mat, PLACE, withFrog, { sides: {}, limit: 5, lifts: 0 })
    expect(rows[0]?.setUp.build.lure.id).toBe('frog')
    for (const { setUp } of rows) expect(setUp.build.lure.hooks?.style ?? 'none').not.toMatch(/treble/)
  })
})

describe('what was written before techniques', () => {
  const before = {
    id: 'steady/0/0.2',
    retrieveId: 'steady',
    name: 'Wind steadily',
    retrieveSpeedMps: 0.82,
    pullDurationS: 3,
    pauseS: 0,
    countDownS: 0,
    rodTipM: 0.2,
    depthM: 1,
    castM: 25,
    castS: 60,
    points: 70,
  }
  it('a way of an old log is a technique at a tempo; its pull and rest stay as they were', () => {
    expect(Way.parse(before)).toMatchObject({
      id: before.id,
      techniqueId: 'wind',
      tempo: 0.45,
      paceMps: 0.82,
      restS: 0,
    })
    const hung = Way.parse({ ...before, retrieveId: 'hang', retrieveSpeedMps: 0.5, pauseS: 35 })
    expect(hung).toMatchObject({ techniqueId: 'hang', restS: 35 })
    expect(hung.patience).toBeGreaterThan(0.8)
    expect(Way.parse({ ...before, retrieveId: 'of-elsewhere' })).toMatchObject({ techniqueId: 'of-elsewhere' })
  })
  it('names of before lead to techniques, alone or where a rule lists them', () => {
    expect(techniqueNamed('burn')?.id).toBe('wind')
    expect(formerTempo('burn', 2.2, 0).tempo).toBeGreaterThan(0.9)
    expect(formerAsked(['burn'])).toEqual({ technique: ['wind'], tempo: [0.75, 1] })
    expect(formerAsked(['hop', 'slow-hop'])).toEqual({ technique: ['hop'], restS: [1, 18] })
    expect(formerAsked(['steady', 'hop'])).toEqual({ technique: ['wind', 'hop'] })
  })
  it('a rule of one’s own that named them, or asked a speed or a pause, is read on', () => {
    const rule = (effects: readonly unknown[]) =>
      OwnRule.parse({ id: 'mine', when: {}, effects, sentence: 'My own rule.' }).effects
    expect(rule([{ favour: { retrieve: ['slow-hop'], pauseS: [5, 20] }, weight: 2 }])).toEqual([
      { favour: { technique: ['hop'], restS: [5, 20] }, weight: 2 },
    ])
    const [pace, patience] = rule([
      { axis: 'speed', want: 0.4, weight: 3 },
      { axis: 'dwell', want: 25, weight: 3 },
    ])
    expect(pace).toEqual({ axis: 'pace', want: 0.4, weight: 3 })
    expect(patience).toMatchObject({ axis: 'patience', weight: 3 })
    expect((patience as { want: number }).want).toBeGreaterThan(0.8)
  })
})

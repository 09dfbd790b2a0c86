import { describe, expect, it } from 'vitest'
import { demoWorld } from '../core/demo/world'
import { completeBox, completeLure } from '../core/tackle'
import { judgedBy, matchWater } from '../core/match'
import { POOR } from '../data/places'
import { MatchRequest, completeRequest, matchResponse } from './utils/match-http'
import { completed } from './utils/answer'
import { exampleMatch, examplePath } from './utils/openapi'
import { PathRequest, pathResponse } from './utils/path-http'

const answered = matchResponse
const faults = (parsed: { success: boolean; error?: { issues: { path: PropertyKey[] }[] } }) =>
  parsed.error?.issues.map((i) => i.path.join('.')) ?? []

describe('match over HTTP', () => {
  it('the example of the description works as it stands', () => {
    const out = answered(MatchRequest.parse(exampleMatch()))
    expect(out.ranking).toHaveLength(5)
    const ids = out.ranking.map((r) => r.lure.id)
    expect(out.tied).toBeGreaterThan(0)
    expect(out.poor).toBe(Math.max(...out.ranking.map((r) => r.score)) < POOR)
    if (out.pair) for (const id of [out.pair.search, out.pair.finish]) expect(ids).toContain(id)
    for (const row of out.ranking) {
      expect(row.reasons.reduce((product, r) => product * r.chance, 1)).toBeCloseTo(row.chance, 10)
      expect(row.handling).toMatch(/\.$/)
      expect(row.nearShare).toBeLessThanOrEqual(1)
      expect(row.seconds.fall + row.seconds.pull + row.seconds.rest).toBeGreaterThanOrEqual(0)
    }
    expect(() => JSON.stringify(out)).not.toThrow()
  })
  it('every part of a set-up is told by its id, with lead, leader and dropper: it could be tied from the answer alone', () => {
    const { box } = demoWorld('2026-06-12')
    const request = MatchRequest.parse({ ...exampleMatch(), box, options: { limit: 50 } })
    const { ranking } = answered(request)
    const ids = (list: readonly { id: string }[]) => new Set(list.map((one) => one.id))
    for (const { mount, trailer, leader, line, reel, rod, massKg, shares } of ranking) {
      if (mount.head) expect(ids(box.heads)).toContain(mount.head.id)
      if (mount.hook) expect(ids(box.hooks)).toContain(mount.hook.id)
      if (mount.sinker) expect(ids(box.sinkers)).toContain(mount.sinker.id)
      if (trailer) expect(ids(box.trailers)).toContain(trailer.id)
      if (leader) expect(leader.lengthM).toBe(box.leaders.find((l) => l.id === leader.id)?.lengthM)
      expect(ids(box.lines)).toContain(line.id)
      expect(ids(box.reels)).toContain(reel.id)
      expect(ids(box.rods)).toContain(rod.id)
      expect(mount.leadKg).toBeLessThan(massKg)
      expect(mount.dropperM === null).toBe(mount.kind !== 'drop-shot')
      const sum = Object.values(shares).reduce((a, b) => a + b, 0)
      expect(sum === 0 || Math.abs(sum - 1) < 1e-9).toBe(true)
    }
    expect(ranking.some((r) => r.mount.head)).toBe(true)
  })
  it('a poor answer tells the one thing that would mend it most, in the units asked for', () => {
    const { conditions, box } = exampleMatch()
    const surface = demoWorld('2026-06-12').box.lures.filter((l) => l.family === 'surface')
    const cold = { ...conditions, waterTempC: 5, date: '2026-02-10', depthM: 9, mood: 'lethargic', zone: null }
    const asked = { ...exampleMatch(), conditions: cold, box: { ...box, lures: surface } }
    const out = answered(MatchRequest.parse(asked))
    expect(out.poor).toBe(true)
    expect(out.mend?.sentence).toMatch(/ would add \d+\.\d points\.$/)
    const feet = answered(MatchRequest.parse({ ...asked, options: { units: 'imperial' } }))
    expect(feet.mend?.sentence).toMatch(/\sin\s/)
    expect(answered(MatchRequest.parse(exampleMatch())).mend).toBeNull()
  })
  it('cautions and the law of the place stand with the answer; lures left out are counted', () => {
    const singles = { ...exampleMatch().place, singlesOnly: true, rules: 'No fishing from the weir.' }
    const conditions = { ...exampleMatch().conditions, speciesId: 'pike', hour: 1 }
    const out = answered(MatchRequest.parse({ ...exampleMatch(), place: singles, conditions }))
    expect(out.cautions.join(' ')).toMatch(/teeth/)
    expect(out.law).toEqual([
      'Single hooks only on this water.',
      'No more than 6 hooks on a line here.',
      'No fishing from the weir.',
    ])
    expect(out.leftOut.find((l) => l.code === 'trebles')?.lures).toBeGreaterThan(0)
    expect(out.remedy).toBeNull()
  })
  it('units change the words and never the ranking', () => {
    const of = (units: 'metric' | 'imperial') => {
      return answered(MatchRequest.parse({ ...exampleMatch(), options: { limit: 8, units } })).ranking
    }
    const [metric, imperial] = [of('metric'), of('imperial')]
    const figures = ({ lure, score, technique, reasons }: (typeof metric)[number]) => ({
      lure,
      score,
      technique,
      chances: reasons.map((r) => r.chance),
    })
    expect(imperial.map(figures)).toEqual(metric.map(figures))
    expect(imperial.map((r) => r.handling)).not.toEqual(metric.map((r) => r.handling))
  })
  it('faults are named by their path', () => {
    const good = exampleMatch()
    expect(faults(MatchRequest.safeParse({ ...good, conditions: { ...good.conditions, waterTempC: 'warm' } }))).toEqual(
      ['conditions.waterTempC'],
    )
    expect(
      faults(MatchRequest.safeParse({ ...good, conditions: { ...good.conditions, speciesId: 'kraken' } })),
    ).toEqual(['conditions.speciesId'])
    expect(faults(MatchRequest.safeParse({ ...good, options: { limit: 1000 } }))).toEqual(['options.limit'])
    expect(MatchRequest.safeParse({ ...good, extra: 1 }).success).toBe(false)
  })
})

describe('requests that leave out what can be filled in', () => {
  it('a box whose lures and parts say only what they must is answered, and so is one such lure', () => {
    const { lures, rods, ...rest } = demoWorld('2026-06-12').box
    const short = (one: object, ...keys: string[]) =>
      Object.fromEntries(Object.entries(one).filter(([key]) => !keys.includes(key)))
    const said = lures.map((lure) => short(lure, 'hooks', 'trayId', 'slot', 'notes', 'fish', 'alteredKg', 'cost'))
    const box = { ...rest, lures: said, rods: rods.map((rod) => short(rod, 'cost', 'purpose', 'fights')) }
    const asked = { ...exampleMatch(), box }
    expect(MatchRequest.safeParse(asked).success).toBe(false)
    const request = MatchRequest.parse(completed(asked, 'box', completeBox))
    expect(
      matchWater(request.conditions, request.place, request.box, { ...judgedBy(request.options), limit: 12, lifts: 0 })
        .rows,
    ).not.toEqual([])
    const lure = said.find((l) => l.family === 'in-line-spinner')
    expect(PathRequest.safeParse({ ...examplePath(), lure }).success).toBe(false)
    expect(PathRequest.safeParse(completed({ ...examplePath(), lure }, 'lure', completeLure)).success).toBe(true)
  })
  it('what is no object goes on as it is, to be refused by its schema', () => {
    for (const raw of [null, 7, 'box', undefined]) expect(completed(raw, 'box', completeBox)).toBe(raw)
    expect(completed({ other: 1 }, 'box', completeBox)).toEqual({ other: 1 })
  })
  it('saved rigs are answered with their points or the limit they break', () => {
    const { box } = demoWorld('2026-06-12')
    const { rigs } = answered({ ...MatchRequest.parse(exampleMatch()), box })
    expect(rigs).toHaveLength(box.rigs.length)
    for (const r of rigs) expect(r.score === null).toBe(r.why !== null)
  })
})

describe('a request that leaves out what an angler need not say', () => {
  const short = {
    conditions: { date: '2026-06-12', speciesId: 'perch', waterTempC: 15, visibilityM: 3, depthM: 5 },
  }
  it('is answered from the demo’s box, in open water on an ordinary day', () => {
    const request = MatchRequest.parse(completeRequest(short))
    const { conditions, place } = request
    expect([conditions.cover.kind, conditions.mood, place.id]).toEqual(['open', 'neutral', 'anywhere'])
    const out = answered(request)
    expect(out.ranking).toHaveLength(12)
    expect(out.reading).toMatchObject({ trend: 'rising', tempChangeC: null })
  })
  it('what is said is kept, and what is wrong or missing is named', () => {
    const told = completeRequest({ conditions: { ...short.conditions, mood: 'active', castM: 40 }, place: { id: 1 } })
    expect(told).toMatchObject({ conditions: { mood: 'active', castM: 40 }, place: { id: 1 } })
    expect(faults(MatchRequest.safeParse(completeRequest({ conditions: { depthM: 3 } })))).toEqual([
      'conditions.date',
      'conditions.speciesId',
      'conditions.waterTempC',
      'conditions.visibilityM',
    ])
    for (const raw of [null, 7, 'box', undefined]) expect(completeRequest(raw)).toBe(raw)
  })
  it('rules can be weighed otherwise and added', () => {
    const spoons = {
      id: 'mine',
      sentence: 'Spoons, here and now.',
      when: {},
      effects: [{ favour: { family: ['casting-spoon'] }, weight: 25 }],
    }
    const of = (options: object) => {
      const { conditions, place, box, options: o } = MatchRequest.parse(completeRequest({ ...short, options }))
      return matchWater(conditions, place, box, { ...judgedBy(o), limit: o.limit, lifts: 0 }).rows[0]?.setUp.build.lure
        .family
    }
    expect(of({ own: [spoons] })).toBe('casting-spoon')
    expect(of({ own: [spoons], weights: { mine: 0 } })).toBe(of({}))
    expect(
      faults(MatchRequest.safeParse({ ...exampleMatch(), options: { own: [{ ...spoons, effects: [] }] } })),
    ).toEqual(['options.own.0.effects'])
  })
})

describe('path over HTTP', () => {
  it('the example works, and the crankbait runs shallower than its label, which is meant for a longer cast', () => {
    const out = pathResponse(PathRequest.parse(examplePath()))
    expect(out.deepestM).toBeGreaterThan(0.5)
    expect(out.deepestM).toBeLessThan(1)
    expect(out.polyline.length).toBeGreaterThan(10)
    expect(out.zone.share).toBeGreaterThan(0.2)
  })
  it('a soft body without a head is refused by its path', () => {
    const soft = { ...examplePath(), lure: exampleMatch().box.lures.find((l) => l.family === 'paddle-tail') }
    expect(faults(PathRequest.safeParse(soft))).toEqual(['head'])
  })
})

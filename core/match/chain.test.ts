import { quantile } from 'd3-array'
import { describe, expect, it } from 'vitest'
import { CHANCES } from '../../data/chances'
import { SCENARIOS } from '../../testing/scenarios'
import { PLACE, WORLD, water } from '../../testing/world'
import { kinKeyOf } from '../tackle'
import { Place } from '../water'
import { createMatchContext, rank, rulesFor, scoreSetUp, type Ranked } from '.'
import { sayContribution } from '../../words'
import { agreementAt, axisOf, logChance, type AxisId } from './asked/axis'
import { choiceOf, isPoor, pairOf, tiedPlaces } from './tuned/places'
import { accountOf, pointsPerLog, practiceLog } from './account/score'

/** The chain of chances: how it separates, what it never does, and what is made of its order. */

/** Every twelfth water of the scenarios, the whole box ranked; `npm run honest` ranks it in all. */
const RANKED = SCENARIOS.filter((_, i) => i % 12 === 0).map((s) => {
  const context = createMatchContext(water(s.water), Place.parse({ ...PLACE, ...s.place }), WORLD.box, { sides: {} })
  return { name: s.name, rows: rank(WORLD.box, context, 200) }
})
const sorted = (rows: readonly Ranked[]) => rows.map((r) => r.score).sort((a, b) => b - a)
const median = (all: readonly number[]) => quantile(all, 0.5) ?? NaN

describe('an answer that separates', () => {
  it('the fifth stands 8 points behind the first, the twelfth 20, and the last under 20, in the middle of many waters', () => {
    const scores = RANKED.map(({ rows }) => sorted(rows))
    expect(scores.length).toBeGreaterThan(15)
    expect(median(scores.map((s) => (s[0] ?? 0) - (s[4] ?? 0)))).toBeGreaterThanOrEqual(8)
    expect(median(scores.map((s) => (s[0] ?? 0) - (s[11] ?? 0)))).toBeGreaterThanOrEqual(20)
    expect(median(scores.map((s) => s[s.length - 1] ?? 0))).toBeLessThan(20)
  })
  it('fact 42: what is near the fish less than a twentieth of the time is never among the first ten while others come near', () => {
    const far = RANKED.flatMap(({ name, rows }) => {
      const near = rows.filter((r) => r.thrown.share.ofAllTime >= 0.2).length
      return rows
        .slice(0, Math.min(10, near))
        .filter((r) => r.thrown.share.ofAllTime < 0.05)
        .map((r) => `${name}: ${r.setUp.build.lure.name}`)
    })
    expect(far).toEqual([])
  })
  it('fact 47: a rule about other lures changes nothing and shows nowhere', () => {
    const c = water({ mood: 'active' })
    const other = {
      id: 'mine',
      side: null,
      facts: [],
      when: {},
      effects: [{ favour: { family: ['umbrella-rig'] }, weight: 20 }],
      sentence: 'Umbrellas, always.',
      basis: 'mine',
    }
    const of = (rules: ReturnType<typeof rulesFor>) => createMatchContext(c, PLACE, WORLD.box, { sides: {}, rules })
    const [plain, loud] = [of(rulesFor({ weights: {}, own: [] })), of(rulesFor({ weights: {}, own: [other as never] }))]
    for (const row of rank(WORLD.box, plain, 8)) {
      if (row.setUp.build.lure.family === 'umbrella-rig') continue
      const again = scoreSetUp(row.setUp, loud)
      expect(again.score).toBeCloseTo(row.score, 10)
      expect(again.parts.flatMap((p) => p.causes.map((k) => k.ruleId))).not.toContain('mine')
    }
  })
  it('a law more never adds a model', () => {
    const c = water({ speciesId: 'sea-trout', currentMps: 0.5 })
    const models = (place: Partial<typeof PLACE>) => {
      const at = { ...PLACE, ...place }
      return rank(WORLD.box, createMatchContext(c, at, WORLD.box, { sides: {} }), 200).map((r) =>
        kinKeyOf(r.setUp.build.lure),
      )
    }
    const free = new Set(models({}))
    const bound = new Set(models({ singlesOnly: true }))
    expect(bound.size).toBeLessThan(free.size)
    expect([...bound].filter((kin) => !free.has(kin))).toEqual([])
  })
})

describe('chances', () => {
  it('an axis at one unit of weight leaves what it says at worst and at best; twice the weight, its square', () => {
    const axis = axisOf('pace')
    expect(Math.exp(logChance(axis, 0, CHANCES.unit))).toBeCloseTo(axis.least, 12)
    expect(logChance(axis, 1, CHANCES.unit)).toBe(0)
    expect(logChance(axis, 0.3, 2 * CHANCES.unit)).toBeCloseTo(2 * logChance(axis, 0.3, CHANCES.unit), 12)
  })
  it('worked: least 0.2, agreement 0.5, two units of weight leave 0.36', () =>
    expect(Math.exp(logChance({ least: 0.2 }, 0.5, 2 * CHANCES.unit))).toBeCloseTo(0.36, 10))
  it('practice: silence leaves its share, much praise nearly all, and each word more adds less', () => {
    expect(Math.exp(practiceLog(0, 0))).toBeCloseTo(CHANCES.unspoken, 12)
    expect(Math.exp(practiceLog(6 * CHANCES.spoken, 0))).toBeGreaterThan(0.99)
    const step = (from: number) => practiceLog(from + 2, 0) - practiceLog(from, 0)
    expect(step(0)).toBeGreaterThan(step(2))
  })
  it('the account adds up both ways, and differences by the logarithmic mean do, too', () => {
    const line = (chance: number) => ({
      axis: 'pace' as const,
      link: 'wanted' as const,
      want: 1,
      offer: 1,
      agreement: chance,
      chance,
      won: 0,
      causes: [],
      habit: null,
    })
    const { score, parts } = accountOf([line(0.5), line(0.8), line(1)])
    expect(score).toBeCloseTo(40, 12)
    const against = accountOf([line(0.5), line(0.8)], 0.8)
    expect(against.chance).toBeCloseTo(0.4, 12)
    expect(against.score).toBeCloseTo(50, 12)
    expect(against.parts.map((p) => Math.round(p.lost))).toEqual([38, 12])
    expect(score + parts.reduce((sum, p) => sum + p.lost, 0)).toBeCloseTo(100, 10)
    expect(parts.map((p) => p.chance)).toEqual([0.5, 0.8, 1])
    expect(pointsPerLog(40, 10) * Math.log(40 / 10)).toBeCloseTo(30, 10)
    expect(pointsPerLog(40, 40)).toBe(40)
    expect(pointsPerLog(40, 0)).toBe(0)
  })
})

describe('what explains a line', () => {
  it('of a bad one is the rule that the offer fails most, of a good one that which it meets best', () => {
    for (const { rows } of RANKED.slice(0, 12))
      for (const row of rows.slice(0, 5))
        for (const part of row.parts) {
          const [first, ...others] = part.causes
          if (first?.want === undefined || part.offer === null || others.length === 0) continue
          const telling = (cause: typeof first) => {
            const own = agreementAt(part.axis as AxisId, part.offer ?? 0, cause.want ?? NaN)
            return cause.weight * (part.agreement < 0.8 ? 1 - own : own)
          }
          for (const other of others) expect(telling(first)).toBeGreaterThanOrEqual(telling(other) - 1e-9)
        }
  })
  it('by night nobody is told of the sun', () => {
    for (const mood of ['active', 'neutral'] as const)
      for (const visibilityM of [1.5, 3, 6]) {
        const c = water({ hour: 0, sky: 'sun', visibilityM, mood, forage: { kind: 'bleak', lengthM: 0.08 } })
        const { demand, reading } = createMatchContext(c, PLACE, WORLD.box, { sides: {} })
        expect(reading.light).toBe('night')
        const spoken = [
          ...demand.axes.flatMap((a) => a.causes),
          ...demand.colour.causes,
          ...demand.habits.map((h) => h.cause),
        ]
        for (const { ruleId } of spoken) expect(sayContribution({ ruleId, weight: 1 })).not.toMatch(/\bsun\b/i)
      }
  })
})

describe('what is made of a ranking', () => {
  const row = (family: string, technique: string, passing: number, score: number) =>
    ({
      setUp: { build: { lure: { family } }, handling: { technique: { id: technique, passing } } },
      score,
    }) as unknown as Ranked
  const list = [
    row('grub', 'hop', 0.35, 50),
    row('grub', 'hop', 0.35, 49),
    row('grub', 'wind', 1, 45),
    row('tube', 'hop', 0.35, 44),
    row('spinner', 'wind', 1, 20),
  ]
  it('three to choose from differ in kind or way; nothing much worse is put forward for that', () => {
    expect(choiceOf(list)).toEqual([0, 2, 3])
    const same = [row('grub', 'hop', 0.3, 50), row('grub', 'hop', 0.3, 49), row('tube', 'hop', 0.3, 20)]
    expect(choiceOf(same)).toEqual([0, 1, 2])
    expect(choiceOf([])).toEqual([])
  })
  it('the list stands in the order of its score', () => {
    for (const { rows } of RANKED) expect(rows.map((r) => r.score)).toEqual(sorted(rows))
  })
  it('three sizes of one model are never the three of the demo waters', () => {
    for (const { rows } of RANKED) {
      const choice = choiceOf(rows)
      const kinds = choice
        .map((i) => rows[i] as Ranked)
        .map((r) => `${r.setUp.build.lure.family} ${r.setUp.handling.technique.id}`)
      const best = Math.max(...rows.map((r) => r.score))
      const others = rows.filter((r, i) => !choice.includes(i) && r.score >= 0.75 * best)
      if (others.some((r) => !kinds.includes(`${r.setUp.build.lure.family} ${r.setUp.handling.technique.id}`)))
        expect(new Set(kinds).size).toBe(3)
    }
  })
  it('near ties are counted, poor days told', () => {
    expect(tiedPlaces(list)).toBe(2)
    expect(tiedPlaces(list.slice(0, 2))).toBe(2)
    expect(isPoor([row('grub', 'hop', 0.3, 60)])).toBe(false)
    expect(isPoor([row('grub', 'hop', 0.3, 12)])).toBe(true)
    expect([tiedPlaces([]), isPoor([])]).toEqual([0, true])
  })
  it('a pair is one that searches and one that finishes, neither much worse than the first', () => {
    expect(pairOf(list)).toEqual({ search: 2, finish: 0 })
    expect(pairOf(list.filter((r) => r.setUp.handling.technique.passing < 0.7))).toBeNull()
    expect(pairOf([])).toBeNull()
  })
})

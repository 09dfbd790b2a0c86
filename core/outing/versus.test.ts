import { describe, expect, it } from 'vitest'
import { seededRandom } from '../random'
import { accountOf } from './stretches'
import { contenderNames, likelihoodRatio, pairsOf, takenWell, trialIn, versus, type Pair } from './versus'
import type { NewEntry, Outing } from './outing'
import type { Fish } from './told'
import { logOf, RIG_A, RIG_B, at, rig } from '../../testing/outing'

const pair = (a: number, b: number, effort = 10): Pair => ({ a: { events: a, effort }, b: { events: b, effort } })

/** Fishes turns of ten minutes until a verdict or the end of the day; the rate of both drifts through the day. */
function fished(
  seed: number,
  perMinA: number,
  perMinB: number,
  most: number,
): { verdict: 'a' | 'b' | null; pairs: number } {
  const luck = seededRandom(seed)
  const pairs: Pair[] = []
  for (let i = 0; i < most; i++) {
    const mood = 0.4 + 1.2 * luck.next()
    pairs.push(pair(luck.poisson(perMinA * 10 * mood), luck.poisson(perMinB * 10 * mood)))
    const { verdict } = versus(pairs)
    if (verdict) return { verdict, pairs: pairs.length }
  }
  return { verdict: null, pairs: most }
}

describe('A against B', () => {
  it('where both are alike a verdict is given in at most 5 % of 1,000 trials, looked at after every turn', () => {
    const wrong = Array.from({ length: 1000 }, (_, i) => fished(i, 0.03, 0.03, 40)).filter((f) => f.verdict).length
    console.info(`A/B without a difference: ${wrong} verdicts in 1,000 trials of up to 40 turns each`)
    expect(wrong).toBeLessThanOrEqual(50)
  })
  it('where one is four times as good the verdict comes, nearly always on the right side, and not at once', () => {
    const found = Array.from({ length: 200 }, (_, i) => fished(5000 + i, 0.08, 0.02, 60))
    expect(found.filter((f) => f.verdict === 'a').length).toBeGreaterThan(160)
    expect(found.filter((f) => f.verdict === 'b').length).toBeLessThanOrEqual(2)
    expect(Math.min(...found.map((f) => f.pairs))).toBeGreaterThan(2)
  })
  it('refuses early: three to none is no verdict', () => {
    const v = versus([pair(2, 0), pair(1, 0)])
    expect(v.verdict).toBeNull()
    expect(v.chanceA).toBeGreaterThan(0.8)
    expect(v.effortToDecide).toBeGreaterThan(0)
  })
  it('with nothing seen it knows nothing', () => {
    const v = versus([])
    expect(v.chanceA).toBeCloseTo(0.5, 10)
    expect([v.evidence, v.verdict, v.pairs]).toEqual([1, null, 0])
    expect(likelihoodRatio([pair(0, 0)])).toBe(1)
  })
  it('sides can be swapped', () => {
    const [v, w] = [versus([pair(5, 1), pair(3, 2)]), versus([pair(1, 5), pair(2, 3)])]
    expect(v.chanceA).toBeCloseTo(1 - w.chanceA, 8)
    expect(v.evidence).toBeCloseTo(w.evidence, 8)
  })
  it('turns of unequal length are weighed by their effort', () => {
    const long: Pair = { a: { events: 6, effort: 60 }, b: { events: 1, effort: 10 } }
    expect(versus([long]).chanceA).toBeLessThan(0.65)
    expect(likelihoodRatio([long])).toBeLessThan(1.5)
  })
  it('what it says would settle it does so about half the time', () => {
    const start = Array.from({ length: 6 }, () => pair(1, 0))
    const { effortToDecide } = versus([...start, pair(1, 1)])
    expect(effortToDecide).not.toBeNull()
    const turns = Math.ceil((effortToDecide ?? 0) / 10)
    const settled = Array.from({ length: 200 }, (_, i) => {
      const luck = seededRandom(900 + i)
      const more = Array.from({ length: turns }, () => pair(luck.poisson(1), luck.poisson(0.2)))
      return versus([...start, pair(1, 1), ...more]).verdict === 'a'
    }).filter(Boolean).length
    expect(settled / 200).toBeGreaterThan(0.35)
  })
})

describe('turns in a log', () => {
  const log = logOf([
    [0, { kind: 'comparison', a: RIG_A.id, b: RIG_B.id, castsEach: 10 }],
    [0, { kind: 'rig', carriedId: RIG_A.id, wayId: 'wind' }],
    [4, { kind: 'answer', answer: 'lost', aim: null, fish: null }],
    [10, { kind: 'rig', carriedId: RIG_B.id, wayId: 'wind' }],
    [22, { kind: 'rig', carriedId: RIG_A.id, wayId: 'wind' }],
    [25, { kind: 'answer', answer: 'peck', aim: null, fish: null }],
  ])
  it('pairs the first turn of each, and lets the one without a partner wait', () => {
    const trial = trialIn(log)
    if (!trial) throw new Error('no trial')
    const { pairs, turnOf } = pairsOf(accountOf(log, log.entries[5]?.at ?? '').stretches, trial)
    expect(pairs).toEqual([{ a: { events: 1, effort: 10 }, b: { events: 0, effort: 12 } }])
    expect(turnOf).toBe('a')
  })
  it('there is none before one was started', () => {
    expect(trialIn(logOf([[0, { kind: 'pause' }]]))).toBeNull()
  })
})

describe('what is held against what', () => {
  const ways = [{}, { id: 'twitch', techniqueId: 'twitch', name: 'Twitch' }]
  const carried = [rig('a', {}, ways), rig('b', { name: 'Lure a', colour: 'hot' }), RIG_B]
  const comparison = { kind: 'comparison', castsEach: 5 } as const
  const turn = (carriedId: string, wayId: string) => ({ kind: 'rig', carriedId, wayId }) as const
  const landed = (hooked: Fish['hooked'], heldBy: Fish['heldBy'] = null): NewEntry => ({
    kind: 'answer',
    answer: 'landed',
    aim: null,
    fish: { speciesId: 'perch', lengthM: null, massKg: null, hooked, ate: null, released: true, heldBy },
  })
  const trialOf = (log: Outing) => {
    const trial = trialIn(log)
    if (!trial) throw new Error('no trial')
    return trial
  }
  const cadences = logOf(
    [
      [0, { ...comparison, a: 'a', b: 'a', aWayId: 'wind', bWayId: 'twitch' }],
      [0, turn('a', 'wind')],
      [3, landed('outside')],
      [8, landed(null, 'tail')],
      [10, turn('a', 'twitch')],
      [12, landed('inside')],
      [15, landed(null, 'front')],
      [18.5, landed('edge')],
      [20, { kind: 'end' }],
    ],
    { carried },
  )
  it('may be two cadences of one lure', () => {
    const { pairs } = pairsOf(accountOf(cadences, at(20)).stretches, trialOf(cadences))
    expect(pairs).toEqual([{ a: { events: 2, effort: 10 }, b: { events: 3, effort: 10 } }])
    expect(contenderNames(cadences, trialOf(cadences))).toEqual(['Lure a, Wind steadily', 'Lure a, Twitch'])
  })
  it('may be two colours of one lure, which are told apart by them', () => {
    const log = logOf([[0, { ...comparison, a: 'a', b: 'b' }]], { carried })
    expect(contenderNames(log, trialOf(log))).toEqual(['Lure a, silver', 'Lure a, hot'])
    const others = logOf([[0, { ...comparison, a: 'a', b: RIG_B.id }]], { carried: [RIG_A, RIG_B] })
    expect(contenderNames(others, trialOf(others))).toEqual([RIG_A.name, RIG_B.name])
  })
  it('is told by how well fish took, too: inside or on the front hook is well, outside and on the tail hook is not', () => {
    const { a, b, chanceA } = takenWell(accountOf(cadences, at(20)).stretches, trialOf(cadences))
    expect([a, b]).toEqual([
      { well: 0, of: 2 },
      { well: 2, of: 3 },
    ])
    expect(chanceA).toBeLessThan(0.2)
  })
  it('says nothing of how they took where nobody told', () => {
    const log = logOf([[0, { ...comparison, a: 'a', b: 'b' }]], { carried })
    expect(takenWell(accountOf(log, at(5)).stretches, trialOf(log)).chanceA).toBeCloseTo(0.5, 3)
  })
})

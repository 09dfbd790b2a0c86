import { describe, expect, it } from 'vitest'
import { GIVE_MIN, LEARNING, QUIET as GONE_QUIET } from '../../data/advice'
import { at, logOf, rig } from '../../testing/outing'
import type { Carried, NewEntry } from './outing'
import { VARIABLES } from './variables'
import type { AdviceInput } from './advice'
import { advise } from './advise'
import { changesFor } from './changes'
import { observationsOf } from './observations'
import { giveFor, goneQuiet, minutesOn, sizeUnchangedMin } from './patience'
import { fishEncountered, fitDayModel, cueLikelihood, habituation } from './belief'
import { differing, levelsOf, sizeStep } from './levels'
import { spotsOf } from './spots'
import { accountOf } from './stretches'
import { sayAdvice } from '../../words'

/** Lures that differ from the first in one thing each. */
const FIRST = rig('first', {}, [
  { techniqueId: 'wind', restS: 0, paceMps: 0.6, depthM: 2 },
  { techniqueId: 'stop-go', restS: 1.5, paceMps: 0.6, depthM: 2 },
  { techniqueId: 'slow-roll', restS: 0, paceMps: 0.3, depthM: 2 },
  { techniqueId: 'deep', restS: 0, paceMps: 0.6, depthM: 3.4 },
])
const SMALL = rig('small', { lengthM: 0.045 })
const HOT = rig('hot', { colour: 'hot' })
const QUIET = rig('quiet', { vibration: 0.1 })
const ALL = [FIRST, SMALL, HOT, QUIET]
const SPOTS = spotsOf(1, 'dock')
const HERE = { kind: 'spot', stop: 1, featureId: 'dock', spotId: 'last-post' } as const
const hand = (carriedId: string, wayId = 'wind'): NewEntry => ({ kind: 'rig', carriedId, wayId })
const answer = (id: string): NewEntry => ({ kind: 'answer', answer: id, aim: null, fish: null }) as NewEntry

function inputOf(
  said: readonly (readonly [number, NewEntry])[],
  now: number,
  over: Partial<AdviceInput> = {},
  carried: Carried[] = ALL,
): AdviceInput {
  const log = logOf([[0, HERE], ...said], { carried })
  return { account: accountOf(log, at(now)), carried, spots: SPOTS, schooling: false, now: at(now), ...over }
}

describe('what to change next', () => {
  it('says nothing before anything is fished', () => {
    expect(advise(inputOf([], 5))).toBeNull()
  })
  it('gives what is in the hand its time first', () => {
    const early = advise(inputOf([[0, hand('first')]], 4))
    expect(early).toMatchObject({ kind: 'stay', forMin: GIVE_MIN.least - 4 })
  })
  it('after a while without an answer something is changed, and only one thing', () => {
    const input = inputOf([[0, hand('first')]], 40)
    const advice = advise(input)
    if (advice?.kind !== 'change') throw new Error(JSON.stringify(advice))
    const { current } = input.account
    if (!current) throw new Error('nothing in hand')
    const from = levelsOf(current, input.account.water)
    expect(differing(from, levelsOf({ ...advice.to, aim: null }, input.account.water)).sort()).toEqual(
      [advice.variable, ...advice.also].sort(),
    )
    expect(advice.giveMin).toBeGreaterThanOrEqual(GIVE_MIN.least)
    expect(advice.giveMin).toBeLessThanOrEqual(GIVE_MIN.most)
    expect(advice.gain.low).toBeLessThan(advice.gain.median)
    expect(advice.gain.median).toBeLessThan(advice.gain.high)
    expect(sayAdvice(advice.why, 'metric').length).toBeGreaterThan(10)
  })
  // Facts 15, 22, 37: what an answer tells.
  it('pecks and misses speak for a smaller one (fact 15)', () => {
    const advice = advise(inputOf([[0, hand('first')], ...[5, 9, 13, 17].map((m) => [m, answer('peck')] as const)], 25))
    expect(advice).toMatchObject({ kind: 'change', variable: 'size', to: { carried: { id: 'small' } }, facts: [15] })
  })
  it('slaps speak for another colour or action (fact 22)', () => {
    const advice = advise(inputOf([[0, hand('first')], ...[5, 9, 13, 17].map((m) => [m, answer('slap')] as const)], 25))
    if (advice?.kind !== 'change') throw new Error('no change')
    expect(['colour', 'action']).toContain(advice.variable)
    expect(advice.facts).toEqual([22])
  })
  it('follows without a touch speak for another pace or depth (fact 37)', () => {
    const advice = advise(
      inputOf([[0, hand('first')], ...[5, 9, 13, 17].map((m) => [m, answer('follow')] as const)], 25),
    )
    if (advice?.kind !== 'change') throw new Error('no change')
    expect(['speed', 'cadence', 'depth']).toContain(advice.variable)
    expect(advice.to.carried.id).toBe('first')
  })
  it('after a take where fish go in schools the place is not left for ten minutes (fact 25)', () => {
    const input = inputOf(
      [
        [0, hand('first')],
        [20, answer('lost')],
      ],
      25,
      { schooling: true },
    )
    const advice = advise(input)
    if (advice?.kind === 'change') expect(advice.variable).not.toBe('place')
    else expect(advice).toMatchObject({ kind: 'stay', facts: [25] })
  })
  it('what was tried and failed is not told again at once', () => {
    const said: [number, NewEntry][] = [
      [0, hand('first')],
      ...[4, 8, 12].map((m): [number, NewEntry] => [m, answer('slap')]),
      [16, hand('hot')],
      ...[20, 24, 28, 32].map((m): [number, NewEntry] => [m, answer('slap')]),
    ]
    const advice = advise(inputOf(said, 40))
    if (advice?.kind !== 'change') throw new Error('no change')
    expect([advice.variable, advice.to.carried.id]).not.toEqual(['colour', 'first'])
  })
  it('is said in the angler’s own units', () => {
    const pecks = [[0, hand('first')], ...[5, 9, 13, 17].map((m) => [m, answer('peck')] as const)] as const
    const advice = advise(inputOf([...pecks], 25))
    if (advice?.kind !== 'change') throw new Error('no change')
    expect(sayAdvice(advice.does, 'imperial')).toMatch(/\sin$/)
    expect(sayAdvice(advice.does, 'metric')).toMatch(/\scm$/)
  })
  it('once they have gone quiet another action is spoken for, by one sign', () => {
    const log = [[0, hand('first')], ...[5, 6, 7].map((m) => [m, answer('eaten-winding')] as const)] as const
    const best = (variable: string, min: number) =>
      Math.max(
        ...changesFor(inputOf([...log], min))
          .weighed.filter((w) => w.variable === variable)
          .map((w) => w.ratio),
      )
    const before = 7 + GONE_QUIET.afterMin - 0.1
    const after = 7 + GONE_QUIET.afterMin + 0.1
    expect(best('action', after) / best('action', before)).toBeCloseTo(LEARNING.sign, 1)
    expect(best('size', after) / best('size', before)).toBeCloseTo(1, 1)
  })
  it('the same log gives the same advice', () => {
    const input = inputOf(
      [
        [0, hand('first')],
        [7, answer('peck')],
      ],
      30,
    )
    expect(advise(input)).toEqual(advise(input))
  })
  it('with one rig, one way and no other spot there is nothing to change', () => {
    const lone = rig('first')
    const advice = advise({ ...inputOf([[0, hand('first')]], 60, {}, [lone]), spots: [] })
    expect(advice).toMatchObject({ kind: 'stay' })
  })
})

describe('what it notices', () => {
  it('that the size has not changed in two hours (fact 39)', () => {
    const said: [number, NewEntry][] = [
      [0, hand('first')],
      [60, hand('hot')],
      [100, hand('quiet')],
    ]
    const { account } = inputOf(said, 130)
    expect(sizeUnchangedMin(account)).toEqual({ minutes: 130, takes: 0 })
    const input = inputOf(said, 130)
    const size = changesFor(input).weighed.find((w) => w.variable === 'size')
    const before = changesFor(inputOf(said, 115)).weighed.find((w) => w.variable === 'size')
    expect(size?.ratio ?? 0).toBeGreaterThan(1.2 * (before?.ratio ?? 0))
  })
  it('that a school has gone quiet (facts 22 and 24)', () => {
    const said: [number, NewEntry][] = [
      [0, hand('first')],
      [5, answer('lost')],
      [8, answer('lost')],
    ]
    expect(goneQuiet(inputOf(said, 12).account, at(12))).toBe(false)
    expect(goneQuiet(inputOf(said, 25).account, at(25))).toBe(true)
    expect(goneQuiet(inputOf(said, 90).account, at(90))).toBe(false)
  })
  it('that fish eat on the way in (fact 15): the longer pause is no longer spoken for', () => {
    const said: [number, NewEntry][] = [
      [0, hand('first', 'stop-go')],
      ...[4, 8, 12].map((m): [number, NewEntry] => [m, answer('eaten-winding')]),
    ]
    const trials = observationsOf(inputOf(said, 20).account.stretches, at(20))
    expect(cueLikelihood(trials, 'cadence', '1', '0')).toBeGreaterThan(1.3)
    expect(cueLikelihood(trials, 'cadence', '1', '2')).toBeLessThan(0.8)
  })
  it('the same of fish that were landed, and a hook outside the mouth for a slap (fact 22)', () => {
    const fish = {
      speciesId: 'perch',
      lengthM: 0.3,
      massKg: null,
      hooked: 'outside',
      ate: 'winding',
      released: true,
    } as const
    const landed: NewEntry = { kind: 'answer', answer: 'landed', aim: null, fish }
    const said: [number, NewEntry][] = [
      [0, hand('first', 'stop-go')],
      [4, landed],
      [8, landed],
      [12, landed],
    ]
    const [trial] = observationsOf(inputOf(said, 20).account.stretches, at(20))
    expect(trial?.answers).toEqual(['landed', 'landed', 'landed'])
    expect(trial?.signs.filter((s) => s === 'eaten-winding')).toHaveLength(3)
    expect(trial && cueLikelihood([trial], 'colour', 'silver', 'hot')).toBeGreaterThan(1)
    expect(trial && cueLikelihood([trial], 'cadence', '1', '0')).toBeGreaterThan(1)
  })
  it('how long what is in the hand has been fished, over readings too', () => {
    const { account } = inputOf(
      [
        [0, hand('first')],
        [10, { kind: 'reading', sky: 'rain' }],
      ],
      22,
    )
    expect(minutesOn(account)).toBe(22)
  })
  it('directions that had no cast yet', () => {
    const casts = [1, 2, 3, 4, 5, 6, 7].map(
      (m) => [m, { kind: 'cast', aim: m % 2 === 0 ? -1 : 0 }] as [number, NewEntry],
    )
    const found = changesFor(inputOf([[0, hand('first')], ...casts], 20)).weighed.filter(
      (w) => w.variable === 'direction',
    )
    expect(found.map((w) => w.to.aim).sort()).toEqual([-2, 1, 2])
  })
})

describe('what the day teaches', () => {
  const trialAt = (over: Partial<ReturnType<typeof observationsOf>[number]> & { size?: string }) => {
    const { account } = inputOf([[0, hand('first')]], 20)
    const [base] = observationsOf(account.stretches, at(20))
    if (!base) throw new Error('no trial')
    const { size, ...rest } = over
    return {
      ...base,
      ...rest,
      signs: rest.answers ?? base.signs,
      levels: { ...base.levels, size: size ?? base.levels.size },
    }
  }
  it('a step that took is believed in, one that was only touched is not', () => {
    const belief = fitDayModel(
      [
        trialAt({ size: '2', answers: ['lost', 'lost', 'lost'], showings: 3 }),
        trialAt({ size: '5', answers: ['peck', 'peck', 'peck'], showings: 3 }),
      ],
      70,
    )
    const mean = (step: string) => belief.factor('size', step).shape / belief.factor('size', step).rate
    expect(mean('2')).toBeGreaterThan(1)
    expect(mean('5')).toBeLessThan(0.8)
    expect(belief.hope('size', '5')).toBeLessThan(belief.hope('size', '2'))
  })
  it('neighbouring steps are told something, far ones next to nothing', () => {
    const belief = fitDayModel([trialAt({ size: '5', answers: ['peck', 'peck', 'peck'], showings: 3 })], 70)
    const mean = (step: string) => belief.factor('size', step).shape / belief.factor('size', step).rate
    expect(mean('4')).toBeGreaterThan(mean('5'))
    expect(mean('4')).toBeLessThan(1)
    expect(mean('1')).toBeGreaterThan(0.98)
  })
  it('what lies back counts for less', () => {
    const told = (agoMin: number) =>
      fitDayModel([trialAt({ answers: ['peck', 'peck', 'peck'], showings: 3, agoMin })], 70).factor('colour', 'silver')
        .rate
    expect(told(0)).toBeGreaterThan(told(2 * LEARNING.halfLifeMin))
  })
  it('for each fish that only touched, others did so unseen', () => {
    expect(fishEncountered(['lost', 'landed'])).toBe(2)
    expect(fishEncountered(['peck'])).toBeCloseTo(1 / LEARNING.shows)
    expect(fishEncountered([])).toBe(0)
  })
  it('fish get used to a lure, and forget it', () => {
    expect(habituation([])).toBe(1)
    expect(habituation([0, 0, 0])).toBeLessThan(habituation([0]))
    expect(habituation([300])).toBeGreaterThan(habituation([10]))
  })
  it('gives a change until a take is more likely than not, within bounds', () => {
    expect(giveFor(1)).toBe(GIVE_MIN.least)
    expect(giveFor(0.0001)).toBe(GIVE_MIN.most)
    expect(giveFor(Math.log(2) / 15)).toBe(15)
  })
})

describe('steps', () => {
  it('a third more length is the next size', () => {
    expect(sizeStep(0.08) - sizeStep(0.06)).toBe(1)
    expect(sizeStep(0.08)).toBe(sizeStep(0.082))
  })
  it('every variable has a step, and what cannot be said does not differ', () => {
    const [way] = FIRST.ways
    if (!way) throw new Error('no way')
    const bare = levelsOf({ carried: FIRST, way, spot: null }, { depthM: 4 })
    expect(Object.keys(bare).sort()).toEqual([...VARIABLES].sort())
    expect([bare.place, bare.direction]).toEqual(['', ''])
    expect(differing(bare, { ...bare, place: '1:dock:walkway' })).toEqual([])
  })
})

import { greatestIndex } from 'd3-array'
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { itemAt } from '../list'
import { levelsOf, type Entry } from '../outing'
import { LAKE_ASSUMES, lessonWords, sayLessonResult } from '../../words'
import { debrief, lessonResult } from './debrief'
import { LESSONS, type LessonId } from './lessons'
import { practiceRun } from './practice-day'
import { PracticeRun, fishMinute, fishingAt, friendsWay, lakeOf, lakeSoFar, minutesOf, momentAt } from './run'

const begun = new Map<string, PracticeRun>()
function begin(id: LessonId, seed: number): PracticeRun {
  const key = `${id} ${seed}`
  const run = begun.get(key) ?? practiceRun(id, seed, ({ build }) => build.lure.name)
  begun.set(key, run)
  return run
}
/** A day fished to a minute, with what is done in the hand at some. */
function fished(run: PracticeRun, toMin: number, does: Readonly<Record<number, object>> = {}): PracticeRun {
  const lake = lakeSoFar(run)
  let now = run
  while (now.atMin < toMin) {
    const said = does[now.atMin]
    if (said) {
      const entry = { id: `u${now.atMin}`, at: momentAt(now, now.atMin), ...said } as Entry
      now = { ...now, outing: { ...now.outing, entries: [...now.outing.entries, entry] } }
    }
    now = fishMinute(now, lake).run
  }
  return now
}
const rigOf = (run: PracticeRun, i: number, way = 0) => {
  const one = itemAt(run.outing.carried, i)
  return { kind: 'rig', carriedId: one.id, wayId: itemAt(one.ways, way).id }
}
const told = (run: PracticeRun) => {
  const found = debrief(run)
  if (!found) throw new Error('nothing was fished')
  return found
}

const whole = new Map<number, ReturnType<typeof told>>()
/** What is told of a free day on which nothing was changed. */
function toldWhole(seed: number): ReturnType<typeof told> {
  const known = whole.get(seed) ?? told(fished(begin('free', seed), 240))
  whole.set(seed, known)
  return known
}

describe('a day of practice', () => {
  it('is the same for all who take its number, down to the last answer', () => {
    const [a, b] = [practiceRun('free', 12, () => ''), practiceRun('free', 12, () => '')]
    expect(a).toEqual(b)
    expect(fished(a, 120).outing.entries).toEqual(fished(b, 120).outing.entries)
    expect(begin('free', 13).outing.placeName).not.toBe(a.outing.placeName)
  })
  it('cut off at any minute and opened anew, it goes on as if it had not been (property)', () => {
    const run = begin('free', 5)
    const does = { 20: rigOf(run, 1), 50: { kind: 'pause' }, 60: { kind: 'resume' }, 75: rigOf(run, 2) }
    const whole = fished(run, 140, does)
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 139 }), (cut) => {
        const later = Object.fromEntries(Object.entries(does).filter(([min]) => Number(min) >= cut))
        const first = fished(run, cut, does)
        // As it lies in the browser.
        const kept = PracticeRun.parse(JSON.parse(JSON.stringify(first)))
        expect(fished(kept, 140, later)).toEqual(whole)
      }),
      { numRuns: 10 },
    )
  })
  it('time goes by in a break, over a fish, and while a lure is changed; nothing is fished then', () => {
    const run = begin('free', 5)
    const day = fished(run, 40, { 10: { kind: 'pause' }, 15: { kind: 'resume' }, 30: rigOf(run, 1) })
    for (const min of [10, 12, 14, 30, 31]) expect([min, fishingAt(day, min)]).toEqual([min, null])
    for (const min of [9, 15, 32]) expect(fishingAt(day, min)).not.toBeNull()
    // Of the day with most fish: the minute after one is landed goes by over it.
    const full = fished(begin('free', 1), 240)
    const at = full.outing.entries.flatMap((e) =>
      e.kind === 'answer' && e.answer === 'landed'
        ? [(Date.parse(e.at) - Date.parse(full.outing.startedAt)) / 60_000]
        : [],
    )
    expect(at.length).toBeGreaterThan(3)
    for (const min of at) expect([fishingAt(full, min), fishingAt(full, min + 1)]).toEqual([expect.anything(), null])
  })
  it('the end ends it', () => {
    const day = fished(begin('free', 5), 60, { 30: { kind: 'end' } })
    expect(day.outing.entries.at(-1)?.kind).toBe('end')
    expect(fishingAt(day, 45)).toBeNull()
  })
})

describe('what a minute is worth', () => {
  it('is what many draws of the schools bring (another way: counted)', () => {
    const run = begin('free', 3)
    const lake = lakeOf(run)
    // What is at hand that takes most: of rare takes many draws tell little.
    const hands = run.outing.carried.flatMap((one, i) =>
      one.ways.map((_, way) => {
        const entry = { id: 'u', at: momentAt(run, 0), ...rigOf(run, i, way) } as Entry
        return fishingAt({ ...run, outing: { ...run.outing, entries: [...run.outing.entries, entry] } }, 0)
      }),
    )
    const held = hands[greatestIndex(hands, (hand) => (hand ? lake.expected(0, hand) : -1)) ?? 0]
    if (!held) throw new Error('nothing in the hand')
    const DRAWS = 1000
    const MINUTES = 25
    const all = Array.from({ length: MINUTES }, (_, min) => min)
    let takes = 0
    for (let luck = 1; luck <= DRAWS; luck++) {
      const drawn = lakeOf(run, luck)
      for (const min of all)
        takes += drawn.minute(min, held).filter(({ answer }) => answer === 'landed' || answer === 'lost').length
    }
    const mean = takes / DRAWS
    const error = Math.sqrt((mean * 2.5) / DRAWS)
    const expected = all.reduce((sum, min) => sum + lake.expected(min, held), 0)
    // Within a school each take makes the next a tenth less likely: a few per cent less than fresh.
    expect(mean).toBeGreaterThan(0.85 * expected - 3 * error)
    expect(mean).toBeLessThan(expected + 3 * error)
  })
  it('the best there is at hand is worth most, whatever is held', () => {
    for (const seed of [1, 2]) {
      const found = toldWhole(seed)
      for (const { held, best } of found.worth) expect(best).toBeGreaterThanOrEqual(held - 1e-9)
      for (const { cost } of found.choices) expect(cost).toBeGreaterThanOrEqual(-1e-9)
      expect(found.known.mean).toBeGreaterThan(found.stayed.mean)
      expect(found.known.mean).toBeGreaterThan(found.advised.mean)
    }
  })
})

it('a spot that the lake does not know is middling, and may be the best there is', () => {
  // A lake on which every spot that it knows is poor for a time.
  const run = [...Array(40).keys()]
    .map((i) => ({ ...begin('stay-or-move', 1), seed: i + 1 }))
    .find((one) => [...itemAt(lakeOf(one).truths(), 0).spots.values()].every((rate) => rate < 1))
  if (!run) throw new Error('no such lake')
  const { featureId, spotId } = itemAt(run.spots, 0)
  const day = fished(run, 20, { 2: { kind: 'spot', stop: 9, featureId, spotId } })
  const found = told(day)
  for (const { cost } of found.choices) expect(cost).toBeGreaterThanOrEqual(-1e-9)
  for (const { held, best } of found.worth) expect(best).toBeGreaterThanOrEqual(held - 1e-9)
  expect(itemAt(found.choices, 0).best.spot?.stop).toBe(9)
})

describe('afterwards', () => {
  it('who holds the first lure all day is as good as who stays with it, over the same draws', () => {
    const found = toldWhole(2)
    expect(found.mine.mean).toBeGreaterThan(0.8 * found.stayed.mean)
    expect(found.mine.mean).toBeLessThan(1.25 * found.stayed.mean)
    expect(found.choices).toHaveLength(1)
    expect(found.choices[0]).toMatchObject({ fromMin: 0, toMin: 240, turned: [], advice: null })
  })
  it('who takes what they truly want from the start beats the adviser', () => {
    const run = begin('size', 3)
    const { best } = itemAt(told(fished(run, 10)).truths, 0)
    const spot = best.spot ? { kind: 'spot', ...best.spot } : {}
    const day = fished(run, 120, {
      0: spot,
      1: { kind: 'rig', carriedId: best.carried.id, wayId: best.way.id },
    })
    const found = told(day)
    expect(found.mine.mean).toBeGreaterThan(found.advised.mean)
    expect(found.mine.mean).toBeGreaterThan(0.85 * found.known.mean)
    expect(lessonResult(day, found)).toMatchObject({ passed: true })
  })
  it('a change that the adviser had said is told as followed', () => {
    // A day on which the adviser says what to take in hand, and not where to go.
    const days = [3, 4, 5, 6, 7].flatMap((seed) => {
      const run = begin('free', seed)
      const later = told(fished(run, 120, { 90: rigOf(run, 3) }))
      const { advice } = itemAt(later.choices, 1)
      return advice?.kind === 'change' && advice.variable !== 'place' ? [{ run, later, advice }] : []
    })
    const { run, later, advice } = itemAt(days, 0)
    const before = fished(run, 90)
    const { carried, way } = advice.to
    const did = told(fished(before, 120, { 90: { kind: 'rig', carriedId: carried.id, wayId: way.id } }))
    expect(itemAt(did.choices, 1).followed).toBe(true)
    expect(itemAt(later.choices, 1).followed).toBe(false)
  })
  it('of a day on which nothing was fished there is nothing to say', () => {
    expect(debrief(begin('free', 1))).toBeNull()
  })
  it('a day that is left early is held against others as short', () => {
    const found = told(fished(begin('free', 1), 30))
    expect(found.minutes).toBe(30)
    expect(found.advised.mean).toBeLessThan(toldWhole(1).advised.mean)
  })
})

describe('lessons', () => {
  const all = LESSONS.filter(({ id }) => id !== 'free').map(({ id }) => id)
  it.each(all)('%s: one thing matters, it can be had, and the first lure has it wrong', (id) => {
    for (let seed = 1; seed <= 3; seed++) {
      const run = begin(id, seed)
      const lake = lakeOf(run)
      const { wants } = itemAt(lake.truths(), 0)
      const first = itemAt(run.outing.carried, 0)
      expect(lake.much.length).toBe(id === 'stay-or-move' ? 0 : 1)
      for (const v of lake.much) {
        const steps = run.outing.carried.flatMap((carried) =>
          carried.ways.map((way) => levelsOf({ carried, way, spot: null }, run.outing.water)[v]),
        )
        expect(steps).toContain(wants[v])
        expect(levelsOf({ carried: first, way: itemAt(first.ways, 0), spot: null }, run.outing.water)[v]).not.toBe(
          wants[v],
        )
      }
    }
  })
  it('in those where nothing shifts, nothing does; where fish move, lures stay as good as they were', () => {
    expect(lakeOf(begin('size', 1)).truths()).toHaveLength(1)
    const moved = lakeOf(begin('stay-or-move', 1)).truths()
    expect(moved).toHaveLength(3)
    expect(new Set(moved.map(({ wants }) => JSON.stringify(wants))).size).toBe(1)
    expect(new Set(moved.map(({ spots }) => JSON.stringify([...spots]))).size).toBe(3)
  })
  it('who changes nothing has learned nothing', () => {
    for (const id of ['one-thing', 'size'] as const) {
      const day = fished(begin(id, 2), minutesOf(begin(id, 2)))
      expect(lessonResult(day, told(day))).toMatchObject({ passed: false, figure: null })
    }
  })
  it('one thing at a time: sizes tried one by one pass; size and colour at once do not', () => {
    const run = begin('one-thing', 1)
    const base = itemAt(run.outing.carried, 0)
    const at = (i: number) => rigOf(run, i, 0)
    // Rigs 1 to 3 are the first in other sizes, 4 and 5 in other colours.
    expect(run.outing.carried.slice(1, 4).every((c) => c.colour === base.colour && c.lengthM !== base.lengthM)).toBe(
      true,
    )
    expect(run.outing.carried.slice(4).every((c) => c.colour !== base.colour && c.lengthM === base.lengthM)).toBe(true)
    const one = fished(run, 120, { 20: at(1), 40: at(0), 60: at(4) })
    expect(lessonResult(one, told(one))).toMatchObject({ passed: true, figure: 1, of: 3 })
    const both = fished(run, 120, { 20: at(1), 40: at(4), 60: at(2), 80: at(5) })
    expect(lessonResult(both, told(both))).toMatchObject({ passed: false, figure: 0.25, of: 4 })
  })
  it('cadence by ear: the friend’s way has the beat, and who takes it in time passes', () => {
    const run = begin('cadence', 3)
    const friend = friendsWay(run)
    if (!friend) throw new Error('no friend')
    const take = { kind: 'rig', carriedId: friend.carried.id, wayId: friend.way.id }
    const [soon, late] = [8, 30].map((min) => fished(run, 60, { [min]: take }))
    if (!soon || !late) throw new Error('no day')
    expect(lessonResult(soon, told(soon))).toMatchObject({ passed: true, figure: 8 })
    expect(lessonResult(late, told(late))).toMatchObject({ passed: false, figure: 30 })
  })
  it('stay or move: the share of time where there are fish, by the lake itself', () => {
    const run = begin('stay-or-move', 2)
    const good = [...itemAt(lakeOf(run).truths(), 0).spots].reduce((a, b) => (b[1] > a[1] ? b : a))[0]
    const spot = run.spots.find((s) => `${s.stop}:${s.spotId}` === good)
    if (!spot) throw new Error('no spot')
    const early = Math.floor(itemAt(lakeOf(run).truths(), 1).fromMin)
    const day = fished(run, Math.max(6, early), { 0: { kind: 'spot', ...spot } })
    const found = told(day)
    expect(lessonResult(day, found)).toMatchObject({ passed: true })
  })
  it('each has its words, and each result a sentence', () => {
    for (const { id } of LESSONS) {
      expect(lessonWords(id).task).toMatch(/\.$/)
      for (const figure of [null, 0.5, 12])
        for (const foundMin of [null, 12])
          expect(sayLessonResult(id, { passed: false, figure, of: 1, foundMin })).not.toMatch(/undefined|NaN/)
    }
    expect(LAKE_ASSUMES.join(' ')).not.toMatch(/undefined|NaN/)
  })
})

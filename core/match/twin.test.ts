import { describe, expect, it } from 'vitest'
import { WORLD } from '../../testing/world'
import { kinKeyOf, type Lure } from '../tackle'
import type { Box } from '../box'
import { createMatchContext, bestOf, lawBroken, rank, type MatchContext } from '.'
import { countDowns, isFishedSo, rodTips } from './possible/cast-of'
import { worksOfBuild } from './possible/works'
import { buildVariants } from './possible/dressed'
import { estimateCandidates } from './tuned/candidate-estimate'
import { candidatesOf } from './possible/candidates'
import { workRefusal } from './possible/outfit'
import { linesThatHold } from './possible/stay-down'
import { axisLog, buildOffers, colourLiking, colourLog } from './account/score'
import { SNAG_LIMIT, estimateCastMetrics, pathOffers, evaluateCast } from './tuned/cast-evaluation'
import { scoreSetUp, type Ranked } from './tuned/score-breakdown'
import type { SetUp } from './setup'

/** The ranking's slow twin: no estimate, no bound, no patience. Every dressing on every rigging in every way is thrown in full. */
function everySetUp(lure: Lure, box: Box, context: MatchContext): SetUp[] {
  const { c, reading, riggings, countedOn } = context
  return buildVariants(lure, box, reading).flatMap((dressed) => {
    const { build, motion } = dressed
    return worksOfBuild(dressed, context).flatMap((work) =>
      rodTips(build, work.technique, c).flatMap((rodTipM) =>
        countDowns(build, motion, work.technique, c, reading, countedOn).flatMap((countDownS) =>
          riggings
            .filter((r) => !workRefusal(build.massKg, r, work.technique.delivery))
            .filter((rigging) => {
              const castM = context.castM({ build, outfit: rigging.outfit, handling: work }, motion)
              const one = { rigging, castM, logBeforeCast: 0 }
              return linesThatHold([one], build, motion, { ...work, rodTipM }, context).length > 0
            })
            .map(({ outfit, leader }) => ({
              build,
              outfit,
              leader,
              handling: { ...work, countDownS, rodTipM },
            })),
        ),
      ),
    )
  })
}
function bestOfAll(lure: Lure, box: Box, context: MatchContext): Ranked | null {
  let best: Ranked | null = null
  for (const setUp of everySetUp(lure, box, context)) {
    const scored = scoreSetUp(setUp, context)
    if (scored.thrown.risk <= SNAG_LIMIT && (!best || scored.score > best.score)) best = scored
  }
  return best
}
function demo(id: string, of: (lure: Lure, i: number) => boolean) {
  const c = WORLD.waters.find((w) => w.placeId === id)
  const place = WORLD.places.find((p) => p.id === id)
  if (!c || !place) throw new Error(`no ${id}`)
  const box = { ...WORLD.box, lures: WORLD.box.lures.filter(of) }
  return { box, context: createMatchContext(c, place, box, { sides: {} }) }
}
const HOPELESS = 0.05
const PLACES = ['vessamere-north', 'vessamere-south', 'quillskar', 'ottermoss']

describe('the ranking against its slow twin, which throws every cast', () => {
  it('each model’s set-up has 70 of 100 of the best chance there is, nine in ten 78, most 99', () => {
    const shares = PLACES.flatMap((id, nth) => {
      const { box, context } = demo(id, (_, i) => i % 18 === nth)
      const fast = new Map<string, number>()
      for (const { setUp, chance } of rank(box, context, 50)) {
        const kin = kinKeyOf(setUp.build.lure)
        fast.set(kin, Math.max(chance, fast.get(kin) ?? 0))
      }
      const best = new Map<string, number>()
      for (const lure of box.lures) {
        const chance = lawBroken(lure, context.place) ? 0 : (bestOfAll(lure, box, context)?.chance ?? 0)
        // What is hopeless here may be a little more hopeless still.
        if (chance >= HOPELESS && chance > (best.get(kinKeyOf(lure)) ?? 0)) best.set(kinKeyOf(lure), chance)
      }
      return [...best].map(([kin, chance]) => (fast.get(kin) ?? 0) / chance)
    })
    expect(shares.length).toBeGreaterThan(12)
    // What is shown is tuned beyond the steps that the twin throws.
    expect(Math.max(...shares)).toBeLessThan(2)
    expect(Math.min(...shares)).toBeGreaterThan(0.7)
    const at = (part: number) => [...shares].sort((a, b) => a - b)[Math.floor(shares.length * part)] ?? 0
    expect(at(0.1)).toBeGreaterThan(0.78)
    expect(at(0.5)).toBeGreaterThan(0.99)
  }, 900_000)
  it('what cannot be fished has no best set-up in either', () => {
    const { box, context } = demo('quillskar', (l) => l.family === 'paddle-tail')
    const bare = { ...box, heads: [], hooks: [] }
    for (const lure of bare.lures) {
      expect(bestOf(lure, bare, context)).toBeNull()
      expect(bestOfAll(lure, bare, context)).toBeNull()
    }
  })
})

describe('a short list', () => {
  it.each(PLACES)('%s: the first twelve are those of the long one, but for a fifth of their score', (id) => {
    const { box, context } = demo(id, () => true)
    const long = rank(box, context, 100)
    const short = rank(box, context, 12)
    expect(short).toHaveLength(12)
    // The first three are a choice; the rest stand by their score.
    const scores = (of: typeof short) => of.map((r) => r.score).sort((a, b) => b - a)
    const all = scores(long)
    scores(short).forEach((score, i) => expect(score / (all[i] ?? NaN)).toBeGreaterThan(0.8))
    for (let i = 4; i < short.length; i++)
      expect(short[i]?.score ?? 0).toBeLessThanOrEqual((short[i - 1]?.score ?? 0) + 1e-9)
  })
  it('has no lure twice, and none that is not owned', () => {
    const { box, context } = demo('vessamere-north', () => true)
    const used = { ...box, lures: box.lures.map((l, i) => (i % 2 ? { ...l, count: 0 } : l)) }
    const ids = rank(used, context, 100).map((r) => r.setUp.build.lure.id)
    expect(new Set(ids).size).toBe(ids.length)
    for (const id of ids) expect(used.lures.find((l) => l.id === id)?.count).toBeGreaterThan(0)
  })
})

describe('candidates', () => {
  it('come surest first, and “sure” is what their lines earn without the path', () => {
    const { box, context } = demo('vessamere-north', (_, i) => i % 9 === 0)
    for (const lure of box.lures) {
      const found = candidatesOf(lure, box, context)
      found.forEach((candidate, i) => {
        expect(candidate.logBeforeCast).toBeLessThanOrEqual((found[i - 1]?.logBeforeCast ?? Infinity) + 1e-9)
        expect(candidate.logBeforeCast).toBeCloseTo(Math.max(...candidate.onLines.map((l) => l.logBeforeCast)), 8)
        const thickness = candidate.onLines.map((l) => l.rigging.outfit.line.diameterM)
        expect(thickness).toEqual([...new Set(thickness)].sort((a, b) => a - b))
        const { dressed, handling } = candidate
        expect(isFishedSo(dressed.build, handling, dressed.speedMps, context)).toBe(true)
      })
    }
  })
  it('what is sure and what the path leaves make the score', () => {
    const { box, context } = demo('ottermoss', (_, i) => i % 12 === 3)
    for (const lure of box.lures)
      for (const candidate of candidatesOf(lure, box, context).slice(0, 3))
        for (const { rigging, logBeforeCast: sure } of candidate.onLines.slice(0, 2)) {
          const { dressed, handling } = candidate
          const setUp = { build: dressed.build, outfit: rigging.outfit, leader: rigging.leader, handling }
          const met = evaluateCast(setUp, dressed.motion, dressed.offer, context)
          const path = axisLog(context.demand.by.path, pathOffers(met, lure))
          expect(Math.log(scoreSetUp(setUp, context).chance)).toBeCloseTo(sure + path, 8)
        }
  })
  it('a box is dressed once per density', () => {
    const { box, context } = demo('ottermoss', (_, i) => i < 3)
    const [lure] = box.lures
    if (!lure) throw new Error('no lure')
    const first = buildVariants(lure, box, context.reading)
    expect(buildVariants(lure, box, context.reading)).toBe(first)
    expect(buildVariants(lure, box, { tempC: context.reading.tempC + 1, salinity: 0 })).not.toBe(first)
    expect(buildVariants(lure, { ...box }, context.reading)).not.toBe(first)
  })
})

describe('an estimate', () => {
  it('of what is within reach of the best way of a lure, tells the chance of the path to within its own slack, two times in three', () => {
    const { box, context } = demo('vessamere-north', (_, i) => i % 4 === 1)
    let out = 0
    let all = 0
    for (const lure of box.lures) {
      const looks = estimateCandidates(candidatesOf(lure, box, context), context, -Infinity)
      const best = looks[0]?.log ?? 0
      for (const { candidate, onLine, log, maxError: slack } of looks) {
        if (log < best - 0.5) break
        const { dressed, handling } = candidate
        const { outfit, leader } = onLine.rigging
        const setUp = { build: dressed.build, outfit, leader, handling }
        const points = (met: ReturnType<typeof estimateCastMetrics>) =>
          axisLog(context.demand.by.path, pathOffers(met, lure))
        const given = [setUp, dressed.motion, dressed.offer, context] as const
        all += 1
        if (Math.abs(points(estimateCastMetrics(...given)) - points(evaluateCast(...given))) > slack) out += 1
      }
    }
    expect(all).toBeGreaterThan(100)
    expect(out / all).toBeLessThan(0.4)
  })
})

it('no chance is more than whole, whatever is offered', () => {
  const { box, context } = demo('quillskar', (_, i) => i % 5 === 0)
  const { demand } = context
  for (const lure of box.lures)
    for (const { offer } of buildVariants(lure, box, context.reading)) {
      const offers = buildOffers(offer, context.contrastOf(lure.colour), context.record.oddsOf(lure).share)
      expect(axisLog(demand.by.build, offers)).toBeLessThanOrEqual(0)
      expect(colourLog(offer, demand)).toBeLessThanOrEqual(0)
      expect(colourLiking(offer, demand)).toBeGreaterThanOrEqual(0)
      expect(colourLiking(offer, demand)).toBeLessThanOrEqual(1 + 1e-9)
    }
})

import { castLengthM, motionOf, type BuildMotion } from '../motion'
import { buildsOf, familyOf, pullSpeedMps, retrieveOf, worksOn, type Box, type Build, type Leader, type Lure, type Retrieve } from '../tackle'
import type { Bench } from './bench'
import { countDowns, rodTips } from './cast-of'
import { buildFits, retrieveFits } from './habit'
import { offerOf, type Offer } from './offer'
import { outfitLimit, reelEase, rodAndLineAgreement, stealthAgreement } from './outfit'
import { axisPoints, buildOffers, colourLiking, type Offers } from './score'
import type { Outfit, SetUp } from './setup'

/** A dressed lure fished in one way, on every line that may carry it. Nothing is thrown yet. */
export interface Candidate {
  readonly motion: BuildMotion
  readonly offer: Offer
  /** Thinnest line first. */
  readonly onLines: readonly OnLine[]
  /** The most that any of the lines earns before the path is known. */
  readonly sure: number
}

export interface OnLine {
  readonly setUp: SetUp
  /** Points that do not hang on the path. */
  readonly sure: number
}

interface Pair {
  readonly outfit: Outfit
  readonly leader: Leader | null
  readonly agreement: number
  readonly stealth: number
}

/** What the hand offers: pace, pause, passing, and how far it throws. */
export function handOffers(build: Build, retrieve: Retrieve, pullMps: number, comfortableM: number): Offers {
  const reach = castLengthM(comfortableM, build.massKg, familyOf(build.lure.family).body, retrieve.where)
  return { dwell: retrieve.restS, speed: pullMps, passing: retrieve.passing, reach }
}

function habitPoints(build: Build, retrieve: Retrieve, { demand }: Bench, fitsBuild: readonly boolean[]): number {
  let sum = 0
  demand.habits.forEach((habit, i) => {
    const fits = fitsBuild[i] === true && retrieveFits(habit.test, retrieve)
    if (fits === (habit.kind === 'favour')) sum += habit.weight
  })
  return (100 * sum) / demand.totalWeight
}

function pairsFor(build: Build, bench: Bench): Pair[] {
  return bench.outfits.flatMap((outfit) =>
    bench.leaders
      .filter((leader) => outfitLimit(build, outfit, leader, bench.species, bench.c) === null)
      .map((leader) => ({
        outfit,
        leader,
        agreement: rodAndLineAgreement(build, outfit, leader),
        stealth: stealthAgreement(outfit, leader),
      })),
  )
}

/** The path knows a line only by its diameter: of the outfits with equally thick line just the one most at ease can win. */
function bestPerLine(pairs: readonly Pair[], retrieve: Retrieve, pullMps: number, { demand }: Bench) {
  const best = new Map<number, { pair: Pair; points: number }>()
  for (const pair of pairs) {
    const tackle = pair.agreement * reelEase(pair.outfit.reel, retrieve, pullMps)
    const points = axisPoints(demand.by.outfit, { tackle, stealth: pair.stealth }, demand)
    const known = best.get(pair.outfit.line.diameterM)
    if (!known || points > known.points) best.set(pair.outfit.line.diameterM, { pair, points })
  }
  return [...best.values()].sort((a, b) => a.pair.outfit.line.diameterM - b.pair.outfit.line.diameterM)
}

/** Every way to fish a lure that can win and breaks no hard limit known before it is thrown; most promising first. */
export function candidatesOf(lure: Lure, box: Box, bench: Bench): Candidate[] {
  const { c, demand, reading } = bench
  const family = familyOf(lure.family)
  const found: Candidate[] = []
  for (const build of buildsOf(lure, box)) {
    const pairs = pairsFor(build, bench)
    if (pairs.length === 0) continue
    const motion = motionOf(build, reading.density)
    const offer = offerOf(build, motion, reading.density)
    const ofColour = (100 * demand.colour.weight * colourLiking(offer, demand)) / demand.totalWeight
    const ofBuild = ofColour + axisPoints(demand.by.build, buildOffers(offer), demand)
    const fitsBuild = demand.habits.map((h) => buildFits(h.test, build))
    for (const id of family.retrieves) {
      const retrieve = retrieveOf(id)
      if (!worksOn(retrieve, build.mount.kind)) continue
      const pullMps = pullSpeedMps(retrieve, family.speedMps)
      const ofHand =
        axisPoints(demand.by.hand, handOffers(build, retrieve, pullMps, c.castM), demand) +
        habitPoints(build, retrieve, bench, fitsBuild)
      const counts = countDowns(build, motion, retrieve, c, reading)
      const tips = rodTips(build, retrieve, c)
      const lines = bestPerLine(pairs, retrieve, pullMps, bench)
      const base = ofBuild + ofHand
      const sure = base + Math.max(...lines.map((l) => l.points))
      for (const rodTipM of tips)
        for (const countDownS of counts) {
          const handling = { retrieve, pullMps, countDownS, rodTipM }
          const onLines = lines.map(({ pair, points }) => ({
            setUp: { build, outfit: pair.outfit, leader: pair.leader, handling },
            sure: base + points,
          }))
          found.push({ motion, offer, onLines, sure })
        }
    }
  }
  return found.sort((a, b) => b.sure - a.sure)
}

import { castLengthM, motionOf, type BuildMotion } from '../motion'
import {
  buildsOf,
  familyOf,
  pullSpeedMps,
  retrieveOf,
  worksOn,
  type Box,
  type Build,
  type Lure,
  type Retrieve,
} from '../tackle'
import type { Bench } from './bench'
import { countDowns, rodTips } from './cast-of'
import { buildFits, retrieveFits } from './habit'
import { offerOf, type Offer } from './offer'
import { reelEase, rodAndLineAgreement, rodThrows, type Rigging } from './outfit'
import { axisPoints, buildOffers, colourLiking, type Offers } from './score'
import { mountKey, type Handling, type SetUp } from './setup'

/** A dressed lure fished in one way, on every line that may carry it. Nothing is thrown yet. */
export interface Candidate {
  readonly build: Build
  readonly motion: BuildMotion
  readonly offer: Offer
  readonly handling: Handling
  /** Thinnest line first. */
  readonly onLines: readonly OnLine[]
  /** Same for set-ups that differ only by their trailer, whose paths hardly differ: one glance serves them all. */
  readonly way: string
  /** The most that any of the lines earns before the path is known. */
  readonly sure: number
}

export interface OnLine {
  readonly rigging: Rigging
  /** Points that do not hang on the path. */
  readonly sure: number
}

export function setUpOf({ build, handling }: Candidate, { rigging }: OnLine): SetUp {
  return { build, outfit: rigging.outfit, leader: rigging.leader, handling }
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

/** The path knows a line only by its diameter: of the riggings with equally thick line just the one most at ease can win. */
function bestPerLine(
  riggings: readonly { rigging: Rigging; agreement: number }[],
  retrieve: Retrieve,
  pullMps: number,
  base: number,
  { demand }: Bench,
): OnLine[] {
  const best = new Map<number, OnLine>()
  for (const { rigging, agreement } of riggings) {
    const { line, reel } = rigging.outfit
    const tackle = agreement * reelEase(reel, retrieve, pullMps)
    const sure = base + axisPoints(demand.by.outfit, { tackle, stealth: rigging.stealth }, demand)
    const known = best.get(line.diameterM)
    if (!known || sure > known.sure) best.set(line.diameterM, { rigging, sure })
  }
  return [...best.values()].sort((a, b) => a.rigging.outfit.line.diameterM - b.rigging.outfit.line.diameterM)
}

/** Every way to fish a lure that can win and breaks no hard limit known before it is thrown; most promising first. */
export function candidatesOf(lure: Lure, box: Box, bench: Bench): Candidate[] {
  const { c, demand, reading } = bench
  const family = familyOf(lure.family)
  const found: Candidate[] = []
  for (const build of buildsOf(lure, box)) {
    const hooked = mountKey(build.mount)
    const riggings = bench.riggings
      .filter((rigging) => rodThrows(rigging.outfit.rod, build.massKg))
      .map((rigging) => ({ rigging, agreement: rodAndLineAgreement(build, rigging) }))
    if (riggings.length === 0) continue
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
      const onLines = bestPerLine(riggings, retrieve, pullMps, ofBuild + ofHand, bench)
      const sure = Math.max(...onLines.map((l) => l.sure))
      for (const rodTipM of tips)
        for (const [nth, countDownS] of counts.entries()) {
          const handling = { retrieve, pullMps, countDownS, rodTipM }
          found.push({ build, motion, offer, handling, onLines, sure, way: `${hooked}|${id}|${rodTipM}|${nth}` })
        }
    }
  }
  return bestPerWay(found.sort((a, b) => b.sure - a.sure))
}

/** Trailers that share a way share its path to within a hand: only the few that earn most beside it can win. */
const TRAILERS_PER_WAY = 2

function bestPerWay(sorted: readonly Candidate[]): Candidate[] {
  const taken = new Map<string, number>()
  return sorted.filter(({ way }) => {
    const count = taken.get(way) ?? 0
    taken.set(way, count + 1)
    return count < TRAILERS_PER_WAY
  })
}

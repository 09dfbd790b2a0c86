import { LAKE } from '../../data/lake'
import { Lure } from '../tackle'
import { Outing, levelsOf, type Carried, type Entry, type Spot } from '../outing'
import { z } from '../zod'
import { Lake, type Fishing, type Shown } from './lake'
import type { LakeDay } from './lake-day'
import { LESSON_IDS, kitOf, lessonOf, setOf, type Kit, type LessonId } from './lessons'

/** A day of practice: a lake by its seed, the log so far, and how far the day has come. It is no outing of the log. */
export const PracticeRun = z.strictObject({
  seed: z.number().int().min(1).max(999_999),
  lessonId: z.enum(LESSON_IDS),
  /** Minutes since it began. */
  atMin: z.number().int().min(0).max(600),
  /** How what is carried looks. */
  lures: z.array(Lure).max(12),
  outing: Outing,
  /** Spots whose fish the lake knows; all others are middling. */
  spots: z.array(z.strictObject({ stop: z.number().int(), featureId: z.string().max(40), spotId: z.string().max(40) })),
})
export type PracticeRun = z.infer<typeof PracticeRun>

export const minutesOf = ({ lessonId }: Pick<PracticeRun, 'lessonId'>): number => lessonOf(lessonId).minutes
/** A moment of the day, so many minutes in. */
export function momentAt({ outing }: Pick<PracticeRun, 'outing'>, min: number): string {
  return new Date(Date.parse(outing.startedAt) + min * 60_000).toISOString().replace('.000Z', '+00:00')
}
const minuteOf = ({ outing }: Pick<PracticeRun, 'outing'>, at: string) =>
  (Date.parse(at) - Date.parse(outing.startedAt)) / 60_000

/** A day begins at its first spot, with what the match puts first. */
export function beginRun(day: LakeDay, lures: Kit['lures'], lessonId: LessonId, seed: number): PracticeRun {
  const kit = kitOf(lessonId, { carried: day.carried, lures }, day.outing.water.depthM)
  const [first] = kit.carried
  const [spot] = day.spots
  if (!first || !spot) throw new Error('a day needs something that is carried')
  const at = day.outing.startedAt
  const entries: Entry[] = [
    { id: 'spot', at, kind: 'spot', ...spot },
    { id: 'rig', at, kind: 'rig', carriedId: first.id, wayId: first.ways[0]?.id ?? '' },
  ]
  const outing = { ...day.outing, id: `practice-${seed}`, carried: [...kit.carried], entries }
  return PracticeRun.parse({ seed, lessonId, atMin: 0, lures: kit.lures, spots: day.spots, outing })
}

/** The lake of a day, before its first minute; `luck`: other schools on the same day. */
export function lakeOf({ seed, lessonId, outing, spots }: PracticeRun, luck?: number): Lake {
  const { depthM } = outing.water
  const set = setOf(lessonId, outing.carried, depthM, seed)
  return new Lake(seed, {
    carried: outing.carried,
    spots,
    depthM,
    dayMin: lessonOf(lessonId).minutes,
    ...(set && { set }),
    ...(luck !== undefined && { luck }),
  })
}

/** What is fished in a minute; null in a break, on the way, while a fish is landed or a rig is changed, and once the day is over. */
export function fishingAt(run: PracticeRun, min: number): Fishing | null {
  let carried: Carried | undefined
  let wayId = ''
  let spot: Spot | null = null
  let stopped = false
  let busyTo = 0
  const { fish, rig, spot: move } = LAKE.costMin
  for (const e of run.outing.entries) {
    const at = minuteOf(run, e.at)
    if (at > min) break
    if (e.kind === 'rig') {
      if (carried && carried.id !== e.carriedId) busyTo = Math.max(busyTo, at + rig)
      carried = run.outing.carried.find((c) => c.id === e.carriedId)
      wayId = e.wayId
    } else if (e.kind === 'spot') {
      if (spot) busyTo = Math.max(busyTo, at + move)
      spot = { stop: e.stop, featureId: e.featureId, spotId: e.spotId }
    } else if (e.kind === 'answer' && e.answer === 'landed') {
      // One that is landed in this very minute was shown by it.
      if (at < min) busyTo = Math.max(busyTo, at + fish)
    } else if (e.kind === 'pause' || e.kind === 'end') stopped = true
    else if (e.kind === 'resume') stopped = false
  }
  const way = carried?.ways.find((w) => w.id === wayId)
  return carried && way && !stopped && min >= busyTo ? { carried, way, spot } : null
}

const answerOf = (
  { answer, hooked, ate, lengthM }: Shown,
  speciesId: string,
): Omit<Extract<Entry, { kind: 'answer' }>, 'id' | 'at'> => ({
  kind: 'answer',
  answer,
  aim: null,
  fish: answer === 'landed' ? { speciesId, lengthM, massKg: null, hooked, ate, released: true } : null,
})

/** Fishes one minute on; what the fish do is written down at once. */
export function fishMinute(run: PracticeRun, lake: Lake): { run: PracticeRun; shown: readonly Shown[] } {
  const fishing = fishingAt(run, run.atMin)
  const shown = fishing ? lake.minute(run.atMin, fishing) : []
  const at = momentAt(run, run.atMin)
  const entries = shown.map((one, i): Entry => ({
    id: `${run.atMin}-${i}`,
    at,
    ...answerOf(one, run.outing.water.speciesId),
  }))
  return {
    shown,
    run: { ...run, atMin: run.atMin + 1, outing: { ...run.outing, entries: [...run.outing.entries, ...entries] } },
  }
}

/**
 * The lake as it stands at a run’s minute: all of its minutes are fished once more, with what was in the hand then. What a lake shows depends on nothing else, so it comes out as it did.
 */
export function lakeSoFar(run: PracticeRun): Lake {
  const lake = lakeOf(run)
  for (let min = 0; min < run.atMin; min++) {
    const fishing = fishingAt(run, min)
    if (fishing) lake.minute(min, fishing)
  }
  return lake
}

/** The way that the friend in the boat fishes: with the cadence that fish want. Null where nothing that is carried has it. */
export function friendsWay(run: PracticeRun): Pick<Fishing, 'carried' | 'way'> | null {
  const { outing } = run
  const wanted = lakeOf(run).truths()[0]?.wants.cadence
  for (const carried of outing.carried)
    for (const way of carried.ways)
      if (levelsOf({ carried, way, spot: null }, outing.water).cadence === wanted) return { carried, way }
  return null
}

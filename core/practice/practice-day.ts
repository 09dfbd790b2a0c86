import { demoWorld } from '../demo/world'
import type { SetUp } from '../match'
import { lakeDay } from './lake-day'
import { beginRun, type PracticeRun } from './run'
import type { LessonId } from './lessons'

/** The day the practice lake lies in; the same for all, so that friends compare. */
const DAY = '2026-06-12'
/** Waters of the demo that are practised on; the seed says which. */
const PLACES = ['vessamere-north', 'vessamere-south', 'quillskar'] as const

/** A day of practice by its seed: the same water, kit and fish on every phone. */
export function practiceRun(lessonId: LessonId, seed: number, sayRig: (setUp: SetUp) => string): PracticeRun {
  const { box, places, waters } = demoWorld(DAY)
  const placeId = PLACES[seed % PLACES.length]
  const place = places.find(({ id }) => id === placeId)
  const water = waters.find((w) => w.placeId === placeId)
  if (!place || !water) throw new Error(`${placeId} is not in the demo`)
  const day = lakeDay(water, place, box, sayRig)
  const ids = new Set(day.carried.map(({ lureId }) => lureId))
  return beginRun(
    day,
    box.lures.filter((l) => ids.has(l.id)),
    lessonId,
    seed,
  )
}

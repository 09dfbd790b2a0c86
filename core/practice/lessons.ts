import { COLOURS } from '../../data/colours'
import { LESSONS as TABLE } from '../../data/lessons'
import { itemAt } from '../list'
import { levelsOf, type Carried } from '../outing'
import { seededRandom } from '../random'
import { groupShares, type ColourGroup, type Colouring, type Lure } from '../tackle'
import type { LakeSet, Liked } from './lake'

export const LESSONS = TABLE
export type LessonId = (typeof LESSONS)[number]['id']
export const LESSON_IDS = LESSONS.map(({ id }) => id) as [LessonId, ...LessonId[]]

/** @throws Error on an id that is no lesson */
export function lessonOf(id: LessonId): (typeof LESSONS)[number] {
  const found = LESSONS.find((l) => l.id === id)
  if (!found) throw new Error(`${id} is no lesson`)
  return found
}

/** What is carried in a lesson, and how it looks. */
export interface Kit {
  readonly carried: readonly Carried[]
  readonly lures: readonly Lure[]
}

const stepsIn = (carried: readonly Carried[], v: Liked, depthM: number): number =>
  new Set(carried.flatMap((one) => one.ways.map((way) => levelsOf({ carried: one, way, spot: null }, { depthM })[v])))
    .size

/** A step of size, as the log tells sizes apart: a third longer. */
const LONGER = 4 / 3
const SIZES = [-1, 1, 2] as const
const MORE_COLOURS = 2

/** One lure in further sizes and colours; everything else of it stays as it is. */
function variantsOf(carried: Carried, lure: Lure): Kit {
  const own = carried.colour
  const groups = (['natural', 'hot', 'dark', 'silver', 'light'] as const satisfies readonly ColourGroup[])
    .filter((group) => group !== own)
    .slice(0, MORE_COLOURS)
  const made = [
    ...SIZES.map((by) => {
      const lengthM = carried.lengthM * LONGER ** by
      return { name: `${lure.name} · ${Math.round(lengthM * 1000)} mm`, lengthM, colour: own, paint: lure.colour }
    }),
    ...groups.map((colour) => ({
      name: `${lure.name} · ${colour}`,
      lengthM: carried.lengthM,
      colour,
      paint: paintOf(colour),
    })),
  ].map(({ paint, ...look }, i) => ({
    carried: { ...carried, ...look, id: `rig-${i + 2}`, lureId: `${lure.id}-${i + 2}` },
    lure: { ...lure, id: `${lure.id}-${i + 2}`, name: look.name, lengthM: look.lengthM, colour: paint },
  }))
  return { carried: [carried, ...made.map((m) => m.carried)], lures: [lure, ...made.map((m) => m.lure)] }
}
/** A plain paint of a group. */
function paintOf(group: ColourGroup): Colouring {
  const colour = COLOURS.find((c) => c.group === group)
  if (!colour) throw new Error(`no colour is ${group}`)
  const paint: Colouring = { back: colour.id, flank: colour.id, belly: colour.id, pattern: 'plain' }
  if (groupShares(paint)[group] < 1) throw new Error(`${colour.id} is not ${group}`)
  return paint
}

/** What of the match is carried in a lesson. */
export function kitOf(id: LessonId, { carried, lures }: Kit, depthM: number): Kit {
  const { kit } = lessonOf(id)
  const lureOf = (one: Carried) => lures.filter((l) => l.id === one.lureId)
  const only = (list: readonly Carried[]): Kit => ({ carried: list, lures: list.flatMap(lureOf) })
  const most = (v: Liked) => carried.reduce((a, b) => (stepsIn([b], v, depthM) > stepsIn([a], v, depthM) ? b : a))
  switch (kit) {
    case 'match':
      return { carried, lures }
    case 'two':
      return only(carried.slice(0, 2))
    case 'one':
      return only([most('cadence')])
    case 'variants': {
      const base = { ...most('depth'), id: 'rig-1' }
      return variantsOf(base, itemAt(lureOf(base), 0))
    }
  }
}

/** What a lesson does not leave to chance; nothing on a day that is fished freely. */
export function setOf(id: LessonId, carried: readonly Carried[], depthM: number, seed: number): LakeSet | undefined {
  const { muchOf, shifts, shiftOf } = lessonOf(id)
  if (muchOf === null || shifts === null) return undefined
  // Only what can be turned with what is carried can be what matters.
  const turnable = (muchOf as readonly Liked[]).filter((v) => stepsIn(carried, v, depthM) > 1)
  const much = turnable.length > 0 ? [seededRandom(seed + 77).pick(turnable)] : []
  return { much, firstIsWrong: true, shifts, shiftOf }
}

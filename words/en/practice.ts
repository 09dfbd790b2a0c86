import { LAKE } from '../../data/lake'
import type { Liked, LessonId, LessonResult } from '../../core/practice'
import { sizeOfStep } from '../../core/outing'
import { showMeasure, type UnitSystem } from '../../core/quantity'
import { STEP_WORDS, SOUND_WORDS } from './advice'
import { GROUP_WORDS } from './colours'
import { count, percent } from './grammar'

/** What the practice lake says: its lessons, what fish wanted, and what it assumes. */

interface LessonWords {
  readonly title: string
  /** What is to be learned. */
  readonly says: string
  /** What is to be done. */
  readonly task: string
}
const LESSONS: Readonly<Record<LessonId, LessonWords>> = {
  free: {
    title: 'A day on the lake',
    says: 'Four hours, eight lures, two stops. What fish want shifts a few times, and nobody tells you when.',
    task: 'Fish as you would. Read the answers: a peck, a slap and a follow mean different things.',
  },
  'one-thing': {
    title: 'Change one thing at a time',
    says: 'One lure in several sizes and colours. One thing matters, and it holds all day.',
    task: 'Find out what matters. Change one thing at a time, or you will not know what it was.',
  },
  size: {
    title: 'Size is forgotten',
    says: 'Colour is changed first and size last. Today it is size.',
    task: 'Try another size within half an hour, and find the one they want.',
  },
  'stay-or-move': {
    title: 'Stay or move',
    says: 'Two lures that hardly differ. There are fish at some spots and few at others, and twice they move.',
    task: 'Be where the fish are. Stay while they show themselves; move when they have gone.',
  },
  cadence: {
    title: 'Cadence by ear',
    says: 'Your friend at the other end of the boat catches on the same lure. You only hear his reel.',
    task: 'Listen to his beat, and work yours alike within a quarter of an hour.',
  },
}
export const lessonWords = (id: LessonId): LessonWords => LESSONS[id]

const RESULTS: Readonly<Record<Exclude<LessonId, 'free'>, (r: LessonResult) => string>> = {
  'one-thing': ({ figure, of, foundMin }) =>
    figure === null
      ? 'You changed nothing: then nothing can be learned.'
      : `${percent(figure)} of ${count(of, 'change')} turned one thing alone. ${foundMin === null ? 'What matters was not found.' : `What matters was right after ${foundMin} min.`}`,
  size: ({ figure, foundMin }) =>
    figure === null
      ? 'You fished one size all day.'
      : `Another size came into your hand after ${figure} min. ${foundMin === null ? 'The right one was not among them.' : `The right one was there after ${foundMin} min.`}`,
  'stay-or-move': ({ figure, of }) =>
    `${percent(figure ?? 0)} of your time was where there were fish, with ${count(of, 'change')}.`,
  cadence: ({ figure }) =>
    figure === null ? 'Your friend’s beat was not found.' : `You had your friend’s beat after ${figure} min.`,
}
export function sayLessonResult(id: LessonId, result: LessonResult): string {
  return id === 'free' ? '' : RESULTS[id](result)
}

/** One step of what fish want, as a person says it. */
export function sayWanted(v: Liked, step: string, system: UnitSystem): string {
  switch (v) {
    case 'size':
      return `about ${showMeasure(sizeOfStep(Number(step)), 'lureLength', system)}`
    case 'colour':
      return GROUP_WORDS[step as keyof typeof GROUP_WORDS] ?? step
    case 'sound':
      return SOUND_WORDS[step as keyof typeof SOUND_WORDS] ?? step
    default:
      return STEP_WORDS[v][Number(step)] ?? step
  }
}

/** What the lake takes for granted, in an angler’s words. */
export const LAKE_ASSUMES: readonly string[] = [
  `Fish come in schools of one to ${LAKE.mostInSchool}, about ${LAKE.schoolsPerH} schools an hour at a middling spot.`,
  `The best spot has up to ${LAKE.bestOverPoorest} times the schools of the poorest.`,
  `In ${percent(LAKE.fitRight)} of cases fish want what the match puts first, for depth, speed, cadence, size, colour, action and sound, each by itself; else anything you carry.`,
  `One to ${LAKE.mostMuch} of these matter much: what is far off takes at ${percent(LAKE.far.much[0])} to ${percent(LAKE.far.much[1])}. The rest matter little.`,
  `What they want shifts ${LAKE.shifts[0]} to ${LAKE.shifts[1]} times a day, and the schools of the best spot go to another.`,
  `One in ${Math.round(1 / LAKE.shows)} of those that do not take shows itself: a peck for size or sound, a slap for colour or action, a follow for speed, cadence or depth. One sign in ${Math.round(1 / (1 - LAKE.honestSign))} means nothing.`,
  `Fish get used to a lure: each take makes the next at that spot ${percent(1 - LAKE.usedToIt)} less likely, and half of that wears off in ${LAKE.usedHalfMin} min.`,
  `${percent(LAKE.lands)} of takes are landed. A fish costs ${LAKE.costMin.fish} min, another lure ${LAKE.costMin.rig}, another spot ${LAKE.costMin.spot}.`,
  'Real fish know none of this. What carries over is how to read answers and when to change.',
]

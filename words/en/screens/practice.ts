import type { Shown } from '../catalogue'
import { count } from '../grammar'

/** What the screens of the practice lake say, by component. */

/** app/pages/outing/practice.vue */
export const practicePage = {
  practiceYgrion: 'Practice lake – Ygrion',
  practiceLake: 'Practice lake',
  banner: (seed: Shown) => `Practice lake ${seed}: simulated, not logged`,
  opening: 'Opening the lake …',
  leave: 'Leave',
  notNow: (why: Shown) => `That did not work. ${why}`,
} as const

/** app/components/practice/PracticeStart.vue */
export const practiceStart = {
  readFish: 'Read the answers, decide, and see afterwards what the fish wanted and what your choices cost.',
  lesson: 'Lesson',
  hours: (h: Shown) => `${h} h of fishing, in a few minutes`,
  lakeNumber: 'Number of the lake',
  sameNumber: 'Friends who take the same number fish the same lake.',
  badNumber: 'A number from 1 to 999,999.',
  begin: 'Begin',
  filling: 'Filling the lake …',
  whatItAssumes: 'What this lake assumes',
} as const

/** app/components/practice/PracticeBar.vue */
export const practiceBar = {
  run: 'Let it run',
  halt: 'Stop',
  fiveMinutes: '5 min',
  nextAnswer: 'Next answer',
  left: (min: number) => `${min} min left`,
  said: (what: Shown, left: Shown) => `${what} · ${left}`,
} as const

/** app/components/practice/PracticeNext.vue */
export const practiceNext = {
  task: 'Your task',
  adviserSilent: 'The adviser is silent until you end the day.',
  lately: 'Lately',
  nothingYet: 'Nothing has shown itself yet.',
  ago: (min: number) => `${min} min ago`,
  now: 'just now',
} as const

/** app/components/practice/FriendsReel.vue */
export const friendsReel = {
  listen: 'Listen to his reel',
  quiet: 'Quiet',
  lamp: 'The lamp beats with it, for those who do not hear it.',
} as const

/** app/components/practice/PracticeDebrief.vue */
export const practiceDebrief = {
  workingOut: 'Working out what the others would have caught …',
  howItWent: 'How it went',
  passed: 'Learned',
  notYet: 'Not yet',
  you: 'You',
  yourChoices: 'Your choices, other luck',
  theAdviser: 'The adviser',
  firstAllDay: 'The first lure all day',
  allKnown: 'All known beforehand',
  takes: (n: Shown) => `${n} takes`,
  takesOf: (mean: Shown, low: Shown, high: Shown) => `${mean} takes (${low}–${high})`,
  luck: 'Twenty draws of the same day; in brackets nine in ten of them.',
  whatTheyWanted: 'What they wanted',
  from: (clock: Shown) => `From ${clock}`,
  muchWas: (what: Shown, step: Shown) => `${what}: ${step}`,
  nothingMuch: 'No lure mattered much; where you were did.',
  bestWas: (what: Shown) => `Best of what you carried: ${what}`,
  worthByTime: 'What it was worth, hour by hour',
  worthSays: (held: Shown, best: Shown) =>
    `Takes an hour of a fresh lure: yours ${held} on the average, the best at hand ${best}.`,
  yours: 'what you fished',
  best: 'the best you had',
  yourDecisions: 'Your decisions',
  time: 'Time',
  fished: 'Fished',
  worth: 'Worth, takes/h',
  better: 'Best then',
  cost: 'Cost, takes',
  adviserSaid: 'The adviser just then',
  adviserStay: 'stay',
  asAdvised: 'as you did',
  turned: (n: number) => `${count(n, 'thing')} changed`,
  fishAgain: 'Fish it again',
  anotherLake: 'Another lake',
  nothingFished: 'Nothing was fished on this day.',
  at: (stop: Shown, spot: Shown) => `stop ${stop}, ${spot}`,
  anHour: (n: Shown) => `${n} takes/h`,
} as const

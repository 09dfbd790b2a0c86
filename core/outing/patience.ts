import { GIVE_MIN, QUIET } from '../../data/advice'
import { answerOf } from './answer'
import { levelsOf } from './levels'
import { minutesBetween } from './outing'
import { bitesOf } from './stretches'
import type { Account, Stretch } from './account'

/** What the log says of time: how long something has been fished, when fish took last, and how long to give a thing. */

/** How long what is in the hand has been fished unchanged, min. */
export function minutesOn({ stretches, current }: Pick<Account, 'stretches' | 'current'>): number {
  let sum = 0
  for (const s of [...stretches].reverse()) {
    if (
      !current ||
      s.carried.id !== current.carried.id ||
      s.way.id !== current.way.id ||
      s.spot?.spotId !== current.spot?.spotId ||
      s.spot?.stop !== current.spot?.stop
    )
      break
    sum += s.minutes
  }
  return sum
}

interface Taken {
  readonly at: string
  readonly ateWinding: boolean
}
/** Takes of stretches, oldest first. */
export function takesOf(stretches: readonly Stretch[]): Taken[] {
  return stretches.flatMap((s) =>
    s.answers
      .filter((a) => answerOf(a.answer).bite)
      .map((a) => ({ at: a.at, ateWinding: a.answer === 'eaten-winding' || a.fish?.ate === 'winding' })),
  )
}

/** Takes at the spot in the hand that came close together and then ended: a school gone quiet. */
export function goneQuiet({ stretches, current }: Pick<Account, 'stretches' | 'current'>, now: string): boolean {
  const here = stretches.filter((s) => s.spot?.stop === current?.spot?.stop && s.spot?.spotId === current?.spot?.spotId)
  const takes = takesOf(here).filter((t) => minutesBetween(t.at, now) <= QUIET.withinMin)
  const last = takes[takes.length - 1]
  return takes.length >= QUIET.takes && last !== undefined && minutesBetween(last.at, now) >= QUIET.afterMin
}

/** Minutes of effort with one size of lure to the end, and the answers worth a take in them. */
export function sizeUnchangedMin({ stretches, current }: Pick<Account, 'stretches' | 'current'>): {
  minutes: number
  takes: number
} {
  if (!current) return { minutes: 0, takes: 0 }
  const size = levelsOf(current, current.water).size
  let minutes = 0
  let takes = 0
  for (const s of [...stretches].reverse()) {
    if (levelsOf(s, s.water).size !== size) break
    minutes += s.minutes
    takes += bitesOf(s)
  }
  return { minutes, takes }
}

/** For how long to give something of which so many answers a minute are hoped for: until one is more likely than not. */
export function giveFor(answersPerMin: number): number {
  return Math.round(Math.min(GIVE_MIN.most, Math.max(GIVE_MIN.least, Math.log(2) / answersPerMin)))
}

/** Minutes since the last take; endless before the first. */
export function minutesSinceTake(stretches: readonly Stretch[], now: string): number {
  const last = takesOf(stretches).at(-1)
  return last ? minutesBetween(last.at, now) : Number.POSITIVE_INFINITY
}

/** Effort since the last answer of any kind, or since the last change of rig or spot. */
export function dryMin(stretches: readonly Stretch[]): number {
  const last = stretches.at(-1)
  if (!last) return 0
  const answer = last.answers.at(-1)
  return answer ? minutesBetween(answer.at, last.to) : last.minutes
}

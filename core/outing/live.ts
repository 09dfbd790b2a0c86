import { isDrawn } from './levels'
import { answerOf } from './answer'
import type { Change } from './advice'
import type { Entry, NewEntry, Outing } from './outing'
import type { Fish } from './told'
import type { Account, Spot, Stretch } from './account'
import { spotsOf } from './spots'

/** What the page of an outing under way works out from its account. */

/** Fish landed, takes, casts and minutes fished so far. */
export function outingTally({ stretches }: Pick<Account, 'stretches'>) {
  const answers = stretches.flatMap((s) => s.answers)
  return {
    landed: answers.filter((a) => a.answer === 'landed').length,
    takes: answers.filter((a) => answerOf(a.answer).bite).length,
    casts: stretches.reduce((sum, s) => sum + s.casts.length, 0),
    minutes: stretches.reduce((sum, s) => sum + s.minutes, 0),
  }
}

/** Moment of the last take; null before the first. */
export function lastTakeAt({ entries }: Pick<Outing, 'entries'>): string | null {
  return entries.findLast((e) => e.kind === 'answer' && answerOf(e.answer).bite)?.at ?? null
}

/** The stretches at the spot under way: casts elsewhere say nothing about what is covered here. */
export function stretchesHere({ stretches, spot }: Pick<Account, 'stretches' | 'spot'>): Stretch[] {
  return stretches.filter((s) => s.spot?.stop === spot?.stop && s.spot?.spotId === spot?.spotId)
}

/** Takes at each spot of a stop's piece of cover. */
export function takesBySpot(
  { stretches }: Pick<Account, 'stretches'>,
  stop: number,
  featureId: string,
): Readonly<Record<string, number>> {
  const takes: Record<string, number> = {}
  for (const { spot, answers } of stretches) {
    if (spot?.stop !== stop || spot.featureId !== featureId) continue
    takes[spot.spotId] = (takes[spot.spotId] ?? 0) + answers.filter((a) => answerOf(a.answer).bite).length
  }
  return takes
}

/** The first spot of the next stop, of the same piece of cover; null where none is drawn. */
export function nextStop({ entries }: Pick<Outing, 'entries'>, featureId: string): Spot | null {
  const last = Math.max(0, ...entries.map((e) => (e.kind === 'spot' ? e.stop : 0)))
  return spotsOf(last + 1, featureId)[0] ?? null
}

const sameSpot = (a: Spot, b: Spot | null) => a.stop === b?.stop && a.spotId === b.spotId && a.featureId === b.featureId

/** What following advice logs: the advice itself, and the spot or the rig that it sends to; a direction is where casts go from then on. */
export function followAdvice({ to, variable, giveMin, does }: Change, says: string, from: Spot | null): NewEntry[] {
  const aim = typeof to.aim === 'number' ? { aim: to.aim } : {}
  const advice: NewEntry = { kind: 'advice', variable, says, giveMin, taken: true, ...aim }
  if (to.spot && !sameSpot(to.spot, from)) return [advice, { kind: 'spot', ...to.spot }]
  if (variable === 'direction' || does.code === 'on-follower') return [advice]
  if (variable === 'speed' && isDrawn(to.way)) return [advice, { kind: 'boat', speedMps: to.way.paceMps }]
  return [advice, { kind: 'rig', carriedId: to.carried.id, wayId: to.way.id }]
}

/** What refusing advice logs. */
export const refuseAdvice = ({ variable, giveMin }: Change, says: string): NewEntry => ({
  kind: 'advice',
  variable,
  says,
  giveMin,
  taken: false,
})

/** A fish just landed, of which nothing is noted yet: let go unless it is said otherwise. */
export const newFish = (speciesId: string): Fish => ({
  speciesId,
  lengthM: null,
  massKg: null,
  hooked: null,
  ate: null,
  released: true,
})

/** An entry of one id, if it is an answer of the fish. */
export function answerEntry({ entries }: Pick<Outing, 'entries'>, id: string | null) {
  const found: Entry | undefined = entries.find((e) => e.id === id)
  return found?.kind === 'answer' ? found : undefined
}

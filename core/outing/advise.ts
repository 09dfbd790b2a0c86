import { GIVE_MIN, LEARNING, STAY_MIN } from '../../data/advice'
import { rateQuantile } from '../rate'
import type { Advice, AdviceInput, Stay } from './advice'
import { doesOf, whyOf } from './advice-says'
import { expectedYield } from './belief'
import { changesFor } from './changes'
import { dryMin, giveFor, minutesOn, minutesSinceTake } from './patience'

const GRASSY: ReadonlySet<string> = new Set(['grass', 'pads', 'reeds'])
/** What promises so many times what is in the hand need not wait for its whole time. */
const HURRY = { ratio: 1.6 } as const

/** After so long without any answer patience wanes, by half in so long, min. */
const DRY = { fromMin: 15, halfMin: 40 } as const

const early = (forMin: number): Stay => ({
  kind: 'stay',
  says: { code: 'too-early', forMin: Math.ceil(forMin) },
  facts: [],
  forMin: Math.ceil(forMin),
})

/** What to do next: stay, or change one thing. Null before anything is fished. */
export function advise(input: AdviceInput): Advice | null {
  const { account, schooling, now } = input
  const { current, stretches } = account
  if (!current) return null
  const on = minutesOn(account)
  if (on < GIVE_MIN.least) return early(GIVE_MIN.least - on)
  const { weighed: all, belief, trials, from } = changesFor(input)
  const sinceTake = minutesSinceTake(stretches, now)
  const stay = schooling || GRASSY.has(account.water.cover.kind) ? STAY_MIN.school : STAY_MIN.other
  // After a take the place is not left; another lure may well be thrown there.
  const stays = sinceTake < stay
  const [best] = stays ? all.filter((w) => w.variable !== 'place') : all
  if (stays && (!best || best.ratio < LEARNING.worthIt))
    return {
      kind: 'stay',
      says: { code: 'just-taken', sinceMin: Math.round(sinceTake) },
      facts: [25],
      forMin: Math.ceil(stay - sinceTake),
    }
  const give = giveFor(belief.showingsPerMin * expectedYield(belief, from, current.way.points, null))
  if (on < give && !(best && best.ratio > HURRY.ratio)) return early(give - on)
  // The longer nothing at all happens, the less a change need promise: fish that show nothing teach nothing.
  const bar = LEARNING.worthIt * 0.5 ** (Math.max(0, dryMin(stretches) - DRY.fromMin) / DRY.halfMin)
  if (!best || best.ratio < bar)
    return {
      kind: 'stay',
      says: { code: 'keep-on' },
      facts: [],
      forMin: GIVE_MIN.least,
    }
  const hoped = expectedYield(belief, best.levels, best.to.way.points, null)
  const factor = belief.factor(best.variable, best.levels[best.variable])
  const plain = best.ratio / belief.hope(best.variable, best.levels[best.variable])
  return {
    kind: 'change',
    variable: best.variable,
    to: best.to,
    also: best.also,
    does: doesOf(best, from, account),
    ...whyOf(best, from, trials, input),
    giveMin: giveFor(belief.showingsPerMin * hoped),
    gain: {
      median: plain * rateQuantile(0.5, factor),
      low: plain * rateQuantile(0.05, factor),
      high: plain * rateQuantile(0.95, factor),
    },
  }
}

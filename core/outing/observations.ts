import type { AnswerId } from './answer'
import type { Observation } from './belief'
import { levelsOf } from './levels'
import { beginShowings } from './showings'
import type { Stretch } from './account'

/** Stretches as trials; where casts say which way they went, each way is a trial of its own. */
export function observationsOf(stretches: readonly Stretch[], now: string): Observation[] {
  return stretches.flatMap((s): Observation[] => {
    const middle = (Date.parse(s.from) + Date.parse(s.to)) / 2
    const agoMin = Math.max(0, (Date.parse(now) - middle) / 60_000)
    const base = { fit: s.way.points, agoMin }
    const aimed = s.casts.filter((c) => c.aim !== null)
    const aims = [...new Set([...aimed.map((c) => c.aim), ...s.answers.map((a) => a.aim)])].filter((a) => a !== null)
    const of = (aim: number | null, share: number): Observation => ({
      ...base,
      levels: levelsOf({ ...s, aim }, s.water),
      minutes: s.minutes * share,
      ...shownIn(
        s.answers.filter((a) => aim === null || a.aim === aim),
        s.way.restS > 0,
      ),
    })
    if (aims.length === 0 || aimed.length < s.casts.length) return [of(null, 1)]
    return aims.map((aim) => of(aim, aimed.filter((c) => c.aim === aim).length / Math.max(1, aimed.length)))
  })
}

function shownIn(answers: Stretch['answers'], paused: boolean): Pick<Observation, 'answers' | 'signs' | 'showings'> {
  return {
    answers: answers.map((a) => a.answer),
    signs: answers.flatMap((a) => signsOf(a, paused)),
    showings: beginShowings(answers.map(({ at }) => at)).filter(Boolean).length,
  }
}

/** A fish landed tells how it took, where there was a pause to take on; hooked outside the mouth, it slapped at the wrong one (fact 22). */
function signsOf({ answer, fish }: Stretch['answers'][number], paused: boolean): AnswerId[] {
  return [
    answer,
    ...(fish?.ate && paused ? [`eaten-${fish.ate}` as const] : []),
    ...(fish?.hooked === 'outside' ? (['slap'] as const) : []),
  ]
}

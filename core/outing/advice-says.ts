import { LEARNING, SIZE_FORGOTTEN_MIN } from '../../data/advice'
import type { AdviceInput, AdviceSays, Change } from './advice'
import { ANSWERS, type Answer } from './answer'
import type { Observation } from './belief'
import type { PossibleChange } from './changes'
import { companionsOn } from './companions'
import { isDrawn, type Levels } from './levels'
import { goneQuiet, sizeUnchangedMin } from './patience'
import type { Account } from './account'
import type { Variable } from './variables'

/** What a change is, to be said. */
export function doesOf({ variable, to, levels }: PossibleChange, from: Levels, { water, spot }: Account): AdviceSays {
  const { name: rig, lengthM, fallMps, colour, sound } = to.carried
  const way = to.way.name
  switch (variable) {
    case 'place':
      return { code: 'move', spot: to.spot, stop: to.spot && spot && to.spot.stop !== spot.stop ? to.spot.stop : null }
    case 'depth':
      return { code: 'depth', step: Number(levels.depth), depthM: to.way.depthM, waterM: water.depthM }
    case 'speed':
      if (isDrawn(to.way))
        return { code: 'boat-speed', faster: Number(levels.speed) > Number(from.speed), mps: to.way.paceMps }
      return { code: 'speed', step: Number(levels.speed), way }
    case 'cadence':
      return { code: variable, step: Number(levels[variable]), way }
    case 'size':
      return { code: 'size', smaller: Number(levels.size) < Number(from.size), rig, lengthM }
    case 'fall':
      return { code: 'fall', slower: Number(levels.fall) < Number(from.fall), rig, fallMps }
    case 'colour':
      return { code: 'colour', to: colour, rig }
    case 'action':
      return { code: 'action', step: Number(levels.action), rig }
    case 'sound':
      return { code: 'sound', to: sound, rig }
    case 'direction':
      return { code: 'direction', aim: to.aim ?? 0 }
    case 'family':
      return { code: 'family', rig }
  }
}

const MINUTES_WORTH_SAYING = 5

/** Whether an answer that was given on the step left speaks for the step gone to. */
function speaksOf(answer: Answer, v: Variable, levels: Levels, from: Levels, trials: readonly Observation[]): boolean {
  const way = answer.tells?.toward[v]
  if (!way || way === 'stay') return false
  const by = Number(levels[v]) - Number(from[v])
  if (way !== 'other' && (way === 'down') !== by < 0) return false
  return trials.some((t) => t.agoMin < LEARNING.halfLifeMin && t.levels[v] === from[v] && t.signs.includes(answer.id))
}

/** Why it is advised, with the facts of the trade by number. */
export function whyOf(
  { variable, to, levels, also }: PossibleChange,
  from: Levels,
  trials: readonly Observation[],
  { account, now }: AdviceInput,
): Pick<Change, 'why' | 'facts'> {
  const spoken = ANSWERS.find((a) => [variable, ...also].some((v) => speaksOf(a, v, levels, from, trials)))
  if (spoken) return { why: { code: 'sign', answer: spoken.id }, facts: spoken.tells?.facts ?? [] }
  const fish = companionsOn(to.carried, account, now).length
  if (fish > 0) return { why: { code: 'companions', fish }, facts: [89] }
  const forgotten = sizeUnchangedMin(account)
  if (variable === 'size' && forgotten.minutes >= SIZE_FORGOTTEN_MIN)
    return {
      why: { code: 'size-forgotten', hours: Math.round(forgotten.minutes / 60) },
      facts: [39],
    }
  if (goneQuiet(account, now) && (variable === 'action' || variable === 'speed'))
    return {
      why: { code: 'gone-quiet' },
      facts: [22, 24],
    }
  const before = trials.filter((t) => t.levels[variable] === levels[variable])
  const minutes = before.reduce((sum, t) => sum + t.minutes, 0)
  const answers = before.reduce((sum, t) => sum + t.answers.length, 0)
  if (minutes < MINUTES_WORTH_SAYING) return { why: { code: 'untried' }, facts: [39] }
  return { why: { code: 'tried', answers, minutes: Math.round(minutes) }, facts: [] }
}

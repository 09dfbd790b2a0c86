import type { AdviceSays } from '../../core/outing'
import { showMeasure, type UnitSystem } from '../../core/quantity'
import { answerWords } from './answers'
import { read, type Catalogue } from './catalogue'
import { GROUP_WORDS } from './colours'
import { count, lower, percent, plural } from './grammar'
import { spotWords } from './spots'

/** What the adviser on the water says: staying, changing one thing, and why. */

export const STEP_WORDS = {
  depth: ['near the surface', 'at half depth', 'near the bottom'],
  speed: ['slowly', 'at a medium pace', 'fast'],
  cadence: ['without a stop', 'with short stops', 'with stops of some seconds', 'with long pauses'],
  action: ['a quiet action', 'a medium action', 'a hard thump'],
} as const
export const SOUND_WORDS = { silent: 'a silent one', knock: 'one knock', rattles: 'rattles' } as const
const AIMS = ['hard left', 'to the left', 'straight ahead', 'to the right', 'hard right'] as const

/** What is changed, as a heading. */
export const VARIABLE_WORDS = {
  place: 'Spot',
  depth: 'Depth',
  speed: 'Speed',
  cadence: 'Cadence',
  size: 'Size',
  fall: 'Fall',
  colour: 'Colour',
  action: 'Action',
  sound: 'Sound',
  direction: 'Direction',
  family: 'Kind of lure',
} as const

const FOLLOWER_WORDS = {
  nothing: 'hold the pace',
  stop: 'stop it dead',
  faster: 'speed up',
  drop: 'let it drop on it',
} as const

const ADVICE: Catalogue<AdviceSays, [system: UnitSystem]> = {
  'too-early': ({ forMin }) => `Give it ${forMin} more min: too early to tell.`,
  'just-taken': ({ sinceMin }) => `A fish took here ${sinceMin} min ago: stay, and work the spot from other sides.`,
  'keep-on': () => 'Nothing you carry looks better right now: keep fishing it.',
  refused: () => 'Staying with this. Next suggestion in a few minutes.',
  move: ({ spot, stop }) => (spot ? `Move to ${spotWords(spot)}${stop === null ? '' : ` at stop ${stop}`}` : 'Move on'),
  depth: ({ step, depthM, waterM }, system) =>
    `Fish it ${STEP_WORDS.depth[step] ?? ''}, about ${showMeasure(depthM, 'depth', system)} deep (water ${showMeasure(waterM, 'depth', system)})`,
  speed: ({ step, way }) => `Work it ${STEP_WORDS.speed[step] ?? ''}: ${lower(way)}`,
  'boat-speed': ({ faster, mps }, system) =>
    `Troll ${faster ? 'faster' : 'slower'}: ${showMeasure(mps, 'boatSpeed', system)}`,
  cadence: ({ step, way }) => `Work it ${STEP_WORDS.cadence[step] ?? ''}: ${lower(way)}`,
  size: ({ smaller, rig, lengthM }, system) =>
    `Go ${smaller ? 'smaller' : 'bigger'}: ${rig}, ${showMeasure(lengthM, 'lureLength', system)}`,
  fall: ({ slower, rig, fallMps }, system) =>
    `Let it fall ${slower ? 'slower' : 'faster'}: ${rig}, ${showMeasure(fallMps, 'lureSpeed', system)}`,
  'on-follower': ({ tried, odds }) =>
    `When the next one follows, ${FOLLOWER_WORDS[tried]}: about ${percent(odds.median)} of those take then (${percent(odds.low)} to ${percent(odds.high)})`,
  followers: ({ fish }) => `${count(fish, 'fish', 'fish')} followed and did not eat.`,
  companions: ({ fish }) =>
    fish === 1
      ? 'Somebody beside you has a fish on something like it.'
      : `${fish} fish beside you took something like it.`,
  colour: ({ to, rig }) => `Change the colour to ${GROUP_WORDS[to]}: ${rig}`,
  action: ({ step, rig }) => `Try ${STEP_WORDS.action[step] ?? ''}: ${rig}`,
  sound: ({ to, rig }) => `Try ${SOUND_WORDS[to]}: ${rig}`,
  direction: ({ aim }) => `Cast ${AIMS[aim + 2] ?? ''}`,
  family: ({ rig }) => `Another kind of lure: ${rig}`,
  sign: ({ answer }) => answerWords(answer).tells ?? '',
  'size-forgotten': ({ hours }) =>
    `Same size for ${hours} ${plural(hours, 'hour')}: it is the change most often forgotten.`,
  'gone-quiet': () => 'They have gone quiet: they have got used to this. Change the action, or go slower.',
  untried: () => 'Not tried today, and this has had its time.',
  tried: ({ answers, minutes }) =>
    `It brought ${answers === 0 ? 'nothing' : `${answers} ${plural(answers, 'answer')}`} in ${minutes} min today; what you fish now has done worse per hour.`,
}

export const sayAdvice = (says: AdviceSays, system: UnitSystem): string => read(ADVICE, says, system)

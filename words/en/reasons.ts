import { sayPatience, sayRest, sayTempo } from './tempo'
import { sayBoatPace, sayBrought } from './deliveries'
import { axisOf, type Improvement, type Mend, type Ranked, type ScoreTerm, type SetUp } from '../../core/match'
import { showMeasure, type UnitSystem } from '../../core/quantity'
import { describeColouring, familyOf, isWound, type Lure } from '../../core/tackle'
import { GROUP_WORDS } from './colours'
import { capital, lower, percent, withArticles } from './grammar'
import { RULE_SENTENCES } from './rule-sentences'
import { sayTest } from './rules'

/** The score of a set-up, line by line, as an angler would say it. Figures are SI until they come here. */

const STRENGTH = ['none', 'little', 'medium', 'strong', 'very strong'] as const
const strength = (value: number): string => STRENGTH[Math.min(4, Math.max(0, Math.floor(value * 5)))] ?? 'medium'

/** “thump: medium; strong wanted here”. */
function compared(name: string, { offer, want }: ScoreTerm): string {
  const [has, wants] = [strength(offer ?? 0), strength(want ?? 0)]
  return has === wants ? `${name}: ${has}, as wanted here` : `${name}: ${has}; ${wants} wanted here`
}

const MOBILITY = [
  { over: 0.7, says: 'it covers water' },
  { over: 0.4, says: 'it covers water with stops' },
  { over: -Infinity, says: 'it stays in front of them' },
] as const

/** What a line of a score is about, as a heading. */
export function sayLine(p: Pick<ScoreTerm, 'axis' | 'causes'>): string {
  if (p.axis === 'practice') return 'Recommended here'
  return p.axis === 'warning' ? sayCause(p) : axisOf(p.axis).name
}

/** What this set-up gives on the axis of a line of its score. */
export function sayGiven(
  p: ScoreTerm,
  { setUp, thrown }: Pick<Ranked, 'setUp' | 'thrown'>,
  system: UnitSystem,
): string {
  const { build, outfit, leader } = setUp
  const offer = p.offer ?? 0
  const want = p.want ?? 0
  const length = (m: number) => showMeasure(m, 'lureLength', system)
  const speed = (v: number) => showMeasure(v, 'lureSpeed', system)
  switch (p.axis) {
    case 'zone':
      return `${percent(thrown.share.inZone)} of what is fished runs in the zone; within reach of fish ${percent(offer)} of all the time`
    case 'tempo':
      return `worked ${sayTempo(offer)}; ${sayTempo(want)} wanted`
    case 'patience':
      return `rests of ${sayRest(setUp.handling.restS)}: ${sayPatience(offer)}; ${sayPatience(want)} wanted`
    case 'pace':
      return `${setUp.handling.restS > 0 ? 'moved, rests and all, like a wind of' : 'wound at'} ${speed(offer)}; about ${speed(want)} wanted`
    case 'passing':
      return MOBILITY.find((m) => offer > m.over)?.says ?? ''
    case 'fall':
      return `falls at ${speed(offer)}; about ${speed(want)} wanted`
    case 'bottom':
      return `on the bottom ${percent(offer)} of the time`
    case 'touch':
      return `touches the top of the cover ${percent(offer)} of the time`
    case 'reach':
      return `casts about ${showMeasure(offer, 'distance', system)}`
    case 'length':
      return `${length(offer)} long; about ${length(want)} wanted`
    case 'presence':
      return compared('bulk', p)
    case 'amplitude':
      return compared('swing', p)
    case 'vibration':
      return compared('vibration', p)
    case 'flash':
      return compared('flash', p)
    case 'sound':
      return build.lure.sound === 'silent' ? 'silent' : build.lure.sound === 'knock' ? 'one knock' : 'rattles'
    case 'contrast':
      return `${offer < 0.12 ? 'barely visible' : offer < 0.3 ? 'visible' : 'easy to see'} at that depth`
    case 'record':
      return sayTimes(offer / Math.max(0.01, 1 - offer))
    case 'colour':
      return describeColouring(build.lure.colour)
    case 'snag':
      return thrown.risk < 0.05 ? 'comes through clean' : `hangs up or fouls on about ${percent(thrown.risk)} of casts`
    case 'tackle':
      return `${outfit.rod.name} with ${outfit.line.name}`
    case 'stealth':
      return leader ? `${leader.name} next to the lure` : `${outfit.line.name} straight to the lure`
    case 'practice':
      return sayPractice(p, system)
    case 'warning':
      return sayWarning(p, system)
  }
}

/** How a lure’s own record stands to the average. */
function sayTimes(ratio: number): string {
  if (ratio > 0.9 && ratio < 1.12) return 'about your average here'
  return `${ratio > 1 ? ratio.toFixed(1) : ratio.toFixed(2)} × your average here`
}

/** Chance from which practice speaks for a set-up with some force. */
const SPOKEN_FOR = 0.7

function sayPractice({ habit, chance }: ScoreTerm, system: UnitSystem): string {
  if (!habit) return 'nothing speaks for it here, and nothing against it'
  const what = sayTest(habit.test, system)
  return chance < SPOKEN_FOR ? `little speaks for it here, but this: ${what}` : `recommended here: ${what}`
}

function sayWarning({ habit }: ScoreTerm, system: UnitSystem): string {
  if (!habit) return ''
  const what = sayTest(habit.test, system)
  return habit.unless ? `${what}, but not ${sayTest(habit.unless, system)}` : `not recommended here: ${what}`
}

/** What a rule says: its sentence, or the angler’s own. */
export function sayContribution({ ruleId, own, minutes }: ScoreTerm['causes'][number]): string {
  if (own !== undefined) return own
  if (minutes !== undefined) return `Your own log: ${(minutes / 60).toFixed(1)} hours in water like this.`
  return RULE_SENTENCES[ruleId] ?? ''
}

/** The rule that asks loudest on the axis of a line; empty where none does. */
export function sayCause({ causes: [first] }: Pick<ScoreTerm, 'causes'>): string {
  return first ? sayContribution(first) : ''
}

/** The one change that would gain most. */
export function sayLift({ change, points }: Improvement, system: UnitSystem): string {
  const gain = `would add ${points.toFixed(1)} points`
  switch (change.kind) {
    case 'length':
      return `The same in ${showMeasure(change.toM, 'lureLength', system)} ${gain}.`
    case 'colour':
      return `The same in ${GROUP_WORDS[change.to]} ${gain}.`
    case 'sound':
      return `A ${change.to === 'silent' ? 'silent' : 'rattling'} one ${gain}.`
    case 'mass':
      return `${showMeasure(change.toKg, 'lureMass', system)} of weight instead ${gain}.`
    case 'running-depth':
      return `One that runs to ${showMeasure(change.toM, 'depth', system)} on its label ${gain}.`
    case 'line':
      return `Line of ${showMeasure(change.toM, 'lineDiameter', system)} ${gain}.`
    case 'cast':
      return `Casting to ${showMeasure(change.toM, 'distance', system)} ${gain}.`
  }
}

/** A lure that the box lacks: “a jerkbait of 11 cm and 13 g, silver, with rattles”. */
export function sayLacking(lure: Lure, system: UnitSystem): string {
  const sound = { silent: '', knock: ', with one knock', rattles: ', with rattles' }[lure.sound]
  const [length, mass] = [showMeasure(lure.lengthM, 'lureLength', system), showMeasure(lure.massKg, 'lureMass', system)]
  const kind = familyOf(lure.family).name.toLowerCase()
  return `${withArticles(`a ${kind} of ${length} and ${mass}, ${describeColouring(lure.colour)}`)}${sound}`
}

/** The one thing that would mend a poor day most. */
export function sayMend(mend: Mend, system: UnitSystem): string {
  if (mend.kind === 'change') return sayLift(mend.change, system)
  return `${capital(sayLacking(mend.buy.lure, system))}, would add ${mend.buy.gain.toFixed(1)} points.`
}

export function sayMount({ build }: Pick<SetUp, 'build'>): string | null {
  const { mount } = build
  switch (mount.kind) {
    case 'own':
      return null
    case 'head':
      return mount.head.name
    case 'texas':
      return mount.sinker ? `${mount.hook.name}, ${mount.sinker.name.toLowerCase()}` : `${mount.hook.name}, no weight`
    case 'drop-shot':
      return `${mount.hook.name} over ${mount.sinker.name.toLowerCase()}`
    default:
      return mount.hook.name
  }
}

/** Everything between hand and hook with what it is, hook end first; what is not there is left out. */
export function labelledRig(setUp: SetUp): { label: string; name: string }[] {
  const { build, leader, outfit } = setUp
  const mount = sayMount(setUp)
  return [
    ...(mount ? [{ label: 'on', name: mount }] : []),
    ...(build.trailer ? [{ label: 'trailer', name: build.trailer.name }] : []),
    ...(build.clip ? [{ label: 'before it', name: build.clip.name }] : []),
    ...(build.anchor ? [{ label: 'dropper', name: build.anchor.name }] : []),
    ...(leader ? [{ label: 'leader', name: leader.name }] : []),
    { label: 'line', name: outfit.line.name },
    { label: 'reel', name: outfit.reel.name },
    { label: 'rod', name: outfit.rod.name },
  ]
}

/** Everything between hand and hook in one line, hook end first. */
export function sayRig(setUp: SetUp): string {
  const { build, leader, outfit } = setUp
  return [
    sayMount(setUp),
    build.trailer && `${build.trailer.name.toLowerCase()} as trailer`,
    build.clip && `${build.clip.name.toLowerCase()} clipped on`,
    build.anchor && `${build.anchor.name.toLowerCase()} on a dropper`,
    leader?.name ?? 'no leader',
    outfit.line.name,
    outfit.reel.name,
    outfit.rod.name,
  ]
    .filter(Boolean)
    .join(' · ')
}

/** How to fish it, in the order of the hand. */
export function sayHandling({ setUp, thrown }: Pick<Ranked, 'setUp' | 'thrown'>, system: UnitSystem): string {
  const { handling, outfit } = setUp
  const { technique, countDownS, paceMps, restS, rodTipM } = handling
  const start = sayBrought({ setUp, thrown }, system)
  const counted = countDownS > 0 && technique.delivery === 'cast' ? `, count to ${countDownS}` : ''
  const turns = !isWound(technique)
    ? sayBoatPace(technique, paceMps, system)
    : ` at ${(paceMps / outfit.reel.linePerTurnM).toFixed(1)} handle turns a second`
  const pause = restS >= 1 ? `, resting ${sayRest(restS)}` : ''
  const tip =
    technique.delivery !== 'cast' ? '' : rodTipM >= 1.8 ? ', rod up' : rodTipM <= 0.4 ? ', rod tip at the water' : ''
  const dropper =
    thrown.dropperM === null
      ? ''
      : setUp.build.anchor
        ? ` ${setUp.build.anchor.name} on a dropper of ${showMeasure(thrown.dropperM, 'depth', system)}, weaker than the line.`
        : ` Tie the hook ${showMeasure(thrown.dropperM, 'lureLength', system)} above the sinker.`
  return `${start}${counted}; ${lower(technique.name)}${turns}${pause}${tip}.${dropper}`
}

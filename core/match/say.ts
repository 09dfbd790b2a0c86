import { showMeasure, type UnitSystem } from '../quantity'
import { describeColouring, type ColourGroup } from '../tackle'
import type { Improvement } from './lift'
import type { Ranked } from './score-breakdown'
import { sayTest } from './say-rule'
import type { ScoreTerm } from './score'
import type { SetUp } from './setup'

/** Turns the account of a set-up into what an angler would say. The figures are SI until they come here. */

const STRENGTH = ['hardly any', 'little', 'some', 'a good deal of', 'a great deal of'] as const

function strength(value: number): string {
  return STRENGTH[Math.min(4, Math.max(0, Math.floor(value * 5)))] ?? STRENGTH[2]
}

const percent = (share: number) => `${Math.round(share * 100)}\u202f%`

function compared(name: string, p: ScoreTerm): string {
  return `${strength(p.offer ?? 0)} ${name}, asked for ${strength(p.want ?? 0).replace(/ of$/, '')}`
}

/** What this set-up gives on the axis of a part. */
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
      return `${percent(thrown.share.inZone)} of the cast runs in the zone, ${percent(offer)} within reach of it`
    case 'dwell':
      return offer === 0
        ? `it never stops, asked for about ${Math.round(want)} s`
        : `pauses of ${offer} s, asked for about ${Math.round(want)} s`
    case 'speed':
      return `pulled at ${speed(offer)}, asked for about ${speed(want)}`
    case 'passing':
      return offer > 0.7 ? 'it goes past them' : offer > 0.4 ? 'it goes past with stops' : 'it stays with them'
    case 'fall':
      return p.offer === null ? 'it does not sink' : `falls at ${speed(offer)}, asked for about ${speed(want)}`
    case 'bottom':
      return `on the bottom ${percent(offer)} of the time`
    case 'touch':
      return `brushes the top of the cover ${percent(offer)} of the time`
    case 'reach':
      return `flies about ${showMeasure(offer, 'distance', system)}`
    case 'length':
      return `${length(offer)} long, asked for about ${length(want)}`
    case 'presence':
      return compared('bulk', p)
    case 'amplitude':
      return compared('swing', p)
    case 'vibration':
      return compared('thump', p)
    case 'flash':
      return compared('flash', p)
    case 'sound':
      return build.lure.sound === 'silent' ? 'silent' : build.lure.sound === 'knock' ? 'one knock' : 'rattles'
    case 'contrast':
      return `${offer < 0.12 ? 'hardly stands out' : offer < 0.3 ? 'stands out a little' : 'stands out well'} at that depth`
    case 'record':
      return sayTimes(offer / Math.max(0.01, 1 - offer))
    case 'colour':
      return describeColouring(build.lure.colour)
    case 'snag':
      return thrown.risk < 0.05 ? 'comes through clean' : `hangs or fouls on about ${percent(thrown.risk)} of casts`
    case 'tackle':
      return `${outfit.rod.name} with ${outfit.line.name}`
    case 'stealth':
      return leader ? `${leader.name} next to the lure` : `${outfit.line.name} straight to the lure`
    case 'habit':
      return sayHabit(p, system)
  }
}

/** How the own record of a lure stands to what is usual. */
function sayTimes(ratio: number): string {
  if (ratio > 0.9 && ratio < 1.12) return 'about what you usually have here'
  return `${ratio > 1 ? ratio.toFixed(1) : ratio.toFixed(2)} times what you usually have here`
}

function sayHabit({ habit, agreement }: ScoreTerm, system: UnitSystem): string {
  if (!habit) return ''
  const { kind, test, unless } = habit
  const what = sayTest(test, system)
  if (unless)
    return agreement === 1
      ? `as it should be: ${sayTest(unless, system)}, if ${what}`
      : `${what}, but not ${sayTest(unless, system)}`
  if (kind === 'favour') return agreement === 1 ? `just this: ${what}` : `not this: ${what}`
  return agreement === 1 ? `without what is left off here: ${what}` : `has what is left off here: ${what}`
}

export function sayCause(p: ScoreTerm): string {
  return p.causes[0]?.sentence ?? ''
}

const GROUP_WORDS: Record<ColourGroup, string> = {
  natural: 'a natural shade',
  light: 'white or pearl',
  silver: 'silver',
  gold: 'gold or copper',
  hot: 'a hot colour',
  painted: 'a painted one',
  dark: 'black or purple',
}

/** The one change that would lift it most. */
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

/** Everything between hand and hook in one line, hook end first. */
export function sayRig(setUp: SetUp): string {
  const { build, leader, outfit } = setUp
  return [
    sayMount(setUp),
    build.trailer && `${build.trailer.name.toLowerCase()} as trailer`,
    leader?.name ?? 'tied direct',
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
  const { retrieve, countDownS, retrieveSpeedMps, rodTipM } = handling
  const start =
    retrieve.delivery === 'vertical'
      ? 'Drop it under the rod'
      : `${retrieve.delivery === 'pitch' ? 'Pitch' : 'Cast'} ${showMeasure(thrown.plan.castM, 'distance', system)}`
  const count = countDownS > 0 && retrieve.delivery === 'cast' ? `, count to ${countDownS}` : ''
  const turns =
    retrieve.window === undefined
      ? ''
      : ` at ${(retrieveSpeedMps / outfit.reel.linePerTurnM).toFixed(1)} handle turns a second`
  const rest = retrieve.pauseS >= 2 ? `, pausing ${retrieve.pauseS} s` : ''
  const tip =
    retrieve.delivery !== 'cast' ? '' : rodTipM >= 1.8 ? ', rod up' : rodTipM <= 0.4 ? ', rod tip at the water' : ''
  return `${start}${count}; ${retrieve.name.charAt(0).toLowerCase()}${retrieve.name.slice(1)}${turns}${rest}${tip}.`
}

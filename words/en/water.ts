import type {
  Bottom,
  CastDirection,
  CastInWind,
  Conditions,
  Place,
  Reading,
  Sign,
  Sky,
  Tide,
  WaterKind,
} from '../../core/water'
import type { Band } from '../../core/bench'
import type { Path } from '../../core/motion'
import { showMeasure, showRange, type UnitSystem } from '../../core/quantity'
import { count, percent } from './grammar'
import { HOLDING_SENTENCES } from './holding'

/** Why fish are taken to hold where they do. */
export const sayHolding = (holdingId: string): string =>
  (HOLDING_SENTENCES as Readonly<Record<string, string>>)[holdingId] ?? ''

const SKIES: Readonly<Record<Sky, string>> = { sun: 'sun', broken: 'broken cloud', cloud: 'cloud', rain: 'rain' }
export const saySky = (sky: Sky): string => SKIES[sky]

const TIDES: Readonly<Record<Tide, string>> = {
  none: 'no tide',
  flood: 'rising',
  high: 'high, standing',
  ebb: 'falling',
  low: 'low, standing',
}
export const sayTide = (tide: Tide): string => TIDES[tide]

const IN_CURRENT: Readonly<Record<CastDirection, string>> = {
  across: 'across the current',
  against: 'up, against it',
  along: 'down, with it',
}
const FROM_BOAT: Readonly<Record<CastDirection, string>> = {
  across: 'across the drift',
  against: 'ahead of the drift',
  along: 'behind the drift',
}
/** Where one casts in water that moves: past the bank, or past a boat that slides. */
export const sayCastTo = (to: CastDirection, drifts: boolean): string => (drifts ? FROM_BOAT : IN_CURRENT)[to]

/** How thickly cover stands, 0 to 1. */
export const sayDensity = (density: number): string => (density < 0.25 ? 'sparse' : density < 0.6 ? 'patchy' : 'dense')

const IN_WIND: Readonly<Record<CastInWind, string>> = {
  with: 'from behind',
  into: 'in the face',
  across: 'from the side',
}
/** How the wind meets the cast; null where nobody says. */
export const sayCastInWind = (meets: CastInWind | null): string => (meets === null ? 'not counted' : IN_WIND[meets])

/** What the temperatures kept with a place say; nothing where there are none. */
export function sayTrend({ tempChangeC, trend }: Pick<Reading, 'tempChangeC' | 'trend'>, system: UnitSystem): string {
  if (tempChangeC === null) return ''
  if (trend === 'steady') return 'The water has kept its temperature over three days.'
  const by = Math.abs(tempChangeC)
  const shown = system === 'metric' ? `${by.toFixed(1)}\u202f°C` : `${(by * 1.8).toFixed(1)}\u202f°F`
  return `The water is ${trend}: ${shown} in three days.`
}

/** What wind does to the bottom, and how far a white lure is seen in it. */
export function sayMud(bottom: Bottom, stirredM: number, visibilityM: number, system: UnitSystem): string {
  const [down, seen] = [stirredM, visibilityM].map((m) => showMeasure(m, 'depth', system))
  return `This wind stirs the ${bottom} down to about ${down}: inside that a white lure vanishes at about ${seen}.`
}

/** That a fish does not live in such water. */
export const sayStranger = (species: string, kind: WaterKind): string =>
  `${species} is not a fish of ${kind} water: the answer holds as far as it goes.`

/** The law of a place in short; nothing where nobody wrote any. */
export function sayPlaceLaw({
  rules,
  singlesOnly,
  mostHooks,
  trebleIsThree,
  mostLures,
  noLead,
}: Pick<Place, 'rules' | 'singlesOnly' | 'mostHooks' | 'trebleIsThree' | 'mostLures' | 'noLead'>): string {
  return [
    rules,
    singlesOnly ? 'Single hooks only.' : '',
    mostHooks === null
      ? ''
      : `At most ${mostHooks} hooks on a line${trebleIsThree ? ', a treble counted as three' : ''}.`,
    noLead ? 'No lead.' : '',
    mostLures === null ? '' : `At most ${count(mostLures, 'lure')} on a line.`,
  ]
    .filter(Boolean)
    .join(' ')
}

/** The picture of the water, and of the lure in it, for someone who does not see it. */
export function sayColumn(
  {
    c,
    zone,
    path,
    castM,
    band,
    share,
  }: {
    readonly c: Pick<Conditions, 'depthM' | 'visibilityM' | 'cover'>
    readonly zone: { readonly topM: number; readonly bottomM: number }
    readonly castM: number
    readonly path?: Pick<Path, 'z'> | null
    readonly band?: Pick<Band, 'low' | 'high'> | null
    readonly share?: number | null
  },
  system: UnitSystem,
): string {
  const depth = (m: number) => showMeasure(m, 'depth', system)
  const widest = band ? Math.max(...band.high.map((h, i) => h - (band.low[i] ?? 0))) / 2 : 0
  return [
    `Water ${depth(c.depthM)} deep; a white lure vanishes at ${depth(c.visibilityM)}.`,
    c.cover.kind === 'open' ? 'Open water.' : `Cover: ${c.cover.kind}, its top at ${depth(c.cover.topM)}.`,
    `Fish hold from ${showRange(zone.topM, zone.bottomM, 'depth', system)}.`,
    path ? `The lure is cast ${showMeasure(castM, 'distance', system)} and reaches ${depth(Math.max(...path.z))}.` : '',
    band ? `Its path is known to within ${depth(widest)} either way.` : '',
    share === null || share === undefined ? '' : `${percent(share)} of the cast runs in the zone.`,
  ]
    .filter(Boolean)
    .join(' ')
}

const SIGN_WORDS: Readonly<Record<Sign, string>> = {
  birds: 'Birds diving',
  bait: 'Bait at the surface',
  mud: 'Mud stirred by fish',
  fish: 'Fish seen',
}
export const saySign = (sign: Sign): string => SIGN_WORDS[sign]

/** How fish lie: as the angler says, or as is usual for them. */
export const sayShoal = (shoal: Conditions['shoal'], usual: boolean): string =>
  shoal === 'gathered' ? 'Gathered' : shoal === 'spread' ? 'Spread' : `As usual: ${usual ? 'gathered' : 'spread'}`

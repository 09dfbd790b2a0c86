import { UNNAMED } from '../../data/techniques'
import { sayPatience, sayTempo } from './tempo'
import { deliveryWords } from './deliveries'
import { showMeasure, showRange, type RoleId, type UnitSystem } from '../../core/quantity'
import { FAMILIES, findTechnique, type MountKind } from '../../core/tackle'
import {
  NUMBER_FEATURES,
  TEXT_FEATURES,
  featureRole,
  forageOf,
  speciesOf,
  type NumberFeature,
  type TextFeature,
  type When,
} from '../../core/water'
import { axisOf, type Effect, type OfferTest, type Rule, type Span } from '../../core/match'
import { featureName } from './features'
import { either, lower, percent, withArticles } from './grammar'
import { RULE_SENTENCES } from './rule-sentences'

/** Rules of practice in an angler's words. */

/** What traits of lures are called in a sentence. */
const TRAIT_WORDS: Readonly<Record<string, string>> = {
  blade: 'blade',
  blades: 'blades',
  bladeFinish: 'blade',
  bladeSize: 'blade size',
  lip: 'lip',
  buoyancy: 'at rest',
  shape: 'body',
  style: 'style',
  cup: 'shape',
  wire: 'wire',
}

const SOUND_WORDS = { silent: 'silent', knock: 'one knock', rattles: 'rattles' } as const

const MOUNT_WORDS = {
  own: 'on its own hooks',
  head: 'on a head',
  texas: 'rigged Texas',
  belly: 'on a belly-weighted hook',
  wacky: 'rigged wacky',
  'drop-shot': 'on a drop-shot',
} as const

function sayFigure(feature: NumberFeature, value: number, system: UnitSystem): string {
  const role = featureRole(feature)
  return role ? showMeasure(value, role, system) : String(Math.round(value * 100) / 100)
}

/** “On a head”, as part of a sentence. */
export const sayMountKind = (kind: MountKind): string => MOUNT_WORDS[kind]

/** What a feature may be, as it is said. */
export function sayFeatureValue(feature: TextFeature, value: string): string {
  if (feature === 'species') return speciesOf(value)?.name.toLowerCase() ?? value
  if (feature === 'forage') return forageOf(value)?.name.toLowerCase() ?? value
  return value
}

/** “Water temperature over 12 °C; mood active or neutral”; empty where it always holds. */
export function sayWhen(when: When, system: UnitSystem): string {
  const figures = NUMBER_FEATURES.flatMap((feature) => {
    const band = when[feature]
    const middle = ([a, b]: readonly [number, number]) => sayFigure(feature, (a + b) / 2, system)
    const ends = [band?.above && `over ${middle(band.above)}`, band?.below && `under ${middle(band.below)}`]
    const said = ends.filter(Boolean).join(' and ')
    return said ? [`${featureName(feature)} ${said}`] : []
  })
  const words = TEXT_FEATURES.flatMap((feature) => {
    const values = when[feature]
    return values ? [`${featureName(feature)} ${either(values.map((v) => sayFeatureValue(feature, v)))}`] : []
  })
  return [...figures, ...words].join('; ')
}

function saySpan(span: Span | undefined, role: RoleId, system: UnitSystem, before = ''): string | undefined {
  return span && `${before}${before && ' '}${showRange(span[0], span[1], role, system)}`
}

/** What a rule speaks of: “crankbait; wind to touch, pause, let it rise”. */
export function sayTest(test: OfferTest, system: UnitSystem = 'metric'): string {
  const { family, body, mount, head, weedless, hooks, sound, trailer, colour, traits, sized } = test
  const kinds = family && either(family.map((id) => lower(FAMILIES.find((f) => f.id === id)?.name ?? id)))
  const marks = [
    body && `${either(body)} bodies`,
    ...Object.entries(traits ?? {}).map(([name, values]) =>
      values[0] === true
        ? name
        : values[0] === false
          ? `no ${name}`
          : `${either(values.map(String))} ${TRAIT_WORDS[name] ?? name}`,
    ),
    ...Object.entries(sized ?? {}).map(([name, [low, high]]) => `${TRAIT_WORDS[name] ?? name} ${low} to ${high}`),
    sound && either(sound.map((s) => SOUND_WORDS[s])),
    mount && either(mount.map((m) => MOUNT_WORDS[m])),
    head && `${either(head.map((h) => h.replace('-', ' ')))} head`,
    saySpan(test.headKg, 'lureMass', system, 'a head of'),
    saySpan(test.hookKg, 'lureMass', system, 'a hook of'),
    weedless === undefined ? null : weedless ? 'the point buried' : 'the point bare',
    hooks && either(hooks.map((h) => `${h}s`)),
    trailer && (trailer[0] === 'none' ? 'no trailer' : `${either(trailer.map((t) => t.replace('-', ' ')))} behind`),
    colour && `mostly ${either(colour)}`,
    saySpan(test.lengthM, 'lureLength', system),
    saySpan(test.massKg, 'lureMass', system, 'weighing'),
    test.technique && either(test.technique.map((id) => lower(findTechnique(id)?.name ?? UNNAMED))),
    test.tempo && `worked ${sayTempo((test.tempo[0] + test.tempo[1]) / 2)}`,
    test.delivery && either(test.delivery.map((w) => deliveryWords(w).done)),
    test.restS && `rests of ${test.restS[0]} to ${test.restS[1]} s`,
    test.rodPower && `a ${either(test.rodPower)} rod`,
    test.rodAction && `a ${either(test.rodAction)} tip`,
    test.rodPurpose && `a ${either(test.rodPurpose)} rod`,
    saySpan(test.rodM, 'rodLength', system, 'a rod of'),
    test.fights && `fought ${either(test.fights)}`,
    test.reel && `a ${either(test.reel)} reel`,
    test.gearRatio && `gear ratio ${test.gearRatio[0]} to ${test.gearRatio[1]}`,
    saySpan(test.lineN, 'lineStrength', system, 'line of'),
    saySpan(test.lineM, 'lineDiameter', system, 'line of'),
    test.material && `${either(test.material)} line`,
  ]
  return withArticles([kinds, ...marks].filter(Boolean).join('; ')) || 'anything'
}

/** What a rule asks for, in words. */
export function sayEffect(effect: Effect, system: UnitSystem): string {
  if ('favour' in effect) return `prefer ${sayTest(effect.favour, system)}`
  if ('avoid' in effect)
    return `avoid ${sayTest(effect.avoid, system)}${effect.unless ? `, unless ${sayTest(effect.unless, system)}` : ''}`
  if (effect.axis === 'colour') {
    const liked = Object.entries(effect.groups).sort((a, b) => b[1] - a[1])
    return `colours: ${either(liked.map(([group]) => group))}`
  }
  const name = axisOf(effect.axis).name.toLowerCase()
  if (effect.times !== undefined) return `${name}: ${effect.times === 1 ? '' : `${effect.times} × `}forage length`
  if (effect.want === undefined) return `${name} counts`
  return `${name}: about ${sayWant(effect.axis, effect.want, system)}`
}

function sayWant(axis: string, want: number, system: UnitSystem): string {
  if (axis === 'pace' || axis === 'fall') return showMeasure(want, 'lureSpeed', system)
  if (axis === 'tempo') return sayTempo(want)
  if (axis === 'patience') return sayPatience(want)
  if (axis === 'reach') return showMeasure(want, 'distance', system)
  return percent(want)
}

export function sayEffects({ effects }: Pick<Rule, 'effects'>, system: UnitSystem): string {
  return effects.map((e) => sayEffect(e, system)).join('; ')
}

/** The sentence of a rule: the angler’s own, or that of the trade. */
export const sayRule = ({ id, sentence }: Pick<Rule, 'id' | 'sentence'>): string => sentence ?? RULE_SENTENCES[id] ?? ''

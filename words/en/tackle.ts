import type { QuickRead } from '../../core/exchange'
import type { Care, Change, HungHooks, Lure, Patch } from '../../core/tackle'
import { describeColouring, familyOf, fieldsOfLure, lureMass } from '../../core/tackle'
import { showMeasure, showRange, type UnitSystem } from '../../core/quantity'
import { read, type Catalogue } from './catalogue'
import { capital, percent, plural } from './grammar'

/** “2 round trebles #4”, “one single hook 1/0”. */
export function sayHooks(hooks: HungHooks | null): string {
  if (!hooks) return 'no hooks of its own'
  const { style, size, wire, tail } = hooks
  const count = tail ? hooks.count - 1 : hooks.count
  const called = (of: HungHooks['style']) =>
    of === 'single' || of === 'moulded' || of === 'assist' ? `${of} hook` : of
  const before = `${count === 1 ? 'one' : count} ${plural(count, called(style))} ${size}${wire === 'medium' ? '' : `, ${wire} wire`}`
  if (!tail) return before
  const last = `${tail.dressed ? 'a dressed' : 'a'} ${called(tail.style)} ${tail.size} at the tail`
  return count === 0 ? last : `${before}, ${last}`
}

const CARE: Catalogue<Care> = {
  spent: () => 'Marked as spent: take it out of the tray.',
  worn: () => 'Marked as worn: look it over.',
  'hooks-due': ({ fish, wire }) => `${fish} fish on these ${wire} hooks: sharpen or change them.`,
  'hooks-soon': ({ left }) => `Hooks are due in ${left} more fish.`,
  'frame-due': ({ fish }) => `${fish} fish on a thin frame: it may break on the next one. Retire it.`,
  'frame-soon': ({ fish, end }) => `Thin frame with ${fish} fish: near its end at ${end}.`,
  'none-left': () => 'None left.',
  'stock-hooks': () => 'Its hooks and rings are to be changed before it is fished hard.',
  'few-left': ({ left }) => `Only ${left} left.`,
}
/** What a lure asks for. */
export const sayCare = (care: Care): string => read(CARE, care)

/** How a changed field is called. */
const FIELDS: Readonly<Record<string, string>> = {
  lengthM: 'length',
  alteredKg: 'added weight',
  hooks: 'hooks',
  sound: 'sound',
  'traits.blade': 'blade',
  'traits.bladeSize': 'blade number',
  'traits.bladeFinish': 'blade finish',
  'traits.hammered': 'hammered',
  'traits.skirt': 'skirt',
  'traits.buoyancy': 'buoyancy',
  'traits.loadKg': 'filler',
}

function sayValue(key: string, value: Patch[string], system: UnitSystem): string {
  if (value === undefined || value === null) return 'none'
  if (typeof value === 'object') return sayHooks(value)
  if (typeof value === 'boolean') return value ? 'yes' : 'no'
  if (typeof value === 'string') return value
  if (key.endsWith('Kg')) return showMeasure(value, 'lureMass', system)
  if (key.endsWith('M')) return showMeasure(value, 'lureLength', system)
  return String(value)
}

/** What a change did, field by field: “length 15 cm → 9 cm”. What came after it is read off the next change of the same field, or the lure. */
export function sayChange(lure: Lure, change: Change, system: UnitSystem): string {
  const at = lure.changes.indexOf(change)
  const now = fieldsOfLure(lure)
  return Object.entries(change.before)
    .map(([key, before]) => {
      const later = lure.changes.slice(at + 1).find((c) => key in c.before)
      const after = later ? later.before[key] : now[key]
      return `${FIELDS[key] ?? key.replace('traits.', '')} ${sayValue(key, before, system)} → ${sayValue(key, after, system)}`
    })
    .join(', ')
}

/** Label and scale kept apart, and what they differ by. */
export function sayWeights(
  lure: Parameters<typeof lureMass>[0] & Pick<Lure, 'massKg' | 'measuredMassKg'>,
  system: UnitSystem,
): string {
  const { kg, basis } = lureMass(lure)
  const told = `Counts as ${showMeasure(kg, 'lureMass', system)}, ${basis}`
  if (lure.measuredMassKg === null) return `${told}.`
  const off = lure.measuredMassKg / lure.massKg - 1
  const differs =
    Math.abs(off) < 0.005
      ? 'as labelled'
      : `${percent(Math.abs(off))} ${off > 0 ? 'heavier' : 'lighter'} than its label`
  return `${told}; weighed ${differs}.`
}

/** That a lure is longer, shorter, heavier or lighter than its family mostly is; nothing where it is not. */
export function sayUnusual(
  { family, lengthM, massKg }: Pick<Lure, 'family' | 'lengthM' | 'massKg'>,
  system: UnitSystem,
): string {
  const most = familyOf(family)
  for (const [what, value, [low, high], role] of [
    ['length', lengthM, most.lengthM, 'lureLength'],
    ['weight', massKg, most.massKg, 'lureMass'],
  ] as const) {
    if (value >= low && value <= high) continue
    return `${capital(what)} unusual for its family, ${most.name.toLowerCase()}: ${showMeasure(value, role, system)}; most have ${showRange(low, high, role, system)}.`
  }
  return ''
}

const ASSUMED = {
  length: 'length',
  weight: 'weight',
  colour: 'colours',
  lures: 'lures it casts',
  lines: 'lines it takes',
  ratio: 'gear ratio',
  strength: 'strength',
  thickness: 'thickness',
  reel: 'reel',
} as const

/** A thing said in a line, as it was understood: “Crankbait, 6 cm, 10 g, perch; weight as usual.” */
export function sayQuick(read: Extract<QuickRead, { ok: true }>, system: UnitSystem): string {
  const usual = read.assumed.filter((a) => a !== 'reel').map((a) => ASSUMED[a])
  const left = [
    usual.length > 0 ? `${usual.join(', ')} as usual` : '',
    read.assumed.includes('reel') ? 'on no reel yet' : '',
  ].filter(Boolean)
  return `${capital(understood(read, system))}${left.length > 0 ? `; ${left.join('; ')}` : ''}.`
}

function understood({ kind, item }: Extract<QuickRead, { ok: true }>, system: UnitSystem): string {
  if (kind === 'lures') {
    const { family, lengthM, massKg, colour } = item
    const measures = `${showMeasure(lengthM, 'lureLength', system)}, ${showMeasure(massKg, 'lureMass', system)}`
    return `${familyOf(family).name}, ${measures}, ${describeColouring(colour)}`
  }
  if ('power' in item)
    return `${item.type} rod, ${showMeasure(item.lengthM, 'rodLength', system)}, ${showRange(item.lureMinKg, item.lureMaxKg, 'lureMass', system)}, ${item.power}, ${item.action}`
  if ('gearRatio' in item) return `${item.type} reel, ${item.gearRatio}:1`
  return `${item.material}, ${showMeasure(item.diameterM, 'lineDiameter', system)}, ${showMeasure(item.strengthN, 'lineStrength', system)}`
}

const QUICK_PROBLEMS: Readonly<Record<Extract<QuickRead, { ok: false }>['problem'], string>> = {
  empty: 'Nothing is written yet.',
  'which-family': 'What kind is it? Say crankbait, spoon, paddle tail, jig … or rod, reel, braid, mono.',
  'how-strong': 'Say how strong or how thick the line is: braid 0.13, mono 10 lb.',
  outside: 'A figure is outside what there is: look at lengths, weights and their units.',
  'too-long': 'One thing to a line, please.',
}
export const sayQuickProblem = (problem: Extract<QuickRead, { ok: false }>['problem']): string =>
  QUICK_PROBLEMS[problem]

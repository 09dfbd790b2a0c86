import { parseMeasure } from '../../quantity'
import {
  Line,
  Reel,
  Rod,
  ROD_ACTIONS,
  ROD_POWERS,
  monoOfThicknessN,
  thicknessOfMonoM,
  usualPart,
  type Reel as ReelPart,
} from '../../tackle'
import type { QuickRead } from './quick'

/** Rods, reels and lines said in a line: “rod 2.1 m 5–25 g medium fast”, “spinning reel 5.2:1”, “braid 0.13 8 kg”. */

const NUMBER = String.raw`(\d+(?:[.,]\d+)?)`
/** A figure, a fraction, or both: 1 1/2. */
const FIGURE = String.raw`(\d+\s+\d+\/\d+|\d+\/\d+|\d+(?:[.,]\d+)?)`
const RANGE = new RegExp(String.raw`${FIGURE}\s*(?:-|–|to)\s*${FIGURE}\s*(g|oz|kg|lbs?)(?![a-z])`, 'gi')
const LONG = new RegExp(
  String.raw`(\d+)\s*(?:ft|['’′])(?:\s*(\d+)\s*(?:in(?![a-z])|["”″])|(\d+)(?![\d\-–/.]))?|${NUMBER}\s*m(?![a-z])`,
  'i',
)
const STRENGTH = new RegExp(String.raw`${NUMBER}\s*(kg|lbs?)(?![a-z])`, 'i')
const THICK = /(?:^|\s)(0?[.,]\d+)\s*(?:mm)?(?![\d.,])/i
const RATIO = new RegExp(String.raw`${NUMBER}\s*:\s*1`)

/** Braid is so many times as strong as nylon of its thickness (printed strengths, common practice). */
const BRAID_TIMES = 5

const si = (text: string, role: 'lureMass' | 'lineStrength' | 'rodLength'): number | null => {
  const parsed = parseMeasure(text.replace(',', '.'), role, 'metric')
  return parsed.ok && parsed.valueSi > 0 ? parsed.valueSi : null
}
const rounded = (value: number) => Number(value.toPrecision(6))
const tidy = (text: string) => {
  const name = text.trim().replace(/\s+/g, ' ').slice(0, 80)
  return name.charAt(0).toUpperCase() + name.slice(1)
}
/** The longest of some words that stands in a text: “medium-heavy” before “heavy”. */
const oneOf = <T extends string>(text: string, words: readonly T[]): T | null =>
  [...words]
    .sort((a, b) => b.length - a.length)
    .find((word) => new RegExp(`(?:^|[\\s,])${word.replace('-', '[ -]')}(?=$|[\\s,])`, 'i').test(text)) ?? null

function lengthOf(text: string): number | null {
  const found = LONG.exec(text)
  if (!found) return null
  const [, feet, inches, bareInches, metres] = found
  return metres !== undefined
    ? si(`${metres} m`, 'rodLength')
    : rounded(Number(feet) * 0.3048 + Number(inches ?? bareInches ?? 0) * 0.0254)
}

export function quickRod(text: string, id: string): QuickRead {
  const ranges = [...text.matchAll(RANGE)]
  const rangeOf = (units: RegExp, role: 'lureMass' | 'lineStrength') => {
    const found = ranges.find(([, , , unit = '']) => units.test(unit))
    if (!found) return null
    const [, from = '', to = '', unit = ''] = found
    const [low, high] = [si(`${from} ${unit}`, role), si(`${to} ${unit}`, role)]
    return low !== null && high !== null ? ([low, high] as const) : null
  }
  const lures = rangeOf(/^(g|oz)$/i, 'lureMass')
  const lines = rangeOf(/^(kg|lbs?)$/i, 'lineStrength')
  // “Medium fast” is a power and an action: the action is read off what the power leaves.
  const power = oneOf(text, ROD_POWERS)
  const rest = power ? text.replace(new RegExp(power.replace('-', '[ -]'), 'i'), ' ') : text
  const action = oneOf(rest, ROD_ACTIONS)
  const lengthM = lengthOf(text)
  const usual = usualPart('rods', id)
  const read = Rod.safeParse({
    ...usual,
    name: tidy(text),
    type: /\bcasting\b/i.test(text) ? 'casting' : 'spinning',
    lengthM: lengthM ?? usual.lengthM,
    power: power ?? usual.power,
    action: action ?? usual.action,
    ...(lures && { lureMinKg: lures[0], lureMaxKg: lures[1] }),
    ...(lines && { lineMinN: lines[0], lineMaxN: lines[1] }),
  })
  if (!read.success) return { ok: false, problem: 'outside' }
  return {
    ok: true,
    kind: 'rods',
    item: read.data,
    assumed: [
      ...(lengthM === null ? (['length'] as const) : []),
      ...(lures ? [] : (['lures'] as const)),
      ...(lines ? [] : (['lines'] as const)),
    ],
  }
}

export function quickReel(text: string, id: string): QuickRead {
  const ratio = RATIO.exec(text)?.[1]
  const usual = usualPart('reels', id)
  const type = (['casting', 'overhead', 'spinning'] as const).find((word) =>
    new RegExp(`\\b${word}\\b`, 'i').test(text),
  )
  const read = Reel.safeParse({
    ...usual,
    name: tidy(text),
    type: type ?? usual.type,
    gearRatio: ratio ? Number(ratio.replace(',', '.')) : usual.gearRatio,
  })
  if (!read.success) return { ok: false, problem: 'outside' }
  return { ok: true, kind: 'reels', item: read.data, assumed: ratio ? [] : ['ratio'] }
}

const MATERIALS = [
  ['fluoro', /\bfluoro(carbon)?\b/i],
  ['mono', /\b(mono(filament)?|nylon)\b/i],
  ['braid', /\bbraid(ed)?\b/i],
] as const

/** Which material a line names; null where it names none, and is no line. */
export const materialIn = (text: string) => MATERIALS.find(([, word]) => word.test(text))?.[0] ?? null

/** @param freeReel the reel it is wound on: the first that has no line */
export function quickLine(text: string, id: string, freeReel: Pick<ReelPart, 'id'> | undefined): QuickRead {
  const material = materialIn(text) ?? 'braid'
  const strength = STRENGTH.exec(text)
  const thick = THICK.exec(text.replace(STRENGTH, ' '))?.[1]
  const times = material === 'braid' ? BRAID_TIMES : 1
  const strengthN = strength ? si(`${strength[1]} ${strength[2]}`, 'lineStrength') : null
  const diameterM = thick ? rounded(Number(thick.replace(',', '.')) / 1000) : null
  if (strengthN === null && diameterM === null) return { ok: false, problem: 'how-strong' }
  const read = Line.safeParse({
    ...usualPart('lines', id),
    name: tidy(text),
    material,
    strengthN: strengthN ?? times * monoOfThicknessN(diameterM ?? 0),
    diameterM: diameterM ?? thicknessOfMonoM((strengthN ?? 0) / times),
    reelId: freeReel?.id ?? null,
  })
  if (!read.success) return { ok: false, problem: 'outside' }
  return {
    ok: true,
    kind: 'lines',
    item: read.data,
    assumed: [
      ...(strengthN === null ? (['strength'] as const) : []),
      ...(diameterM === null ? (['thickness'] as const) : []),
      ...(freeReel ? [] : (['reel'] as const)),
    ],
  }
}

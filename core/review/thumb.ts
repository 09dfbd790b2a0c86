import { THUMB_RULES as TABLE } from '../../data/thumb-rules'
import { probabilityGreater, type RateInterval } from '../rate'
import { dispersionOf, rateOf } from './rates'
import type { MeasureId, EffortRow } from './record'

type Band = readonly [number | null, number | null]
type Test = Readonly<Record<string, readonly string[] | Band | readonly Band[]>>
export interface ThumbRule {
  readonly id: string
  readonly facts: readonly number[]
  readonly where: Test
  readonly better: Test
}
export const THUMB_RULES: readonly ThumbRule[] = TABLE

/** A rule of thumb and what the record says of it. */
export interface RuleCheck {
  readonly rule: ThumbRule
  readonly with: { readonly events: number; readonly minutes: number; readonly rate: RateInterval }
  readonly without: { readonly events: number; readonly minutes: number; readonly rate: RateInterval }
  /** Probability that the rule's side is the better one, by this record. */
  readonly chance: number
  readonly verdict: 'bears out' | 'contradicts' | 'open'
}

/** From this probability on the record is said to speak, one way or the other [0.9 … 0.99]; of several rules that are looked at together each has to reach further (Bonferroni). */
const SPEAKS = 0.95
/** Effort that both sides need before anything is said, min. */
const LEAST_MIN = 60

function factOf(t: EffortRow, name: string): string | number | null {
  const facts: Readonly<Record<string, string | number | null>> = {
    visibilityM: t.water.visibilityM,
    waterTempC: t.water.waterTempC,
    windMps: t.water.windMps,
    sky: t.water.sky,
    species: t.water.speciesId,
    hour: t.hour,
    colour: t.carried.colour,
    lengthM: t.carried.lengthM,
    restS: t.way.restS,
    depthShare: t.way.depthM / t.water.depthM,
    spot: t.spot?.spotId ?? null,
  }
  return facts[name] ?? null
}

const within = (value: number, [from, to]: Band) =>
  value >= (from ?? Number.NEGATIVE_INFINITY) && value < (to ?? Number.POSITIVE_INFINITY)

/** Whether a stretch passes; null where it says nothing of the fact. */
function passes(t: EffortRow, test: Test): boolean | null {
  for (const [name, wanted] of Object.entries(test)) {
    const value = factOf(t, name)
    if (value === null) return null
    if (typeof value === 'string') {
      if (!(wanted as readonly string[]).includes(value)) return false
      continue
    }
    const bands = Array.isArray(wanted[0]) ? (wanted as readonly Band[]) : [wanted as Band]
    if (!bands.some((band) => within(value, band))) return false
  }
  return true
}

/** Every rule of thumb that the record has effort on both sides of; what speaks loudest against comes first. */
export function checkRules(
  tried: readonly EffortRow[],
  measure: MeasureId,
  rules: readonly ThumbRule[] = THUMB_RULES,
): RuleCheck[] {
  const looked = rules.flatMap((rule) => {
    const spoken = tried.filter((t) => passes(t, rule.where) === true && passes(t, rule.better) !== null)
    const sides = [true, false].map((side) => spoken.filter((t) => passes(t, rule.better) === side))
    const dispersion = dispersionOf(spoken, measure, (t) => String(passes(t, rule.better)))
    const [a, b] = sides.map((list) => rateOf(list, spoken, measure, dispersion))
    if (!a || !b || a.minutes < LEAST_MIN || b.minutes < LEAST_MIN) return []
    const chance = probabilityGreater(a.belief, b.belief)
    return [
      {
        rule,
        with: { events: a.events, minutes: a.minutes, rate: a.shown },
        without: { events: b.events, minutes: b.minutes, rate: b.shown },
        chance,
      },
    ]
  })
  const doubt = (1 - SPEAKS) / Math.max(1, looked.length)
  return looked
    .map((one): RuleCheck => ({
      ...one,
      verdict: one.chance >= 1 - doubt ? 'bears out' : one.chance <= doubt ? 'contradicts' : 'open',
    }))
    .sort((x, y) => x.chance - y.chance)
}

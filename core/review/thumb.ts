import { THUMB_RULES as TABLE } from '../../data/thumb-rules'
import { gammaPrior, probabilityGreater, updatePosterior, credibleInterval, type RateInterval } from '../rate'
import { dispersionOf } from './rates'
import { countEvents, type MeasureId, type EffortRow } from './record'

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

/** From this probability on the record is said to speak, one way or the other [0.9 … 0.99]. */
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
    pauseS: t.way.pauseS,
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
  return rules
    .flatMap((rule): RuleCheck[] => {
      const spoken = tried.filter((t) => passes(t, rule.where) === true && passes(t, rule.better) !== null)
      const sides = [true, false].map((side) => {
        const list = spoken.filter((t) => passes(t, rule.better) === side)
        return {
          events: list.reduce((s, t) => s + countEvents(t, measure), 0),
          minutes: list.reduce((s, t) => s + t.minutes, 0),
        }
      })
      const [inside, outside] = sides
      if (!inside || !outside || inside.minutes < LEAST_MIN || outside.minutes < LEAST_MIN) return []
      const dispersion = dispersionOf(spoken, measure, (t) => String(passes(t, rule.better)))
      const prior = gammaPrior((inside.events + outside.events + 0.5) / (inside.minutes + outside.minutes), 1)
      const beliefs = [inside, outside].map((side) => updatePosterior(prior, side.events, side.minutes, dispersion))
      const [a, b] = beliefs
      if (!a || !b) return []
      const chance = probabilityGreater(a, b)
      return [
        {
          rule,
          with: { ...inside, rate: credibleInterval(a, 60) },
          without: { ...outside, rate: credibleInterval(b, 60) },
          chance,
          verdict: chance >= SPEAKS ? 'bears out' : chance <= 1 - SPEAKS ? 'contradicts' : 'open',
        },
      ]
    })
    .sort((x, y) => x.chance - y.chance)
}

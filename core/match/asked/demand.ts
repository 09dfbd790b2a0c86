import { CHANCES } from '../../../data/chances'
import { SMALLEST_LURE_M } from '../../../data/forage'
import { COLOUR_GROUPS, type ColourGroup, type Tempo } from '../../tackle'
import { truthDegree, type WaterFeatures } from '../../water'
import { AXES, axisOf, meanWant, type Axis, type AxisId } from './axis'
import type { OfferTest } from './offer-test'
import type { OwnRecord } from './own-record'
import { sideShare, type Rule, type SideChoice } from './rule'
import { RULES } from './rules'

/** A rule that speaks in this water, and how loudly. */
export interface RuleContribution {
  readonly ruleId: string
  /** What the angler wrote, where the rule is the angler's own. */
  readonly own?: string
  /** Effort of the own record, where it is that which counts, min. */
  readonly minutes?: number
  readonly weight: number
  /** What it asks for by itself, where it speaks of an axis. */
  readonly want?: number
}

export interface AxisDemand {
  readonly axis: AxisId
  readonly spec: Axis
  /** Wanted value in the axis' own unit (m/s, s, m, or 0 … 1). */
  readonly want: number
  readonly weight: number
  /** Loudest first. */
  readonly causes: readonly RuleContribution[]
}

interface ColourDemand {
  readonly weight: number
  /** How well each group is liked, 0 … 1, the best 1. */
  readonly liking: Readonly<Record<ColourGroup, number>>
  readonly causes: readonly RuleContribution[]
}

export interface Preference {
  readonly kind: 'favour' | 'avoid'
  readonly test: OfferTest
  /** An exception from what is avoided. */
  readonly unless: OfferTest | null
  readonly weight: number
  readonly cause: RuleContribution
}

/** What the water asks for. */
export interface Demand {
  readonly axes: readonly AxisDemand[]
  /** The same, by what answers them. */
  readonly by: Readonly<Record<Axis['by'], readonly AxisDemand[]>>
  readonly colour: ColourDemand
  /** Tempo and patience that the hand is asked for, 0 … 1; half way where no rule speaks. */
  readonly wanted: Tempo
  readonly habits: readonly Preference[]
}

interface AxisAccumulator {
  want: number
  weight: number
  causes: RuleContribution[]
}

/** A rule counts once it holds by this much; under it, it would only clutter the reasons. */
const MIN_RULE_WEIGHT = 0.02

const byWeightDescending = (causes: RuleContribution[]) =>
  causes.sort((a, b) => b.weight - a.weight || (a.ruleId < b.ruleId ? -1 : 1))

function habit(
  kind: Preference['kind'],
  test: OfferTest,
  unless: OfferTest | null,
  weight: number,
  cause: RuleContribution,
): Preference {
  return { kind, test, unless, weight, cause }
}

/** Lets every rule that holds in this water speak, and gathers what they ask for. */
export function demandOf(
  features: WaterFeatures,
  sides: SideChoice,
  rules: readonly Rule[] = RULES,
  record?: Pick<OwnRecord, 'weight' | 'minutes'>,
): Demand {
  const byAxis = new Map<AxisId, AxisAccumulator>()
  const liking = Object.fromEntries(COLOUR_GROUPS.map((g) => [g, 0])) as Record<ColourGroup, number>
  const colourCauses: RuleContribution[] = []
  let colourWeight = 0
  const habits: Preference[] = []
  for (const rule of rules) {
    const degree = truthDegree(rule.when, features) * sideShare(rule, sides, features)
    if (degree < MIN_RULE_WEIGHT) continue
    for (const effect of rule.effects) {
      const weight = effect.weight * degree
      const cause: RuleContribution = {
        ruleId: rule.id,
        ...(rule.sentence === undefined ? {} : { own: rule.sentence }),
        weight,
      }
      if ('favour' in effect) habits.push(habit('favour', effect.favour, null, weight, cause))
      else if ('avoid' in effect) habits.push(habit('avoid', effect.avoid, effect.unless ?? null, weight, cause))
      else if (effect.axis === 'colour') {
        colourWeight += weight
        colourCauses.push(cause)
        for (const group of COLOUR_GROUPS) liking[group] += weight * (effect.groups[group] ?? 0)
      } else {
        const want =
          effect.times !== undefined
            ? effect.times * Math.max(SMALLEST_LURE_M, features.forageLengthM)
            : (effect.want ?? 1)
        const asks = { ...cause, want }
        const known = byAxis.get(effect.axis)
        if (!known) byAxis.set(effect.axis, { want, weight, causes: [asks] })
        else {
          known.want = meanWant(axisOf(effect.axis), known.want, known.weight, want, weight)
          known.weight += weight
          known.causes.push(asks)
        }
      }
    }
  }
  if (record && record.weight >= MIN_RULE_WEIGHT) {
    const cause: RuleContribution = { ruleId: 'own-record', minutes: record.minutes, weight: record.weight }
    byAxis.set('record', { want: CHANCES.record, weight: record.weight, causes: [cause] })
  }
  const axes = AXES.flatMap((axis): AxisDemand[] => {
    const found = byAxis.get(axis.id)
    if (!found) return []
    return [
      {
        axis: axis.id,
        spec: axis,
        want: found.want,
        weight: Math.min(axis.most, found.weight),
        causes: byWeightDescending(found.causes),
      },
    ]
  })
  const best = Math.max(...COLOUR_GROUPS.map((g) => liking[g]))
  if (best > 0) for (const group of COLOUR_GROUPS) liking[group] /= best
  const colour = {
    weight: Math.min(axisOf('colour').most, colourWeight),
    liking,
    causes: byWeightDescending(colourCauses),
  }
  const answeredBy = (who: Axis['by']) => axes.filter((a) => a.spec.by === who)
  const by = {
    build: answeredBy('build'),
    hand: answeredBy('hand'),
    outfit: answeredBy('outfit'),
    path: answeredBy('path'),
  }
  const wanted = { tempo: byAxis.get('tempo')?.want ?? 0.5, patience: byAxis.get('patience')?.want ?? 0.5 }
  return { axes, by, colour, wanted, habits }
}

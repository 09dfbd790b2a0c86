import { COLOUR_GROUPS } from '../tackle'
import { agreement, type AxisId } from './axis'
import type { AxisDemand, RuleContribution, Demand, Preference } from './demand'
import type { Offer } from './offer'
import type { OfferTest } from './offer-test'

/** One line of the account: what was asked, what is given, and the points it earned and lost. Points of all parts add up to the score. */
export interface ScoreTerm {
  /** An axis, or `habit`. */
  readonly axis: AxisId | 'habit'
  readonly want: number | null
  readonly offer: number | null
  readonly agreement: number
  readonly points: number
  readonly lost: number
  readonly causes: readonly RuleContribution[]
  /** What a habit favours or avoids; null for an axis. */
  readonly habit: {
    readonly kind: 'favour' | 'avoid'
    readonly test: OfferTest
    readonly unless: OfferTest | null
  } | null
}

/** What is offered on some axes; null where nothing can be said, which counts half. */
export type Offers = Partial<Record<AxisId, number | null>>

function agrees(d: AxisDemand, offers: Offers): number {
  const offer = offers[d.axis]
  return offer === null || offer === undefined ? 0.5 : agreement(d.spec, offer, d.want)
}

/** Points, out of 100 for the whole demand, that offers earn on a group of axes. */
export function axisPoints(group: readonly AxisDemand[], offers: Offers, demand: Demand): number {
  let sum = 0
  for (const d of group) sum += d.weight * agrees(d, offers)
  return (100 * sum) / demand.totalWeight
}

/** The most that a group of axes can give. */
export function maxPoints(group: readonly AxisDemand[], demand: Demand): number {
  return (100 * group.reduce((sum, d) => sum + d.weight, 0)) / demand.totalWeight
}

export function axisParts(group: readonly AxisDemand[], offers: Offers, demand: Demand): ScoreTerm[] {
  return group.map((d) =>
    scoreTerm(d.axis, d.want, offers[d.axis] ?? null, d.weight, agrees(d, offers), d.causes, demand),
  )
}

function scoreTerm(
  axis: ScoreTerm['axis'],
  want: number | null,
  offer: number | null,
  weight: number,
  agreed: number,
  causes: readonly RuleContribution[],
  demand: Demand,
): ScoreTerm {
  const most = (100 * weight) / demand.totalWeight
  return { axis, want, offer, agreement: agreed, points: most * agreed, lost: most * (1 - agreed), causes, habit: null }
}

/** What a dressed lure offers on the axes it answers. The fall of what does not sink is not judged. */
export function buildOffers(offer: Offer, contrast: number, record: number): Offers {
  const { presence, amplitude, vibration, flash, sound } = offer
  return {
    presence,
    amplitude,
    vibration,
    flash,
    sound,
    contrast,
    record,
    length: offer.lengthM,
    fall: offer.fallMps === 0 ? null : offer.fallMps,
  }
}

/** How well its colours are liked in this water, 0 … 1. */
export function colourLiking(offer: Pick<Offer, 'colour'>, demand: Demand): number {
  return COLOUR_GROUPS.reduce((sum, g) => sum + offer.colour[g] * demand.colour.liking[g], 0)
}

export function colourPart(offer: Pick<Offer, 'colour'>, demand: Demand): ScoreTerm[] {
  const { colour } = demand
  if (colour.weight === 0) return []
  const liked = colourLiking(offer, demand)
  return [scoreTerm('colour', null, liked, colour.weight, liked, colour.causes, demand)]
}

export function habitPart(habit: Preference, met: boolean, demand: Demand): ScoreTerm {
  const { kind, test, unless, cause, weight } = habit
  return {
    ...scoreTerm('habit', null, null, weight, met ? 1 : 0, [cause], demand),
    habit: { kind, test, unless },
  }
}

/** Heaviest first; equals by name, so that the same account always reads the same. */
export function inOrder(parts: readonly ScoreTerm[]): ScoreTerm[] {
  const weight = (p: ScoreTerm) => p.points + p.lost
  const name = (p: ScoreTerm) => `${p.axis} ${p.causes[0]?.ruleId ?? ''}`
  return [...parts].sort((a, b) => weight(b) - weight(a) || (name(a) < name(b) ? -1 : 1))
}

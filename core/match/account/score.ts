import { CHANCES } from '../../../data/chances'
import { COLOUR_GROUPS } from '../../tackle'
import {
  agreement,
  axisOf,
  logChance,
  warningOf,
  type AxisDemand,
  type AxisId,
  type Demand,
  type Link,
  type Preference,
  type RuleContribution,
} from '../asked'
import type { Offer } from './offer'

/** One line of the account: what was asked, what is given, and the chance that leaves. The chances of all lines multiply to the score. */
export interface ScoreTerm {
  /** An axis; `practice`: what is recommended of this set-up here; `warning`: what speaks against it. */
  readonly axis: AxisId | 'practice' | 'warning'
  readonly link: Link
  readonly want: number | null
  readonly offer: number | null
  readonly agreement: number
  /** Chance that it leaves, 0 … 1. */
  readonly chance: number
  /** Points of 100 that it costs: its share of what is missing, by logarithms. Those of all lines and the score add up to 100. */
  readonly lost: number
  /** How much a middling offer would leave less, in logarithms: what speaks for this one; never below 0. */
  readonly won: number
  readonly causes: readonly RuleContribution[]
  /** What practice recommends or warns of; null for an axis. */
  readonly habit: Pick<Preference, 'test' | 'unless'> | null
}
/** A line before the account is made up. */
export type Line = Omit<ScoreTerm, 'lost'>

/** What is offered on some axes; null where nothing is to be judged. */
export type Offers = Partial<Record<AxisId, number | null>>

/** What a middling offer agrees. */
const MIDDLING = 0.5

/** Agreement, 0 … 1; null where nothing is to be judged: a plug is not asked how it falls. */
function agrees(d: AxisDemand, offers: Offers): number | null {
  const offer = offers[d.axis]
  return offer === null || offer === undefined ? null : agreement(d.spec, offer, d.want)
}

/** Logarithm of the chance that offers leave on a group of axes. */
export function axisLog(group: readonly AxisDemand[], offers: Offers): number {
  let sum = 0
  for (const d of group) {
    const agreed = agrees(d, offers)
    if (agreed !== null) sum += logChance(d.spec, agreed, d.weight)
  }
  return sum
}

export function axisLines(group: readonly AxisDemand[], offers: Offers): Line[] {
  return group.flatMap((d) => {
    const agreed = agrees(d, offers)
    const offer = offers[d.axis]
    if (agreed === null || offer === null || offer === undefined) return []
    return [lineOf({ ...d, causes: tellingFirst(d, offer, agreed) }, d.want, offer, agreed)]
  })
}

/** From so much agreement on a line is a good one. */
const WELL = 0.8

/** What explains a line stands first in it: of a bad one the rule that the offer fails most, of a good one that which it meets best. */
function tellingFirst({ spec, causes }: AxisDemand, offer: number, agreed: number): readonly RuleContribution[] {
  const telling = ({ want, weight }: RuleContribution) => {
    const own = want === undefined ? agreed : agreement(spec, offer, want)
    return weight * (agreed < WELL ? 1 - own : own)
  }
  return [...causes].sort((a, b) => telling(b) - telling(a) || (a.ruleId < b.ruleId ? -1 : 1))
}

function lineOf(
  { axis, spec, weight, causes }: Pick<AxisDemand, 'axis' | 'spec' | 'weight' | 'causes'>,
  want: number | null,
  offer: number | null,
  agreed: number,
): Line {
  const log = logChance(spec, agreed, weight)
  const won = Math.max(0, log - logChance(spec, MIDDLING, weight))
  return { axis, link: spec.link, want, offer, agreement: agreed, chance: Math.exp(log), won, causes, habit: null }
}

/** What a dressed lure offers on the axes it answers. */
export function buildOffers(offer: Offer, contrast: number, record: number): Offers {
  const { presence, amplitude, sound } = offer
  return {
    presence,
    amplitude,
    sound,
    contrast,
    record,
    length: offer.lengthM,
  }
}

/** How well its colours are liked in this water, 0 … 1. */
export function colourLiking(offer: Pick<Offer, 'colour'>, demand: Demand): number {
  return COLOUR_GROUPS.reduce((sum, g) => sum + offer.colour[g] * demand.colour.liking[g], 0)
}

/** Logarithm of the chance that its colours leave. */
export const colourLog = (offer: Pick<Offer, 'colour'>, demand: Demand) =>
  demand.colour.weight === 0 ? 0 : logChance(COLOUR, colourLiking(offer, demand), demand.colour.weight)

export function colourLines(offer: Pick<Offer, 'colour'>, demand: Demand): Line[] {
  const { weight, causes } = demand.colour
  if (weight === 0) return []
  const liked = colourLiking(offer, demand)
  return [lineOf({ axis: 'colour', spec: COLOUR, weight, causes }, null, liked, liked)]
}
const COLOUR = axisOf('colour')

/** Logarithm of the chance where so much weight recommends a set-up, and warnings cost so much. */
export function practiceLog(favoured: number, warned: number): number {
  return Math.log(1 - (1 - CHANCES.unspoken) * Math.exp(-favoured / CHANCES.spoken)) - warned
}

/** What practice says of a set-up: all that recommends it in one line, and one for each warning. What it says of others is not here. */
export function practiceLines(spoken: readonly Preference[]): Line[] {
  const favours = spoken.filter((h) => h.kind === 'favour').sort((a, b) => b.weight - a.weight)
  const favoured = favours.reduce((sum, h) => sum + h.weight, 0)
  const log = practiceLog(favoured, 0)
  const line = (axis: 'practice' | 'warning', chance: number, won: number, of: readonly Preference[]): Line => ({
    axis,
    link: 'wanted',
    want: null,
    offer: null,
    agreement: axis === 'warning' ? 0 : chance,
    chance,
    won,
    causes: of.map((h) => h.cause),
    habit: of[0] ? { test: of[0].test, unless: of[0].unless } : null,
  })
  return [
    line('practice', Math.exp(log), log - practiceLog(0, 0), favours),
    ...spoken.filter((h) => h.kind === 'avoid').map((h) => line('warning', Math.exp(-warningOf(h)), 0, [h])),
  ]
}

/** Points between two scores for each unit of logarithm between them: the logarithmic mean, by which what sets them apart adds up. */
export function pointsPerLog(a: number, b: number): number {
  if (a <= 0 || b <= 0) return 0
  return Math.abs(a - b) < 1e-9 ? a : (a - b) / Math.log(a / b)
}

/** The account made up. */
export interface Account {
  /** The product of the chances of all lines, 0 … 1. */
  readonly chance: number
  /** 0 … 100: the chance against that of the best that could be tied on. */
  readonly score: number
  readonly parts: ScoreTerm[]
}

/**
 * What the lines come to, and what each costs: its share, by logarithms, of what the score lacks. The dearest first, equals by name, so that the same account always reads the
 * same. Example: lines of 0.5 and 0.8 against a best of 0.8 leave 0.4 / 0.8 = 50 points; of the 50 that are lacking ln 0.5 / ln 0.4 = 38 go to the first.
 */
export function accountOf(lines: readonly Line[], against = 1): Account {
  const chance = lines.reduce((product, p) => product * p.chance, 1)
  const score = 100 * Math.min(1, chance / against)
  const each = chance >= 1 ? 0 : (100 - score) / -Math.log(chance)
  const name = (p: Line) => `${p.axis} ${p.causes[0]?.ruleId ?? ''}`
  const parts = lines.map((p): ScoreTerm => ({ ...p, lost: p.chance >= 1 ? 0 : -Math.log(p.chance) * each }))
  return {
    chance,
    score,
    parts: parts.sort((a, b) => b.lost - a.lost || b.won - a.won || (name(a) < name(b) ? -1 : 1)),
  }
}

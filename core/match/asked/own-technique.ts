import { DOINGS } from '../../../data/cadences'
import {
  FAMILIES,
  REEL_TYPES,
  ROD_POWERS,
  TECHNIQUES,
  findTechnique,
  techniqueOf,
  techniquesOf,
  type FamilyId,
  type Technique,
} from '../../tackle'
import { z } from '../../zod'
import { OWN_ID } from './offer-test'
import type { Rule } from './rule'
import { RuleWhen } from './rule-when'

const idsOf = (of: readonly { readonly id: string }[]) => of.map(({ id }) => id) as [string, ...string[]]

/** What the hand can do: a quarter of a second is the shortest pull, two minutes the longest rest that a log holds; nothing is worked slower than a drift or faster than the fastest reel. */
type Doing = keyof typeof DOINGS
const Pace = z.number().min(0.005).max(6)
const Rest = z.number().min(0).max(120)
const InWindow = z.number().min(0).max(1)
const RodM = z.number().min(0.4).max(5)

/** How far the parts of a beat may be from one whole pull: shares typed as thirds are. */
const NEARLY_WHOLE = 0.02

const Fields = z.strictObject({
  id: z.string().regex(OWN_ID),
  /** The technique of the register that it is a copy of: how it is delivered, what the lure does in the rest, where it is worked. */
  of: z.enum(idsOf(TECHNIQUES)),
  name: z.string().trim().min(2).max(60),
  /** What the hand does, in a sentence. */
  how: z.string().trim().min(3).max(200),
  /** Of the kinds of lure that its original is for. */
  families: z
    .array(z.enum(idsOf(FAMILIES)))
    .min(1)
    .readonly(),
  /** As of a technique of the register: of the lure's own window, in m/s, or null where water or boat sets it. */
  pace: z.union([
    z.strictObject({ window: z.tuple([InWindow, InWindow]).readonly() }),
    z.strictObject({ mps: z.tuple([Pace, Pace, Pace]).readonly() }),
    z.null(),
  ]),
  pullS: z.number().min(0.25).max(60),
  restS: z.tuple([Rest, Rest, Rest]).readonly().nullable(),
  beat: z
    .array(
      z.strictObject({ does: z.enum(Object.keys(DOINGS) as [Doing, ...Doing[]]), part: z.number().positive().max(1) }),
    )
    .min(1)
    .max(6)
    .readonly()
    .nullable(),
  tackle: z.strictObject({
    /** Strength of line, as so many times what lure and fish ask. */
    line: z.number().min(0.3).max(3).optional(),
    rodM: z.tuple([RodM, RodM]).readonly().optional(),
    power: z
      .tuple([z.enum(ROD_POWERS), z.enum(ROD_POWERS)])
      .readonly()
      .optional(),
    reels: z.array(z.enum(REEL_TYPES)).min(1).readonly().optional(),
  }),
  /** Whether rules that speak of its original speak of it too. */
  likeOriginal: z.boolean(),
  /** When the angler reaches for it. */
  reach: z
    .strictObject({
      sentence: z.string().trim().min(3).max(200),
      when: RuleWhen,
      weight: z.number().positive().max(25),
    })
    .nullable(),
})

const rising = (marks: readonly number[]) => marks.every((mark, i) => i === 0 || mark >= (marks[i - 1] ?? mark))

/** A technique of the angler's own: one of the register, changed. Bad figures are refused at their place. */
export const OwnTechnique = Fields.superRefine((own, { addIssue }) => {
  const original = techniqueOf(own.of)
  const fault = (path: string[], message: string) => addIssue({ code: 'custom', path, message, input: own })
  const kind = (pace: Technique['pace']) => (pace === null ? 'null' : 'mps' in pace ? 'mps' : 'window')
  if (kind(own.pace) !== kind(original.pace))
    fault(['pace'], 'its pace is told as that of the technique it is a copy of')
  if (own.pace && !rising('mps' in own.pace ? own.pace.mps : own.pace.window))
    fault(['pace'], 'from slow to fast, each no less than the one before')
  if ((own.restS === null) !== (original.restS === null))
    fault(['restS'], 'it rests where the technique it is a copy of rests')
  if (own.restS && !rising(own.restS)) fault(['restS'], 'from short to long, each no less than the one before')
  if (own.families.some((id) => !original.works.families.includes(id)))
    fault(['families'], 'kinds of lure that the technique it is a copy of is for')
  const { rodM, power } = own.tackle
  if (rodM && !rising(rodM)) fault(['tackle', 'rodM'], 'from short to long')
  if (power && !rising(power.map((p) => ROD_POWERS.indexOf(p)))) fault(['tackle', 'power'], 'from light to heavy')
  const whole = own.beat?.reduce((sum, { part }) => sum + part, 0) ?? 1
  if (Math.abs(whole - 1) > NEARLY_WHOLE) fault(['beat'], 'the parts of a pull are one whole together')
})
export type OwnTechnique = z.infer<typeof OwnTechnique>

/** A copy to begin with: just as its original, under a name of its own. */
export function copyOf(
  { id: of, name, how, works, pace, pullS, restS, beat, tackle }: Technique,
  id: string,
): OwnTechnique {
  return {
    id,
    of: of as OwnTechnique['of'],
    name: `${name}, my way`.slice(0, 60),
    how,
    families: works.families as OwnTechnique['families'],
    pace,
    pullS,
    restS,
    beat: beat ?? null,
    tackle: tackle ?? {},
    likeOriginal: true,
    reach: null,
  }
}

/** What it is as a technique. */
export function techniqueOfOwn(own: OwnTechnique): Technique {
  const { when: _, beat: __, tackle: ___, speaksAs: ____, ...original } = techniqueOf(own.of)
  const { id, name, how, families, pace, pullS, restS, beat, tackle } = own
  return {
    ...original,
    id,
    name,
    how,
    facts: [],
    works: { ...original.works, families },
    pace,
    pullS,
    restS,
    tackle,
    ...(beat && { beat }),
    ...(own.likeOriginal && { speaksAs: own.of }),
  }
}

/** When the angler reaches for it, as a rule of the angler's own; none where it is not said. */
export function rulesOfOwn({ id, reach }: OwnTechnique): Rule[] {
  if (!reach) return []
  const { sentence, when, weight } = reach
  return [
    {
      id,
      side: null,
      facts: [],
      when,
      effects: [{ favour: { technique: [id] }, weight }],
      sentence,
      basis: 'my own technique',
    },
  ]
}

/** Techniques in which a family is worked by an angler: those of the register, then the angler's own. */
export function techniquesWith(own: readonly Technique[]): (family: FamilyId) => readonly Technique[] {
  if (own.length === 0) return techniquesOf
  const found = new Map<FamilyId, readonly Technique[]>()
  return (family) => {
    let known = found.get(family)
    if (!known) {
      known = [...techniquesOf(family), ...own.filter(({ works }) => works.families.includes(family))]
      found.set(family, known)
    }
    return known
  }
}

/** A technique of the register or of the angler's own; null where neither holds it: it was thrown away since. */
export const techniqueAmong = (own: readonly OwnTechnique[], id: string): Technique | null => {
  const mine = own.find((one) => one.id === id)
  return mine ? techniqueOfOwn(mine) : findTechnique(id)
}

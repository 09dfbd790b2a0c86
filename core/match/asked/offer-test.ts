import { HEAD_SNAG } from '../../../data/heads'
import { z } from '../../zod'
import {
  COLOUR_GROUPS,
  DELIVERY_IDS,
  FAMILIES,
  HEAD_KINDS,
  HUNG,
  MOUNT_KINDS,
  TECHNIQUES,
  ROD_ACTIONS,
  ROD_POWERS,
  ROD_PURPOSES,
  TRAILER_KINDS,
  familyOf,
  groupShares,
  type Build,
  type ColourGroup,
  type Technique,
  type Work,
} from '../../tackle'
import type { Outfit } from '../setup'

const oneOf = <const T extends readonly [string, ...string[]]>(values: T) => z.array(z.enum(values)).min(1).readonly()
/** Ids of an angler's own techniques begin so; no technique of the register does. */
export const OWN_ID = /^own-[a-z\d-]{1,36}$/
const ids = (of: readonly { readonly id: string }[]) => of.map((o) => o.id) as [string, ...string[]]
/** From and to, both included. */
const Span = z.tuple([z.number(), z.number()]).readonly()
export type Span = z.infer<typeof Span>

/**
 * What a rule of practice speaks of: a kind of lure, the way it is hooked, fished and on what. All named parts must agree; lists are "one of", spans
 * include their ends. SI throughout.
 */
export const OfferTest = z.strictObject({
  family: oneOf(ids(FAMILIES)).optional(),
  body: oneOf(['hard', 'soft', 'wire', 'metal', 'jig']).optional(),
  mount: oneOf(MOUNT_KINDS).optional(),
  head: oneOf(HEAD_KINDS).optional(),
  headKg: Span.optional(),
  /** Mass of a loose hook, with what is moulded on it. */
  hookKg: Span.optional(),
  /** Whether the point of a loose hook is buried in the body. */
  weedless: z.boolean().optional(),
  hooks: oneOf(HUNG).optional(),
  sound: oneOf(['silent', 'knock', 'rattles']).optional(),
  trailer: oneOf(['none', ...TRAILER_KINDS]).optional(),
  /** The colour that most of it has. */
  colour: oneOf(COLOUR_GROUPS).optional(),
  lengthM: Span.optional(),
  massKg: Span.optional(),
  /** What is said of its make. */
  make: z.record(z.string(), z.array(z.union([z.string(), z.boolean()])).readonly()).optional(),
  traits: z.record(z.string(), z.array(z.union([z.string(), z.boolean()])).readonly()).optional(),
  /** Traits that are figures. */
  sized: z.record(z.string(), Span).optional(),
  technique: z
    .array(z.union([z.enum(ids(TECHNIQUES)), z.string().regex(OWN_ID)]))
    .min(1)
    .readonly()
    .optional(),
  /** How fast within its range it is worked, 0 … 1. */
  tempo: Span.optional(),
  delivery: oneOf(DELIVERY_IDS).optional(),
  restS: Span.optional(),
  rodAction: oneOf(ROD_ACTIONS).optional(),
  rodPower: oneOf(ROD_POWERS).optional(),
  rodPurpose: oneOf(ROD_PURPOSES).optional(),
  rodM: Span.optional(),
  fights: oneOf(['with the rod', 'with the reel']).optional(),
  reel: oneOf(['casting', 'spinning', 'overhead']).optional(),
  gearRatio: Span.optional(),
  lineN: Span.optional(),
  lineM: Span.optional(),
  material: oneOf(['mono', 'fluoro', 'braid']).optional(),
})
export type OfferTest = z.infer<typeof OfferTest>

const inSpan = (value: number | null | undefined, span: Span | undefined) =>
  !span || (typeof value === 'number' && value >= span[0] - 1e-12 && value <= span[1] + 1e-12)
const inList = <T>(value: T, list: readonly T[] | undefined) => !list || list.includes(value)

function main(shares: Readonly<Record<ColourGroup, number>>): ColourGroup {
  return COLOUR_GROUPS.reduce((most, g) => (shares[g] > shares[most] + 1e-12 ? g : most))
}

type Traits = Readonly<Record<string, string | boolean | number | undefined>>

function traitsFit({ traits, sized }: Pick<OfferTest, 'traits' | 'sized'>, of: Traits): boolean {
  for (const [name, wanted] of Object.entries(traits ?? {})) {
    const value = of[name]
    if ((typeof value !== 'string' && typeof value !== 'boolean') || !wanted.includes(value)) return false
  }
  for (const [name, span] of Object.entries(sized ?? {})) {
    const value = of[name]
    if (!inSpan(typeof value === 'number' ? value : null, span)) return false
  }
  return true
}

/** Buried points come through cover; a head, a wacky hook and a nose hook ride bare. */
function isWeedless({ mount }: Build): boolean {
  if (mount.kind === 'own') return false
  if (mount.kind === 'head') return mount.head.kind in HEAD_SNAG
  return (
    mount.kind === 'texas' || mount.kind === 'belly' || (mount.kind === 'drop-shot' && mount.hook.style !== 'drop-shot')
  )
}

/** Whether a test agrees with the dressed lure, as far as it speaks of that. */
export function buildFits(test: OfferTest, build: Build): boolean {
  const { lure, mount, trailer } = build
  const head = mount.kind === 'head' ? mount.head : null
  return (
    inList(lure.family, test.family) &&
    inList(familyOf(lure.family).body, test.body) &&
    inList(mount.kind, test.mount) &&
    (!test.head || (head !== null && test.head.includes(head.kind))) &&
    (!test.headKg || inSpan(head?.massKg, test.headKg)) &&
    (!test.hookKg || inSpan('hook' in mount ? mount.hook.massKg : null, test.hookKg)) &&
    (test.weedless === undefined || test.weedless === isWeedless(build)) &&
    (!test.hooks || (lure.hooks !== null && test.hooks.includes(lure.hooks.style))) &&
    inList(lure.sound, test.sound) &&
    inList(trailer?.kind ?? 'none', test.trailer) &&
    (!test.colour || test.colour.includes(main(groupShares(lure.colour)))) &&
    traitsFit({ traits: test.make }, (lure.make ?? {}) as Traits) &&
    inSpan(lure.lengthM, test.lengthM) &&
    inSpan(build.massKg, test.massKg) &&
    traitsFit(test, lure.traits as Traits)
  )
}

/** A copy that goes as its original is meant where that is. */
const isNamed = ({ id, speaksAs }: Technique, list: readonly string[] | undefined) =>
  !list || list.includes(id) || (speaksAs !== undefined && list.includes(speaksAs))

/** Whether it agrees with the way of fishing. */
export function workFits(test: OfferTest, { technique, tempo, restS }: Work): boolean {
  return (
    isNamed(technique, test.technique) &&
    inList(technique.delivery, test.delivery) &&
    inSpan(tempo, test.tempo) &&
    inSpan(restS, test.restS)
  )
}

/** Whether it agrees with rod, reel and line. */
export function outfitFits(test: OfferTest, { rod, reel, line }: Outfit): boolean {
  return (
    inList(rod.action, test.rodAction) &&
    inList(rod.power, test.rodPower) &&
    inList(rod.purpose, test.rodPurpose) &&
    inSpan(rod.lengthM, test.rodM) &&
    inList(rod.fights, test.fights) &&
    inList(reel.type, test.reel) &&
    inSpan(reel.gearRatio, test.gearRatio) &&
    inSpan(line.strengthN, test.lineN) &&
    inSpan(line.diameterM, test.lineM) &&
    inList(line.material, test.material)
  )
}

const OF_HAND = ['technique', 'delivery', 'tempo', 'restS'] as const
const OF_OUTFIT = [
  'rodAction',
  'rodPower',
  'rodPurpose',
  'rodM',
  'fights',
  'reel',
  'gearRatio',
  'lineN',
  'lineM',
  'material',
] as const

/** Beside the dressed lure: whether the way of fishing must be known to answer; and whether rod, reel or line must. */
export function asksOf(test: OfferTest): { readonly hand: boolean; readonly outfit: boolean } {
  let found = asked.get(test)
  if (!found) {
    const names = (key: keyof OfferTest) => test[key] !== undefined
    asked.set(test, (found = { hand: OF_HAND.some(names), outfit: OF_OUTFIT.some(names) }))
  }
  return found
}
const asked = new WeakMap<OfferTest, ReturnType<typeof asksOf>>()

import { COLOUR_GROUPS, COLOURS, familyOf, groupShares, type Build, type ColourGroup, type Lure } from '../../tackle'
import { countDowns, evaluateBuild, rejectionReason, workRefusal, type MatchContext } from '../possible'
import { scoreSetUp, SNAG_LIMIT, type Ranked } from '../tuned'
import type { SetUp } from '../setup'

/** One change to a set-up, and what it would be worth. */
export interface Improvement {
  readonly change:
    | { readonly kind: 'length'; readonly toM: number }
    | { readonly kind: 'colour'; readonly to: ColourGroup }
    | { readonly kind: 'sound'; readonly to: Lure['sound'] }
    | { readonly kind: 'mass'; readonly toKg: number }
    | { readonly kind: 'running-depth'; readonly toM: number }
    | { readonly kind: 'line'; readonly toM: number }
    | { readonly kind: 'cast'; readonly toM: number }
  readonly points: number
}

/** Steps that an angler could buy or tie: half to double the weight, a third off or on the line and the diving depth. */
const STEPS = [0.6, 0.8, 1.25, 1.6] as const
const LONGER_CAST = 1.25
/** Whoever is so much of one colour group is told no other shade of it. */
const MOSTLY = 0.4
/** A change worth less is not worth naming, points. */
const MIN_GAIN = 0.5

function withLure(setUp: SetUp, change: Partial<Lure>): SetUp {
  // The changed field keeps the type it has in its own family; the union only cannot see it.
  return { ...setUp, build: { ...setUp.build, lure: { ...setUp.build.lure, ...change } as Lure } }
}

/** A lure of other length or dive is another lure: what was tested on this one does not hold for it. */
const another = (lure: Lure) => `${lure.id}~`

function withLength(setUp: SetUp, lengthM: number): SetUp {
  const { lure, massKg } = setUp.build
  const by = (lengthM / lure.lengthM) ** 3
  const ownKg = lure.measuredMassKg ?? lure.massKg
  const changed = withLure(setUp, { id: another(lure), lengthM, massKg: ownKg * by, measuredMassKg: null })
  return { ...changed, build: { ...changed.build, massKg: massKg + ownKg * (by - 1) } }
}

/** The same rig with its weight changed where its weight sits: in head or sinker, else in the lure. */
function withMass(setUp: SetUp, by: number): { setUp: SetUp; toKg: number } {
  const { build } = setUp
  const { mount } = build
  const changed = (over: Partial<Build>, addedKg: number): SetUp => ({
    ...setUp,
    build: { ...build, ...over, massKg: build.massKg + addedKg },
  })
  if (mount.kind === 'head') {
    const massKg = mount.head.massKg * by
    return {
      setUp: changed({ mount: { ...mount, head: { ...mount.head, massKg } } }, massKg - mount.head.massKg),
      toKg: massKg,
    }
  }
  if ((mount.kind === 'texas' || mount.kind === 'drop-shot') && mount.sinker) {
    const massKg = mount.sinker.massKg * by
    const heavier: Build['mount'] =
      mount.kind === 'texas'
        ? { ...mount, sinker: { ...mount.sinker, massKg } }
        : { ...mount, sinker: { ...mount.sinker, massKg } }
    return { setUp: changed({ mount: heavier }, massKg - mount.sinker.massKg), toKg: massKg }
  }
  const ownKg = build.lure.measuredMassKg ?? build.lure.massKg
  const lure = { ...build.lure, massKg: ownKg * by, measuredMassKg: null } as Lure
  return { setUp: changed({ lure }, ownKg * (by - 1)), toKg: ownKg * by }
}

/** A colour id that stands for a group, to ask what a lure in it would score. */
function anyOf(group: ColourGroup) {
  const colour = COLOURS.find((c) => c.group === group)
  if (!colour) throw new Error(`no colour of group ${group} in data/colours`)
  return colour.id as Lure['colour']['flank']
}

/** After a change of weight the count-down to the same place is another. */
function recounted(setUp: SetUp, context: MatchContext): SetUp[] {
  const { motion } = evaluateBuild(setUp.build, context.known(setUp.build.lure), context.reading)
  return countDowns(setUp.build, motion, setUp.handling.technique, context.c, context.reading, context.countedOn).map(
    (countDownS) => ({
      ...setUp,
      handling: { ...setUp.handling, countDownS },
    }),
  )
}

function changesTo(
  { setUp, parts }: Ranked,
  context: MatchContext,
): { change: Improvement['change']; setUps: SetUp[] }[] {
  const { build, outfit } = setUp
  const { lure } = build
  const shares = groupShares(lure.colour)
  const tries: { change: Improvement['change']; setUps: SetUp[] }[] = []
  const wanted = parts.find((p) => p.axis === 'length')?.want
  if (wanted) tries.push({ change: { kind: 'length', toM: wanted }, setUps: [withLength(setUp, wanted)] })
  for (const to of COLOUR_GROUPS) {
    if (context.demand.colour.liking[to] < 0.9 || shares[to] >= MOSTLY) continue
    const id = anyOf(to)
    tries.push({
      change: { kind: 'colour', to },
      setUps: [withLure(setUp, { colour: { back: id, flank: id, belly: id, pattern: 'plain' } })],
    })
  }
  if (familyOf(build.lure.family).capabilities?.rattleChoice)
    for (const to of ['silent', 'rattles'] as const)
      if (to !== lure.sound) tries.push({ change: { kind: 'sound', to }, setUps: [withLure(setUp, { sound: to })] })
  for (const by of STEPS) {
    const heavier = withMass(setUp, by)
    tries.push({ change: { kind: 'mass', toKg: heavier.toKg }, setUps: recounted(heavier.setUp, context) })
    if ('depthM' in lure.traits) {
      const depthM = lure.traits.depthM * by
      tries.push({
        change: { kind: 'running-depth', toM: depthM },
        setUps: [withLure(setUp, { id: another(lure), traits: { ...lure.traits, depthM } } as Partial<Lure>)],
      })
    }
    const diameterM = outfit.line.diameterM * by
    const line = { ...outfit.line, diameterM, strengthN: outfit.line.strengthN * by ** 2 }
    if (rejectionReason({ ...outfit, line }, setUp.leader, context.species, context.c)) continue
    tries.push({ change: { kind: 'line', toM: diameterM }, setUps: [{ ...setUp, outfit: { ...outfit, line } }] })
  }
  return tries
}

/** The single change that would lift a set-up most, or null where none is worth naming. */
export function bestSingleChange(ranked: Ranked, context: MatchContext): Improvement | null {
  let best: Improvement | null = null
  const weigh = (change: Improvement['change'], setUp: SetUp, on: MatchContext) => {
    const { build, outfit, leader, handling } = setUp
    if (workRefusal(build.massKg, { outfit, leader }, handling.technique.delivery)) return
    const tried = scoreSetUp(setUp, on)
    if (tried.thrown.risk > SNAG_LIMIT) return
    const points = tried.score - ranked.score
    if (points >= MIN_GAIN && (!best || points > best.points + 1e-9)) best = { change, points }
  }
  for (const { change, setUps } of changesTo(ranked, context)) for (const setUp of setUps) weigh(change, setUp, context)
  weigh({ kind: 'cast', toM: ranked.thrown.plan.castM * LONGER_CAST }, ranked.setUp, {
    ...context,
    castM: (setUp, motion) => LONGER_CAST * context.castM(setUp, motion),
  })
  return best
}

import { LINE_BY_WEIGHT, ROD_LENGTHS, STRENGTH_WIDTH, WRONG_REEL } from '../../../data/fish-tackle'
import { HOOK_BY_BODY } from '../../../data/hooks'
import { JOINT_LIMITS } from '../../../data/joints'
import { CAST_STRENGTH, EASY_TURNS, HOOK_ON_ROD, WEAK_LINK, WIRE_UNASKED } from '../../../data/tackle-limits'
import {
  ROD_POWERS,
  castStrengthN,
  deliveryOf,
  hookOff,
  isWound,
  lineAsRated,
  lineOnRodN,
  rodFit,
  weakestN,
  type Build,
  type Leader,
  type Reel,
  type Technique,
  type Work,
} from '../../tackle'
import type { Outfit } from '../setup'
import type { Band, TackleAsked } from './tackle-asked'

const bell = (off: number) => Math.exp(-(off ** 2) / 2)

/** 1 within a band of strengths, falling on either side: too weak sooner than too strong. */
function strengthFit(low: number, high: number, [least, most]: Band): number {
  if (low < least) return bell(Math.log(low / least) / STRENGTH_WIDTH.weak)
  return high > most ? bell(Math.log(high / most) / STRENGTH_WIDTH.strong) : 1
}

const lengthFit = (lengthM: number, [least, most]: Band) =>
  bell(Math.max(0, least - lengthM, lengthM - most) / ROD_LENGTHS.width)

/** 1 in the middle of a range, a little less at its ends, little outside it. */
function rangeFit(value: number, low: number, high: number): number {
  const place = (value - low) / (high - low)
  return place < 0 || place > 1 ? 0.55 : 1 - 0.25 * Math.abs(place - 0.5)
}

function reelFit({ type }: Reel, massKg: number, { delivery }: Technique, { reels }: TackleAsked): number {
  if (reels && !reels.includes(type)) return WRONG_REEL.other
  const lowered = delivery === 'vertical'
  return lowered && type === 'spinning' && massKg > WRONG_REEL.loadKg ? WRONG_REEL.underLoad : 1
}

/** How far the reel's gearing lets the hand wind at the wanted pace with ease, as a factor. A pull of the rod asks nothing of it. */
export function gearRatioFit(
  reel: Pick<Reel, 'linePerTurnM'>,
  { technique, paceMps }: Pick<Work, 'technique' | 'paceMps'>,
): number {
  if (!isWound(technique)) return 1
  const turns = paceMps / reel.linePerTurnM
  return turns < EASY_TURNS.least ? EASY_TURNS.slower : turns > EASY_TURNS.most ? EASY_TURNS.faster : 1
}

/** Agreement of rod and reel with what a lure’s technique asks, 0 … 1, but for the pace ({@link gearRatioFit}). */
export function rodAndReelFit(
  { massKg }: Pick<Build, 'massKg'>,
  { rod, reel }: Outfit,
  technique: Technique,
  asked: TackleAsked,
): number {
  const need = rodFit({ power: asked.power, action: asked.action, why: '' }, rod)
  const mass = deliveryOf(technique.delivery).thrown === 'none' ? 1 : rangeFit(massKg, rod.lureMinKg, rod.lureMaxKg)
  return (0.65 * need + 0.35 * mass) * lengthFit(rod.lengthM, asked.rodM) * reelFit(reel, massKg, technique, asked)
}

/** Agreement of line and leader, each two-sided, with what weight, fish and cover ask, 0 … 1. */
export function lineAndLeaderFit(
  build: Build,
  outfit: Outfit,
  leader: Leader | null,
  technique: Technique,
  asked: TackleAsked,
): number {
  const { rod, line } = outfit
  const { weakest, rated, onRod } = lineOnRod(outfit, leader)
  return (
    strengthFit(weakest, rated, asked.lineN) *
    leaderFit(line, leader, asked) *
    onRod *
    (deliveryOf(technique.delivery).thrown === 'cast' ? castStrengthFit(build.massKg, weakest) : 1) *
    hookFit(build, rod, weakest) *
    hookSizeFit(build)
  )
}

/** Of line and leader on their rod: what breaks first and what the line is rated for, N, and how well both suit the rod, as a factor. Worked out once. */
function lineOnRod(outfit: Outfit, leader: Leader | null) {
  let known = onRods.get(outfit)
  if (!known) onRods.set(outfit, (known = new Map()))
  let found = known.get(leader)
  if (!found) {
    const { rod, line } = outfit
    const share = rangeFit(lineOnRodN(rod, lineAsRated(line, leader)), rod.lineMinN, rod.lineMaxN)
    found = {
      weakest: weakestN(line, leader),
      rated: line.material === 'braid' ? line.strengthN / LINE_BY_WEIGHT.braid : line.strengthN,
      onRod: 0.8 + 0.2 * share,
    }
    known.set(leader, found)
  }
  return found
}
const onRods = new WeakMap<Outfit, Map<Leader | null, Readonly<Record<'weakest' | 'rated' | 'onRod', number>>>>()

function leaderFit(
  line: Outfit['line'],
  leader: Leader | null,
  { leaderN, noLeader, stout, teeth }: TackleAsked,
): number {
  if (!leader) return line.material === 'braid' ? noLeader : (1 + noLeader) / 2
  const share = leader.strengthN / line.strengthN
  const weakLink =
    share > WEAK_LINK.over ? (stout ? 1 : WEAK_LINK.factor) : share < WEAK_LINK.under ? WEAK_LINK.wastes : 1
  const wire = leader.material === 'wire' && !teeth ? WIRE_UNASKED : 1
  return strengthFit(leader.strengthN, leader.strengthN, leaderN) * weakLink * wire
}

/** How well line and leader bear the cast, as a factor. */
function castStrengthFit(massKg: number, weakest: number): number {
  const share = weakest / castStrengthN(massKg)
  const missing = Math.min(1, Math.max(0, (1 - share) / (1 - CAST_STRENGTH.least)))
  return 1 - CAST_STRENGTH.costs * missing
}

/** How well the size of a hook suits the body that it goes into, as a factor; worked out once a build. */
function hookSizeFit(build: Build): number {
  const known = sizeFits.get(build)
  if (known !== undefined) return known
  const { lure, mount } = build
  const off =
    mount.kind === 'head'
      ? hookOff(lure, mount.head.hookSize, 'head')
      : 'hook' in mount
        ? hookOff(lure, mount.hook.hookSize, mount.kind, mount.hook.style)
        : 0
  const fit = bell(Math.max(0, Math.abs(off) - HOOK_BY_BODY.free) / HOOK_BY_BODY.width)
  sizeFits.set(build, fit)
  return fit
}
const sizeFits = new WeakMap<Build, number>()

/** Builds with the same word ask the same of tackle, as far as their hooks go. */
export function hookKey(build: Build): string {
  const { lure, mount } = build
  const hook = mount.kind === 'head' ? mount.head : 'hook' in mount ? mount.hook : lure.hooks
  const style = mount.kind === 'head' ? mount.head.kind : 'hook' in mount ? mount.hook.style : ''
  return `${mount.kind} ${hook?.wire} ${style} ${hookSizeFit(build)}`
}

/** How far the hook that is tied on suits rod and line, as a factor: a stout one must be driven home, fine wire must not be bent open. */
function hookFit({ lure, mount }: Build, rod: Outfit['rod'], weakest: number): number {
  const at = ROD_POWERS.indexOf(rod.power)
  const hook = mount.kind === 'head' ? mount.head : 'hook' in mount ? mount.hook : lure.hooks
  if (!hook) return 1
  if (hook.wire === 'light') return at >= STRONG ? HOOK_ON_ROD.straightens : 1
  const stout = hook.wire === 'heavy' || (mount.kind === 'head' && mount.head.kind === 'weed-guard')
  if (stout && mount.kind !== 'own') {
    const driven = at >= STRONG ? 1 : at >= MIDDLING ? HOOK_ON_ROD.hardly : HOOK_ON_ROD.hopeless
    return driven * (weakest < HOOK_ON_ROD.stoutLineN ? HOOK_ON_ROD.lineCosts : 1)
  }
  const buried = 'hook' in mount && (mount.hook.style === 'offset' || mount.hook.style === 'straight-shank')
  return buried && at < MIDDLING ? HOOK_ON_ROD.hardly : 1
}
const STRONG = ROD_POWERS.indexOf(JOINT_LIMITS.stoutPower.good)
const MIDDLING = ROD_POWERS.indexOf(JOINT_LIMITS.stoutPower.hopeless)

/** Agreement of all tackle with a way of working a lure, 0 … 1. */
export const tackleFit = (
  build: Build,
  outfit: Outfit,
  leader: Leader | null,
  work: Work,
  asked: TackleAsked,
): number =>
  rodAndReelFit(build, outfit, work.technique, asked) *
  gearRatioFit(outfit.reel, work) *
  lineAndLeaderFit(build, outfit, leader, work.technique, asked)

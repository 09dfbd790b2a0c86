import { HOOK_BY_BODY, LOOSE_STYLES } from '../../../data/hooks'
import { JOINT_LIMITS as LIMITS } from '../../../data/joints'
import { SNAG_RATE_BY_COVER } from '../../../data/snags'
import { SPOON_GAP } from '../../../data/make'
import {
  BITE_PROOF_M,
  CAST_STRENGTH,
  EASY_TURNS,
  KNOT,
  OUTFIT_KG,
  REEL_GIVES,
  ROD_LURE_SLACK,
  SMALL_GUIDES_M,
  WEAK_LINK,
} from '../../../data/tackle-limits'
import type { RoleId } from '../../quantity'
import { hookFits, hookOff, hookSizeFor, isBulky, trailerFits, type GAP_BAND } from '../builds'
import { headSnag } from '../head-snag'
import { hookGapM, type HookSize } from '../hook-size'
import { eachHook, hookPoints, sizeForGap } from '../hung-hooks'
import { familyOf, lureAction, lureMass, type Lure } from '../lure'
import { ROD_POWERS, reelFitsRod, type Hook, type Rod } from '../parts'
import { deliveryOf } from '../delivery'
import { techniquesOf } from '../technique'
import type { RigType } from '../rig'
import {
  canCast,
  castStrengthN,
  chafes,
  lineAsRated,
  lineHoldsN,
  lineInRodRange,
  spoolHoldsM,
  weakestN,
} from '../strength'
import type { Finding, JointFigures, JointId, RigParts, RigWater } from './judge'

type Test = (rig: RigParts, water: RigWater) => Finding

const good = (figures: JointFigures = {}): Finding => ({ verdict: 'good', figures })
const mind = (figures: JointFigures = {}): Finding => ({ verdict: 'mind', figures })
const wrong = (figures: JointFigures = {}): Finding => ({ verdict: 'wrong', figures })
/** A measure, SI, shown by its role. */
const measure = (si: number, role: RoleId) => ({ si, role })
const power = (rod: Pick<Rod, 'power'>) => ROD_POWERS.indexOf(rod.power)
const powerOf = (name: Rod['power']) => ROD_POWERS.indexOf(name)

/** Everything that is thrown, kg. */
export function rigMassKg({ lure, head, hook, sinker, trailer, terminal, further }: RigParts): number {
  const parts = [head, hook, sinker, trailer, terminal]
  const lures = [...(lure ? [lure] : []), ...further.map((one) => one.lure)]
  return (
    lures.reduce((sum, one) => sum + lureMass(one).kg, 0) + parts.reduce((sum, part) => sum + (part?.massKg ?? 0), 0)
  )
}

/** The loose hook of a rig, or the one in its head: what the body is hooked with. */
function bodyHook({
  type,
  head,
  hook,
}: RigParts): { kind: keyof typeof GAP_BAND; size: HookSize; style?: Hook['style'] } | null {
  if (head) return { kind: 'head', size: head.hookSize }
  if (!hook || type.mount === null || type.mount === 'own') return null
  return {
    kind: type.mount === 'head' ? 'head' : type.mount,
    size: hook.hookSize,
    style: hook.style,
  }
}

/** How bare the points ride, 0 buried … 1 bare treble. */
function exposure({ lure, head, hook }: RigParts): number | null {
  if (head) return headSnag(head)
  if (hook) return LOOSE_STYLES[hook.style].exposed
  return lure?.hooks ? lureAction(lure).snag : null
}

/** Inside a range, a little outside, or well outside. */
function inRange(value: number, from: number, to: number, slack: readonly [number, number]): 'good' | 'mind' | 'wrong' {
  if (value >= from && value <= to) return 'good'
  return value >= from * slack[0] && value <= to * slack[1] ? 'mind' : 'wrong'
}

const isTreble = (style: string) => style.endsWith('treble')
const capabilitiesOf = (lure: Lure | null) => (lure ? (familyOf(lure.family).capabilities ?? {}) : {})
const JIG_FIGURE = { slow: 'slow-fall-jig', fast: 'long-jig' } as const

/** Tied for ways in which it is never cast; for ways in which a boat draws it. */
const neverCast = ({ deliveries }: RigType) => deliveries !== undefined && !deliveries.includes('cast')
const isTrolled = ({ deliveries }: RigType) => deliveries?.some((id) => deliveryOf(id).pace === 'boat') ?? false
const castHere = (lure: Lure) => techniquesOf(lure.family).some(({ delivery }) => delivery === 'cast')

export const JOINT_TESTS: Readonly<Record<JointId, Test>> = {
  'hook-body': (rig) => {
    const hook = bodyHook(rig)
    if (!hook || !rig.lure || familyOf(rig.lure.family).body !== 'soft') return null
    const { lengthM } = rig.lure
    const gapM = hookGapM(hook.size)
    const size = hookSizeFor(rig.lure, hook.kind, hook.style)
    const figures = {
      gap: measure(gapM, 'hookGap'),
      length: measure(lengthM, 'lureLength'),
      way: gapM < hookGapM(size) ? 'small' : 'wide',
      size,
    }
    if (!hookFits(hook.kind, hook.size, lengthM, hook.style)) return wrong(figures)
    const off = Math.abs(hookOff(rig.lure, hook.size, hook.kind, hook.style))
    return off > HOOK_BY_BODY.free + HOOK_BY_BODY.width ? mind(figures) : good(figures)
  },
  'stout-hook-rod': ({ head, hook, lure, rod }) => {
    const guarded = lure && capabilitiesOf(lure).stoutGuard?.(lure.traits)
    const buried = hook && (hook.style === 'offset' || hook.style === 'straight-shank')
    const stout = hook?.wire === 'heavy' || head?.wire === 'heavy' || head?.kind === 'weed-guard' || guarded || buried
    if (!rod || !stout) return null
    const figures = { power: rod.power, hook: hook ? { wire: hook.wire, style: hook.style } : 'guarded-hook' }
    if (power(rod) >= powerOf(LIMITS.stoutPower.good)) return good(figures)
    return power(rod) >= powerOf(LIMITS.stoutPower.hopeless) ? mind(figures) : wrong(figures)
  },
  'fine-wire-rod': ({ head, hook, lure, rod }) => {
    const fine = [head?.wire, hook?.wire, lure?.hooks?.wire].includes('light')
    if (!rod || !fine || power(rod) < powerOf(LIMITS.fineWirePower)) return null
    return mind({ power: rod.power, hook: 'light-wire' })
  },
  'treble-tip': ({ lure, rod }) => {
    if (!rod || !lure?.hooks || !isTreble(lure.hooks.style) || hookGapM(lure.hooks.size) > LIMITS.smallTrebleM)
      return null
    const figures = { size: lure.hooks.size, action: rod.action }
    if (rod.action === 'extra-fast') return wrong(figures)
    return rod.action === 'fast' || power(rod) >= powerOf('heavy') ? mind(figures) : good(figures)
  },
  'point-cover': (rig, { cover }) => {
    const bare = exposure(rig)
    const takes = (SNAG_RATE_BY_COVER as Readonly<Record<string, number>>)[cover.kind] ?? 0
    if (bare === null || takes === 0) return null
    const snag = bare * takes * (0.5 + 0.5 * cover.density)
    const figures = { cover: cover.kind }
    return snag >= LIMITS.snag.wrong ? wrong(figures) : snag >= LIMITS.snag.mind ? mind(figures) : good(figures)
  },
  'mass-rod': (rig) => {
    const { lure, rod } = rig
    if (!lure || !rod) return null
    const kg = rigMassKg(rig)
    const say = (m: number) => measure(m, 'lureMass')
    const figures = {
      mass: say(kg),
      range: { from: rod.lureMinKg, to: rod.lureMaxKg, role: 'lureMass' as const },
      way: kg < rod.lureMinKg ? 'too-light' : 'too-heavy',
    }
    return { verdict: inRange(kg, rod.lureMinKg, rod.lureMaxKg, ROD_LURE_SLACK), figures }
  },
  'line-rod': ({ line, leader, rod }) => {
    if (!line || !rod) return null
    const [low, high] = lineAsRated(line, leader)
    const say = (n: number) => measure(n, 'lineStrength')
    const tooWeak = high < rod.lineMinN
    const figures = {
      line: say(line.strengthN),
      range: { from: rod.lineMinN, to: rod.lineMaxN, role: 'lineStrength' as const },
      way: tooWeak ? 'too-weak' : 'too-strong',
    }
    if (!lineInRodRange(rod, line, leader)) return wrong(figures)
    return tooWeak || low > rod.lineMaxN ? mind(figures) : good(figures)
  },
  'cast-strength': (rig) => {
    const { type, lure, line, leader, rod, reel } = rig
    if (!lure || !line || neverCast(type) || !castHere(lure)) return null
    if (rod && reel && !canCast(rod, reel)) return null
    const kg = rigMassKg(rig)
    const holdsN = weakestN(line, leader)
    const askedN = castStrengthN(kg)
    const figures = {
      mass: measure(kg, 'lureMass'),
      holds: measure(holdsN, 'lineStrength'),
      asked: measure(askedN, 'lineStrength'),
    }
    if (holdsN >= askedN) return good(figures)
    return holdsN < CAST_STRENGTH.least * askedN ? wrong(figures) : mind(figures)
  },
  'lowered-rod': ({ type, lure, rod, reel }) => {
    if (!lure || !rod || !reel || neverCast(type) || canCast(rod, reel)) return null
    const figures = { reel: reel.type, purpose: rod.purpose }
    const lowered = techniquesOf(lure.family).some(({ delivery }) => delivery === 'vertical')
    return lowered ? good(figures) : wrong(figures)
  },
  'reel-rod': ({ reel, rod }) => {
    if (!reel || !rod) return null
    const figures = { reel: reel.type, rod: rod.type }
    return reelFitsRod(rod, reel) ? good(figures) : wrong(figures)
  },
  'reel-speed': ({ lure, reel }) => {
    if (!lure || !reel) return null
    const [slow, fast] = familyOf(lure.family).speedMps
    const speed = Math.sqrt(slow * fast)
    const turns = speed / reel.linePerTurnM
    const figures = {
      turns: turns.toFixed(1),
      speed: measure(speed, 'lureSpeed'),
      way: turns < EASY_TURNS.least ? 'too-slow' : 'too-fast',
      better: measure(speed / Math.sqrt(EASY_TURNS.least * EASY_TURNS.most), 'lureLength'),
    }
    return turns < EASY_TURNS.least || turns > EASY_TURNS.most ? mind(figures) : good(figures)
  },
  'jig-rod': ({ lure, rod }) => {
    const { jig } = capabilitiesOf(lure)
    if (!lure || !jig || !rod) return null
    const figures = { purpose: rod.purpose, jig: JIG_FIGURE[jig] }
    if (rod.purpose === 'long-fall') return good(figures)
    if (rod.purpose === (jig === 'fast' ? 'slow-pitch' : 'fast jigging')) return wrong(figures)
    if (rod.purpose === (jig === 'fast' ? 'fast jigging' : 'slow-pitch')) return good(figures)
    return lureMass(lure).kg >= LIMITS.jigRodKg ? mind(figures) : null
  },
  'jig-reel': ({ lure, reel }) => {
    const { jig } = capabilitiesOf(lure)
    if (!lure || !jig || !reel) return null
    const kg = lureMass(lure).kg
    const figures = { jig: JIG_FIGURE[jig], reel: reel.type, mass: measure(kg, 'lureMass') }
    if (jig === 'fast') return reel.type === 'spinning' ? good(figures) : mind({ ...figures, way: 'off-spinning' })
    return reel.type !== 'spinning' || kg <= LIMITS.spinningJigKg
      ? good(figures)
      : mind({ ...figures, way: 'under-thumb' })
  },
  'slow-rod-fight': ({ rod }) => (rod?.fights === 'with the reel' ? good() : null),
  'small-lure-hardware': ({ lure, terminal }) => {
    if (!lure || !terminal || terminal.kind === 'keel') return null
    const kg = lureMass(lure).kg
    if (kg > LIMITS.smallLureKg) return null
    const figures = {
      terminal: terminal.kind,
      own: measure(terminal.massKg, 'lureMass'),
      mass: measure(kg, 'lureMass'),
    }
    const share = terminal.massKg / kg
    return share >= LIMITS.hardware.wrong
      ? wrong(figures)
      : share >= LIMITS.hardware.mind
        ? mind(figures)
        : good(figures)
  },
  'thick-spoon-direct': ({ lure, type, terminal }) => {
    if (capabilitiesOf(lure).knot !== 'direct' || neverCast(type)) return null
    return terminal ? mind() : good()
  },
  'thin-spoon-swivel': ({ lure, terminal }) => {
    if (capabilitiesOf(lure).knot !== 'swivel') return null
    return terminal && ['snap-swivel', 'ball-bearing', 'swivel'].includes(terminal.kind) ? good() : mind()
  },
  twist: ({ lure, type, terminal }) => {
    if (!lure || !familyOf(lure.family).rotates) return null
    if (isTrolled(type)) return terminal?.kind === 'keel' ? good() : wrong()
    return terminal && ['snap-swivel', 'ball-bearing', 'swivel', 'keel'].includes(terminal.kind) ? good() : mind()
  },
  'weak-link': ({ type, weakLinkN, line, leader }) => {
    if (!type.weakLink || !line) return null
    if (weakLinkN === null) return mind()
    const holdsN = weakestN(line, leader) * KNOT
    const say = (n: number) => measure(n, 'lineStrength')
    const figures = { weak: say(weakLinkN), line: say(holdsN) }
    return weakLinkN < holdsN * LIMITS.weakLink ? good(figures) : wrong(figures)
  },
  'leader-line': ({ leader, line }, { toothed, cover }) => {
    if (!leader || !line) return null
    const share = leader.strengthN / lineHoldsN(line)
    if (share > WEAK_LINK.over)
      return toothed !== null || chafes(cover) ? good({ way: 'chafes' }) : mind({ way: 'stronger' })
    return share < WEAK_LINK.under ? mind({ way: 'much-weaker' }) : good({ way: 'gives' })
  },
  teeth: ({ leader, line }, { toothed }) => {
    if (!toothed || !line) return null
    const proof = leader !== null && (leader.material === 'wire' || leader.diameterM >= BITE_PROOF_M)
    return proof ? good() : wrong({ species: toothed, thick: measure(BITE_PROOF_M, 'lineDiameter') })
  },
  'bladed-trailer': ({ lure, trailer }) => {
    if (!capabilitiesOf(lure).slimTrailer || !trailer) return null
    const figures = { trailer: trailer.kind }
    return isBulky(trailer) ? wrong(figures) : good(figures)
  },
  'trailer-length': ({ lure, trailer }) => {
    if (!lure || !trailer || !familyOf(lure.family).takesTrailer) return null
    const say = (m: number) => measure(m, 'lureLength')
    const figures = {
      trailer: say(trailer.lengthM),
      length: say(lure.lengthM),
      way: trailer.lengthM < lure.lengthM / 2 ? 'short' : 'long',
    }
    return trailerFits(trailer, lure.lengthM) ? good(figures) : wrong(figures)
  },
  'stinger-cover': ({ lure, stinger }, { cover }) => {
    const has = stinger || (lure && capabilitiesOf(lure).stinger?.(lure.traits))
    if (!has) return null
    const takes = (SNAG_RATE_BY_COVER as Readonly<Record<string, number>>)[cover.kind] ?? 0
    return takes > SNAG_RATE_BY_COVER.clay ? wrong({ cover: cover.kind }) : good()
  },
  'hook-count': ({ lure, stinger, further }) => {
    if (!lure?.hooks) return null
    const others = further.flatMap((one) =>
      one.dummy ? [] : (one.lure.hooks ?? { style: 'single' as const, count: 1 }),
    )
    const more = others.reduce((sum, { count }) => sum + count, stinger ? 1 : 0)
    if (lure.hooks.count + more < LIMITS.hooks) return null
    return mind({
      hooks: { hooks: lure.hooks, stinger },
      points: others.reduce((sum, hooks) => sum + hookPoints(hooks), hookPoints(lure.hooks) + (stinger ? 1 : 0)),
    })
  },
  'terminal-strength': ({ terminal, line, leader }) => {
    if (!terminal || !line || terminal.kind === 'bead') return null
    const holdsN = weakestN(line, leader) * KNOT
    const say = (n: number) => measure(n, 'lineStrength')
    const figures = { terminal: terminal.kind, own: say(terminal.strengthN), line: say(holdsN) }
    return terminal.strengthN >= holdsN ? good(figures) : wrong(figures)
  },
  'ring-strength': ({ lure, line, leader }) => {
    const ringN = lure?.hooks?.ringN
    if (ringN === undefined || !line) return null
    const holdsN = weakestN(line, leader) * KNOT
    const figures = { own: measure(ringN, 'lineStrength'), line: measure(holdsN, 'lineStrength') }
    return ringN >= holdsN ? good(figures) : wrong(figures)
  },
  'spoon-gap': ({ lure }) => {
    const widthM = lure?.make?.widthM
    if (!lure?.hooks || widthM === undefined || familyOf(lure.family).body !== 'metal') return null
    const gapM = Math.max(...eachHook(lure.hooks).map(({ size }) => hookGapM(size)))
    const figures = {
      gap: measure(gapM, 'hookGap'),
      width: measure(widthM, 'lureLength'),
      size: sizeForGap(SPOON_GAP.good * widthM),
    }
    const share = gapM / widthM
    return share >= SPOON_GAP.good ? good(figures) : share >= SPOON_GAP.least ? mind(figures) : wrong(figures)
  },
  brake: ({ reel, line, leader }) => {
    if (!reel?.dragN || !line) return null
    const holdsN = weakestN(line, leader)
    const figures = {
      brake: measure(reel.dragN, 'lineStrength'),
      asked: measure(REEL_GIVES.brakeGood * holdsN, 'lineStrength'),
    }
    const share = reel.dragN / holdsN
    return share >= REEL_GIVES.brakeGood
      ? good(figures)
      : share >= REEL_GIVES.brakeLeast
        ? mind(figures)
        : wrong(figures)
  },
  capacity: ({ type, reel, line }) => {
    const holdsM = reel && line ? spoolHoldsM(reel, line.diameterM) : null
    if (holdsM === null) return null
    const askedM = isTrolled(type) || neverCast(type) ? REEL_GIVES.letOutM : REEL_GIVES.castsOfLine * REEL_GIVES.castM
    const figures = { holds: measure(holdsM, 'distance'), asked: measure(askedM, 'distance') }
    return holdsM >= askedM ? good(figures) : holdsM >= askedM / 2 ? mind(figures) : wrong(figures)
  },
  'outfit-weight': ({ type, rod, reel }) => {
    if (!rod?.massKg || !reel?.massKg || neverCast(type)) return null
    const kg = rod.massKg + reel.massKg
    const figures = { mass: measure(kg, 'lureMass') }
    return kg <= OUTFIT_KG.light ? good(figures) : kg <= OUTFIT_KG.heavy ? null : mind(figures)
  },
  guides: ({ type, rod, leader }) => {
    if (rod?.guides === 'rollers') return isTrolled(type) ? good({ guides: 'rollers' }) : mind({ guides: 'rollers' })
    if (rod?.guides !== 'small' || !leader || leader.diameterM < SMALL_GUIDES_M) return null
    return mind({ guides: 'small' })
  },
  'line-age': ({ line }) => {
    if (!line?.seasons) return null
    const left = lineHoldsN(line) / line.strengthN
    const figures = { holds: measure(lineHoldsN(line), 'lineStrength'), seasons: line.seasons }
    return left >= LIMITS.agedLine.good ? null : left >= LIMITS.agedLine.least ? mind(figures) : wrong(figures)
  },
  'plug-line': ({ lure, line }) => {
    if (!lure || !line || familyOf(lure.family).swims !== 'dives') return null
    const figures = { thick: measure(line.diameterM, 'lineDiameter') }
    const { mind: some, wrong: much } = LIMITS.plugLineM
    return line.diameterM >= much ? wrong(figures) : line.diameterM >= some ? mind(figures) : good(figures)
  },
  'head-depth': ({ head }, { depthM }) => {
    const row = head && LIMITS.heads.find((h) => depthM <= h.toM)
    if (!head || !row) return null
    const [from, to] = row.kg
    const say = (m: number) => measure(m, 'lureMass')
    const light = head.massKg < from / LIMITS.headTimes
    const heavy = head.massKg > to * LIMITS.headTimes
    const figures = {
      mass: say(head.massKg),
      depth: measure(depthM, 'depth'),
      range: { from, to, role: 'lureMass' as const },
      way: light ? 'light' : 'heavy',
    }
    return light || heavy ? mind(figures) : good(figures)
  },
  'free-knot': ({ lure, type, terminal }) => {
    if (!lure || familyOf(lure.family).body !== 'hard') return null
    if (type.id !== 'direct' && type.id !== 'snap') return null
    return terminal ? good() : mind()
  },
  'hook-bend': ({ lure }, { mood }) => {
    const style = lure?.hooks?.style
    if (style === 'round treble' && mood === 'active') return mind({ style: 'round-bend' })
    if (style === 'in-turned treble' && (mood === 'lethargic' || mood === 'pressured'))
      return mind({ style: 'in-turned' })
    return null
  },
  'underspin-clarity': ({ head }, { visibilityM }) => {
    if (head?.kind !== 'underspin') return null
    return visibilityM > LIMITS.underspinClearM ? mind() : good()
  },
}

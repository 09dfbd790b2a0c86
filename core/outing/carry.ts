import { itemAt } from '../list'
import { fallOf, setUpKey, waysOf, workedDepthM, type MatchContext, type Ranked, type SetUp } from '../match'
import { COLOUR_GROUPS, groupShares, lureAction, modelKeyOf, type Lure } from '../tackle'
import type { Beside, Carried, Way } from './outing'

/** Winding up, looking, aiming: what a cast takes beside its time in the water, s. */
const BETWEEN_CASTS_S = 8
/** Ways kept, as many as fit one screen: the best of so many techniques first, then each of them slower, faster, with other rests and at other depths. */
export const MOST_WAYS = 8
const MOST_TECHNIQUES = 3

/** To a hundredth: finer nobody works, and a code of a party must be short. */
const rounded = (value: number) => Math.round(value * 100) / 100

/** Name of a way within what is carried. */
export const wayId = ({ technique, tempo, patience, countDownS, rodTipM }: SetUp['handling']): string =>
  `${technique.id}/${Math.round(100 * tempo)}-${Math.round(100 * patience)}/${countDownS}/${rodTipM}`

function wayOf({ setUp, thrown, score }: Ranked): Way {
  const { technique, tempo, patience, paceMps, restS, countDownS, rodTipM } = setUp.handling
  const { path, plan } = thrown
  return {
    id: wayId(setUp.handling),
    techniqueId: technique.id,
    name: technique.name,
    tempo: rounded(tempo),
    patience: rounded(patience),
    paceMps: rounded(paceMps),
    pullS: technique.pullS,
    restS: Math.round(restS * 10) / 10,
    countDownS,
    rodTipM,
    depthM: rounded(workedDepthM(thrown)),
    castM: rounded(plan.castM),
    delivery: technique.delivery,
    ...(plan.ballM !== null && { ballM: rounded(plan.ballM) }),
    ...(thrown.dropperM !== null && { dropperM: rounded(thrown.dropperM) }),
    castS: Math.round(Math.min(1800, itemAt(path.t, path.t.length - 1) + BETWEEN_CASTS_S)),
    points: rounded(Math.min(100, Math.max(0, score))),
  }
}

/** The first of each kind, in their order. */
function firstOf(ways: readonly Way[], kindOf: (way: Way) => string): Way[] {
  const kinds = new Set<string>()
  return ways.filter((way) => {
    const kind = kindOf(way)
    return !kinds.has(kind) && kinds.add(kind)
  })
}

/** How it falls, to a millimetre a second and a tenth of a gram. */
function roundedFall(build: SetUp['build'], context: MatchContext): Pick<Carried, 'fallMps' | 'sinksWithN'> {
  const { fallMps, sinksWithN } = fallOf(build, context)
  return { fallMps: Math.round(fallMps * 1000) / 1000, sinksWithN: Math.round(sinksWithN * 1000) / 1000 }
}

/** What the log keeps of a lure. */
export function looksOf(lure: Lure): Beside {
  const shares = groupShares(lure.colour)
  return {
    lureId: lure.id,
    name: lure.name,
    modelKey: modelKeyOf(lure).slice(0, 200),
    family: lure.family,
    lengthM: lure.lengthM,
    colour: COLOUR_GROUPS.reduce((a, b) => (shares[b] > shares[a] ? b : a)),
    sound: lure.sound,
    vibration: lureAction(lure).vibration,
  }
}

/** What holds the fish. */
function gearOf({ build: { lure, mount }, outfit }: SetUp): NonNullable<Carried['gear']> {
  const hook = mount.kind === 'own' ? lure.hooks?.style : mount.kind === 'head' ? mount.head.name : mount.hook.name
  return { rod: outfit.rod.name, line: outfit.line.name, ...(hook && { hook }) }
}

/**
 * A set-up of the match as it goes on the water: what it is, and every way it can be fished there, the match's own way first.
 *
 * @param rig from hook to rod in words
 * @param beside further lures on its line
 */
export function carry(
  setUp: SetUp,
  context: MatchContext,
  id: string,
  rig: string,
  beside: readonly Lure[] = [],
): Carried {
  const { build, outfit } = setUp
  const { lure } = build
  const ranked = waysOf(setUp, context)
  const own = ranked.find((r) => r.key === setUpKey(setUp))
  const ways = (own ? [own, ...ranked] : ranked).map(wayOf)
  const apart = firstOf(ways, ({ techniqueId }) => techniqueId).slice(0, MOST_TECHNIQUES)
  const kept = new Set(apart.map(({ techniqueId }) => techniqueId))
  const further = firstOf(
    ways.filter(({ techniqueId }) => kept.has(techniqueId)),
    (way) =>
      `${way.techniqueId} ${Math.round(way.tempo * 2)} ${Math.round(way.patience * 2)} ${Math.round((way.depthM / context.c.depthM) * 3)}`,
  ).filter((way) => !apart.includes(way))
  return {
    id,
    ...looksOf(lure),
    ...(beside.length > 0 && { beside: beside.map(looksOf) }),
    rig: rig.slice(0, 300),
    linePerTurnM: outfit.reel.linePerTurnM,
    ...roundedFall(build, context),
    gear: gearOf(setUp),
    cost: lure.cost,
    ways: [...apart, ...further].slice(0, MOST_WAYS),
  }
}

import { itemAt } from '../list'
import { fallOf, setUpKey, waysOf, workedDepthM, type MatchContext, type Ranked, type SetUp } from '../match'
import { COLOUR_GROUPS, groupShares, lureAction, modelKeyOf, type Lure } from '../tackle'
import type { Beside, Carried, Way } from './outing'

/** Winding up, looking, aiming: what a cast takes beside its time in the water, s. */
const BETWEEN_CASTS_S = 8
/** Ways kept: the best of each technique at each tempo and depth, as many as fit one screen. */
export const MOST_WAYS = 8

/** Name of a way within what is carried. */
export const wayId = ({ technique, tempo, countDownS, rodTipM }: SetUp['handling']): string =>
  `${technique.id}/${tempo.toFixed(2)}/${countDownS}/${rodTipM}`

function wayOf({ setUp, thrown, score }: Ranked): Way {
  const { technique, tempo, patience, paceMps, restS, countDownS, rodTipM } = setUp.handling
  const { path, plan } = thrown
  return {
    id: wayId(setUp.handling),
    techniqueId: technique.id,
    name: technique.name,
    tempo,
    patience,
    paceMps,
    pullS: technique.pullS,
    restS: Math.round(restS * 10) / 10,
    countDownS,
    rodTipM,
    depthM: Math.round(workedDepthM(thrown) * 100) / 100,
    castM: plan.castM,
    delivery: technique.delivery,
    ballM: plan.ballM,
    dropperM: thrown.dropperM,
    castS: Math.round(Math.min(1800, itemAt(path.t, path.t.length - 1) + BETWEEN_CASTS_S)),
    points: Math.min(100, Math.max(0, score)),
  }
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
  const apart = new Map<string, Way>()
  for (const one of own ? [own, ...ranked] : ranked) {
    const way = wayOf(one)
    const key = `${way.techniqueId} ${Math.round(way.tempo * 2)} ${Math.round((way.depthM / context.c.depthM) * 3)}`
    if (!apart.has(key)) apart.set(key, way)
  }
  return {
    id,
    ...looksOf(lure),
    ...(beside.length > 0 && { beside: beside.map(looksOf) }),
    rig: rig.slice(0, 300),
    linePerTurnM: outfit.reel.linePerTurnM,
    ...fallOf(build, context),
    gear: gearOf(setUp),
    cost: lure.cost,
    ways: [...apart.values()].slice(0, MOST_WAYS),
  }
}

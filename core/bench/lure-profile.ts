import { itemAt } from '../list'
import { PRIOR_SD } from '../../data/bench'
import { familyOf, lureAction, lureMass, type Action, type Build, type Lure } from '../tackle'
import type { Box } from '../box'
import type { BenchTest } from './tests/kinds'
import { UNTESTED, motionOf, type BuildMotion, type TestedMotion } from '../motion'
import { waterDensity } from '../water'
import { believedFigure, measured, type Estimate } from './estimate'
import { canFall, fitFall, type Fitted } from './fit-fall'
import { canRest, fitRest, restWeightN, type Carrying, type Rest } from './fit-rest'
import { fitDive, withDive } from './fit-dive'
import { fitPull, fitTrolled } from './fit-pull'
import {
  dampingOf,
  measuredCast,
  measuredMass,
  rateAction,
  revivalOf,
  speedWindow,
  tearLoad,
  type ActionRated,
  type Revival,
} from './action-scores'

/** All that is known of one lure: from its tests where there are any, else from packet and family, with how far that may be out. */
export interface LureProfile {
  readonly tests: readonly BenchTest[]
  readonly mass: Estimate
  /** Drag of the free fall; null for what does not sink by itself. */
  readonly fall: Fitted | null
  /** How a plug hangs at rest; null for everything else. */
  readonly rest: Rest | null
  /** Planing angle and drag of a diver; null for everything else. And the same behind a boat. */
  readonly dive: Fitted | null
  readonly troll: Fitted | null
  /** Drag of a sinker while it is pulled; null for everything else. */
  readonly pull: Fitted | null
  readonly action: ActionRated | null
  readonly window: { readonly slow: Estimate; readonly fast: Estimate }
  readonly tear: Estimate | null
  readonly cast: Estimate | null
  readonly revival: Revival | null
  readonly damping: ReadonlyMap<string, Estimate>
}

const bare = (lure: Lure): Build => ({ lure, mount: { kind: 'own' }, trailer: null, massKg: lureMass(lure).kg })

export function profileFromTests(lure: Lure, allTests: readonly BenchTest[]): LureProfile {
  const tests = allTests.filter((t) => t.lureId === lure.id)
  const family = familyOf(lure.family)
  const rest = canRest(lure) ? fitRest(lure, tests) : null
  const [slow, fast] = family.speedMps
  const dive = rest ? fitDive(lure, tests, motionWith(lure, restOnly(rest, ANY), ANY)) : null
  const fall = canFall(lure) ? fitFall(lure, tests) : null
  return {
    tests,
    mass: massOf(lure, tests),
    fall,
    rest,
    dive,
    troll: dive ? fitTrolled(lure, tests, dive) : null,
    pull: fall ? fitPull(lure, tests, motionWith(lure, fallOnly(fall), ANY)) : null,
    action: rateAction(lure, tests),
    window: speedWindow(lure, tests) ?? {
      slow: believedFigure(slow, PRIOR_SD.cast, 'assumed'),
      fast: believedFigure(fast, PRIOR_SD.cast, 'assumed'),
    },
    tear: tearLoad(lure, tests),
    cast: measuredCast(lure, tests),
    revival: revivalOf(lure, tests),
    damping: dampingOf(lure, tests),
  }
}

/** Its weight as it is now; how sure that is comes from its weighings, where they stand behind it. */
function massOf(lure: Lure, tests: readonly BenchTest[]): Estimate {
  const { kg, basis } = lureMass(lure)
  const weighings = measuredMass(lure, tests)
  if (!weighings)
    return lure.measuredMassKg === null
      ? believedFigure(kg, PRIOR_SD.label, basis === 'labelled' ? 'labelled' : 'assumed')
      : measured({ n: 1, mean: kg, sd: 0, low: kg, high: kg, apart: [], without: kg })
  const half = (weighings.high - weighings.low) / 2
  return { ...weighings, value: kg, low: kg - half, high: kg + half }
}

/** Water that a running-depth test is brought to before its own is known. */
const ANY: Carrying = { tempC: 15, salinity: 0 }

const motionWith = (lure: Lure, tested: TestedMotion, water: Carrying): BuildMotion =>
  motionOf(bare(lure), waterDensity(water.tempC, water.salinity), tested)

/** What hanging and rising alone tell. */
function restOnly(rest: Rest, water: Carrying): TestedMotion {
  if (rest.n === 0) return UNTESTED
  return {
    ...UNTESTED,
    submergedWeightN: restWeightN(rest, water),
    sinkDragAreaM2: Math.exp(itemAt(rest.parameters, 1)),
  }
}

/** What timed falls alone tell. */
const fallOnly = (fall: Fitted): TestedMotion =>
  fall.n === 0 ? UNTESTED : { ...UNTESTED, sinkDragAreaM2: Math.exp(itemAt(fall.parameters, 0)) }

/** What the tests say of a lure's motion in a water; nothing where nothing was tested. */
export function testedMotion(known: LureProfile, water: Carrying): TestedMotion {
  const { rest, fall, dive, pull, cast } = known
  const dived = dive && dive.n > 0 ? dive.parameters : null
  return {
    ...(rest ? restOnly(rest, water) : UNTESTED),
    ...(fall && fall.n > 0 ? { sinkDragAreaM2: Math.exp(itemAt(fall.parameters, 0)) } : {}),
    diveAngleTan: dived ? Math.exp(itemAt(dived, 0)) : null,
    towDragAreaM2: dived
      ? Math.exp(itemAt(dived, 1))
      : pull && pull.n > 0
        ? Math.exp(itemAt(pull.parameters, 0))
        : null,
    castM: cast?.value ?? null,
  }
}

/** Motion of a build in a water, the bench's word before packet and family. */
export function motionFromProfile(build: Build, known: LureProfile, water: Carrying): BuildMotion {
  return motionOf(build, waterDensity(water.tempC, water.salinity), testedMotion(known, water))
}

/** The same lure behind a boat, where its own tests there say otherwise. */
export function trolledMotion({ troll }: Pick<LureProfile, 'troll'>, motion: BuildMotion): BuildMotion {
  return troll && troll.n > 0 ? { ...withDive(motion, troll.parameters), basis: 'fitted' } : motion
}

/** A body that falls dead on too light a hook keeps this share of its swing. Assumed. */
const DEAD = 0.3

/** Action of a dressed lure: as rated, deadened by a trailer that was tested on it, dead on a hook lighter than the one that revives it. */
export function actionFromProfile(
  { lure, mount, trailer }: Pick<Build, 'lure' | 'mount' | 'trailer'>,
  known: LureProfile,
): Action {
  const { action, damping, revival } = known
  const own = lureAction(lure)
  const rated = action ? { ...own, amplitude: action.amplitude, vibration: action.vibration } : own
  const slowed = (trailer && damping.get(trailer.id)?.value) ?? 1
  const hookKg = 'hook' in mount ? mount.hook.massKg : mount.kind === 'head' ? mount.head.massKg : Infinity
  const dead = revival?.shimmiesFromKg != null && hookKg < revival.shimmiesFromKg - 1e-9 ? DEAD : 1
  return { ...rated, vibration: Math.min(1, rated.vibration * slowed), amplitude: rated.amplitude * dead }
}

const known = new WeakMap<Box, Map<string, LureProfile | null>>()

/** What the tests of a box say of one of its lures; null for one that was never tested. Worked out once for each box. */
export function cachedProfile(box: Box, lure: Lure): LureProfile | null {
  let ofBox = known.get(box)
  if (!ofBox) known.set(box, (ofBox = new Map()))
  let found = ofBox.get(lure.id)
  if (found === undefined) {
    const tested = box.tests.some((t) => t.lureId === lure.id)
    found = tested ? profileFromTests(box.lures.find((l) => l.id === lure.id) ?? lure, box.tests) : null
    ofBox.set(lure.id, found)
  }
  return found
}

import { familyOf, testsOf, type BenchTest, type Lure, type TestKind } from '../tackle'
import type { RoleId } from '../quantity'
import { sinkRateMps } from '../motion'
import { waterDensity } from '../water'
import type { Estimate, Posterior } from './estimate'
import { isPoor } from './estimate'
import { diveDepth } from './fit-dive'
import { restSpeedIn, type Carrying } from './fit-rest'
import { motionFromProfile, profileFromTests, type LureProfile } from './lure-profile'
import { predictWithInterval } from './least-squares'

/** What one kind of test comes to for one lure, in one figure that lures can be compared by. */
export interface Finding extends Estimate {
  readonly role: RoleId
  /** What the figure is, in words: “falls free in fresh water at 15 °C”. */
  readonly what: string
}

/** A cast on which running depths compare: 0.30 mm line, 25 m, rod tip 1 m up. */
const COMPARED = { castM: 25, rodTipM: 1, retrieveSpeedMps: 0.8, lineDiameterM: 0.0003 } as const
const bare = (lure: Lure) => ({ lure, mount: { kind: 'own' as const }, trailer: null, massKg: 0 })

const finding = (figure: Estimate | null, role: RoleId, what: string): Finding | null =>
  figure && { ...figure, role, what }

function ofPosterior(p: Posterior, band: { value: number; low: number; high: number }): Estimate {
  return { ...band, basis: p.basis, n: p.n, poor: isPoor(p) }
}

/** The figure of a kind of test, or null where that kind says nothing of this lure. Untested figures come with the basis that they have. */
export function findingOf(
  kind: TestKind,
  lure: Lure,
  known: LureProfile,
  water: Carrying = { tempC: 15, salinity: 0 },
): Finding | null {
  const density = waterDensity(water.tempC, water.salinity)
  switch (kind) {
    case 'weigh':
      return finding(known.mass, 'lureMass', 'weighs')
    case 'fall': {
      const { fall } = known
      const motion = motionFromProfile(bare(lure), known, water)
      if (!fall || motion.submergedWeightN <= 0) return null
      const ln = predictWithInterval(fall, ([lnArea = 0]) =>
        Math.log(sinkRateMps({ submergedWeightN: motion.submergedWeightN, sinkDragAreaM2: Math.exp(lnArea) }, density)),
      )
      const band = { value: Math.exp(ln.value), low: Math.exp(ln.low), high: Math.exp(ln.high) }
      return finding(ofPosterior(fall, band), 'lureSpeed', 'falls at')
    }
    case 'rest': {
      const { rest } = known
      if (!rest) return null
      return finding(
        ofPosterior(
          rest,
          predictWithInterval(rest, (p) => restSpeedIn(rest, water, p)),
        ),
        'restSpeed',
        'rises (below zero) or sinks at',
      )
    }
    case 'depth': {
      const { dive } = known
      if (!dive) return null
      const motion = motionFromProfile(bare(lure), known, water)
      return finding(
        ofPosterior(dive, diveDepth(dive, motion, { ...COMPARED, density })),
        'depth',
        'runs, on 0.30 mm line and a cast of 25 m, at',
      )
    }
    case 'action':
      return finding(known.action?.beatsPerS ?? null, 'beats', 'beats')
    case 'window':
      return finding(known.window.slow, 'lureSpeed', 'works from')
    case 'tear':
      return finding(known.tear, 'lineStrength', 'tears at')
    case 'cast':
      return finding(known.cast, 'distance', 'is cast')
    case 'revival': {
      const from = known.revival?.shimmiesFromKg
      if (from === null || from === undefined) return null
      const low = known.revival?.deadToKg ?? 0
      return {
        value: from,
        low,
        high: from,
        basis: 'measured',
        n: testsOf(known.tests, lure.id, 'revival').flatMap((t) => t.readings).length,
        poor: false,
        role: 'lead',
        what: 'shimmies from a hook of',
      }
    }
    case 'damping':
      return null
  }
}

/** Kinds of tests that tell something of a lure. */
export function kindsFor(lure: Lure): TestKind[] {
  const { swims, body, takesTrailer, capabilities } = familyOf(lure.family)
  const kinds: (TestKind | false)[] = [
    'weigh',
    swims === 'sinks' && 'fall',
    swims === 'dives' && 'rest',
    swims === 'dives' && 'depth',
    'action',
    'window',
    body === 'soft' && 'tear',
    'cast',
    capabilities?.revives === true && 'revival',
    takesTrailer && 'damping',
  ]
  return kinds.filter((k): k is TestKind => k !== false)
}

/** How a lure's figure stands to that of the reference lure: their ratio, and whether their bands lie clear of each other. */
export interface Against {
  readonly reference: Lure
  readonly ratio: number
  readonly clear: boolean
}

/** Against a reference lure, where both were tested in that way; null otherwise. */
export function against(
  kind: TestKind,
  lure: Lure,
  reference: Lure,
  tests: readonly BenchTest[],
  water?: Carrying,
): Against | null {
  const [own, other] = [lure, reference].map((l) => findingOf(kind, l, profileFromTests(l, tests), water))
  if (!own || !other || own.n === 0 || other.n === 0 || other.value === 0) return null
  return { reference, ratio: own.value / other.value, clear: own.low > other.high || own.high < other.low }
}

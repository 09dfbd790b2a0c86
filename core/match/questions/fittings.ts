import { TERMINAL_USUAL } from '../../../data/fittings'
import {
  checkRig,
  rigTypeOf,
  weakestN,
  type Judgement,
  type RigParts,
  type RigTypeId,
  type RigWater,
  type Terminal,
} from '../../tackle'
import type { MatchContext } from '../possible'
import type { SetUp } from '../setup'

/** How a lure with hooks of its own is tied on: what goes between it and the line, as the check of a rig judges it. */
export interface Fitting {
  /** Null where it is tied direct. */
  readonly terminal: Terminal | null
  /** What the check of a rig says of the joint with it, what tells most first. */
  readonly judged: readonly Judgement[]
  /** A kind that would be better and is not owned; null where nothing is wanting. */
  readonly lacking: Terminal['kind'] | null
}

/** Joints that what goes between line and lure decides, and how much each counts: a twisted line costs the day, a dull swing a fish. In the order in which they are told. */
const BETWEEN: Readonly<Record<string, number>> = {
  twist: 2,
  'thin-spoon-swivel': 2,
  'thick-spoon-direct': 1,
  'free-knot': 1,
  'small-lure-hardware': 1,
  'terminal-strength': 1,
}
const REASONS = Object.keys(BETWEEN)
const POINTS = { good: 1, mind: -1, wrong: -4 } as const

/** The way of rigging that a set-up with such a terminal is; null where it is none. */
function typeWith(kind: Terminal['kind'] | null, delivery: string): RigTypeId | null {
  if (delivery === 'downrigger') return 'downrigger'
  if (kind === 'keel') return delivery === 'troll' ? 'trolled-keel' : null
  if (kind === 'snap') return 'snap'
  if (kind === 'snap-swivel' || kind === 'ball-bearing') return 'snap-swivel'
  return kind === null ? (delivery === 'troll' ? 'trolled-keel' : 'direct') : null
}

/**
 * What of the box a set-up is tied on with: of all that fits, what the check of a rig likes best, the lightest of equals; so that a rig saved as it was advised is never blamed for it. Null for what
 * brings its hook on a head or a loose hook, and on a three-way.
 */
export function fittingFor(
  { build, outfit, leader, handling }: SetUp,
  terminals: readonly Terminal[],
  { c, species }: Pick<MatchContext, 'c' | 'species'>,
): Fitting | null {
  const { delivery } = handling.technique
  if (build.mount.kind !== 'own' || delivery === 'three-way') return null
  const water: RigWater = { ...c, toothed: species.biteProof ? species.name : null }
  const judge = (terminal: Terminal | null): Option[] => {
    const typeId = typeWith(terminal?.kind ?? null, delivery)
    if (!typeId || (terminal && !rigTypeOf(typeId).terminalKinds?.includes(terminal.kind))) return []
    const { rod, reel, line } = outfit
    const { lure, trailer } = build
    const parts: RigParts = {
      ...{ type: rigTypeOf(typeId), lure, trailer, terminal, leader, line, reel, rod },
      ...{ head: null, hook: null, sinker: null, weakLinkN: null, stinger: false, further: [] },
    }
    const judged = checkRig(parts, water)
      .filter(({ id }) => id in BETWEEN)
      .sort((a, b) => REASONS.indexOf(a.id) - REASONS.indexOf(b.id))
    return [
      {
        terminal,
        judged,
        points: judged.reduce((sum, { id, verdict }) => sum + (BETWEEN[id] ?? 0) * POINTS[verdict], 0),
      },
    ]
  }
  const owned = terminals.filter(({ count }) => count > 0).sort((a, b) => a.massKg - b.massKg)
  const best = bestOf([null, ...owned].flatMap(judge))
  if (!best) return null
  const strongN = weakestN(outfit.line, leader)
  const wished = bestOf(TERMINAL_USUAL.flatMap((usual) => judge(wishedFor(usual, strongN))))
  const isLacking = wished !== null && wished.points > best.points
  return { ...best, lacking: isLacking ? (wished.terminal?.kind ?? null) : null }
}

interface Option extends Pick<Fitting, 'terminal' | 'judged'> {
  readonly points: number
}
const bestOf = (options: readonly Option[]): Option | null =>
  options.reduce<Option | null>((best, one) => (best && best.points >= one.points ? best : one), null)

const wishedFor = ({ kind, massKg }: (typeof TERMINAL_USUAL)[number], strengthN: number): Terminal => ({
  id: kind,
  name: kind,
  kind,
  massKg,
  strengthN,
  count: 1,
  cost: null,
})

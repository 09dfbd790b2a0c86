import { BANKS, COVER_ASKS, FISH_TACKLE, LINE_BY_WEIGHT, ROD_LENGTHS } from '../../../data/fish-tackle'
import {
  ROD_POWERS,
  castStrengthN,
  chafes,
  deliveryOf,
  familyOf,
  type Build,
  type Reel,
  type Rod,
  type Technique,
} from '../../tackle'
import type { Conditions, Species } from '../../water'

export type Band = readonly [number, number]

/** What a technique with a lure on this fish in this cover asks of tackle: every span has two sides. */
export interface TackleAsked {
  readonly power: readonly [Rod['power'], Rod['power']]
  readonly action: readonly [Rod['action'], Rod['action']]
  readonly rodM: Band
  /** Of what breaks first, and of a line as it is rated, N. */
  readonly lineN: Band
  readonly leaderN: Band
  /** What is left of the agreement without a leader on braid, 0 … 1. */
  readonly noLeader: number
  /** Whether a leader stronger than its line makes sense: teeth, rock, a rough mouth. */
  readonly stout: boolean
  readonly teeth: boolean
  readonly reels: readonly Reel['type'][] | null
}

type Water = Pick<Conditions, 'cover' | 'stand' | 'castM' | 'swellM' | 'windMps'>

/** What fish and cover ask whatever is tied on. */
export interface FishAsked {
  readonly row: (typeof FISH_TACKLE)[keyof typeof FISH_TACKLE]
  readonly times: number
  readonly stout: boolean
  readonly teeth: boolean
  readonly water: Water
}

export function fishAsked({ strength, biteProof }: Species, water: Water): FishAsked {
  const row = FISH_TACKLE[strength]
  const { kind, density } = water.cover
  return {
    row,
    times: 1 + (COVER_ASKS[kind] - 1) * density,
    stout: biteProof || chafes(water.cover) || row.leader < LEADER_COUNTS,
    teeth: biteProof,
    water,
  }
}
/** A fish that is not landed without its leader. */
const LEADER_COUNTS = 0.8

export function tackleAsked(
  { lure, massKg }: Pick<Build, 'lure' | 'massKg'>,
  technique: Technique,
  fish: FishAsked,
): TackleAsked {
  const { row, times, stout, teeth } = fish
  const { rod, body, swims } = familyOf(lure.family)
  const { line = 1, rodM, power, reels = null } = technique.tackle ?? {}
  const thrown = deliveryOf(technique.delivery).thrown === 'cast'
  const castN = thrown ? castStrengthN(massKg) : 0
  const plug = swims !== 'sinks' || body === 'hard'
  const asked = row.lineN[0] * Math.max(1, times * line) * Math.min(1, line)
  const least = Math.max(asked, Math.min(LINE_BY_WEIGHT.least * castN * times, row.lineN[1]))
  const byWeight = Math.max(LINE_BY_WEIGHT.lightestN, (plug ? LINE_BY_WEIGHT.plugs : LINE_BY_WEIGHT.others) * castN)
  const most = Math.max(1.4 * least, Math.min(row.lineN[1] * times * line, thrown ? byWeight : Infinity))
  const leaderLeast = Math.max(row.leaderN[0] * Math.min(1, line), LINE_BY_WEIGHT.leader * castN)
  return {
    power: powerFor(power ?? rod.power, row.power),
    action: rod.action,
    rodM: rodM ?? lengthFor(technique, fish.water),
    lineN: [least, most],
    leaderN: [leaderLeast, Math.max(1.4 * leaderLeast, row.leaderN[1] * Math.max(1, times * line))],
    noLeader: row.leader,
    stout,
    teeth,
    reels,
  }
}

/** Between what works the lure and what holds the fish: never under the fish’s least, and no more than it needs; for small fish a lure is worked a step above their rods. */
function powerFor(
  [low, high]: readonly [Rod['power'], Rod['power']],
  [fishLow, fishHigh]: readonly [Rod['power'], Rod['power']],
): readonly [Rod['power'], Rod['power']] {
  const at = (power: Rod['power']) => ROD_POWERS.indexOf(power)
  const least = Math.max(Math.min(at(low), at(fishHigh) + 1), at(fishLow))
  const most = Math.max(least, Math.min(at(high), Math.max(at(fishHigh), at(low))))
  return [ROD_POWERS[least] ?? low, ROD_POWERS[most] ?? high]
}

function lengthFor({ delivery }: Technique, { stand, castM, swellM, windMps }: Water): Band {
  const { thrown, pace } = deliveryOf(delivery)
  if (delivery === 'vertical' || stand === 'ice') return ROD_LENGTHS.down
  if (thrown === 'none') return pace === 'boat' ? ROD_LENGTHS.behindBoat : ROD_LENGTHS.boat
  if (thrown === 'pitch') return ROD_LENGTHS.pitched
  const ashore = stand === 'shore' || stand === 'wading' || stand === 'held'
  if (ashore && (swellM >= BANKS.swellM || (castM >= BANKS.farM && windMps >= BANKS.windMps))) return ROD_LENGTHS.surf
  if (ashore && castM >= BANKS.farM) return ROD_LENGTHS.farBank
  if (castM < BANKS.streamM) return ROD_LENGTHS.stream
  return ashore ? ROD_LENGTHS.bank : ROD_LENGTHS.boat
}

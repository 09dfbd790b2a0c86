import {
  ASKED_SHARE,
  COLOUR_COLUMNS,
  DEPTH_BANDS,
  GAP_DAYS,
  PATIENT_S,
  STRONG_ACTION,
  WANTS_SOUND,
} from '../../../data/gaps'
import type { Carrying } from '../../bench'
import { familyOf, groupShares, lureAction, type Action, type ColourGroup, type Lure } from '../../tackle'
import type { Box } from '../../box'
import { readWater, speciesOf, type Conditions, type Place } from '../../water'
import { demandOf, type SideChoice } from '../asked'
import { buildVariants } from '../possible'

export type DepthBandId = (typeof DEPTH_BANDS)[number]['id']
type ColourColumnId = (typeof COLOUR_COLUMNS)[number]['id']

/** One kind of lure: where it runs, how it moves, whether it is heard, how it is coloured. */
export interface GapCell {
  readonly depth: DepthBandId
  readonly action: 'gentle' | 'strong'
  readonly sound: 'silent' | 'loud'
  readonly colour: ColourColumnId
  /** Share of the days looked at that ask for just this. */
  readonly asked: number
  readonly lureIds: readonly string[]
}

export interface GapTable {
  readonly cells: readonly GapCell[]
  /** Cells that are asked for and empty, the most wanted first. */
  readonly gaps: readonly GapCell[]
  /** How many days were looked at. */
  readonly days: number
}

const ACTIONS = ['gentle', 'strong'] as const
const LOUDNESS = ['silent', 'loud'] as const
const cellKey = (depth: string, action: string, sound: string, colour: string) =>
  `${depth}|${action}|${sound}|${colour}`

const strength = ({ amplitude, vibration }: Pick<Action, 'amplitude' | 'vibration'>) => (amplitude + vibration) / 2

const first = (of: readonly number[]) => COLOUR_COLUMNS[of.indexOf(Math.max(...of))]?.id ?? 'natural'

/** What a lure mostly is. */
function colourOfLure(shares: Readonly<Record<ColourGroup, number>>): ColourColumnId {
  return first(COLOUR_COLUMNS.map((c) => c.groups.reduce((sum, g) => sum + shares[g], 0)))
}

/** What a day likes best. */
function colourLiked(liking: Readonly<Record<ColourGroup, number>>): ColourColumnId {
  return first(COLOUR_COLUMNS.map((c) => Math.max(...c.groups.map((g) => liking[g]))))
}

/** The bands that a lure is fished in: a plug where its label says, a surface plug on top, what sinks down to where patience ends. */
export function bandsOf(lure: Lure, box: Box, water: Carrying): DepthBandId[] {
  const { swims } = familyOf(lure.family)
  if (swims === 'surface') return ['surface']
  if (swims === 'dives') {
    const depthM = 'depthM' in lure.traits ? Number(lure.traits.depthM) : 1
    return DEPTH_BANDS.filter((b) => depthM >= b.fromM && depthM < b.toM).map((b) => b.id)
  }
  const falls = buildVariants(lure, box, water).map((d) => d.offer.fallMps)
  const reachM = PATIENT_S * Math.max(0, ...falls)
  return DEPTH_BANDS.filter((b) => b.id !== 'surface' && b.fromM < reachM).map((b) => b.id)
}

/** What each day asks for, counted by cell. */
function asked(waters: readonly { c: Conditions; place: Place }[], sides: SideChoice) {
  const count = new Map<string, number>()
  let days = 0
  for (const { c, place } of waters) {
    const species = speciesOf(c.speciesId)
    if (!species) continue
    for (const times of GAP_DAYS.visibility)
      for (const mood of GAP_DAYS.moods)
        for (const sky of GAP_DAYS.skies) {
          const day = { ...c, mood, sky, visibilityM: Math.min(40, Math.max(0.05, c.visibilityM * times)) }
          const { zone, features } = readWater(day, place, species)
          const { axes, colour } = demandOf(features, sides)
          const want = (id: string, usual: number) => axes.find((a) => a.axis === id)?.want ?? usual
          const mid = (zone.topM + zone.bottomM) / 2
          const depth = DEPTH_BANDS.find((b) => mid >= b.fromM && mid < b.toM)?.id ?? 'deep'
          const wanted = strength({ amplitude: want('amplitude', 0.4), vibration: want('vibration', 0.4) })
          const key = cellKey(
            depth,
            wanted >= STRONG_ACTION ? 'strong' : 'gentle',
            want('sound', 0) >= WANTS_SOUND ? 'loud' : 'silent',
            colourLiked(colour.liking),
          )
          count.set(key, (count.get(key) ?? 0) + 1)
          days += 1
        }
  }
  return { count, days }
}

/**
 * The box laid out by depth, action, sound and colour, against what the angler's own waters and species ask for. Days and cuts: data/gaps.
 * Colours of a day are the group it likes best; a lure's, the group that most of it has.
 */
export function gapTable(
  box: Box,
  waters: readonly { c: Conditions; place: Place }[],
  sides: SideChoice = {},
  water: Carrying = { tempC: 15, salinity: 0 },
): GapTable {
  const { count, days } = asked(waters, sides)
  const held = new Map<string, string[]>()
  for (const lure of box.lures) {
    if (lure.count === 0) continue
    const action = strength(lureAction(lure)) >= STRONG_ACTION ? 'strong' : 'gentle'
    const sound = lure.sound === 'silent' ? 'silent' : 'loud'
    const colour = colourOfLure(groupShares(lure.colour))
    for (const depth of bandsOf(lure, box, water)) {
      const key = cellKey(depth, action, sound, colour)
      held.set(key, [...(held.get(key) ?? []), lure.id])
    }
  }
  const cells = DEPTH_BANDS.flatMap((band) =>
    ACTIONS.flatMap((action) =>
      LOUDNESS.flatMap((sound) =>
        COLOUR_COLUMNS.map((column): GapCell => {
          const key = cellKey(band.id, action, sound, column.id)
          return {
            depth: band.id,
            action,
            sound,
            colour: column.id,
            asked: days === 0 ? 0 : (count.get(key) ?? 0) / days,
            lureIds: held.get(key) ?? [],
          }
        }),
      ),
    ),
  )
  const gaps = cells.filter((c) => c.lureIds.length === 0 && c.asked >= ASKED_SHARE).sort((a, b) => b.asked - a.asked)
  return { cells, gaps, days }
}

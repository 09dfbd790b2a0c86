import {
  CLARITY_WORDS,
  COVER_WORDS,
  DEPTH_WORDS,
  OFF_C,
  PER_LATITUDE_C,
  SEASON_WORDS,
  SEA_SWING,
  WATER_BY_MONTH_C,
  WATER_SORTS,
} from '../../data/water-words'
import { SPECIES, forageLengthM, type Conditions } from '../water'
import type { Alternative } from './plan'

/** A water that nobody has seen, from a few words: “shallow weedy lake, June, pike and perch”, as what it could be. */

type Three = readonly [number, number, number]

/** What was understood, the middle of what it could be, the spread around it, and words that were not understood. */
export interface Described {
  readonly change: Pick<
    Conditions,
    'depthM' | 'visibilityM' | 'waterTempC' | 'currentMps' | 'cover' | 'speciesId' | 'alsoFor' | 'forage'
  >
  readonly salinity: number
  /** Month 1 … 12; null where none is said. */
  readonly month: number | null
  readonly alternatives: readonly Alternative[]
  readonly understood: readonly string[]
  readonly left: readonly string[]
}

const MONTHS = [
  'january',
  'february',
  'march',
  'april',
  'may',
  'june',
  'july',
  'august',
  'september',
  'october',
  'november',
  'december',
] as const
/** Words that say nothing. */
const SMALL = new Set([
  'a',
  'an',
  'the',
  'in',
  'at',
  'on',
  'and',
  'or',
  'with',
  'for',
  'of',
  'water',
  'some',
  'big',
  'small',
  'large',
  'unknown',
  'somewhere',
  'near',
  'fish',
  'fishing',
  'from',
  'to',
  'my',
  'i',
])

interface Found<T> {
  readonly row: T
  readonly words: string
  /** Where in the text. */
  readonly at: number
}

/** The rows whose words stand in a text, the longest words first; what was read is taken out. */
class Words {
  constructor(private text: string) {}

  take<T extends { readonly words: readonly string[] }>(rows: readonly T[]): Found<T> | null {
    const all = rows.flatMap((row) => row.words.map((words) => ({ row, words })))
    const found = all
      .sort((a, b) => b.words.length - a.words.length)
      .find(({ words }) => this.pattern(words).test(this.text))
    if (!found) return null
    const at = this.text.search(this.pattern(found.words))
    // As long as it was: what follows keeps its place.
    this.text = this.text.replace(this.pattern(found.words), (read) => ' '.repeat(read.length))
    return { ...found, at }
  }

  private pattern(words: string): RegExp {
    return new RegExp(`(?<![\\p{L}])${words.replaceAll(' ', '\\s+')}(?![\\p{L}])`, 'u')
  }

  /** What nobody has read. */
  left(): string[] {
    return this.text.split(/[^\p{L}\p{N}]+/u).filter((word) => word !== '' && !SMALL.has(word))
  }
}

/** Names of fish, the longest first: whole, and by their last word where only one fish has it. */
function fishRows() {
  const last = (name: string) => name.toLowerCase().split(' ').at(-1) ?? ''
  return SPECIES.map(({ id, name }) => {
    const whole = name.toLowerCase()
    const alone = SPECIES.filter((other) => last(other.name) === last(name)).length === 1 ? [last(name)] : []
    const words = [...new Set([whole, ...alone])]
    return { id, words: words.flatMap((word) => [word, `${word}s`]) }
  })
}

/** Fresh or salt water in the middle of a month, °C: by latitude; south of the line half a year later. */
export function usualTempC(month: number, latDeg: number, salinity: number): number {
  const at = WATER_BY_MONTH_C[(month - 1 + (latDeg < 0 ? 6 : 0)) % 12] ?? 12
  const mean = WATER_BY_MONTH_C.reduce((sum, t) => sum + t, 0) / 12
  const fresh = at - PER_LATITUDE_C * (Math.abs(latDeg) - 50)
  const meanHere = mean - PER_LATITUDE_C * (Math.abs(latDeg) - 50)
  const here = salinity > 5 ? meanHere + SEA_SWING * (fresh - meanHere) : fresh
  return Math.min(32, Math.max(salinity > 5 ? -1 : 1, here))
}

/** Sea water freezes at about −1.9 °C (UNESCO Technical Paper 44, practical salinity 35). */
const COLDEST_C = -1.8

/** The corners of what it could be beside its middle: shallower or deeper, clearer or murkier, colder or warmer; how likely each is. */
const CORNERS = [
  { id: 'middle', at: [1, 1, 0], weight: 0.36 },
  { id: 'a', at: [0, 0, 1], weight: 0.16 },
  { id: 'b', at: [2, 2, -1], weight: 0.16 },
  { id: 'c', at: [0, 2, -1], weight: 0.16 },
  { id: 'd', at: [2, 0, 1], weight: 0.16 },
] as const

/**
 * @param text as it is said; what is not understood is told, and has no say
 * @param like a water of the angler's, for what nobody said
 * @param at latitude and the day, for the temperature
 */
export function describeWater(
  text: string,
  like: Conditions,
  at: { readonly latDeg: number; readonly isoDate: string },
): Described {
  const words = new Words(text.toLowerCase().slice(0, 300))
  const fish: Found<ReturnType<typeof fishRows>[number]>[] = []
  const rows = fishRows()
  for (let one = words.take(rows); one && fish.length < 5; one = words.take(rows)) fish.push(one)
  const sort = words.take(WATER_SORTS)
  const deep = words.take(DEPTH_WORDS)
  const clear = words.take(CLARITY_WORDS)
  const cover = words.take(COVER_WORDS)
  const season = words.take(SEASON_WORDS)
  const named = words.take(MONTHS.map((name, i) => ({ words: [name, name.slice(0, 3)], month: i + 1 })))
  const south = at.latDeg < 0 ? 6 : 0
  const month = named?.row.month ?? (season ? ((season.row.month - 1 + south) % 12) + 1 : null)
  const usual = sort?.row ?? WATER_SORTS[0]
  const depths: Three = deep?.row.depthM ?? usual.depthM
  const seen: Three = clear?.row.visibilityM ?? usual.visibilityM
  const { salinity } = usual
  const middleC = usualTempC(month ?? Number(at.isoDate.slice(5, 7)), at.latDeg, salinity)
  const kind = cover?.row.kind ?? usual.cover
  const height = cover?.row.height ?? COVER_WORDS.find((row) => row.kind === kind)?.height ?? 0
  const coverIn = (depthM: number): Conditions['cover'] => ({
    kind,
    topM: kind === 'open' ? depthM : Math.round(depthM * (1 - height) * 100) / 100,
    density: kind === 'open' ? 0 : 0.4,
  })
  const water = ([d, v, t]: readonly [number, number, number]) => ({
    depthM: depths[d] ?? depths[1],
    visibilityM: seen[v] ?? seen[1],
    waterTempC: Math.min(34, Math.max(COLDEST_C, Math.round((middleC + t * OFF_C) * 10) / 10)),
    cover: coverIn(depths[d] ?? depths[1]),
  })
  // The fish that is said first is sought first.
  const [first, ...others] = [...new Set(fish.sort((a, b) => a.at - b.at).map(({ row }) => row.id))]
  const forage = salinity > 5 ? 'sand-eel' : 'roach'
  return {
    change: {
      ...water([1, 1, 0]),
      currentMps: usual.currentMps,
      speciesId: first ?? like.speciesId,
      alsoFor: others.slice(0, 4),
      forage: { kind: forage, lengthM: forageLengthM(forage, at.isoDate, at.latDeg) ?? like.forage.lengthM },
    },
    salinity,
    month,
    alternatives: CORNERS.map(({ id, at: corner, weight }) => ({ id, weight, ...water(corner) })),
    understood: [sort, deep, clear, cover, season, named, ...fish]
      .flatMap((one) => one ?? [])
      .sort((a, b) => a.at - b.at)
      .map(({ words: read }) => read),
    left: words.left(),
  }
}

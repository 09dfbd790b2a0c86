import { ascending } from 'd3-array'
import type { Season, TempReading } from './conditions'
import type { Species } from './species'

/** Days of the year on which waters begin to warm, at this latitude and beyond, or nearer to the tropics; and on which they stop: the end of July. */
const WARMS_FROM = { coldDeg: 45, coldDay: 46, warmDeg: 30, warmDay: 5 } as const
const WARMS_UNTIL_DAY = 212
/** Autumn ends with the middle of December, wherever there is a winter. */
const WINTER_DAY = 349
const WINTERS_DEG = 30

/** Day of the northern year, 0 on the first of January; in the south it begins in July. */
function northernDay(isoDate: string, latDeg: number): number {
  const date = latDeg < 0 ? halfAYearOn(isoDate) : isoDate.slice(5)
  return Math.round(
    (Date.parse(`2026-${date === '02-29' ? '02-28' : date}T00:00:00Z`) - Date.UTC(2026, 0, 1)) / 86_400_000,
  )
}
function halfAYearOn(isoDate: string): string {
  const month = ((Number(isoDate.slice(5, 7)) + 5) % 12) + 1
  const day = Math.min(Number(isoDate.slice(8, 10)), new Date(Date.UTC(2026, month, 0)).getUTCDate())
  return `${String(month).padStart(2, '0')}-${String(day).padStart(2, '0')}`
}

/**
 * Waters warm from late winter until the height of summer: mid February to the end of July in the north, from the first days of January towards the tropics,
 * half a year later in the south.
 */
export function isWarmingSeason(isoDate: string, latDeg: number): boolean {
  const { coldDeg, coldDay, warmDeg, warmDay } = WARMS_FROM
  const cold = Math.min(1, Math.max(0, (Math.abs(latDeg) - warmDeg) / (coldDeg - warmDeg)))
  const day = northernDay(isoDate, latDeg)
  return day >= warmDay + cold * (coldDay - warmDay) - 1 && day < WARMS_UNTIL_DAY
}

/** Whether it is winter by the calendar: from mid December until the water warms again. */
function isCalendarWinter(isoDate: string, latDeg: number): boolean {
  const day = northernDay(isoDate, latDeg)
  return (
    Math.abs(latDeg) >= WINTERS_DEG &&
    !isWarmingSeason(isoDate, latDeg) &&
    (day >= WINTER_DAY || day < WARMS_FROM.coldDay)
  )
}

/** How far from the spawning band fish begin to gather, and leave it again, °C (common practice). */
const GATHER_C = 6
const RECOVER_C = 4
/** Falling water counts as autumn once it is under the warm edge of the feeding range by this much, and as winter below 5 °C, */
const AUTUMN_STEP_C = 3
const WINTER_C = 5
/** or, for fish of warm water, in the lowest part of what they feed in. */
const LOWEST_PART = 1 / 3

/** Below this a species' winter begins, °C: 5 for fish of cold water; a snook's is far above. */
export function winterBelowC({ feedingRangeC: [none, low] }: Pick<Species, 'feedingRangeC'>): number {
  return Math.max(WINTER_C, none + LOWEST_PART * (low - none))
}

/**
 * Season of a species' year from water temperature and its trend.
 *
 * @param waterTempC °C
 * @param warms whether the water is on its way up
 * @param winterByDate autumn has ended by the calendar
 */
export function seasonOf(species: Species, waterTempC: number, warms: boolean, winterByDate = false): Season {
  const season = seasonByWarmth(species, waterTempC, warms)
  return winterByDate && season === 'autumn' ? 'winter' : season
}

function seasonByWarmth(species: Species, waterTempC: number, warms: boolean): Season {
  const winterC = winterBelowC(species)
  const [spawnLow, spawnHigh] = species.spawnC
  const warmEdge = species.feedingRangeC[2] - AUTUMN_STEP_C
  if (species.spawnsOn === 'rising') {
    if (warms) {
      if (waterTempC < spawnLow - GATHER_C) return 'winter'
      if (waterTempC < spawnLow) return 'pre-spawn'
      if (waterTempC <= spawnHigh) return 'spawn'
      return waterTempC <= spawnHigh + RECOVER_C ? 'post-spawn' : 'summer'
    }
    if (waterTempC > warmEdge) return 'summer'
    return waterTempC > winterC ? 'autumn' : 'winter'
  }
  if (warms) {
    if (waterTempC < winterC - 1) return 'winter'
    return waterTempC < warmEdge ? 'post-spawn' : 'summer'
  }
  if (waterTempC > warmEdge) return 'summer'
  if (waterTempC > spawnHigh + 2) return 'autumn'
  if (waterTempC > spawnHigh) return 'pre-spawn'
  if (waterTempC >= spawnLow) return 'spawn'
  // Fish of warm water go on feeding after an autumn spawn until their own winter.
  return waterTempC > winterC ? 'post-spawn' : 'winter'
}

/** Feeding appetite for temperature alone, 0 … 1 (trapezoid of the species table). */
export function appetite(species: Species, waterTempC: number): number {
  const [none, low, high, over] = species.feedingRangeC
  if (waterTempC <= none || waterTempC >= over) return 0
  if (waterTempC < low) return (waterTempC - none) / (low - none)
  return waterTempC <= high ? 1 : (over - waterTempC) / (over - high)
}

const YEAR: readonly Season[] = ['winter', 'pre-spawn', 'spawn', 'post-spawn', 'summer', 'autumn']
/** A cold or a warm spell must go this far past a threshold before the season steps back, °C. */
const HYSTERESIS_C = 1.5
/** Readings further apart than this say nothing of each other, days: a quarter of a year. */
const REMEMBERED_DAYS = 90

const dayOf = (isoDate: string) => Date.parse(`${isoDate}T00:00:00Z`) / 86_400_000

/** The season after one more reading: on at once, back only when the water goes well past the threshold, and never back from after the spawn. */
function nextSeason(held: Season, species: Species, tempC: number, warms: boolean, winterByDate: boolean): Season {
  const raw = seasonOf(species, tempC, warms, winterByDate)
  if (raw === held) return held
  const ahead = (YEAR.indexOf(raw) - YEAR.indexOf(held) + YEAR.length) % YEAR.length
  if (ahead <= YEAR.length / 2) return raw
  if (held === 'post-spawn') return held
  const towards = warms ? HYSTERESIS_C : -HYSTERESIS_C
  return seasonOf(species, tempC + towards, warms, winterByDate) === held ? held : raw
}

/**
 * Season from the temperatures kept with a place: they are gone through in order, so that a few cold days in spring do not make winter of it.
 * With no readings it is that of the temperature alone.
 *
 * @param kept readings of the place; those after `isoDate` are left out
 */
export function seasonFromHistory(
  species: Species,
  kept: readonly TempReading[],
  isoDate: string,
  waterTempC: number,
  latDeg: number,
): Season {
  const before = kept.filter((r) => r.date < isoDate).sort((a, b) => ascending(a.date, b.date))
  let held: { readonly season: Season; readonly day: number } | null = null
  for (const { date, tempC } of [...before, { date: isoDate, tempC: waterTempC }]) {
    const warms = isWarmingSeason(date, latDeg)
    const winterByDate = isCalendarWinter(date, latDeg)
    const day = dayOf(date)
    const known: Season | null = held !== null && day - held.day <= REMEMBERED_DAYS ? held.season : null
    held = {
      day,
      season: known
        ? nextSeason(known, species, tempC, warms, winterByDate)
        : seasonOf(species, tempC, warms, winterByDate),
    }
  }
  return (
    held?.season ?? seasonOf(species, waterTempC, isWarmingSeason(isoDate, latDeg), isCalendarWinter(isoDate, latDeg))
  )
}

/** Change over so many days is what an angler feels. */
const SPELL_DAYS = 3

/** How much warmer the water is than three days ago, °C, from the readings kept; null where none is old enough and none too old. */
export function tempChangeC(kept: readonly TempReading[], isoDate: string, waterTempC: number): number | null {
  const today = dayOf(isoDate)
  const old = kept
    .map((r) => ({ days: today - dayOf(r.date), tempC: r.tempC }))
    .filter((r) => r.days >= 1 && r.days <= 2 * SPELL_DAYS + 1)
    .sort((a, b) => Math.abs(a.days - SPELL_DAYS) - Math.abs(b.days - SPELL_DAYS))[0]
  return old ? ((waterTempC - old.tempC) * SPELL_DAYS) / old.days : null
}

/** Change in three days from which a trend is spoken of, °C. */
const TREND_C = 0.5

export type Trend = 'rising' | 'falling' | 'steady'

/** What the last days say; where nothing is known, what the calendar says. */
export function trendOf(changeC: number | null, warms: boolean): Trend {
  if (changeC === null) return warms ? 'rising' : 'falling'
  return changeC > TREND_C ? 'rising' : changeC < -TREND_C ? 'falling' : 'steady'
}

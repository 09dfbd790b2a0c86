import { itemAt } from '../list'
import { DEMO_LURES } from '../../data/demo/lures'
import { DEMO_PARTS } from '../../data/demo/parts'
import { DEMO_PLACES, DEMO_WATERS } from '../../data/demo/places'
import { DEMO_RIGS } from '../../data/demo/rigs'
import { DEMO_CHANGES, DEMO_COSTS, DEMO_SOFT_COST, DEMO_USE } from '../../data/demo/use'
import type { ArchiveContent } from '../exchange'
import { USUAL_PRACTICE } from '../match'
import { z } from '../zod'
import { UNUSED, isFamily, trayFor, usualHooks, usualPart, type PartKind, type Tray } from '../tackle'
import { Box, EMPTY_BOX } from '../box'
import { BenchTest } from '../bench'
import { Conditions, Place, forageLengthM } from '../water'
import { demoOutings } from './outings'
import { demoTests } from './tests'

export type World = ArchiveContent

const KEPT_DAYS = 60
const EVERY_DAYS = 3

/** Water temperatures of the last weeks, as they usually are: between the middles of two months, with a day's ups and downs. */
function demoTemps(byMonthC: readonly number[], isoDate: string): Place['temps'] {
  return Array.from({ length: KEPT_DAYS / EVERY_DAYS }, (_, i) => {
    const date = daysBefore(isoDate, KEPT_DAYS - i * EVERY_DAYS)
    const at = Number(date.slice(5, 7)) - 1 + (Number(date.slice(8, 10)) - 15) / 30
    const from = Math.floor(at)
    const [a, b] = [itemAt(byMonthC, (from + 12) % 12), itemAt(byMonthC, (from + 13) % 12)]
    const tempC = a + (b - a) * (at - from) + 0.4 * Math.sin(i * 1.9)
    return { date, tempC: Math.round(tempC * 10) / 10 }
  })
}

function demoPlaces(isoDate: string): Place[] {
  return DEMO_PLACES.map((p) => {
    const { depthM, visibilityM, cover, tempByMonthC } = DEMO_WATERS[p.id]
    return Place.parse({ ...p, usual: { depthM, visibilityM, cover }, temps: demoTemps(tempByMonthC, isoDate) })
  })
}

/** Each place as it usually is in the month of a given day. */
function demoWaters(isoDate: string): Conditions[] {
  const month = Number(isoDate.slice(5, 7)) - 1
  return Object.entries(DEMO_WATERS).map(([placeId, { tempByMonthC, forage: kind, ...water }]) =>
    Conditions.parse({
      ...water,
      placeId,
      date: isoDate,
      waterTempC: tempByMonthC[month],
      forage: { kind, lengthM: forageLengthM(kind, isoDate) },
      rodTipM: null,
      seasonAs: null,
      lightAs: null,
    }),
  )
}

/** A day so many days before another. */
function daysBefore(isoDate: string, days: number): string {
  return new Date(Date.parse(`${isoDate}T00:00:00Z`) - days * 86_400_000).toISOString().slice(0, 10)
}

function demoTrays(): Tray[] {
  const names = DEMO_LURES.map((l) => l.tray)
  return [...new Set(names)].map((name) => trayFor(name, names.filter((n) => n === name).length + 2))
}

function demoLures(isoDate: string, trays: readonly Tray[]): unknown[] {
  const filled = new Map<string, number>()
  return DEMO_LURES.map(({ tray, single, ...lure }) => {
    const place = trays.find((t) => t.name === tray)
    const slot = filled.get(tray) ?? 0
    filled.set(tray, slot + 1)
    if (!isFamily(lure.family)) throw new Error(`family ${lure.family} is not in the register`)
    const usual = usualHooks(lure.family, lure.lengthM)
    const done = DEMO_CHANGES.filter((c) => c.name === lure.name)
    return {
      ...UNUSED,
      cost: DEMO_COSTS[lure.family] ?? DEMO_SOFT_COST,
      fish: 0,
      ...DEMO_USE[lure.name],
      ...lure,
      hooks: usual && single ? { ...usual, style: 'single' } : usual,
      trayId: place?.id ?? null,
      slot: place ? slot : null,
      alteredKg: done.reduce((kg, c) => kg + ('alteredKg' in c ? c.alteredKg : 0), 0),
      traits: done.reduce((traits, c) => ({ ...traits, ...('traits' in c ? c.traits : {}) }), lure.traits),
      changes: done.map(({ kind, daysAgo, fish, note, was }, i) => ({
        id: `${lure.id}-change-${i + 1}`,
        date: daysBefore(isoDate, daysAgo),
        kind,
        fish,
        note,
        before: was,
      })),
    }
  })
}

function demoRigs(): unknown[] {
  const open = { headId: null, hookId: null, sinkerId: null, trailerId: null, terminalId: null, leaderId: null }
  return DEMO_RIGS.map(({ lure, ...rig }) => ({
    ...open,
    weakLinkN: null,
    stinger: false,
    notes: '',
    ...rig,
    lureId: DEMO_LURES.find((l) => l.name === lure)?.id ?? null,
  }))
}

/** The demo's drawers, with what is usual where the table says nothing. */
function demoParts(): Record<string, unknown[]> {
  return Object.fromEntries(
    Object.entries(DEMO_PARTS).map(([kind, parts]) => {
      const { id: _, name: __, ...usual } = usualPart(kind as PartKind, '')
      const said = new Set(['wire', 'count', 'cost', 'purpose', 'fights', 'spoolM'])
      const filler = Object.fromEntries(Object.entries(usual).filter(([key]) => said.has(key)))
      return [kind, parts.map((part) => ({ ...filler, ...part }))]
    }),
  )
}

/** The demo's world, dated to the day it is opened. */
export function demoWorld(isoDate: string): World {
  const trays = demoTrays()
  const box = Box.parse({ lures: demoLures(isoDate, trays), trays, rigs: demoRigs(), tests: [], ...demoParts() })
  const tests = demoTests(box.lures, (days) => daysBefore(isoDate, days))
  const places = demoPlaces(isoDate)
  return {
    box: { ...box, tests: z.array(BenchTest).parse(tests) },
    places,
    waters: demoWaters(isoDate),
    photos: [],
    aside: [],
    unreadable: [],
    settings: {},
    bin: [],
    practice: USUAL_PRACTICE,
    outings: demoOutings(box.lures, places, (days) => daysBefore(isoDate, days)),
    plans: [],
  }
}

/** An empty box of one's own: places and the rods, reels and lines go too; the waters stay to start from. */
export function emptyWorld(isoDate: string): World {
  return {
    box: EMPTY_BOX,
    places: demoPlaces(isoDate),
    waters: demoWaters(isoDate),
    photos: [],
    aside: [],
    unreadable: [],
    settings: {},
    bin: [],
    practice: USUAL_PRACTICE,
    outings: [],
    plans: [],
  }
}

import Papa from 'papaparse'
import {
  ANSWERS,
  ANSWER_IDS,
  Outing,
  accountOf,
  type AnswerId,
  type Carried,
  type Entry,
  type Stretch,
} from '../outing'
import { COLOUR_GROUPS, RETRIEVES, SOUNDS, isFamily, type ColourGroup } from '../tackle'
import { Conditions, SKIES, type Place } from '../water'
import { neutral } from './csv/cells'
import type { Sheet } from './csv'
import type { FileProblem } from './problem'

/** The outing log as a table: one row for each stretch of effort, units in the headings. */

const HEADINGS = [
  'outing',
  'place',
  'species',
  'from',
  'minutes',
  'casts',
  'lure',
  'family',
  'length (mm)',
  'colour',
  'sound',
  'retrieve',
  'depth fished (m)',
  'fit',
  'stop',
  'cover',
  'spot',
  'water (°C)',
  'visibility (m)',
  'depth (m)',
  'wind (m/s)',
  'sky',
  ...ANSWERS.map((a) => a.id),
  'lengths landed (cm)',
] as const
type Heading = (typeof HEADINGS)[number]

const figure = (n: number, decimals: number) => String(Math.round(n * 10 ** decimals) / 10 ** decimals)

function rowOf(outing: Outing, s: Stretch): Record<Heading, string> {
  const counts = Object.fromEntries(
    ANSWER_IDS.map((id) => [id, String(s.answers.filter((a) => a.answer === id).length)]),
  ) as Record<AnswerId, string>
  return {
    outing: outing.id,
    place: outing.placeName,
    species: s.water.speciesId,
    from: s.from,
    minutes: figure(s.minutes, 2),
    casts: String(s.casts.length),
    lure: s.carried.name,
    family: s.carried.family,
    'length (mm)': figure(s.carried.lengthM * 1000, 1),
    colour: s.carried.colour,
    sound: s.carried.sound,
    retrieve: s.way.retrieveId,
    'depth fished (m)': figure(s.way.depthM, 2),
    fit: figure(s.way.points, 1),
    stop: s.spot ? String(s.spot.stop) : '',
    cover: s.spot?.featureId ?? '',
    spot: s.spot?.spotId ?? '',
    'water (°C)': figure(s.water.waterTempC, 1),
    'visibility (m)': figure(s.water.visibilityM, 2),
    'depth (m)': figure(s.water.depthM, 2),
    'wind (m/s)': figure(s.water.windMps, 1),
    sky: s.water.sky,
    ...counts,
    'lengths landed (cm)': s.answers
      .filter((a) => a.answer === 'landed')
      .map((a) => (a.fish?.lengthM ? figure(a.fish.lengthM * 100, 1) : ''))
      .join(' ')
      .trim(),
  }
}

/** Outings as CSV, oldest first; what spreadsheets take for a formula is made harmless. */
export function writeOutings(outings: readonly Outing[]): string {
  const rows = [...outings]
    .sort((a, b) => Date.parse(a.startedAt) - Date.parse(b.startedAt))
    .flatMap((o) => {
      const last = o.entries[o.entries.length - 1]?.at ?? o.startedAt
      return accountOf(o, last).stretches.map((s) => {
        const row = rowOf(o, s)
        return HEADINGS.map((h) => neutral(row[h]))
      })
    })
  return Papa.unparse({ fields: [...HEADINGS], data: rows }, { newline: '\r\n' })
}

export interface OutingRowProblem {
  /** As a spreadsheet counts: the headings are row 1. */
  readonly row: number
  readonly column: string
  readonly problem: FileProblem
}
export interface OutingsRead {
  readonly outings: readonly Outing[]
  readonly problems: readonly OutingRowProblem[]
}

interface Row {
  readonly number: number
  readonly id: string
  readonly place: string
  readonly from: string
  readonly fromMs: number
  readonly minutes: number
  readonly casts: number
  readonly spot: { stop: number; featureId: string; spotId: string } | null
  readonly carried: Omit<Carried, 'id' | 'ways'>
  readonly retrieveId: string
  readonly depthM: number
  readonly fit: number
  readonly water: Conditions
  readonly counts: Readonly<Record<AnswerId, number>>
  readonly lengthsM: readonly (number | null)[]
}

/** Headings of logs written before, and what they are called now. */
const EARLIER_HEADINGS: Readonly<Record<string, Heading>> = { thump: 'hard-knock' }

/**
 * Reads a table that {@link writeOutings} wrote, or one like it. Rows that cannot be read are named with their column and the reason; the others come in.
 * `like` lends what the table does not hold of the water.
 */
export function readOutings(sheet: Sheet, places: readonly Place[], like: Conditions): OutingsRead {
  const { rows } = sheet
  const headings = sheet.headings.map((h) => EARLIER_HEADINGS[h] ?? h)
  const missing = (['place', 'from', 'minutes', 'lure', 'family'] as const).filter((h) => !headings.includes(h))
  if (missing.length > 0)
    return {
      outings: [],
      problems: missing.map((h) => ({
        row: 1,
        column: h,
        problem: { code: 'no-column', column: h },
      })),
    }
  const problems: OutingRowProblem[] = []
  const read = rows.flatMap((cells, i) => {
    const of = (h: Heading) => (cells[headings.indexOf(h)] ?? '').trim()
    try {
      return [rowFrom(of, i + 2, places, like)]
    } catch (error) {
      if (!(error instanceof BadCell)) throw error
      problems.push({ row: i + 2, column: error.column, problem: error.problem })
      return []
    }
  })
  const byOuting = new Map<string, Row[]>()
  for (const row of read) byOuting.set(row.id, [...(byOuting.get(row.id) ?? []), row])
  const outings = [...byOuting.values()].flatMap((list) => {
    const made = Outing.safeParse(outingFrom(list))
    if (made.success) return [made.data]
    const first = list[0]?.number ?? 1
    problems.push({
      row: first,
      column: 'outing',
      problem: { code: 'invalid', detail: made.error.issues[0]?.message ?? '' },
    })
    return []
  })
  return { outings, problems }
}

class BadCell extends Error {
  constructor(
    readonly column: string,
    readonly problem: FileProblem,
  ) {
    super(problem.code)
  }
}

function rowFrom(of: (h: Heading) => string, number: number, places: readonly Place[], like: Conditions): Row {
  const num = (h: Heading, least: number, most: number, usual?: number): number => {
    const text = of(h)
    if (text === '' && usual !== undefined) return usual
    const value = Number(text.replace(',', '.'))
    if (text === '' || !Number.isFinite(value)) throw new BadCell(h, { code: 'not-a-number', text })
    if (value < least || value > most) throw new BadCell(h, { code: 'out-of-range', text, from: least, to: most })
    return value
  }
  const oneOf = <T extends string>(h: Heading, list: readonly T[], usual?: T): T => {
    const text = of(h)
    if (text === '' && usual !== undefined) return usual
    const found = list.find((one) => one === text.toLowerCase())
    if (!found) throw new BadCell(h, { code: 'none-of', text, list: list.slice(0, 8), more: list.length > 8 })
    return found
  }
  const from = of('from')
  const fromMs = Date.parse(from)
  if (!/^\d{4}-\d\d-\d\dT\d\d:\d\d(?::\d\d)?(?:Z|[+-]\d\d:\d\d)$/.test(from) || !Number.isFinite(fromMs))
    throw new BadCell('from', { code: 'not-a-moment', text: from })
  const place = places.find((p) => p.name === of('place') || p.id === of('place'))
  const name = of('lure')
  if (!name) throw new BadCell('lure', { code: 'empty' })
  const family = of('family')
  if (!isFamily(family)) throw new BadCell('family', { code: 'unknown-family', text: family })
  const depthM = num('depth (m)', 0.3, 200, like.depthM)
  const water = Conditions.safeParse({
    ...like,
    placeId: place?.id ?? (of('place') || 'elsewhere').slice(0, 80),
    date: from.slice(0, 10),
    hour: Number(from.slice(11, 13)),
    speciesId: of('species') || like.speciesId,
    waterTempC: num('water (°C)', -2, 40, like.waterTempC),
    visibilityM: num('visibility (m)', 0.05, 40, like.visibilityM),
    windMps: num('wind (m/s)', 0, 40, like.windMps),
    sky: oneOf('sky', SKIES, like.sky),
    depthM,
    zone: null,
    cover: { ...like.cover, topM: Math.min(like.cover.topM, depthM) },
  })
  if (!water.success) throw new BadCell('place', { code: 'invalid', detail: water.error.issues[0]?.message ?? '' })
  const counts = Object.fromEntries(ANSWER_IDS.map((id) => [id, Math.round(num(id, 0, 999, 0))])) as Record<
    AnswerId,
    number
  >
  const lengths = of('lengths landed (cm)').split(/\s+/).filter(Boolean)
  const lengthsM = Array.from({ length: counts.landed }, (_, i) => {
    const cm = Number((lengths[i] ?? '').replace(',', '.'))
    return lengths[i] && Number.isFinite(cm) && cm >= 3 && cm <= 400 ? cm / 100 : null
  })
  const stop = of('stop')
  return {
    number,
    id: of('outing') || `${place?.id ?? of('place')} ${from.slice(0, 10)}`,
    place: place?.name ?? (of('place') || 'Elsewhere'),
    from,
    fromMs,
    minutes: num('minutes', 0, 1440),
    casts: Math.round(num('casts', 0, 5000, 0)),
    spot:
      stop && of('spot') ? { stop: num('stop', 1, 500), featureId: of('cover') || 'open', spotId: of('spot') } : null,
    carried: {
      lureId: null,
      name: name.slice(0, 80),
      modelKey: `${family} ${name}`.slice(0, 200),
      family,
      lengthM: num('length (mm)', 10, 500, 80) / 1000,
      colour: oneOf<ColourGroup>('colour', COLOUR_GROUPS, 'natural'),
      sound: oneOf('sound', SOUNDS, 'silent'),
      vibration: 0.5,
      rig: '',
      linePerTurnM: 0.7,
      fallMps: 0,
      cost: null,
    },
    retrieveId: oneOf(
      'retrieve',
      RETRIEVES.map((r) => r.id),
      'steady',
    ),
    depthM: num('depth fished (m)', 0, 200, 0),
    fit: num('fit', 0, 100, 70),
    water: water.data,
    counts,
    lengthsM,
  }
}

/** A moment some minutes after another, on the same clock. */
function later(from: string, fromMs: number, minutes: number): string {
  const zone = /(?:Z|[+-]\d\d:\d\d)$/.exec(from)?.[0] ?? 'Z'
  const aheadMin =
    zone === 'Z' ? 0 : (zone.startsWith('-') ? -1 : 1) * (Number(zone.slice(1, 3)) * 60 + Number(zone.slice(4, 6)))
  const local = new Date(Math.round((fromMs + (minutes + aheadMin) * 60_000) / 1000) * 1000).toISOString().slice(0, 19)
  return `${local}${zone === 'Z' ? '+00:00' : zone}`
}

/** Rows of one outing as entries: each stretch begins with its rig and ends with a break, so that its effort is what the table says. */
function outingFrom(rows: readonly Row[]): unknown {
  const list = [...rows].sort((a, b) => a.fromMs - b.fromMs)
  const [first] = list
  if (!first) return null
  const carried: Carried[] = []
  const entries: Entry[] = []
  let n = 0
  const say = (at: string, said: object) => entries.push({ id: `${first.id}-${++n}`.slice(-80), at, ...said } as Entry)
  let before: Row | null = null
  for (const row of list) {
    const retrieve = RETRIEVES.find((r) => r.id === row.retrieveId)
    const way: Carried['ways'][number] = {
      id: `${row.retrieveId}/${row.depthM}/${row.fit}`,
      retrieveId: row.retrieveId,
      name: retrieve?.name ?? row.retrieveId,
      retrieveSpeedMps: retrieve?.retrieveSpeedMps ?? 0.6,
      pullDurationS: retrieve?.pullDurationS ?? 3,
      pauseS: retrieve?.pauseS ?? 0,
      countDownS: 0,
      rodTipM: 0.2,
      depthM: row.depthM,
      castM: row.water.castM,
      castS: 60,
      points: row.fit,
    }
    const same = carried.find(
      (c) =>
        c.name === row.carried.name &&
        c.lengthM === row.carried.lengthM &&
        c.colour === row.carried.colour &&
        c.ways.length < 12,
    )
    if (same && !same.ways.some((w) => w.id === way.id)) same.ways.push(way)
    const rig = same ?? { ...row.carried, id: `c${carried.length + 1}`, ways: [way] }
    if (!same) carried.push(rig)
    if (before) say(row.from, { kind: 'resume' })
    if (row.spot && (row.spot.stop !== before?.spot?.stop || row.spot.spotId !== before.spot.spotId))
      say(row.from, { kind: 'spot', ...row.spot })
    if (
      !before ||
      before.water.waterTempC !== row.water.waterTempC ||
      before.water.sky !== row.water.sky ||
      before.water.visibilityM !== row.water.visibilityM ||
      before.water.windMps !== row.water.windMps ||
      before.water.depthM !== row.water.depthM
    )
      say(row.from, {
        kind: 'reading',
        waterTempC: row.water.waterTempC,
        visibilityM: row.water.visibilityM,
        windMps: row.water.windMps,
        depthM: row.water.depthM,
        sky: row.water.sky,
      })
    say(row.from, { kind: 'rig', carriedId: rig.id, wayId: way.id })
    for (let i = 0; i < row.casts; i++)
      say(later(row.from, row.fromMs, (row.minutes * (i + 0.5)) / row.casts), { kind: 'cast', aim: null })
    const answers = ANSWER_IDS.flatMap((answer) => Array.from({ length: row.counts[answer] }, () => answer))
    let landed = 0
    answers.forEach((answer, i) =>
      say(later(row.from, row.fromMs, (row.minutes * (i + 0.5)) / answers.length), {
        kind: 'answer',
        answer,
        aim: null,
        fish:
          answer === 'landed'
            ? {
                speciesId: row.water.speciesId,
                lengthM: row.lengthsM[landed++] ?? null,
                massKg: null,
                hooked: null,
                ate: null,
                released: true,
              }
            : null,
      }),
    )
    say(later(row.from, row.fromMs, row.minutes), { kind: 'pause' })
    before = row
  }
  const last = list[list.length - 1] ?? first
  say(later(last.from, last.fromMs, last.minutes), { kind: 'end' })
  return {
    id: first.id.slice(0, 80),
    placeName: first.place,
    water: first.water,
    startedAt: later(first.from, first.fromMs, 0),
    effortBy: 'clock',
    carried,
    entries,
    note: '',
  }
}

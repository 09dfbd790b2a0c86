import { faultOf } from '../fault'
import { OWN_ID } from '../match'
import { readDecimal } from '../quantity'
import { ANSWER_IDS, MOST_ENTRIES, Outing, type AnswerId } from '../outing'
import { COLOUR_GROUPS, SOUNDS, TECHNIQUES, formerTempo, techniqueNamed, isFamily, type ColourGroup } from '../tackle'
import { Conditions, SKIES, type Place } from '../water'
import type { Sheet } from './csv'
import { unclear } from './csv/cells'
import type { Heading } from './outings-columns'
import { entriesOf, outingFrom, type LogRow } from './outings-rebuilt'
import type { z } from '../zod'
import type { FileProblem } from './problem'

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

/** Headings of logs written before, and what they are called now. */
const EARLIER_HEADINGS: Readonly<Record<string, Heading>> = { thump: 'hard-knock', retrieve: 'technique' }

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
  const byOuting = new Map<string, LogRow[]>()
  for (const row of read) {
    const list = byOuting.get(row.id)
    if (list) list.push(row)
    else byOuting.set(row.id, [row])
  }
  const outings = [...byOuting.values()].flatMap((list) => {
    const entries = list.reduce((sum, row) => sum + entriesOf(row), 0)
    if (entries > MOST_ENTRIES) {
      const fault = { kind: 'too-long', bound: MOST_ENTRIES, of: 'things' } as const
      problems.push({ row: list[0]?.number ?? 1, column: 'casts', problem: { code: 'fault', fault } })
      return []
    }
    const rebuilt = outingFrom(list)
    const made = Outing.safeParse(rebuilt)
    if (made.success) return [made.data]
    const first = list[0]?.number ?? 1
    problems.push({
      row: first,
      column: 'outing',
      problem: faultIn(made.error, rebuilt),
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

function faultIn(error: z.ZodError, input: unknown): FileProblem {
  const [issue] = error.issues
  return { code: 'fault', fault: issue ? faultOf(issue, input) : { kind: 'missing' } }
}

function rowFrom(of: (h: Heading) => string, number: number, places: readonly Place[], like: Conditions): LogRow {
  const num = (h: Heading, least: number, most: number, usual?: number): number => {
    const text = of(h)
    if (text === '' && usual !== undefined) return usual
    const read = readDecimal(text)
    if (!read.ok) throw new BadCell(h, read.code === 'unclear' ? unclear(text) : { code: 'not-a-number', text })
    const { value } = read
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
  if (!water.success) throw new BadCell('place', faultIn(water.error, null))
  const counts = Object.fromEntries(ANSWER_IDS.map((id) => [id, Math.round(num(id, 0, 999, 0))])) as Record<
    AnswerId,
    number
  >
  const lengths = of('lengths landed (cm)').split(/\s+/).filter(Boolean)
  const lengthsM = Array.from({ length: counts.landed }, (_, i) => {
    const read = readDecimal(lengths[i] ?? '')
    return read.ok && read.value >= 3 && read.value <= 400 ? read.value / 100 : null
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
    ...workOf(of('technique').toLowerCase() || 'wind', num('tempo', 0, 1, -1), num('patience', 0, 1, -1)),
    depthM: num('depth fished (m)', 0, 200, 0),
    fit: num('fit', 0, 100, 70),
    water: water.data,
    counts,
    lengthsM,
  }
}

/** What a row says of the hand: a technique, or a fixed way of before; where it says no tempo, the one that goes with the name. */
function workOf(id: string, tempo: number, patience: number): Pick<LogRow, 'techniqueId' | 'tempo' | 'patience'> {
  const told = (value: number, else_: number) => (value >= 0 ? value : Number.isFinite(else_) ? else_ : 0.5)
  // An angler’s own is known by its id to whoever wrote the table.
  if (OWN_ID.test(id)) return { techniqueId: id, tempo: told(tempo, NaN), patience: told(patience, NaN) }
  const technique = techniqueNamed(id)
  if (!technique)
    throw new BadCell('technique', {
      code: 'none-of',
      text: id,
      list: TECHNIQUES.slice(0, 8).map((t) => t.id),
      more: true,
    })
  const usual = formerTempo(id, NaN, NaN)
  return { techniqueId: technique.id, tempo: told(tempo, usual.tempo), patience: told(patience, usual.patience) }
}

import equal from 'fast-deep-equal'
import { Plan } from '../../core/plan'
import type { Conditions } from '../../core/water'
import { demoWorld } from '../../core/demo/world'
import {
  guessColumns,
  marksOf,
  planImport,
  readArchive,
  readGpx,
  readNmeaLog,
  readOutings,
  readOutingsJson,
  readSheet,
  waterOfReadings,
  writeArchive,
  writeGpx,
  writeLures,
  writeOutings,
  writeOutingsJson,
  type ArchiveContent,
  type FileProblem,
} from '../../core/exchange'
import { profileFromTests } from '../../core/bench'
import { Outing, accountOf } from '../../core/outing'
import { effortRows } from '../../core/review'
import { Lure, checkRig, rigParts } from '../../core/tackle'
import { readWater, speciesOf } from '../../core/water'
import { sayFileProblem, sayStoredProblem } from '../../words'
import { FAULTS } from '../proof-reading'
import { drawsOf, wrongText, wrongTree } from './mutants'

/** What came of many files gone wrong: those that were tried, and of them what must not be. */
export interface Trials {
  readonly tried: number
  readonly refused: number
  /** The reader threw. */
  readonly threw: number
  /** Something was dropped or changed without a word. */
  readonly silent: number
  /** A problem that no angler can read, or that does not end. */
  readonly unclear: number
  /** It was taken, and failed where it was used. */
  readonly late: number
  /** The first of each sort, to look into. */
  readonly examples: readonly string[]
}

type Verdict = 'fine' | 'refused' | 'threw' | 'silent' | 'unclear' | 'late'
interface Outcome {
  readonly verdict: Verdict
  readonly about?: string
}

function count(n: number, one: (seed: number) => Outcome): Trials {
  const found: Record<Verdict, number> = { fine: 0, refused: 0, threw: 0, silent: 0, unclear: 0, late: 0 }
  const examples: string[] = []
  for (let seed = 0; seed < n; seed++) {
    let { verdict, about = '' } = { verdict: 'threw' as Verdict, about: '' } as Outcome
    try {
      ;({ verdict, about = '' } = one(seed))
    } catch (error) {
      about =
        error instanceof Error ? `${error.message.slice(0, 200)} ${error.stack?.split('\n')[1]?.trim() ?? ''}` : ''
    }
    found[verdict] += 1
    if (verdict !== 'fine' && verdict !== 'refused' && examples.length < 8)
      examples.push(`${verdict} ${seed}: ${about}`)
  }
  const { refused, threw, silent, unclear, late } = found
  return { tried: n, refused, threw, silent, unclear, late, examples }
}

const RAW = /received|Invalid|expected|Unrecognized|ZodError|regex|\bat \w+ \(/
const LONGEST = 500
/** What is wrong with how a problem is told; empty where it can be read. */
function unclearIn(problems: readonly { where: string; problem: FileProblem }[]): string {
  if (problems.length === 0) return 'no reason'
  const program = FAULTS.find(([what]) => what === 'what is left of a program')?.[1]
  for (const { where, problem } of problems) {
    const text = sayFileProblem(problem)
    // What stood in the file may be quoted, whatever it is.
    const own = text.replace(/“[^”]*”/g, '')
    if (text.trim() === '' || where === '') return `nothing said of ${problem.code}`
    if (text.length + where.length > LONGEST) return `${text.length} letters of ${problem.code}`
    if (RAW.test(own) || program?.test(own)) return text
  }
  return ''
}
const told = (problems: readonly { where: string; problem: FileProblem }[]): Outcome => {
  const about = unclearIn(problems)
  return about ? { verdict: 'unclear', about } : { verdict: 'refused' }
}

/** A little of everything, so that ten thousand can be tried. */
export function smallWorld(): ArchiveContent {
  const world = demoWorld('2026-06-12')
  const { box } = world
  const rigs = box.rigs.slice(0, 2)
  const [lure] = box.lures
  if (!lure) throw new Error('no lure')
  const tests = box.tests.filter((t, i, all) => all.findIndex((o) => o.kind === t.kind) === i)
  const wanted = new Set([...rigs.map((r) => r.lureId), ...tests.map((t) => t.lureId)])
  const lures = box.lures.filter((l, i) => i < 6 || wanted.has(l.id))
  const few = Object.fromEntries(Object.entries(box).map(([kind, list]) => [kind, (list as unknown[]).slice(0, 3)]))
  return {
    ...world,
    box: { ...box, ...few, trays: box.trays, lures, rigs, tests } as typeof box,
    places: world.places.slice(0, 2),
    outings: world.outings.slice(0, 2),
    plans: [smallPlan(world.waters[0])],
    photos: [{ id: 'p', dataUrl: 'data:image/png;base64,AAAA' }],
    bin: [{ id: 'lures:a', kind: 'lures', at: '2026-06-12T10:00:00', item: lure }],
    aside: [
      {
        id: 'aside-1',
        file: 'shed.csv',
        at: '2026-06-12T10:00:00',
        headings: ['Name', 'Weight'],
        mapping: ['name', 'weight'],
        rows: [
          {
            row: 2,
            cells: ['Owlet', 'heavy'],
            problems: [{ column: 'weight', problem: { code: 'not-a-measure', text: 'heavy' } }],
          },
        ],
      },
    ],
    settings: { system: 'metric', references: { fall: lure.id } },
  }
}

/** A plan with everything said that can be, but what came of it. */
function smallPlan(water: Conditions | undefined): Plan {
  return Plan.parse({
    id: 'plan-1',
    name: 'A day',
    legs: [{ id: 'leg-1', water, fromH: 5, toH: 9, forecast: [{ hour: 6, sky: 'rain' }] }],
    limits: { lures: 5, rods: 2, luresKg: 0.4 },
    spread: { mood: { active: 1, neutral: 0 } },
    added: [{ id: 'a', name: 'The wind turns', weight: 0.2, windMps: 9 }],
    ticked: ['rod a'],
  })
}

/** Everything that is worked out of a box as soon as it is shown. */
function use({ box, places, waters, outings, aside, practice }: ArchiveContent): void {
  for (const water of waters) {
    const place = places.find((p) => p.id === water.placeId)
    const species = speciesOf(water.speciesId)
    if (place && species) readWater(water, place, species)
  }
  for (const rig of box.rigs)
    checkRig(rigParts(rig, box), {
      cover: { kind: 'open', density: 0.5 },
      depthM: 4,
      visibilityM: 3,
      mood: 'neutral',
      toothed: null,
    })
  for (const lure of box.lures.slice(0, 4)) profileFromTests(lure, box.tests)
  for (const outing of outings) accountOf(outing, outing.entries.at(-1)?.at ?? outing.startedAt)
  effortRows(outings, '2026-06-12T12:00:00+02:00')
  writeOutings(outings)
  writeLures(box)
  writeGpx(places)
  for (const { rows } of aside)
    for (const { problems } of rows) for (const { problem } of problems) sayStoredProblem(problem)
  if (Object.keys(practice).length === 0) throw new Error('no judgement')
}

const isThing = (value: unknown): value is Record<string, unknown> => typeof value === 'object' && value !== null
/** Whether everything that stands in a file stands in what was made of it; blanks around a name do not count. */
function holds(made: unknown, file: unknown): boolean {
  if (typeof made === 'string' && typeof file === 'string') return made === file.trim() || made === file
  if (!isThing(file) || !isThing(made)) return Object.is(made, file) || equal(made, file)
  if (Array.isArray(file))
    return Array.isArray(made) && made.length === file.length && file.every((f, i) => holds(made[i], f))
  return Object.keys(file).every((key) => Object.hasOwn(made, key) && holds(made[key], file[key]))
}

/** Archives gone wrong, by what is in them and, every fifth, by their letters. `store`: puts one that was taken into a store. */
export function archiveTrials(n: number): Trials {
  const whole = JSON.parse(writeArchive(smallWorld())) as object
  const text = JSON.stringify(whole)
  return count(n, (seed) => {
    const draws = drawsOf(seed)
    const made = seed % 5 === 0 ? { text: wrongText(text, draws), how: 'letters' } : fromTree()
    function fromTree() {
      const { tree, how } = wrongTree(whole, draws)
      return { text: JSON.stringify(tree), how }
    }
    const read = readArchive(made.text)
    if (!read.ok) return told(read.problems.map(({ place, problem }) => ({ where: place, problem })))
    // The version is the one thing that an older file and what is made of it do not share.
    const file = { ...(JSON.parse(made.text) as object), version: read.archive.version }
    if (!holds(JSON.parse(writeArchive(read.archive)), file)) return { verdict: 'silent', about: made.how }
    try {
      const again = readArchive(writeArchive(read.archive))
      if (!again.ok) return { verdict: 'late', about: `${made.how}: does not come back` }
      use(read.archive)
    } catch (error) {
      return {
        verdict: 'late',
        about: `${made.how}: ${error instanceof Error ? (error.stack ?? '').slice(0, 300) : ''}`,
      }
    }
    return { verdict: 'fine' }
  })
}

/** Lure sheets gone wrong. What is planned has to be lures, and every row has to be somewhere. */
export function sheetTrials(n: number): Trials {
  const world = smallWorld()
  const text = writeLures(world.box)
  return count(n, (seed) => {
    const read = readSheet(wrongText(text, drawsOf(seed)))
    if (!read.ok) return told([{ where: 'file', problem: read.problem }])
    const { sheet } = read
    const mapping = guessColumns(sheet.headings)
    const marks = marksOf(sheet, mapping)
    let id = 0
    const plan = planImport(sheet, mapping, marks, world.box, () => `new-${++id}`)
    const rows = plan.added.length + plan.changed.length + plan.same + plan.aside.length
    if (rows !== sheet.rows.length) return { verdict: 'silent', about: `${rows} of ${sheet.rows.length} rows` }
    const bad = [...plan.added, ...plan.changed].find((lure) => !Lure.safeParse(lure).success)
    if (bad) return { verdict: 'late', about: bad.id }
    const problems = plan.aside.flatMap((a) => a.problems.map((p) => ({ where: p.column, problem: p.problem })))
    return problems.length > 0 ? told(problems) : { verdict: 'fine' }
  })
}

/** Logs gone wrong, as a table and as JSON by turns. What comes in has to be outings that can be worked with. */
export function logTrials(n: number): Trials {
  const { outings, places, waters } = smallWorld()
  const [like] = waters
  if (!like) throw new Error('no water')
  const csv = writeOutings(outings)
  const json = writeOutingsJson(outings)
  const rowsOf = (list: readonly Outing[]) => effortRows(list, '2026-06-12T12:00:00+02:00').length
  return count(n, (seed) => {
    if (seed % 2 === 0) {
      const { tree } = wrongTree(JSON.parse(json) as object, drawsOf(seed))
      const read = readOutingsJson(JSON.stringify(tree))
      if (!read.ok) return told([{ where: 'file', problem: read.problem }])
      rowsOf(read.outings)
      return { verdict: 'fine' }
    }
    const sheet = readSheet(wrongText(csv, drawsOf(seed)))
    if (!sheet.ok) return told([{ where: 'file', problem: sheet.problem }])
    const read = readOutings(sheet.sheet, places, like)
    if (read.outings.some((o) => !Outing.safeParse(o).success)) return { verdict: 'late' }
    rowsOf(read.outings)
    const problems = read.problems.map((p) => ({ where: p.column, problem: p.problem }))
    return problems.length > 0 ? told(problems) : { verdict: 'fine' }
  })
}

/** Waypoint files gone wrong. */
export function gpxTrials(n: number): Trials {
  const text = writeGpx(smallWorld().places)
  return count(n, (seed) => {
    const read = readGpx(wrongText(text, drawsOf(seed)))
    if (!read.ok) return told([{ where: 'file', problem: read.problem }])
    if (read.waypoints.some((w) => !Number.isFinite(w.latDeg + w.lonDeg))) return { verdict: 'late' }
    return read.problems.length > 0
      ? told(read.problems.map((problem) => ({ where: 'file', problem })))
      : { verdict: 'fine' }
  })
}

const SENTENCES = ['$SDDBT,12.1,f,3.7,M,2.0,F*09', '$SDDPT,3.7,0.3*57', '$YXMTW,14.6,C*1C', '$VWVHW,,,,,1.5,N,2.8,K*5C']

/** Logs of instruments gone wrong. What comes of them has to be figures. */
export function nmeaTrials(n: number): Trials {
  const text = Array.from({ length: 12 }, (_, i) => SENTENCES[i % SENTENCES.length]).join('\r\n')
  return count(n, (seed) => {
    const log = readNmeaLog(wrongText(text, drawsOf(seed)))
    const water = waterOfReadings(log.middle)
    if (Object.values(water).some((value) => !Number.isFinite(value))) return { verdict: 'late' }
    const problems = log.problems.map((p) => ({ where: String(p.line), problem: p.problem }))
    return problems.length > 0 ? told(problems) : { verdict: 'fine' }
  })
}

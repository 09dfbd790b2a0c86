import { UNNAMED } from '../../data/techniques'
import { ANSWER_IDS, type AnswerId, type Carried, type Entry } from '../outing'
import { familyOf, techniqueNamed, workAt, type FamilyId } from '../tackle'
import type { Conditions } from '../water'

/** A row of the log, read. */
export interface LogRow {
  readonly number: number
  readonly id: string
  readonly place: string
  readonly from: string
  readonly fromMs: number
  readonly minutes: number
  readonly casts: number
  readonly spot: { stop: number; featureId: string; spotId: string } | null
  readonly carried: Omit<Carried, 'id' | 'ways'>
  readonly techniqueId: string
  readonly tempo: number
  readonly patience: number
  readonly depthM: number
  readonly fit: number
  readonly water: Conditions
  readonly counts: Readonly<Record<AnswerId, number>>
  readonly lengthsM: readonly (number | null)[]
}

/** A moment some minutes after another, on the same clock. */
function later(from: string, fromMs: number, minutes: number): string {
  const zone = /(?:Z|[+-]\d\d:\d\d)$/.exec(from)?.[0] ?? 'Z'
  const aheadMin =
    zone === 'Z' ? 0 : (zone.startsWith('-') ? -1 : 1) * (Number(zone.slice(1, 3)) * 60 + Number(zone.slice(4, 6)))
  const local = new Date(Math.round((fromMs + (minutes + aheadMin) * 60_000) / 1000) * 1000).toISOString().slice(0, 19)
  return `${local}${zone === 'Z' ? '+00:00' : zone}`
}

/** At least so many entries a row becomes. */
export const entriesOf = ({ casts, counts }: LogRow): number =>
  1 + casts + Object.values(counts).reduce((sum, n) => sum + n, 0)

/** A gap shorter than this between two stretches is none, ms: minutes of a table are rounded. */
const NO_GAP_MS = 1500

/** Rows of one outing as entries: each stretch begins with its rig, and where the next begins later there is a break, so that its effort is what the table says. */
export function outingFrom(rows: readonly LogRow[]): unknown {
  const list = [...rows].sort((a, b) => a.fromMs - b.fromMs)
  const [first] = list
  if (!first) return null
  const carried: Carried[] = []
  const entries: Entry[] = []
  let n = 0
  const say = (at: string, said: object) => entries.push({ id: `${first.id}-${++n}`.slice(-80), at, ...said } as Entry)
  const endOf = (row: LogRow) => row.fromMs + row.minutes * 60_000
  let before: LogRow | null = null
  for (const row of list) {
    const technique = techniqueNamed(row.techniqueId)
    const work =
      technique &&
      workAt(technique, { tempo: row.tempo, patience: row.patience }, familyOf(row.carried.family as FamilyId).speedMps)
    const way: Carried['ways'][number] = {
      id: `${row.techniqueId}/${row.tempo}/${row.patience}/${row.depthM}/${row.fit}`,
      techniqueId: technique?.id ?? row.techniqueId,
      name: technique?.name ?? UNNAMED,
      tempo: row.tempo,
      patience: row.patience,
      paceMps: work?.paceMps ?? 0.6,
      pullS: technique?.pullS ?? 3,
      restS: work?.restS ?? 0,
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
    if (before && row.fromMs - endOf(before) > NO_GAP_MS) {
      say(later(before.from, before.fromMs, before.minutes), { kind: 'pause' })
      say(row.from, { kind: 'resume' })
    }
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

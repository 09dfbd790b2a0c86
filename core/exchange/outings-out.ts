import Papa from 'papaparse'
import { ANSWER_IDS, accountOf, type AnswerId, type Outing, type Stretch } from '../outing'
import { neutral } from './csv/cells'
import { HEADINGS, type Heading } from './outings-columns'

/** The outing log as a table: one row for each stretch of effort. */

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
    technique: s.way.techniqueId,
    tempo: figure(s.way.tempo, 2),
    patience: figure(s.way.patience, 2),
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

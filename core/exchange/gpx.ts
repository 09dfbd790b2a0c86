import { XMLBuilder, XMLParser, XMLValidator } from 'fast-xml-parser'
import { placedEntries, type Entry, type Fix, type Outing } from '../outing'
import { Place } from '../water'
import { plainLetters } from './letters'
import type { FileProblem } from './problem'

/** A waypoint as it stands in a GPX 1.1 file. */
interface Waypoint {
  readonly name: string
  readonly latDeg: number
  readonly lonDeg: number
  readonly note: string
}
export type GpxResult =
  | { readonly ok: true; readonly waypoints: Waypoint[]; readonly problems: readonly FileProblem[] }
  | { readonly ok: false; readonly problem: FileProblem }

const PARSER = new XMLParser({
  ignoreAttributes: false,
  attributeNamePrefix: '@',
  parseTagValue: false,
  parseAttributeValue: false,
  processEntities: true,
  isArray: (name) => name === 'wpt',
})
const MOST_TEXT = { name: 80, note: 400 } as const

type Node = Readonly<Record<string, unknown>>
const textOf = (value: unknown) => (typeof value === 'string' ? value.trim() : '')

/** A decimal figure as XML Schema writes it (xsd:decimal): no other base, no exponent, and not nothing. */
const DECIMAL = /^[+-]?(?:\d+(?:\.\d*)?|\.\d+)$/
const degrees = (value: unknown, most: number): number | null => {
  const text = textOf(value)
  return DECIMAL.test(text) && Math.abs(Number(text)) <= most ? Number(text) : null
}

/** Waypoints of a GPX file; those without a sound position are listed and left out. Never throws. */
export function readGpx(text: string): GpxResult {
  let root: Node | undefined
  const valid = XMLValidator.validate(text)
  if (valid !== true) return { ok: false, problem: { code: 'bad-xml', line: valid.err.line } }
  try {
    root = (PARSER.parse(text) as Node).gpx as Node | undefined
  } catch {
    // What the validator lets through and the parser does not: an instruction that is never closed.
    return { ok: false, problem: { code: 'bad-xml', line: null } }
  }
  if (root === undefined) return { ok: false, problem: { code: 'no-gpx' } }
  const found = (typeof root === 'object' ? ((root.wpt as Node[] | undefined) ?? []) : []) as Node[]
  if (found.length === 0) return { ok: false, problem: { code: 'no-waypoints' } }
  const problems: FileProblem[] = []
  const waypoints = found.flatMap((wpt, i): Waypoint[] => {
    const [latDeg, lonDeg] = [degrees(wpt['@lat'], 90), degrees(wpt['@lon'], 180)]
    const name = textOf(wpt.name) || `Waypoint ${i + 1}`
    if (latDeg === null || lonDeg === null) {
      problems.push({ code: 'bad-position', name, lat: textOf(wpt['@lat']), lon: textOf(wpt['@lon']) })
      return []
    }
    const note = textOf(wpt.desc) || textOf(wpt.cmt)
    return [{ name: name.slice(0, MOST_TEXT.name), latDeg, lonDeg, note: note.slice(0, MOST_TEXT.note) }]
  })
  return { ok: true, waypoints, problems }
}

/** Places as waypoints of a GPX 1.1 file: name, position, note, and the law in the comment. */
export function writeGpx(places: readonly Pick<Place, 'name' | 'latDeg' | 'lonDeg' | 'note' | 'rules'>[]): string {
  const wpt = places.map(({ name, latDeg, lonDeg, note, rules }) => ({
    '@lat': latDeg.toFixed(6),
    '@lon': lonDeg.toFixed(6),
    name: plainLetters(name),
    ...(rules && { cmt: plainLetters(rules) }),
    ...(note && { desc: plainLetters(note) }),
  }))
  const builder = new XMLBuilder({ ignoreAttributes: false, attributeNamePrefix: '@', format: true })
  const built = builder.build({
    '?xml': { '@version': '1.0', '@encoding': 'UTF-8' },
    gpx: { '@version': '1.1', '@creator': 'Ygrion', '@xmlns': 'http://www.topografix.com/GPX/1/1', wpt },
  }) as string
  return built
}

/** The track of an outing as GPX 1.1, its stops and fish as waypoints of the names that they are given. */
export function writeTrack({ outing, nameOf }: { outing: Outing; nameOf: (entry: Entry) => string }): string {
  const position = ({ latDeg, lonDeg }: Fix) => ({ '@lat': latDeg.toFixed(6), '@lon': lonDeg.toFixed(6) })
  const time = (at: string) => new Date(at).toISOString().replace('.000Z', 'Z')
  const wpt = placedEntries(outing).map(({ entry, fix }) => ({
    ...position(fix),
    time: time(entry.at),
    name: plainLetters(nameOf(entry)),
  }))
  const trkpt = (outing.track ?? []).map((fix) => ({ ...position(fix), time: time(fix.at) }))
  const builder = new XMLBuilder({ ignoreAttributes: false, attributeNamePrefix: '@', format: true })
  return builder.build({
    '?xml': { '@version': '1.0', '@encoding': 'UTF-8' },
    gpx: {
      '@version': '1.1',
      '@creator': 'Ygrion',
      '@xmlns': 'http://www.topografix.com/GPX/1/1',
      ...(wpt.length > 0 && { wpt }),
      trk: { name: plainLetters(`${outing.placeName} ${outing.startedAt.slice(0, 10)}`), trkseg: { trkpt } },
    },
  }) as string
}

/** Five decimals: about a metre. */
const spot = ({ latDeg, lonDeg }: { latDeg: number; lonDeg: number }) => `${latDeg.toFixed(5)} ${lonDeg.toFixed(5)}`

/** Waypoints as places, without those that lie where a place is known already; clock and salinity are taken from a place of the same region. */
export function newPlacesOf(
  waypoints: readonly Waypoint[],
  known: readonly Place[],
  like: Pick<Place, 'utcOffsetH' | 'salinity'>,
  newId: () => string,
): Place[] {
  const there = new Set(known.map(spot))
  const { utcOffsetH, salinity } = like
  return waypoints
    .filter((w) => !there.has(spot(w)))
    .map((w) => Place.parse({ ...w, id: newId(), utcOffsetH, salinity }))
}

import { describe, expect, it } from 'vitest'
import { WORLD, water } from '../../testing/world'
import { at, logOf } from '../../testing/outing'
import { accountOf, bitesOf, landedOf, type Outing } from '../outing'
import { effortRows } from '../review'
import { notInTable, readOutings, readOutingsJson, readSheet, writeOutings, writeOutingsJson } from '.'
import { sayFileProblem } from '../../words'

const LIKE = water()
function bring(csv: string) {
  const sheet = readSheet(csv)
  if (!sheet.ok) throw new Error(sheet.problem.code)
  return readOutings(sheet.sheet, WORLD.places, LIKE)
}
const effort = (o: Outing) =>
  accountOf(o, o.entries.at(-1)?.at ?? '').stretches.map((s) => [
    s.from,
    s.carried.name,
    s.minutes.toFixed(1),
    bitesOf(s),
    landedOf(s),
    s.spot?.spotId,
  ])
const lines = (csv: string) => csv.split('\r\n')

describe('the log as CSV', () => {
  const csv = writeOutings(WORLD.outings)
  it('goes out with units in its headings, one row for each stretch', () => {
    expect(lines(csv)[0]).toMatch(/minutes,casts,lure,family,length \(mm\).*water \(°C\)/)
    expect(lines(csv).length - 1).toBe(effortRows(WORLD.outings, at(0)).length)
  })
  it('comes back with the same effort, answers, spots and water', () => {
    const { outings, problems } = bring(csv)
    expect(problems).toEqual([])
    expect(outings).toHaveLength(WORLD.outings.length)
    for (const before of WORLD.outings) {
      const after = outings.find((o) => o.id === before.id)
      expect(after && effort(after)).toEqual(effort(before))
      expect(after?.water).toMatchObject({
        speciesId: before.water.speciesId,
        placeId: before.water.placeId,
        waterTempC: before.water.waterTempC,
      })
    }
    // And the second time round nothing changes any more.
    expect(writeOutings(outings)).toBe(writeOutings(bring(writeOutings(outings)).outings))
  })
  it('a log written before, when a hard knock was called a thump, comes back with every answer', () => {
    const [headings, ...rest] = lines(csv)
    const old = [headings?.replace('hard-knock', 'thump'), ...rest].join('\r\n')
    expect(old).toContain(',thump,')
    expect(writeOutings(bring(old).outings)).toBe(writeOutings(bring(csv).outings))
  })
  it('lengths of fish come along', () => {
    const lengths = (list: readonly Outing[]) =>
      list
        .flatMap((o) => o.entries.flatMap((e) => (e.kind === 'answer' && e.fish ? [e.fish.lengthM?.toFixed(3)] : [])))
        .sort()
    expect(lengths(bring(csv).outings)).toEqual(lengths(WORLD.outings))
  })
  it('a bad row is named with its column and reason, and the others come in', () => {
    const cells = lines(csv)
    const broken = [...cells]
    broken[3] = (broken[3] ?? '').replace(/,(\d+(?:\.\d+)?),0,/, ',many,0,')
    const { outings, problems } = bring(broken.join('\r\n'))
    expect(problems).toEqual([{ row: 4, column: 'minutes', problem: { code: 'not-a-number', text: 'many' } }])
    const rows = (list: readonly Outing[]) => list.reduce((sum, o) => sum + effort(o).length, 0)
    expect(rows(outings)).toBe(cells.length - 2)
  })
  it.each([
    ['family', 'spinnerbait', 'teapot', /not a kind of lure/],
    ['from', /\d{4}-\d\d-\d\dT[\d:]+\+02:00/, '4th of July', /not a date and time/],
    ['colour', ',light,', ',mauve,', /none of natural/],
  ])('a wrong %s is told', (column, from, to, reason) => {
    const [head, ...rows] = lines(csv)
    const row = rows.find((r) => (typeof from === 'string' ? r.includes(from) : from.test(r)))
    const { problems } = bring([head, (row ?? '').replace(from, to)].join('\r\n'))
    expect(problems[0]).toMatchObject({ row: 2, column })
    expect(problems[0] && sayFileProblem(problems[0].problem)).toMatch(reason)
  })
  it('without the columns that are needed it says which', () => {
    const { outings, problems } = bring('place,lure\r\nHere,There')
    expect(outings).toEqual([])
    expect(problems.map((p) => p.column)).toEqual(['from', 'minutes', 'family'])
  })
  it('a table of one’s own, with the fewest columns, comes in', () => {
    const { outings, problems } = bring(
      'place;from;minutes;lure;family;landed\r\nThe pond;2026-05-01T18:00:00+02:00;90;Old faithful;grub;2',
    )
    expect(problems).toEqual([])
    const [only] = outings
    expect(only && effort(only).map((e) => e.slice(1, 5))).toEqual([['Old faithful', '90.0', 2, 2]])
    expect(only?.placeName).toBe('The pond')
  })
  it('a row in which only the wind has changed brings its own reading', () => {
    const rows = [
      'place;from;minutes;lure;family;wind (m/s)',
      ...[2, 7].map((wind, i) => `The pond;2026-05-01T1${8 + i}:00:00+02:00;60;Old faithful;grub;${wind}`),
    ]
    const { outings } = bring(rows.join('\r\n'))
    const [only] = outings
    if (!only) throw new Error('no outing')
    expect(accountOf(only, only.entries.at(-1)?.at ?? '').stretches.map((s) => s.water.windMps)).toEqual([2, 7])
  })
  it('text that a spreadsheet would run as a formula is made harmless, and comes back as it was', () => {
    const log = logOf([
      [0, { kind: 'rig', carriedId: 'a', wayId: 'wind' }],
      [30, { kind: 'end' }],
    ])
    const evil = { ...log, carried: log.carried.map((c) => ({ ...c, name: '=HYPERLINK("x")' })) }
    const out = writeOutings([evil])
    expect(lines(out)[1]).not.toMatch(/,=|,"=/)
    expect(bring(out).outings[0]?.carried[0]?.name).toBe('=HYPERLINK("x")')
  })
})

describe('the log as JSON', () => {
  it('goes out and comes back to the letter', () => {
    expect(readOutingsJson(writeOutingsJson(WORLD.outings))).toEqual({ ok: true, outings: WORLD.outings })
  })
  it.each([
    ['{"format":', /cut short/],
    ['{"format":"other","version":1,"outings":[]}', /format/],
    ['{"format":"ygrion-outings","version":9,"outings":[]}', /version/],
    [writeOutingsJson(WORLD.outings).replace('"lost"', '"winked"'), /entries/],
  ])('%.30s… is refused with the place', (text, reason) => {
    const read = readOutingsJson(text)
    expect(read.ok ? '' : sayFileProblem(read.problem)).toMatch(reason)
  })
})

describe('the demo’s log', () => {
  it('is 24 outings over two seasons with effort, blanks and a trial that is not settled', () => {
    const { outings } = WORLD
    expect(outings).toHaveLength(24)
    const years = new Set(outings.map((o) => o.startedAt.slice(0, 4)))
    expect(years.size).toBe(2)
    const takes = outings.map((o) => accountOf(o, at(0)).stretches.reduce((s, x) => s + bitesOf(x), 0))
    expect(takes.filter((t) => t === 0).length).toBeGreaterThan(1)
    expect(outings.some((o) => o.entries.some((e) => e.kind === 'comparison'))).toBe(true)
    const lost = outings.flatMap((o) => o.entries.filter((e) => e.kind === 'lost-lure'))
    expect(lost.length).toBeGreaterThan(0)
  })
})

describe('a table of the log', () => {
  const csv = writeOutings(WORLD.outings)
  it('of more casts than an outing can hold is refused before any of them is made', () => {
    const sheet = readSheet(csv)
    if (!sheet.ok) throw new Error(sheet.problem.code)
    const { headings, rows } = sheet.sheet
    const row = (rows[0] ?? []).with(headings.indexOf('casts'), '5000')
    const { outings, problems } = readOutings(
      { headings, rows: Array.from({ length: 1000 }, () => row) },
      WORLD.places,
      LIKE,
    )
    expect(outings).toEqual([])
    expect(problems).toEqual([
      { row: 2, column: 'casts', problem: { code: 'fault', fault: { kind: 'too-long', bound: 20_000, of: 'things' } } },
    ])
  })
  it('invents no pause where one stretch follows on another', () => {
    const count = (list: readonly Outing[], kind: string) =>
      list.flatMap((o) => o.entries).filter((e) => e.kind === kind).length
    const back = bring(csv).outings
    // A change of rig or spot parts stretches; a break only where time went by.
    expect(count(back, 'pause')).toBeLessThanOrEqual(count(WORLD.outings, 'pause') + WORLD.outings.length)
  })
  it('says beforehand what it leaves out, and nothing where it leaves out nothing', () => {
    const lacking = new Map(notInTable(WORLD.outings).map(({ kind, count }) => [kind, count]))
    const entries = WORLD.outings.flatMap((o) => o.entries)
    expect(lacking.get('lost-lure')).toBe(entries.filter((e) => e.kind === 'lost-lure').length)
    expect(lacking.get('comparison')).toBe(entries.filter((e) => e.kind === 'comparison').length || undefined)
    // What came out of a table lacks nothing that a table cannot hold.
    const plain = bring(csv).outings
    expect(notInTable(plain)).toEqual([])
    expect(notInTable(plain.map((o) => ({ ...o, note: 'Fog' })))).toEqual([{ kind: 'note', count: plain.length }])
  })
})

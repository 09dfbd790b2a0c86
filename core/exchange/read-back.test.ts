import { parse as parseCsv } from 'csv-parse/sync'
import fc from 'fast-check'
import ICAL from 'ical.js'
import { SaxesParser } from 'saxes'
import { describe, expect, it } from 'vitest'
import { WORLD } from '../../testing/world'
import { FORMATS } from '.'

/**
 * Names, notes and ids of files, codes and archives never reach a format unescaped: what is written is read back by readers of the registry that share nothing
 * with what writes it (ical.js for iCalendar, saxes for XML, csv-parse for tables).
 */
const EVIL = [
  'a\r\nBEGIN:VALARM\r\nACTION:DISPLAY\r\nEND:VALARM',
  'END:VCALENDAR',
  'x;y,z:"q"\\n\\',
  '</name><wpt lat="0" lon="0"><name>',
  ']]><!-- --> &amp; &lt;',
  '=1+1',
  '"a","b"\n"c"',
  'a\u0000b\u000bc\ufffe',
  'lone \ud800 half',
  '🎣 à l’eau',
]
const text = fc.oneof(fc.constantFrom(...EVIL), fc.string({ unit: 'binary', maxLength: 60 }))
const RUNS = { numRuns: 150 }
/** Control letters that these formats cannot hold, and halves of letters, may go; all else comes back. */
const lines = (s: string) =>
  [...s.toWellFormed().replace(/\r\n?/g, '\n')]
    .filter((c) => c === '\n' || c === '\t' || !/[\p{Cc}\ufffe\uffff]/u.test(c))
    .join('')

interface Element {
  readonly name: string
  readonly attributes: Readonly<Record<string, string>>
  text: string
}
function elementsOf(xml: string): Element[] {
  const parser = new SaxesParser()
  const all: Element[] = []
  const open: Element[] = []
  parser.on('opentag', ({ name, attributes }) => {
    const element = { name, attributes, text: '' }
    all.push(element)
    open.push(element)
  })
  parser.on('text', (more) => {
    const within = open.at(-1)
    if (within) within.text += more
  })
  parser.on('closetag', () => void open.pop())
  parser.on('error', (error) => {
    throw error
  })
  parser.write(xml).close()
  return all
}
const textsOf = (all: readonly Element[], name: string) => all.filter((e) => e.name === name).map((e) => e.text)

const [place] = WORLD.places
const [lure, second] = WORLD.box.lures
const [test] = WORLD.box.tests
const outing = WORLD.outings.find((o) => o.entries.some((e) => e.kind === 'end')) ?? WORLD.outings[0]
if (!place || !lure || !second || !test || !outing) throw new Error('the demo lacks something')

describe('read back by an independent reader', () => {
  it('a calendar has the names it was given, and no line of another’s making', async () => {
    await fc.assert(
      fc.asyncProperty(text, text, text, async (name, id, said) => {
        const event = { id, fromMs: 0, toMs: 3_600_000, summary: said, description: name, location: said }
        const ics = await FORMATS.calendar.write({ name, atMs: 0, events: [event] })
        const calendar = new ICAL.Component(ICAL.parse(ics) as unknown as string)
        expect(calendar.getAllSubcomponents().map((c) => c.name)).toEqual(['vevent'])
        const [read] = calendar.getAllSubcomponents('vevent')
        expect(read?.getAllSubcomponents()).toEqual([])
        const value = (key: string) => String(read?.getFirstPropertyValue(key) ?? '')
        expect(value('summary')).toBe(lines(said))
        expect(value('description')).toBe(lines(name))
        expect(value('location')).toBe(lines(said))
        expect(read?.getAllProperties('uid')).toHaveLength(1)
        const keys = calendar.getAllProperties().map((p) => p.name)
        expect(new Set(keys).size).toBe(keys.length)
        // A property that RFC 5545 does not name is read as it stands.
        const called = String(calendar.getFirstPropertyValue('x-wr-calname') ?? '')
        expect(called.replace(/\\(.)/g, (_, c: string) => (c === 'n' ? '\n' : c))).toBe(lines(name))
      }),
      RUNS,
    )
  })
  it('two stretches of a plan never share the id under which a calendar knows them', async () => {
    const ids = ['a/b 1', 'a/b\n1', 'a/b 2', 'a%2Fb 1']
    const event = { fromMs: 0, toMs: 1, summary: '', description: '', location: '' }
    const ics = await FORMATS.calendar.write({ name: 'x', atMs: 0, events: ids.map((id) => ({ ...event, id })) })
    const calendar = new ICAL.Component(ICAL.parse(ics) as unknown as string)
    const uids = calendar.getAllSubcomponents('vevent').map((e) => e.getFirstPropertyValue('uid'))
    expect(new Set(uids).size).toBe(ids.length)
  })
  it('places have the names, notes and laws they were given', async () => {
    await fc.assert(
      fc.asyncProperty(text, text, text, async (name, note, rules) => {
        const all = elementsOf(await FORMATS.places.write([{ ...place, name, note, rules }]))
        expect(all.filter((e) => e.name === 'wpt')).toHaveLength(1)
        expect(textsOf(all, 'name')).toEqual([lines(name)])
        if (note) expect(textsOf(all, 'desc')).toEqual([lines(note)])
        if (rules) expect(textsOf(all, 'cmt')).toEqual([lines(rules)])
      }),
      RUNS,
    )
  })
  it('a track has the names it was given', async () => {
    await fc.assert(
      fc.asyncProperty(text, text, async (placeName, entryName) => {
        const fix = { at: outing.startedAt, latDeg: 1, lonDeg: 2, accuracyM: 5 }
        const tracked = { ...outing, placeName, track: [fix] }
        const all = elementsOf(await FORMATS.track.write({ outing: tracked, nameOf: () => entryName }))
        expect(all.filter((e) => e.name === 'trk')).toHaveLength(1)
        const names = textsOf(all, 'name')
        expect(names.at(-1)).toBe(lines(`${placeName} ${outing.startedAt.slice(0, 10)}`))
        for (const one of names.slice(0, -1)) expect(one).toBe(lines(entryName))
      }),
      RUNS,
    )
  })
  const table = (csv: string) => parseCsv(csv, { bom: true }) as unknown as string[][]
  const column = (rows: readonly string[][], heading: RegExp) => {
    const at = rows[0]?.findIndex((h) => heading.test(h)) ?? -1
    if (at < 0) throw new Error(`no column ${heading.source}`)
    return rows.slice(1).map((row) => row[at] ?? '')
  }
  /** As a spreadsheet shows it: the quote that keeps a text from being run is no part of it. */
  const shown = (cell: string) => (/^'+[=+\-@\t\r\n＝＋－＠]/.test(cell) ? cell.slice(1) : cell)
  it('a table of lures has their names, and a row each', async () => {
    await fc.assert(
      fc.asyncProperty(text, text, async (name, notes) => {
        const csv = await FORMATS.lures.write({ ...WORLD.box, lures: [{ ...lure, name, notes }, second] })
        const rows = table(csv)
        expect(rows).toHaveLength(3)
        expect(shown(column(rows, /^name$/i)[0] ?? '')).toBe(name.toWellFormed())
        expect(shown(column(rows, /^notes$/i)[0] ?? '')).toBe(notes.toWellFormed())
      }),
      { numRuns: 60 },
    )
  })
  it('so have the log, the packing list and a table of tests', async () => {
    await fc.assert(
      fc.asyncProperty(text, async (name) => {
        const log = table(await FORMATS.log.write([{ ...outing, placeName: name }]))
        expect(new Set(column(log, /^place$/).map(shown))).toEqual(new Set([name.toWellFormed()]))
        const row = { tray: name, compartment: 'A1', thing: name, take: 1, have: 1, packed: false }
        const [, packed] = table(await FORMATS.packing.write([row]))
        expect(packed?.map(shown)).toEqual([name, 'A1', name, '1', '1', 'no'].map((s) => s.toWellFormed()))
        const tests = table(
          await FORMATS.tests.write({ lures: [{ ...lure, name }], tests: [{ ...test, lureId: lure.id }] }),
        )
        expect(new Set(tests.map((cells) => cells.length)).size).toBe(1)
        expect(tests.slice(1).every((cells) => cells.some((cell) => shown(cell) === name.toWellFormed()))).toBe(true)
      }),
      { numRuns: 60 },
    )
  })
})

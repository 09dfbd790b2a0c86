import { describe, expect, it } from 'vitest'
import Papa from 'papaparse'
import { Plan } from '../plan'
import { WORLD } from '../../testing/world'
import { emptyWorld } from '../demo/world'
import { FORMATS, mergeContent, packed, readShare, unpacked, writeArchive, readArchive, writeShare } from '.'

/** A plan as it leaves the app. */

const [water] = WORLD.waters
const [place] = WORLD.places
if (!water || !place) throw new Error('the demo lacks something')
const plan = Plan.parse({
  id: 'plan-1',
  name: 'A day, and a half',
  legs: [{ id: 'leg', water, fromH: 5, toH: 9 }],
  limits: { lures: 5, rods: 2, trayIds: ['tray-a'] },
  pinned: ['demo-001'],
  locks: [{ legId: 'leg', fromH: 5, toH: 6, lureId: 'demo-001', rodId: 'rod' }],
  ticked: ['rod a'],
})

describe('the day for a calendar', async () => {
  const from = Date.parse('2026-06-13T03:00:00Z')
  const text = await FORMATS.calendar.write({
    name: 'Plan: a day',
    atMs: Date.parse('2026-06-12T20:00:00Z'),
    events: [
      {
        id: 'plan-1 block-1',
        fromMs: from,
        toMs: from + 3 * 3_600_000,
        summary: 'Pirrip 7, then; something else',
        description: 'Cast 20 m, count to 5;\nwind.',
        location: 'Lake, north',
      },
    ],
  })
  // RFC 5545: lines end in CRLF and are folded at 75 octets; commas, semicolons and line breaks are escaped in texts.
  const lines = text.replaceAll(/\r\n[ \t]/g, '').split('\r\n')
  it('is what RFC 5545 asks for', () => {
    expect(lines[0]).toBe('BEGIN:VCALENDAR')
    expect(lines.at(-1)).toBe('END:VCALENDAR')
    expect(lines).toContain('VERSION:2.0')
    expect(lines).toContain('DTSTAMP:20260612T200000Z')
    expect(lines).toContain('DTSTART:20260613T030000Z')
    expect(lines).toContain('DTEND:20260613T060000Z')
    expect(lines).toContain('SUMMARY:Pirrip 7\\, then\\; something else')
    expect(lines).toContain('LOCATION:Lake\\, north')
    expect(lines.find((line) => line.startsWith('DESCRIPTION'))).toContain('5\\;\\nwind.')
    for (const line of text.split('\r\n')) expect(new TextEncoder().encode(line).length).toBeLessThanOrEqual(75)
  })
  it('an empty plan is an empty calendar', async () => {
    expect(await FORMATS.calendar.write({ name: 'x', atMs: 0, events: [] })).not.toContain('VEVENT')
  })
})

it('the packing list opens as a table, and nothing in it is a formula', async () => {
  const row = { tray: '=Tray', compartment: 'A1', thing: 'Pirrip, 7', take: 2, have: 1, packed: true }
  const text = await FORMATS.packing.write([row])
  const { data } = Papa.parse<Record<string, string>>(text.replace('\uFEFF', ''), { header: true })
  expect(data).toEqual([{ tray: "'=Tray", compartment: 'A1', thing: 'Pirrip, 7', take: '2', have: '1', packed: 'yes' }])
})

describe('a plan shared', () => {
  const world = { ...WORLD, plans: [plan] }
  const text = writeShare('plan', plan.id, world) ?? ''
  it('brings the days and the places, nothing of its owner’s box', () => {
    const read = readShare(text)
    if (!read.ok) throw new Error(JSON.stringify(read.problems))
    const { content } = mergeContent({ ...emptyWorld('2026-06-12'), places: [], waters: [] }, read.archive)
    expect(content.plans).toEqual([
      { ...plan, limits: { ...plan.limits, trayIds: null }, pinned: [], locks: [], ticked: [] },
    ])
    expect(content.places.map(({ id }) => id)).toEqual([water.placeId])
    expect(content.box.lures).toEqual([])
    expect(writeShare('plan', 'gone', world)).toBeNull()
  })
  it('fits into a code, and comes out of it as it went in', async () => {
    const code = await packed(text)
    // A QR code of low correction holds 2,953 letters (ISO/IEC 18004).
    expect(code.length).toBeLessThan(2900)
    expect(await unpacked(code)).toBe(text)
  })
})

it('plans go out with everything and come back', () => {
  const read = readArchive(writeArchive({ ...WORLD, plans: [plan] }))
  if (!read.ok) throw new Error(JSON.stringify(read.problems))
  expect(read.archive.plans).toEqual([plan])
})

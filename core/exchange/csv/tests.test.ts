import Papa from 'papaparse'
import { describe, expect, it } from 'vitest'
import { WORLD } from '../../../testing/world'
import { writeTests } from './tests'

const { box } = WORLD
const read = (text: string) => Papa.parse<Record<string, string>>(text, { header: true, skipEmptyLines: true }).data
const of = (name: string) => box.lures.filter((l) => l.name === name)

describe('tests as a table', () => {
  it('one row a reading as it was taken, one a finding with its band', () => {
    const rows = read(writeTests(of('Slingspat 18'), box.tests))
    const falls = rows.filter((r) => r.test === 'fall' && r.row === 'reading')
    expect(falls.map((r) => Number(r.seconds))).toEqual(
      box.tests.flatMap((t) =>
        t.kind === 'fall' && t.name.startsWith('Slingspat 18') ? t.readings.map((r) => r.seconds) : [],
      ),
    )
    expect(falls.every((r) => Number(r.depthM) === 3.4 && Number(r.tempC) === 12)).toBe(true)
    const found = rows.find((r) => r.test === 'fall' && r.row === 'finding')
    expect(Number(found?.low)).toBeLessThan(Number(found?.value))
    expect(found).toMatchObject({ basis: 'fitted', readings: '4', poor: 'true' })
  })
  it('holds every reading of every lure, whatever stands in the names', () => {
    const lures = box.lures.map((l) => (l.name === 'Dollop 12' ? { ...l, name: 'Dollop "12", the first\nof two' } : l))
    const rows = read(writeTests(lures, box.tests))
    const readings = box.tests.reduce((n, t) => n + t.readings.length, 0)
    expect(rows.filter((r) => r.row === 'reading')).toHaveLength(readings)
    expect(rows.some((r) => r.lure === 'Dollop "12", the first\nof two')).toBe(true)
  })
  it('nothing in it is run by a spreadsheet, with whatever sign a name begins', () => {
    for (const sign of ['=', '+', '-', '@', '\t', '\r', '\n', '＝']) {
      const named = box.lures.map((l) => (l.name === 'Dollop 12' ? { ...l, name: `${sign}1+cmd` } : l))
      const cells = Papa.parse<string[]>(writeTests(named, box.tests)).data.slice(1).flat()
      expect(cells).toContain(`'${sign}1+cmd`)
      expect(cells.filter((c) => /^[=+\-@\t\r\n＝]/.test(c) && !/^-?\d+(?:\.\d+)?(?:e-?\d+)?$/.test(c))).toEqual([])
    }
  })
  it('a lure never tested has no rows', () => expect(writeTests(of('Curlewtail 60'), box.tests).trim()).toBe(''))
})

import { describe, expect, it } from 'vitest'
import { EMPTY_BOX } from '../../box'
import { WORLD } from '../../../testing/world'
import { guessColumns, marksOf, planImport, readSheet, settled, trayEffects, type Marks } from '..'

const sheetOf = (text: string) => {
  const read = readSheet(text)
  if (!read.ok) throw new Error(read.problem.code)
  return read.sheet
}
const costs = (...cells: string[]) => sheetOf(`Cost of one;Name\n${cells.map((c) => `${c};a lure`).join('\n')}`)

describe('what a comma parts in a column', () => {
  it.each([
    [
      'a figure that can only be decimal says so',
      ['1,200', '12,5'],
      { comma: 'decimal', unclear: '1,200', from: '12,5' },
    ],
    ['thousands with a full stop', ['1,200', '2,400.50'], { comma: 'thousands', unclear: '1,200', from: '2,400.50' }],
    ['nothing says', ['1,200', '8'], { comma: null, unclear: '1,200', from: null }],
    ['two say otherwise', ['1,200', '12,5', '2,400.5'], { comma: null, unclear: '1,200', from: null }],
    [
      'a stop is in doubt only beside decimal commas',
      ['12,5', '1.200'],
      { comma: 'decimal', unclear: '1.200', from: '12,5' },
    ],
  ])('%s', (_, cells, mark) => expect(marksOf(costs(...cells), ['cost', 'name'])).toEqual([mark, null]))
  it('no figure in doubt, or a column of words: nothing to say', () => {
    expect(marksOf(costs('12.5', '8'), ['cost', null])).toEqual([null, null])
    expect(marksOf(costs('1,200'), ['notes', null])).toEqual([null, null])
    expect(marksOf(costs('1,200'), [null, null])).toEqual([null, null])
  })
  it('a silent column is read as the other columns of the sheet are; one that disagrees with itself is asked about', () => {
    const two = sheetOf('Cost of one;Weight (g)\n1,200;9,5\n8;7')
    expect(marksOf(two, ['cost', 'weight'])).toEqual([{ comma: 'decimal', unclear: '1,200', from: '9,5' }, null])
    const odd = sheetOf('Cost of one;Weight (g)\n1,200;9,5\n12,5;7\n2,400.50;7')
    expect(marksOf(odd, ['cost', 'weight'])[0]?.comma).toBeNull()
  })
  it('is written so that it can mean one thing', () => {
    expect(settled('1,200 mm', 'decimal')).toBe('1.200 mm')
    expect(settled('1,200 mm', 'thousands')).toBe('1200 mm')
    expect(settled('1.200', 'decimal')).toBe('1200')
    expect(settled('1.200', 'thousands')).toBe('1.200')
    expect(settled('1,200', null)).toBe('1,200')
    expect(settled('12,5 – 1,234,567', 'thousands')).toBe('12,5 – 1,234,567')
  })
})

describe('an import by columns whose marks are known', () => {
  const text = 'Name;Family;Length (mm);Weight (g);Cost\nStave;Crankbait;60;9,5;1,200\nStilt;Crankbait;55;8;12,5'
  const sheet = sheetOf(text)
  const mapping = guessColumns(sheet.headings)
  const plan = (marks: Marks) => planImport(sheet, mapping, marks, EMPTY_BOX, () => 'new')
  it('reads each cell as its column says', () => {
    const made = plan(marksOf(sheet, mapping))
    expect(made.aside).toEqual([])
    expect(made.added.map((l) => l.cost)).toEqual([1.2, 12.5])
  })
  it('and refuses what nobody has said', () => {
    const made = plan([])
    expect(made.aside.map((a) => a.problems[0])).toMatchObject([
      { column: 'cost', problem: { code: 'unclear', text: '1,200', either: ['1.2', '1200'] } },
    ])
  })
})

describe('sheets too large for a page are told before the rest is read', () => {
  it.each([
    [
      `${Array.from({ length: 1000 }, (_, i) => `c${i}`).join(',')}\n1`,
      { code: 'too-many-columns', columns: 1000, most: 100, row: 1 },
    ],
    [`a,b\n${'x,'.repeat(5000)}`, { code: 'too-many-columns', row: 2 }],
    [`a,b\n1,${'x'.repeat(1_000_000)}`, { code: 'cell-too-long', row: 2, column: 2, letters: 1_000_000 }],
    [`${'('.repeat(100_000)},b\n1,2`, { code: 'cell-too-long', row: 1, column: 1 }],
    [`a,b\n${'1,2\n'.repeat(30_000)}`, { code: 'too-many-rows', most: 20_000 }],
    [`a,b\n1,"2`, { code: 'open-quote' }],
  ])('%.20s …', (text, problem) => {
    expect(readSheet(text)).toMatchObject({ ok: false, problem })
  })
})

it('what an import does to the trays is told, one by one', () => {
  const { box } = WORLD
  const [lure] = box.lures.filter((l) => l.trayId)
  const from = box.trays.find((t) => t.id === lure?.trayId)
  const to = box.trays.find((t) => t.id !== from?.id)
  const text = `Ygrion id,Name,Family,Length (mm),Weight (g),Tray\n${lure?.id},,,,,${to?.name}\n,New one,Crankbait,50,8,Tin of ends`
  const sheet = sheetOf(text)
  const made = planImport(sheet, guessColumns(sheet.headings), [], box, () => 'new')
  const byName = (a: { name?: string }, b: { name?: string }) => (a.name ?? '').localeCompare(b.name ?? '')
  expect(trayEffects(made, box)).toEqual(
    [
      { name: from?.name, made: false, comes: 0, leaves: 1, moves: 0 },
      { name: to?.name, made: false, comes: 1, leaves: 0, moves: 0 },
      { name: 'Tin of ends', made: true, comes: 1, leaves: 0, moves: 0 },
    ].sort(byName),
  )
})

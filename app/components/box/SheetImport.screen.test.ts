import { beforeEach, expect, it } from 'vitest'
import { writeLures } from '../../../core/exchange'
import { BROKEN_ROWS, MENDED, messySheet } from '../../../testing/sheet'
import { choose, find, giveFile, mountScreen, openWorld, press, type } from '~/testing/mount'
import FilesPage from '~/pages/box/files.vue'
import type { useBox } from '~/stores/box'
import { useHistory } from '~/stores/history'
import { useSheets } from '~/stores/sheets'

const SHEET = 'Spreadsheet to bring in'
const LABELS: Readonly<Record<string, string>> = {
  name: 'Name',
  family: 'Family',
  length: 'Length',
  weight: 'Weight',
  count: 'How many',
}
let box: ReturnType<typeof useBox>
let lures: number
beforeEach(async () => {
  box = await openWorld()
  lures = box.box.lures.length
})
const alerts = (body: ParentNode) => [...body.querySelectorAll('[role=alert]')].flatMap((a) => a.textContent || [])
const rows = (body: ParentNode) => [...body.querySelectorAll<HTMLElement>('[data-aside-row]')]

it('300 lures from a spreadsheet: the five broken rows are set aside, and mended where they stand', async () => {
  const { body } = await mountScreen(FilesPage)
  await giveFile(body, SHEET, 'shed.csv', messySheet().text)
  await expect.poll(() => useSheets().stage.state).toBe('mapping')
  await press(body, 'Look through the rows')
  await expect.poll(() => body.textContent).toContain('295 new')
  expect(body.textContent).toContain('5 to fix first')
  await press(body, 'Take them in')
  await expect.poll(() => body.textContent).toMatch(/295 lures added, 0 changed,\s+0 unchanged, 5 set aside/)
  await expect.poll(() => rows(body).map((r) => Number(r.dataset.asideRow))).toEqual([...BROKEN_ROWS.keys()])
  for (const [row, column] of BROKEN_ROWS) {
    const one = () => find(body, `[data-aside-row="${row}"]`)
    const label = LABELS[column] ?? ''
    if (column !== 'name') {
      await type(one(), label, '?')
      await press(one(), 'Try again')
      await expect.poll(() => one().textContent).toMatch(new RegExp(`${label} .*\\?`))
    }
    await type(one(), label, column === 'name' ? '?' : (MENDED[column] ?? ''))
    await press(one(), 'Try again')
    await expect.poll(() => rows(body).some((r) => r.dataset.asideRow === String(row))).toBe(false)
  }
  await expect.poll(() => box.box.lures.length).toBe(lures + 300)
  // Each mended row is a step of its own, and so is each try in vain; undone, the row waits again.
  for (let i = 0; i < 9; i++) await useHistory().undo()
  await expect.poll(() => box.box.lures.length).toBe(lures + 295)
  await expect.poll(() => rows(body).length).toBe(5)
})

it('an export of one’s own, brought in again, changes nothing; a figure changed in it changes that lure', async () => {
  const { body } = await mountScreen(FilesPage)
  const text = writeLures(box.box)
  await giveFile(body, SHEET, 'own.csv', text)
  await expect.poll(() => useSheets().stage.state).toBe('mapping')
  await press(body, 'Look through the rows')
  await expect.poll(() => body.textContent).toContain(`${lures} unchanged`)
  expect((find(body, 'button', 'Take them in') as HTMLButtonElement).disabled).toBe(true)
  await press(body, 'Cancel')
  await giveFile(
    body,
    SHEET,
    'own.csv',
    text.replace(',Pirrip 7,In-line spinner,6,7.2,', ',Pirrip 7,In-line spinner,6,9,'),
  )
  await expect.poll(() => useSheets().stage.state).toBe('mapping')
  await press(body, 'Look through the rows')
  await expect.poll(() => body.textContent).toContain('1 change what you have')
})

it('a foreign heading is named by hand, and a needed one that is missing is told', async () => {
  const { screen, body } = await mountScreen(FilesPage)
  await giveFile(body, SHEET, 'odd.csv', 'Name,Family,Length (cm),How heavy\nZippet,Crankbait,6,11\n')
  await expect.poll(() => alerts(body).join()).toContain('Weight')
  await choose(screen, 'How heavy', 'weight')
  expect(alerts(body)).toEqual([])
  await press(body, 'Look through the rows')
  await expect.poll(() => useSheets().stage.state).toBe('planned')
  await press(body, 'Take them in')
  await expect.poll(() => body.textContent).toContain('1 lure added')
  await expect.poll(() => box.box.lures.find((l) => l.name === 'Zippet')?.massKg).toBeCloseTo(0.011, 9)
  await useHistory().undo()
  await expect.poll(() => box.box.lures.length).toBe(lures)
})

it('cells are pasted as they are copied from a spreadsheet', async () => {
  const { body } = await mountScreen(FilesPage)
  await press(body, 'Paste cells')
  await type(
    body,
    'Cells copied from a spreadsheet, headings first',
    'Name\tType\tLength\tWeight\nPastelet\tSpoon\t5 cm\t8 g',
  )
  await press(body, 'Read them')
  await expect.poll(() => useSheets().stage.state).toBe('mapping')
  await press(body, 'Look through the rows')
  await expect.poll(() => body.textContent).toContain('1 new')
})

it.each([
  ['book.xlsx', 'PK', /workbook/],
  ['empty.csv', '', /no rows/],
  ['torn.csv', 'Name,Notes\nA,"never closed', /quotation mark/],
] as const)('%s is refused in words, and nothing changes', async (name, text, words) => {
  const { body } = await mountScreen(FilesPage)
  await giveFile(body, SHEET, name, text)
  await expect.poll(() => alerts(body).join()).toMatch(words)
  expect(box.box.lures).toHaveLength(lures)
})

it('what is removed lies in the bin until it is put back', async () => {
  const [rig] = box.box.rigs
  if (!rig) throw new Error('the demo has no rig')
  const { body } = await mountScreen(FilesPage)
  await box.remove('rigs', [rig])
  await expect.poll(() => body.querySelector(`[data-binned="${rig.name}"]`)?.textContent).toContain('Rig')
  await press(body, new RegExp(`^Put back`))
  await expect.poll(() => body.querySelectorAll('[data-binned]')).toHaveLength(0)
  await expect.poll(() => box.box.rigs.some((r) => r.id === rig.id)).toBe(true)
})

it('a word that is not known is explained once: its rows come in, and the next sheet is read at once', async () => {
  const { body, screen } = await mountScreen(FilesPage)
  const sheet =
    'Name,Type,Size,Colour\nBent one,Crankbait,7 cm / 9 g,motor oil\nOther one,Spoon,"6 cm, 12 g",Motor Oil\n'
  await giveFile(body, SHEET, 'own.csv', sheet)
  await expect.poll(() => useSheets().stage.state).toBe('mapping')
  await press(body, 'Look through the rows')
  await expect.poll(() => body.textContent).toContain('2 to fix first')
  expect(body.textContent).toContain('“motor oil” in 2 rows')
  await choose(screen, '“motor oil” means …', 'Moss brown')
  await expect.poll(() => body.textContent).toContain('2 new')
  await press(body, 'Take them in')
  await expect.poll(() => box.box.lures.length).toBe(lures + 2)
  expect(box.box.lures.find((l) => l.name === 'Bent one')).toMatchObject({
    lengthM: 0.07,
    massKg: 0.009,
    colour: { flank: 'moss' },
  })
  await giveFile(body, SHEET, 'own.csv', sheet.replaceAll('one', 'two'))
  await expect.poll(() => useSheets().stage.state).toBe('mapping')
  await press(body, 'Look through the rows')
  await expect.poll(() => body.textContent).toContain('2 new')
  expect(body.textContent).toContain('0 to fix first')
})

import { beforeEach, expect, it } from 'vitest'
import { writeOutings, writeOutingsJson } from '../../core/exchange'
import { click, find, broke, mountScreen, openWorld, region } from '~/testing/mount'
import RatesPage from '~/pages/review/index.vue'
import FilesPage from '~/pages/review/files.vue'
import LuresPage from '~/pages/review/lures.vue'
import PatternsPage from '~/pages/review/patterns.vue'
import SeasonPage from '~/pages/review/season.vue'
import { useHistory } from '~/stores/history'
import { useOutings } from '~/stores/outings'
import { useReview } from '~/stores/review'
import { useSettings } from '~/stores/settings'

/** What the log says, as its pages show it. */
beforeEach(async () => {
  await openWorld()
  await useSettings().load()
  useOutings().open(broke)
  await expect.poll(() => useOutings().all.length).toBeGreaterThan(5)
})
/** Chooses in a list of the page by the words of its label. */
async function pick(body: ParentNode, label: RegExp, value: string | null) {
  const select = find(body, 'label', label).querySelector('select')
  const option = [...(select?.options ?? [])].find((o) => (value === null ? o.index === 0 : o.value === value))
  if (!select || !option) throw new Error(`no ${value} under ${label}`)
  option.selected = true
  select.dispatchEvent(new Event('change', { bubbles: true }))
  await expect.poll(() => select.selectedIndex).toBe(option.index)
}
const numbers = (text: string) => (text.match(/\d+(\.\d+)?/g) ?? []).map(Number)

it('rates by one factor and by two: the events of the rows are those of the whole', async () => {
  const { body } = await mountScreen(RatesPage)
  const rates = region(body, 'Rates')
  const [events] = numbers(find(rates, '.lead b').textContent)
  const told = find(rates, '[role=img]').getAttribute('aria-label') ?? ''
  const rows = told.split('; ').map((row) => Number(/(\d+)(?: from \d+ schools?)? in [\d.]+ h/.exec(row)?.[1]))
  expect(rows.length).toBeGreaterThan(2)
  expect(rows.reduce((a, b) => a + b, 0)).toBe(events)
  await pick(body, /^and by/i, 'size')
  const cells = () =>
    [...region(body, 'Rates').querySelectorAll('td small:last-child')].map((c) => numbers(c.textContent)[0] ?? 0)
  await expect.poll(() => cells().length).toBeGreaterThan(3)
  expect(cells().reduce((a, b) => a + b, 0)).toBe(events)
})

it('a place and a year leave out the rest, and an empty choice says what to do', async () => {
  const { body } = await mountScreen(RatesPage)
  const all = useReview().tried.length
  const [placeId] = [...new Set(useReview().tried.map((t) => t.placeId))]
  await pick(body, /^Place/, placeId ?? '')
  await expect.poll(() => useReview().tried.length).toBeLessThan(all)
  expect(useReview().tried.every((t) => t.placeId === placeId)).toBe(true)
  useReview().placeId = 'nowhere'
  await expect.poll(() => body.textContent).toMatch(/bring in a log/i)
})

it('patterns are looked for and told with their chance; rules of thumb are held against the log', async () => {
  const { body } = await mountScreen(PatternsPage)
  const found = () => region(body, 'Patterns')
  await expect.poll(() => found().querySelector('.how')?.textContent, { timeout: 60_000 }).toMatch(/\d/)
  const patterns = [...found().querySelectorAll('.found li')]
  for (const p of patterns) expect(p.textContent).toMatch(/an hour.*%/)
  expect(patterns.length > 0 || /Nothing stands out/.test(found().textContent)).toBe(true)
  const thumb = region(body, 'Rules of thumb')
  expect(thumb.querySelectorAll('.held li').length).toBeGreaterThan(0)
})

it('odds and costs by lure; the own log is heard or not', async () => {
  const { body } = await mountScreen(LuresPage)
  const odds = region(body, 'Your water, your odds')
  const rows = [...odds.querySelectorAll('tbody tr')]
  expect(rows.length).toBeGreaterThan(2)
  const share = rows.map((r) => numbers(r.querySelectorAll('td')[2]?.textContent ?? '')[0] ?? 0)
  expect([...share].sort((a, b) => b - a)).toEqual(share)
  await click(find(odds, 'input[type=checkbox]'))
  await expect.poll(() => useSettings().ownRecord).toBe(false)
  const cost = region(body, 'Cost and wear')
  expect(cost.querySelectorAll('tbody tr').length).toBeGreaterThan(3)
})

it('the season adds up: hours and fish of the months are those of the year', async () => {
  const { body } = await mountScreen(SeasonPage)
  const summary = find(body, '.sheet')
  const months = [...(summary.querySelectorAll('table')[0]?.querySelectorAll('tbody tr') ?? [])]
  expect(months.length).toBeGreaterThan(1)
  const column = (n: number) =>
    months.reduce((sum, m) => sum + Number(m.querySelectorAll('td')[n]?.textContent ?? Number.NaN), 0)
  const figure = (label: string) =>
    Number.parseFloat(
      [...summary.querySelectorAll('dt')].find((d) => d.textContent === label)?.nextElementSibling?.textContent ?? '',
    )
  expect(column(2)).toBe(figure('Landed'))
  expect(Math.abs(column(1) - figure('On the water'))).toBeLessThan(0.5 + 0.05 * months.length)
})

async function bring(body: HTMLElement, name: string, text: string) {
  const input = find(body, 'input[type=file]')
  Object.defineProperty(input, 'files', { value: [new File([text], name)], configurable: true })
  input.dispatchEvent(new Event('change', { bubbles: true }))
}

it('a log goes out and comes in; what cannot be read is told with its row, and undo takes it out', async () => {
  const { body } = await mountScreen(FilesPage)
  const before = useOutings().all
  const [first] = before
  if (!first) throw new Error('the demo has no outing')
  await bring(body, 'log.json', writeOutingsJson([{ ...first, id: 'brought-in', note: 'from a file' }]))
  await expect.poll(() => body.querySelector('.said')?.textContent).toMatch(/1 outing/)
  await expect.poll(() => useOutings().all.find((o) => o.id === 'brought-in')?.note).toBe('from a file')
  await useHistory().undo()
  await expect.poll(() => useOutings().all.length).toBe(before.length)
  for (const [name, text, says] of [
    ['x.json', '{"songs": []}', /not|no /],
    ['x.json', '{', /JSON|broken|not/i],
    ['x.csv', 'a,b\n1,2', /could not be read/],
    ['x.csv', '', /empty|no /i],
  ] as const) {
    await bring(body, name, text)
    await expect.poll(() => body.querySelector('.problem')?.textContent).toMatch(says)
    expect(useOutings().all).toHaveLength(before.length)
  }
  const csv = writeOutings([first])
  await bring(body, 'log.csv', csv)
  // A table holds less than the log: it never takes the place of what is here.
  await expect.poll(() => body.querySelector('.said')?.textContent).toMatch(/one was here already and stays/)
  expect(useOutings().all.find((o) => o.id === first.id)).toEqual(first)
  await bring(body, 'log.csv', csv.replaceAll(first.id, 'from-a-table'))
  await expect.poll(() => useOutings().all.some((o) => o.id === 'from-a-table')).toBe(true)
})

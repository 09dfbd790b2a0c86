import { beforeEach, expect, it, vi } from 'vitest'
import { find, mountScreen, openWorld, press, region, type } from '~/testing/mount'
import ComparePage from '~/pages/bench/compare.vue'
import ChartPage from '~/pages/bench/chart.vue'
import ReportPage from '~/pages/bench/report.vue'
import SumsPage from '~/pages/bench/sums.vue'
import TestPage from '~/pages/bench/test.vue'
import type { useBox } from '~/stores/box'
import { useHistory } from '~/stores/history'
import { useSettings } from '~/stores/settings'

let box: ReturnType<typeof useBox>
beforeEach(async () => {
  box = await openWorld()
  await useSettings().load()
})
const readings = (body: ParentNode) => [...region(body, 'Result').querySelectorAll<HTMLElement>('.readings li')]
async function take(body: ParentNode, label: string, values: readonly string[], button: string) {
  for (const value of values) {
    const before = readings(body).length
    await type(body, label, value)
    await press(body, button)
    await expect.poll(() => readings(body).length).toBe(before + 1)
  }
}

it('a reading that stands apart is shown, kept, and can be taken out; undo brings it back', async () => {
  const { body } = await mountScreen(TestPage, {}, '/bench/test?lure=demo-012&kind=fall')
  await take(body, 'Seconds to the bottom', ['4', '4.1', '3.9', '9'], 'Add a typed reading')
  expect(readings(body)[3]?.textContent).toContain('outlier: kept')
  expect(body.textContent).toContain('poor: test again')
  const button = find(body, 'button[aria-label="Take out reading 4"]')
  button.click()
  await expect.poll(() => readings(body).length).toBe(3)
  await useHistory().undo()
  await expect.poll(() => readings(body).length).toBe(4)
})

it('running depth is typed in; what cannot be is refused by its name; the chart hears of it', async () => {
  const { body } = await mountScreen(TestPage, {}, '/bench/test?lure=demo-023&kind=depth')
  await press(body, 'Add this reading')
  await expect.poll(() => find(body, '.wrong').textContent).toContain('Deepest touch')
  await take(body, 'Deepest touch', ['2.6', '2.5'], 'Add this reading')
  expect(find(body, 'h2', /^So Bumblecrag M runs/)).toBeTruthy()
  const chart = await mountScreen(ChartPage, {}, '/bench/chart?lure=demo-023')
  expect(chart.body.textContent).toContain('Fitted to 5 readings')
  expect(chart.body.textContent).toContain('Where practice and this sum differ')
  const saved: string[] = []
  const kept = vi.spyOn(HTMLAnchorElement.prototype, 'click').mockImplementation(function (this: HTMLAnchorElement) {
    saved.push(this.download)
  })
  await press(chart.body, 'Save as SVG')
  kept.mockRestore()
  expect(saved).toEqual(['bumblecrag-m-dive-chart.svg'])
})

it('a setting that changes begins a new series', async () => {
  const before = box.box.tests.length
  const { body } = await mountScreen(TestPage, {}, '/bench/test?lure=demo-012&kind=fall')
  await take(body, 'Seconds to the bottom', ['4'], 'Add a typed reading')
  await type(body, 'Depth of fall', '2.5')
  await type(body, 'Seconds to the bottom', '3')
  await press(body, 'Add a typed reading')
  await expect.poll(() => box.box.tests.length).toBe(before + 2)
  expect(readings(body)).toHaveLength(1)
})

it('side by side: what is the same, what differs, each in its unit', async () => {
  const { body } = await mountScreen(ComparePage, {}, '/bench/compare?lures=demo-010,demo-011,demo-008')
  expect(find(body, '[aria-label=Comparison]').querySelectorAll('thead th')).toHaveLength(3)
})

it('the sums of boat and bottom follow what is typed, in any unit', async () => {
  const { body } = await mountScreen(SumsPage)
  const bottom = region(body, 'Drop-shot and bottom')
  await type(bottom, 'Depth', '27 ft')
  await type(bottom, 'Distance from the rod', '66 ft')
  await type(bottom, 'Leader to the sinker', '24 in')
  // Common practice: such a leader holds the bait only some 10 in up.
  expect(bottom.textContent).toMatch(/2[4-7](\.\d)?\scm\s+above the bottom/)
  expect(region(body, 'Downrigger').textContent).toContain('of cable')
  expect(find(body, 'table[aria-label="Predicted casts"]').querySelectorAll('tbody tr').length).toBeGreaterThan(3)
})

it('behind the boat: a step at a time, with the current, and through a turn', async () => {
  const { body } = await mountScreen(SumsPage)
  const boat = region(body, 'Trolling')
  await type(boat, 'Speed over ground', '1 m/s')
  const rows = () => [...boat.querySelectorAll('tbody tr')].map((r) => r.textContent?.trim() ?? '')
  expect(rows()[4]).toContain('1\u202fm/s')
  await press(boat, '+')
  // A tenth of a mile an hour is 0.0447 m/s.
  expect(rows()[4]).toContain('1.04\u202fm/s')
  await type(boat, 'Current from behind', '0.3 m/s')
  expect(boat.textContent).toContain('Through the water that makes 0.74\u202fm/s')
  const turn = find(boat, 'table[aria-label="In a turn"]')
  const slowest = [...turn.querySelectorAll('tbody td:nth-child(2)')].map((td) =>
    Number.parseFloat(td.textContent ?? ''),
  )
  expect(slowest[0]).toBeLessThan(slowest[1] ?? 0)
  await type(boat, 'Current from behind', '1.1 m/s')
  expect(boat.textContent).toContain('goes with the water')
})

it('behind the ball and under the boat: where the lure is, and what cannot be reached', async () => {
  const { body } = await mountScreen(SumsPage)
  const ball = region(body, 'Downrigger')
  expect(ball.textContent).toMatch(/runs at 1\d(\.\d)?\s?\u202f?m/)
  await type(ball, 'Ball', '1 kg')
  await type(ball, 'Speed over ground', '3 m/s')
  expect(ball.textContent).toContain('No length of cable')
  const hang = region(body, 'Lowered under the rod')
  await type(hang, 'Drift or current', '0')
  expect(hang.textContent).toContain('straight down')
  await type(hang, 'Drift or current', '0.3')
  expect(hang.textContent).toContain('trails')
  await type(hang, 'Drift or current', '2')
  await type(hang, 'Wanted depth', '60 m')
  expect(hang.textContent).toContain('No line gets it there')
})

it('a report holds every reading of the lure, and the figure of each kind', async () => {
  const { body } = await mountScreen(ReportPage, {}, '/bench/report?lure=demo-017')
  const series = box.box.tests.filter((t) => t.lureId === 'demo-017')
  expect(series.length).toBeGreaterThan(0)
  const rows = series.reduce((n, t) => n + t.readings.length, 0)
  expect(body.querySelectorAll('tbody tr').length).toBeGreaterThanOrEqual(rows)
})

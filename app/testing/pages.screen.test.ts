import { expect, it } from 'vitest'
import { click, field, find, mountScreen, openWorld, press, region, type } from '~/testing/mount'
import LabelsPage from '~/pages/box/labels.vue'
import OrderPage from '~/pages/box/order.vue'
import PartsPage from '~/pages/box/parts.vue'
import RulesPage from '~/pages/rules/index.vue'
import QuestionsPage from '~/pages/rules/questions.vue'
import TunePage from '~/pages/bench/tune.vue'
import ValuesPage from '~/pages/box/values.vue'
import { useHistory } from '~/stores/history'

it('the box says what is due, what is missing, what is there twice', async () => {
  const box = await openWorld()
  const { body } = await mountScreen(OrderPage)
  expect(region(body, 'Upkeep').textContent).toContain('31 fish on a thin frame')
  expect(region(body, 'Duplicates').textContent).toContain('Nimbletwig 110 = Nimbletwig 110 spare')
  // A box of few lures has gaps.
  await box.remove('lures', box.box.lures.slice(10))
  await expect.poll(() => region(body, 'Gaps').textContent).toMatch(/No (silent|rattling)/)
})

it('labels and values are there to print', async () => {
  await openWorld()
  const labels = await mountScreen(LabelsPage)
  const label = find(labels.body, '[data-label="Bumblecrag M"]')
  expect(label.textContent).toContain('12.5\u202fg')
  expect(label.textContent).toContain('runs 1.8\u202fm')
  expect(label.querySelector('[aria-label="Code that opens Bumblecrag M"]')).not.toBeNull()
  const values = await mountScreen(ValuesPage)
  expect(values.body.textContent).toMatch(/in all/)
})

it('parts are removed and come back', async () => {
  const box = await openWorld()
  const { body } = await mountScreen(PartsPage)
  const row = find(body, '[data-part]')
  const name = row.dataset.part ?? ''
  const held = Object.values(box.box).flat().length
  await click(row)
  await press(body, 'Remove')
  await expect.poll(() => Object.values(box.box).flat().length).toBe(held - 1)
  await expect.poll(() => body.querySelector(`[data-part="${name}"]`)).toBeNull()
  await useHistory().undo()
  await expect.poll(() => body.querySelector(`[data-part="${name}"]`)).not.toBeNull()
})

it('a rule switched off is off in what is stored', async () => {
  const box = await openWorld()
  const { body } = await mountScreen(RulesPage)
  const select = find(body, '[data-rule="forage-length"] select') as HTMLSelectElement
  select.value = '0'
  select.dispatchEvent(new Event('change', { bubbles: true }))
  await expect.poll(() => box.practice.weights['forage-length']).toBe(0)
  await expect.poll(() => find(body, '[data-rule="forage-length"]').className).toMatch(/off/)
})

it('a side is taken, and left to the default again', async () => {
  const box = await openWorld()
  const { body } = await mountScreen(QuestionsPage)
  const question = () => find(body, 'fieldset', /^Colour/)
  field(question(), 'By the sky.').click()
  await expect.poll(() => box.practice.sides.S4).toBe('second')
  await expect.poll(() => question().textContent).toContain('0 % clarity, 100 % sky')
  const [usual] = [...question().querySelectorAll('label')].filter((l) => l.textContent?.includes('Default'))
  usual?.click()
  await expect.poll(() => box.practice.sides.S4).toBeUndefined()
  await expect.poll(() => question().textContent).toContain('65 % clarity')
})

it('the tuner tells grams, millimetres, hooks; noted as glued on, the lure hangs', async () => {
  const box = await openWorld()
  const { body } = await mountScreen(TunePage, {}, '/bench/tune?lure=demo-032')
  const lead = region(body, 'Lead')
  expect(lead.textContent).toMatch(/0\.\d+\sg/)
  expect(lead.textContent).toMatch(/[\d.]+\smm of strip/)
  expect(find(lead, '[role=status]').textContent).toContain('suspends')
  expect(region(body, 'Hooks').querySelectorAll('li')).toHaveLength(3)
  expect(region(body, 'Colder').textContent).toContain('shell shrinks')
  const before = box.lureById.get('demo-032')?.alteredKg ?? 0
  await press(lead, 'Note it as glued on')
  await expect.poll(() => box.lureById.get('demo-032')?.alteredKg ?? 0).toBeGreaterThan(before)
  await expect.poll(() => body.textContent).toMatch(/it suspends\./)
})

it.each([
  ['demo-067', 'Filler', /./, 1],
  ['demo-001', 'Blades', /./, 12],
  ['demo-040', 'Cut it shorter', /./, 5],
] as const)('what sinks is tuned: %s by %s', async (lure, part, _, least) => {
  await openWorld()
  const { body } = await mountScreen(TunePage, {}, `/bench/tune?lure=${lure}`)
  expect(region(body, part).querySelectorAll('tbody tr').length).toBeGreaterThanOrEqual(least)
})

it('the weight for a fall follows the fall that is wanted', async () => {
  await openWorld()
  const { body } = await mountScreen(TunePage, {}, '/bench/tune?lure=demo-040')
  const head = region(body, 'Weight for a fall')
  const told = () => find(head, '[role=status]').textContent
  const before = told()
  await type(head, 'Wanted fall', '0.6')
  expect(told()).not.toBe(before)
})

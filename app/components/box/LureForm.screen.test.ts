import { beforeEach, expect, it } from 'vitest'
import type { Lure } from '../../../core/tackle'
import { choose, find, mountScreen, openWorld, press, type } from '~/testing/mount'
import type { useBox } from '~/stores/box'
import LureForm from './LureForm.vue'

let box: ReturnType<typeof useBox>
beforeEach(async () => {
  box = await openWorld()
})
function lureNamed(name: string): Lure {
  const found = box.box.lures.find((l) => l.name === name)
  if (!found) throw new Error(`no ${name}`)
  return found
}

it('an unread field saves nothing and says so; once it can be read, the lure is saved', async () => {
  const lure = lureNamed('Pirrip 7')
  const { body, emitted } = await mountScreen(LureForm, { lure })
  await type(body, 'Measured weight (optional)', 'heavy')
  expect(body.textContent).toContain('“heavy” is not a number')
  await press(body, 'Save')
  expect(find(body, '[role=alert]', /Fix the field/)).toBeTruthy()
  expect(emitted('save')).toEqual([])
  await type(body, 'Measured weight (optional)', '1/4 oz')
  await press(body, 'Save')
  await expect.poll(() => emitted('save')).toHaveLength(1)
  const [[saved]] = emitted('save') as [[Lure]]
  expect(saved.measuredMassKg).toBeCloseTo(0.0070874, 6)
  expect({ ...saved, measuredMassKg: lure.measuredMassKg }).toEqual(lure)
})

it('hooks are changed, counted in weight and history, and taken back', async () => {
  const lure = lureNamed('Bumblecrag D')
  const { screen, body, emitted } = await mountScreen(LureForm, { lure })
  await choose(screen, 'Do something to it', 'hooks')
  await choose(screen, 'New hooks', 'single')
  await choose(screen, 'New hook size', '1/0')
  await type(body, 'Why (if you like)', 'Single hooks only there')
  await press(body, 'Done')
  const history = find(body, 'section[aria-label="What was done to it"]')
  expect(history.textContent).toContain('→ 2 single hooks 1/0')
  expect(body.textContent).toContain('reckoned')
  await press(body, 'Save')
  await expect.poll(() => emitted('save')).toHaveLength(1)
  const [[saved]] = emitted('save') as [[Lure]]
  expect(saved.hooks).toMatchObject({ style: 'single', size: '1/0', count: 2 })
  expect(saved.alteredKg).not.toBe(0)
  expect(saved.changes).toHaveLength(lure.changes.length + 1)

  const again = await mountScreen(LureForm, { lure: saved })
  await press(again.body, 'Undo this')
  await press(again.body, 'Save')
  await expect.poll(() => again.emitted('save')).toHaveLength(1)
  const [[back]] = again.emitted('save') as [[Lure]]
  expect(back).toEqual(lure)
})

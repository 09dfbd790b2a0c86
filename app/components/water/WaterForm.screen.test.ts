import { expect, it } from 'vitest'
import { mountScreen, openWorld, type } from '~/testing/mount'
import { useWater } from '~/stores/water'
import WaterForm from './WaterForm.vue'

it('typed nonsense is explained at the field and changes nothing', async () => {
  await openWorld()
  const water = useWater()
  const before = water.current?.waterTempC
  expect(before).toBe(15)
  const { body } = await mountScreen(WaterForm)
  await type(body, 'Temperature', 'warmish')
  expect(body.textContent).toContain('“warmish” is not a number')
  await type(body, 'Temperature', '900')
  expect(body.textContent).toMatch(/Between .* and .*40/)
  expect(water.current?.waterTempC).toBe(before)
  await type(body, 'Temperature', '44 F')
  expect(water.current?.waterTempC).toBeCloseTo(6.67, 2)
})

import { beforeEach, expect, it } from 'vitest'
import { writeGpx } from '../../core/exchange'
import { click, field, find, giveFile, mountScreen, openWorld, press, type } from '~/testing/mount'
import WaterForm from '~/components/water/WaterForm.vue'
import DayPage from '~/pages/water/day.vue'
import PlacesPage from '~/pages/water/places.vue'
import type { useBox } from '~/stores/box'
import { useSettings } from '~/stores/settings'
import { useWater } from '~/stores/water'

let box: ReturnType<typeof useBox>
beforeEach(async () => {
  box = await openWorld()
  await useSettings().load()
})
const heading = (body: ParentNode) => find(body, 'form h2').textContent.trim()
const said = (body: ParentNode) => find(body, '[role=status]').textContent.trim()
const listed = (body: ParentNode) => [...body.querySelectorAll('.list li b')].map((b) => b.textContent.trim())

it('a place is added, kept with its law, and fished by it', async () => {
  const { body } = await mountScreen(PlacesPage)
  await press(body, 'New place')
  await expect.poll(() => heading(body)).toBe('New place')
  await type(body, 'Name', 'Harl pool')
  await type(body, 'Latitude, ° north', '61.25')
  await click(field(body, 'Single hooks only'))
  await press(body, 'Save')
  await expect.poll(() => heading(body)).toBe('Harl pool')
  expect(box.places.find((p) => p.name === 'Harl pool')).toMatchObject({ latDeg: 61.25, singlesOnly: true })
  await press(body, 'Fish here today')
  await expect.poll(() => useWater().place?.name).toBe('Harl pool')
  const water = await mountScreen(WaterForm)
  expect(water.body.textContent).toContain('Single hooks only.')
})

it('what cannot be is refused by its field, and what is typed stays', async () => {
  const { body } = await mountScreen(PlacesPage)
  await type(body, 'Latitude, ° north', '99')
  expect(find(body, '.caution').textContent).toMatch(/latitude: “99” is too big: 90 or less/)
  expect((find(body, 'button', 'Save') as HTMLButtonElement).disabled).toBe(true)
  await press(body, 'Reset')
  expect(body.querySelector('form > .caution')).toBeNull()
})

it('places go out and in as GPX; twins are told apart, and a foreign file changes nothing', async () => {
  const { body } = await mountScreen(PlacesPage)
  const text = writeGpx(box.places)
  const [first] = box.places
  if (!first) throw new Error('the demo has no place')
  const before = listed(body).length
  const moved = text.replace(`lat="${first.latDeg.toFixed(6)}"`, 'lat="61.500000"').replace(first.name, 'Upper pool')
  await giveFile(body, 'GPX file', 'marks.gpx', moved)
  await expect.poll(() => said(body)).toContain('1 taken in from marks.gpx.')
  expect(said(body)).toContain(`${before - 1} skipped: already in your places.`)
  await expect.poll(() => listed(body)).toContain('Upper pool')
  await giveFile(body, 'GPX file', 'x.gpx', '<kml/>')
  await expect.poll(() => said(body)).toContain('Nothing was changed')
  expect(listed(body)).toHaveLength(before + 1)
})

it('a temperature is kept with the place, and taken out again', async () => {
  const { body } = await mountScreen(PlacesPage)
  const kept = () => box.places.find((p) => p.id === useWater().place?.id)?.temps ?? []
  const before = kept().length
  await type(body, 'Day', '2026-06-13')
  await type(body, 'Temperature', '17.5')
  await press(body, 'Add')
  await press(body, 'Save')
  await expect.poll(() => kept().find((t) => t.date === '2026-06-13')?.tempC).toBe(17.5)
  await click(find(body, 'button[aria-label="Delete 2026-06-13"]'))
  await press(body, 'Save')
  await expect.poll(() => kept().length).toBe(before)
})

it('the hour is moved through the day, and the water goes with it', async () => {
  const { body } = await mountScreen(DayPage)
  const slider = find(body, 'input[type=range]') as HTMLInputElement
  slider.value = '0'
  slider.dispatchEvent(new Event('input', { bubbles: true }))
  await expect.poll(() => body.textContent).toContain('Hour 00:00')
  expect(useWater().current?.hour).toBe(0)
})

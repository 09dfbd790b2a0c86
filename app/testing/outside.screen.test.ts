import { flushPromises } from '@vue/test-utils'
import { afterEach, beforeEach, expect, it, vi } from 'vitest'
import type { Outing } from '../../core/outing'
import { broke, click, find, mountScreen, openWorld, press, region, setClock } from '~/testing/mount'
import OutingPage from '~/pages/outing/index.vue'
import PastPage from '~/pages/outing/[id].vue'
import FishPage from '~/pages/review/fish.vue'
import { useMatch } from '~/stores/match'
import { useHistory } from '~/stores/history'
import { useOutings } from '~/stores/outings'
import { useSettings } from '~/stores/settings'

/** The phone on the water: its screen, its position, and a clock that does not fit the water. */
type Located = (at: { coords: object; timestamp: number }) => void
let located: Located[] = []
let body: HTMLElement
const released = vi.fn(() => Promise.resolve())
const asked = vi.fn(() => Promise.resolve(Object.assign(new EventTarget(), { release: released, released: false })))
beforeEach(async () => {
  located = []
  asked.mockClear()
  const phone = {
    wakeLock: { request: asked },
    geolocation: {
      watchPosition: (give: Located) => located.push(give),
      clearWatch: () => (located = []),
      getCurrentPosition: () => {},
    },
  }
  for (const [part, value] of Object.entries(phone))
    Object.defineProperty(navigator, part, { value, configurable: true, writable: true })
  await openWorld()
  localStorage.clear()
  await useSettings().load()
  useOutings().open(broke)
  useMatch().start()
  await expect.poll(() => useOutings().status.state).toBe('ready')
})
afterEach(() => {
  vi.useRealTimers()
  for (const part of ['wakeLock', 'geolocation']) Reflect.deleteProperty(navigator, part)
})
const live = (): Outing => {
  const outing = useOutings().live
  if (!outing) throw new Error('no outing is under way')
  return outing
}
async function open() {
  body = (await mountScreen(OutingPage)).body
  await expect.poll(() => body.querySelector('.go')?.textContent?.trim()).toMatch(/^Start with/)
}
async function start() {
  await press(body, /^Start with/)
  await expect.poll(() => body.querySelector('.live')).not.toBeNull()
}
/** Meters north of a place, told by the phone. */
async function stand(northM: number, accuracy = 5) {
  const coords = { latitude: 50 + northM / 111_195, longitude: 10, accuracy, altitude: null, speed: null }
  for (const give of located) give({ coords, timestamp: Date.now() + northM })
  await flushPromises()
}

it('a water that is set for another day is asked about: fished for now, or as it is set', async () => {
  setClock('2026-06-11T18:40:00')
  await open()
  await press(body, /^Start with/)
  expect(find(body, '.ask').textContent).toMatch(/The water is set for 2026-06-12, \d\d:\d\d. That is not today./)
  expect(useOutings().live).toBeNull()
  await press(body, 'Start, for now')
  await expect.poll(() => useOutings().live?.water).toMatchObject({ date: '2026-06-11', hour: 18 })
})

it('one that is set for today is not', async () => {
  setClock('2026-06-12T18:40:00')
  await open()
  await start()
  expect(live().water.date).toBe('2026-06-12')
})

it('the screen stays awake, unless the angler lets it sleep', async () => {
  setClock('2026-06-12T08:00:00')
  await open()
  await start()
  await expect.poll(() => asked.mock.calls.length).toBe(1)
  await press(find(body, 'nav.parts'), 'Log')
  await click(find(region(body, 'Log'), '.phone input'))
  await expect.poll(() => useSettings().keepAwake).toBe(false)
  await expect.poll(() => released.mock.calls.length).toBeGreaterThan(0)
})

it('the way is noted only when it may be, without trembling, and is no step that undo takes back', async () => {
  setClock('2026-06-12T08:00:00')
  await open()
  await start()
  expect(located).toEqual([])
  await useSettings().keep({ noteTrack: true })
  await expect.poll(() => located.length).toBe(1)
  const steps = useHistory().steps.length
  for (const m of [0, 2, 4, 30, 60, 61, 90, 120, 150, 180, 210]) await stand(m)
  await stand(600, 900)
  await expect.poll(() => live().track?.length).toBe(8)
  expect(useHistory().steps.length).toBe(steps)
  await press(find(body, 'nav.parts'), 'Log')
  expect(region(body, 'Log').textContent).toMatch(/210.m so far, in 8 points/)
  // In a break nothing is noted.
  await click(find(body, 'button[aria-label="Have a break"]'))
  await expect.poll(() => located.length).toBe(0)
})

it('the track goes out from the day sheet', async () => {
  setClock('2026-06-12T08:00:00')
  await open()
  await start()
  await useOutings().noteTrack(live(), [{ at: live().startedAt, latDeg: 50, lonDeg: 10, accuracyM: 4 }])
  await expect.poll(() => live().track?.length).toBe(1)
  const texts: Blob[] = []
  vi.spyOn(URL, 'createObjectURL').mockImplementation((blob) => {
    texts.push(blob as Blob)
    return 'blob:x'
  })
  const sheet = await mountScreen(PastPage, {}, `/outing/${live().id}`)
  await press(sheet.body, 'Track as GPX')
  expect(await texts[0]?.text()).toContain('<trkpt lat="50.000000" lon="10.000000">')
})

it('the review of fish: by rod, by hook and by lure; lengths by lure and by spot', async () => {
  const page = await mountScreen(FishPage)
  const held = () => region(page.body, 'Landed of those hooked')
  await expect.poll(() => held().querySelectorAll('li').length).toBe(2)
  const ofAll = () =>
    [...held().querySelectorAll('small')].reduce((sum, s) => sum + Number(/of (\d+)/.exec(s.textContent)?.[1]), 0)
  const all = ofAll()
  await press(held(), 'Lure')
  expect(held().querySelectorAll('li').length).toBeGreaterThan(5)
  expect(ofAll()).toBe(all)
  const sizes = () => region(page.body, 'How long they are').querySelectorAll('tbody tr').length
  const lures = sizes()
  await press(region(page.body, 'How long they are'), 'Spot')
  expect(sizes()).not.toBe(lures)
  expect(region(page.body, 'Fish watched').textContent).toMatch(/Half as many come from/)
})

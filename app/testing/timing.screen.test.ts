import { flushPromises } from '@vue/test-utils'
import { afterEach, beforeEach, expect, it, vi } from 'vitest'
import { click, find, mountScreen, openWorld } from '~/testing/mount'
import StopWatch from '~/components/bench/StopWatch.vue'
import TapCounter from '~/components/bench/TapCounter.vue'
import CountDown from '~/components/outing/CountDown.vue'
import StayTimer from '~/components/outing/StayTimer.vue'
import type { Account } from '../../core/outing'
import { useSettings } from '~/stores/settings'

/** Watches and timers, by a clock that is set by hand. */
let clockMs = 0
/** Frames asked for and not yet drawn. */
let frames: FrameRequestCallback[] = []
beforeEach(async () => {
  await openWorld()
  await useSettings().load()
  clockMs = 10_000
  frames = []
  vi.spyOn(performance, 'now').mockImplementation(() => clockMs)
  vi.stubGlobal('requestAnimationFrame', (draw: FrameRequestCallback) => frames.push(draw))
  vi.stubGlobal('cancelAnimationFrame', () => (frames = []))
})
afterEach(() => {
  vi.restoreAllMocks()
  vi.unstubAllGlobals()
})
async function after(seconds: number) {
  clockMs += 1000 * seconds
  for (const draw of frames.splice(0)) draw(clockMs)
  await flushPromises()
}
const space = (on: EventTarget = document.body, over: KeyboardEventInit = {}) =>
  on.dispatchEvent(new KeyboardEvent('keydown', { code: 'Space', key: ' ', bubbles: true, ...over }))

it('the watch runs from press to press; a finger that bounces is no reading', async () => {
  const { body, emitted } = await mountScreen(StopWatch)
  const watch = find(body, '[data-testid=watch]')
  await click(watch)
  await after(2.5)
  expect(find(body, '.figures').textContent).toBe('2.50')
  await after(1.5)
  await click(watch)
  expect(emitted('stopped')).toEqual([[4]])
  await click(watch)
  await after(0.1)
  await click(watch)
  expect(emitted('stopped')).toHaveLength(1)
  expect(find(body, '.figures').textContent).toBe('0.00')
})

it('the space bar works it from anywhere but a field, a held key once; Escape gives the run up', async () => {
  const { body, emitted } = await mountScreen(StopWatch)
  space()
  await after(3)
  space(document.body, { repeat: true })
  expect(emitted('stopped')).toEqual([])
  space()
  expect(emitted('stopped')).toEqual([[3]])
  const field = document.createElement('input')
  document.body.append(field)
  space(field)
  await flushPromises()
  expect(body.querySelector('.running')).toBeNull()
  space()
  await flushPromises()
  expect(body.querySelector('.running')).not.toBeNull()
  document.body.dispatchEvent(new KeyboardEvent('keydown', { code: 'Escape', key: 'Escape', bubbles: true }))
  await flushPromises()
  expect(body.querySelector('.running')).toBeNull()
  expect(emitted('stopped')).toHaveLength(1)
})

it('beats are counted from the first tap to the last', async () => {
  const { body, emitted } = await mountScreen(TapCounter, { label: 'Tap at each beat', unit: 'beats a second' })
  const tap = find(body, '.tap')
  for (let i = 0; i < 5; i++) {
    await click(tap)
    await after(0.25)
  }
  expect(emitted('pace').at(-1)).toEqual([4, 5])
  expect(find(body, '[role=status]').textContent).toContain('4.00 beats a second')
  await click(find(body, '.cancel'))
  expect(find(body, '.tap b').textContent).toBe('0')
})

const way = {
  id: 'w',
  name: 'Count and wind',
  depthM: 2,
  countDownS: 0,
  paceMps: 0.5,
  pullS: 3,
  restS: 0,
  tempo: 0.5,
  patience: 0.5,
  castS: 40,
}
const depths = (text: string) => Number(/([\d.]+)\u202fm/.exec(text)?.[1])

it('the count-down falls at the lure’s own rate, rings once at its stop, and ends on the bottom', async () => {
  const buzz = vi.fn<(ms: number) => boolean>(() => true)
  Object.defineProperty(navigator, 'vibrate', { configurable: true, value: buzz })
  const zone = { topM: 2, bottomM: 3 }
  const { body } = await mountScreen(CountDown, { fallMps: 0.5, way, depthM: 4, zone })
  const shown = () => find(body, '.big').textContent
  // The middle of the zone, at half a metre a second.
  expect(depths(shown())).toBe(2.5)
  expect(body.textContent).toMatch(/Count to 5:/)
  await click(find(body, '.go'))
  await after(2)
  expect(depths(shown())).toBe(1)
  const stops = () => buzz.mock.calls.filter(([ms]) => ms === 240).length
  expect(stops()).toBe(0)
  await after(3)
  await after(1)
  expect(depths(shown())).toBe(3)
  expect(stops()).toBe(1)
  await after(4)
  await after(2)
  expect(depths(shown())).toBe(4)
  expect(find(body, '.go').textContent.trim()).not.toBe('Stop')
  Reflect.deleteProperty(navigator, 'vibrate')
  // A tick at each metre.
  expect(buzz.mock.calls.filter(([ms]) => ms === 40).length).toBeGreaterThanOrEqual(2)
})

it('the count of the way goes before the middle of the zone; what floats has none', async () => {
  const first = await mountScreen(CountDown, { fallMps: 0.4, way: { ...way, countDownS: 5 }, depthM: 9, zone: null })
  expect(depths(find(first.body, '.big').textContent)).toBe(2)
  const floats = await mountScreen(CountDown, { fallMps: 0, way, depthM: 4, zone: null })
  expect(floats.body.querySelector('.go')).toBeNull()
  expect(find(floats.body, '.floats').textContent.length).toBeGreaterThan(20)
})

it('the stay counts from the last take, longer for a school, and can be set anew', async () => {
  const account = {} as Account
  const at = (min: number) => `2026-06-12T10:${String(min).padStart(2, '0')}:00+02:00`
  const stay = (now: string, lastTakeAt: string | null, schooling: boolean) =>
    mountScreen(StayTimer, { account, lastTakeAt, now, schooling })
  const clock = (body: ParentNode) => {
    const [min = 0, s = 0] = find(body, '.big').textContent.split(':').map(Number)
    return 60 * min + s
  }
  const none = await stay(at(0), null, false)
  expect(none.body.textContent).toMatch(/Starts by itself/)
  const whole = clock(none.body)
  const running = await stay(at(3), at(0), false)
  expect(clock(running.body)).toBe(whole - 180)
  const school = await stay(at(0), null, true)
  expect(clock(school.body)).not.toBe(whole)
  const over = await stay(at(59), at(0), false)
  expect(over.body.textContent).toMatch(/time is up/i)
  await click(find(over.body, '.go'))
  expect(clock(over.body)).toBe(whole)
  await click(find(over.body, 'button[aria-label="A minute less"]'))
  expect(clock(over.body)).toBe(whole - 60)
})

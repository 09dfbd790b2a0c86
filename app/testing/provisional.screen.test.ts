import { flushPromises } from '@vue/test-utils'
import { afterEach, beforeEach, expect, it, vi } from 'vitest'
import { broke, click, find, mountScreen, openWorld } from '~/testing/mount'
import OutingPage from '~/pages/outing/index.vue'
import MatchPage from '~/pages/index.vue'
import WaterPage from '~/pages/water/index.vue'
import { useMatch } from '~/stores/match'
import { useOutings } from '~/stores/outings'
import { useSettings } from '~/stores/settings'
import { useWater } from '~/stores/water'
import { useMatchWorker } from '~/composables/useMatchWorker'
import type { MatchReply, MatchService } from '~/workers/match-service'

/** An answer that is still being worked out never passes for the answer. The worker is held: it tells its first rows, and no more until it is let go. */
let letGo: () => void = () => undefined
beforeEach(async () => {
  await openWorld()
  await useSettings().load()
  useOutings().open(broke)
  await expect.poll(() => useOutings().status.state).toBe('ready')
  const worker: Pick<MatchService, 'match'> = useMatchWorker()
  const match = worker.match.bind(worker)
  vi.spyOn(worker, 'match').mockImplementation(async (asked, limit, onProgress): Promise<MatchReply> => {
    const held = new Promise<void>((resolve) => (letGo = resolve))
    const reply = await match(asked, limit, onProgress)
    if (reply?.ok) await onProgress(30, 124, [...reply.answer.rows].reverse())
    await held
    return reply
  })
})
afterEach(() => {
  letGo()
  vi.restoreAllMocks()
})
/** The first rows of a ranking are there, and the rest is not. */
const early = () => expect.poll(() => useMatch().rows.length, { timeout: 30_000 }).toBeGreaterThan(0)
const wholeAnswer = async () => {
  // A question that comes after another is held anew.
  const whole = () => {
    letGo()
    return useMatch().whole
  }
  await expect.poll(whole, { timeout: 30_000 }).toBe(true)
  await flushPromises()
}

it('an outing cannot be started on first rows; what is ticked and started with is the whole answer’s', async () => {
  useMatch().start()
  const { body } = await mountScreen(OutingPage, {}, '/outing')
  await early()
  expect(body.querySelector('.carry li')).toBeNull()
  expect(body.textContent).toContain('Ranking your box …')
  await wholeAnswer()
  const first = useMatch().answer?.rows[0]?.setUp.build.lure.name
  const go = find(body, '.go') as HTMLButtonElement
  expect(go.textContent).toContain(`Start with ${first}`)
  // The water moves: the old answer stays to be read, and nothing can be started on it.
  useWater().change({ waterTempC: 6 })
  await flushPromises()
  await expect.poll(() => go.disabled).toBe(true)
  expect(go.textContent).toContain('Ranking your box …')
  await click(go)
  expect(useOutings().live).toBeNull()
  await early()
  await wholeAnswer()
  expect(go.disabled).toBe(false)
})

it('the water says whether what it would tie on is the answer, and its rows are whole answers only', async () => {
  useMatch().start()
  const { body } = await mountScreen(WaterPage, {}, '/water')
  await early()
  expect(body.textContent).not.toContain('So tie on')
  await wholeAnswer()
  expect(body.textContent).toContain('The best of your whole box.')
  const names = () => [...body.querySelectorAll('[data-lure]')].map((row) => row.getAttribute('data-lure'))
  const before = names()
  useWater().change({ waterTempC: 5 })
  await flushPromises()
  await expect.poll(() => body.textContent).toContain('Still comparing …')
  expect(names()).toEqual(before)
})

it('so many lures are said to be compared only when they are', async () => {
  useMatch().start()
  const { body } = await mountScreen(MatchPage)
  await early()
  expect(find(body, '.ranking header').textContent).toContain('comparing 124 lures …')
  expect(find(body, '.ranking .list').getAttribute('aria-busy')).toBe('true')
  await wholeAnswer()
  expect(find(body, '.ranking header').textContent).toContain('124 lures compared')
  expect(find(body, '.ranking .list').getAttribute('aria-busy')).toBe('false')
})

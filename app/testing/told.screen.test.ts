import { flushPromises } from '@vue/test-utils'
import { beforeEach, expect, it } from 'vitest'
import type { EntryOf, Outing } from '../../core/outing'
import { modelKeyOf } from '../../core/tackle'
import { broke, click, find, mountScreen, openWorld, press, region, type } from '~/testing/mount'
import OutingPage from '~/pages/outing/index.vue'
import type { useBox } from '~/stores/box'
import { useMatch } from '~/stores/match'
import { useOutings } from '~/stores/outings'
import { useSettings } from '~/stores/settings'

/** What is told of an outing beyond takes: followers, why a fish came off, other people’s fish, and anything taken along. */
let box: ReturnType<typeof useBox>
let body: HTMLElement
let taps = 0
beforeEach(async () => {
  box = await openWorld()
  localStorage.clear()
  await useSettings().load()
  useOutings().open(broke)
  useMatch().start()
  await expect.poll(() => useOutings().status.state).toBe('ready')
  body = (await mountScreen(OutingPage)).body
  await expect.poll(() => body.querySelector('.go')?.textContent?.trim()).toMatch(/^Start with/)
})

const live = (): Outing => {
  const outing = useOutings().live
  if (!outing) throw new Error('no outing is under way')
  return outing
}
const last = () => live().entries.at(-1)
const lastAnswer = () => last() as EntryOf<'answer'>
async function start() {
  await press(body, /^Start with/)
  if (body.querySelector('.ask')) await press(body, 'Start as it is set')
  await expect.poll(() => body.querySelector('.live')).not.toBeNull()
}
const tap = async (selector: string) => {
  taps += 1
  await click(find(body, selector))
}
/** An entry by taps; answers with how many it took. */
async function entry(...selectors: string[]): Promise<number> {
  const before = live().entries.length
  taps = 0
  for (const selector of selectors) await tap(selector)
  await expect.poll(() => live().entries.length).toBeGreaterThan(before)
  await flushPromises()
  return taps
}
const details = (name: string) => region(body, name)
/** The card with what more can be told, once it is there. */
const shown = (name: string) => expect.poll(() => body.querySelector(`[aria-label="${name}"]`)).not.toBeNull()
async function pick(select: HTMLSelectElement, value: string) {
  select.value = value
  select.dispatchEvent(new Event('change', { bubbles: true }))
  await flushPromises()
}

it('every entry takes two taps at most; what more can be told is asked at once and may be left', async () => {
  await start()
  const [, second] = live().carried
  const each = [
    await entry('.thumb .cast'),
    await entry('.thumb .fish', '[data-answer=follow]'),
    await entry('.thumb .fish', '[data-answer=seen]'),
    await entry('.thumb .fish', '[data-answer=lost]'),
    await entry('.thumb .fish', '[data-answer=landed]'),
    await entry('.thumb .fish', '[data-beside=companion]'),
    await entry('.thumb .fish', '[data-beside=birds]'),
    await entry('.thumb .fish', '[data-beside=sinker]'),
    await entry('.hand', `.sheet [data-carried="${second?.id}"]`),
    await entry('.hand', '[data-altered=trailer]'),
    await entry('.hand', '.sheet .lost'),
  ]
  expect(Math.max(...each)).toBe(2)
  expect(live().entries.map((e) => (e.kind === 'answer' ? e.answer : e.kind))).toEqual([
    'rig',
    'cast',
    'follow',
    'seen',
    'lost',
    'landed',
    'companion',
    'sign',
    'lost-part',
    'rig',
    'altered',
    'lost-lure',
  ])
})

it('a follower: how far, what the lure did, what was tried; the ledger shows it', async () => {
  await start()
  await entry('.thumb .fish', '[data-answer=follow]')
  await shown('Followed')
  await click(find(body, 'button[aria-label=Farther]'))
  await expect.poll(() => lastAnswer().watched?.offM).toBeCloseTo(0.6, 5)
  await click(find(body, 'button[aria-label=Farther]'))
  await expect.poll(() => lastAnswer().watched?.offM).toBeCloseTo(0.8, 5)
  await press(details('Followed'), 'Stopped')
  await press(details('Followed'), 'Let it drop')
  await press(details('Followed'), 'Behind it')
  await press(details('Followed'), 'By eye')
  await expect
    .poll(() => lastAnswer().watched)
    .toEqual({ offM: 0.8, lureDid: 'stopped', then: 'drop', where: 'behind', by: 'eye' })
  // The same tap again takes it back.
  await press(details('Followed'), 'By eye')
  await expect.poll(() => lastAnswer().watched?.by).toBeUndefined()
  await press(details('Followed'), 'Done')
  expect(region(body, 'Fish watched').textContent).toMatch(/1 of 1 fish came/)
  await entry('.thumb .fish', '[data-answer=landed]')
  await expect.poll(() => region(body, 'Fish watched').textContent).toMatch(/Let it drop1 of 1, about \d+.%/)
})

it('why a fish came off, and which hook held one that did not', async () => {
  await start()
  await entry('.thumb .fish', '[data-answer=lost]')
  await shown('Lost it')
  await press(details('Lost it'), 'Hook bent open')
  await expect.poll(() => lastAnswer().lostHow).toBe('hook-opened')
  await entry('.thumb .fish', '[data-answer=landed]')
  await shown('The fish')
  await press(details('The fish'), 'Tail hook')
  await expect.poll(() => lastAnswer().fish?.heldBy).toBe('tail')
})

it('somebody else’s fish is told by lure, and the next one is theirs again', async () => {
  await start()
  await entry('.thumb .fish', '[data-beside=companion]')
  const first = live().carried[0]
  await shown('Whose fish?')
  await press(details('Whose fish?'), `As mine: ${first?.name}`)
  await click(find(body, 'button[aria-label=Longer]'))
  await type(body, 'Name', 'Mo')
  await expect
    .poll(() => last())
    .toMatchObject({ who: 'Mo', lengthM: 0.3, lure: { name: first?.name, lureId: first?.lureId } })
  await entry('.thumb .fish', '[data-beside=companion]')
  expect(last()).toMatchObject({ who: 'Mo', lengthM: null })
  await press(find(body, 'nav.parts'), 'Log')
  expect(body.textContent).toMatch(/Mo: .*, 30.cm on /)
})

it('another trailer, and by how much it was loaded', async () => {
  await start()
  await entry('.hand', '[data-altered=trailer]')
  const [trailer] = box.box.trailers
  await shown('Other trailer')
  await press(details('Other trailer'), trailer?.name ?? '')
  await expect.poll(() => last()).toMatchObject({ kind: 'altered', what: 'trailer', to: trailer?.name })
  await entry('.hand', '[data-altered=heavier]')
  await shown('Loaded')
  await click(find(body, 'button[aria-label=More]'))
  await expect.poll(() => last()).toMatchObject({ what: 'heavier', byKg: 0.002 })
})

it('anything of the box is taken along in the middle of the day, also what the match would not fish', async () => {
  await start()
  const taken = new Set(live().carried.map((c) => c.lureId))
  const other = box.box.lures.find((l) => l.count > 0 && !taken.has(l.id))
  if (!other) throw new Error('everything is carried')
  await click(find(body, '.hand'))
  await press(find(body, '.sheet'), 'Something else of the box')
  await type(body, 'Find by name, kind or colour', other.name)
  await entry(`[data-take="${other.id}"]`)
  await expect.poll(() => live().carried.at(-1)?.lureId).toBe(other.id)
  expect(last()).toMatchObject({ kind: 'rig', carriedId: live().carried.at(-1)?.id })
  await expect.poll(() => find(body, '.hand b').textContent).toBe(other.name)
  // Taken back, it is left behind again.
  await click(find(body, 'button[aria-label="Take the last entry back"]'))
  await expect.poll(() => live().entries.length).toBe(1)
})

it('the other colours of what is in the hand lie ready', async () => {
  await start()
  const lures = box.box.lures
  const twin = lures.find((l) => lures.some((o) => o.id !== l.id && o.count > 0 && modelKeyOf(o) === modelKeyOf(l)))
  if (!twin) throw new Error('no lure of the demo has two colours')
  await click(find(body, '.hand'))
  await press(find(body, '.sheet'), 'Something else of the box')
  await type(body, 'Find by name, kind or colour', twin.name)
  if (live().carried.every((c) => c.lureId !== twin.id)) await entry(`[data-take="${twin.id}"]`)
  await expect.poll(() => live().carried.some((c) => c.lureId === twin.id)).toBe(true)
  await click(find(body, '.hand'))
  const colours = region(body, 'Its other colours')
  const [button] = colours.querySelectorAll<HTMLElement>('[data-take]')
  expect(button).toBeDefined()
  await entry(`[data-take="${button?.dataset.take}"]`)
  const carried = live().carried.at(-1)
  const model = (id: string | null | undefined) => {
    const lure = lures.find((l) => l.id === id)
    return lure && modelKeyOf(lure)
  }
  await expect.poll(() => model(live().carried.at(-1)?.lureId)).toBe(model(twin.id))
  expect(carried?.lureId).not.toBe(twin.id)
})

it('something else is carried from the start, and can be left at home again', async () => {
  await press(body, 'Something else of the box')
  const [first, second] = box.box.lures.filter((l) => l.count > 0)
  for (const lure of [first, second]) {
    await type(body, 'Find by name, kind or colour', lure?.name ?? '')
    await click(find(body, `[data-take="${lure?.id}"]`))
  }
  await click(find(body, `button[aria-label="Leave ${second?.name} at home"]`))
  for (const tick of [...body.querySelectorAll<HTMLInputElement>('.carry input:checked')]) await click(tick)
  expect(find(body, '.go').textContent.trim()).toBe(`Start with ${first?.name}`)
  await start()
  expect(live().carried.map((c) => c.lureId)).toEqual([first?.id])
})

it('two cadences of one lure are fished against each other, and how well they took is told', async () => {
  await start()
  await press(find(body, 'nav.parts'), 'Compare')
  const two = live().carried.find((c) => c.ways.length > 1)
  const [one, other] = two?.ways ?? []
  if (!two || !one || !other) throw new Error('no lure has two ways')
  const panel = () => region(body, 'A against B')
  const [a, b] = panel().querySelectorAll('select')
  if (!a || !b) throw new Error('nothing to choose from')
  await pick(a, `${two.id}|${one.id}`)
  await pick(b, `${two.id}|${other.id}`)
  const before = live().entries.length
  await press(panel(), /^Start with/)
  await expect.poll(() => live().entries.length).toBe(before + 2)
  expect(live().entries.at(-2)).toMatchObject({
    kind: 'comparison',
    a: two.id,
    b: two.id,
    aWayId: one.id,
    bWayId: other.id,
  })
  await entry('.thumb .fish', '[data-answer=landed]')
  await shown('The fish')
  await press(details('The fish'), 'Well inside')
  await expect.poll(() => panel().textContent).toMatch(/A: 1 of 1 well taken. B: 0 of 0/)
  await press(panel(), /^Change to/)
  await expect.poll(() => last()).toMatchObject({ kind: 'rig', carriedId: two.id, wayId: other.id })
})

it('what the match would not fish is told before the outing begins', async () => {
  const place = useMatch().asked?.place
  if (!place) throw new Error('no water is set')
  await box.savePlace({ ...place, singlesOnly: true }, 'The law')
  await expect.poll(() => useMatch().asked?.place.singlesOnly).toBe(true)
  const trebles = box.box.lures.find((l) => l.count > 0 && l.hooks?.style === 'round treble')
  if (!trebles) throw new Error('no trebles in the demo')
  await press(body, 'Something else of the box')
  await type(body, 'Find by name, kind or colour', trebles.name)
  await click(find(body, `[data-take="${trebles.id}"]`))
  await expect.poll(() => body.textContent).toMatch(/The match would not fish it here: .*Local rules come first/)
})

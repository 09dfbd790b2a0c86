import { flushPromises } from '@vue/test-utils'
import { afterEach, beforeEach, expect, it, vi } from 'vitest'
import { accountOf, isOver, type AnswerId, type EntryOf, type Outing } from '../../core/outing'
import { click, find, broke, mountScreen, openWorld, press, region, setClock, type } from '~/testing/mount'
import OutingPage from '~/pages/outing/index.vue'
import PastPage from '~/pages/outing/[id].vue'
import type { useBox } from '~/stores/box'
import { useHistory } from '~/stores/history'
import { useMatch } from '~/stores/match'
import { useOutings } from '~/stores/outings'
import { useSettings } from '~/stores/settings'

/** An outing as its page shows it: what is tapped is stored, and what is stored is shown. */
let box: ReturnType<typeof useBox>
let body: HTMLElement
beforeEach(async () => {
  box = await openWorld()
  localStorage.clear()
  await useSettings().load()
  useOutings().open(broke)
  useMatch().start()
  await expect.poll(() => useOutings().status.state).toBe('ready')
})
afterEach(() => {
  vi.useRealTimers()
})

const live = (): Outing => {
  const outing = useOutings().live
  if (!outing) throw new Error('no outing is under way')
  return outing
}
const kinds = () => live().entries.map((e) => e.kind)
const answers = () => live().entries.filter((e): e is EntryOf<'answer'> => e.kind === 'answer')
async function openPage() {
  body = (await mountScreen(OutingPage)).body
  return body
}
async function startOuting() {
  await openPage()
  await expect.poll(() => body.querySelector('.go')?.textContent?.trim()).toMatch(/^Start with/)
  await press(body, /^Start with/)
  if (body.querySelector('.ask')) await press(body, 'Start as it is set')
  await expect.poll(() => body.querySelector('.live')).not.toBeNull()
}
/** Taps, and waits until one more entry is stored and shown. */
async function logged(tap: () => Promise<void>) {
  const before = live().entries.length
  await tap()
  await expect.poll(() => live().entries.length).toBeGreaterThan(before)
  await flushPromises()
}
const part = (name: string) => press(find(body, 'nav.parts'), name)
async function answer(id: AnswerId) {
  await logged(async () => {
    await click(find(body, '.thumb .fish'))
    await click(find(body, `[data-answer=${id}]`))
  })
}
const cast = () => logged(() => click(find(body, '.thumb .cast')))
const fishOf = (lureId: string | null) => box.box.lures.find((l) => l.id === lureId)?.fish
const countOf = (lureId: string | null) => box.box.lures.find((l) => l.id === lureId)?.count

it('what is carried is chosen; nothing chosen starts nothing', async () => {
  await openPage()
  await expect.poll(() => body.querySelectorAll('.carry input').length).toBeGreaterThan(6)
  const ticks = () => [...body.querySelectorAll<HTMLInputElement>('.carry input')]
  expect(ticks().filter((t) => t.checked)).toHaveLength(6)
  for (const tick of ticks().filter((t) => t.checked)) await click(tick)
  const go = find(body, 'button.go') as HTMLButtonElement
  expect(go.disabled).toBe(true)
  const [, second] = ticks()
  if (!second) throw new Error('only one row')
  await click(second)
  const name = second.closest('label')?.querySelector('b')?.textContent ?? '?'
  expect(go.textContent.trim()).toBe(`Start with ${name}`)
  await click(go)
  await press(body, 'Start as it is set')
  await expect.poll(() => useOutings().live?.carried.map((c) => c.name)).toEqual([name])
  expect(kinds()).toEqual(['rig'])
})

it('a fish is measured afterwards, counted on its lure, and taken back', async () => {
  await startOuting()
  const lureId = live().carried[0]?.lureId ?? null
  const before = fishOf(lureId) ?? 0
  await answer('landed')
  await expect.poll(() => fishOf(lureId)).toBe(before + 1)
  const fish = () => answers().at(-1)?.fish
  const details = () => region(body, 'The fish')
  await click(find(body, 'button[aria-label="Longer by five"]'))
  await expect.poll(() => fish()?.lengthM).toBe(0.3)
  await click(find(body, 'button[aria-label=Longer]'))
  await expect.poll(() => fish()?.lengthM).toBe(0.31)
  await press(details(), 'Well inside')
  await press(details(), 'On the pause')
  await press(details(), 'Kept')
  await expect.poll(() => fish()).toMatchObject({ hooked: 'inside', ate: 'pause', released: false })
  expect(details().textContent).toMatch(/in good condition weighs/)
  const weight = () => find(details(), 'input[inputmode=decimal]') as HTMLInputElement
  async function weigh(text: string) {
    weight().value = text
    weight().dispatchEvent(new Event('change', { bubbles: true }))
    await flushPromises()
  }
  await weigh('a lot')
  expect(find(body, '[role=alert]').textContent).toContain('not a number')
  await weigh('900')
  expect(find(body, '[role=alert]').textContent).toMatch(/weighs more/)
  expect(fish()?.massKg).toBeNull()
  await weigh('0.35')
  await expect.poll(() => fish()?.massKg).toBe(0.35)
  await expect.poll(() => details().textContent).toMatch(/% of standard weight/)
  await click(find(body, 'button[aria-label="Take the last entry back"]'))
  await expect.poll(kinds).toEqual(['rig'])
  await expect.poll(() => fishOf(lureId)).toBe(before)
  // Out of the log, too, whichever entry it is.
  await answer('landed')
  await cast()
  await part('Log')
  await click(find(body, 'button[aria-label="Take out: Landed"]'))
  await expect.poll(kinds).toEqual(['rig', 'cast'])
  await expect.poll(() => fishOf(lureId)).toBe(before)
})

it('undo of the whole page takes back entries of the log, newest first', async () => {
  await startOuting()
  await cast()
  await answer('lost')
  await useHistory().undo()
  await expect.poll(kinds).toEqual(['rig', 'cast'])
  await useHistory().undo()
  await expect.poll(kinds).toEqual(['rig'])
  await useHistory().redo()
  await expect.poll(kinds).toEqual(['rig', 'cast'])
})

it('another rig, another way, and a lost lure: the box has one fewer, and back again', async () => {
  await startOuting()
  await click(find(body, '.hand'))
  const [, second] = live().carried
  if (!second) throw new Error('only one rig is carried')
  // One tap takes it, in its best way; then its other ways are there.
  await logged(() => click(find(body, `.sheet [data-carried="${second.id}"]`)))
  expect(live().entries.at(-1)).toMatchObject({ carriedId: second.id, wayId: second.ways[0]?.id })
  await click(find(body, '.hand'))
  const ways = [...body.querySelectorAll<HTMLElement>('.sheet [data-way]')]
  const last = ways.at(-1)
  if (!last) throw new Error('no way to fish it')
  await logged(() => click(last))
  expect(live().entries.at(-1)).toMatchObject({ kind: 'rig', carriedId: second.id, wayId: last.dataset.way })
  await expect.poll(() => find(body, '.hand b').textContent).toBe(second.name)
  const before = countOf(second.lureId) ?? 0
  await click(find(body, '.hand'))
  await logged(() => press(find(body, '.sheet'), `${second.name} is lost`))
  await expect.poll(() => countOf(second.lureId)).toBe(before - 1)
  await click(find(body, 'button[aria-label="Take the last entry back"]'))
  await expect.poll(() => countOf(second.lureId)).toBe(before)
})

it('spots: a tap says where, the next stop counts on, and takes are shown where they came', async () => {
  await startOuting()
  await part('Spot')
  const spots = [...body.querySelectorAll<HTMLElement>('[data-spot]')]
  const [first] = spots
  if (!first) throw new Error('no spot is drawn')
  await logged(() => click(first))
  expect(live().entries.at(-1)).toMatchObject({ kind: 'spot', stop: 1, spotId: first.dataset.spot })
  await answer('lost')
  await expect.poll(() => find(body, `[data-spot="${first.dataset.spot}"] small`).textContent).toBe('1')
  await logged(() => press(body, 'Next stop'))
  expect(live().entries.at(-1)).toMatchObject({ kind: 'spot', stop: 2 })
  expect(find(body, '.at').textContent).toContain('Stop 2')
})

it('timers: the count-down shows metres, the stay starts with a take', async () => {
  await startOuting()
  const sinking = live().carried.find((c) => c.fallMps > 0.02)
  if (!sinking) throw new Error('nothing that sinks is carried')
  await click(find(body, '.hand'))
  if (find(body, '.hand').dataset.carried === sinking.id)
    await logged(() => click(find(body, '.sheet .ways [data-way]')))
  else await logged(() => click(find(body, `.sheet [data-carried="${sinking.id}"]`)))
  await part('Timers')
  const count = region(body, 'Count-down')
  expect(count.textContent).toMatch(/Count to \d+: it falls/)
  await press(count, 'It is in the water')
  await press(count, 'Stop')
  expect(find(count, 'button').textContent.trim()).toBe('It is in the water')
  const stay = () => region(body, 'Stay here').textContent
  expect(stay()).toMatch(/Starts by itself/)
  const minutes = () => Number(/(\d+) min/.exec(stay())?.[1])
  const before = minutes()
  await click(find(body, 'button[aria-label="A minute more"]'))
  expect(minutes()).toBe(before + 1)
  await answer('lost')
  await expect.poll(stay).toMatch(/a fish took here/)
})

it('the fan shows where casts went, and where none has gone', async () => {
  await startOuting()
  await part('Casts')
  for (const aim of ['-2', '0', '0']) await logged(() => click(find(body, `[data-aim="${aim}"]`)))
  expect(find(body, '[role=img][aria-label*="ahead"]').getAttribute('aria-label')).toContain(
    'hard left 1, left 0, ahead 2, right 0, hard right 0',
  )
  expect(find(body, '.bare').textContent).toMatch(/No cast yet: left, right, hard right/)
  // A cast from the thumb bar goes where the last went.
  await cast()
  expect(live().entries.at(-1)).toMatchObject({ kind: 'cast', aim: 0 })
})

it('A against B: no verdict too early, turns are counted, and it ends', async () => {
  await startOuting()
  await part('Compare')
  const panel = () => region(body, 'A against B')
  await logged(() => press(panel(), /^Start with/))
  await expect.poll(() => panel().textContent).toContain('One whole turn with each is needed')
  for (let i = 0; i < 3; i++) await cast()
  await expect.poll(() => panel().textContent).toContain('Casts in this turn: 3 of 10')
  await logged(() => press(panel(), /^Change to/))
  expect(panel().textContent).toMatch(/better: \d+ %/)
  await logged(() => press(panel(), 'End the trial'))
  await expect
    .poll(() => [...panel().querySelectorAll('button')].map((b) => b.textContent.trim()).join())
    .toMatch(/^Start with/)
  expect(kinds().filter((k) => k.startsWith('comparison'))).toEqual(['comparison', 'comparison-end'])
})

it('a reading changes the water; only what was changed is written down', async () => {
  await startOuting()
  await part('Water')
  const keep = () => find(body, 'button.keep') as HTMLButtonElement
  expect(keep().disabled).toBe(true)
  const before = live().water.waterTempC
  await click(find(body, 'button[aria-label="Water: more"]'))
  await press(body, 'Rain')
  await logged(() => click(keep()))
  const reading = live().entries.at(-1)
  expect(reading).toMatchObject({ kind: 'reading', waterTempC: before + 0.5, sky: 'rain' })
  expect(reading).not.toHaveProperty('windMps')
  await part('Log')
  expect(find(body, 'li[data-kind=reading]').textContent).toMatch(/water .*°C, rain/)
})

it('a break stops the effort, casts and answers until it is over', async () => {
  await startOuting()
  await logged(() => click(find(body, 'button[aria-label="Have a break"]')))
  expect((find(body, '.thumb .cast') as HTMLButtonElement).disabled).toBe(true)
  expect((find(body, '.thumb .fish') as HTMLButtonElement).disabled).toBe(true)
  await part('Next')
  expect(find(body, '.advice').textContent).toMatch(/break/)
  await logged(() => click(find(body, 'button[aria-label="Go on"]')))
  expect(kinds()).toEqual(['rig', 'pause', 'resume'])
  expect((find(body, '.thumb .cast') as HTMLButtonElement).disabled).toBe(false)
})

it('shut for hours, it asks; the break is written down where it was', async () => {
  setClock('2026-06-12T08:00:00')
  await startOuting()
  setClock('2026-06-12T12:00:00')
  await openPage()
  expect(find(body, '.away').textContent).toMatch(/Ygrion was shut from 08:00 to 12:00/)
  await logged(() => press(body, 'It was a break'))
  expect(body.querySelector('.away')).toBeNull()
  const outing = live()
  expect(outing.entries.slice(1).map((e) => [e.kind, e.at.slice(11, 16)])).toEqual([
    ['pause', '08:00'],
    ['resume', '12:00'],
  ])
  const { stretches } = accountOf(outing, outing.entries.at(-1)?.at ?? '')
  expect(stretches.reduce((sum, s) => sum + s.minutes, 0)).toBeLessThan(5)
})

it('shut for hours and fished on: nothing is written down', async () => {
  setClock('2026-06-12T08:00:00')
  await startOuting()
  setClock('2026-06-12T09:10:00')
  await openPage()
  await press(body, 'I fished on')
  expect(body.querySelector('.away')).toBeNull()
  expect(kinds()).toEqual(['rig'])
})

it('advice is followed or left, and either is written down with its words', async () => {
  setClock('2026-06-12T08:00:00')
  await startOuting()
  for (let i = 0; i < 12; i++) await cast()
  setClock('2026-06-12T09:30:00')
  await openPage()
  await press(body, 'I fished on')
  const refuse = find(body, '[data-advice=refuse]')
  const said = find(body, '.advice .does').textContent.trim()
  await logged(() => click(refuse))
  const left = live().entries.at(-1)
  expect(left).toMatchObject({ kind: 'advice', taken: false })
  expect((left as EntryOf<'advice'>).says).toContain(said)
  setClock('2026-06-12T10:40:00')
  await openPage()
  await press(body, 'I fished on')
  await logged(() => click(find(body, '[data-advice=take]')))
  await expect.poll(() => live().entries.some((e) => e.kind === 'advice' && e.taken)).toBe(true)
  await expect.poll(() => find(body, '.thumb [role=status]').textContent).toMatch(/./)
  expect(find(body, 'details').textContent).toMatch(/not followed/)
})

it('the end is asked twice; its sheet shows the day, keeps a note, and fishing can go on', async () => {
  setClock('2026-06-12T08:00:00')
  await startOuting()
  const { id } = live()
  setClock('2026-06-12T08:40:00')
  await answer('landed')
  await press(body, 'Done')
  setClock('2026-06-12T09:00:00')
  await part('Log')
  await press(body, 'End the outing')
  await press(body, 'Fish on')
  expect(isOver(live())).toBe(false)
  await press(body, 'End the outing')
  await press(body, 'End it')
  await expect.poll(() => useOutings().live).toBeNull()
  await expect
    .poll(() => region(body, 'Past outings').querySelector('a')?.textContent)
    .toMatch(/2026-06-12.*1\.0 h1 landed/)

  const sheet = await mountScreen(PastPage, {}, `/outing/${id}`)
  expect(find(sheet.body, '.tally').textContent.replace(/\s+/g, ' ')).toMatch(/1 landed, 1 take in 1\.0 h/)
  expect(find(sheet.body, 'tbody tr').textContent).toMatch(/landed/)
  await type(sheet.body, 'Note', 'All in the last hour')
  await expect.poll(() => useOutings().all.find((o) => o.id === id)?.note).toBe('All in the last hour')
  await press(sheet.body, /^Fish on/)
  await expect.poll(() => useOutings().live?.id).toBe(id)
  await press(sheet.body, 'Remove the outing')
  await expect.poll(() => useOutings().all.some((o) => o.id === id)).toBe(false)
  await useHistory().undo()
  await expect.poll(() => useOutings().live?.note).toBe('All in the last hour')
})

import { flushPromises, type VueWrapper } from '@vue/test-utils'
import { beforeEach, expect, it, vi } from 'vitest'
import { demoWorld } from '../../core/demo/world'
import { writeArchive } from '../../core/exchange'
import { boxPage } from '../../words'
import { DAY, click, field, find, giveFile, mountScreen, openWorld, press, region, type } from '~/testing/mount'
import BoxPage from '~/pages/box/index.vue'
import type { useBox } from '~/stores/box'
import { useHistory } from '~/stores/history'
import { repository } from '~/stores/repository'
import { useSettings } from '~/stores/settings'

/** The box as its page shows it. */
let box: ReturnType<typeof useBox>
let screen: VueWrapper
let body: HTMLElement
beforeEach(async () => {
  box = await openWorld()
  for (const draft of await repository.drafts()) await repository.dropDraft(draft.key)
  await useSettings().load()
  await openPage()
})

async function openPage(path = '/box') {
  ;({ screen, body } = await mountScreen(BoxPage, {}, path))
}
const form = () =>
  find(document.body, '.v-overlay--active form, .v-overlay--active section, .v-overlay--active .v-card')
const search = (text: string) => type(body, boxPage.searchSilentShallowCrank, text)
const found = () => [...body.querySelectorAll<HTMLElement>('[data-lure]:not(.dim)')].map((l) => l.dataset.lure ?? '')
const named = (name: string) => box.box.lures.find((l) => l.name === name)
async function openLure(name: string) {
  await search(name)
  await expect.poll(found).toContain(name)
  await click(find(body, `[data-lure="${name}"]`))
  await expect.poll(() => document.querySelector('.v-overlay--active form')).not.toBeNull()
}

it('search finds by several words at once, dims the rest, and says when nothing answers', async () => {
  const all = found().length
  await search('3/8 jig')
  await expect.poll(() => found().length).toBeLessThan(all)
  expect(found().length).toBeGreaterThan(0)
  for (const name of found()) expect(named(name)?.family).toMatch(/jig/)
  expect(body.querySelectorAll('[data-lure].dim').length).toBeGreaterThan(0)
  await search('crankbait silent purple trombone')
  await expect.poll(() => body.textContent).toMatch(/No lure matches/)
  await search('')
  await expect.poll(() => found().length).toBeGreaterThanOrEqual(all)
})

it('a change, a removal and a whole box replaced are each one step back', async () => {
  const before = box.box.lures.length
  await openLure('Pirrip 7')
  await type(document.body, 'Name', 'Pirrip renamed')
  await press(document.body, 'Save')
  await expect.poll(() => named('Pirrip renamed')).toBeDefined()
  await openLure('Pirrip renamed')
  await press(document.body, 'Remove')
  await expect.poll(() => box.box.lures.length).toBe(before - 1)
  await press(body, 'Start an empty box')
  expect(document.body.textContent).toContain(`This replaces everything here: ${before - 1} lures`)
  expect(box.box.lures).toHaveLength(before - 1)
  await press(document.body, 'Replace everything')
  await expect.poll(() => body.textContent).toContain('An empty box')
  const history = useHistory()
  await history.undo()
  await expect.poll(() => box.box.lures.length).toBe(before - 1)
  await history.undo()
  await expect.poll(() => named('Pirrip renamed')).toBeDefined()
  await history.undo()
  await expect.poll(() => named('Pirrip 7')).toBeDefined()
  expect(history.steps).toEqual([])
})

it('undo asked for twice at once brings a removed lure back once', async () => {
  const before = box.box.lures.length
  await openLure('Tremolo 12')
  await press(document.body, 'Remove')
  await expect.poll(() => named('Tremolo 12')).toBeUndefined()
  const history = useHistory()
  await Promise.all([history.undo(), history.undo()])
  await expect.poll(() => box.box.lures.length).toBe(before)
  expect(box.box.lures.filter((l) => l.name === 'Tremolo 12')).toHaveLength(1)
})

it('a damaged or foreign archive is explained by its place and changes nothing', async () => {
  const before = await repository.readAll()
  const said = () => find(body, '.problems').textContent
  await giveFile(body, 'Archive to import', 'half.json', '{"format": "ygrion-archive", "version": 14, "box": {')
  await expect.poll(said).toContain('“half.json” was not taken in; nothing was changed')
  await giveFile(body, 'Archive to import', 'other.json', '{"songs": []}')
  await expect.poll(said).toContain('not an Ygrion archive')
  await giveFile(body, 'Archive to import', 'old.json', JSON.stringify({ format: 'ygrion-archive', version: 9 }))
  await expect.poll(said).toContain('is 9, and this Ygrion reads 13 to')
  const odd = JSON.parse(writeArchive(demoWorld(DAY))) as { box: { lures: object[] } }
  odd.box.lures = [{ id: 'a', name: 'Odd one', family: 'teapot' }]
  await giveFile(body, 'Archive to import', 'odd.json', JSON.stringify(odd))
  await expect.poll(said).toContain('lures[0] “Odd one”')
  expect(await repository.readAll()).toEqual(before)
  await press(find(body, '.problems'), 'Close')
  expect(body.querySelector('.problems')).toBeNull()
})

it('an archive that fits takes the place of the box, and undo brings the box back', async () => {
  const world = demoWorld(DAY)
  const [only] = world.box.lures
  if (!only) throw new Error('the demo has no lures')
  const small = { ...world, box: { ...world.box, lures: [{ ...only, name: 'Alone' }], rigs: [] } }
  await giveFile(body, 'Archive to import', 'one.json', writeArchive(small))
  await expect.poll(() => document.body.textContent).toContain('In its place come 1 lure')
  await press(document.body, 'Replace everything')
  await expect.poll(() => box.box.lures.map((l) => l.name)).toEqual(['Alone'])
  await useHistory().undo()
  await expect.poll(() => box.box.lures.length).toBe(world.box.lures.length)
})

it('a tray is named, made smaller, removed and added; its lures stay', async () => {
  await press(body, 'Change the tray')
  await type(document.body, 'Compartments across', '3')
  expect(form().textContent).toMatch(/lie beyond that/)
  await type(document.body, 'Name', 'Jigs')
  await press(document.body, 'Save')
  await expect.poll(() => find(document.body, '.wrong').textContent).toContain('already')
  await type(document.body, 'Name', 'Blades')
  await press(document.body, 'Save')
  await expect.poll(() => box.box.trays.find((t) => t.name === 'Blades')?.columns).toBe(3)
  const plugs = box.box.trays.find((t) => t.name === 'Plugs')
  const inside = box.box.lures.filter((l) => l.trayId === plugs?.id).length
  const all = box.box.lures.length
  expect(inside).toBeGreaterThan(5)
  await press(region(body, 'Tray Plugs'), 'Change the tray')
  await press(document.body, 'Remove')
  await expect.poll(() => box.box.trays.some((t) => t.name === 'Plugs')).toBe(false)
  await expect.poll(() => box.box.lures.filter((l) => l.trayId === null).length).toBe(inside)
  expect(box.box.lures).toHaveLength(all)
  await press(body, 'Add a tray')
  await type(document.body, 'Name', 'A new one')
  await press(document.body, 'Add to the box')
  await expect.poll(() => box.box.trays.some((t) => t.name === 'A new one')).toBe(true)
})

it('what is being typed is offered again after the page is left; thrown away, it is forgotten', async () => {
  await press(body, 'Add a lure')
  await type(document.body, 'Name', 'Half a lure')
  await type(document.body, 'Notes', 'being typed when the page went')
  await expect.poll(async () => (await repository.drafts()).map((d) => d.title)).toEqual(['Half a lure'])
  await openPage()
  await expect.poll(() => body.querySelector('.drafts')?.textContent).toMatch(/You were adding Half a lure/)
  await press(body, 'Carry on')
  await expect.poll(() => field(document.body, 'Notes').value).toBe('being typed when the page went')
  await openPage()
  await expect.poll(() => body.querySelector('.drafts')?.textContent).toMatch(/Half a lure/)
  await press(body, 'Discard')
  await expect.poll(() => repository.drafts()).toEqual([])
  await openPage()
  await flushPromises()
  expect(body.querySelector('.drafts')).toBeNull()
})

it('a label’s code opens its lure', async () => {
  await openPage('/box?lure=demo-001')
  await expect.poll(() => field(document.body, 'Name').value).toBe(box.lureById.get('demo-001')?.name)
})

it('by family and in order: the views show the same lures', async () => {
  await press(body, 'Families')
  await expect.poll(() => body.querySelectorAll('h2 .many').length).toBeGreaterThan(3)
  const counted = [...body.querySelectorAll('h2 .many')].map((m) => Number(m.textContent))
  expect(Math.max(...counted)).toBeLessThanOrEqual(box.box.lures.length)
  await press(body, 'Table')
  await expect
    .poll(() => find(body, '[role=grid]').getAttribute('aria-rowcount'))
    .toBe(String(box.box.lures.length + 1))
  await press(body, 'Trays')
  await expect.poll(() => body.querySelector('[data-tray]')).not.toBeNull()
})

/** A scale on which everything weighs a twentieth more than its label: the pan swings a little, then stands. */
class Scale {
  static last: Scale | null = null
  onmessage: ((event: { data: string }) => void) | null = null
  onerror: (() => void) | null = null
  private readonly labelKg: number
  constructor(url: string) {
    this.labelKg = Number(new URL(url, 'http://box').searchParams.get('labelKg'))
    Scale.last = this
  }
  close() {}
  private tell(i: number, massKg: number) {
    this.onmessage?.({ data: JSON.stringify({ atMs: i * 120, massKg }) })
  }
  async run() {
    for (let i = 0; i < 40; i++) this.tell(i, i < 2 ? 0 : this.labelKg * (1.05 + 0.3 * 0.5 ** i))
    await flushPromises()
  }
}

it('a tray is weighed one lure after another; label and scale stay apart', async () => {
  vi.stubGlobal('EventSource', Scale)
  const tray = find(body, '[data-tray]')
  await press(tray, 'Weigh all')
  const weigh = () => region(document.body, 'Weigh a tray')
  await expect.poll(() => weigh().querySelector('h3')).not.toBeNull()
  const take = () => find(weigh(), 'button', 'Take this weight') as HTMLButtonElement
  expect(take().disabled).toBe(true)
  const taken: string[] = []
  for (let i = 0; i < 2; i++) {
    const name = find(weigh(), 'h3').textContent
    await Scale.last?.run()
    expect(take().disabled).toBe(false)
    await click(take())
    const share = () => (named(name)?.measuredMassKg ?? 0) / (named(name)?.massKg ?? 1)
    await expect.poll(share).toBeCloseTo(1.05, 3)
    taken.push(name)
  }
  expect(new Set(taken).size).toBe(2)
  await expect.poll(() => weigh().querySelectorAll('tbody tr').length).toBe(2)
  for (const name of taken) {
    const lure = named(name)
    expect(lure?.massKg).toBe(demoWorld(DAY).box.lures.find((l) => l.name === name)?.massKg)
  }
  Scale.last?.onerror?.()
  await flushPromises()
  expect(weigh().querySelector('[role=status]')?.textContent).toMatch(/scale does not/)
  screen.unmount()
  vi.unstubAllGlobals()
})

import { flushPromises } from '@vue/test-utils'
import { afterEach, beforeEach, expect, it, vi } from 'vitest'
import { broke, find, field, mountScreen, openWorld, press, type } from '~/testing/mount'
import { nothingUnsaved } from '~/composables/useUnsaved'
import BoxPage from '~/pages/box/index.vue'
import PartsPage from '~/pages/box/parts.vue'
import RigsPage from '~/pages/box/rigs.vue'
import RulesPage from '~/pages/rules/index.vue'
import PlacesPage from '~/pages/water/places.vue'
import PastPage from '~/pages/outing/[id].vue'
import { useCommands } from '~/stores/commands'
import { useOutings } from '~/stores/outings'
import { repository } from '~/stores/repository'
import { useUpdates } from '~/stores/updates'

let box: Awaited<ReturnType<typeof openWorld>>
beforeEach(async () => {
  for (const { key } of await repository.drafts()) await repository.dropDraft(key)
  box = await openWorld()
})
/** What nobody waits for is told by the page as a whole. */
const unheard = (reason: unknown) => void useCommands().tell(reason)
beforeEach(() => void process.on('unhandledRejection', unheard))
afterEach(() => void process.off('unhandledRejection', unheard))
const kept = async () => (await repository.drafts()).map((d) => d.key)

/** Each form that is typed into: how it is opened, what is typed, and where it is found again. */
const FORMS = [
  { name: 'a tray', page: BoxPage, open: /^Add a tray/, label: 'Name', key: 'trays:new', offered: true },
  { name: 'a rod', page: PartsPage, open: /^Add a rod/, label: 'Name', key: 'rods:new', offered: true },
  { name: 'a rig', page: RigsPage, open: /^Build a rig/, label: 'Name', key: 'rigs:new', offered: true },
  {
    name: 'a rule',
    page: RulesPage,
    open: /^Write a rule/,
    label: 'The rule in a sentence',
    key: 'rules:new',
    offered: true,
  },
  { name: 'a place', page: PlacesPage, open: null, label: 'Note', key: /^places:/, offered: false },
] as const

it.each(FORMS)('$name: what is typed is there again after the page is left', async (form) => {
  const typed = 'Half a wo'
  const first = await mountScreen(form.page)
  if (form.open) await press(first.body, form.open)
  await expect.poll(() => field(first.body, form.label)).toBeTruthy()
  expect(nothingUnsaved()).toBe(true)
  await type(first.body, form.label, typed)
  expect(nothingUnsaved()).toBe(false)
  await expect.poll(kept).toEqual([expect.stringMatching(form.key)])
  // As if the page were closed: it is mounted anew.
  const second = await mountScreen(form.page)
  if (form.offered) {
    await expect.poll(() => second.body.textContent).toContain('and had not saved it')
    await press(second.body, 'Carry on')
  }
  await expect.poll(() => field(second.body, form.label).value).toBe(typed)
  expect(second.body.textContent).toContain('You typed this before and had not saved it.')
  await press(second.body, 'Start over')
  expect(field(second.body, form.label).value).not.toBe(typed)
  await expect.poll(kept).toEqual([])
})

it('a note of a day is kept while it is typed, and given up once it is stored', async () => {
  useOutings().open(broke)
  await expect.poll(() => useOutings().all.length).toBeGreaterThan(0)
  const [outing] = useOutings().newest
  const { body } = await mountScreen(PastPage, {}, `/outing/${outing?.id}`)
  const note = find(body, 'textarea') as HTMLTextAreaElement
  note.value = 'Fog till nine'
  note.dispatchEvent(new Event('input'))
  await expect.poll(kept).toEqual([`notes:${outing?.id}`])
  note.dispatchEvent(new Event('change'))
  await expect.poll(() => useOutings().all.find((o) => o.id === outing?.id)?.note).toBe('Fog till nine')
  await expect.poll(kept).toEqual([])
  expect(nothingUnsaved()).toBe(true)
})

it('what was saved is kept no longer; what could not be saved is', async () => {
  const { body } = await mountScreen(BoxPage)
  await press(body, /^Add a tray/)
  await type(body, 'Name', 'Tin of ends')
  const put = vi.spyOn(IDBObjectStore.prototype, 'put').mockImplementation(() => {
    throw new DOMException('full', 'QuotaExceededError')
  })
  await press(body, 'Add to the box')
  await expect.poll(() => useCommands().failure?.problem.code).toBe('full')
  put.mockRestore()
  await flushPromises()
  expect(await kept()).toEqual(['trays:new'])
  await press(body, 'Add to the box')
  await expect.poll(() => box.box.trays.some((t) => t.name === 'Tin of ends')).toBe(true)
  await expect.poll(kept).toEqual([])
})

it('an update loads the page anew, but never over what is being typed', async () => {
  const reload = vi.fn()
  vi.stubGlobal('location', { ...window.location, reload })
  try {
    const updates = useUpdates()
    updates.tookOver()
    expect(reload).toHaveBeenCalledTimes(1)
    const { body } = await mountScreen(PlacesPage)
    await type(body, 'Note', 'Ask the warden')
    updates.tookOver()
    await flushPromises()
    expect(reload).toHaveBeenCalledTimes(1)
    expect(updates.inPlace).toBe(true)
  } finally {
    vi.unstubAllGlobals()
  }
})

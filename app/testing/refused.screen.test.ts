import { flushPromises } from '@vue/test-utils'
import { afterEach, beforeEach, expect, it, vi } from 'vitest'
import { emptyWorld } from '../../core/demo/world'
import { writeGpx } from '../../core/exchange'
import { sayFailure } from '../../words'
import { DAY, click, field, find, giveFile, broke, mountScreen, openWorld, press, region, type } from '~/testing/mount'
import FailureNotice from '~/components/FailureNotice.vue'
import TopBar from '~/components/TopBar.vue'
import FilesPage from '~/pages/box/files.vue'
import BoxPage from '~/pages/box/index.vue'
import PartsPage from '~/pages/box/parts.vue'
import OutingPage from '~/pages/outing/index.vue'
import PastPage from '~/pages/outing/[id].vue'
import PlacesPage from '~/pages/water/places.vue'
import { useBox } from '~/stores/box'
import { Told, useCommands } from '~/stores/commands'
import { useHistory } from '~/stores/history'
import { useMatch } from '~/stores/match'
import { useOutings } from '~/stores/outings'
import { repository } from '~/stores/repository'
import { useSettings } from '~/stores/settings'
import { useWater } from '~/stores/water'

/** Every kind of change, with a browser that has no room left: each is told, nothing looks done, and what was typed is still there. */
const { put, add, delete: remove, clear } = IDBObjectStore.prototype
function refuse() {
  const full = () => {
    throw new DOMException('no room', 'QuotaExceededError')
  }
  Object.assign(IDBObjectStore.prototype, { put: full, add: full, delete: full, clear: full })
}
function allow() {
  Object.assign(IDBObjectStore.prototype, { put, add, delete: remove, clear })
}
/** What nobody waits for is told by the page as a whole. */
const unheard = (reason: unknown) => void useCommands().tell(reason)
beforeEach(async () => {
  allow()
  await openWorld()
  for (const draft of await repository.drafts()) await repository.dropDraft(draft.key)
  await useSettings().load()
  useOutings().open(broke)
  await expect.poll(() => useOutings().status.state).toBe('ready')
  useCommands().failure = null
  process.on('unhandledRejection', unheard)
  vi.spyOn(console, 'warn').mockImplementation(() => undefined)
  vi.spyOn(console, 'error').mockImplementation(() => undefined)
})
afterEach(async () => {
  allow()
  await flushPromises()
  process.off('unhandledRejection', unheard)
  vi.restoreAllMocks()
})

/** Does it while nothing can be stored; what is stored has to be what it was, and the failure told with what it was. */
async function refused(what: RegExp, does: () => Promise<unknown> | undefined) {
  const before = await repository.readAll()
  refuse()
  await Promise.resolve(does()).catch((error: unknown) => {
    expect(error).toBeInstanceOf(Told)
  })
  await expect.poll(() => useCommands().failure?.problem).toEqual({ code: 'full' })
  const failure = useCommands().failure
  if (!failure) throw new Error('nothing was told')
  expect(sayFailure(failure.what, failure.problem)).toMatch(what)
  expect(sayFailure(failure.what, failure.problem)).toMatch(/was not stored.*no room left.*try again/s)
  allow()
  expect(await repository.readAll()).toEqual(before)
  expect(useCommands().pending).toBe(0)
}
const formOf = () => document.querySelector('.v-overlay--active form')
async function openLure(name = 'Pirrip 7') {
  const { body } = await mountScreen(BoxPage, {}, `/box?lure=${useBox().box.lures.find((l) => l.name === name)?.id}`)
  await expect.poll(formOf).not.toBeNull()
  return body
}

it('a lure saved: the form stays, with what was typed, and its draft', async () => {
  await openLure()
  await type(document.body, 'Name', 'Pirrip renamed')
  await refused(/“Changed Pirrip renamed”/, () => press(document.body, 'Save'))
  expect(field(document.body, 'Name').value).toBe('Pirrip renamed')
  await press(document.body, 'Save')
  await expect.poll(() => useBox().box.lures.some((l) => l.name === 'Pirrip renamed')).toBe(true)
  await expect.poll(() => repository.drafts()).toEqual([])
})
it('a lure removed, and one doubled: the form stays', async () => {
  await openLure()
  await refused(/“Removed Pirrip 7”/, () => press(document.body, 'Remove'))
  expect(formOf()).not.toBeNull()
  useCommands().failure = null
  await refused(/“Added Pirrip 7/, () => press(document.body, 'Duplicate'))
})
it('a part saved: the form stays, with what was typed', async () => {
  const { body } = await mountScreen(PartsPage)
  await click(find(body, '[data-part]'))
  await expect.poll(formOf).not.toBeNull()
  await type(document.body, 'Name', 'Rod renamed')
  await refused(/“Changed Rod renamed”/, () => press(document.body, 'Save'))
  expect(field(document.body, 'Name').value).toBe('Rod renamed')
})
it('a place kept, a new one, and one removed', async () => {
  const { body } = await mountScreen(PlacesPage)
  await type(body, 'Name', 'Renamed bay')
  await refused(/“Changed Renamed bay”/, () => press(body, 'Save'))
  expect(field(body, 'Name').value).toBe('Renamed bay')
  useCommands().failure = null
  await refused(/place/, () => press(body, 'New place'))
  useCommands().failure = null
  await refused(/“Removed Lake/, () => press(body, /^Remove/))
})
it('places from a GPX file', async () => {
  const { body } = await mountScreen(PlacesPage)
  const [place] = useBox().places
  if (!place) throw new Error('no place')
  const gpx = writeGpx([{ ...place, name: 'Elsewhere', latDeg: 12, lonDeg: 3 }])
  await refused(/marks\.gpx/, () => giveFile(body, 'GPX file', 'marks.gpx', gpx))
})
it('another place for today, units and colours go back to what they were', async () => {
  const settings = useSettings()
  const { body } = await mountScreen(TopBar)
  const before = { system: settings.system, night: settings.night, placeId: settings.placeId }
  await refused(/The choice/, () => click(find(body, 'button.units')))
  await expect.poll(() => settings.system).toBe(before.system)
  useCommands().failure = null
  await refused(/The choice/, () => click(find(body, 'button[aria-label="Night colours"]')))
  await expect.poll(() => settings.night).toBe(before.night)
  useCommands().failure = null
  const other = useBox().places.find((p) => p.id !== useWater().place?.id)
  await refused(/The choice/, () => useWater().goTo(other?.id ?? ''))
  await expect.poll(() => settings.placeId).toBe(before.placeId)
})
it('today’s water: what was set stays in the hand', async () => {
  useWater().change({ visibilityM: 1.9 })
  await refused(/Today’s water/, () => useWater().store())
  expect(useWater().current?.visibilityM).toBe(1.9)
})
it('the demo and the empty box: asked, refused, and the box as it was', async () => {
  const { body } = await mountScreen(FilesPage)
  await press(body, 'Start an empty box')
  await refused(/Started an empty box/, () => press(document.body, 'Replace everything'))
  expect(document.body.textContent).toContain('Replace everything')
})
it('undo: the step stays to be taken back', async () => {
  const [lure] = useBox().box.lures
  if (!lure) throw new Error('no lure')
  await useBox().save('lures', { ...lure, name: 'Renamed' })
  await refused(/“Undo: Changed Renamed”/, () => useHistory().undo())
  await useHistory().undo()
  await expect.poll(() => useBox().lureById.get(lure.id)?.name).toBe(lure.name)
})
it('a day note, and an outing removed', async () => {
  const [outing] = useOutings().newest
  if (!outing) throw new Error('no outing')
  const { body } = await mountScreen(PastPage, {}, `/outing/${outing.id}`)
  await refused(/note/i, () => type(body, 'Note', 'What a day'))
  expect(field(body, 'Note').value).toBe('What a day')
  useCommands().failure = null
  await refused(/Removed the outing/, () => press(body, 'Remove the outing'))
  expect(useOutings().all.some((o) => o.id === outing.id)).toBe(true)
})
it('an outing started, and an entry of it', async () => {
  useMatch().start()
  const { body } = await mountScreen(OutingPage)
  await expect.poll(() => body.querySelector('.go')?.textContent?.trim()).toMatch(/^Start with/)
  await press(body, /^Start with/)
  await refused(/Started an outing/, () => press(body, 'Start as it is set'))
  useCommands().failure = null
  await press(body, /^Start with/)
  await press(body, 'Start, for now')
  await expect.poll(() => body.querySelector('.thumb .cast')).not.toBeNull()
  const cast = find(body, '.thumb .cast')
  await refused(/cast/i, () => click(cast))
  await expect.poll(() => find(body, '.thumb [role=status]').textContent).toMatch(/not|again/i)
})
it('rules, measurements, the bin', async () => {
  const box = useBox()
  await refused(/Switched off/, () => box.putPractice({ weights: { 'cloud-gold': 0 } }, 'Switched off a rule'))
  useCommands().failure = null
  const [lure] = box.box.lures
  if (!lure) throw new Error('no lure')
  await box.remove('lures', [lure])
  await expect.poll(() => box.bin.length).toBe(1)
  await refused(/Put back/i, () => box.restore(box.bin))
  useCommands().failure = null
  await refused(/bin/i, () => box.emptyBin())
  useCommands().failure = null
  await refused(/Moved/, () => box.move(box.box.lures.slice(0, 2), null, null))
})
it('a backup brought back', async () => {
  await useBox().replace(emptyWorld(DAY), 'Started an empty box')
  const { body } = await mountScreen(FilesPage)
  await expect.poll(() => region(body, 'Backups in this browser').querySelectorAll('li').length).toBeGreaterThan(0)
  await refused(/Brought back/, () => press(region(body, 'Backups in this browser'), 'Bring back'))
})

it('the notice says it, offers a file as the way out, and goes when it is read', async () => {
  const { body } = await mountScreen(FailureNotice)
  expect(body.querySelector('[role=alert]')).toBeNull()
  useCommands().tell(new DOMException('no room', 'QuotaExceededError'), 'Changed Pirrip')
  await flushPromises()
  const notice = find(body, '[role=alert]')
  expect(notice.textContent).toMatch(/“Changed Pirrip” was not stored/)
  expect(notice.querySelectorAll('button')).toHaveLength(2)
  useCommands().tell(new Error('something odd'))
  await flushPromises()
  expect(notice.textContent).toContain('something odd')
  await press(notice, 'Close')
  expect(body.querySelector('[role=alert]')).toBeNull()
})

import { beforeEach, expect, it } from 'vitest'
import { emptyWorld } from '../../core/demo/world'
import { DAY, choose, click, field, find, mountScreen, openWorld, press, region, type } from '~/testing/mount'
import RigForm from '~/components/box/RigForm.vue'
import WaterForm from '~/components/water/WaterForm.vue'
import MatchPage from '~/pages/index.vue'
import PartsPage from '~/pages/box/parts.vue'
import type { useBox } from '~/stores/box'
import { useHistory } from '~/stores/history'
import { useMatch } from '~/stores/match'
import { useSettings } from '~/stores/settings'
import { useWater } from '~/stores/water'
import type { Rig } from '../../core/tackle'

/** The match as its page shows it, asked of the worker’s own functions. */
let box: ReturnType<typeof useBox>
beforeEach(async () => {
  box = await openWorld()
  await useSettings().load()
  useMatch().start()
})
async function matchPage() {
  const { body } = await mountScreen(MatchPage)
  await expect.poll(() => useMatch().status).toBe('ready')
  await expect.poll(() => body.querySelector('.rigline')).not.toBeNull()
  return body
}
const ranked = (body: ParentNode) =>
  [...region(body, 'Ranking').querySelectorAll<HTMLElement>('[data-lure]')].map((r) => r.dataset.lure ?? '')
const answered = (body: ParentNode) => find(body, 'article h2').textContent.trim()
const number = (text: string) => Number(text.replace('−', '-').replace('+', '').trim())

it('another lure is looked at, and stays looked at while the water changes', async () => {
  const body = await matchPage()
  expect(answered(body)).toBe(ranked(body)[0])
  const third = ranked(body)[2] ?? ''
  await click(find(region(body, 'Ranking'), `[data-lure="${third}"]`))
  expect(answered(body)).toBe(third)
  const before = useMatch().answer
  useWater().change({ visibilityM: 4 })
  await expect.poll(() => useMatch().answer).not.toBe(before)
  await expect.poll(() => answered(body)).toBe(third)
})

it('sizes and colours behind a place are opened with scores of their own, and can be looked at', async () => {
  const body = await matchPage()
  await press(body, /more sizes? (or|and) colours?$/)
  const behind = () => [...body.querySelectorAll<HTMLElement>('.behind li button')]
  await expect.poll(() => behind().length).toBeGreaterThan(0)
  const [first] = behind()
  if (!first) throw new Error('nothing stands behind')
  expect(number(find(first, 'b').textContent)).toBeGreaterThanOrEqual(0)
  const name = find(first, 'span').firstChild?.textContent?.trim() ?? ''
  await click(first)
  await expect.poll(() => answered(body)).toBe(name)
  await press(body, 'Close')
  await expect.poll(() => behind().length).toBe(0)
})

it('points shown add up to the score shown', async () => {
  const body = await matchPage()
  const answer = find(body, 'article')
  const score = number(find(answer, 'header .points b').textContent)
  const lost = () => [...answer.querySelectorAll('.link .points')].map((p) => number(p.textContent))
  const sum = (all: number[]) => all.reduce((a, b) => a + b, 0)
  // Each figure is rounded to a tenth for reading.
  const addsUp = (all: number[]) => expect(Math.abs(score - sum(all) - 100)).toBeLessThan(0.05 * all.length + 0.06)
  addsUp(lost())
  expect(answer.querySelectorAll('.link li').length).toBeLessThanOrEqual(12 + 5)
  await press(answer, /more$/)
  expect(lost().length).toBeGreaterThan(12)
  addsUp(lost())
  const links = [...answer.querySelectorAll('.link h3 b')].map((b) => Number.parseFloat(b.textContent) / 100)
  expect(links).toHaveLength(5)
  expect(Math.abs((100 * links.reduce((a, b) => a * b, 1)) / (useMatch().answer?.against ?? 1) - score)).toBeLessThan(6)
})

it('an empty box is answered with a way on, and so is a box without rods', async () => {
  const body = await matchPage()
  await box.replace(emptyWorld(DAY), 'Started an empty box')
  await expect.poll(() => body.textContent).toContain('Your box is empty')
  expect(find(body, 'a', 'Fill the box').getAttribute('href')).toBe('/box')
  await useHistory().undo()
  await expect.poll(() => ranked(body).length).toBeGreaterThan(0)
  for (const rod of [...box.box.rods]) await box.remove('rods', [rod])
  await expect.poll(() => body.textContent).toContain('there is no rod in the box')
  await press(body, 'Put it in the box')
  await expect.poll(() => ranked(body).length).toBeGreaterThan(0)
  expect(box.box.rods).toHaveLength(1)
})

it('a line taken off its reel is no longer fished, and undo puts it back', async () => {
  const body = await matchPage()
  const rig = () =>
    find(body, '.rigline')
      .textContent.split(' · ')
      .map((t) => t.trim())
  const line = rig().at(-3) ?? ''
  const stored = () => box.box.lines.find((l) => l.name === line)
  expect(stored()?.reelId).toBeTruthy()
  const parts = await mountScreen(PartsPage)
  await click(find(region(parts.body, 'Lines'), `[data-part="${line}"]`))
  await choose(parts.screen, 'On the reel', null)
  await press(parts.body, 'Save')
  await expect.poll(() => stored()?.reelId).toBeNull()
  await expect.poll(() => find(parts.body, `[data-part="${line}"]`).textContent).toContain('In the drawer')
  const without = await matchPage()
  await expect.poll(() => find(without, '.rigline').textContent).not.toContain(line)
  await useHistory().undo()
  await expect.poll(() => find(without, '.rigline').textContent).toContain(line)
})

it('the angler’s own word on season and light goes before the sum', async () => {
  const form = await mountScreen(WaterForm)
  await choose(form.screen, 'Season of the fish', 'winter')
  await choose(form.screen, 'Light', 'night')
  expect(useWater().reading).toMatchObject({ season: 'winter', light: 'night' })
  const body = await matchPage()
  await expect.poll(() => body.textContent).toMatch(/hooks by night/)
})

it('another place brings its own water, and the first is kept as it was left', async () => {
  const { body, screen } = await mountScreen(WaterForm)
  const first = useWater().place?.id
  const shown = () => field(body, 'Temperature').value
  await type(body, 'Temperature', '13.5')
  await expect.poll(() => useWater().current?.waterTempC).toBe(13.5)
  field(body, 'Temperature').blur()
  await choose(screen, 'Place', 'quillskar')
  await expect.poll(() => useWater().place?.id).toBe('quillskar')
  expect(useWater().current?.waterTempC).not.toBe(13.5)
  await expect.poll(shown).not.toBe('13.5')
  await choose(screen, 'Place', first)
  await expect.poll(() => useWater().current?.waterTempC).toBe(13.5)
})

it('a rig is built part by part; every joint answers at once, with its reason; tied, it is ranked', async () => {
  const lure = box.box.lures.find((l) => l.name === 'Shudderkin 10')
  const [like] = box.box.rigs
  if (!lure || !like || !useWater().current) throw new Error('the demo lacks what the rig is made of')
  const empty: Rig = { ...like, id: 'grass', name: '', type: 'jig-trailer', lureId: lure.id, lineId: null, rodId: null }
  const { cover, depthM, visibilityM, mood } = useWater().current ?? {}
  const water = { cover, depthM, visibilityM, mood, toothed: null }
  const { body, screen, emitted } = await mountScreen(RigForm, { rig: empty, adding: true, water })
  const joint = (id: string) => find(body, `[data-joint="${id}"]`)
  const part = (name: string) =>
    Object.values(box.box)
      .flat()
      .find((p) => 'name' in p && p.name === name)?.id
  await choose(screen, 'Trailer', part('Kicking craw 70'))
  expect(joint('bladed-trailer').dataset.verdict).toBe('wrong')
  expect(joint('bladed-trailer').textContent).toContain('deadens a bladed jig. A split tail')
  await choose(screen, 'Trailer', part('Split tail 75'))
  expect(joint('bladed-trailer').dataset.verdict).toBe('good')
  await choose(screen, 'Line', part('Braid 0.23'))
  await choose(screen, 'Rod', part('Reedling 2–10'))
  expect(joint('reel-rod').textContent).toContain('A casting reel does not fit a spinning rod.')
  await choose(screen, 'Rod', part('Oakstave 10–40'))
  expect(joint('reel-rod').dataset.verdict).toBe('good')
  await press(body, 'Add to the box')
  expect(body.textContent).toContain('Give it a name')
  await type(body, 'Name', 'Grass tops')
  await press(body, 'Add to the box')
  const [[rig]] = emitted('save') as [[Rig]]
  await box.save('rigs', rig)
  const match = await matchPage()
  const tied = () => find(region(match, 'Tied already'), 'button', /Grass tops/)
  await expect.poll(() => match.textContent).toContain('Grass tops')
  await click(tied())
  expect(tied().getAttribute('aria-pressed')).toBe('true')
  expect(answered(match)).toBe('Shudderkin 10')
  expect(find(match, '.rigline').textContent).toContain('Oakstave 10–40')
})

it('a further part of the page that looks at the answer is no new question', async () => {
  await matchPage()
  const before = useMatch().answer
  expect(before).not.toBeNull()
  useMatch().shown += 1
  await new Promise((resolve) => setTimeout(resolve, 600))
  expect(useMatch().status).toBe('ready')
  expect(useMatch().answer).toBe(before)
  useMatch().shown -= 1
})

import { beforeEach, expect, it } from 'vitest'
import { OPEN_QUESTIONS } from '../../core/match'
import { TECHNIQUES } from '../../core/tackle'
import { choose, click, field, find, mountScreen, openWorld, press, type } from '~/testing/mount'
import RulesPage from '~/pages/rules/index.vue'
import QuestionsPage from '~/pages/rules/questions.vue'
import TechniquesPage from '~/pages/rules/techniques.vue'
import WordsPage from '~/pages/rules/words.vue'
import type { useBox } from '~/stores/box'
import { useHistory } from '~/stores/history'
import { useMatch } from '~/stores/match'
import { useSettings } from '~/stores/settings'

/** Rules as their pages show them: what is kept is heard in the match. */
let box: ReturnType<typeof useBox>
beforeEach(async () => {
  box = await openWorld()
  await useSettings().load()
})
const firstFamily = () => useMatch().rows[0]?.setUp.build.lure.family
const dialog = () => find(document.body, '.v-overlay--active .form')
const keepButton = () => find(dialog(), 'button', 'Keep the rule') as HTMLButtonElement
const preview = () => find(dialog(), '.preview').textContent
function setWeight(weight: string) {
  const slider = find(dialog(), 'input[type=range]') as HTMLInputElement
  slider.value = weight
  slider.dispatchEvent(new Event('input', { bubbles: true }))
}

it('a rule of one’s own: what is missing is named, what it would change is shown, kept it is heard, undone it is gone', async () => {
  useMatch().start()
  // The match is worked out while a view shows it.
  useMatch().shown += 1
  await expect.poll(() => useMatch().status).toBe('ready')
  const { screen, body } = await mountScreen(RulesPage)
  await press(body, 'Write a rule')
  expect(keepButton().disabled).toBe(true)
  expect(preview()).toContain('Name a kind of lure')
  await type(document.body, 'The rule in a sentence', 'Here it is always the spoon.')
  await choose(screen, 'Kinds of lure', ['casting-spoon'])
  setWeight('12')
  await expect.poll(() => dialog().querySelectorAll('.preview li').length).toBe(6)
  expect(preview()).toMatch(/of the first six change their place/)
  expect(keepButton().disabled).toBe(false)
  const before = firstFamily()
  expect(before).not.toBe('casting-spoon')
  await click(keepButton())
  await expect.poll(() => box.practice.own.map((r) => r.sentence)).toEqual(['Here it is always the spoon.'])
  expect(find(body, '.own').textContent).toContain('Here it is always the spoon.')
  await expect.poll(firstFamily).toBe('casting-spoon')
  await useHistory().undo()
  await expect.poll(() => box.practice.own).toEqual([])
  await expect.poll(firstFamily).toBe(before)
  useMatch().shown -= 1
})

it('a condition needs its figure; it is kept in SI, changed, and removed with its rule', async () => {
  const { screen, body } = await mountScreen(RulesPage)
  await press(body, 'Write a rule')
  await type(document.body, 'The rule in a sentence', 'In cold water nothing that races.')
  await choose(screen, 'Add a condition', 'under:waterTempC')
  await choose(screen, 'What it does', 'axis')
  await expect.poll(preview).toMatch(/condition/)
  expect(keepButton().disabled).toBe(true)
  await type(document.body, 'Water temperature under', '50 F')
  await expect.poll(() => keepButton().disabled).toBe(false)
  await click(keepButton())
  await expect.poll(() => box.practice.own.length).toBe(1)
  const [rule] = box.practice.own
  if (!rule) throw new Error('no rule of one’s own')
  const below = (rule.when as { waterTempC: { below: [number, number] } }).waterTempC.below
  expect((below[0] + below[1]) / 2).toBeCloseTo(10, 6)
  await press(find(body, '.own'), 'Change')
  expect(field(document.body, 'Water temperature under').value).toBe('10')
  await type(document.body, 'The rule in a sentence', 'Cold water: slowly.')
  await click(keepButton())
  await expect.poll(() => box.practice.own.map((r) => r.sentence)).toEqual(['Cold water: slowly.'])
  await press(find(body, '.own'), 'Remove')
  await expect.poll(() => box.practice.own).toEqual([])
})

it('rules are sought by their words, and by what is active here', async () => {
  const { screen, body } = await mountScreen(RulesPage)
  const rules = () => body.querySelectorAll('.group [data-rule]')
  const here = rules().length
  expect(here).toBeGreaterThan(20)
  await choose(screen, 'Show', 'all')
  const all = rules().length
  expect(all).toBeGreaterThan(here)
  await type(body, 'Search the rules', 'mud')
  await expect.poll(() => rules().length).toBeLessThan(all)
  for (const rule of rules()) expect(rule.textContent).toMatch(/mud/i)
  await type(body, 'Search the rules', 'trombone')
  await expect.poll(() => body.textContent).toMatch(/No rule fits that/)
  await type(body, 'Search the rules', '')
  await choose(screen, 'Show', 'changed')
  expect(rules()).toHaveLength(0)
  await choose(screen, 'Show', 'here')
  const [first] = rules()
  const weight = first?.querySelector('select')
  if (!weight) throw new Error('a rule without a weight')
  weight.value = '2'
  weight.dispatchEvent(new Event('change', { bubbles: true }))
  await expect.poll(() => Object.values(box.practice.weights)).toEqual([2])
  await choose(screen, 'Show', 'changed')
  await expect.poll(() => rules().length).toBe(1)
})

it('each question has its sides, and says how the water of today decides', async () => {
  const { body } = await mountScreen(QuestionsPage)
  const questions = [...body.querySelectorAll<HTMLElement>('.question')]
  expect(questions.map((q) => q.id)).toEqual(OPEN_QUESTIONS.map((q) => q.id))
  const said = (q: HTMLElement | undefined) =>
    [...(q?.querySelector('.now')?.textContent.matchAll(/(\d+) %/g) ?? [])].map((m) => Number(m[1]))
  for (const q of questions) expect(said(q).reduce((a, b) => a + b, 0)).toBe(100)
  const [first] = questions
  const [, takesFirst, takesSecond, both] = first?.querySelectorAll<HTMLInputElement>('input') ?? []
  if (!first || !takesFirst || !takesSecond || !both) throw new Error('a question without its sides')
  await click(takesFirst)
  await expect.poll(() => said(first)).toEqual([100, 0])
  await click(takesSecond)
  await expect.poll(() => said(first)).toEqual([0, 100])
  await click(both)
  await expect.poll(() => said(first)).toEqual([50, 50])
  expect(box.practice.sides[first.id]).toBe('both')
})

it('the words that stay special are explained', async () => {
  const { body } = await mountScreen(WordsPage)
  const terms = body.querySelectorAll('dt')
  expect(terms.length).toBeGreaterThan(8)
  for (const term of terms) expect(term.nextElementSibling?.textContent.trim().length).toBeGreaterThan(20)
})

it('techniques: found by a word, opened to path, beat and tackle; the rest grows with patience, and follows the day until it is moved', async () => {
  const { body } = await mountScreen(TechniquesPage)
  expect(body.querySelectorAll('[data-technique]').length).toBe(TECHNIQUES.length)
  await type(body, 'Search techniques, lures, what is done', 'jerkbait kick')
  await expect.poll(() => body.querySelectorAll('[data-technique]').length).toBe(1)
  await click(find(body, '[data-technique=kick-up] button'))
  const entry = find(body, '.entry')
  expect(entry.querySelector('svg[role=img]')?.getAttribute('aria-label')).toContain('path')
  expect(entry.textContent).toContain('Tackle for')
  expect(entry.textContent).toContain('Play it')
  const patience = entry.querySelectorAll('input[type=range]')[1] as HTMLInputElement
  const rest = () => Number.parseFloat(entry.querySelectorAll('.figures dd')[1]?.textContent ?? '')
  const rests: number[] = []
  for (const to of ['10', '90']) {
    patience.value = to
    patience.dispatchEvent(new Event('input', { bubbles: true }))
    await expect.poll(() => entry.textContent).toContain(`${to} %`)
    rests.push(rest())
  }
  expect(rests[1]).toBeGreaterThan(rests[0] ?? Infinity)
  await press(body, 'As today')
  await type(body, 'Search techniques, lures, what is done', 'zzz')
  await expect.poll(() => body.textContent).toContain('No technique fits that')
})

it('a technique of one’s own: a copy is changed, what is wrong is said, kept it leads the guide, counts, and is removed', async () => {
  const { body } = await mountScreen(TechniquesPage)
  const own = () => [...body.querySelectorAll('[data-technique^=own-]')]
  expect(body.textContent).toContain('not how the book says')
  await click(find(body, '[data-technique=rip-pause] button'))
  await press(find(body, '[data-technique=rip-pause]'), 'Make it my own')
  const keep = () => find(dialog(), 'button', 'Keep the technique') as HTMLButtonElement
  expect(keep().disabled).toBe(false)
  await type(document.body, 'Name', 'Two snaps, a long rest')
  await type(document.body, 'Longest rest (s)', '1')
  await expect.poll(preview).toContain('from short to long')
  expect(keep().disabled).toBe(true)
  await type(document.body, 'Longest rest (s)', '')
  await expect.poll(preview).toContain('figure is missing')
  await type(document.body, 'Longest rest (s)', '40')
  await expect.poll(() => keep().disabled).toBe(false)
  await click(keep())
  await expect.poll(() => box.practice.techniques.map(({ name }) => name)).toEqual(['Two snaps, a long rest'])
  expect(box.practice.techniques[0]).toMatchObject({ of: 'rip-pause', restS: [0.6, 2.5, 40], likeOriginal: true })
  await expect.poll(own).toHaveLength(1)
  const [first] = own()
  if (!first) throw new Error('no technique of one’s own')
  expect(body.querySelector('[data-technique]')).toBe(first)
  expect(first.textContent).toContain('A copy of “Rip, rip, pause”')
  await press(first as HTMLElement, 'Remove')
  await expect.poll(() => box.practice.techniques).toEqual([])
  await useHistory().undo()
  await expect.poll(own).toHaveLength(1)
})

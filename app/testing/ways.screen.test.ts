import { expect, it, vi } from 'vitest'
import { mountScreen, openWorld } from '~/testing/mount'
import { useWater } from '~/stores/water'
import WaysFields from '~/components/water/WaysFields.vue'
import BoatForm from '~/components/outing/BoatForm.vue'
import AnswerSheet from '~/components/outing/AnswerSheet.vue'
import RigFurther from '~/components/box/RigFurther.vue'
import type { Further } from '../../core/tackle'

const buttons = (body: HTMLElement) => [...body.querySelectorAll<HTMLButtonElement>('button')]
const press = async (body: HTMLElement, name: string) => {
  const found = buttons(body).find((b) => (b.getAttribute('aria-label') ?? b.textContent ?? '').trim() === name)
  if (!found) throw new Error(`no button ${name}: ${buttons(body).map((b) => b.textContent?.trim())}`)
  found.click()
  await nextTick()
}

it('ways of fishing are taken in and out, one always stays, and what still water cannot do is said', async () => {
  await openWorld()
  const water = useWater()
  const c = () => {
    if (!water.current) throw new Error('no water')
    return water.current
  }
  const { body } = await mountScreen(defineComponent({ setup: () => () => h(WaysFields, { c: c() }) }))
  expect(body.textContent).toContain('As usual: cast, pitched and straight down')
  await press(body, 'Trolled')
  expect(c().deliveries).toEqual(['cast', 'pitch', 'vertical', 'troll'])
  for (const way of ['Cast', 'Pitched', 'Straight down', 'Trolled']) await press(body, way)
  expect(c().deliveries).toEqual(['troll'])
  await press(body, 'Swung')
  expect(body.textContent).toContain('Swung: only where water passes')
  await press(body, 'As usual again')
  expect(c().deliveries).toBeNull()
})

it('the boat: pace and line in steps, side and turn; only what is changed is written down', async () => {
  await openWorld()
  const water = useWater()
  const onKeep = vi.fn()
  const { body } = await mountScreen(BoatForm, { boat: {}, paceMps: 1, lineOutM: 30, water: water.current, onKeep })
  const keep = buttons(body).find((b) => b.textContent?.includes('Write it down'))
  expect(keep?.disabled).toBe(true)
  await press(body, 'More: Pace')
  await press(body, 'More: Pace')
  await press(body, 'Inside: slower')
  await press(body, 'Write it down')
  expect(onKeep).toHaveBeenCalledWith({ speedMps: expect.closeTo(1.09, 2), turn: 'inside' })
})

it('of several lures on the line the first is taken to have been taken, unless another is tapped', async () => {
  const onAnswer = vi.fn()
  const lures = [
    { id: 'spoon', name: 'Spoon' },
    { id: 'fly', name: 'Fly' },
  ]
  const { body } = await mountScreen(AnswerSheet, { lures, onAnswer })
  const peck = () => body.querySelector<HTMLButtonElement>('[data-answer=peck]')?.click()
  peck()
  await press(body, 'Fly')
  peck()
  expect(onAnswer.mock.calls).toEqual([
    ['peck', null],
    ['peck', 'fly'],
  ])
})

it('a lure is hung on the line of a rig, where its type has it, and taken off', async () => {
  await openWorld()
  let further: Further[] = []
  const changed = (next: Further[]) => (further = next)
  const mounted = async (type: 'spoon-fly' | 'umbrella') =>
    (await mountScreen(RigFurther, { type, modelValue: further, 'onUpdate:modelValue': changed })).body
  await press(await mounted('spoon-fly'), 'Add a lure to this line')
  expect(further[0]).toMatchObject({ at: 'behind', metres: 0.8, dummy: false })
  await press(await mounted('umbrella'), 'Add a lure to this line')
  expect(further[1]).toMatchObject({ at: 'arm', metres: 0 })
  await press(await mounted('umbrella'), 'Take off lure 2')
  expect(further.map((f) => f.at)).toEqual(['arm'])
})

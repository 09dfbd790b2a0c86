import { expect, it } from 'vitest'
import type { Lure } from '../../../core/tackle'
import { choose, mountScreen, openWorld, press, type } from '~/testing/mount'
import PartForm from './PartForm.vue'
import SeriesForm from './SeriesForm.vue'

it('a rod upside down is refused at its field, and nothing is saved', async () => {
  const box = await openWorld()
  const [rod] = box.box.rods
  const { body, emitted } = await mountScreen(PartForm, { kind: 'rods', one: 'rod', part: rod })
  await type(body, 'Lures to', '1 g')
  await press(body, 'Save')
  expect(body.textContent).toContain('must be above the lightest lure')
  expect(emitted('save')).toEqual([])
})

it('a rod of one’s own needs a name, and says while it is typed what it is good for', async () => {
  await openWorld()
  const { body, emitted } = await mountScreen(PartForm, { kind: 'rods', one: 'rod', part: null })
  await press(body, 'Add to the box')
  expect(body.textContent).toContain('Give it a name')
  await type(body, 'Name', 'Reedwhip')
  const uses = () => body.querySelector('[role=status]')?.textContent
  const before = uses()
  expect(before).toMatch(/casts \d+ lures of 124/)
  await type(body, 'Lures to', '80 g')
  expect(uses()).not.toBe(before)
  await press(body, 'Add to the box')
  expect(emitted('save')).toMatchObject([[{ name: 'Reedwhip', lureMaxKg: 0.08 }]])
})

it('a body in three colours and two weights is entered at once', async () => {
  const box = await openWorld()
  const lure = box.box.lures.find((l) => l.name === 'Moulting 7')
  const { screen, body, emitted } = await mountScreen(SeriesForm, { lure })
  for (const colour of ['gold', 'black', 'purple']) {
    await choose(screen, 'flank colour', colour)
    await press(body, 'Add the colour')
  }
  await type(body, 'Weights, apart by semicolons: 7 g; 3/8 oz; 14', '1/4 oz; 10 g')
  expect(body.textContent).toContain('6 lures will be added:')
  await press(body, 'Add them')
  const [[made]] = emitted('save') as [[Lure[]]]
  expect(made.map((l) => [l.colour.flank, Math.round(l.massKg * 1e4) / 10])).toEqual(
    ['gold', 'black', 'purple'].flatMap((colour) => [
      [colour, 7.1],
      [colour, 10],
    ]),
  )
  expect(new Set(made.map((l) => l.id)).size).toBe(6)
})

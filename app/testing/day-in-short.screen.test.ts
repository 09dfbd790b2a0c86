import { expect, it } from 'vitest'
import { demoWorld } from '../../core/demo/world'
import { dayEnd } from '../../core/review'
import { trialIn } from '../../core/outing'
import { DAY, mountScreen, openWorld, region } from '~/testing/mount'
import DayInShort from '~/components/outing/DayInShort.vue'

/** A day of the demo as it is told when it is over. */

const world = demoWorld(DAY)
const NOW = `${DAY}T12:00:00+02:00`

it('what caught is told lure by lure, and a comparison that is not settled says what it takes', async () => {
  await openWorld(world)
  const tried = world.outings.find((outing) => trialIn(outing))
  if (!tried) throw new Error('nothing is compared in the demo')
  const { body } = await mountScreen(DayInShort, { outing: tried })
  const said = region(body, 'The day in short').textContent ?? ''
  const { lures, comparison } = dayEnd(tried, world.box, NOW)
  for (const { name, takes } of lures) if (takes > 0) expect(said).toContain(name)
  expect(comparison?.found.verdict).toBeNull()
  expect(said).toMatch(/is not settled|look alike|nothing is settled/)
})

it('a lost lure is told with what is left of it', async () => {
  await openWorld(world)
  const lost = world.outings.find(({ entries }) => entries.some(({ kind }) => kind === 'lost-lure'))
  if (!lost) throw new Error('nothing was lost in the demo')
  const { body } = await mountScreen(DayInShort, { outing: lost })
  expect(region(body, 'The day in short').textContent).toMatch(/Lost \d+ × .*left/)
})

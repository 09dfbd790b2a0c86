import { expect, it } from 'vitest'
import { demoWorld } from '../../core/demo/world'
import { DAY, click, find, mountScreen, openWorld } from '~/testing/mount'
import MatchPage from '~/pages/index.vue'
import { useDoubts } from '~/stores/doubts'
import { useMatch } from '~/stores/match'
import { useSettings } from '~/stores/settings'

it('what it hangs on and what if tell the same borders: they are one sweep', async () => {
  // A small box: every lure is ranked a hundred times.
  const world = demoWorld(DAY)
  await openWorld({ ...world, box: { ...world.box, lures: world.box.lures.filter((_, i) => i % 12 === 3) } })
  await useSettings().load()
  useMatch().start()
  useDoubts().start()
  const { body } = await mountScreen(MatchPage)
  const panel = () => find(body, '[role=tabpanel]')
  await expect.poll(() => body.querySelector('[role=tab]')).not.toBeNull()
  const holds = () => [...body.querySelectorAll('.hangs li')].map((li) => li.textContent.trim())
  await expect.poll(() => holds().find((t) => / (is|stays) first /.test(t)), { timeout: 200_000 }).toBeDefined()
  const said = holds().find((t) => / (is|stays) first /.test(t)) ?? ''
  expect(said).toMatch(/visibility/)
  await click(find(body, '[role=tab]', 'What if'))
  await expect.poll(() => panel().querySelectorAll('.reigns li').length, { timeout: 200_000 }).toBeGreaterThan(0)
  const reigns = [...panel().querySelectorAll('.reigns li')].map((li) => li.textContent)
  const borders = said.match(/\d+(\.\d+)?/g) ?? []
  const first = reigns.find((r) => said.startsWith(r.trim().split(' best from')[0] ?? '-'))
  expect(first).toBeDefined()
  if (/between/.test(said)) for (const border of borders.slice(-4, -2)) expect(first).toContain(border)
  for (const one of reigns) expect(one).toMatch(/best from .* to /)
})

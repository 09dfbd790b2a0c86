import { expect, it } from 'vitest'
import { itemAt } from '../list'
import { kitDay, KIT_SIZE, SEVERAL_WATERS } from '../../testing/kit-days'
import { WORLD } from '../../testing/world'
import { lakeDays, takesRatio, ratioText } from '../../testing/lake-days'

/** Does a kit of the plan take more? Judge: the simulated lake, whose water, sky, mood and likings are drawn by laws that the plan does not know. `npm run bench` has all days and the whole box; here it is every third lure. */

it('over a day of three waters the plan’s kit takes more than one of each family, and not clearly less than the first of the match at noon', () => {
  const box = { ...WORLD.box, lures: WORLD.box.lures.filter((_, i) => i % 3 === 0) }
  const day = kitDay(itemAt(SEVERAL_WATERS, 0), { truthCount: 2, box, worlds: { waters: 3, tastes: 8 } })
  expect(day.kits.plan).toHaveLength(KIT_SIZE)
  const seeds = lakeDays(24)
  const takes = (by: 'plan' | 'noon' | 'families') => seeds.map((seed) => day.takes(by, seed))
  const plan = takes('plan')
  const [overNoon, overFamilies] = (['noon', 'families'] as const).map((by) => takesRatio(plan, takes(by)))
  if (!overNoon || !overFamilies) throw new Error('no ratio')
  console.log(
    `24 days of three waters, plan : noon = ${ratioText(overNoon)}, plan : families = ${ratioText(overFamilies)}`,
  )
  expect(overFamilies.is).toBeGreaterThan(1.15)
  expect(overFamilies.low).toBeGreaterThan(1)
  // A lure that is worked at any tempo serves more waters than it did: the first of noon are nearly as good a kit.
  expect(overNoon.is).toBeGreaterThan(0.85)
}, 480_000)

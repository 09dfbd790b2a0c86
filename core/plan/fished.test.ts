import { expect, it } from 'vitest'
import { itemAt } from '../list'
import { kitDay, KIT_SIZE, SEVERAL_WATERS } from '../../testing/kit-days'
import { WORLD } from '../../testing/world'
import { lakeDays, takesRatio, ratioText } from '../../testing/lake-days'

/** Does a kit of the plan take more? Judge: the simulated lake, whose water, sky, mood and likings are drawn by laws that the plan does not know. `npm run bench` has all days and the whole box; here it is every third lure. */

it('over a day of three waters the plan’s kit takes more than the first of the match at noon, or one of each family', () => {
  const box = { ...WORLD.box, lures: WORLD.box.lures.filter((_, i) => i % 3 === 0) }
  const day = kitDay(itemAt(SEVERAL_WATERS, 0), { truthCount: 2, box, worlds: { waters: 3, tastes: 8 } })
  expect(day.kits.plan).toHaveLength(KIT_SIZE)
  const seeds = lakeDays(24)
  const takes = (by: 'plan' | 'noon' | 'families') => seeds.map((seed) => day.takes(by, seed))
  const plan = takes('plan')
  for (const by of ['noon', 'families'] as const) {
    const ratio = takesRatio(plan, takes(by))
    console.log(`24 days of three waters, plan : ${by} = ${ratioText(ratio)}`)
    expect(ratio.is).toBeGreaterThan(1.15)
    expect(ratio.low).toBeGreaterThan(1)
  }
}, 480_000)

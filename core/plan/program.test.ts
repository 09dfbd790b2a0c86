import load from 'highs'
import { describe, expect, it } from 'vitest'
import { bestOfAll, someKitProblem } from '../../testing/kit-problems'
import { boundByGains, dualBound } from './bound'
import { exchanged } from './exchange'
import { greedyKit } from './greedy'
import { fitsIn, type KitProblem } from './kit-problem'
import { asProgram, kitOf } from './program'

/** The kit as a program. Judges: HiGHS, a general mixed-integer solver that knows nothing of ours; and every kit there is, tried one by one. */

const NOTHING_KNOWN = { never: new Set<number>(), always: new Set<number>() }
const highs = await load()
function solved(problem: KitProblem, known: Parameters<typeof asProgram>[1]) {
  const { Status, Columns } = highs.solve(asProgram(problem, known).text, { mip_rel_gap: 1e-7 })
  const values = Object.fromEntries(
    Object.entries(Columns).map(([name, column]) => [name, 'Primal' in column ? column.Primal : 0]),
  )
  return { status: Status, kit: kitOf(problem, { values }) }
}
const CASES = Array.from({ length: 60 }, (_, seed) =>
  someKitProblem(seed + 1, 5 + (seed % 6), 4 + (seed % 12), 1 + (seed % 4), seed % 3 === 0 ? 0.05 : Infinity),
)

describe('60 small problems', () => {
  it('the solver’s kit is the best of all kits', () => {
    for (const problem of CASES) {
      const { status, kit } = solved(problem, NOTHING_KNOWN)
      expect(status).toBe('Optimal')
      expect(fitsIn(problem, kit.lures)).toBe(true)
      expect(kit.value).toBeCloseTo(bestOfAll(problem), 6)
    }
  })
  it('what the multipliers rule out is in no better kit, and what they hold is in each', () => {
    let ruledOut = 0
    for (const problem of CASES) {
      const kit = exchanged(problem, greedyKit(problem))
      const known = dualBound(problem, kit)
      ruledOut += known.never.size
      const { kit: found } = solved(problem, known)
      expect(Math.max(kit.value, found.value)).toBeCloseTo(bestOfAll(problem), 6)
    }
    expect(ruledOut).toBeGreaterThan(60)
  })
  it('what must come along comes along', () => {
    const [problem] = CASES
    if (!problem) throw new Error('no case')
    const must = [problem.worth.length - 1]
    const held = { ...problem, must, mostKg: Infinity }
    const { kit } = solved(held, { never: new Set(), always: new Set(must) })
    expect(kit.lures).toContain(must[0])
    expect(kit.value).toBeLessThanOrEqual(bestOfAll({ ...problem, mostKg: Infinity }) + 1e-9)
  })
})

it('where weight leaves a gap between kit and bound, the solver closes it', () => {
  const problem = someKitProblem(3, 30, 60, 6, 0.1)
  const kit = exchanged(problem, greedyKit(problem))
  const bound = Math.min(boundByGains(problem, kit), dualBound(problem, kit).bound)
  const { status, kit: found } = solved(problem, dualBound(problem, kit))
  console.log(`kit ${kit.value.toFixed(5)}, solver ${found.value.toFixed(5)}, bound ${bound.toFixed(5)}`)
  expect(status).toBe('Optimal')
  expect(found.value).toBeGreaterThan(kit.value)
  expect(found.value).toBeLessThanOrEqual(bound + 1e-9)
})

import load from 'highs'
import { expect, it } from 'vitest'
import { chooseKit } from './choose'
import { fitsIn, kitValue } from './kit-problem'
import { proveKit, solveKit } from './prove'
import type { Solved } from './program'
import { problemOf, type WorthTable } from './table'
import { someTable } from '../../testing/kit-problems'

/** A kit on any rods, solved to the end. Judge: every kit on every rod, tried. */

const highs = await load()
const solve = (program: string): Promise<Solved> => {
  const { Status, Columns } = highs.solve(program)
  const values = Object.entries(Columns).map(([name, column]) => [name, 'Primal' in column ? column.Primal : 0])
  return Promise.resolve({
    values: Status === 'Infeasible' ? {} : (Object.fromEntries(values) as Record<string, number>),
    optimal: Status === 'Optimal' || Status === 'Infeasible',
  })
}

/** The best of all kits of three on any single rod. */
function bestOfThree(table: WorthTable, limited: Parameters<typeof problemOf>[2]): number {
  return Math.max(
    ...table.outfits.map((_, outfit) => {
      const { problem } = problemOf(table, [outfit], limited)
      const rows = problem.worth.map((_, row) => row)
      const kits = rows.flatMap((a) => rows.flatMap((b) => rows.map((c) => [...new Set([a, b, c])])))
      return Math.max(...kits.filter((kit) => fitsIn(problem, kit)).map((kit) => kitValue(problem, kit)))
    }),
  )
}

it.each([1, 2, 3, 4, 5, 6])('table %i: the solver ends at the best kit, and the bound is its worth', async (seed) => {
  const table = someTable(seed)
  const limited = { limits: { lures: 3, rods: 1, luresKg: seed % 2 ? 0.04 : null, trayIds: null }, pinned: [] }
  const chosen = chooseKit(table, limited, true)
  const bounded = proveKit(table, limited, chosen)
  const best = bestOfThree(table, limited)
  expect(bounded.bound).toBeGreaterThanOrEqual(best - 1e-9)
  const { chosen: found, proof } = await solveKit(table, limited, chosen, bounded, solve)
  // A bound within a twentieth of a per cent counts as met.
  expect(found.kit.value).toBeGreaterThanOrEqual(best / 1.0005 - 1e-9)
  expect(found.kit.value).toBeLessThanOrEqual(best + 1e-9)
  expect(proof.bound).toBeGreaterThanOrEqual(best - 1e-9)
  expect(proof.bound).toBeLessThanOrEqual(best * 1.0005 + 1e-9)
})

it('a solver that comes to no end leaves kit and bound as they were', async () => {
  const table = someTable(3)
  const limited = { limits: { lures: 3, rods: 1, luresKg: 0.04, trayIds: null }, pinned: [] }
  const chosen = chooseKit(table, limited, true)
  const bounded = proveKit(table, limited, chosen)
  const { chosen: found, proof } = await solveKit(table, limited, chosen, bounded, () => Promise.resolve(null))
  expect(found).toEqual(chosen)
  expect(proof.bound).toBe(bounded.bound)
})

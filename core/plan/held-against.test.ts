import { expect, it } from 'vitest'
import { accountOf, isOver } from '../outing'
import { WORLD } from '../../testing/world'
import { heldAgainst } from './held-against'

/** A plan held against the day that was fished from it. */

const outing = WORLD.outings.find(
  (o) => isOver(o) && o.entries.some((e) => e.kind === 'answer' && e.answer === 'landed'),
)
if (!outing) throw new Error('no fish in the demo')
const account = accountOf(outing, outing.entries.at(-1)?.at ?? outing.startedAt)

it('tells what was carried, what was used, and the places in the kit of what was taken', () => {
  const ids = outing.carried.flatMap(({ lureId }) => lureId ?? [])
  const found = heldAgainst({ ...outing, plan: { id: 'p', name: 'p', lureIds: ['not-fished', ...ids] } }, account)
  expect(found?.carried).toBe(ids.length + 1)
  expect(found?.used).toBe(new Set(account.stretches.filter((s) => s.minutes > 0).map((s) => s.carried.lureId)).size)
  expect(found?.caught.length).toBeGreaterThan(0)
  for (const { name, place, takes } of found?.caught ?? []) {
    expect(outing.carried.find(({ lureId }) => lureId === ids[place - 2])?.name).toBe(name)
    expect(takes).toBeGreaterThan(0)
  }
})

it('what was taken and not planned has no place; an outing without a plan is held against nothing', () => {
  const found = heldAgainst({ ...outing, plan: { id: 'p', name: 'p', lureIds: [] } }, account)
  expect(new Set(found?.caught.map(({ place }) => place))).toEqual(new Set([0]))
  expect(heldAgainst({ ...outing, plan: undefined }, account)).toBeNull()
})

import { describe, expect, it } from 'vitest'
import { demoWorld } from '../demo/world'
import { boxTallies, tallyChanges } from './box-effects'
import type { Entry, Outing } from './outing'

const [demo] = demoWorld('2026-06-12').outings
if (!demo) throw new Error('no outing in the demo')
const [first, second] = demo.carried
if (!first?.lureId || !second?.lureId) throw new Error('two lures are needed')
const [A, B] = [first.lureId, second.lureId]

let n = 0
const at = () => ({ id: `e${(n += 1)}`, at: '2026-06-12T10:00:00+02:00' })
const rig = (of: typeof first): Entry => ({ ...at(), kind: 'rig', carriedId: of.id, wayId: of.ways[0]?.id ?? '' })
const landed = (): Entry => ({ ...at(), kind: 'answer', answer: 'landed', aim: null, fish: null })
const lostFish = (): Entry => ({ ...at(), kind: 'answer', answer: 'lost', aim: null, fish: null })
const lostLure = (): Entry => ({ ...at(), kind: 'lost-lure' })
const log = (...entries: Entry[]): Pick<Outing, 'entries' | 'carried'> => ({ carried: demo.carried, entries })

describe('what a log means for the box', () => {
  it('a fish counts on the lure in the hand, a loss too; a fish that came off counts nowhere', () => {
    const tallies = boxTallies(log(rig(first), landed(), lostFish(), rig(second), landed(), landed(), lostLure()))
    expect([...tallies]).toEqual([
      [A, { fish: 1, lost: 0 }],
      [B, { fish: 2, lost: 1 }],
    ])
  })
  it('before anything is in the hand nothing counts', () => {
    expect(boxTallies(log(landed(), lostLure(), rig(first))).size).toBe(0)
  })
  it('a change is the difference: an entry taken out, and back, and a lure that was another after all', () => {
    const [r1, f1, r2, f2] = [rig(first), landed(), rig(second), landed()]
    const whole = log(r1, f1, r2, f2)
    expect([...tallyChanges(whole, log(r1, r2, f2))]).toEqual([[A, { fish: -1, lost: 0 }]])
    expect([...tallyChanges(log(r1, r2, f2), whole)]).toEqual([[A, { fish: 1, lost: 0 }]])
    // Without the second rig its fish was taken by the first.
    expect([...tallyChanges(whole, log(r1, f1, f2))]).toEqual([
      [A, { fish: 1, lost: 0 }],
      [B, { fish: -1, lost: 0 }],
    ])
    expect(tallyChanges(whole, whole).size).toBe(0)
  })
})

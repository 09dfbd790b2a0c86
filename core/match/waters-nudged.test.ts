import { describe, expect, it } from 'vitest'
import { SCENARIOS } from '../../testing/scenarios'
import { faults, nudged } from '../../testing/scenarios/faults'

describe('waters of the trade, nudged', () => {
  it('they hang on no exact figure: a little warmer, murkier and windier, nine in ten still hold', () => {
    // Every sixth; `npm run honest` nudges them all.
    const some = SCENARIOS.filter((_, i) => i % 6 === 1)
    const held = some.filter((s) => faults(s, nudged).length === 0)
    expect(held.length).toBeGreaterThanOrEqual(Math.ceil(0.9 * some.length))
  }, 600_000)
})

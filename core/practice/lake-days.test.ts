import { describe, expect, it } from 'vitest'
import { lakeDays, ratioText, takesOf, takesRatio } from '../../testing/lake-days'

/** `npm run bench` fishes 300 of them, with narrower intervals. */
const DAYS = lakeDays(30)

describe('30 simulated days of six hours', () => {
  it('following the advice catches at least a fifth more than staying with the first choice, and a tenth more than changing at random', () => {
    const advised = takesOf('advised', 'marked', DAYS)
    const overStaying = takesRatio(advised, takesOf('stays', 'marked', DAYS))
    const overRandom = takesRatio(advised, takesOf('random', 'marked', DAYS))
    console.info(`advised : first choice = ${ratioText(overStaying)}; advised : random = ${ratioText(overRandom)}`)
    expect(overStaying.is).toBeGreaterThanOrEqual(1.2)
    expect(overStaying.low).toBeGreaterThan(1.05)
    expect(overRandom.is).toBeGreaterThanOrEqual(1.1)
    expect(overRandom.low).toBeGreaterThan(0.95)
  }, 600_000)
  it('on mild days, where everything takes its share, it still gains', () => {
    const over = takesRatio(takesOf('advised', 'mild', DAYS), takesOf('stays', 'mild', DAYS))
    console.info(`mild days, advised : first choice = ${ratioText(over)}`)
    expect(over.is).toBeGreaterThan(1.05)
  }, 300_000)
  it('the same day fished the same way comes out the same', () => {
    expect(takesOf('advised', 'marked', [5])).toEqual(takesOf('advised', 'marked', [5]))
  })
})

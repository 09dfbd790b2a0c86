import { describe, expect, it } from 'vitest'
import { everyCase } from './cases'
import { LINE_TABLE, lineDifferences } from './differences'
import { followCase } from './follow'

/** In steps of a fiftieth of the cast, or half a second. */
const found = lineDifferences(2)
const of = (...groups: string[]) => found.filter((d) => groups.includes(d.group))
const share = (all: typeof found) => all.filter((d) => d.within).length / all.length
/** The worst first, for whoever has to mend it. */
const worst = (all: typeof found) =>
  all
    .filter((d) => !d.within)
    .sort((a, b) => Math.abs(b.foundM / b.referenceM - 1) - Math.abs(a.foundM / a.referenceM - 1))
    .map((d) => `${d.name}, mark ${d.mark}: ${d.referenceM} m, found ${d.foundM.toFixed(2)} m`)
    .slice(0, 5)
    .join('\n')

describe('the bowed line against the line of lumped masses', () => {
  it('the table holds 286 casts, 898 marks, and is the one that the reference makes', () => {
    expect(LINE_TABLE).toHaveLength(286)
    expect(found).toHaveLength(898)
    const cases = everyCase()
    for (const i of [3, 60, 101, 140, 180, 215, 240, 256, 270]) {
      const { way, ...given } = LINE_TABLE[i] ?? { way: [] }
      expect(given).toEqual(cases[i])
      expect(followCase(cases[i] ?? cases[0]!)).toEqual(way)
    }
  })
  it.each([
    ['sinkers wound in, taut and slack, within 15 % of the depth or 10 cm', ['wind'], 0.97],
    ['divers within 8 % or 10 cm', ['diver'], 0.94],
    ['in a current along, against and across within 15 % or 10 cm', ['flow'], 0.98],
    ['counted down and swung within 15 % or 10 cm', ['count', 'swing'], 0.97],
    ['hops and stops, after many beats, within 15 % or 10 cm', ['hop'], 0.87],
    ['sweeps of a long pull and a long rest, within 15 % or 10 cm', ['sweep'], 0.88],
    ['pitches whose line lies slack, within 15 % or 10 cm', ['pitch'], 0.9],
  ])('%s', (_, groups, least) => {
    expect(share(of(...groups)), worst(of(...groups))).toBeGreaterThanOrEqual(least)
  })
  it('no mark is missed; but for hops, sweeps and pitches none is out by more than a third or 20 cm', () => {
    for (const d of found) expect(d.foundM, d.name).toBeGreaterThanOrEqual(0)
    for (const d of of('wind', 'diver', 'flow', 'count', 'swing'))
      expect(Math.abs(d.foundM - d.referenceM), d.name).toBeLessThan(Math.max(0.2, d.referenceM / 3))
  })
})

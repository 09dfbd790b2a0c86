import { expect, it } from 'vitest'
import { WORLD } from '../../../testing/world'
import { createMatchContext } from '../against'
import { judgedBy } from '../asked'
import { rank } from './rank'

/** A list of twelve against a list of all: what is looked at, thrown and tuned for a few rows must not be another answer than what is for every row. */
it.each([4, 15])('at %i °C whatever is among the first ten of all stands among the first twelve', (waterTempC) => {
  const { box, places, waters } = WORLD
  const [place] = places
  const c = waters.find((w) => w.placeId === place?.id)
  if (!place || !c) throw new Error('the demo lacks a water')
  const usual = judgedBy({ sides: {}, weights: {}, own: [] })
  const ranked = (limit: number) =>
    rank(box, createMatchContext({ ...c, waterTempC }, place, box, { ...usual, against: 1 }), limit)
  const idsOf = ({ setUp, alike }: ReturnType<typeof ranked>[number]) =>
    [setUp.build.lure, ...alike].map(({ id }) => id)
  const short = new Set(ranked(12).flatMap(idsOf))
  const lost = ranked(box.lures.length)
    .slice(0, 10)
    .filter((row) => !idsOf(row).some((id) => short.has(id)))
  expect(lost.map(({ setUp }) => setUp.build.lure.name)).toEqual([])
})

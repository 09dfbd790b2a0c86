import { describe, expect, it } from 'vitest'
import { WORLD } from '../../testing/world'
import { TECHNIQUES, techniqueOf } from '../tackle'
import { OwnTechnique, copyOf, createMatchContext, judgedBy, rank } from '.'

/** Techniques of the angler’s own in the whole match: they count like the others, and no more than that. */

const { box, places, waters } = WORLD
const MODELS = new Set<string>()
const SMALL = { ...box, lures: box.lures.filter(({ family }) => !MODELS.has(family) && MODELS.add(family)) }
const [place] = places
const c = waters.find((w) => w.placeId === place?.id)
if (!place || !c) throw new Error('the demo lacks a water')

function ranked(techniques: readonly OwnTechnique[]) {
  const by = judgedBy({ sides: {}, weights: {}, own: [], techniques: [...techniques] })
  if (!place || !c) throw new Error('no water')
  return rank(SMALL, createMatchContext(c, place, SMALL, { ...by, against: 1 }), 40)
}
const copy = (id: string, over: object = {}) => OwnTechnique.parse({ ...copyOf(techniqueOf(id), `own-${id}`), ...over })
const rowOf = (rows: ReturnType<typeof ranked>, family: string) => {
  const at = rows.findIndex(({ setUp }) => setUp.build.lure.family === family)
  const row = rows[at]
  if (!row) throw new Error(`no ${family}`)
  return { at, chance: row.chance, technique: row.setUp.handling.technique.id, restS: row.setUp.handling.restS }
}

describe('techniques of one’s own in the match', () => {
  const usual = ranked([])

  it('a copy that is not changed changes nothing, of whichever technique it is', () => {
    const copied = ranked(TECHNIQUES.slice(0, 40).map(({ id }) => copy(id)))
    expect(copied.map(({ setUp }) => setUp.build.lure.id)).toEqual(usual.map(({ setUp }) => setUp.build.lure.id))
    // But for what is not thrown any more: a double spends the patience of the original.
    for (const [i, row] of usual.entries())
      expect(Math.abs((copied[i]?.chance ?? 0) / row.chance - 1)).toBeLessThan(0.05)
  })

  it('one that is reached for is what its lure is fished with, and lifts it; with a weight of nothing it does not', () => {
    const reach = { sentence: 'Here I let it hang.', when: {}, weight: 12 }
    const before = rowOf(usual, 'jerkbait')
    const own = `own-${before.technique}`
    const after = rowOf(
      ranked([copy(before.technique, { reach, restS: [0.9, 1, 1.1].map((by) => by * before.restS) })]),
      'jerkbait',
    )
    expect(after.technique).toBe(own)
    expect(after.restS / before.restS).toBeGreaterThan(0.89)
    expect(after.restS / before.restS).toBeLessThan(1.11)
    expect(after.chance).toBeGreaterThan(before.chance)
    const muted = judgedBy({
      sides: {},
      weights: { [own]: 0 },
      own: [],
      techniques: [copy(before.technique, { reach })],
    })
    expect(muted.rules.some(({ id }) => id === own)).toBe(false)
  })

  it('no lure that it is not for is fished so, and none loses a place by a technique that may be left', () => {
    const reach = { sentence: 'Always.', when: {}, weight: 12 }
    const rows = ranked([copy('hop', { families: ['tube'], reach })])
    for (const { setUp } of rows)
      if (setUp.handling.technique.id === 'own-hop') expect(setUp.build.lure.family).toBe('tube')
    for (const { setUp, chance } of usual)
      expect(rows.find((r) => r.setUp.build.lure.id === setUp.build.lure.id)?.chance).toBeGreaterThanOrEqual(
        chance - 1e-6,
      )
  })
})

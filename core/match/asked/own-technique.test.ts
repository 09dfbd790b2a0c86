import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { ROD_POWERS, TECHNIQUES, techniqueOf, workAt } from '../../tackle'
import { OfferTest, workFits } from './offer-test'
import { OwnTechnique, copyOf, rulesOfOwn, techniqueAmong, techniqueOfOwn, techniquesWith } from './own-technique'
import { judgedBy, RULES } from './rules'

const copy = (id: string, over: object = {}): OwnTechnique =>
  OwnTechnique.parse({ ...copyOf(techniqueOf(id), 'own-1'), ...over })
const faults = (id: string, over: object) => {
  const read = OwnTechnique.safeParse({ ...copyOf(techniqueOf(id), 'own-1'), ...over })
  return read.success ? [] : read.error.issues.map(({ path }) => path.join('.'))
}
/** Whether what the register’s rules say of a technique they say of another. */
const isMeant = (id: string, by: ReturnType<typeof techniqueOfOwn>) =>
  workFits(OfferTest.parse({ technique: [id] }), workAt(by, { tempo: 0.5, patience: 0.5 }, [0.4, 1.6]))

describe('a technique of one’s own', () => {
  it.each(TECHNIQUES.map((t) => [t.id, t] as const))(
    '%s: a copy is what it is a copy of, under its own name',
    (id, original) => {
      const { facts, when, ...same } = original
      const made = techniqueOfOwn(OwnTechnique.parse(JSON.parse(JSON.stringify(copyOf(original, 'own-1')))))
      expect(made).toMatchObject({ ...same, id: 'own-1', name: made.name, facts: [], speaksAs: id })
      expect('when' in made).toBe(false)
      for (const tempo of [0, 0.3, 1]) {
        const [a, b] = [made, original].map((t) => workAt(t, { tempo, patience: tempo }, [0.4, 1.6]))
        expect([a?.paceMps, a?.restS]).toEqual([b?.paceMps, b?.restS])
      }
    },
  )

  it('what rules say of its original they say of it, unless it goes its own way', () => {
    expect(isMeant('rip-pause', techniqueOfOwn(copy('rip-pause')))).toBe(true)
    expect(isMeant('own-1', techniqueOfOwn(copy('rip-pause')))).toBe(true)
    expect(isMeant('rip-pause', techniqueOfOwn(copy('rip-pause', { likeOriginal: false })))).toBe(false)
    expect(isMeant('hop', techniqueOfOwn(copy('rip-pause')))).toBe(false)
  })

  it('when it is reached for is a rule of the angler’s own; without one the rules are those of the trade', () => {
    const reach = { sentence: 'Cold water, by hand.', when: { waterTempC: { below: [6, 8] } }, weight: 7 }
    expect(rulesOfOwn(copy('hop'))).toEqual([])
    expect(rulesOfOwn(copy('hop', { reach }))).toMatchObject([
      {
        id: 'own-1',
        sentence: reach.sentence,
        when: reach.when,
        effects: [{ favour: { technique: ['own-1'] }, weight: 7 }],
      },
    ])
    const by = (own: OwnTechnique[]) => judgedBy({ sides: {}, weights: {}, own: [], techniques: own })
    expect(by([copy('hop')]).rules).toBe(RULES)
    expect(by([copy('hop', { reach })]).rules.length).toBe(RULES.length + 1)
    expect(by([copy('hop')]).techniques.map(({ id }) => id)).toEqual(['own-1'])
  })

  it('stands behind those of the register, for its kinds of lure alone', () => {
    const own = techniqueOfOwn(copy('hop', { families: ['tube'] }))
    const ids = (family: 'tube' | 'grub') => techniquesWith([own])(family).map(({ id }) => id)
    expect(ids('tube').at(-1)).toBe('own-1')
    expect(ids('grub')).not.toContain('own-1')
    expect(techniqueAmong([copy('hop')], 'own-1')?.rest).toBe('falls')
    expect(techniqueAmong([copy('hop')], 'drag')).toBe(techniqueOf('drag'))
    expect(techniqueAmong([], 'own-1')).toBe(null)
  })

  it('bad figures are named at their place', () => {
    const beat = (...parts: number[]) => parts.map((part) => ({ does: 'lift', part }))
    expect(faults('hop', { pace: { mps: [1.2, 1, 1.6] } })).toEqual(['pace'])
    expect(faults('hop', { pace: { window: [0, 1] } })).toEqual(['pace'])
    expect(faults('wind', { pace: { window: [0.8, 0.2] } })).toEqual(['pace'])
    expect(faults('hop', { pace: { mps: [0.2, 1, 60] } })).toEqual(['pace.mps.2'])
    expect(faults('hop', { restS: [5, 3, 9] })).toEqual(['restS'])
    expect(faults('hop', { restS: null })).toEqual(['restS'])
    expect(faults('wind', { restS: [1, 2, 3] })).toEqual(['restS'])
    expect(faults('hop', { families: ['topwater-no'] })).toEqual(['families.0'])
    expect(faults('hop', { families: ['crankbait'] })).toEqual(['families'])
    expect(faults('hop', { families: [] })).toEqual(['families'])
    expect(faults('hop', { tackle: { rodM: [2.4, 2] } })).toEqual(['tackle.rodM'])
    expect(faults('hop', { tackle: { power: [ROD_POWERS[3], ROD_POWERS[1]] } })).toEqual(['tackle.power'])
    expect(faults('hop', { beat: beat(0.5, 0.2) })).toEqual(['beat'])
    expect(faults('hop', { beat: beat(0.333, 0.333, 0.334) })).toEqual([])
    expect(faults('hop', { of: 'no-such' })).toEqual(['of'])
    expect(faults('hop', { id: 'hop' })).toEqual(['id'])
    expect(faults('hop', { pullS: Number.NaN })).toEqual(['pullS'])
    expect(faults('hop', { name: ' ' })).toEqual(['name'])
  })

  it('is worked within its own range, whatever that is', () => {
    const mark = fc.double({ min: 0.005, max: 6, noNaN: true })
    const rest = fc.double({ min: 0, max: 120, noNaN: true })
    const share = fc.double({ min: 0, max: 1, noNaN: true })
    const rising = (a: number, b: number) => a - b
    fc.assert(
      fc.property(
        fc.tuple(mark, mark, mark),
        fc.tuple(rest, rest, rest),
        share,
        share,
        (pace, rests, tempo, patience) => {
          const [mps, restS] = [[...pace].sort(rising), [...rests].sort(rising)]
          const work = workAt(techniqueOfOwn(copy('hop', { pace: { mps }, restS })), { tempo, patience }, [0.4, 1.6])
          expect(work.paceMps).toBeGreaterThanOrEqual((mps[0] ?? 0) - 1e-9)
          expect(work.paceMps).toBeLessThanOrEqual((mps[2] ?? 0) + 1e-9)
          expect(work.restS).toBeGreaterThanOrEqual((restS[0] ?? 0) - 1e-9)
          expect(work.restS).toBeLessThanOrEqual((restS[2] ?? 0) + 1e-6)
        },
      ),
    )
  })
})

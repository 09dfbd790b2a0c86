import fc from 'fast-check'
import { expect, it } from 'vitest'
import { anySenseCase, senseFaults } from '../../testing/sense'

/** `npm run honest` sweeps 600. */
it('on random waters with random boxes no row makes less than sense', () => {
  fc.assert(
    fc.property(anySenseCase, (one) => {
      expect(senseFaults(one)).toEqual([])
    }),
    { numRuns: 14 },
  )
})
it('in thick wood no bare treble is put forward first while something guarded is there', () => {
  const inWood = anySenseCase.map((one) => ({ ...one, kind: 'timber' as const, density: 0.8, every: 1 }))
  fc.assert(
    fc.property(inWood, (one) => {
      expect(senseFaults(one)).toEqual([])
    }),
    { numRuns: 6 },
  )
})

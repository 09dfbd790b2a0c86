import { GRAVITY_MPS2 } from '../../constants'
import { familyOf } from '../../tackle'
import { BAG_WATER_KG_M3 } from '../action-scores'
import { fitSwing } from '../fit-cast'
import { always, finding, ofFit, ofMean, type TestDefinition } from './definition'
import type { STRAIN_FORMS } from './kinds'
import { testsOf } from './tests-of'

/** Tests in which a lure is strained: torn by a weight, thrown by a rod. */

export const STRAIN: Readonly<Record<keyof typeof STRAIN_FORMS, TestDefinition>> = {
  tear: {
    applies: (lure) => familyOf(lure.family).body === 'soft',
    finding: (_, known) => finding(known.tear, 'lineStrength'),
    points: (lure, { tests }) =>
      ofMean(
        'tear',
        'lineStrength',
        testsOf(tests, lure.id, 'tear').flatMap((t) =>
          t.readings.map((r) => (r.volumeM3 * BAG_WATER_KG_M3 + t.bagKg) * GRAVITY_MPS2),
        ),
      ),
  },
  cast: {
    applies: always,
    finding: (_, known) => finding(known.cast, 'distance'),
    points: (lure, { tests }, allTests) => {
      const own = testsOf(tests, lure.id, 'cast')
      const casts = own.flatMap((t) => t.readings.map((r) => r.castM))
      const swing = fitSwing([lure], allTests, own[0]?.rodId ?? null)
      return [
        ...ofMean('cast', 'distance', casts),
        ...(casts.length > 0 && swing.n > casts.length ? ofFit('cast-by-rod', 'distance', swing.residuals) : []),
      ]
    },
  },
}

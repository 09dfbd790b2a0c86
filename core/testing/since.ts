import { LABEL_CAST_M } from '../../data/casting'

/** What later versions say more of an older record, filled in: packets' depths are meant for a cast. */
export const withLabelCasts = <L extends { traits: object }>(lures: readonly L[]): L[] =>
  lures.map((lure) =>
    'depthM' in lure.traits ? { ...lure, traits: { ...lure.traits, labelCastM: LABEL_CAST_M } } : lure,
  )

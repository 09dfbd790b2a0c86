import type { Box } from '../box'
import { createMatchContext, rank, judgedBy, USUAL_PRACTICE, type SetUp } from '../match'
import { carry, spotsOf, usualFeature, type Carried, type Outing, type Spot } from '../outing'
import { kinKeyOf } from '../tackle'
import type { Conditions, Place } from '../water'

const CARRIED = 8

export interface LakeDay {
  readonly carried: readonly Carried[]
  readonly spots: readonly Spot[]
  readonly outing: Outing
}

/** A day on the lake: what the match puts first is carried, two stops with their spots are there; nothing is fished yet. */
export function lakeDay(water: Conditions, place: Place, box: Box, sayRig: (setUp: SetUp) => string): LakeDay {
  const context = createMatchContext(water, place, box, {
    ...judgedBy(USUAL_PRACTICE),
    against: 1,
  })
  // One of each model: of a model’s sizes the best.
  const models = new Set<string>()
  const first = rank(box, context, 3 * CARRIED).filter(({ setUp }) => {
    const kin = kinKeyOf(setUp.build.lure)
    return !models.has(kin) && models.add(kin)
  })
  const carried = first.slice(0, CARRIED).map((row, i) => carry(row.setUp, context, `rig-${i + 1}`, sayRig(row.setUp)))
  const feature = usualFeature(water)
  const outing: Outing = {
    id: 'day',
    placeName: place.name,
    water,
    startedAt: '2026-06-12T06:00:00+00:00',
    effortBy: 'clock',
    carried,
    entries: [],
    note: '',
  }
  return { carried, spots: [...spotsOf(1, feature.id), ...spotsOf(2, feature.id).slice(0, 2)], outing }
}

import { createMatchContext, rank, USUAL_PRACTICE, rulesFor } from '../match'
import { carry, spotsOf, usualFeature, type Outing } from '../outing'
import { speciesOf, type Conditions } from '../water'
import type { DayOf } from '../practice/fished-day'
import { WORLD } from './world'

const CARRIED = 8

/** A day at one of the demo's waters: the first places of the match are carried, two stops with their spots are there. */
export function dayAt(placeId: string, over: Partial<Conditions> = {}): DayOf {
  const place = WORLD.places.find((p) => p.id === placeId)
  const water = { ...WORLD.waters.find((w) => w.placeId === placeId), ...over } as Conditions
  if (!place) throw new Error(`${placeId} is not in the demo`)
  const context = createMatchContext(water, place, WORLD.box, {
    sides: USUAL_PRACTICE.sides,
    rules: rulesFor(USUAL_PRACTICE),
  })
  const carried = rank(WORLD.box, context, CARRIED).map((row, i) =>
    carry(row.setUp, context, `rig-${i + 1}`, row.setUp.build.lure.name),
  )
  const feature = usualFeature(water)
  const spots = [...spotsOf(1, feature.id), ...spotsOf(2, feature.id).slice(0, 2)]
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
  return { carried, spots, outing, schooling: speciesOf(water.speciesId)?.isSchooling ?? false }
}

import { lakeDay } from '../core/practice/lake-day'
import type { DayOf } from '../core/practice/fished-day'
import { speciesOf, type Conditions } from '../core/water'
import { WORLD } from './world'

/** A day at one of the demo's waters. */
export function dayAt(placeId: string, over: Partial<Conditions> = {}): DayOf {
  const place = WORLD.places.find((p) => p.id === placeId)
  const water = { ...WORLD.waters.find((w) => w.placeId === placeId), ...over } as Conditions
  if (!place) throw new Error(`${placeId} is not in the demo`)
  const day = lakeDay(water, place, WORLD.box, ({ build }) => build.lure.name)
  return { ...day, schooling: speciesOf(water.speciesId)?.isSchooling ?? false }
}

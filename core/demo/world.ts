import { DEMO_LURES } from '../../data/demo/lures'
import { DEMO_PARTS } from '../../data/demo/parts'
import { DEMO_PLACES, DEMO_WATERS } from '../../data/demo/places'
import { Box, EMPTY_BOX } from '../tackle'
import { Conditions, Place, forageLengthM } from '../water'

export interface World {
  readonly box: Box
  readonly places: Place[]
  readonly waters: Conditions[]
}

function demoPlaces(): Place[] {
  return DEMO_PLACES.map((p) => Place.parse(p))
}

/** Each place as it usually is in the month of a given day. */
function demoWaters(isoDate: string): Conditions[] {
  const month = Number(isoDate.slice(5, 7)) - 1
  return Object.entries(DEMO_WATERS).map(([placeId, { tempByMonthC, forage: kind, ...water }]) =>
    Conditions.parse({
      ...water,
      placeId,
      date: isoDate,
      waterTempC: tempByMonthC[month],
      forage: { kind, lengthM: forageLengthM(kind, isoDate) },
      rodTipM: null,
      seasonAs: null,
      lightAs: null,
    }),
  )
}

/** The demo's world, dated to the day it is opened. */
export function demoWorld(isoDate: string): World {
  return {
    box: Box.parse({ lures: DEMO_LURES, ...structuredClone(DEMO_PARTS) }),
    places: demoPlaces(),
    waters: demoWaters(isoDate),
  }
}

/** An empty box of one's own: places and the rods, reels and lines go too; the waters stay to start from. */
export function emptyWorld(isoDate: string): World {
  return { box: EMPTY_BOX, places: demoPlaces(), waters: demoWaters(isoDate) }
}

import { DEMO_LURES } from '../data/demo/lures'
import { DEMO_PARTS } from '../data/demo/parts'
import { DEMO_PLACES, DEMO_WATERS } from '../data/demo/places'
import { Box, EMPTY_BOX } from '../core/tackle'
import { Conditions, Place } from '../core/water'

export interface World {
  readonly box: Box
  readonly places: Place[]
  readonly waters: Conditions[]
}

function demoPlaces(): Place[] {
  return DEMO_PLACES.map((p) => Place.parse(p))
}

/** Each place as it usually is, on a given day. */
function demoWaters(isoDate: string): Conditions[] {
  return Object.entries(DEMO_WATERS).map(([placeId, water]) =>
    Conditions.parse({ placeId, date: isoDate, rodTipM: null, seasonAs: null, lightAs: null, ...water }),
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

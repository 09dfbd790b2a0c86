import type { Adjustment, Estimate, SeriesTitle } from '../../core/bench'
import type { Basis } from '../../core/motion'
import { showMeasure, type UnitSystem } from '../../core/quantity'
import { read, type Catalogue } from './catalogue'
import { plural } from './grammar'
import { sayMount } from './reasons'

/** What a figure rests on. */
const BASIS: Readonly<Record<Basis, string>> = {
  measured: 'measured',
  fitted: 'fitted',
  labelled: 'from the packet',
  assumed: 'assumed for its family',
}

export function sayBasis({ basis, n }: Pick<Estimate, 'basis' | 'n'>): string {
  return n > 0 ? `${BASIS[basis]}, ${n} ${plural(n, 'reading')}` : BASIS[basis]
}

/** What a picture of readings shows. */
const TITLES: Readonly<Record<SeriesTitle, string>> = {
  fall: 'Seconds of fall, and the fit',
  depth: 'Running depth, and the fit',
  trolled: 'Depth behind a boat, and the fit',
  wound: 'Wound over a ledge, and the fit',
  rest: 'Speed at rest (below zero it rises), and the fit',
  cast: 'Casts, and their mean',
  'cast-by-rod': 'Casts with this rod, and the fit',
  weight: 'Weights, and their mean',
  tear: 'Pull at which it tore, and the mean',
  beats: 'Beats a second, and their mean',
  travel: 'Travel of the tail, and the mean',
  slowest: 'Slowest that works, and the mean',
  fastest: 'Fastest that works, and the mean',
  damped: 'Beats with the trailer, and the mean',
}
export const seriesTitle = (title: SeriesTitle): string => TITLES[title]

/** One thing to change about a cast, as the rest of “to get deeper: …”. */
const ADJUSTMENTS: Catalogue<Adjustment, [system: UnitSystem]> = {
  rod: ({ held }) => `hold the rod ${held}`,
  speed: ({ mps }, system) => `wind at ${showMeasure(mps, 'lureSpeed', system)}`,
  count: ({ seconds }) => `count to ${seconds}`,
  cast: ({ metres }, system) => `cast ${showMeasure(metres, 'distance', system)}`,
  line: ({ name }) => `go to ${name}`,
  weight: ({ kg, nowKg }, system) =>
    `the same at ${showMeasure(kg, 'lureMass', system)} (now ${showMeasure(nowKg, 'lureMass', system)})`,
  rig: ({ build }) => `rig it on ${sayMount({ build }) ?? 'its own hooks'}`,
  lure: ({ name }) => `tie on ${name}`,
}
export const sayAdjustment = (adjustment: Adjustment, system: UnitSystem): string =>
  read(ADJUSTMENTS, adjustment, system)

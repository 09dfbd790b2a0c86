import type { Ranked } from '../../core/match'
import { showMeasure, type UnitSystem } from '../../core/quantity'
import { deliveryOf, type DeliveryId, type Technique, type StandId } from '../../core/tackle'
import { count } from './grammar'

/** How each way of fishing is called, what it is, how a rule speaks of it, and what is counted of it. */
const DELIVERY_WORDS: Readonly<
  Record<DeliveryId, { readonly name: string; readonly about: string; readonly done: string }>
> = {
  cast: { name: 'Cast', about: 'Thrown out and worked home.', done: 'cast out' },
  pitch: { name: 'Pitched', about: 'Swung underhand, a few metres, to cover.', done: 'pitched' },
  vertical: {
    name: 'Straight down',
    about: 'Dropped under the rod, from a boat, a quay or the ice.',
    done: 'under the rod',
  },
  drift: { name: 'Drifted', about: 'Let out behind a boat that slides, held or lifted there.', done: 'drifted' },
  swing: {
    name: 'Swung',
    about: 'Cast across a current, held, and swung round below you.',
    done: 'swung across a current',
  },
  troll: { name: 'Trolled', about: 'Drawn behind a boat on a set length of line.', done: 'trolled' },
  downrigger: {
    name: 'Downrigger',
    about: 'Drawn behind a heavy ball on a cable of its own, at a depth you set.',
    done: 'behind a downrigger',
  },
  'three-way': {
    name: 'Three-way',
    about: 'Hung in the current behind a sinker that stands on its dropper.',
    done: 'on a three-way',
  },
  still: { name: 'Left lying', about: 'Cast or lowered, left alone, lifted a little, left again.', done: 'left lying' },
}

export const deliveryWords = (id: DeliveryId) => DELIVERY_WORDS[id]

const STAND_WORDS: Readonly<Record<StandId, string>> = {
  boat: 'A boat',
  kayak: 'A kayak',
  shore: 'The shore',
  wading: 'Wading',
  held: 'Held in place by neighbours',
  ice: 'The ice',
}
export const sayStand = (stand: StandId | null): string => (stand === null ? 'Not said' : STAND_WORDS[stand])

/** What is counted of a way of fishing: casts, drops, drifts, passes, waits. */
export const EFFORT_WORDS = {
  cast: { noun: 'cast', one: 'A cast', more: (n: number) => count(n, 'cast') },
  drop: { noun: 'drop', one: 'A drop', more: (n: number) => count(n, 'drop') },
  drift: { noun: 'drift', one: 'A drift', more: (n: number) => count(n, 'drift') },
  pass: { noun: 'pass', one: 'A pass', more: (n: number) => count(n, 'pass', 'passes') },
  wait: { noun: 'wait', one: 'A wait', more: (n: number) => count(n, 'wait') },
} as const

/** How it is brought to the fish: the first words of how to fish it. */
export function sayBrought({ setUp, thrown }: Pick<Ranked, 'setUp' | 'thrown'>, system: UnitSystem): string {
  const { plan } = thrown
  const { delivery } = setUp.handling.technique
  const far = showMeasure(plan.castM, 'distance', system)
  switch (delivery) {
    case 'cast':
      return `Cast ${far}`
    case 'pitch':
      return `Pitch ${far}`
    case 'vertical':
      return 'Drop it under the rod'
    case 'still':
      return plan.castM <= 2 ? 'Lower it' : `Cast ${far}`
    case 'drift':
      return `Let out ${far} behind the boat`
    case 'swing':
      return `Cast ${far} across and a little down`
    case 'troll':
      return `Let out ${far} behind the boat`
    case 'downrigger':
      return `Ball at ${showMeasure(plan.ballM ?? 0, 'depth', system)}, ${far} of line behind it`
    case 'three-way':
      return `Cast ${far} up and across, let the sinker stand`
  }
}

/** “ at 1.2 m/s”, where the boat sets the pace. */
export const sayBoatPace = ({ delivery }: Technique, paceMps: number, system: UnitSystem): string =>
  deliveryOf(delivery).pace === 'boat' ? ` at ${showMeasure(paceMps, 'boatSpeed', system)}` : ''

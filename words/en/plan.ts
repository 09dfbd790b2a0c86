import { sayRest } from './tempo'
import type { Covered, EveningJob, Short, Plan } from '../../core/plan'
import { showMeasure, type UnitSystem } from '../../core/quantity'
import { deliveryOfWay, type Way } from '../../core/outing'
import { speciesOf } from '../../core/water'
import { lower, percent } from './grammar'
import { sayCare } from './tackle'
import { deliveryWords } from './deliveries'
import { clockTime } from './time'

/** What a plan says: how near the best it is, what it leaves uncovered, what is to do and to buy. */

/** Less is on top, m. */
const ON_TOP_M = 0.1

/** How a set-up of a plan is worked: “Cast 24 m, count to 8; long lift, full drop, resting 3 s; about 4.4 m down.” */
export function sayWay(way: Way, system: UnitSystem): string {
  const { delivery, countDownS, restS, castM, depthM, name, ballM } = way
  const how = deliveryOfWay({ delivery })
  const cast = how.thrown === 'cast' || how.thrown === 'pitch'
  const start = cast
    ? `Cast ${showMeasure(castM, 'depth', system)}${countDownS > 0 ? `, count to ${countDownS}` : ''}; `
    : `${deliveryWords(how.id).name}${ballM ? `, ball at ${showMeasure(ballM, 'depth', system)}` : ''}; `
  const pause = restS >= 1 ? `, resting ${sayRest(restS)}` : ''
  const down = depthM < ON_TOP_M ? 'on top' : `about ${showMeasure(depthM, 'depth', system)} down`
  return `${start}${lower(name)}${pause}; ${down}.`
}

/** “0.91 of your whole box; no kit of 8 on 2 rods can give more than 0.93.” */
export function sayProof(
  { value, whole, bound }: { readonly value: number; readonly whole: number; readonly bound: number },
  { lures, rods }: Pick<Plan['limits'], 'lures' | 'rods'>,
): string {
  const unit = Math.max(1e-9, whole)
  const [has, most] = [value / unit, bound / unit]
  const on = `${lures} lures on ${rods === 1 ? 'one rod' : `${rods} rods`}`
  if (most - has < 0.005) return `No kit of ${on} from your box is worth more: that is proven.`
  return `No kit of ${on} can give more than ${most.toFixed(2)}.`
}

const LEVELS: Readonly<Record<string, string>> = {
  'clarity murkier': 'the water murkier than you think',
  'clarity clearer': 'the water clearer than you think',
  'depth shallower': 'the fish higher up',
  'depth deeper': 'the fish deeper down',
  'sky otherwise': 'another sky and more wind than told',
  'mood active': 'active fish',
  'mood neutral': 'neutral fish',
  'mood lethargic': 'lethargic fish',
  'mood pressured': 'pressured fish',
}

type Alternative = Plan['legs'][number]['alternatives'][number]

/** One of the waters that an unseen water could be, by its depth, how far one sees and its warmth: “1.4 m, seen 0.6 m, 14 °C”. */
export const sayAlternative = ({ depthM, visibilityM, waterTempC }: Alternative, system: UnitSystem): string =>
  `${showMeasure(depthM, 'depth', system)}, seen ${showMeasure(visibilityM, 'depth', system)}, ${showMeasure(waterTempC, 'waterTemp', system)}`

/** What may be, as a level: “the water murkier than you think”, “pike”. */
export function sayLevel(
  of: Covered['of'],
  id: string,
  { added, legs }: Pick<Plan, 'added' | 'legs'>,
  system: UnitSystem,
): string {
  if (of === 'fish') return speciesOf(id)?.name.toLowerCase() ?? id
  const water = of === 'water' && legs.flatMap(({ alternatives }) => alternatives).find((one) => one.id === id)
  if (water) return `a water of ${sayAlternative(water, system)}`
  if (of === 'added') return added.find((one) => one.id === id)?.name ?? id
  return LEVELS[`${of} ${id}`] ?? 'as you think'
}

/** The names of levels where they are weighed. */
const WEIGHED: Readonly<Record<string, string>> = {
  'clarity murkier': 'Murkier',
  'clarity as-told': 'As you think',
  'clarity clearer': 'Clearer',
  'depth shallower': 'Shallower',
  'depth as-told': 'Where they usually hold',
  'depth deeper': 'Deeper',
  'sky as-told': 'As forecast',
  'sky otherwise': 'Otherwise, windier',
  'mood active': 'Active',
  'mood neutral': 'Neutral',
  'mood lethargic': 'Lethargic',
  'mood pressured': 'Pressured',
}
export const levelName = (factor: string, id: string): string =>
  factor === 'fish' ? (speciesOf(id)?.name ?? id) : (WEIGHED[`${factor} ${id}`] ?? id)

const FACTOR_NAMES: Readonly<Record<string, string>> = {
  clarity: 'Clarity of the water',
  depth: 'Depth of the fish',
  sky: 'Sky and wind',
  mood: 'Mood of the fish',
  fish: 'Fish',
  water: 'The water you have not seen',
}
export const factorName = (factor: string): string => FACTOR_NAMES[factor] ?? factor

/** “Needle 170: fill it with 21 g for 05:00–07:00”; where it hangs on no rod, what is in it is looked at. */
function sayLoad({ name, kg, hours }: Extract<EveningJob, { code: 'load' }>, system: UnitSystem): string {
  const filler = showMeasure(kg, 'lureMass', system)
  if (hours.length === 0) return `${name}: check that it holds ${filler} of filler`
  const when = hours.map(({ fromH, toH }) => sayHours(fromH, toH)).join(', ')
  return kg === 0 ? `${name}: empty for ${when}` : `${name}: fill it with ${filler} for ${when}`
}

/** A job of the evening before. */
export function sayJob(job: EveningJob, system: UnitSystem): string {
  switch (job.code) {
    case 'load':
      return sayLoad(job, system)
    case 'twin':
      return job.along
        ? `${job.name} and ${job.twin}: silver and gold, rig them on two rods`
        : `${job.name}: its twin ${job.twin} stays at home; lay it in if there is room`
    case 'dry':
      return `${job.name}: scented, pack it apart and dry`
    case 'singles':
      return `${job.name}: change the trebles to single hooks`
    case 'care':
      return `${job.name}: ${sayCare(job.care)}`
  }
}

/** What must be bought: “2 × Stubling 10”. */
export const sayShort = ({ name, more }: Short): string => `${more} × ${name}`

/** “05:00–08:00” */
export const sayHours = (fromH: number, toH: number): string => `${clockTime(fromH)}–${clockTime(toH)}`

/** A share that is added: “7 %”, and nothing rounded to none. */
export const sayShare = (share: number): string => (share < 0.005 ? `under ${percent(0.01)}` : percent(share))

/** What a lure of the kit adds, and what would be lost without it. */
export const sayAdds = (adds: number, without: number): string =>
  `adds ${percent(adds)}; ${percent(without)} lost without it`

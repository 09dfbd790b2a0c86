import type { Conditions } from '../water'
import { deliveryOfWay, type Aim, type Carried, type Way } from './outing'
import { VARIABLES, type Variable } from './variables'
import type { Spot } from './account'
import type { z } from '../zod'

/**
 * What can be turned, as steps: a rig fished in a way at a spot stands on one step of each variable. Variables in order have numbers for steps, so
 * that neighbours can tell something of each other; the others have names. Empty where nothing can be said.
 */
export type Levels = Readonly<Record<Variable, string>>

/** Variables whose steps lie in order. */
export const ORDERED: ReadonlySet<Variable> = new Set<Variable>(['depth', 'speed', 'cadence', 'size', 'fall', 'action'])

/** Upper ends of the steps, tunable: pull in m/s, pause in s, thump 0 … 1, depth as a share of the water. */
const SPEED_STEPS = [0.35, 0.8] as const
const PAUSE_STEPS = [0.2, 2.6, 7] as const
const THUMP_STEPS = [0.34, 0.67] as const
const DEPTH_STEPS = [0.34, 0.67] as const
/** A step of size is a third longer: less is hardly seen as another size. */
const SIZE_STEP = Math.log(4 / 3)
const SIZE_FROM_M = 0.03

const step = (value: number, ends: readonly number[]) => String(ends.filter((end) => value > end).length)

export const sizeStep = (lengthM: number): number => Math.round(Math.log(lengthM / SIZE_FROM_M) / SIZE_STEP)

/** What falls by less hangs; a step of fall is half as fast again: a quarter of the weight more is not seen. */
const HANGS_MPS = 0.02
const FALL_FROM_MPS = 0.1
const FALL_STEP = Math.log(1.5)
/** 0 hangs or floats; then up by steps. */
const fallStep = (fallMps: number): number =>
  fallMps <= HANGS_MPS ? 0 : 1 + Math.max(0, Math.round(Math.log(fallMps / FALL_FROM_MPS) / FALL_STEP))

/** Length in the middle of a step of size, m. */
export const sizeOfStep = (step: number): number => SIZE_FROM_M * Math.exp(step * SIZE_STEP)

export const spotKey = ({ stop, featureId, spotId }: Spot): string => `${stop}:${featureId}:${spotId}`

export interface Fished {
  readonly carried: Carried
  readonly way: Way
  readonly spot: Spot | null
  readonly aim?: z.infer<typeof Aim> | null
}

export function levelsOf({ carried, way, spot, aim }: Fished, { depthM }: Pick<Conditions, 'depthM'>): Levels {
  return {
    place: spot ? spotKey(spot) : '',
    depth: step(way.depthM / depthM, DEPTH_STEPS),
    speed: isDrawn(way) ? String(Math.round(way.paceMps / BOAT_STEP_MPS)) : step(way.paceMps, SPEED_STEPS),
    cadence: step(way.restS, PAUSE_STEPS),
    size: String(sizeStep(carried.lengthM)),
    fall: String(fallStep(carried.fallMps)),
    colour: carried.colour,
    action: step(carried.vibration, THUMP_STEPS),
    sound: carried.sound,
    direction: aim === null || aim === undefined ? '' : String(aim),
    family: carried.family,
  }
}

/** Drawn by a boat: then a fifth of a mile an hour is another pace (common practice). */
export const isDrawn = (way: Pick<Way, 'delivery'>): boolean => deliveryOfWay(way).pace === 'boat'
export const BOAT_STEP_MPS = 0.0894

/** Variables on which two differ. */
export function differing(a: Levels, b: Levels): Variable[] {
  return VARIABLES.filter((v) => a[v] !== '' && b[v] !== '' && a[v] !== b[v])
}

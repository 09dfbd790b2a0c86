import type { Season } from './conditions'
import type { Species } from './species'

/** Lakes warm from late winter until the height of summer: mid February to the end of July in the north, half a year later in the south. */
export function waterWarms(isoDate: string, latDeg: number): boolean {
  const month = Number(isoDate.slice(5, 7))
  const day = Number(isoDate.slice(8, 10))
  const northern = (month > 2 || (month === 2 && day >= 15)) && month <= 7
  return latDeg >= 0 ? northern : !northern
}

/** How far from the spawning band fish begin to gather, and leave it again, °C (common practice). */
const GATHER_C = 6
const RECOVER_C = 4
/** Falling water counts as autumn once it is under the warm edge of the feeding range by this much, and as winter below 5 °C. */
const AUTUMN_STEP_C = 3
const WINTER_C = 5

/**
 * Season of a species' year from water temperature and its trend.
 *
 * @param waterTempC °C
 * @param warms whether the water is on its way up
 */
export function seasonOf(species: Species, waterTempC: number, warms: boolean): Season {
  const [spawnLow, spawnHigh] = species.spawnC
  const warmEdge = species.activeC[2] - AUTUMN_STEP_C
  if (species.spawnsOn === 'rising') {
    if (warms) {
      if (waterTempC < spawnLow - GATHER_C) return 'winter'
      if (waterTempC < spawnLow) return 'pre-spawn'
      if (waterTempC <= spawnHigh) return 'spawn'
      return waterTempC <= spawnHigh + RECOVER_C ? 'post-spawn' : 'summer'
    }
    if (waterTempC > warmEdge) return 'summer'
    return waterTempC > WINTER_C ? 'autumn' : 'winter'
  }
  if (warms) {
    if (waterTempC < WINTER_C - 1) return 'winter'
    return waterTempC < warmEdge ? 'post-spawn' : 'summer'
  }
  if (waterTempC > warmEdge) return 'summer'
  if (waterTempC > spawnHigh + 2) return 'autumn'
  if (waterTempC > spawnHigh) return 'pre-spawn'
  return waterTempC >= spawnLow ? 'spawn' : 'winter'
}

/** Feeding appetite for temperature alone, 0 … 1 (trapezoid of the species table). */
export function appetite(species: Species, waterTempC: number): number {
  const [none, low, high, over] = species.activeC
  if (waterTempC <= none || waterTempC >= over) return 0
  if (waterTempC < low) return (waterTempC - none) / (low - none)
  return waterTempC <= high ? 1 : (over - waterTempC) / (over - high)
}

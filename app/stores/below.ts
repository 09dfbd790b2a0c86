import { defineStore } from 'pinia'
import { underwater } from '../../core/water'
import { useWater } from './water'

/** Colours as they look in the middle of the zone, in this water and at this hour: worked out once for all that show them. */
export const useBelow = defineStore('below', () => {
  const water = useWater()
  const at = computed(() => {
    const { current: c, reading } = water
    if (!c || !reading) return null
    return { visibilityM: c.visibilityM, depthM: (reading.zone.topM + reading.zone.bottomM) / 2, lux: reading.zoneLux }
  })
  const down = computed(() => at.value && underwater(at.value))
  /** A colour as it looks down there; anything that is no plain colour stays as it is. */
  const seen = computed(() => {
    const there = down.value
    const known = new Map<string, string>()
    return (colour: string): string => {
      if (!there || !/^#[0-9a-f]{6}$/i.test(colour)) return colour
      const found = known.get(colour) ?? there.swatch(colour)
      known.set(colour, found)
      return found
    }
  })
  return { at, down, seen }
})

import type { Lure } from './lure'

/** Packets round: what is nearer than this share is the same size. */
const STEP = { length: 0.03, mass: 0.08 } as const
const step = (value: number, share: number) => Math.round(Math.log(value) / share)

/** What of a build or make is colour, not shape. */
const COLOUR = new Set(['bladeFinish', 'frontFinish', 'paint', 'coating'])

/** Lures out of one mould, whatever their colours: same family, traits, sound, size and weight. Finish of a blade is colour. */
export function modelKeyOf({ family, traits, make, sound, lengthM, massKg }: Lure): string {
  const shape = Object.entries({ ...make, ...traits }).filter(
    ([name, value]) => !COLOUR.has(name) && value !== undefined,
  )
  return JSON.stringify([family, shape.sort(), sound, step(lengthM, STEP.length), step(massKg, STEP.mass)])
}

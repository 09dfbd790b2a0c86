import type { Lure } from './lure'

/** Packets round: what is nearer than this share is the same size. */
const STEP = { length: 0.03, mass: 0.08 } as const
const step = (value: number, share: number) => Math.round(Math.log(value) / share)

/** Lures out of one mould, whatever their colours: same family, traits, sound, size and weight. Finish of a blade is colour. */
export function modelKeyOf({ family, traits, sound, lengthM, massKg }: Lure): string {
  const shape = Object.entries(traits).filter(([name]) => name !== 'bladeFinish')
  return JSON.stringify([family, shape.sort(), sound, step(lengthM, STEP.length), step(massKg, STEP.mass)])
}

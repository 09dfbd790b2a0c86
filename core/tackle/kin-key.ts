import type { Lure } from './lure'

/** Words of a name that tell a size: a figure, or one or two capitals. */
const SIZE = /\d|^[A-Z]{1,2}$/

/** What a name says before it comes to size and colour: “Waglet Rib 120 Dusk” is a Waglet Rib. */
function stemOf(name: string): string {
  const words = name.trim().split(/\s+/)
  const figure = words.findIndex((word) => /\d/.test(word))
  const kept = (figure < 0 ? words : words.slice(0, Math.max(1, figure))).filter(
    (word, i) => i === 0 || !SIZE.test(word),
  )
  return kept.join(' ').toLowerCase()
}

/** Lures of one model, whatever their size and colour: same family, build and name. Figures of a build and the finish of a blade are size and colour. */
export function kinKeyOf({ family, traits, name }: Pick<Lure, 'family' | 'traits' | 'name'>): string {
  const build = Object.entries(traits).filter(([trait, value]) => trait !== 'bladeFinish' && typeof value !== 'number')
  return JSON.stringify([family, build.sort(), stemOf(name)])
}

/** Sizes and weights that hardly differ: within about a sixth of the length and a quarter of the weight. */
const STEP = { length: 0.16, mass: 0.24 } as const
const step = (value: number, share: number) => Math.round(Math.log(value) / share)

/** Size and weight, by which lures of one model are told apart. */
export const sizeKeyOf = ({ lengthM, massKg }: Pick<Lure, 'lengthM' | 'massKg'>): string =>
  `${step(lengthM, STEP.length)} ${step(massKg, STEP.mass)}`

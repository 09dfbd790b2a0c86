import { colourOf, type Colouring } from '../colour'
import { INK, ellipse, n, solid, stroke, type Shape } from './shape'

/** Outline of a body as half-heights along it: fullest near the shoulder, tapering to the wrist of the tail. */
export interface Profile {
  /** Greatest height over length. */
  readonly height: number
  /** Where it is fullest, share of the length from the nose. */
  readonly shoulder: number
  /** Height of the tail end over the greatest height. */
  readonly tail: number
  /** Lifts (+) or drops (−) the nose over the greatest height. */
  readonly nose?: number
}

/** Body of a bait from nose (x0) to tail (x0 + length): back, flank and belly each in their own colour, pattern and eye. */
export function fishBody(
  x0: number,
  lengthMm: number,
  profile: Profile,
  colour: Colouring,
  id: { eye?: boolean } = {},
): Shape[] {
  const h = (profile.height * lengthMm) / 2
  const xs = x0 + profile.shoulder * lengthMm
  const xe = x0 + lengthMm
  const t = profile.tail * h
  const y0 = -(profile.nose ?? 0) * h
  const top = `C${n(x0 + 0.08 * lengthMm)} ${n(y0 - h * 0.9)} ${n(xs - 0.12 * lengthMm)} ${n(-h)} ${n(xs)} ${n(-h)}S${n(xe - 0.22 * lengthMm)} ${n(-t * 1.5)} ${n(xe)} ${n(-t)}`
  const under = `L${n(xe)} ${n(t)}C${n(xe - 0.22 * lengthMm)} ${n(t * 1.5)} ${n(xs + 0.14 * lengthMm)} ${n(h)} ${n(xs)} ${n(h)}S${n(x0 + 0.08 * lengthMm)} ${n(y0 + h * 0.9)} ${n(x0)} ${n(y0)}Z`
  const midline = (part: number) =>
    `L${n(xe)} ${n(part * t)}C${n(xs + 0.2 * lengthMm)} ${n(part * h)} ${n(xs - 0.1 * lengthMm)} ${n(part * h)} ${n(x0)} ${n(y0)}Z`
  const start = `M${n(x0)} ${n(y0)}`
  const flank = colourOf(colour.flank).hex
  const shapes: Shape[] = [
    { d: start + top + under, fill: flank },
    { d: `${start}${top}${midline(-0.25)}`, fill: colourOf(colour.back).hex, opacity: 0.95 },
    {
      d: `M${n(xe)} ${n(t)}C${n(xe - 0.22 * lengthMm)} ${n(t * 1.5)} ${n(xs + 0.14 * lengthMm)} ${n(h)} ${n(xs)} ${n(h)}S${n(x0 + 0.08 * lengthMm)} ${n(y0 + h * 0.9)} ${n(x0)} ${n(y0)}C${n(xs - 0.1 * lengthMm)} ${n(0.55 * h)} ${n(xs + 0.2 * lengthMm)} ${n(0.55 * h)} ${n(xe)} ${n(t)}Z`,
      fill: colourOf(colour.belly).hex,
      opacity: 0.95,
    },
    ...patternOn(x0, lengthMm, h, colour),
    stroke(start + top + under, INK, 0.5),
  ]
  if (id.eye !== false) {
    const r = Math.max(0.9, h * 0.2)
    const ex = x0 + 0.09 * lengthMm + r
    shapes.push(solid(ellipse(ex, y0 * 0.6 - h * 0.15, r, r), '#f3efe2'), {
      d: ellipse(ex, y0 * 0.6 - h * 0.15, r * 0.5, r * 0.5),
      fill: INK,
    })
  }
  return shapes
}

function patternOn(x0: number, lengthMm: number, h: number, colour: Colouring): Shape[] {
  const back = colourOf(colour.back).hex
  const at = (share: number) => x0 + share * lengthMm
  if (colour.pattern === 'bars')
    return [0.3, 0.42, 0.54, 0.66, 0.78].map((s) => ({
      d: `M${n(at(s))} ${n(-h * 0.75 * (1.15 - s))}l${n(lengthMm * 0.02)} ${n(h * 1.15 * (1.15 - s))}`,
      stroke: back,
      width: Math.max(0.6, lengthMm * 0.022),
      opacity: 0.8,
    }))
  if (colour.pattern === 'spots')
    return [0.3, 0.4, 0.52, 0.62, 0.74].map((s, i) => ({
      d: ellipse(at(s), (i % 2 ? -0.1 : -0.35) * h, Math.max(0.5, h * 0.13), Math.max(0.5, h * 0.13)),
      fill: back,
    }))
  if (colour.pattern === 'scales')
    return [0.32, 0.42, 0.52, 0.62, 0.72].map((s) =>
      stroke(`M${n(at(s))} ${n(-h * 0.3)}q${n(lengthMm * 0.04)} ${n(h * 0.3)} 0 ${n(h * 0.6)}`, back, 0.35),
    )
  return []
}

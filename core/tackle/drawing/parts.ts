import { METALS } from '../../../data/make'
import { colourOf } from '../colour'
import { hookGapM } from '../hook-size'
import type { PartKind, PartOf } from '../parts'
import { bladeLengthMm } from '../blades'
import { blade, hang, leadHead, singleHook } from './fittings'
import { FINISH_HEX } from '../families/traits'
import { LEAD, STEEL, ellipse, n, solid, stroke, type Shape } from './shape'

const RUBBER = '#7d6a4a'

/** Radius of a ball of a metal, mm: the size of a head or sinker follows from its weight. */
const ballMm = (massKg: number, density: number = METALS.lead) =>
  1000 * ((3 * massKg) / (4 * Math.PI * density)) ** (1 / 3)

/** Shank over gap of an ordinary jig hook and of a wide-gap one (common practice). */
const SHANK = { jig: 2.4, wide: 2.1 } as const

/** Snaps, swivels, rings: their size follows from their steel. */
function terminal({ kind, massKg }: PartOf<'terminals'>): Shape[] {
  const r = Math.min(9, Math.max(2, 26 * Math.cbrt(massKg)))
  const ring = (x: number, size = r) => stroke(ellipse(x, 0, size, size), STEEL, 0.9)
  const barrel = solid(ellipse(0, 0, r * 0.9, r * 0.55), STEEL)
  const clip = stroke(
    `M${n(r)} 0Q${n(1.6 * r)} ${n(-r)} ${n(3 * r)} ${n(-0.7 * r)}Q${n(4 * r)} 0 ${n(3 * r)} ${n(0.7 * r)}Q${n(1.6 * r)} ${n(r)} ${n(r)} 0Z`,
    STEEL,
    0.9,
  )
  switch (kind) {
    case 'snap':
      return [{ ...clip, d: clip.d }, ring(0.4 * r, 0.6 * r)]
    case 'snap-swivel':
    case 'ball-bearing':
      return [
        ring(-1.7 * r, 0.8 * r),
        barrel,
        clip,
        ...(kind === 'ball-bearing' ? [solid(ellipse(0, 0, r * 0.4, r * 0.4), '#e9eef0')] : []),
      ]
    case 'swivel':
      return [ring(-1.7 * r, 0.8 * r), barrel, ring(1.7 * r, 0.8 * r)]
    case 'three-way':
      return [
        ring(0),
        ring(-1.8 * r, 0.8 * r),
        ring(1.8 * r, 0.8 * r),
        stroke(ellipse(0, 1.8 * r, 0.8 * r, 0.8 * r), STEEL, 0.9),
      ]
    case 'keel':
      return [
        ring(-3 * r, 0.6 * r),
        solid(`M${n(-2.4 * r)} 0H${n(2.4 * r)}L${n(1.6 * r)} ${n(1.8 * r)}H${n(-1.4 * r)}Z`, LEAD),
        ring(3 * r, 0.6 * r),
      ]
    case 'clip-blade':
      return [...plate(-0.5 * r, 5 * r), ring(0.2 * r, 0.7 * r)]
    case 'bead':
      return [solid(ellipse(0, 0, r, r), '#b3261e')]
    default:
      return [ring(0, r * 1.2), ring(0, r)]
  }
}

/** A six-sided plate hinged at (x, 0), standing forward and up. */
function plate(x: number, size: number): Shape[] {
  const s = size / 2
  return [
    solid(
      `M${n(x)} 0L${n(x - 0.6 * s)} ${n(-0.7 * s)}L${n(x - 1.6 * s)} ${n(-0.7 * s)}L${n(x - 2 * s)} 0L${n(x - 1.6 * s)} ${n(0.7 * s)}L${n(x - 0.6 * s)} ${n(0.7 * s)}Z`,
      FINISH_HEX.silver,
    ),
  ]
}

/** A part in millimetres and to scale, its middle about the origin; nothing for what is only told in figures (rods, reels, lines). */
export function drawPart<K extends PartKind>(kind: K, part: PartOf<K>): Shape[] {
  switch (kind) {
    case 'heads': {
      const head = part as PartOf<'heads'>
      const gap = hookGapM(head.hookSize) * 1000
      const r = ballMm(head.massKg, METALS[head.metal ?? 'lead'])
      const long = head.kind === 'swim' || head.kind === 'darter' ? 1.35 : head.kind === 'mushroom' ? 0.8 : 1
      const shank = gap * SHANK.jig * (head.kind === 'long-shank' ? 1.3 : 1)
      if (head.kind === 'nose-weighted')
        return [
          singleHook(-shank / 2, 0, shank, gap),
          stroke(`M${n(-shank / 2)} 0v${n(-gap * 0.25)}h${n(-gap * 0.3)}`, STEEL, 0.8),
          solid(
            `M${n(-shank / 2 - gap * 0.3)} ${n(-gap * 0.25)}Q${n(-shank / 2)} ${n(-r)} ${n(-shank / 2 + 2 * r)} ${n(-r * 0.3)}V${n(r * 0.6)}Q${n(-shank / 2)} ${n(r)} ${n(-shank / 2 - gap * 0.3)} ${n(-gap * 0.25)}Z`,
            LEAD,
          ),
        ]
      return [
        singleHook(-shank / 2, 0, shank, gap),
        ...leadHead(-shank / 2, 0, r * long, r / Math.sqrt(long)),
        ...(head.kind === 'bladed' ? plate(-shank / 2 - r * long, 2.4 * r + 4) : []),
        ...(head.kind === 'wobble'
          ? [
              solid(
                `M${n(-shank / 2 - r)} 0L${n(-shank / 2 - 2.4 * r)} ${n(1.5 * r)}L${n(-shank / 2 - 0.2 * r)} ${n(r)}Z`,
                '#cfe0e2',
              ),
            ]
          : []),
        ...(head.kind === 'underspin' ? blade(-shank / 2, r, 2.2 * r + 8, 'willow', FINISH_HEX.silver, 20) : []),
        ...(head.kind === 'weed-guard'
          ? [stroke(`M${n(-shank / 2)} ${n(-r)}L${n(shank / 2)} ${n(-gap)}`, RUBBER, 1)]
          : []),
      ]
    }
    case 'hooks': {
      const hook = part as PartOf<'hooks'>
      const gap = hookGapM(hook.hookSize) * 1000
      const shank = gap * SHANK.wide
      if (hook.style === 'round treble' || hook.style === 'in-turned treble')
        return hang({ style: hook.style, size: hook.hookSize, wire: hook.wire, count: 1 }, [[0, -gap * 1.2]])
      const weight = hook.style === 'belly-weighted' ? ballMm(hook.massKg * 0.8) : 0
      return [
        singleHook(-shank / 2, 0, shank, gap),
        ...(hook.style === 'offset' || hook.style === 'belly-weighted'
          ? [stroke(`M${n(-shank / 2)} 0v${n(-gap * 0.25)}h${n(-gap * 0.3)}`, '#7d868a', 0.8)]
          : []),
        ...(weight > 0 ? [solid(ellipse(0, 0, weight * 1.3, weight * 0.8), LEAD)] : []),
      ]
    }
    case 'sinkers': {
      const sinker = part as PartOf<'sinkers'>
      const r = ballMm(sinker.massKg, METALS[sinker.metal ?? 'lead'])
      return sinker.kind === 'bullet'
        ? [
            solid(
              `M${n(-1.6 * r)} 0Q${n(-0.4 * r)} ${n(-0.9 * r)} ${n(1.2 * r)} ${n(-0.8 * r)}V${n(0.8 * r)}Q${n(-0.4 * r)} ${n(0.9 * r)} ${n(-1.6 * r)} 0Z`,
              LEAD,
            ),
          ]
        : [solid(ellipse(0, 0.3 * r, 0.8 * r, 1.2 * r), LEAD), stroke(`M0 ${n(-0.9 * r)}v${n(-r)}`, '#7d868a', 0.8)]
    }
    case 'trailers': {
      const trailer = part as PartOf<'trailers'>
      const L = trailer.lengthM * 1000
      const rubber = trailer.colour ? colourOf(trailer.colour).hex : RUBBER
      const tail: Record<PartOf<'trailers'>['kind'], string> = {
        'stick-worm': '',
        'stick-worm crosswise': '',
        grub: `M${n(0.1 * L)} 0Q${n(0.4 * L)} ${n(-0.22 * L)} ${n(0.5 * L)} ${n(0.04 * L)}Q${n(0.36 * L)} ${n(0.02 * L)} ${n(0.1 * L)} ${n(0.05 * L)}Z`,
        'split-tail': `M${n(0.1 * L)} 0L${n(0.5 * L)} ${n(-0.09 * L)}L${n(0.24 * L)} 0L${n(0.5 * L)} ${n(0.09 * L)}Z`,
        chunk: `M0 0L${n(0.5 * L)} ${n(-0.12 * L)}L${n(0.3 * L)} 0L${n(0.5 * L)} ${n(0.12 * L)}Z`,
        'gliding-creature': `M0 0L${n(0.46 * L)} ${n(-0.17 * L)}L${n(0.4 * L)} 0L${n(0.46 * L)} ${n(0.17 * L)}Z`,
        'paddle-tail': `M${n(0.3 * L)} 0H${n(0.42 * L)}L${n(0.5 * L)} ${n(-0.09 * L)}V${n(0.12 * L)}L${n(0.42 * L)} ${n(0.02 * L)}Z`,
        'kicking-craw': `M0 0Q${n(0.3 * L)} ${n(-0.24 * L)} ${n(0.5 * L)} ${n(-0.14 * L)}Q${n(0.4 * L)} ${n(-0.04 * L)} ${n(0.2 * L)} 0Q${n(0.4 * L)} ${n(0.04 * L)} ${n(0.5 * L)} ${n(0.14 * L)}Q${n(0.3 * L)} ${n(0.24 * L)} 0 0Z`,
      }
      const stick = trailer.kind.startsWith('stick-worm')
      const body = stick ? [0, 0.5] : [-0.16, 0.34]
      const [at = 0, half = 0.34] = body
      return [
        ...(tail[trailer.kind] ? [solid(tail[trailer.kind], rubber)] : []),
        solid(ellipse(at * L, 0, half * L, 0.065 * L), rubber),
        // Where the hook goes through its middle.
        ...(trailer.kind === 'stick-worm crosswise' ? [stroke(`M0 ${n(-0.13 * L)}v${n(0.26 * L)}`, STEEL, 0.9)] : []),
      ]
    }
    case 'blades': {
      const part_ = part as PartOf<'blades'>
      const length = bladeLengthMm(part_.shape, part_.size)
      return blade(-length / 2, 0, length, part_.shape, FINISH_HEX[part_.finish], 0, part_.face === 'hammered')
    }
    case 'terminals':
      return terminal(part as PartOf<'terminals'>)
    default:
      return []
  }
}

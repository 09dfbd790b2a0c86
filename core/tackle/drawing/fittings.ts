import { BLADE_FORM } from '../../../data/blades'
import type { BladeShape } from '../blades'
import { hookGapM } from '../hook-size'
import { eachHook, type HungHooks } from '../hung-hooks'
import { INK, LEAD, STEEL, ellipse, n, solid, stroke, type Shape } from './shape'

/** Hooks, lips, blades, skirts: what hangs on a body. Sizes in mm. */

/** A treble hanging from (x, y). */
export function treble(x: number, y: number, size: number): Shape[] {
  const s = size
  return [
    stroke(`M${n(x)} ${n(y)}v${n(s)}`, STEEL, 0.7),
    stroke(`M${n(x)} ${n(y + s)}q${n(-s * 0.55)} ${n(s * 0.3)} ${n(-s * 0.6)} ${n(-s * 0.45)}`, STEEL, 0.7),
    stroke(`M${n(x)} ${n(y + s)}q${n(s * 0.55)} ${n(s * 0.3)} ${n(s * 0.6)} ${n(-s * 0.45)}`, STEEL, 0.7),
    stroke(`M${n(x)} ${n(y + s)}q${n(s * 0.16)} ${n(s * 0.2)} ${n(s * 0.14)} ${n(-s * 0.35)}`, STEEL, 0.6),
  ]
}

/** A single hook, shank along the body from x to the right, point up. */
export function singleHook(x: number, y: number, shank: number, gap: number): Shape {
  return stroke(
    `M${n(x)} ${n(y)}h${n(shank)}q${n(gap * 0.9)} 0 ${n(gap * 0.9)} ${n(-gap * 0.55)}t${n(-gap * 0.75)} ${n(-gap * 0.35)}l${n(gap * 0.3)} ${n(gap * 0.12)}`,
    STEEL,
    0.8,
  )
}

/** Wire of a drawn hook by its gauge, mm. */
const WIRE_MM = { light: 0.55, medium: 0.75, heavy: 1 } as const
/** Size of a drawn treble over its gap; shank of a single over its gap. */
const TREBLE_OVER_GAP = 1.65
const SHANK_OVER_GAP = 1.7

/** The lure's own hooks, to the scale of their gap, at the places the body has for them. A place beyond their number stays empty. */
export function hang(hooks: HungHooks | null, places: readonly (readonly [x: number, y: number])[]): Shape[] {
  if (!hooks) return []
  const each = eachHook(hooks)
  const last = Math.min(places.length, hooks.count) - 1
  return places.slice(0, hooks.count).flatMap(([x, y], i) => {
    const hook = (i === last ? each[each.length - 1] : each[i]) ?? hooks
    const gap = hookGapM(hook.size) * 1000
    const width = WIRE_MM[hook.wire]
    return [...hung(hook, x, y, gap, width), ...(i === last && hooks.tail?.dressed ? feather(x, y, gap) : [])]
  })
}

/** Feather wound on a tail hook. */
const feather = (x: number, y: number, gap: number): Shape[] =>
  [-0.5, -0.15, 0.2, 0.5].flatMap((v) => {
    const d = `M${n(x)} ${n(y)}q${n(gap * 1.6)} ${n(gap * v)} ${n(gap * 3.2)} ${n(gap * v * 2)}`
    return [
      { d, stroke: INK, width: 1.1, opacity: 0.4 },
      { d, stroke: '#f3efe2', width: 0.7 },
    ]
  })

function hung(hook: Pick<HungHooks, 'style'>, x: number, y: number, gap: number, width: number): Shape[] {
  switch (hook.style) {
    case 'round treble':
      return treble(x, y, gap * TREBLE_OVER_GAP).map((s) => ({ ...s, width }))
    case 'in-turned treble':
      return inTurned(x, y, gap * TREBLE_OVER_GAP).map((s) => ({ ...s, width }))
    default:
      return [{ ...singleHook(x, y, gap * SHANK_OVER_GAP, gap), width }]
  }
}

/** A treble whose points lean in towards the shank. */
function inTurned(x: number, y: number, s: number): Shape[] {
  const side = (d: 1 | -1) =>
    stroke(
      `M${n(x)} ${n(y + s)}q${n(d * s * 0.62)} ${n(s * 0.25)} ${n(d * s * 0.58)} ${n(-s * 0.3)}q0 ${n(-s * 0.2)} ${n(-d * s * 0.2)} ${n(-s * 0.3)}`,
    )
  return [stroke(`M${n(x)} ${n(y)}v${n(s)}`, STEEL), side(-1), side(1)].map((shape) => ({ ...shape, stroke: STEEL }))
}

/** A hook cast into a head: its gap is the hook's own, its shank the body's. */
export function ownHook(hooks: HungHooks | null, x: number, y: number, shank: number): Shape {
  return singleHook(x, y, shank, hooks ? hookGapM(hooks.size) * 1000 : shank * 0.36)
}

/** The eye the line is tied to. */
export function eyelet(x: number, y: number, r = 1): Shape {
  return stroke(ellipse(x, y, r, r), STEEL, 0.6)
}

/** A diving lip under the chin: `reach` forward and down, steeper for shallow divers. */
export function lip(x: number, y: number, reach: number, steepDeg: number, square: boolean): Shape {
  const a = (steepDeg * Math.PI) / 180
  const tipX = x - reach * Math.cos(a)
  const tipY = y + reach * Math.sin(a)
  const w = square ? 0.14 : 0.2
  const px = Math.sin(a) * reach * w
  const py = Math.cos(a) * reach * w
  const end = square
    ? `L${n(tipX - px)} ${n(tipY - py)}L${n(tipX + px)} ${n(tipY + py)}`
    : `L${n(tipX - px)} ${n(tipY - py)}Q${n(tipX - reach * 0.12)} ${n(tipY + reach * 0.12)} ${n(tipX + px)} ${n(tipY + py)}`
  return {
    d: `M${n(x)} ${n(y - 0.6)}${end}L${n(x + 1.2)} ${n(y + 0.8)}Z`,
    fill: '#cfe0e2',
    stroke: '#6f8a8d',
    width: 0.5,
    opacity: 0.9,
  }
}

/** A spinner blade with its top at (x, y), hanging back at an angle. */
export function blade(
  x: number,
  y: number,
  length: number,
  shape: BladeShape,
  fill: string,
  turnDeg: number,
  hammered = false,
): Shape[] {
  const a = (turnDeg * Math.PI) / 180
  const w = (BLADE_FORM[shape].width * length) / 2
  const at = (u: number, v: number) =>
    `${n(x + u * Math.cos(a) - v * Math.sin(a))} ${n(y + u * Math.sin(a) + v * Math.cos(a))}`
  const belly = shape === 'willow' ? 0.45 : 0.6
  const outline = `M${at(0, 0)}C${at(length * 0.15, -w * 1.1)} ${at(length * belly, -w * 1.4)} ${at(length, 0)}C${at(length * belly, w * 1.4)} ${at(length * 0.15, w * 1.1)} ${at(0, 0)}Z`
  const dimples = [0.3, 0.45, 0.6, 0.75].flatMap((u, i) =>
    (i % 2 ? [-0.3, 0.3] : [0]).map((v) => {
      const [cx = 0, cy = 0] = at(length * u, w * v)
        .split(' ')
        .map(Number)
      return stroke(ellipse(cx, cy, length * 0.035, length * 0.035), INK, 0.3)
    }),
  )
  return [
    solid(outline, fill),
    {
      d: `M${at(length * 0.2, -w * 0.15)}Q${at(length * 0.5, -w * 0.65)} ${at(length * 0.8, -w * 0.2)}`,
      stroke: '#ffffff',
      width: 0.7,
      opacity: 0.7,
    },
    ...(hammered ? dimples : []),
  ]
}

/** A skirt of strands from a collar at (x, y), streaming back. */
export function skirt(x: number, y: number, length: number, spread: number, colours: readonly string[]): Shape[] {
  const strands = 13
  return Array.from({ length: strands }, (_, i) => i).flatMap((i) => {
    const v = (i / (strands - 1) - 0.5) * 2
    const reach = length * (1 - 0.18 * v * v)
    const d = `M${n(x)} ${n(y)}q${n(length * 0.35)} ${n(spread * v * 1.5)} ${n(reach)} ${n(spread * v)}`
    // A dark edge under each strand, or white skirts vanish on paper.
    return [
      { d, stroke: INK, width: 1.5, opacity: 0.28 },
      { d, stroke: colours[i % colours.length] ?? STEEL, width: 1 },
    ]
  })
}

/** A lead head in the colour it is painted, around (x, y). */
export function leadHead(x: number, y: number, rx: number, ry: number, fill: string = LEAD): Shape[] {
  return [
    solid(ellipse(x, y, rx, ry), fill),
    solid(ellipse(x - rx * 0.3, y - ry * 0.2, Math.max(0.7, ry * 0.24), Math.max(0.7, ry * 0.24)), '#f3efe2'),
  ]
}

/** A piece of a drawing: an SVG path in millimetres, nose of the lure at the origin, tail to the right, y down. Pure data. */
export interface Shape {
  readonly d: string
  readonly fill?: string
  readonly stroke?: string
  /** Stroke width, mm. */
  readonly width?: number
  readonly opacity?: number
}

export const INK = '#2a2f2c'
export const STEEL = '#7d868a'
export const LEAD = '#5d6367'

export const n = (value: number): string => String(Math.round(value * 100) / 100)

/** A filled outline with the ink edge all drawings share. */
export function solid(d: string, fill: string): Shape {
  return { d, fill, stroke: INK, width: 0.5 }
}

export function stroke(d: string, colour: string = INK, width = 0.6): Shape {
  return { d, stroke: colour, width }
}

export function ellipse(cx: number, cy: number, rx: number, ry: number, turnDeg = 0): string {
  const a = (turnDeg * Math.PI) / 180
  const dx = rx * Math.cos(a)
  const dy = rx * Math.sin(a)
  const arc = `${n(rx)} ${n(ry)} ${n(turnDeg)} 1 1`
  return `M${n(cx - dx)} ${n(cy - dy)}A${arc} ${n(cx + dx)} ${n(cy + dy)}A${arc} ${n(cx - dx)} ${n(cy - dy)}Z`
}

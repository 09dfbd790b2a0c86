/**
 * A cast with its line as lumped masses in air: what the flight of the application is held against. The lure draws line off the reel by the pull in it; every
 * piece has its mass, its weight, drag across and drag along itself, and hangs slack or pulls. Slow and obvious.
 *
 * Axes: x m along the cast, y m across, z m up from the water. The rod tip stands at (0, 0, tipM).
 */
export interface LumpedCast {
  readonly launchMps: number
  readonly angleDeg: number
  readonly massKg: number
  readonly dragM2: number
  readonly tipM: number
  readonly diameterM: number
  readonly densityKgM3: number
  /** What reel and guides take, in units of λ·v². */
  readonly guides: number
  readonly windMps: readonly [behind: number, across: number]
}

type Vector = [number, number, number]
const add = (a: Vector, b: Vector, by = 1): Vector => [a[0] + by * b[0], a[1] + by * b[1], a[2] + by * b[2]]
const dot = (a: Vector, b: Vector) => a[0] * b[0] + a[1] * b[1] + a[2] * b[2]
const size = (a: Vector) => Math.sqrt(dot(a, a))
const times = (a: Vector, by: number): Vector => [a[0] * by, a[1] * by, a[2] * by]

const AIR = 1.225
const NU = 1.46e-5
const GRAVITY = 9.80665
const PIECE_M = 1.5
/** Stiffness, N per unit of stretch: softer than any line, so that steps may be longer; under a newton it gives a fiftieth. */
const STIFF_N = 40

/** Drag of a piece of line that goes at `u` through the air, N. */
function lineDrag(u: Vector, along: Vector, longM: number, diameterM: number): Vector {
  const a = dot(u, along)
  const across = add(u, along, -a)
  const skin = 0.37 * Math.max(1, (Math.abs(a) * diameterM) / NU) ** -0.61
  const normal = -0.5 * AIR * 1.2 * diameterM * longM * size(across)
  return add(times(across, normal), along, -0.5 * AIR * skin * Math.PI * diameterM * longM * Math.abs(a) * a)
}

/** A mass on the line, with the piece of line from it towards the rod. */
interface Node {
  at: Vector
  speed: Vector
  restM: number
  force: Vector
  massKg: number
}

/** Distance from the rod at which the lure lands, m. */
export function lumpedCastM(c: LumpedCast): number {
  const lambda = (Math.PI / 4) * c.diameterM ** 2 * c.densityKgM3
  const wind: Vector = [c.windMps[0], c.windMps[1], 0]
  const angle = (c.angleDeg * Math.PI) / 180
  const tip: Vector = [0, 0, c.tipM]
  const way: Vector = [Math.cos(angle), 0, Math.sin(angle)]
  const node = (at: Vector, speed: Vector, restM: number): Node => ({ at, speed, restM, force: [0, 0, 0], massKg: 0 })
  const lure = node(add(tip, way, 0.5), times(way, c.launchMps), 0.5)
  // From the lure back to the rod: the last piece ends at the tip.
  const nodes = [lure]
  let last = lure
  const dt = 0.2 * Math.sqrt((lambda * PIECE_M * PIECE_M * 0.5) / STIFF_N)
  for (let t = 0; t < 20 && lure.at[2] > 0; t += dt) {
    for (const one of nodes) {
      one.force = [0, 0, 0]
      one.massKg = one === lure ? c.massKg : 0
    }
    let atTip = 0
    nodes.forEach((one, i) => {
      const next = nodes[i + 1]
      const d = add(next?.at ?? tip, one.at, -1)
      const long = size(d) || 1e-9
      const e = times(d, 1 / long)
      const r = one.restM
      // Damped so that waves along the line die, and only while it pulls.
      const damping = 0.6 * Math.sqrt(STIFF_N * lambda)
      const opening = next ? dot(add(next.speed, one.speed, -1), e) : 0
      const tension = long > r ? Math.max(0, (STIFF_N * (long - r)) / r + damping * opening) : 0
      if (!next) atTip = tension
      one.force = add(add(one.force, e, tension), lineDrag(add(one.speed, wind, -1), e, r / 2, c.diameterM))
      one.massKg += (lambda * r) / 2
      if (!next) return
      next.force = add(add(next.force, e, -tension), lineDrag(add(next.speed, wind, -1), e, r / 2, c.diameterM))
      next.massKg += (lambda * r) / 2
    })
    const u = add(lure.speed, wind, -1)
    lure.force = add(lure.force, u, -0.5 * AIR * c.dragM2 * size(u))
    for (const one of nodes) {
      one.speed = add(one.speed, add(times(one.force, 1 / one.massKg), [0, 0, -GRAVITY]), dt)
      one.at = add(one.at, one.speed, dt)
    }
    // Line comes off as fast as the pull at the tip can set it going against reel and guides.
    const off = Math.sqrt(atTip / ((1 + c.guides) * lambda))
    last.restM += off * dt
    if (last.restM <= 1.5 * PIECE_M) continue
    const share = PIECE_M / last.restM
    const home = add(tip, last.at, -1)
    const e = times(home, -1 / (size(home) || 1))
    const fresh = node(
      add(last.at, home, share),
      add(times(last.speed, 1 - share), e, share * off),
      last.restM - PIECE_M,
    )
    last.restM = PIECE_M
    nodes.push(fresh)
    last = fresh
  }
  return Math.hypot(lure.at[0], lure.at[1])
}

import { itemAt } from '../../core/list'

/**
 * A line of lumped masses with a lure on it, in three dimensions: what the model of the application is held against, and made of nothing of it. Every piece
 * of the line has its weight, drag across and drag along itself, hangs slack or pulls; the lure has its weight, its drag and the lift of its planes. It is
 * slow and obvious: Newton's law for every mass, stepped in thousandths of a second.
 *
 * Axes: x m away from the rod tip, y m across, z m down from the surface. The rod tip stands at (0, 0, −tipM).
 */

export type Vector = readonly [x: number, y: number, z: number]

export interface LineKind {
  readonly diameterM: number
  /** Density of its stuff, kg/m³: braid 970, mono 1140, fluorocarbon 1780. */
  readonly densityKgM3: number
}

export interface LureKind {
  readonly massKg: number
  /** Weight in water, N; negative floats. */
  readonly submergedWeightN: number
  /** Drag area nose first, and broadside as it falls, m². */
  readonly towDragAreaM2: number
  readonly sinkDragAreaM2: number
  /** Tangent of the planing angle, positive dives. It works as far as the lure moves nose first. */
  readonly diveAngleTan: number
}

export interface Water {
  readonly density: number
  readonly depthM: number
  /** Pa·s; that of fresh water of 15 °C where nothing is said. */
  readonly viscosity?: number
  /** Flow past the rod tip, the same at every depth, m/s. */
  readonly flowMps: Vector
}

/**
 * Drag coefficient of a smooth cylinder across a flow, by Reynolds number, as measured: Wieselsberger (1921), Tritton (1959), read off their curves from memory.
 * Between the points by logarithms. The application takes a formula instead.
 */
const MEASURED: readonly (readonly [re: number, drag: number])[] = [
  [0.1, 58],
  [0.5, 17],
  [1, 10.5],
  [2, 6.6],
  [5, 4],
  [10, 2.85],
  [20, 2],
  [50, 1.65],
  [100, 1.4],
  [300, 1.2],
  [1000, 1.05],
  [3000, 1],
  [10_000, 1.1],
]
const LOG_RE = MEASURED.map(([re]) => Math.log(re))
const LOG_DRAG = MEASURED.map(([, drag]) => Math.log(drag))
function acrossDrag(re: number): number {
  const at = Math.log(Math.min(Math.max(re, 0.1), 10_000))
  const i = Math.max(
    1,
    LOG_RE.findIndex((l) => l >= at),
  )
  const [from, to] = [itemAt(LOG_RE, i - 1), itemAt(LOG_RE, i)]
  const share = (at - from) / (to - from)
  return Math.exp((1 - share) * itemAt(LOG_DRAG, i - 1) + share * itemAt(LOG_DRAG, i))
}
/** Handbook value along a smooth line; the same as the application takes. */
const TANGENTIAL_DRAG = 0.02
const GRAVITY = 9.80665
const COOL_WATER = 1.14e-3
const AIR = 1.2
const STILL: Vector = [0, 0, 0]

/** Stiffness of a metre of line, N: it gives less than a hundredth under any pull here. And damping of its stretch, as a share of critical. */
const STIFFNESS_N = 150
const STRETCH_DAMPING = 0.4
/** Mass of a metre of line with the water it carries along, kg/m: more than it has, so that steps may be longer; a tenth of any lure here. */
const MASS_PER_M = 1e-3
/** The first piece is joined to the next when it is wound to this share of its length. */
const WOUND = 0.35

export class LumpedLine {
  /** Places and speeds of the masses, three figures each; the first is the rod tip, the last the lure. */
  readonly at: Float64Array
  readonly speed: Float64Array
  private readonly rest: Float64Array
  private readonly force: Float64Array
  private first = 0
  private readonly last: number
  private readonly piece: number

  constructor(
    private readonly line: LineKind,
    private readonly lure: LureKind,
    private readonly water: Water,
    /** Places from the rod tip to the lure, evenly along the line; and the length of line out, m, where it is more than they measure (slack). */
    places: readonly Vector[],
    lengthM?: number,
  ) {
    const n = places.length
    this.last = n - 1
    this.at = Float64Array.from(places.flat())
    this.speed = new Float64Array(3 * n)
    this.force = new Float64Array(3 * n)
    let measured = 0
    for (let i = 0; i < n - 1; i++) measured += this.distance(i)
    const length = Math.max(lengthM ?? measured, measured)
    this.rest = Float64Array.from({ length: n - 1 }, (_, i) => (this.distance(i) / measured) * length)
    this.piece = length / (n - 1)
  }

  private distance(i: number): number {
    const [a, b] = [3 * i, 3 * i + 3]
    return Math.hypot(
      this.get(this.at, b) - this.get(this.at, a),
      this.get(this.at, b + 1) - this.get(this.at, a + 1),
      this.get(this.at, b + 2) - this.get(this.at, a + 2),
    )
  }
  private get(row: Float64Array, i: number): number {
    return itemAt(row, i)
  }

  /** Where the lure is. */
  get lurePlace(): Vector {
    const i = 3 * this.last
    return [this.get(this.at, i), this.get(this.at, i + 1), this.get(this.at, i + 2)]
  }

  /** Line out, m. */
  get lengthM(): number {
    let sum = 0
    for (let i = this.first; i < this.last; i++) sum += this.get(this.rest, i)
    return sum
  }

  /** Pull at the lure, N. */
  get tensionN(): number {
    const i = this.last - 1
    const rest = this.get(this.rest, i)
    return Math.max(0, (STIFFNESS_N * (this.distance(i) - rest)) / rest)
  }

  /** Longest step that stays calm, s: a tenth of the time in which a piece swings along itself. */
  get longestStepS(): number {
    return 0.7 * this.piece * Math.sqrt(MASS_PER_M / STIFFNESS_N) * 0.4
  }

  /**
   * One step.
   * @param dt s, no longer than `longestStepS`
   * @param windMps line wound in, m/s; 'follow' gives as much line as the lure goes away from the rod, and no more
   */
  step(dt: number, windMps: number | 'follow'): void {
    if (windMps === 'follow') this.payOut()
    else this.wind(windMps * dt)
    this.force.fill(0)
    for (let i = this.first; i < this.last; i++) this.pull(i)
    for (let i = this.first + 1; i < this.last; i++) this.moveLine(i, dt)
    this.moveLure(dt)
  }

  private wind(length: number): void {
    const { first } = this
    this.rest[first] = this.get(this.rest, first) - length
    if (this.get(this.rest, first) > WOUND * this.piece || first >= this.last - 1) return
    // The first mass goes onto the reel; what is left of its piece belongs to the next.
    this.rest[first + 1] = this.get(this.rest, first + 1) + this.get(this.rest, first)
    for (let k = 0; k < 3; k++) {
      this.at[3 * (first + 1) + k] = this.get(this.at, 3 * first + k)
      this.speed[3 * (first + 1) + k] = 0
    }
    this.first += 1
  }

  private payOut(): void {
    const { first } = this
    let square = 0
    for (let k = 0; k < 3; k++) square += (this.get(this.at, 3 * this.last + k) - this.get(this.at, 3 * first + k)) ** 2
    this.rest[first] = this.get(this.rest, first) + Math.max(0, Math.sqrt(square) - this.lengthM)
    if (first === 0 || this.get(this.rest, first) < 2 * this.piece) return
    // A mass comes off the reel again, half-way along the first piece.
    const half = this.get(this.rest, first) / 2
    this.rest[first] = half
    this.rest[first - 1] = half
    for (let k = 0; k < 3; k++) {
      const tip = this.get(this.at, 3 * first + k)
      this.at[3 * (first - 1) + k] = tip
      this.at[3 * first + k] = (tip + this.get(this.at, 3 * (first + 1) + k)) / 2
      this.speed[3 * first + k] = this.get(this.speed, 3 * (first + 1) + k) / 2
    }
    this.first -= 1
  }

  /** Pull of a piece on its two ends, where it is stretched. */
  private pull(i: number): void {
    const { at, speed, force } = this
    const rest = Math.max(this.get(this.rest, i), 1e-3)
    const d = this.distance(i)
    if (d <= rest) return
    const stiffness = STIFFNESS_N / rest
    const [a, b] = [3 * i, 3 * i + 3]
    let closing = 0
    for (let k = 0; k < 3; k++)
      closing += ((this.get(speed, b + k) - this.get(speed, a + k)) * (this.get(at, b + k) - this.get(at, a + k))) / d
    const damping = 2 * STRETCH_DAMPING * Math.sqrt(stiffness * MASS_PER_M * this.piece)
    const tension = Math.max(0, stiffness * (d - rest) + damping * closing)
    for (let k = 0; k < 3; k++) {
      const pull = (tension * (this.get(at, b + k) - this.get(at, a + k))) / d
      force[a + k] = this.get(force, a + k) + pull
      force[b + k] = this.get(force, b + k) - pull
    }
  }

  /** A mass of the line under pull, weight and drag. Drag is taken at the end of the step, so that thin line stays calm. */
  private moveLine(i: number, dt: number): void {
    const { at, speed, force, line, water } = this
    const o = 3 * i
    const length = (this.get(this.rest, i - 1) + this.get(this.rest, i)) / 2
    const mass = MASS_PER_M * this.piece
    const wet = this.get(at, o + 2) > 0
    const area = (Math.PI / 4) * line.diameterM ** 2
    force[o + 2] = this.get(force, o + 2) + (line.densityKgM3 - (wet ? water.density : 0)) * area * GRAVITY * length
    // The way the line lies here.
    let tx = this.get(at, o + 3) - this.get(at, o - 3)
    let ty = this.get(at, o + 4) - this.get(at, o - 2)
    let tz = this.get(at, o + 5) - this.get(at, o - 1)
    const size = Math.sqrt(tx * tx + ty * ty + tz * tz) || 1
    tx /= size
    ty /= size
    tz /= size
    const [fx, fy, fz] = wet ? water.flowMps : STILL
    const [vx, vy, vz] = [this.get(speed, o) - fx, this.get(speed, o + 1) - fy, this.get(speed, o + 2) - fz]
    const along = vx * tx + vy * ty + vz * tz
    const across = Math.sqrt(Math.max(0, vx * vx + vy * vy + vz * vz - along * along))
    const half = 0.5 * (wet ? water.density : AIR)
    const normal = half * this.dragAt(across) * line.diameterM * length * across
    const tangential = half * TANGENTIAL_DRAG * Math.PI * line.diameterM * length * Math.abs(along)
    // Pushed first, then slowed: along the line by one drag, across it by the other.
    const px = vx + (this.get(force, o) / mass) * dt
    const py = vy + (this.get(force, o + 1) / mass) * dt
    const pz = vz + (this.get(force, o + 2) / mass) * dt
    const pushed = px * tx + py * ty + pz * tz
    const byNormal = 1 / (1 + (normal * dt) / mass)
    const more = pushed * (1 / (1 + (tangential * dt) / mass) - byNormal)
    this.move(o, px * byNormal + more * tx + fx, py * byNormal + more * ty + fy, pz * byNormal + more * tz + fz, dt)
    if (this.get(at, o + 2) <= water.depthM) return
    at[o + 2] = water.depthM
    speed[o + 2] = 0
  }

  private dragAt(acrossMps: number): number {
    const { density, viscosity = COOL_WATER } = this.water
    return acrossDrag((density * acrossMps * this.line.diameterM) / viscosity)
  }

  private move(o: number, vx: number, vy: number, vz: number, dt: number): void {
    const { at, speed } = this
    speed[o] = vx
    speed[o + 1] = vy
    speed[o + 2] = vz
    at[o] = this.get(at, o) + vx * dt
    at[o + 1] = this.get(at, o + 1) + vy * dt
    at[o + 2] = this.get(at, o + 2) + vz * dt
  }

  private moveLure(dt: number): void {
    const { at, speed, force, lure, water } = this
    const o = 3 * this.last
    const [fx, fy, fz] = water.flowMps
    const [ux, uy, uz] = [this.get(speed, o) - fx, this.get(speed, o + 1) - fy, this.get(speed, o + 2) - fz]
    const size = Math.sqrt(ux * ux + uy * uy + uz * uz)
    // Its nose points along the line, turned down by as much as its planes dive.
    const nx = this.get(at, o - 3) - this.get(at, o)
    const ny = this.get(at, o - 2) - this.get(at, o + 1)
    const nz = this.get(at, o - 1) - this.get(at, o + 2)
    const level = Math.hypot(nx, ny) || 1
    const [ex, ey] = [nx / level, ny / level]
    const slope = Math.atan2(nz, level) + Math.atan(lure.diveAngleTan)
    const ahead = (ux * ex + uy * ey) * Math.cos(slope) + uz * Math.sin(slope)
    const share = size > 0 ? Math.max(0, ahead / size) : 0
    const dragArea = lure.towDragAreaM2 * share ** 2 + lure.sinkDragAreaM2 * (1 - share ** 2)
    const drag = 0.5 * water.density * dragArea * size
    // The lift stands across its way, in the upright plane of the line: down where it dives.
    const lift = 0.5 * water.density * lure.towDragAreaM2 * size * lure.diveAngleTan * share
    const displaced = Math.max(0, lure.massKg - lure.submergedWeightN / GRAVITY)
    const mass = lure.massKg + displaced / 2
    // Half of the last piece hangs on it: what that drags across itself, and weighs.
    const half = this.get(this.rest, this.last - 1) / 2
    const long = Math.sqrt(nx * nx + ny * ny + nz * nz) || 1
    const [tx, ty, tz] = [nx / long, ny / long, nz / long]
    const along = ux * tx + uy * ty + uz * tz
    const across = Math.sqrt(Math.max(0, size * size - along * along))
    const lineDrag = 0.5 * water.density * this.dragAt(across) * this.line.diameterM * half * across
    const lineWeight =
      (this.line.densityKgM3 - water.density) * (Math.PI / 4) * this.line.diameterM ** 2 * GRAVITY * half
    const slowed = 1 / (1 + (drag * dt) / mass)
    const slowedAcross = 1 / (1 + ((drag + lineDrag) * dt) / mass)
    const [px, py, pz] = [
      ux + ((this.get(force, o) - uz * ex * lift) / mass) * dt,
      uy + ((this.get(force, o + 1) - uz * ey * lift) / mass) * dt,
      uz + ((this.get(force, o + 2) + lure.submergedWeightN + lineWeight + (ux * ex + uy * ey) * lift) / mass) * dt,
    ]
    const more = (px * tx + py * ty + pz * tz) * (slowed - slowedAcross)
    this.move(
      o,
      px * slowedAcross + more * tx + fx,
      py * slowedAcross + more * ty + fy,
      pz * slowedAcross + more * tz + fz,
      dt,
    )
    const z = this.get(at, o + 2)
    if (z >= 0 && z <= water.depthM) return
    at[o + 2] = z < 0 ? 0 : water.depthM
    speed[o + 2] = 0
  }
}

/** Places evenly along a broken way, `pieces` and one of them. */
export function placesAlong(way: readonly Vector[], pieces: number): Vector[] {
  const legs = way.slice(1).map((to, i) => {
    const from = way[i] ?? to
    return { from, to, length: Math.hypot(to[0] - from[0], to[1] - from[1], to[2] - from[2]) }
  })
  const whole = legs.reduce((sum, l) => sum + l.length, 0)
  return Array.from({ length: pieces + 1 }, (_, i) => {
    let left = (whole * i) / pieces
    for (const [n, { from, to, length }] of legs.entries()) {
      if (left <= length || n === legs.length - 1) {
        const share = length > 0 ? Math.min(1, left / length) : 0
        const between = (k: 0 | 1 | 2) => from[k] + share * (to[k] - from[k])
        return [between(0), between(1), between(2)]
      }
      left -= length
    }
    throw new Error('no way')
  })
}

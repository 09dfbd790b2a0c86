import { GRAVITY_MPS2 } from '../constants'
import type { BuildMotion } from './build-motion'
import { LINE_TANGENTIAL_DRAG } from './cable-ode'
import type { Drift } from './cast-plan'
import { LINE_NORMAL_DRAG } from './line-shape'
import { sinkRateMps, transverseSpeedMps } from './pull'

/** What hangs on the line, and the water it is drawn through. SI. */
export interface OnTheLine {
  readonly motion: BuildMotion
  readonly density: number
  readonly lineDiameterM: number
  /** Density of the line's stuff, kg/m³. */
  readonly lineDensityKgM3: number
  readonly depthM: number
  readonly rodTipM: number
  /** Water past the rod tip, away from it and across, m/s: a current seen from the bank, or a boat's drift the other way. */
  readonly flowMps: Drift
  /** Bottom past the rod tip, the same way: 0 from the bank, a boat's drift the other way. */
  readonly groundMps: Drift
}

/** Places of the line's joints, as shares of the way from the lure to the rod tip: close where it bends most. */
const PLACES = Float64Array.of(0, 0.05, 0.15, 0.3, 0.5, 0.75, 1)
const LAST = PLACES.length - 1
/** The n-th of a row; NaN where there is none, which no later sum hides. */
const nth = (row: Float64Array, n: number): number => row[n] ?? NaN
/** Line in the air is held back by this much of the water's drag: more than air has, so that it comes to rest within a step. */
const AIR_DRAG = 0.03
/** A joint this little above the surface lies on it, m. */
const ON_SURFACE_M = 0.02
/** No line pulls less, N. */
const LEAST_PULL_N = 2e-3
/** The last half piece bends the line at the lure by no more than this slope. */
const MOST_BEND = 0.5
/** Tries at one step; the speed along the line is found at least to this, m/s. */
const TRIES = 12
const NEAR_MPS = 1e-3
/** The line is never taken as shorter, m. */
const SHORTEST_M = 0.2
/** In less time than this nothing moves, s. */
const SHORTEST_S = 1e-6

/** How fast the miss grows with the speed along the line, at least: it does so by one where the bow does not answer. */
const LEAST_SLOPE = 0.5

/** How the lure moved on its line in one kind of step. */
class Pace {
  known = false
  along = 0
  across = 0
  pullN = LEAST_PULL_N
  slope = 1
  vx = 0
  vy = 0
  vz = 0
  /** Speed of the water across each joint, m/s. */
  readonly past = new Float64Array(PLACES.length)

  forget(): void {
    this.known = false
    this.along = 0
    this.across = 0
    this.slope = 1
    this.vx = 0
    this.vy = 0
    this.vz = 0
    this.past.fill(0)
  }
}

/**
 * A lure on a line through the water, in the space around the rod tip: x m away from it, y m across, z m down from the surface.
 *
 * The line is a chord with a bow on it, upright and sideways. The bow moves as drag across the line (½ρ·Cₙ·d·v²), its weight and the lure's pull let it; pull
 * grows towards the rod by the drag along the line. The lure moves along its line as fast as line is wound in and as the bow gives or takes, across
 * it as its weight, drag and planes balance ({@link transverseSpeedMps}). So a line that lies slack is wound in first, one that rises bows down and holds a
 * sinker deep, and one that a current pushes bows aside. Nothing here has inertia.
 *
 * Held against a line of lumped masses with inertia, in the tests: the differences stand in docs/decisions.md.
 */
export class BowedLine {
  x = 0
  y = 0
  z = 0
  /** Pull of the line at the lure, N. */
  tensionN = LEAST_PULL_N
  /** Line out, m. */
  lengthM = 0
  /** Free fall, m/s, negative where it rises. */
  fallMps = 0

  /** The speed along the line is found to this share of it: a coarse one is quick, and errs a little from step to step. */
  near = 0.03
  private on: OnTheLine | null = null
  private flat = true
  /** What a pull and a rest were like the last time: they take turns, and each begins best where it left off. */
  private readonly last = { pull: new Pace(), rest: new Pace() }
  private vx = 0
  private vy = 0
  private vz = 0
  /** Speeds of the line's two ends through the water, across the chord and along it towards the rod, m/s. */
  private endUp = 0
  private endSide = 0
  private endAlong = 0
  private tipUp = 0
  private tipSide = 0
  private tipAlong = 0
  /** Drag across and along a metre of line at 1 m/s, N; its weight in water and in air, N/m. */
  private normalDrag = 0
  private skinDrag = 0
  private wetWeight = 0
  private airWeight = 0
  /** Bow up and aside at the joints, m; as it was, and as it becomes. */
  private readonly up = new Float64Array(LAST + 1)
  private readonly side = new Float64Array(LAST + 1)
  private readonly nextUp = new Float64Array(LAST + 1)
  private readonly nextSide = new Float64Array(LAST + 1)
  /** Length of each piece, m; room for the elimination. */
  private readonly piece = new Float64Array(LAST + 1)
  private readonly share = new Float64Array(LAST + 1)

  /** Takes a lure on a line; what was there before is forgotten. */
  take(on: OnTheLine): void {
    this.on = on
    const { motion, density, lineDiameterM, lineDensityKgM3, flowMps } = on
    this.flat = flowMps[1] === 0
    this.fallMps = sinkRateMps(motion, density)
    this.normalDrag = 0.5 * density * LINE_NORMAL_DRAG * lineDiameterM
    this.skinDrag = 0.5 * density * LINE_TANGENTIAL_DRAG * Math.PI * lineDiameterM
    const weight = (Math.PI / 4) * lineDiameterM ** 2 * GRAVITY_MPS2
    this.wetWeight = (lineDensityKgM3 - density) * weight
    this.airWeight = lineDensityKgM3 * weight
  }

  /** Puts the lure somewhere: on a straight line, or on one that lies on the surface and leads straight down to it. */
  lay(x: number, y: number, z: number, slack: boolean): void {
    const { rodTipM } = this.given
    this.x = x
    this.y = y
    this.z = z
    this.vx = 0
    this.vy = 0
    this.vz = 0
    this.last.pull.forget()
    this.last.rest.forget()
    this.up.fill(0)
    this.side.fill(0)
    const chord = this.chordM
    if (slack) {
      const level = Math.hypot(x, y)
      for (let i = 1; i < LAST; i++) {
        const s = nth(PLACES, i)
        const below = z * (1 - s) - rodTipM * s
        // Up across the chord to the surface, but not past the upright above the lure.
        this.up[i] = Math.max(0, Math.min((below * chord) / level, (s * level * chord) / (z + rodTipM)))
      }
    }
    this.lengthM = this.measure(this.up, this.side, chord)
  }

  /** Straight from the rod tip to the lure, m. */
  get chordM(): number {
    return Math.max(SHORTEST_M, Math.hypot(this.x, this.y, this.z + this.given.rodTipM))
  }

  /** Level distance from the rod tip, m. */
  get awayM(): number {
    return Math.sqrt(this.x * this.x + this.y * this.y)
  }

  /** Speed downwards in the last step, before bottom or surface stopped it, m/s. */
  get sinkingMps(): number {
    return this.vz
  }

  /** Carries the lure and its bow along by so much, m: for coarse paths. */
  shift(x: number, y: number, z: number): void {
    this.x += x
    this.y += y
    this.z += z
    this.keepInWater(false, 0)
    this.lengthM = this.measure(this.up, this.side, this.chordM)
  }

  private get given(): OnTheLine {
    if (!this.on) throw new Error('no lure is on the line: take one first')
    return this.on
  }

  /** Length along the bow, m; leaves the length of every piece. */
  private measure(up: Float64Array, side: Float64Array, chord: number): number {
    let whole = 0
    for (let i = 1; i <= LAST; i++) {
      const d = (nth(PLACES, i) - nth(PLACES, i - 1)) * chord
      const u = nth(up, i) - nth(up, i - 1)
      const s = nth(side, i) - nth(side, i - 1)
      const length = Math.sqrt(d * d + u * u + s * s)
      this.piece[i] = length
      whole += length
    }
    return whole
  }

  /**
   * Line is wound in, or held, for a while.
   * @param dt s; a metre of line a step at most
   * @param windMps line wound in, m/s, ≥ 0
   */
  step(dt: number, windMps: number): void {
    this.move(dt, windMps)
    this.lengthM -= windMps * dt
    this.keepInWater(windMps === 0, dt)
  }

  /** The rod follows the lure for a while: line is given as it goes away, and no more. */
  follow(dt: number): void {
    const { rodTipM } = this.given
    const away = ((this.z + rodTipM) / this.chordM) * Math.max(0, this.fallMps) * dt
    this.lengthM = Math.max(this.lengthM, this.chordM + away)
    this.move(dt, 0)
    this.keepInWater(true, dt)
    this.lengthM = Math.max(this.lengthM - away, this.chordM)
  }

  private keepInWater(resting: boolean, dt: number): void {
    const { depthM, groundMps } = this.given
    if (this.z < 0) this.z = 0
    if (this.z < depthM) return
    this.z = depthM
    if (!resting) return
    // It lies where it lies; from a boat that slides, that is another place.
    this.x += (groundMps[0] - this.vx) * dt
    this.y += (groundMps[1] - this.vy) * dt
  }

  private move(dt: number, windMps: number): void {
    if (dt < SHORTEST_S) return
    const { motion, density, depthM, rodTipM, flowMps } = this.given
    const { up, side, nextUp, nextSide, piece, flat } = this
    const { submergedWeightN, diveAngleTan, towDragAreaM2, sinkDragAreaM2 } = motion
    const [flowX, flowY] = flowMps
    const before = this.chordM
    const noseUp = Math.sqrt(1 + diveAngleTan * diveAngleTan)
    this.measure(up, side, before)
    nextUp.set(up)
    nextSide.set(side)
    const pace = windMps > 0 ? this.last.pull : this.last.rest
    if (!pace.known) {
      pace.known = true
      pace.along = windMps
      const drag = 0.5 * density * towDragAreaM2 * windMps * windMps
      pace.pullN = Math.max(LEAST_PULL_N, drag + (submergedWeightN * (this.z + rodTipM)) / before)
    }
    let { along, across, pullN: pull } = pace
    this.vx = pace.vx
    this.vy = pace.vy
    this.vz = pace.vz
    let low = -Infinity
    let high = Infinity
    let lastAlong = 0
    let lastMiss = 0
    // Direction of the line at the lure and of the downward normal to it: towards the rod, aside, down.
    let th = 1
    let ts = 0
    let tz = 0
    let nh = 0
    let ns = 0
    let nz = 1
    for (let i = 0; i < TRIES; i++) {
      // The chord half-way along the step: towards the rod, and down.
      const x = this.x + (this.vx * dt) / 2
      const y = this.y + (this.vy * dt) / 2
      const aimZ = this.z + (this.vz * dt) / 2
      const z = aimZ < 0 ? 0 : aimZ > depthM ? depthM : aimZ
      const level = Math.max(0.05, Math.sqrt(x * x + y * y))
      const chord = Math.max(SHORTEST_M, Math.sqrt(level * level + (z + rodTipM) * (z + rodTipM)))
      const cos = level / chord
      const sin = (z + rodTipM) / chord
      const towardX = -x / level
      const towardY = -y / level
      const flowH = flowX * towardX + flowY * towardY
      const flowS = flowY * towardX - flowX * towardY
      const flowAlong = flowH * cos
      // The line's direction at the lure: its first piece, bent on by what half of it drags and weighs.
      const firstM = nth(PLACES, 1) * chord
      let slopeUp = nth(nextUp, 1) / firstM
      let slopeSide = nth(nextSide, 1) / firstM
      {
        const u = -(along * th + across * nh) * sin - (along * tz + across * nz) * cos
        const s = along * ts + across * ns
        const speed = flat ? Math.abs(u) : Math.sqrt(u * u + s * s)
        const by = nth(piece, 1) / (2 * pull)
        const bendUp = -by * (this.wetWeight * cos + this.normalDrag * speed * u)
        const bendSide = -by * this.normalDrag * speed * s
        const bend = flat ? Math.abs(bendUp) : Math.sqrt(bendUp * bendUp + bendSide * bendSide)
        const held = bend > MOST_BEND ? MOST_BEND / bend : 1
        slopeUp += bendUp * held
        slopeSide += bendSide * held
      }
      const norm = Math.sqrt(1 + slopeUp * slopeUp + slopeSide * slopeSide)
      th = (cos - slopeUp * sin) / norm
      ts = slopeSide / norm
      tz = (-sin - slopeUp * cos) / norm
      nz = Math.sqrt(Math.max(1e-6, 1 - tz * tz))
      nh = (-tz * th) / nz
      ns = (-tz * ts) / nz
      const normalAlong = nh * cos - nz * sin

      // The lure: nose first it has one drag, broadside another, and its planes work as far as it goes nose first.
      const speed = Math.sqrt(along * along + across * across)
      const ahead = speed > 1e-6 ? Math.max(0, (along + across * diveAngleTan) / (speed * noseUp)) : 1
      const area = towDragAreaM2 * ahead * ahead + sinkDragAreaM2 * (1 - ahead * ahead)
      const half = 0.5 * density * area
      const dive = (diveAngleTan * ahead * towDragAreaM2) / area
      // A line cannot push: along it, the lure goes no slower than it would fall free.
      const slowest = this.fallMps * tz
      if (along < slowest) along = slowest
      across =
        along >= 0
          ? transverseSpeedMps(along, dive, submergedWeightN / half, nz)
          : transverseSpeedMps(-along, 0, submergedWeightN / half, nz)
      const drag = half * Math.sqrt(along * along + across * across) * (along + across * dive)
      pull = Math.max(LEAST_PULL_N, drag - submergedWeightN * tz)
      const uh = along * th + across * nh
      const us = along * ts + across * ns
      const uz = along * tz + across * nz

      this.endUp = -uh * sin - uz * cos
      this.endSide = us
      this.endAlong = uh * cos - uz * sin
      this.tipUp = flowH * sin
      this.tipSide = -flowS
      this.tipAlong = -flowAlong
      this.bend(dt, z, cos, chord, pull, this.skinDrag * along * along, pace.past)
      const bowed = this.measure(nextUp, nextSide, chord) - chord
      this.vx = uh * towardX - us * towardY + flowX
      this.vy = uh * towardY + us * towardX + flowY
      this.vz = uz
      // What the line left out, less its bow, asks of the lure.
      const wanted = (windMps + (before + bowed - this.lengthM) / dt - flowAlong - across * normalAlong) * norm
      const miss = along - wanted
      if (miss > 0) high = Math.min(high, along)
      else low = Math.max(low, along)
      if (i > 0 && Math.abs(along - lastAlong) > 1e-9) {
        const slope = (miss - lastMiss) / (along - lastAlong)
        if (slope > LEAST_SLOPE) pace.slope = slope
      }
      let next = along - miss / pace.slope
      if (!(next >= low && next <= high)) next = high < Infinity && low > -Infinity ? (low + high) / 2 : wanted
      lastAlong = along
      lastMiss = miss
      if (i === TRIES - 1 || Math.abs(miss) < this.near * (NEAR_MPS + Math.abs(along))) break
      along = next
    }
    this.x += this.vx * dt
    this.y += this.vy * dt
    this.z += this.vz * dt
    up.set(nextUp)
    side.set(nextSide)
    pace.along = along
    pace.across = across
    pace.pullN = pull
    pace.vx = this.vx
    pace.vy = this.vy
    pace.vz = this.vz
    this.tensionN = pull
  }

  /** The bow at the end of a step: every joint between pull, drag and weight, all at once (implicit in time; one elimination). */
  private bend(
    dt: number,
    z: number,
    cos: number,
    chord: number,
    pull: number,
    skin: number,
    past: Float64Array,
  ): void {
    const { up, side, nextUp, nextSide, piece, share, flat, normalDrag, wetWeight, airWeight } = this
    const { endUp, endSide, endAlong, tipUp, tipSide, tipAlong } = this
    const { rodTipM } = this.given
    let lastUp = 0
    let lastSide = 0
    share[0] = 0
    for (let i = 1; i < LAST; i++) {
      const s = nth(PLACES, i)
      const sBefore = nth(PLACES, i - 1)
      const sAfter = nth(PLACES, i + 1)
      const before = (pull + skin * chord * (s + sBefore) * 0.5) / nth(piece, i)
      const after = (pull + skin * chord * (s + sAfter) * 0.5) / nth(piece, i + 1)
      const span = ((sAfter - sBefore) * chord) / 2
      const arc = (nth(piece, i) + nth(piece, i + 1)) / 2
      const slant = span / arc
      const sliding = (1 - s) * endAlong + s * tipAlong
      const moveUp = (1 - s) * endUp + s * tipUp
      const moveSide = (1 - s) * endSide + s * tipSide
      const u =
        (nth(nextUp, i) - nth(up, i)) / dt + moveUp - (sliding * (nth(nextUp, i + 1) - nth(nextUp, i - 1))) / (2 * span)
      let water = Math.abs(u)
      if (!flat) {
        const v =
          (nth(nextSide, i) - nth(side, i)) / dt +
          moveSide -
          (sliding * (nth(nextSide, i + 1) - nth(nextSide, i - 1))) / (2 * span)
        water = Math.sqrt(u * u + v * v)
      }
      const speed = Math.max(1e-3, (nth(past, i) + water) / 2)
      past[i] = speed
      const wet = z * (1 - s) - rodTipM * s - nth(nextUp, i) * cos > -ON_SURFACE_M
      const drag = (wet ? 1 : AIR_DRAG) * normalDrag * span * slant * slant * speed
      const weight = (wet ? wetWeight : airWeight) * arc
      const slide = (drag * sliding) / (2 * span)
      const low = before - slide
      const by = 1 / (before + after + drag / dt - low * nth(share, i - 1))
      share[i] = (after + slide) * by
      lastUp = (drag * (nth(up, i) / dt - moveUp) - weight * cos + low * lastUp) * by
      nextUp[i] = lastUp
      if (flat) continue
      lastSide = (drag * (nth(side, i) / dt - moveSide) + low * lastSide) * by
      nextSide[i] = lastSide
    }
    for (let i = LAST - 2; i >= 1; i--) {
      nextUp[i] = nth(nextUp, i) + nth(share, i) * nth(nextUp, i + 1)
      if (!flat) nextSide[i] = nth(nextSide, i) + nth(share, i) * nth(nextSide, i + 1)
    }
  }
}

import { Bow, newPast, type LineStuff } from './bow'
import type { BuildMotion, Drift } from './types'
import { sinkRateMps, transverseSpeedMps } from './pull'

/** What hangs on the line, and the water it is drawn through. SI. */
export interface OnTheLine extends LineStuff {
  readonly motion: BuildMotion
  readonly depthM: number
  /** Water past the rod tip, away from it and across, m/s: a current seen from the bank, or a boat's drift the other way. */
  readonly flowMps: Drift
  /** Bottom past the rod tip, the same way: 0 from the bank, a boat's drift the other way. */
  readonly groundMps: Drift
}

/** No line pulls less, N. */
const LEAST_PULL_N = 2e-3
/** Tries at one step; the speed along the line is found at least to this, m/s. */
const MOST_TRIES = 12
const NEAR_MPS = 1e-3
/** It changes by no more than this share of it and of the winding from try to try, and this, m/s. */
const MOST_CHANGE = 0.5
const LEAST_CHANGE_MPS = 0.1
/** The line is never taken as shorter, m. */
const SHORTEST_M = 0.2
/** Slack of less than this share of the line is none. */
const STRAIGHT = 2e-4
/** A chord is never longer than this many times its line: the last try is not exact. */
const SLIPS = 1.05
/** In less time than this nothing moves, s. */
const SHORTEST_S = 1e-6

/** From the third try on the bow goes this share of its way only, lest it swing to and fro between two shapes. */
const EASED = 0.7
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
  readonly past = newPast()

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
  /** and in no more tries than these. */
  tries = MOST_TRIES
  private on: OnTheLine | null = null
  /** Neither water nor bottom moves past the rod. */
  private still = true
  /** What a pull and a rest were like the last time: they take turns, and each begins best where it left off. */
  private readonly last = { pull: new Pace(), rest: new Pace() }
  private vx = 0
  private vy = 0
  private vz = 0
  private readonly bow = new Bow()

  /** Takes a lure on a line; what was there before is forgotten. */
  take(on: OnTheLine): void {
    this.on = on
    this.fallMps = sinkRateMps(on.motion, on.density)
    this.bow.take(on)
    this.bow.flat = on.flowMps[1] === 0
    this.still = [...on.flowMps, ...on.groundMps].every((speed) => speed === 0)
  }

  /** The water goes by otherwise from now on: under a boat that turns. */
  turnFlow(flowMps: Drift): void {
    this.on = { ...this.given, flowMps }
    this.bow.flat = false
    this.still = false
  }

  /** Puts the lure somewhere: on a straight line, or on one that lies on the surface and leads straight down to it. */
  lay(x: number, y: number, z: number, slack: boolean): void {
    this.x = x
    this.y = y
    this.z = z
    this.vx = 0
    this.vy = 0
    this.vz = 0
    this.last.pull.forget()
    this.last.rest.forget()
    this.lengthM = this.bow.lay(Math.hypot(x, y), z, this.chordM, slack)
  }

  /** Straight from the rod tip to the lure, m. */
  get chordM(): number {
    const under = this.z + this.given.rodTipM
    return Math.max(SHORTEST_M, Math.sqrt(this.x * this.x + this.y * this.y + under * under))
  }

  /** Level distance from the rod tip, m. */
  get awayM(): number {
    return Math.sqrt(this.x * this.x + this.y * this.y)
  }

  /** Speed downwards in the last step, before bottom or surface stopped it, m/s. */
  get sinkingMps(): number {
    return this.vz
  }

  /** Speed of the lure in the last step, m/s. */
  get speedMps(): number {
    return Math.sqrt(this.vx * this.vx + this.vy * this.vy + this.vz * this.vz)
  }

  /**
   * Carries the lure and its bow on by so much, m, and its chord to so much more: where beats are alike. The chord is what line wound in and given leaves; how far
   * away the lure is follows from it and from its depth.
   */
  carry(x: number, y: number, z: number, chordM: number): void {
    const { rodTipM } = this.given
    const before = this.chordM
    const chord = Math.max(SHORTEST_M, before + chordM)
    this.x += x
    this.y += y
    this.z = Math.min(this.z + z, chord - rodTipM)
    this.keepInWater(false, 0)
    const by = Math.sqrt(Math.max(0, chord * chord - (this.z + rodTipM) ** 2)) / Math.max(1e-9, this.awayM)
    this.x *= by
    this.y *= by
    // Under an even load a bow grows with the square of its chord.
    this.bow.deepen((chord / before) ** 2)
    this.lengthM = this.bow.lengthOn(this.chordM)
  }

  private get given(): OnTheLine {
    if (!this.on) throw new Error('no lure is on the line: take one first')
    return this.on
  }

  /**
   * Line is wound in, or held, for a while.
   * @param dt s; short enough that no more than a metre of line or of water goes by, else the bow runs wild
   * @param windMps line wound in, m/s, ≥ 0
   */
  step(dt: number, windMps: number): void {
    if (windMps === 0 && this.still && this.isLying) return this.lie(dt)
    this.move(dt, windMps)
    this.lengthM -= windMps * dt
    this.keepInWater(windMps === 0, dt)
    this.keepOnLine()
  }

  /** The rod follows the lure for a while: slack goes first, and where the line is straight it is given as the lure falls, and no more. */
  follow(dt: number): void {
    if (this.isLying) return this.lie(dt)
    const { rodTipM, depthM } = this.given
    const falls = Math.min(Math.max(0, this.fallMps) * dt, depthM - this.z)
    const away = ((this.z + rodTipM) / this.chordM) * falls
    const before = this.lengthM
    this.lengthM = before - this.chordM < STRAIGHT * before ? this.chordM + away : before
    this.move(dt, 0)
    this.keepInWater(true, dt)
    // A current may pull, but no line is given to it.
    this.lengthM = Math.max(before, Math.min(this.chordM, this.lengthM))
    this.keepOnLine()
  }

  private get isLying(): boolean {
    return this.fallMps > 0 && this.z >= this.given.depthM
  }

  /** A lure that lies on the bottom stays there, and its line as it is: only the bottom may slide, under a boat that drifts. */
  private lie(dt: number): void {
    const { groundMps } = this.given
    const before = this.chordM
    this.x += groundMps[0] * dt
    this.y += groundMps[1] * dt
    this.lengthM = Math.max(this.lengthM, this.lengthM + this.chordM - before)
    this.vx = groundMps[0]
    this.vy = groundMps[1]
    this.vz = 0
  }

  /** No lure goes farther than its line: what a step that was too long would have it do is taken back along the chord. */
  private keepOnLine(): void {
    const { rodTipM } = this.given
    const most = SLIPS * Math.max(SHORTEST_M, this.lengthM)
    const chord = this.chordM
    if (chord <= most) return
    const by = most / chord
    this.x *= by
    this.y *= by
    this.z = Math.max(0, (this.z + rodTipM) * by - rodTipM)
  }

  /** Where a heavy line leaves a lure of no weight and no drag without a pull of its own, the sums run away: it goes with the water for that step, on a straight line. */
  private letGo(dt: number): void {
    const { x, y, z } = this
    const [flowX, flowY] = this.given.flowMps
    this.lay(x + flowX * dt, y + flowY * dt, z, false)
    this.vx = flowX
    this.vy = flowY
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
    const { bow } = this
    const { submergedWeightN, diveAngleTan, towDragAreaM2, sinkDragAreaM2 } = motion
    const [flowX, flowY] = flowMps
    const before = this.chordM
    const noseUp = Math.sqrt(1 + diveAngleTan * diveAngleTan)
    bow.begin(before)
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
    let lastAlong = 0
    let lastMiss = 0
    let wasHeld = false
    // Direction of the line at the lure and of the downward normal to it: towards the rod, aside, down.
    let th = 1
    let ts = 0
    let tz = 0
    let nh = 0
    let ns = 0
    let nz = 1
    for (let i = 0; i < this.tries; i++) {
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
      bow.z = z
      bow.cos = cos
      bow.chord = chord
      bow.pull = pull
      bow.lean(-(along * th + across * nh) * sin - (along * tz + across * nz) * cos, along * ts + across * ns)
      const { slopeUp, slopeSide } = bow
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
      const held = along < slowest
      if (held) along = slowest
      across =
        along >= 0
          ? transverseSpeedMps(along, dive, submergedWeightN / half, nz)
          : transverseSpeedMps(-along, 0, submergedWeightN / half, nz)
      const drag = half * Math.sqrt(along * along + across * across) * (along + across * dive)
      pull = Math.max(LEAST_PULL_N, drag - submergedWeightN * tz)
      const uh = along * th + across * nh
      const us = along * ts + across * ns
      const uz = along * tz + across * nz

      bow.pull = pull
      bow.along = along
      bow.endUp = -uh * sin - uz * cos
      bow.endSide = us
      bow.endAlong = uh * cos - uz * sin
      bow.tipUp = flowH * sin
      bow.tipSide = -flowS
      bow.tipAlong = -flowAlong
      bow.bend(dt, pace.past, i > 1 ? EASED : 1)
      const bowed = bow.lengthM - chord
      this.vx = uh * towardX - us * towardY + flowX
      this.vy = uh * towardY + us * towardX + flowY
      this.vz = uz
      // What the line left out, less its bow, asks of the lure.
      const wanted = (windMps + (before + bowed - this.lengthM) / dt - flowAlong - across * normalAlong) * norm
      const miss = along - wanted
      if (i > 0 && Math.abs(along - lastAlong) > 1e-9) {
        const slope = (miss - lastMiss) / (along - lastAlong)
        if (slope > LEAST_SLOPE) pace.slope = slope
      }
      lastAlong = along
      lastMiss = miss
      if (held && wasHeld && miss > 0) break
      wasHeld = held
      if (i === this.tries - 1 || Math.abs(miss) < this.near * (NEAR_MPS + Math.abs(along))) break
      // Bow and water change from try to try, too: no try goes far.
      const most = MOST_CHANGE * (Math.abs(along) + windMps + LEAST_CHANGE_MPS)
      along -= Math.max(-most, Math.min(most, miss / pace.slope))
    }
    if (!Number.isFinite(this.vx + this.vy + this.vz + bow.lengthM)) return this.letGo(dt)
    this.x += this.vx * dt
    this.y += this.vy * dt
    this.z += this.vz * dt
    bow.keep()
    pace.along = along
    pace.across = across
    pace.pullN = pull
    pace.vx = this.vx
    pace.vy = this.vy
    pace.vz = this.vz
    this.tensionN = pull
  }
}

import { GRAVITY_MPS2 } from '../constants'
import { LINE_TANGENTIAL_DRAG } from './cable-ode'
import { AcrossLine, type Fluid } from './line-drag'

/** Places of the line's joints, as shares of the way from the lure to the rod tip: close where it bends most. */
const PLACES = Float64Array.of(0, 0.05, 0.15, 0.3, 0.5, 0.75, 1)
const LAST = PLACES.length - 1
/** The n-th of a row; NaN where there is none, which no later sum hides. */
const nth = (row: Float64Array, n: number): number => row[n] ?? NaN
/** Line in the air is held back by this much of the water's drag: more than air has, so that it comes to rest within a step. */
const AIR_DRAG = 0.03
/** A joint comes out of the water over this height, m: no line lifts off all at once. */
const SKIN_M = 0.2
/** The last half piece bends the line at the lure by no more than this slope. */
const MOST_BEND = 0.5

/** Until a line is taken. */
const NO_LINE = new AcrossLine({ density: 0, viscosity: 1 }, 0)

/** A line's stuff, and the water it is in. */
export interface LineStuff extends Fluid {
  readonly lineDiameterM: number
  /** kg/m³ */
  readonly lineDensityKgM3: number
  readonly rodTipM: number
}

/**
 * The bow of a line on its chord from lure to rod tip, upright and sideways. Its joints move as drag across the line (½ρ·C(Re)·d·v²), weight and pull let them; the
 * pull grows towards the rod by the drag along the line. A step sets `z`, `cos`, `chord`, `pull`, `along` and the speeds of both ends, then asks
 * {@link bend}: fields instead of arguments, because a ranking asks a million times.
 */
export class Bow {
  /** The lure's depth, m; cosine of the chord to the level; its length, m. */
  z = 0
  cos = 1
  chord = 1
  /** Pull at the lure, N; speed of the line along itself, m/s. */
  pull = 0
  along = 0
  /** Speeds of the line's two ends through the water, across the chord and along it towards the rod, m/s. */
  endUp = 0
  endSide = 0
  endAlong = 0
  tipUp = 0
  tipSide = 0
  tipAlong = 0
  slopeUp = 0
  slopeSide = 0
  /** Whether nothing moves it aside. */
  flat = true
  private across = NO_LINE
  /** Drag along a metre of line at 1 m/s, N; its weight in water and in air, N/m. */
  private skinDrag = 0
  private wetWeight = 0
  private airWeight = 0
  /** Bow up and aside at the joints, m; as it was, and as it becomes. */
  private readonly up = new Float64Array(LAST + 1)
  private readonly side = new Float64Array(LAST + 1)
  private readonly nextUp = new Float64Array(LAST + 1)
  private readonly nextSide = new Float64Array(LAST + 1)
  private readonly triedUp = new Float64Array(LAST + 1)
  private readonly triedSide = new Float64Array(LAST + 1)
  /** Length of each piece, m; room for the elimination. */
  private readonly piece = new Float64Array(LAST + 1)
  private readonly share = new Float64Array(LAST + 1)

  private rodTipM = 0

  take({ density, viscosity, lineDiameterM, lineDensityKgM3, rodTipM }: LineStuff): void {
    this.rodTipM = rodTipM
    this.across = new AcrossLine({ density, viscosity }, lineDiameterM)
    this.skinDrag = 0.5 * density * LINE_TANGENTIAL_DRAG * Math.PI * lineDiameterM
    const weight = (Math.PI / 4) * lineDiameterM ** 2 * GRAVITY_MPS2
    this.wetWeight = (lineDensityKgM3 - density) * weight
    this.airWeight = lineDensityKgM3 * weight
  }

  /** Straight; or hanging from the rod tip to the surface, lying there and leading straight down to a lure `level` m away and `z` m down. Answers with its length, m. */
  lay(level: number, z: number, chord: number, slack: boolean): number {
    this.up.fill(0)
    this.side.fill(0)
    if (slack)
      for (let i = 1; i < LAST; i++) {
        const s = nth(PLACES, i)
        const below = z * (1 - s) - this.rodTipM * s
        // Across the chord to the surface, but not past the upright above the lure, nor that below the rod tip.
        const upright = (level * chord) / (z + this.rodTipM)
        this.up[i] = Math.max((s - 1) * upright, Math.min((below * chord) / level, s * upright))
      }
    return this.measure(this.up, this.side, chord)
  }

  /** Begins a step from the bow as it is, on a chord of so many metres. */
  begin(chord: number): void {
    this.measure(this.up, this.side, chord)
    this.nextUp.set(this.up)
    this.nextSide.set(this.side)
  }

  /** Keeps the bow that the step came to. */
  keep(): void {
    this.up.set(this.nextUp)
    this.side.set(this.nextSide)
  }

  /** Makes the bow so many times as deep. */
  deepen(by: number): void {
    for (let i = 1; i < LAST; i++) {
      this.up[i] = by * nth(this.up, i)
      this.side[i] = by * nth(this.side, i)
    }
  }

  /** Length along the bow as it is, on a chord of so many metres. */
  lengthOn(chord: number): number {
    return this.measure(this.up, this.side, chord)
  }

  /** Length along the bow that the step has come to, m. */
  get lengthM(): number {
    return this.measure(this.nextUp, this.nextSide, this.chord)
  }

  /**
   * Leaves in `slopeUp` and `slopeSide` the slope of the line at the lure from the chord, for a lure that moves so fast across the chord, m/s: its first piece, bent on by what half of
   * it drags and weighs.
   */
  lean(up: number, side: number): void {
    const { flat, chord } = this
    const firstM = nth(PLACES, 1) * chord
    const speed = flat ? Math.abs(up) : Math.sqrt(up * up + side * side)
    const by = nth(this.piece, 1) / (2 * this.pull)
    const drag = this.across.at(speed)
    const bendUp = -by * (this.wetWeight * this.cos + drag * up)
    const bendSide = -by * drag * side
    const bend = flat ? Math.abs(bendUp) : Math.sqrt(bendUp * bendUp + bendSide * bendSide)
    const held = bend > MOST_BEND ? MOST_BEND / bend : 1
    this.slopeUp = nth(this.nextUp, 1) / firstM + bendUp * held
    this.slopeSide = nth(this.nextSide, 1) / firstM + bendSide * held
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
   * The bow at the end of a step of `dt` s: every joint between pull, drag and weight, all at once (implicit in time; one elimination). `past` keeps the speed
   * of the water across each joint, m/s, from try to try and from step to step.
   * @param eased share of the way from the last try's bow to this one's that is gone, 0 … 1
   */
  bend(dt: number, past: Float64Array, eased: number): void {
    if (eased < 1) {
      this.triedUp.set(this.nextUp)
      this.triedSide.set(this.nextSide)
    }
    const { up, side, nextUp, nextSide, piece, share, flat, across, wetWeight, airWeight } = this
    const { endUp, endSide, endAlong, tipUp, tipSide, tipAlong } = this
    const { rodTipM, z, cos, chord, pull, along } = this
    const skin = this.skinDrag * along * along
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
      const under = z * (1 - s) - rodTipM * s - nth(nextUp, i) * cos
      const wet = under >= 0 ? 1 : Math.max(0, 1 + under / SKIN_M)
      const drag = (AIR_DRAG + (1 - AIR_DRAG) * wet) * across.at(speed * slant) * span * slant
      const weight = (airWeight + (wetWeight - airWeight) * wet) * arc
      // The line slides along its own shape; held so that a joint leans on its neighbours and not away from them.
      const slides = (drag * sliding) / (2 * span)
      const slide = slides > before ? before : slides < -after ? -after : slides
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
    if (eased < 1) this.ease(eased)
  }

  private ease(share: number): void {
    const { nextUp, nextSide, triedUp, triedSide } = this
    for (let i = 1; i < LAST; i++) {
      nextUp[i] = nth(triedUp, i) + share * (nth(nextUp, i) - nth(triedUp, i))
      if (!this.flat) nextSide[i] = nth(triedSide, i) + share * (nth(nextSide, i) - nth(triedSide, i))
    }
  }
}

/** Room for the speed of the water across each joint. */
export const newPast = () => new Float64Array(LAST + 1)

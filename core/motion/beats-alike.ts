import type { BowedLine } from './bowed-line'
import { LIFTED_AT_M, type CastPlan } from './cast-plan'
import type { PathBuffer } from './path-buffer'

/** A bow that changes its length by no more than this share of the line that a beat winds in has settled. */
const SETTLED = 0.3

/** Where a lure is: away, across and down, and the chord to it, m. */
type Place = readonly [x: number, y: number, z: number, chord: number]
const minus = (a: Place, b: Place): Place => [a[0] - b[0], a[1] - b[1], a[2] - b[2], a[3] - b[3]]
const times = (a: Place, by: number): Place => [a[0] * by, a[1] * by, a[2] * by, a[3] * by]

/**
 * Beats of pull and rest that are not worked but taken to be like the one before them. When the next one has been worked, what they moved is set right: each is
 * then as if it lay on the way from the one to the other (the trapezoid rule, with the beat as its step).
 */
export class BeatsAlike {
  private before: Place = [0, 0, 0, 0]
  private lengthM = 0
  private first = 0
  /** What the last beat that was worked moved; those that were carried after it: how many, where they begin in the track. */
  private moved: Place = [0, 0, 0, 0]
  private carried = 0
  private carriedFrom = 0

  constructor(
    private readonly line: BowedLine,
    private readonly track: PathBuffer,
    private readonly plan: Pick<CastPlan, 'depthM' | 'retrieveSpeedMps' | 'pullDurationS' | 'flowMps'>,
  ) {}

  private get place(): Place {
    const { x, y, z, chordM } = this.line
    return [x, y, z, chordM]
  }

  /** A beat is about to be worked. */
  begin(): void {
    this.before = this.place
    this.lengthM = this.line.lengthM
    this.first = this.track.count
  }

  /** A beat of so many seconds has been worked: carries the lure on by so many more at most. Answers with how many it was. */
  carry(most: number, seconds: number): number {
    const { line, track, plan } = this
    const moved = minus(this.place, this.before)
    const nearerM = Math.hypot(this.before[0], this.before[1]) - line.awayM
    const bowM = Math.abs(line.lengthM - this.lengthM - moved[3])
    if (this.carried > 0) this.setRight(moved)
    const settled = bowM < SETTLED * plan.retrieveSpeedMps * plan.pullDurationS
    const more = settled ? Math.max(0, Math.min(most, this.beatsAsFar(nearerM), this.beatsAsDeep(moved[2]))) : 0
    this.moved = moved
    this.carried = more
    this.carriedFrom = track.count
    if (more === 0) return 0
    const [away, z] = [line.awayM, line.z]
    line.carry(...times(moved, more))
    track.repeat(this.first, more, (line.awayM - away) / more, (line.z - z) / more, seconds, plan.depthM)
    return more
  }

  /** Whole beats that bring it so far, if each brings it so much nearer. Only water that moves carries it away again and again. */
  private beatsAsFar(nearerM: number): number {
    if (nearerM > 0) return Math.max(0, Math.floor((OF_THE_REST * (this.line.awayM - LIFTED_AT_M)) / nearerM))
    return this.plan.flowMps.some((mps) => mps !== 0) ? Infinity : 0
  }

  /** Whole beats that change the depth by no more than {@link DEEPER}, if each changes it so much. */
  private beatsAsDeep(deeperM: number): number {
    return Math.floor((DEEPER * this.plan.depthM) / Math.max(1e-6, Math.abs(deeperM)))
  }

  /** The beats carried last, and the one worked after them, moved so much more as half of what that one moves otherwise. */
  private setRight(moved: Place): void {
    const { line, track, plan, carried } = this
    const [away, z] = [line.awayM, line.z]
    line.carry(...times(minus(moved, this.moved), carried / 2))
    track.shift(this.carriedFrom, this.first, line.awayM - away, line.z - z, plan.depthM)
  }
}

/** Near the rod, which lifts the lure, beats change: no more are alike than bring it over this share of what is left of its way. */
const OF_THE_REST = 0.4

/** Nor than change its depth by this share of the water: what sinks or is lifted so fast does not go on as it is. */
const DEEPER = 0.1

import { itemAt } from '../list'
import type { Path } from './types'

/** Points of one beat, at most. */
const MOST_OF_A_BEAT = 400

/**
 * Room for the points of one cast, used again for the next: a ranking makes thousands and keeps few.
 * `x` m from the rod tip, `z` m deep, `t` s, the first `count` of each.
 */
export class PathBuffer {
  readonly x: Float64Array
  readonly z: Float64Array
  readonly t: Float64Array
  /** 1 where the leg up to this point was a pull. */
  readonly pulled: Uint8Array
  count = 0
  /** Index at which the count-down ends and the work begins. */
  retrieveStartIndex = 0

  constructor(most: number) {
    this.x = new Float64Array(most)
    this.z = new Float64Array(most)
    this.t = new Float64Array(most)
    this.pulled = new Uint8Array(most)
  }

  clear(): void {
    this.count = 0
    this.retrieveStartIndex = 0
  }

  /** No room for another beat. */
  get isFull(): boolean {
    return this.count > this.x.length - MOST_OF_A_BEAT
  }

  markRetrieveStart(): void {
    this.retrieveStartIndex = Math.max(0, this.count - 1)
  }

  /** @param pulled 1 where line was wound in, or the rod drawn, on the way to this point */
  add(x: number, z: number, t: number, pulled: 0 | 1 = 0): void {
    this.x[this.count] = x
    this.z[this.count] = z
    this.t[this.count] = t
    this.pulled[this.count] = pulled
    this.count += 1
  }

  /**
   * Writes what was tracked from a point on so many times again, each time a step further: `away`, `down` m and `seconds` later. Depths are held between
   * surface and bottom; when the room is full the rest is left out.
   */
  repeat(from: number, times: number, away: number, down: number, seconds: number, depthM: number): void {
    const until = this.count
    for (let n = 1; n <= times; n++) {
      if (this.isFull || this.count + until - from > this.x.length) return
      for (let i = from; i < until; i++)
        this.add(
          Math.max(0, itemAt(this.x, i) + n * away),
          Math.min(depthM, Math.max(0, itemAt(this.z, i) + n * down)),
          itemAt(this.t, i) + n * seconds,
          this.pulled[i] === 1 ? 1 : 0,
        )
    }
  }

  /** Moves what was tracked from one point on up to another by more and more, and all after it by `away` and `down`, m. */
  shift(from: number, until: number, away: number, down: number, depthM: number): void {
    for (let i = from; i < this.count; i++) {
      const share = Math.min(1, (i - from + 1) / (until - from))
      this.x[i] = Math.max(0, itemAt(this.x, i) + share * away)
      this.z[i] = Math.min(depthM, Math.max(0, itemAt(this.z, i) + share * down))
    }
  }

  /** What was tracked, to keep. */
  path(): Path {
    const kept = (all: Float64Array | Uint8Array) => Array.from(all.subarray(0, this.count))
    const { x, z, t, pulled, retrieveStartIndex } = this
    return { x: kept(x), z: kept(z), t: kept(t), pulled: kept(pulled), retrieveStartIndex }
  }
}

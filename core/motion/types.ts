/** What a build and its way through the water are, as plain data. SI. */

/** Where a figure comes from: read off the thing itself, fitted to tests, printed on the packet, or usual for its family. */
export type Basis = 'measured' | 'fitted' | 'labelled' | 'assumed'

/** How a build moves: what the path needs to know of it. SI. */
export interface BuildMotion {
  /** Drag area C·A while pulled, m². */
  readonly towDragAreaM2: number
  /** Drag area while falling or rising free, m². */
  readonly sinkDragAreaM2: number
  /** Tangent of the planing angle: positive dives, negative lifts. */
  readonly diveAngleTan: number
  /** Weight in water, N; negative floats. */
  readonly submergedWeightN: number
  /** Where the figures come from. */
  readonly basis: Basis
  /** How it moves behind a boat, where that was tested: a plug trolled holds another angle than one wound in. */
  readonly behindBoat?: Omit<BuildMotion, 'behindBoat'>
  /** Times its drag in the air beside a lure that tumbles as most do. */
  readonly airDragBy?: number
  /** Length of the angler's own casts with it, m, where they were measured. */
  readonly castM?: number
}

/** What the bench found out about a lure, for the water it is asked in; null where nothing was tested. It goes before labels and family. */
export interface TestedMotion {
  readonly towDragAreaM2: number | null
  readonly sinkDragAreaM2: number | null
  readonly diveAngleTan: number | null
  /** Of a diver as it hangs now, N. */
  readonly submergedWeightN: number | null
  readonly castM: number | null
}

/** The lure's way: `x` m from the rod tip, `z` m deep, `t` s after it touched the water. Equal length. */
export interface Path {
  readonly x: number[]
  readonly z: number[]
  readonly t: number[]
  /** 1 where the leg up to this point was a pull, 0 where the lure was let go. */
  readonly pulled: number[]
  /** Index at which the count-down ends and the work begins. */
  readonly retrieveStartIndex: number
}

/** How something slides past the rod tip: away from it, and across the cast, m/s. */
export type Drift = readonly [away: number, across: number]

import type { z } from 'zod'
import type { RodNeed } from './rod-need'
import type { Shape } from './drawing/shape'
import type { Colouring } from './colour'
import type { HungHooks, HungStyle } from './hung-hooks'
import type { Make, MakeField } from './make'
import type { METALS } from '../../data/make'

export const MOUNT_KINDS = ['own', 'head', 'texas', 'belly', 'wacky', 'drop-shot'] as const
export type MountKind = (typeof MOUNT_KINDS)[number]

/** What a lure does in the water, each 0 … 1: the axes on which families differ. */
export interface Action {
  /** Width of its swing: 0 a tight shiver … 1 a wide roll. */
  amplitude: number
  /** Thump felt on the lateral line. */
  vibration: number
  flash: number
  /** Bulk and water moved: how big it seems. */
  presence: number
  /** How readily its hooks find wood or grass: 0 comes through anything … 1 bare trebles. */
  snag: number
}

/** How it sinks, dives and pulls. Assumed until the bench says otherwise. */
interface MotionDefaults {
  /** Drag area C·A over length squared, dimensionless, while pulled. */
  readonly pullDrag: number
  /** The same while falling free on slack line. */
  readonly fallDrag: number
  /** Density of the whole lure, kg/m³; sinkers only. A diver's net buoyancy is its own trait. */
  readonly densityKgM3: number
  /** Tangent of the angle at which it planes when pulled: negative lifts (blades), zero hangs. Divers get theirs from the labelled depth. */
  readonly diveAngleTan: number
}

export interface DrawInput<T> {
  readonly lengthMm: number
  readonly colour: Colouring
  readonly hooks: HungHooks | null
  readonly traits: T
  readonly make?: Make | undefined
}

/** Capabilities of a family, asked for by joints, bench, wear, calculators and older files instead of its id. */
interface Capabilities<Traits> {
  /** Fished on a jigging rod: `slow` falls, `fast` slides on the way up. */
  readonly jig?: 'slow' | 'fast'
  /** Spoons: tied direct, or behind a swivel. */
  readonly knot?: 'direct' | 'swivel'
  /** Its hook stands behind a guard so stout that the rod must drive it. */
  readonly stoutGuard?: (traits: Traits) => boolean
  /** A plate can be clipped on before it. */
  readonly takesClip?: boolean
  /** A bulky trailer kills its beat. */
  readonly slimTrailer?: boolean
  /** Carries a stinger hook of its own. */
  readonly stinger?: (traits: Traits) => boolean
  /** A frame that fish bend: it is counted by them. */
  readonly thinFrame?: (traits: Traits) => boolean
  /** Shimmies only with enough weight on its hook: worth a test of its own. */
  readonly revives?: boolean
  /** Sold silent and with rattles. */
  readonly rattleChoice?: boolean
  /** The metal that its figures are told of; lead where nothing is said. */
  readonly metal?: keyof typeof METALS
  /** So much of its length is what fish measure: a worm is thin, an umbrella a shoal of smaller fish. */
  readonly seems?: number
  /** Swung across a current before all others. */
  readonly swung?: boolean
  /** Traits that older or shorter records lack, filled in; `said` is what the record has. */
  readonly fill?: (lengthMm: number, said: Readonly<Record<string, unknown>>) => Partial<Traits>
}

/** One family of lures: its fields, its assumed physics, its drawing. A new family is one folder and one line in the register. */
export interface FamilyDefinition<Id extends string = string, T extends z.ZodObject = z.ZodObject> {
  readonly id: Id
  readonly name: string
  /** What it is for, in a sentence. */
  readonly about: string
  /** Soft bodies need a head or hook; everything else carries its own hooks. */
  readonly body: 'hard' | 'soft' | 'wire' | 'metal' | 'jig'
  readonly swims: 'dives' | 'sinks' | 'surface'
  /** Spins about its own axis and twists line. */
  readonly rotates: boolean
  readonly takesTrailer: boolean
  /** How a soft body is hooked; everything else swims on its own hooks. */
  readonly mounts?: readonly MountKind[]
  /** The hooks it usually comes with; gap as a share of its length; `more` hooks from a length up. Soft bodies have none. */
  readonly hooks?: {
    readonly style: HungStyle
    readonly count: number
    readonly gapShare: number
    readonly more?: readonly [fromM: number, count: number]
  }
  /** Usual range of length, m, and of mass, kg: outside it the form asks again. */
  readonly lengthM: readonly [number, number]
  readonly massKg: readonly [number, number]
  readonly traits: T
  /** What may be said of its make beyond what its body suggests. */
  readonly make?: readonly MakeField[]
  readonly action: Action
  /** What the traits change about the action. */
  readonly shift?: (
    traits: z.infer<T>,
    make?: Make,
  ) => Partial<Action> & { diveAngleTan?: number; pullDragBy?: number; fallDragBy?: number }
  readonly motion: MotionDefaults
  /** Slowest speed at which it works and fastest before it rolls or washes out, m/s. */
  readonly speedMps: readonly [number, number]
  readonly rod: RodNeed
  /** What anglers also write for it in a spreadsheet: letters and figures only, lower case. */
  readonly sheetWords: readonly string[]
  /** What sets it apart where parts meet, on the bench and in wear; what is left out does not hold of it. */
  readonly capabilities?: Capabilities<z.infer<T>>
  readonly draw: (lure: DrawInput<z.infer<T>>) => Shape[]
}

/** Keeps the trait types of one definition while the register forgets them. */
export function family<Id extends string, T extends z.ZodObject>(d: FamilyDefinition<Id, T>): FamilyDefinition<Id, T> {
  return d
}

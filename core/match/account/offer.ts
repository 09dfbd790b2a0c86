import { CLIP_ON, HEAD_ADDS } from '../../../data/heads'
import { LOOSE_STYLES } from '../../../data/hooks'
import { MOUNT_SNAG } from '../../../data/snags'
import { TRAILER_ADDS, TRAILER_COLOUR_SHARE, TRAILER_SHOWS, TRAILER_USUAL } from '../../../data/trailers'
import { sinkRateMps, type BuildMotion } from '../../motion'
import { FRONT_BLADE_SHARE } from '../../../data/make'
import {
  colourOf,
  familyOf,
  groupShares,
  headSnag,
  lureAction,
  seenLengthM,
  type Action,
  type Build,
  type ColourGroup,
  type Lure,
} from '../../tackle'

/** What a build offers before it is thrown: its look, its action, its fall. */
export interface Offer extends Action {
  readonly lengthM: number
  /** null for what can carry no rattle. */
  readonly sound: number | null
  readonly colour: Readonly<Record<ColourGroup, number>>
  readonly fallMps: number
}

/** Whether anyone asks how loud it is: a soft body or a blade is never blamed for having no rattle. */
const canRattle = ({ family, sound }: Lure) =>
  sound !== 'silent' || familyOf(family).capabilities?.rattleChoice === true

/** How loud a lure is, 0 … 1. */
export const SOUND = { silent: 0, knock: 0.5, rattles: 1 } as const

function snagOf(build: Build): number {
  const { mount } = build
  if (mount.kind === 'own') return lureAction(build.lure).snag + (build.clip ? CLIP_ON.snag : 0)
  if (mount.kind === 'head') return headSnag(mount.head)
  if (mount.kind === 'drop-shot' && LOOSE_STYLES[mount.hook.style].mount === 'texas') return MOUNT_SNAG.texas
  return MOUNT_SNAG[mount.kind]
}

/** A lure seems bigger the longer it is: presence grows with length around an ordinary 8 cm. */
const ORDINARY_M = 0.08
const PRESENCE_PER_DOUBLING = 0.18

/** Colour of a blade is part of what is seen: the flash of a spinnerbait is its blade. */
const BLADE_SHARE = 0.35
const BLADE_GROUP = { silver: 'silver', gold: 'gold', brass: 'gold', copper: 'gold', painted: 'painted' } as const

/** The shares once so much of what is seen is of one group. */
function mixIn(shares: Record<ColourGroup, number>, group: ColourGroup, part: number): void {
  for (const one of Object.keys(shares) as ColourGroup[]) shares[one] *= 1 - part
  shares[group] += part
}

function coloursOf(build: Build): Record<ColourGroup, number> {
  const shares = groupShares(build.lure.colour)
  if (build.trailer?.colour) mixIn(shares, colourOf(build.trailer.colour).group, TRAILER_COLOUR_SHARE)
  const { bladeFinish: finish, blades } = build.lure.traits as {
    bladeFinish?: keyof typeof BLADE_GROUP
    blades?: string
  }
  if (!finish) return shares
  const { paint, frontFinish } = build.lure.make ?? {}
  const groupOf = (of: keyof typeof BLADE_GROUP) =>
    of === 'painted' && paint ? colourOf(paint).group : BLADE_GROUP[of]
  const front = blades === 'two' ? FRONT_BLADE_SHARE : 0
  mixIn(shares, groupOf(finish), BLADE_SHARE)
  shares[groupOf(finish)] -= BLADE_SHARE * front
  shares[groupOf(frontFinish ?? finish)] += BLADE_SHARE * front
  return shares
}

/** Thump, bulk and swing that a trailer adds: more with its length. */
function trailerAdds(trailer: Build['trailer']) {
  if (!trailer) return { vibration: 0, presence: 0, amplitude: 0 }
  const { vibration, presence, amplitude } = TRAILER_ADDS[trailer.kind]
  const { lengthM, least, most } = TRAILER_USUAL
  const by = Math.min(most, Math.max(least, trailer.lengthM / lengthM))
  return { vibration: vibration * by, presence: presence * by, amplitude: amplitude * by }
}

const NONE = { amplitude: 0, vibration: 0, flash: 0 } as const

/** Swing, thump and flash that a head, or a plate clipped on, adds to what is behind it. */
function headAdds({ mount, clip }: Build) {
  const head = mount.kind === 'head' ? HEAD_ADDS[mount.head.kind] : undefined
  return { ...NONE, ...head, ...(clip ? CLIP_ON : {}) }
}

/**
 * @param action of the lure by itself, or with its trailer where that was tested
 * @param damped whether the trailer's thump is in `action` already
 */
export function offerOf(
  build: Build,
  motion: BuildMotion,
  density: number,
  action: Action = lureAction(build.lure),
  damped = false,
): Offer {
  const usual = trailerAdds(build.trailer)
  const adds = damped ? { ...usual, vibration: 0 } : usual
  const front = headAdds(build)
  const seenM = seenLengthM(build.lure)
  const bySize = PRESENCE_PER_DOUBLING * Math.log2(seenM / ORDINARY_M)
  const clamp = (v: number) => Math.min(1, Math.max(0, v))
  return {
    amplitude: clamp(action.amplitude + adds.amplitude + front.amplitude),
    vibration: clamp(action.vibration + adds.vibration + front.vibration),
    flash: clamp(action.flash + front.flash),
    presence: clamp(action.presence + adds.presence + bySize),
    snag: snagOf(build),
    lengthM:
      seenM * (familyOf(build.lure.family).capabilities?.seems ?? 1) + TRAILER_SHOWS * (build.trailer?.lengthM ?? 0),
    sound: canRattle(build.lure) ? SOUND[build.lure.sound] : null,
    colour: coloursOf(build),
    fallMps: familyOf(build.lure.family).swims === 'sinks' ? Math.abs(sinkRateMps(motion, density)) : 0,
  }
}

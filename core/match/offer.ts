import { LOOSE_STYLES } from '../../data/hooks'
import { MOUNT_SNAG } from '../../data/snags'
import { TRAILER_ADDS, TRAILER_SHOWS, TRAILER_USUAL } from '../../data/trailers'
import type { BuildMotion } from '../motion'
import { sinkRateMps } from '../motion'
import { familyOf, groupShares, lureAction, type Action, type Build, type ColourGroup, type Lure } from '../tackle'

/** What a build offers before it is thrown: its look, its action, its fall. */
export interface Offer extends Action {
  readonly lengthM: number
  /** null for what can carry no rattle. */
  readonly sound: number | null
  readonly colour: Readonly<Record<ColourGroup, number>>
  readonly fallMps: number
}

/** An umbrella is a shoal: the fish in it are what is measured, about so much of its length each. */
const FISH_OF_A_SHOAL = 0.4

/** Whether anyone asks how loud it is: a soft body or a blade is never blamed for having no rattle. */
const canRattle = ({ family, sound }: Lure) =>
  sound !== 'silent' || familyOf(family).capabilities?.rattleChoice === true

/** How loud a lure is, 0 … 1. */
export const SOUND = { silent: 0, knock: 0.5, rattles: 1 } as const

function snagOf(build: Build): number {
  const { mount } = build
  if (mount.kind === 'own') return lureAction(build.lure).snag
  if (mount.kind === 'head') return MOUNT_SNAG[mount.head.kind === 'weed-guard' ? 'weed-guard-head' : 'head']
  if (mount.kind === 'drop-shot' && LOOSE_STYLES[mount.hook.style].mount === 'texas') return MOUNT_SNAG.texas
  return MOUNT_SNAG[mount.kind]
}

/** A lure seems bigger the longer it is: presence grows with length around an ordinary 8 cm. */
const ORDINARY_M = 0.08
const PRESENCE_PER_DOUBLING = 0.18

/** Colour of a blade is part of what is seen: the flash of a spinnerbait is its blade. */
const BLADE_SHARE = 0.35
const BLADE_GROUP = { silver: 'silver', gold: 'gold', brass: 'gold', copper: 'gold', painted: 'painted' } as const

function coloursOf(build: Build): Record<ColourGroup, number> {
  const shares = groupShares(build.lure.colour)
  const finish = (build.lure.traits as { bladeFinish?: keyof typeof BLADE_GROUP }).bladeFinish
  if (!finish) return shares
  for (const group of Object.keys(shares) as ColourGroup[]) shares[group] *= 1 - BLADE_SHARE
  shares[BLADE_GROUP[finish]] += BLADE_SHARE
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
  const bySize = PRESENCE_PER_DOUBLING * Math.log2(build.lure.lengthM / ORDINARY_M)
  const clamp = (v: number) => Math.min(1, Math.max(0, v))
  return {
    amplitude: clamp(action.amplitude + adds.amplitude),
    vibration: clamp(action.vibration + adds.vibration),
    flash: action.flash,
    presence: clamp(action.presence + adds.presence + bySize),
    snag: snagOf(build),
    lengthM:
      build.lure.lengthM * (build.lure.family === 'umbrella-rig' ? FISH_OF_A_SHOAL : 1) +
      TRAILER_SHOWS * (build.trailer?.lengthM ?? 0),
    sound: canRattle(build.lure) ? SOUND[build.lure.sound] : null,
    colour: coloursOf(build),
    fallMps: familyOf(build.lure.family).swims === 'sinks' ? Math.abs(sinkRateMps(motion, density)) : 0,
  }
}

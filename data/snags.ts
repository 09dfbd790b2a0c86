/** How tackle hangs up. All shares are 0 … 1 and common practice; the order matters more than the figures. */

/** How readily each kind of cover takes a hook. */
export const SNAG_RATE_BY_COVER = {
  open: 0,
  clay: 0.05,
  shell: 0.4,
  rock: 0.55,
  docks: 0.8,
  grass: 0.85,
  reeds: 0.9,
  pads: 0.9,
  timber: 1,
  brush: 1,
} as const

/** Loose weed on the way takes this share of bare trebles, cast by cast, however clear the water around the cover. */
export const WEED_RISK = { none: 0, some: 0.2, much: 0.5 } as const

/** Brushing the top of the cover is this much as risky as swimming inside it. */
export const TOUCH_RISK = 0.2

/** Risk in sparse cover, and what the thickest adds to it. */
export const DENSITY_RISK = { sparse: 0.4, thickAdds: 1.6 } as const

/** A cast with more risk than this is not advised at all. */
export const SNAG_LIMIT = 0.45

/** Snag readiness of a soft body by how it is hooked: buried points come through, bare ones catch. */
export const MOUNT_SNAG = {
  head: 0.5,
  'weed-guard-head': 0.2,
  texas: 0.05,
  belly: 0.12,
  wacky: 0.45,
  'drop-shot': 0.35,
} as const

/** Families that are fished so as to touch cover and come off it: lips that knock, blades that tick the tips. Common practice. */
export const TOUCHING = ['crankbait', 'lipless-crankbait', 'spinnerbait', 'bladed-jig'] as const

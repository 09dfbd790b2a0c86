/**
 * What a head or a clip-on blade adds to the body behind it: swing, thump, flash. Directions are common practice, figures assumed.
 */
export const HEAD_ADDS: Readonly<Record<string, { amplitude?: number; vibration?: number; flash?: number }>> = {
  underspin: { flash: 0.15 },
  bladed: { vibration: 0.35, flash: 0.1, amplitude: 0.1 },
  wobble: { amplitude: 0.3, vibration: 0.1 },
}

/** A plate clipped on before a jig: it shudders like a bladed jig, pulls and holds the fall up more, and finds more cover. */
export const CLIP_ON = {
  vibration: 0.4,
  flash: 0.2,
  amplitude: 0.2,
  snag: 0.1,
  pullDragBy: 1.6,
  fallDragBy: 1.15,
} as const

/** Heads that come through cover: guarded, or with the point buried in the body. */
export const HEAD_SNAG = { 'weed-guard': 'weed-guard-head', 'nose-weighted': 'belly' } as const

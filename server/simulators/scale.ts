/** A kitchen scale that is simulated, clearly so. It speaks one line of JSON a reading: { atMs, massKg }. */
export interface ScaleOptions {
  /** What lies on it, kg. */
  readonly massKg: number
  readonly seed: number
  readonly everyMs: number
}

/** Chance from a seed: the mulberry32 generator (public domain). */
export function seeded(seed: number): () => number {
  let state = seed >>> 0
  return () => {
    state = (state + 0x6d2b79f5) >>> 0
    let t = state
    t = Math.imul(t ^ (t >>> 15), t | 1)
    t ^= t + Math.imul(t ^ (t >>> 7), t | 61)
    return ((t ^ (t >>> 14)) >>> 0) / 4_294_967_296
  }
}

/** Pan empty, then swinging, then at rest but creeping: what cheap scales do. Steps of 0.01 g. */
const SWING = {
  emptyReadings: 3,
  decayPerReading: 0.55,
  first: 0.35,
  noiseKg: 0.000008,
  creepPerReading: 0.00002,
} as const

/** The reading number `i` (0, 1, 2 …) of a weight laid on the scale. */
export function scaleReadings({
  massKg,
  seed,
  everyMs,
}: ScaleOptions): (i: number) => { atMs: number; massKg: number } {
  const chance = seeded(seed)
  return (i) => {
    const since = i - SWING.emptyReadings
    if (since < 0) return { atMs: i * everyMs, massKg: 0 }
    const swing = SWING.first * SWING.decayPerReading ** since * Math.cos(since * 2.1)
    const creep = 1 + Math.min(0.002, SWING.creepPerReading * since)
    const noise = (chance() - 0.5) * 2 * SWING.noiseKg
    const shown = Math.max(0, massKg * (1 + swing) * creep + noise)
    return { atMs: i * everyMs, massKg: Math.round(shown * 1e5) / 1e5 }
  }
}

/** Packets lie: the simulated lure weighs up to 7 per cent more or less than its label, always the same for the same seed. */
export function trueMass(labelKg: number, seed: number): number {
  return labelKg * (1 + (seeded(seed)() - 0.45) * 0.14)
}

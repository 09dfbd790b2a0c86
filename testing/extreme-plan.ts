import fc from 'fast-check'
import type { CastPlan } from '../core/motion'
import { DELIVERY_IDS } from '../core/tackle'
import { waterFluid } from '../core/water'

const between = (min: number, max: number) => fc.double({ min, max, noNaN: true })
const flow = fc.tuple(between(-3, 3), between(-3, 3))

/** Casts at the ends of what is valid: 0.1 to 200 m of water at −2 to 40 °C and salinity 0 to 40, line of 0.05 to 2 mm, currents of 3 m/s, paces of 2 cm/s to 5 m/s. */
export const EXTREME_PLAN: fc.Arbitrary<CastPlan> = fc
  .record({
    submergedWeightN: between(-0.3, 6),
    towDragAreaM2: between(1e-6, 0.05),
    sinkDragAreaM2: between(1e-6, 0.05),
    diveAngleTan: between(-0.6, 2.5),
    tempC: between(-2, 40),
    salinity: between(0, 40),
    lineDiameterM: between(5e-5, 2e-3),
    lineDensityKgM3: fc.constantFrom(970, 1140, 1780),
    castM: between(2, 120),
    rodTipM: between(0, 6),
    depthM: between(0.1, 200),
    retrieveSpeedMps: between(0.02, 5),
    pullDurationS: between(0.1, 5),
    pauseS: fc.oneof(fc.constant(0), between(0, 60)),
    countDownS: fc.oneof(fc.constant(0), between(0, 300)),
    flowMps: flow,
    groundMps: fc.oneof(fc.constant([0, 0] as [number, number]), flow),
    slack: fc.boolean(),
    surface: fc.boolean(),
    blowsOut: fc.boolean(),
    fallTaken: between(0, 1),
    delivery: fc.constantFrom(...(['cast', 'cast', 'cast'] as const), ...DELIVERY_IDS),
    ballM: fc.option(between(0, 40)),
    heldAboveBottomM: fc.option(between(0, 2), { freq: 8 }),
  })
  .map(({ submergedWeightN, towDragAreaM2, sinkDragAreaM2, diveAngleTan, tempC, salinity, ...rest }) => ({
    ...rest,
    ...waterFluid(tempC, salinity),
    motion: { submergedWeightN, towDragAreaM2, sinkDragAreaM2, diveAngleTan, basis: 'assumed' },
  }))

/** What is wrong with a way; empty where nothing is. */
export function wrongWith(
  { x, z, t }: Readonly<Record<'x' | 'z' | 't', ArrayLike<number>>>,
  count: number,
  depthM: number,
): string {
  if (count < 2) return 'no way at all'
  for (let i = 0; i < count; i++) {
    const [away = NaN, down = NaN, at = NaN] = [x[i], z[i], t[i]]
    if (![away, down, at].every(Number.isFinite)) return `not finite at ${i}: ${away}, ${down}, ${at}`
    if (away < 0) return `behind the rod at ${i}: ${away}`
    if (down < 0 || down > depthM + 1e-9) return `out of the water at ${i}: ${down} of ${depthM}`
    if (i > 0 && at < (t[i - 1] ?? NaN) - 1e-9) return `back in time at ${i}`
  }
  return ''
}

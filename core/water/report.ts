import { z } from '../zod'
import { SKIES } from './conditions'

/** A report of weather and water for a place, hour by hour: what a service would send. SI. */
export const WaterReport = z.strictObject({
  placeId: z.string().min(1).max(80),
  date: z.iso.date(),
  /** Says that nobody measured this. */
  simulated: z.boolean(),
  hours: z
    .array(
      z.strictObject({
        hour: z.number().min(0).max(24),
        sky: z.enum(SKIES),
        windMps: z.number().min(0).max(60),
        windFromDeg: z.number().min(0).max(360),
        waterTempC: z.number().min(-2).max(40),
        visibilityM: z.number().min(0.05).max(40),
      }),
    )
    .min(1)
    .max(48),
})
export type WaterReport = z.infer<typeof WaterReport>
export type ReportHour = WaterReport['hours'][number]

/** The hour of a report that is nearest to a given one. */
export function reportAt({ hours }: WaterReport, hour: number): ReportHour {
  return hours.reduce((best, h) => (Math.abs(h.hour - hour) < Math.abs(best.hour - hour) ? h : best))
}

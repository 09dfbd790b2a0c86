import { median as d3Median } from 'd3-array'

/** Middle of some figures, NaN where there are none. */
export const median = (values: readonly number[]) => d3Median(values) ?? NaN

/** How long each of some runs takes, ms. */
export function times(count: number, run: () => void): number[] {
  return Array.from({ length: count }, () => {
    const from = performance.now()
    run()
    return performance.now() - from
  })
}

/**
 * Density of water at one atmosphere, kg/m³.
 *
 * Formula: the one-atmosphere International Equation of State of Seawater, EOS-80 (UNESCO Technical Papers in Marine Science 36 and 44).
 * With salinity 0 it is Bigg's formula for standard mean ocean water, so one function serves fresh, brackish and salt.
 *
 * @param tempC water temperature, −2 … 40 °C
 * @param salinity practical salinity, 0 … 42
 * @example waterDensity(5, 35) // 1027.67547
 */
export function waterDensity(tempC: number, salinity: number): number {
  const t = tempC
  const s = salinity
  const pure =
    999.842594 +
    6.793952e-2 * t -
    9.09529e-3 * t ** 2 +
    1.001685e-4 * t ** 3 -
    1.120083e-6 * t ** 4 +
    6.536332e-9 * t ** 5
  const linear = 0.824493 - 4.0899e-3 * t + 7.6438e-5 * t ** 2 - 8.2467e-7 * t ** 3 + 5.3875e-9 * t ** 4
  const threeHalves = -5.72466e-3 + 1.0227e-4 * t - 1.6546e-6 * t ** 2
  return pure + linear * s + threeHalves * s ** 1.5 + 4.8314e-4 * s ** 2
}

/**
 * Dynamic viscosity of fresh water, Pa·s.
 *
 * Formula: the pure-water part of Sharqawy, Lienhard and Zubair (2010), Desalination and Water Treatment 16, eq. 23; within 0.5 % of the
 * handbook over 0 … 100 °C. Sea water is some 8 % more viscous at salinity 35, which the lure's own scatter hides.
 *
 * @param tempC water temperature, 0 … 40 °C
 * @example waterViscosity(20) // 0.001002
 */
export function waterViscosity(tempC: number): number {
  return 4.2844e-5 + 1 / (0.157 * (tempC + 64.993) ** 2 - 91.296)
}

/**
 * Dynamic viscosity of water, Pa·s.
 *
 * Formula: Sharqawy, Lienhard and Zubair (2010), Desalination and Water Treatment 16, eqs. 22 and 23; within 1.5 % over 0 … 100 °C and salinity 0 … 150.
 *
 * @param tempC water temperature, 0 … 40 °C
 * @param salinity practical salinity, 0 … 42
 * @example waterViscosity(20) // 0.001002
 */
export function waterViscosity(tempC: number, salinity = 0): number {
  const fresh = 4.2844e-5 + 1 / (0.157 * (tempC + 64.993) ** 2 - 91.296)
  const s = salinity / 1000
  const a = 1.541 + 1.998e-2 * tempC - 9.52e-5 * tempC ** 2
  const b = 7.974 - 7.561e-2 * tempC + 4.724e-4 * tempC ** 2
  return fresh * (1 + a * s + b * s ** 2)
}

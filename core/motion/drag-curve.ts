import { METALS } from '../../data/make'
import { GRAVITY_MPS2 } from '../constants'

/**
 * Drag coefficient of a smooth sphere against Reynolds number, dimensionless.
 *
 * Formula: Schiller and Naumann (1933), 24/Re · (1 + 0.15·Re^0.687), with the term of Clift and Gauvin (1970), 0.42 / (1 + 42 500·Re^−1.16), that carries it
 * on to Re 3·10⁵, where the drag breaks down. Within 6 % of the standard drag curve (Clift, Grace and Weber, Bubbles, Drops and Particles, 1978; from memory).
 *
 * @param re Reynolds number, ρ·v·d/μ, > 0
 * @example sphereDrag(100) // 1.09
 */
export function sphereDrag(re: number): number {
  return (24 / re) * (1 + 0.15 * re ** 0.687) + 0.42 / (1 + 42_500 * re ** -1.16)
}

/** Density of what weights and hooks are made of, kg/m³. */
export const METAL_KG_M3 = METALS
export type Metal = keyof typeof METAL_KG_M3

/** Weight in water, N, of a mass of one density; negative floats. */
export function weightInWaterN(massKg: number, ownDensity: number, waterDensity: number): number {
  return massKg * GRAVITY_MPS2 * (1 - waterDensity / ownDensity)
}

/** Steps to the speed at which drag and Reynolds number agree; each halves what is left of the error or better. */
const ROUNDS = 60

/**
 * Terminal speed of a ball, m/s: W′ = ½ρ·C(Re)·A·v². A sinker, a ball head without its body, a downrigger's weight.
 *
 * @param massKg > 0
 * @param ownDensity kg/m³
 * @param water density kg/m³, viscosity Pa·s
 * @returns m/s, positive down, negative where it floats up
 */
export function sphereTerminalVelocityMps(
  massKg: number,
  ownDensity: number,
  water: { density: number; viscosity: number },
): number {
  const d = ballDiameterM(massKg, ownDensity)
  const weight = weightInWaterN(massKg, ownDensity, water.density)
  const over = Math.abs(weight) / (0.5 * water.density * (Math.PI / 4) * d * d)
  if (over === 0) return 0
  let v = Math.sqrt(over / 0.44)
  for (let i = 0; i < ROUNDS; i++) {
    const next = Math.sqrt(over / sphereDrag((water.density * v * d) / water.viscosity))
    v = (v + next) / 2
  }
  return Math.sign(weight) * v
}

/** Diameter of a ball, m. */
export function ballDiameterM(massKg: number, density: number): number {
  return Math.cbrt((6 * massKg) / (Math.PI * density))
}

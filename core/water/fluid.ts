import { waterDensity } from './density'
import { waterViscosity } from './viscosity'

/** Density, kg/m³, and dynamic viscosity, Pa·s, of water: what drag asks of it. */
export const waterFluid = (tempC: number, salinity = 0) => ({
  density: waterDensity(tempC, salinity),
  viscosity: waterViscosity(tempC, salinity),
})

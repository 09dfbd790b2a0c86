export { waterDensity } from './density'
export { waterViscosity } from './viscosity'
export { skyAt, sunTimes, type SunTimes } from './sun'
export { attenuationPerM, lightPhase, luxAtDepth, surfaceLux, type LightPhase } from './light'
export {
  COVERS,
  Conditions,
  LIGHTS,
  MOODS,
  Place,
  SEASONS,
  SKIES,
  type CoverKind,
  type Mood,
  type Season,
  type Sky,
} from './conditions'
export { SPECIES, speciesOf, type Species } from './species'
export { FORAGE, forageLengthM, type Forage } from './forage'
export { appetite, seasonOf, waterWarms } from './season'
export { NUMBER_FACTS, TEXT_FACTS, holds, type Facts, type When } from './when'
export { epochOf, readWater, type Reading } from './reading'

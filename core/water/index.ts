export { waterDensity } from './density'
export { resuspensionDepthM, stirredVisibilityM, windWaves } from './wind-mud'
export { waterViscosity } from './viscosity'
export { waterFluid } from './fluid'
export { skyAt } from './sun'
export { colourLeft, reflectance, underwater, waterSpectrum } from './colour-at-depth'
export { attenuationPerM, lightPhase, luxAtDepth, type LightPhase } from './light'
export {
  BOTTOMS,
  CASTS_IN_WIND,
  CAST_DIRECTIONS,
  COVERS,
  Conditions,
  LIGHTS,
  MOODS,
  Place,
  SEASONS,
  SHOALS,
  SIGNS,
  SKIES,
  TIDES,
  TempReading,
  WEED_DRIFTS,
  type Bottom,
  type CoverKind,
  type Sky,
  type CastDirection,
  type CastInWind,
  type Sign,
  type Tide,
} from './conditions'
export { passingOf, slides, slidesMps, windOnCast } from './passing'
export { SPECIES, speciesOf, waterKind, type Species, type WaterKind } from './species'
export { FORAGE, FORAGE_SHAPES, adultLengthM, forageLengthM, forageOf, lengthAtAge } from './forage'
export { appetite, seasonOf, seasonFromHistory, tempChangeC, trendOf, isWarmingSeason } from './season'
export {
  ASKABLE_NUMBERS,
  NUMBER_FEATURES,
  TEXT_FEATURES,
  featureChoices,
  featureRole,
  shoalsToday,
  type NumberFeature,
  type TextFeature,
  type WaterFeatures,
} from './features'
export { FuzzyRange, truthDegree, type When } from './when'
export { epochOf, readWater, type Reading } from './reading'
export { TIDE_STATIONS, stationFor, tideAt, tideLevelM } from './tide'
export { greatCircleM } from './great-circle'
export { WaterReport, reportAt } from './report'
export { startingWater, withReading } from './starting'

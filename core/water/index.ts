export { waterDensity } from './density'
export { MUD_SHARE, stirredDepthM, stirredVisibilityM, windWaves } from './wind-mud'
export { waterViscosity } from './viscosity'
export { skyAt, sunTimes, type SunTimes } from './sun'
export { reflectance, underwater, waterSpectrum, type DepthLight, type Underwater } from './colour-at-depth'
export { attenuationPerM, lightPhase, luxAtDepth, surfaceLux, type LightPhase } from './light'
export {
  BOTTOMS,
  COVERS,
  Conditions,
  LIGHTS,
  MOODS,
  Place,
  SEASONS,
  SKIES,
  TIDES,
  TempReading,
  type Bottom,
  type CoverKind,
  type Mood,
  type Season,
  type Sky,
  type Tide,
} from './conditions'
export { SPECIES, speciesOf, waterKind, type Species, type WaterKind } from './species'
export { FORAGE, forageLengthM, forageOf, lengthAtAge, type Forage } from './forage'
export { appetite, seasonOf, seasonThrough, tempChangeC, trendOf, waterWarms, type Trend } from './season'
export { Band, NUMBER_FACTS, TEXT_FACTS, holds, type Facts, type When, type NumberFact, type TextFact } from './when'
export { epochOf, readWater, type Reading } from './reading'
export { TIDE_STATIONS, distanceKm, stationFor, tideAt, tideLevelM, type TideNow, type TideStation } from './tide'
export { WaterReport, reportAt, type ReportHour } from './report'
export { startingWater, withReading } from './starting'

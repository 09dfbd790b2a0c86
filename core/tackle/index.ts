export {
  COLOURS,
  COLOUR_GROUPS,
  PATTERNS,
  colourOf,
  describeColouring,
  groupShares,
  type Colour,
  type ColourGroup,
  type ColourId,
  type Colouring,
} from './colour'
export { HookSize, hookGapM } from './hook-size'
export {
  Head,
  Hook,
  Leader,
  Line,
  PARTS,
  ROD_ACTIONS,
  ROD_POWERS,
  Reel,
  Rod,
  Sinker,
  Trailer,
  type Part,
  type PartKind,
  type PartOf,
  type TrailerKind,
} from './parts'
export { usualPart } from './usual-parts'
export { rodSuits, type RodNeed } from './rod-need'
export type { Action, FamilyDefinition, MotionDefaults, MountKind } from './family'
export type { Shape } from './drawing/shape'
export { drawPart } from './drawing/parts'
export { FAMILIES } from './families/register'
export { Lure, drawLure, familyOf, lureAction, lureMass, type FamilyId } from './lure'
export { Box, EMPTY_BOX } from './box'
export { buildsOf, hookFits, trailerFits, type Build, type Mount } from './builds'
export { RETRIEVES, pullSpeedMps, retrieveOf, worksOn, type Retrieve } from './retrieve'
export { searchFor } from './search'

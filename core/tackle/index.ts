export {
  COLOURS,
  COLOUR_GROUPS,
  PATTERNS,
  colourOf,
  describeColouring,
  groupShares,
  type ColourGroup,
  type ColourId,
  type Colouring,
} from './colour'
export { fallTaken } from './fall-taken'
export { labelCastOf, usualLabelCastM, withLabelCast } from './label-cast'
export { HookSize, hookGapM } from './hook-size'
export {
  Head,
  Hook,
  Leader,
  Line,
  HEAD_KINDS,
  PARTS,
  ROD_ACTIONS,
  REEL_TYPES,
  TERMINAL_KINDS,
  ROD_POWERS,
  ROD_PURPOSES,
  Reel,
  Rod,
  Sinker,
  type Terminal,
  Trailer,
  TRAILER_KINDS,
  reelFitsRod,
  type Part,
  type PartKind,
  type PartOf,
} from './parts'
export {
  canCast,
  castStrengthN,
  chafes,
  lineAsRated,
  lineHoldsN,
  lineInRodRange,
  lineOnRodN,
  monoOfThicknessN,
  spoolHoldsM,
  thicknessOfMonoM,
  weakestN,
} from './strength'
export { usualPart } from './usual-parts'
export { traitFields, usualTraits } from './usual-traits'
export { rodFit } from './rod-need'
export { headSnag } from './head-snag'
export { MOUNT_KINDS, type Action, type MountKind } from './family'

export { drawPart } from './drawing/parts'
export { FAMILIES } from './families/register'
export {
  LURE_CONDITIONS,
  Lure,
  SOUNDS,
  type Sound,
  UNUSED,
  drawLure,
  familyOf,
  fillerKg,
  isFamily,
  lureAction,
  lureMass,
  usualHooks,
  weighed,
  type Drawable,
  type FamilyId,
} from './lure'
export { countedAnew, tallied } from './tallied'
export { HUNG, HungHooks, WIRES, eachHook, hookPoints, hooksMassKg, sizeForGap, type TailHook } from './hung-hooks'
export { Make, madeDensity, madeShift, makeFieldsOf, seenLengthM, type MakeField } from './make'
export { BLADE_SHAPES, bladeLengthMm, bladeMassKg, type BladeShape } from './blades'
export {
  addBallast,
  addedSinceRestTold,
  alter,
  asBought,
  cutBody,
  swapBlade,
  swapHooks,
  takeBack,
  type ChangeKind,
  fieldsOfLure,
  type Change,
  type Patch,
} from './changes'
export { Tray, freeSlot, slotName, slotNamed, slotsOf, stepInTrays, trayFor, type TrayPlace } from './tray'
export { FURTHER_AT, RIG_TYPES, Rig, rigTypeOf, type Further, type RigPart, type RigType, type RigTypeId } from './rig'
export { completeBox, completeLure } from './complete'
export { MOST_THINGS, TackleBox } from './tackle-box'
export {
  GAP_BAND,
  asTrailer,
  buildsOf,
  countBuilds,
  hookFits,
  hookOff,
  hookSizeFor,
  wantedGapM,
  trailerFits,
  type Build,
} from './builds'
export {
  TECHNIQUES,
  TECHNIQUE_GROUPS,
  findTechnique,
  isWound,
  patienceFor,
  techniqueOf,
  techniquesOf,
  tempoFor,
  workAt,
  worksOn,
  type Technique,
  type Tempo,
  type Work,
} from './technique'
export { formerAsked, formerTempo, techniqueNamed } from './former-ways'
export {
  DELIVERY_IDS,
  deliveriesFrom,
  deliveriesHere,
  deliveryOf,
  type Delivery,
  type DeliveryId,
  type StandId,
} from './delivery'
export { searchFor } from './search'
export { colourAt, coloursOfPhoto, nearestColour, type Pixels } from './photo-colours'
export { SETTLES, settled, type ScaleReading, type Settled } from './settle'
export { duplicateOf, seriesOf } from './series'
export { kinKeyOf, sizeKeyOf } from './kin-key'
export { modelKeyOf } from './model-key'
export { doubles } from './doubles'
export { careOf, fishOnHooks, type Care } from './wear'
export { checkRig, rigParts, type JointFigure, type Judgement, type RigParts, type RigWater } from './joints/judge'
export { rigMassKg } from './joints/verdicts'
export { fieldValue, fieldsOf, type Field } from './fields'

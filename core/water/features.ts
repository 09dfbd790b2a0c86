import { slidesMps } from './passing'
import { STANDS } from '../../data/deliveries'
import type { RoleId } from '../quantity'
import {
  COVERS,
  LIGHTS,
  MOODS,
  SEASONS,
  SKIES,
  TIDES,
  WEED_DRIFTS,
  type Conditions,
  type Place,
  type Season,
} from './conditions'
import { FORAGE, FORAGE_SHAPES, forageOf } from './forage'
import type { LightPhase } from './light'
import type { Trend } from './season'
import { SPECIES, speciesOf, waterKind, type Species } from './species'
import type { SunMoon } from './sun'

/** What the features of a water are worked out from. `zone` is null while it is the zone that is asked for. */
export interface FeatureSource {
  readonly c: Conditions
  readonly place: Place
  readonly species: Species
  readonly season: Season
  readonly light: LightPhase
  readonly sunMoon: SunMoon
  readonly appetite: number
  readonly trend: Trend
  readonly tempChangeC: number | null
  readonly stirredM: number
  readonly zone: { readonly topM: number; readonly bottomM: number } | null
}

interface NumberRow {
  /** How it is measured and shown; null for a plain figure. */
  readonly role: RoleId | null
  /** Whether an angler may ask for it in a rule of one's own, where it has no role. */
  readonly plain?: true
  readonly of: (source: FeatureSource) => number
}
interface TextRow {
  /** What a rule of one's own may ask for; none where it is not offered. */
  readonly choices?: readonly string[]
  readonly of: (source: FeatureSource) => string
}

/** Whether the fish sought lie in a shoal today: as the angler says, else as is usual for the fish. */
const isGathered = ({ shoal }: Pick<Conditions, 'shoal'>, { isSchooling }: Pick<Species, 'isSchooling'>): boolean =>
  shoal === null ? isSchooling : shoal === 'gathered'

/** The same of a water, by its fish's name. */
export const shoalsToday = (c: Pick<Conditions, 'shoal' | 'speciesId'>): boolean =>
  isGathered(c, speciesOf(c.speciesId) ?? { isSchooling: false })

const isOpen = ({ c }: FeatureSource) => c.cover.kind === 'open'
const ids = (table: readonly { readonly id: string }[]) => table.map((row) => row.id)
const yesNo = (yes: boolean) => (yes ? 'yes' : 'no')

/** Figures of a water that rules may ask for: one row each, SI. Their names stand in words/. */
const NUMBERS = {
  waterTempC: { role: 'waterTemp', of: ({ c }) => c.waterTempC },
  visibilityM: { role: 'depth', of: ({ c }) => c.visibilityM },
  windMps: { role: 'wind', of: ({ c }) => c.windMps },
  currentMps: { role: 'current', of: ({ c }) => c.currentMps },
  depthM: { role: 'depth', of: ({ c }) => c.depthM },
  coverTopM: { role: 'depth', of: (s) => (isOpen(s) ? s.c.depthM : s.c.cover.topM) },
  coverDensity: { role: null, of: (s) => (isOpen(s) ? 0 : s.c.cover.density) },
  zoneTopM: { role: 'depth', of: ({ zone }) => zone?.topM ?? 0 },
  zoneMidM: { role: 'depth', of: ({ zone }) => (zone ? (zone.topM + zone.bottomM) / 2 : 0) },
  offBottomM: { role: 'depth', of: ({ c, zone }) => (zone ? c.depthM - zone.bottomM : 0) },
  sunAltitudeDeg: { role: null, of: ({ sunMoon }) => sunMoon.sunAltitudeDeg },
  forageLengthM: { role: 'lureLength', of: ({ c }) => c.forage.lengthM },
  appetite: { role: null, of: ({ appetite }) => appetite },
  month: { role: null, plain: true, of: ({ c }) => Number(c.date.slice(5, 7)) },
  hour: { role: null, plain: true, of: ({ c }) => c.hour },
  salinity: { role: null, of: ({ place }) => place.salinity },
  driftMps: { role: 'current', of: ({ c }) => slidesMps(c) },
  tideRangeM: { role: 'depth', of: ({ c }) => c.tideRangeM },
  swellM: { role: 'depth', of: ({ c }) => c.swellM },
  tempChangeC: { role: null, of: ({ tempChangeC }) => tempChangeC ?? 0 },
  stirredM: { role: 'depth', of: ({ stirredM }) => stirredM },
  moonIlluminatedFraction: { role: null, of: ({ sunMoon }) => sunMoon.moonIlluminatedFraction },
} as const satisfies Readonly<Record<string, NumberRow>>

/** What of a water is one of a list. */
const TEXTS = {
  sky: { choices: SKIES, of: ({ c }) => c.sky },
  cover: { choices: COVERS, of: ({ c }) => c.cover.kind },
  season: { choices: SEASONS, of: ({ season }) => season },
  light: { choices: LIGHTS, of: ({ light }) => light },
  mood: { choices: MOODS, of: ({ c }) => c.mood },
  species: { choices: ids(SPECIES), of: ({ species }) => species.id },
  forage: { choices: ids(FORAGE), of: ({ c }) => c.forage.kind },
  forageShade: { of: ({ c }) => forageOf(c.forage.kind)?.shade ?? 'silver' },
  mouth: { of: ({ species }) => species.mouth },
  trend: { of: ({ trend }) => trend },
  group: { of: ({ species }) => species.group },
  schooling: { of: ({ c, species }) => yesNo(isGathered(c, species)) },
  birds: { of: ({ c }) => yesNo(c.signs.includes('birds') || c.signs.includes('bait')) },
  mudOfFish: { of: ({ c }) => yesNo(c.signs.includes('mud')) },
  fishSeen: { of: ({ c }) => yesNo(c.signs.includes('fish')) },
  lamps: { of: ({ c }) => yesNo(c.lamps) },
  weedDrift: { choices: WEED_DRIFTS, of: ({ c }) => c.weedDrift },
  forageShape: { choices: FORAGE_SHAPES, of: ({ c }) => forageOf(c.forage.kind)?.shape ?? 'slim' },
  forageKind: { of: ({ c }) => forageOf(c.forage.kind)?.kind ?? 'fish' },
  tide: { choices: TIDES, of: ({ c }) => c.tide },
  water: { choices: ['fresh', 'brackish', 'salt'], of: ({ place }) => waterKind(place.salinity) },
  stand: { choices: STANDS, of: ({ c }) => c.stand ?? 'not said' },
  singlesOnly: { of: ({ place }) => yesNo(place.singlesOnly) },
} as const satisfies Readonly<Record<string, TextRow>>

export type NumberFeature = keyof typeof NUMBERS
export type TextFeature = keyof typeof TEXTS
export type WaterFeatures = Readonly<Record<NumberFeature, number> & Record<TextFeature, string>>

export const NUMBER_FEATURES = Object.keys(NUMBERS) as NumberFeature[]
export const TEXT_FEATURES = Object.keys(TEXTS) as TextFeature[]

/** How a figure of a water is measured; null for a plain one. */
export const featureRole = (feature: NumberFeature): RoleId | null => NUMBERS[feature].role
/** Figures that a rule of one's own may ask for. */
export const ASKABLE_NUMBERS = NUMBER_FEATURES.filter((f) => {
  const row: NumberRow = NUMBERS[f]
  return row.role !== null || row.plain === true
})
/** What a rule of one's own may ask a text feature to be; null where it is not offered. */
export function featureChoices(feature: TextFeature): readonly string[] | null {
  const row: TextRow = TEXTS[feature]
  return row.choices ?? null
}

/** Every feature of a water. */
export function featuresOf(source: FeatureSource): WaterFeatures {
  const read = (rows: Readonly<Record<string, NumberRow | TextRow>>) =>
    Object.entries(rows).map(([id, row]) => [id, row.of(source)] as const)
  return Object.fromEntries([...read(NUMBERS), ...read(TEXTS)]) as WaterFeatures
}

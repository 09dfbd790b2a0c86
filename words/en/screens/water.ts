import type { Shown } from '../catalogue'
import { count } from '../grammar'

/** What the screens of water say, by component. */

/** app/components/column/ColumnGrips.vue */
export const columnGrips = {
  topOfTheZone: 'Top of the zone',
  bottomOfTheZone: 'Bottom of the zone',
  topOfTheCover: 'Top of the cover',
  lengthOfTheCast: 'Length of the cast',
  heightOfTheRod: 'Height of the rod tip',
} as const

/** app/components/column/PlaceColumn.vue */
export const placeColumn = {
  ofTheCast: (inZone: Shown, what: Shown) => `${inZone} % of the ${what} in the zone`,
  pathByYourTests: 'Path by your tests',
  pathByPacket: 'Path by packet and family: test it',
  leaveTheRod: 'Leave the rod to the match',
  zoneAsUsualHere: 'Zone as usual here',
} as const

/** app/components/column/WaterColumn.vue */
export const waterColumn = {
  waterColumn: 'Water column',
  whiteVanishes: 'white vanishes',
  othersRunHere: 'The other answers run here',
  fishHold: (depth: Shown, depth2: Shown, zone: Shown) => `fish hold ${depth} – ${depth2}${zone}`,
  asUsualHere: ', as usual here',
  trueScale: 'True scale.',
  depthDrawnAsTall: (n: Shown) => `Depth drawn ${n} × as tall as it is long.`,
  drawItTaller: 'Draw it taller',
  trueScale2: 'True scale',
} as const

/** app/components/lure/SeenColours.vue */
export const seenColours = {
  inTheHand: 'In the hand',
  atNow: (depth: Shown) => `At ${depth}, now`,
  seenLevelItStands: 'Seen level it stands out',
  againstTheLightAbove: ', against the light above',
  aLittle: 'a little',
} as const

/** app/components/water/CoverFields.vue */
export const coverFields = {
  cover: 'Cover',
  kind: 'Kind',
  depthToTop: 'Depth to top of cover',
  density: 'Density',
  driftingWeed: 'Drifting weed',
} as const

/** app/components/water/FishFields.vue */
export const fishFields = {
  fish: 'Fish',
  target: 'Target',
  mood: 'Mood',
  forage: 'Forage',
  forageLength: 'Forage length',
  youngOrGrown: 'This year’s young, or grown ones',
  young: 'Young',
  grown: 'Grown',
  alsoWelcome: 'As welcome',
  howTheyLie: 'How they lie',
  whatIsSeen: 'What is seen',
  moreOnFish: 'Shoals, signs, other fish',
} as const

/** app/components/water/ForecastPanel.vue */
export const forecastPanel = {
  weatherAndWater: 'Weather and water',
  hourByHourFor: 'Hour by hour for this place and day. The service is simulated: it looks real and is not.',
  askForTheDay: 'Ask for the day',
  barsWindShadeSky: (stirred: Shown) => `Bars: wind; shade: sky. ${stirred}`,
  thisWindStirs: (depth: Shown) => `This wind stirs the bottom down to ${depth}.`,
  theWindStirsNo: 'The wind stirs no mud here.',
  takeOverAsTodays: 'Take over as today’s water',
  theServiceSentSomething: 'the service sent something else',
  noReportTheWater: (message: Shown) => `No report: ${message}. The water stays as it is.`,
  theServiceCannotBe: 'the service cannot be reached',
  wind: 'Wind',
  from: (windFromDeg: Shown) => `from ${windFromDeg}°`,
  water: 'Water',
  visibility: 'Visibility',
  skyWindTemperature: 'sky, wind, temperature and visibility',
} as const

/** app/components/water/PlaceForm.vue */
export const placeForm = {
  changed: (name: Shown) => `Changed ${name}`,
  fishHereToday: 'Fish here today',
  todaysWater: 'today’s water',
  name: 'Name',
  bottom: 'Bottom',
  note: 'Note',
  rulesHere: 'Rules here',
  asYouKnow: 'As you know it. Ygrion applies your hook rules to every answer; look up the rest before you fish.',
  rulesOfThisWater: 'Rules of this water',
  singleHooksOnly: 'Single hooks only',
  mostHooksOn: 'Most hooks on a line',
  trebleIsThree: 'A treble counts as three hooks',
  mostLures: 'Most lures on a line',
  noLead: 'No lead: heads, sinkers, jigs',
  asItUsually: 'As it usually is',
  nothingWrittenDownYet: 'Nothing written down yet. A water set here for the first time starts from this.',
  depth: 'Depth',
  visibilityWhiteLure: 'Visibility (white lure)',
  cover: 'Cover',
  depthToTop: 'Depth to top of cover',
  takeTodaysWater: 'Take today’s water as the usual',
  removeThisPlace: 'Remove this place',
  reset: 'Reset',
  save: 'Save',
  thisPlace: 'This place',
  latitudeNorth: 'Latitude, ° north',
  longitudeEast: 'Longitude, ° east',
  hoursAheadOfUtc: 'Hours ahead of UTC',
  salinityFreshSea: 'Salinity (0 fresh, 35 sea)',
  fetchOpenWaterUpwind: 'Fetch (open water upwind), km',
} as const

/** app/components/water/PlaceList.vue */
export const placeList = {
  places: 'Places',
  hasRules: ' · has rules',
  newPlace: 'New place',
  importGpx: 'Import GPX',
  exportGpx: 'Export GPX',
  gpxFile: 'GPX file',
  addedAPlace: 'Added a place',
  wasNotTaken: (name: Shown, problem: Shown) => `${name} was not taken in: it ${problem}. Nothing was changed.`,
  tookInFrom: (fresh: number, name: Shown) => `Took in ${count(fresh, 'place')} from ${name}`,
  takenInFrom: (fresh: Shown, name: Shown) => `${fresh} taken in from ${name}.`,
  skippedAlreadyInYour: (twice: Shown) => `${twice} skipped: already in your places.`,
  leftOut: (p: Shown) => `Left out: ${p}.`,
} as const

/** app/components/water/PlaceTemps.vue */
export const placeTemps = {
  deleteDay: (date: Shown) => `Delete ${date}`,
  temperatures: 'Temperatures',
  fromThemCome: 'From them come the trend and the season: a few cold days do not set it back.',
  day: 'Day',
  temperature: 'Temperature',
  add: 'Add',
  deleteWord: 'Delete',
  andEarlierOnes: (n: Shown) => `and ${n} earlier ones.`,
} as const

/** app/components/water/SkyFields.vue */
export const skyFields = {
  skyAndLight: 'Sky and light',
  sky: 'Sky',
  wind: 'Wind',
  windOnTheCast: 'Wind on the cast',
  seasonOfTheFish: 'Season of the fish',
  light: 'Light',
  lamps: 'Lamps light the water',
  firstLightSunUp: (
    dawnMs: Shown,
    sunriseMs: Shown,
    sunsetMs: Shown,
    sunAltitudeDeg: Shown,
    moonIlluminatedFraction: Shown,
    n: Shown,
    appetite: Shown,
  ) =>
    `First light ${dawnMs}, sun up ${sunriseMs}, down ${sunsetMs}; the sun stands ${sunAltitudeDeg}° high, the moon is ${moonIlluminatedFraction} % lit. In the zone ${n} % of the surface light is left. The water temperature suits them ${appetite} %.`,
  assumedToDrag: (holdingId: Shown, depth: Shown, depth2: Shown) =>
    `${holdingId} Assumed: ${depth} to ${depth2}. Drag the zone in the picture where you know better.`,
} as const

/** app/components/water/SounderPanel.vue */
export const sounderPanel = {
  sounderAndProbe: 'Sounder and probe',
  depthTemperatureSpeed:
    'Depth, temperature, speed and position in NMEA 0183: DBT, DPT, MTW, VHW, VTG, RMC. The live one is simulated; a log of your own can be opened.',
  listenSimulated: 'Listen (simulated)',
  stop: 'Stop',
  openALog: 'Open a log',
  nmeaLog: 'NMEA log',
  theStreamBrokeOff: 'The stream broke off. What was read so far stays.',
  medianOfReadingsFrom: (readings: Shown, source: Shown) => `Median of ${readings} readings from ${source}.`,
  leftOut: (problems: number) => `${count(problems, 'sentence')} left out`,
  takeOverAsTodays: 'Take over as today’s water',
  depthTemperatureAndDrift: 'depth, temperature and drift',
  wroteDownAt: (waterTemp: Shown, name: Shown) => `Wrote down ${waterTemp} at ${name}`,
  depth: 'Depth',
  water: 'Water',
  throughTheWater: 'Through the water',
  overGround: 'Over ground',
  position: 'Position',
} as const

/** app/components/water/TidePanel.vue */
export const tidePanel = {
  tide: 'Tide',
  byHarmonicPredictionFrom: (name: Shown) =>
    `${name}, by harmonic prediction from invented constants. Not for navigation.`,
  high: 'High',
  low: 'Low',
  takeOverAsTodays: 'Take over as today’s water',
  noTideStationLies: (fresh: Shown) => `No tide station lies near this place${fresh}.`,
  andItsWater: ', and its water is fresh',
  now: 'Now',
  level: 'Level',
  range: 'Range',
  theTide: 'the tide',
} as const

/** app/components/water/WaterFields.vue */
export const waterFields = {
  water: 'Water',
  tide: 'Tide',
  driftTideSwell: 'Drift, tide, swell',
  useTheMuddyWater: 'Use the muddy-water visibility',
  temperature: 'Temperature',
  visibilityWhiteLure: 'Visibility (white lure)',
  depth: 'Depth',
  current: 'Current',
  driftOfTheBoat: 'Drift of the boat',
  cast: 'Cast',
  swell: 'Swell',
  rangeOfTheTide: 'Range of the tide',
} as const

/** app/components/water/WaterStrip.vue */
export const waterStrip = {
  changeTheWater: 'Change the water',
  visibility: (depth: Shown) => `visibility ${depth}`,
  wind: (speed: Shown) => `wind ${speed}`,
  fish: (mood: Shown) => `${mood} fish`,
} as const

/** app/components/water/WaterHead.vue */
export const waterHead = {
  water: 'Water',
  today: 'Today',
  lightAndTideToday: 'Light and tide today',
  sounderAndForecast: 'Sounder and forecast',
  places: 'Places',
} as const

/** app/components/water/WhereWhen.vue */
export const whereWhen = {
  whereAndWhen: 'Where and when',
  place: 'Place',
  date: 'Date',
  time: 'Time',
  rulesHere: 'Rules here:',
  checkTheLocalRules: (law: Shown) => `${law} Check the local rules; they come first.`,
} as const

/** app/pages/water/day.vue */
export const waterDayPage = {
  about: 'Light and tide hour by hour: move the hour, and the water goes with it.',
  lightThroughTheDay: 'Light through the day',
  luxAtTheSurface: (name: Shown, date: Shown, depth: Shown) =>
    `${name}, ${date}. Lux at the surface, and in the zone at ${depth}.`,
  lx: (t: Shown) => `${t} lx`,
  hour: 'Hour',
  theSunHighLx: (slice: Shown, sun: Shown, toLocaleString: Shown, toLocaleString2: Shown) =>
    `${slice}, the sun ${sun}° high: ${toLocaleString} lx above, ${toLocaleString2} lx where the fish are.`,
  theDottedLine: 'The dotted line is the level of the tide.',
  seeWhatThatDoes: 'See what that does to the match',
  orLetItRun: ', or let it run along the hours there under “What if”.',
  lightAndTideToday: 'Light and tide today · Ygrion',
} as const

/** app/pages/water/index.vue */
export const waterPage = {
  about: 'Set the water as you find it: everything else follows from it.',
  readTheWater: 'Read the water',
  thePlace: 'The place',
  whatThisWaterAsks: 'What this water asks for',
  itAsksFor: 'It asks for',
  soTieOn: 'So tie on',
  ofTheWholeBox: 'The best of your whole box.',
  stillComparing: 'Still comparing …',
  seeTheWholeMatch: 'See the whole match',
  waterYgrion: 'Water · Ygrion',
} as const

/** app/pages/water/instruments.vue */
export const waterInstrumentsPage = {
  about: 'Take depth, temperature and weather from a sounder, a log or a forecast.',
  sounderAndForecastYgrion: 'Sounder and forecast · Ygrion',
  notCopied: (field: Shown, fault: Shown) => `Nothing was copied: the ${field} ${fault}. Check the instrument.`,
  copiedToTodaysWater: (what: Shown) => `Copied to today’s water: ${what}.`,
} as const

/** app/pages/water/places.vue */
export const waterPlacesPage = {
  about: 'Your waters: where they lie, what lives there, and the rules that hold.',
  placesYgrion: 'Places · Ygrion',
} as const

/** app/components/water/WaysFields.vue */
export const waysFields = {
  howYouFish: 'How you fish',
  from: 'From',
  waysLookedAt: 'Ways of fishing that are looked at',
  yourWays: 'The match ranks these ways.',
  usualFromThere: 'As usual from there.',
  usualAnywhere: 'As usual: cast, pitched and straight down. Take in what you also do.',
  asUsual: 'As usual again',
  needsMovingWater: (ways: Shown) => `${ways}: only where water passes. Give the current, or the drift of the boat.`,
  ball: 'Ball of the downrigger',
} as const

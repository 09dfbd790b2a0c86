import type { Shown } from '../catalogue'
import { POWER } from '../../../data/power'
import { count, percent } from '../grammar'

/** What the screens of review say, by component. */

const [few, many] = POWER.patterns
const range = ([from, to]: readonly [number, number]) => `${Math.round(100 * from)} to ${percent(to)}`

/** “7 from 4 schools”; “3”, where each came alone. */
const ofSchools = (answers: number, schools: number): string =>
  answers === schools ? String(answers) : `${answers} from ${count(schools, 'school')}`

/** app/components/review/RateBars.vue */
export const rateBars = {
  all: 'all',
  inWord: (answers: number, events: number, minutes: Shown) => `${ofSchools(answers, events)} in ${minutes}`,
  anHourDotMedian: (says: Shown) =>
    `${says} an hour, by schools · dot: median · bar: where the true rate lies nine times in ten`,
  anHour: (label: Shown, n: Shown, n2: Shown, n3: Shown, answers: number, events: number, minutes: Shown) =>
    `${label}: ${n} an hour, ${n2} to ${n3}, ${ofSchools(answers, events)} in ${minutes}`,
} as const

/** app/components/review/RateGrid.vue */
export const rateGrid = {
  ratesByTwoFactors: 'Rates by two factors',
  inH: (answers: number, events: number, n: Shown) => `${ofSchools(answers, events)} in ${n} h`,
} as const

/** app/components/review/ReviewFilter.vue */
export const reviewFilter = {
  count: 'Count',
  place: 'Place',
  allPlaces: 'All places',
  year: 'Year',
  allYears: 'All years',
} as const

/** app/components/review/ReviewTabs.vue */
export const reviewTabs = {
  review: 'Review',
  rates: 'Rates',
  patterns: 'Patterns',
  luresAndOdds: 'Lures and odds',
  fish: 'Fish',
  season: 'Season',
  files: 'Files',
} as const

/** app/components/review/TimeLine.vue */
export const timeLine = {
  outings: (days: Shown, join: Shown) => `${days} outings: ${join}`,
  inHours: (date: Shown, events: Shown, n: Shown) => `${date} ${events} in ${n} hours`,
  paleBarsHoursFished: (says: Shown) => `Pale bars: hours fished. Dots: ${says}; rings are blanks.`,
} as const

/** app/pages/review/files.vue */
export const reviewFilesPage = {
  theLogAsFiles: 'The log as files',
  out: 'Out',
  outingsCsvOneRow: (all: Shown) => `${all} outings. JSON: everything, entry by entry; it comes back whole.`,
  csvIs: 'CSV: one row for each stretch of effort, for a spreadsheet.',
  csvLacks: (what: Shown) => `It does not hold ${what}: keep the JSON as well.`,
  logAsCsv: 'Log as CSV',
  logAsJson: 'Log as JSON',
  inWord: 'In',
  eitherOfTheTwo:
    'Either of the two. Rows that cannot be read are named below and the others come in; an outing that is here already is replaced by one from JSON, and that can be undone. A table holds less than the log: it adds outings that are not here yet, and replaces none.',
  logToBring: 'Log to bring in',
  chooseALog: 'Choose a log',
  placesCouldNotBe: (problems: Shown) => `${problems} places could not be read:`,
  row: (row: Shown, column: Shown, problem: Shown) => `Row ${row}, “${column}”: ${problem}.`,
  andMore: (n: Shown) => `… and ${n} more.`,
  logFilesYgrion: 'Log files · Ygrion',
  theFile: (problem: Shown) => `The file ${problem}.`,
  theTableHoldsNo: 'The table holds no row with effort in it.',
  theFileCouldNot: (slice: Shown) => `The file was not taken in, and nothing was changed. ${slice}`,
  broughtInOutings: (list: Shown) => `Brought in ${list} outings`,
  outingsCame: (list: Shown, name: Shown) => `${list} outings came in${name}.`,
  alreadyHere: (n: number) =>
    n === 1 ? '; one was here already and stays as it is' : `; ${n} were here already and stay as they are`,
  stop: (file: Shown) => `Stop reading ${file}`,
  ofThemTook: (again: Shown) => `; ${again} of them took the place of those with the same name`,
} as const

/** app/pages/review/index.vue */
export const reviewPage = {
  whatTheLogSays: 'What the log says',
  fishTakesOrAnswers:
    'Schools that gave a fish, a take or an answer, an hour, by whatever you split your time by. What comes within two minutes of the last is the same school: three bites at once are one piece of news.',
  by: 'By',
  andBy: 'and by',
  nothingElse: 'nothing else',
  noEndedOutingHere: 'No ended outing here yet.',
  fishOne: 'Fish one',
  or: 'or',
  bringInALog: 'bring in a log',
  ratesPatternsAndOdds: ': rates, patterns and odds come from it.',
  rates: 'Rates',
  inWord: (says: Shown, schools: number) => `${says}, from ${count(schools, 'school')}, in`,
  hoursAnHour: (n: Shown, n2: Shown, n3: Shown) => `hours: ${n} schools an hour (${n2}–${n3}).`,
  bitesComeInBunches: (n: Shown) => `Days and hours differ, so the ranges are ${n} × wider.`,
  timeline: 'Timeline',
  throughTheSeasons: 'Through the seasons',
  reviewYgrion: 'Review · Ygrion',
} as const

/** app/pages/review/lures.vue */
export const reviewLuresPage = {
  luresAndOdds: 'Lures and odds',
  whatALureHas: 'What a lure has brought, what it costs, and how the ranking hears it.',
  yourWaterYourOdds: 'Your water, your odds',
  forTheWater: (name: Shown) => `For the water as it is set now at ${name}:`,
  ofEffortInWater: 'of effort in water like it. In the match this weighs',
  ofAtMost: 'of at most 8, as an axis of its own; it grows with effort.',
  useMyLog: 'Use my log in the ranking',
  noLureHereHas: (n: Shown) => `No lure here has ${n} minutes in water like this yet.`,
  oddsByLure: 'Odds by lure',
  lure: 'Lure',
  takesAnHour: 'Takes an hour',
  nineTimesInTen: 'nine times in ten',
  yourAverage: '× your average',
  effortItAndIts: 'effort, it and its like',
  costAndWear: 'Cost and wear',
  costPerFish: 'Cost per fish',
  noLureHasBeen: 'No lure has been fished in the outings looked at.',
  costByLure: 'Cost by lure',
  hours: 'Hours',
  landed: 'Landed',
  lost: 'Lost',
  spent: 'Spent',
  aFish: 'A fish',
  care: 'Care',
  noFishYet: 'no fish yet',
  spentTheLureItself:
    'Spent: the lure itself and each one lost, at what it cost. A lure without a cost in the box has none here.',
  luresAndOddsYgrion: 'Lures and odds · Ygrion',
} as const

/** app/components/chart/ShareBars.vue */
export const shareBars = {
  of: (hits: Shown, of: Shown) => `${hits} of ${of}`,
  likely: (median: Shown, low: Shown, high: Shown) => `about ${median} (${low} to ${high})`,
} as const

/** app/pages/review/fish.vue */
export const reviewFishPage = {
  fishYgrion: 'Fish · Ygrion',
  fish: 'Fish',
  about: 'What holds them, how long they are, what they follow, and what others catch.',
  landedOfHooked: 'Landed of those hooked',
  by: { rod: 'Rod', hook: 'Hook', line: 'Line', lure: 'Lure' },
  nobodyTold: 'No outing looked at says what held the fish. Those you start from now on do.',
  fewTell: 'The bars are what each may well be, nine times in ten: few fish tell little.',
  whyTheyCameOff: 'Why they came off',
  notSaid: 'Not said',
  nFish: (n: number) => count(n, 'fish', 'fish'),
  howLong: 'How long they are',
  lengths: 'Lengths',
  bySpot: 'Spot',
  mean: 'Mean',
  nineTimesInTen: 'nine times in ten',
  longest: 'Longest',
  noneMeasured: 'No fish was measured in the outings looked at.',
  othersCaught: 'What others caught',
  didNotSee: 'On what, nobody saw',
  noneNoted: 'No fish of others was written down.',
  upTo: (length: Shown) => `up to ${length}`,
  partsLost: 'Lost on the bottom',
  nothingWatched: 'No follower and no fish on the sounder was written down.',
} as const

/** app/pages/review/patterns.vue */
export const reviewPatternsPage = {
  patternsWithinPatterns: 'Patterns within patterns',
  whatStandsOutFrom: 'What stands out from chance, and your rules of thumb against your own log.',
  patterns: 'Patterns',
  whatStandsOut: 'What stands out',
  lookingAndShuffling: 'Looking, and shuffling the log against luck …',
  within: (toLowerCase: Shown, label: Shown) => ` within ${toLowerCase} ${label}`,
  inHAgainstFor: (rate: Shown, n: Shown, rate2: Shown) => `${rate} in ${n} h, against ${rate2} for the rest.`,
  chanceAloneDoes: (pValue: Shown) => `Chance alone does as well ${pValue} of the time.`,
  theSameEffort: (join: Shown) => ` The same effort is also: ${join}.`,
  nothingStandsOutFrom: (length: Shown) => `Nothing stands out from chance yet. ${length}`,
  someMoreOutings: 'Some more outings are needed before patterns can show.',
  partsOfTheLog: (testsRun: Shown, shuffles: Shown, says: Shown, n: Shown) =>
    `${testsRun} parts of the log were looked at. To pay for looking at so many, the log was shuffled ${shuffles} times – the turns of each outing, the ${says} of their schools with their effort, dealt out again within it, whole outings over their days – and a part is told only where the strongest part of a shuffle beats it in fewer than ${n} of them.`,
  foundOnlyIn: (outings: number) =>
    `What does not show may be there all the same: a colour ${POWER.times} times as good is found in ${range(few.found)} of logs of ${few.outings} outings, in ${range(many.found)} of ${many.outings}. Yours has ${outings}.`,
  rulesOfThumb: 'Rules of thumb',
  rulesOfThumbAgainst: 'Rules of thumb against your log',
  noRuleOfThumb: 'No rule of thumb here has an hour of effort on both of its sides yet.',
  withInHWithout: (rate: Shown, n: Shown, rate2: Shown, n2: Shown) =>
    `With: ${rate} in ${n} h. Without: ${rate2} in ${n2} h. Probability that the rule’s side is better:`,
  saidAtEitherWay:
    'Shown at 95 % either way, for all rules here together: the more are looked at, the surer each has to be. Effort with and without was not dealt out by chance: what you believe in you fish at better hours.',
  patternsYgrion: 'Patterns · Ygrion',
  anHour: (n: Shown, n2: Shown, n3: Shown) => `${n} an hour (${n2}–${n3})`,
  bearsOut: 'bears out',
  yourLogAgrees: 'Your log agrees',
  yourLogDisagrees: 'Your log disagrees',
  tooEarlyToSay: 'Too early to say',
} as const

/** app/pages/review/season.vue */
export const reviewSeasonPage = {
  theSeason: 'The season',
  monthsWatersAndFish: 'Months, waters and fish of one year.',
  print: 'Print it',
  seasonSummary: 'Season summary',
  allYears: 'All years',
  outings: 'Outings',
  blank: (blanks: Shown) => `${blanks} blank`,
  onTheWater: 'On the water',
  ofEffortBreaksLeft: 'of effort, breaks left out',
  landed: 'Landed',
  ofTakes: (takes: Shown) => `of ${takes} takes`,
  takesAnHour: 'Schools that took, an hour',
  longest: 'Longest',
  byMonth: 'By month',
  month: 'Month',
  asABar: 'as a bar',
  hours: 'Hours',
  lures: 'Lures',
  lure: 'Lure',
  seasonYgrion: 'Season · Ygrion',
} as const

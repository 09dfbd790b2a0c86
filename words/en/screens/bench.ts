import type { Shown } from '../catalogue'
import { count } from '../grammar'

/** What the screens of bench say, by component. */

/** app/components/bench/AgainstReference.vue */
export const againstReference = {
  besideTheReferenceLure: 'Beside the reference lure',
  butTheTwo: ', but the two are not clear of each other yet.',
  testThisOne: 'Test this one, and the two are compared.',
  theSame: 'the same as',
  than: (off: Shown, off2: Shown) => `${off} % ${off2} than`,
} as const

/** app/components/bench/BenchTabs.vue */
export const benchTabs = {
  bench: 'Bench',
  oneLure: 'One lure',
  sideBySide: 'Side by side',
  calculators: 'Calculators',
} as const

/** app/components/bench/CountTable.vue */
export const countTable = {
  countDownTable: 'Count-down table',
  to: 'To',
  count: 'Count',
  range: '95 % range',
  itDoesNotSink: 'It does not sink as it is: rig it on a head or hook first.',
} as const

/** app/components/bench/DiveChart.vue */
export const diveChart = {
  ofLineOut: (unit: Shown) => `${unit} of line out`,
  atTheMostLine: (name: Shown, depth: Shown) => `${name}: ${depth} at the most line out`,
} as const

/** app/components/bench/FigureRange.vue */
export const figureRange = {
  poorTestAgain: 'poor: test again',
} as const

/** app/components/bench/InTodaysWater.vue */
export const inTodaysWater = {
  inTodaysWater: 'In today’s water',
  riggedOn: 'Rigged on',
  line: 'Line',
  technique: 'Technique',
  ofTheCast: (share: Shown) => `${share} % of the cast in the zone`,
  thePaleBandHolds: 'The pale band holds the path 19 times in 20 (95 %), by what is known of this lure',
  crossesAreDepthsYou: '; crosses are depths you measured, on your own casts and line',
  moreTestsMake: '. More tests make it narrower.',
  countItDown: 'Count it down',
} as const

/** app/components/bench/LureHead.vue */
export const lureHead = {
  bench: 'Bench',
} as const

/** app/components/bench/LurePick.vue */
export const lurePick = {
  lures: 'Lures',
  search: 'Search',
  nothingHereIsCalled: 'Nothing here is called that.',
  notTested: 'not tested',
} as const

/** app/components/bench/PutInZone.vue */
export const putInZone = {
  kinds: {
    rod: 'Rod',
    speed: 'Pace',
    count: 'Count',
    cast: 'Cast',
    line: 'Line',
    weight: 'Weight',
    lure: 'Lure',
  },
  put: 'Put it in the zone',
  ofTheCast: (share: Shown, now: Shown) => `${share} of the cast in the zone, now ${now}.`,
  itIsThereAlready: (now: Shown) => `It is there already: ${now} of the cast.`,
  noSingleChangeAt: (now: Shown) => `No single change at hand helps much; ${now} of the cast is in the zone.`,
  fromWhatCostsNothing: 'From what costs nothing to what costs most; each change alone.',
} as const

/** app/components/bench/SeriesPlot.vue */
export const seriesPlot = {
  fitted: (i: Shown, role: Shown, role2: Shown, apart: Shown) => `${i}: ${role}, fitted ${role2}${apart}`,
  standsApart: ', stands apart',
} as const

/** app/components/bench/ShareBar.vue */
export const shareBar = {
  of: (label: Shown, percent: Shown) => `${label}: ${percent} of 100`,
} as const

/** app/components/bench/StopWatch.vue */
export const stopWatch = {
  theWatch: (running: Shown) => `${running} the watch`,
  stop: 'Stop',
  start: 'Start',
  pressItOr: 'Press it, or the space bar, to start and again to stop: each stop is a reading.',
  discardThisRun: 'Discard this run',
} as const

/** app/components/bench/SumCast.vue */
export const sumCast = {
  casts: 'Casts',
  yourCastingDistance: 'Your casting distance',
  measureAFewCasts:
    'Measure a few casts on the bench (any lure, test “Length of cast”), and every lure’s cast with that rod stands here.',
  rod: 'Rod',
  predictedCasts: 'Predicted casts',
  lure: 'Lure',
  flies: 'Flies',
  range: '95 % range',
  thrown: ' (thrown)',
  to: (distance: Shown, distance2: Shown) => `${distance} to ${distance2}`,
  theEnergyOfYour: (n: Shown) =>
    `Your swing is fitted to ${n} casts in calm air; the rod’s power and length, each lure’s weight and bulk and the drag of a 0.25 mm line do the rest. Lures this rod is made for, farthest first.`,
  noRodNamed: 'No rod named',
} as const

/** app/components/bench/SumDownrigger.vue */
export const sumDownrigger = {
  downrigger: 'Downrigger',
  ball: 'Ball',
  wantedDepth: 'Wanted depth',
  speedOverGround: 'Speed over ground',
  currentFromBehind: 'Current from behind',
  lure: 'Lure',
  leadBehindTheBall: 'Lead from ball to lure',
  lureRunsAt: (name: Shown) => `${name} runs at`,
  levelWithTheBall: ', level with the ball.',
  belowTheBall: (depth: Shown) => `, ${depth} below the ball.`,
  aboveTheBall: (depth: Shown) => `, ${depth} above the ball.`,
  letOut: 'Let out',
  ofCableTheBall: (depth: Shown) => `of cable: the ball hangs at ${depth} and is blown back`,
  noLengthOfCable: 'No length of cable brings that ball so deep at this speed: slow down or take a heavier one.',
  steelCableOfMm: 'Steel cable of 0.8 mm, a round lead ball. Finned balls are blown back less.',
  careful: 'Careful:',
  aBallOn:
    'a ball on the bottom can hold the boat: drag set to slip, cutters at hand, fingers off the cable. How many rods may be out is a matter of local law.',
} as const

/** app/components/bench/SumDropShot.vue */
export const sumDropShot = {
  dropShotAndBottom: 'Drop-shot and bottom',
  dropShotHeight: 'Drop-shot height, and what holds bottom',
  depth: 'Depth',
  distanceFromTheRod: 'Distance from the rod',
  leaderToTheSinker: 'Leader to the sinker',
  wantedHeight: 'Wanted height of the bait',
  currentOrDrift: 'Current or drift',
  bottom: 'Bottom',
  aLeaderOfHolds: (lureLength: Shown, lureLength2: Shown) =>
    `A leader of ${lureLength} holds the bait ${lureLength2} up.`,
  theBaitHangs: 'The bait hangs',
  aboveTheBottomOn: (lureLength: Shown) => `above the bottom on a leader of ${lureLength}.`,
  forTieALeader: (lureLength: Shown) => `For ${lureLength} tie a leader of`,
  lightestLeadThatHolds: 'Lightest lead that holds:',
  noLeadHolds: 'No lead up to 2 kg holds here: thinner line, less of it, or slacker water would.',
  takeForWater: (lureMass: Shown) => `; take ${lureMass}, for water is never even.`,
  onLineAt: (name: Shown, angleDeg: Shown, n: Shown) =>
    `On ${name}, line ${angleDeg}° at the lead, pulled with ${n} N. Current taken as even to the bottom: on the safe side. How well lead grips is assumed.`,
} as const

/** app/components/bench/SumSwing.vue */
export const sumSwing = {
  acrossTheCurrent: 'Across the current',
  lure: 'Lure',
  cast: 'Cast',
  thrown: 'Thrown',
  current: 'Current',
  wound: 'Wound in',
  theSwingFromAbove: (description: Shown) => `The swing from above: ${description}.`,
  sInAllOn: (t: Shown, name: Shown) =>
    `${t} s in all, on ${name}. Mend the line or cast upstream to let it sink; cast downstream, or wind, to keep it up.`,
  onTheBottomAfter: (t: Shown, name: Shown) =>
    `On the bottom after ${t} s, on ${name}. Cast downstream, wind a little or take a lighter lure to keep it up.`,
  careful: 'Careful:',
  wadeWhereYouCan: 'wade where you can see the bottom, with a staff and a belt, and turn back early.',
  upstream: '45° upstream',
  aLittleUpstream: 'A little upstream',
  straightAcross: 'Straight across',
  aLittleDownstream: 'A little downstream',
  downstream: '45° downstream',
  afterS: (t: Shown, depthM: Shown) => `after ${t} s ${depthM}`,
} as const

/** app/components/bench/SumTroll.vue */
export const sumTroll = {
  trolling: 'Trolling',
  behindTheBoat: 'Behind the boat',
  lure: 'Lure',
  lineOut: 'Line out',
  speedOverGround: 'Speed over ground',
  slower: 'A step slower',
  faster: 'A step faster',
  currentFromBehind: 'Current from behind',
  goesWithTheWater: 'The boat goes with the water: nothing is drawn through it.',
  throughTheWater: 'Through the water that makes',
  depthBySpeed: 'Depth by speed',
  overGround: 'Over ground',
  runsAt: 'Runs at',
  pullAtTheRod: 'Pull at the rod',
  outsideItsWindow: 'outside its speeds',
  wherePracticeAndThis: 'Where practice and this sum differ.',
  withTheTime: (depth: Shown) =>
    `With the time to reach its full angle the sum lets a diver go on down; common practice finds trolled plugs about half as deep again as on a cast of that length: some ${depth} here. Trust the shallower until a sounder has shown yours: measure it on the bench as “depth behind a boat”.`,
  byYourRuns: (n: number) => `Fitted to its own ${count(n, 'run')} behind a boat.`,
  inStepsOfMph: (name: Shown) =>
    `In steps of 0.1 mph, on ${name}. Spinners stand a wide range, spoons a narrow one. Read the boat’s speed off the instrument.`,
  itSpinsPut: 'It spins: put a keel and a swivel between line and leader.',
} as const

/** app/components/bench/LabelCast.vue */
export const labelCast = {
  castTheDepthIsFor: 'Cast the packet’s depth is meant for',
  makersSeldomSay:
    'Makers seldom say. A plug whose depth is meant for a long cast runs shallower on yours; the pale band is wide because of it, until you test.',
  takeItForAll: (n: number) => `Take it for ${count(n, 'other plug')} never tested, too`,
  tookForAll: (n: number) => `Took the same cast for ${count(n, 'plug')}`,
} as const

/** app/components/bench/SumTurn.vue */
export const sumTurn = {
  inATurn: 'In a turn',
  radius: 'Radius of the turn',
  rodTipOff: 'Rod tip off the middle',
  rod: 'Rod',
  speed: 'Lure’s speed',
  depth: 'Depth',
  inner: 'Inner',
  outer: 'Outer',
  range: (from: Shown, to: Shown) => `${from} to ${to}`,
  whichIsHit: (speed: Shown) =>
    `A third of a circle at ${speed} through the water. A bite on the inner rod asks for a slower boat, one on the outer rod for a faster one. Keep a lookout ahead while you turn.`,
} as const

/** app/components/bench/SumHang.vue */
export const sumHang = {
  lowered: 'Lowered under the rod',
  underTheRod: 'Under the boat, under ice',
  lure: 'Lure',
  from: 'Fished',
  fromABoat: 'from a boat',
  throughIce: 'through ice',
  wantedDepth: 'Wanted depth',
  driftOrCurrent: 'Drift or current',
  lineInTheWater: 'The line in the water, seen from the side',
  letOut: 'Let out',
  ofLine: 'of line from the rod tip.',
  itTrails: (distance: Shown, degrees: Shown) =>
    `The lure trails ${distance} behind the tip; the line stands ${degrees}° off straight down there.`,
  straightDown: 'The lure hangs straight down.',
  pullsAt: (mass: Shown) => `It pulls with ${mass}.`,
  noLineGetsIt: 'No line gets it there in this flow: heavier, thinner line, or hold the boat.',
  drawnNotLowered:
    'At such an angle the lure is drawn, not lowered: heavier, thinner line, or hold the boat in the wind.',
  bodyOnItsOwn:
    'The lure as it lies in the box, at rest; each lift swings it nearer. Flow taken as even to the bottom.',
  careful: 'Careful:',
  ice: 'ice carries only where someone has drilled and measured it today; never alone, with picks, rope and float suit. Local rules say how thick it must be, and how many holes and lines you may have.',
} as const

/** app/components/bench/TapCounter.vue */
export const tapCounter = {
  twoTapsAndMore: 'Two taps and more give a pace.',
  startOver: 'Start over',
} as const

/** app/components/bench/TestField.vue */
export const testField = {
  notSaid: 'Not said',
} as const

/** app/components/bench/TestFound.vue */
export const testFound = {
  result: 'Result',
  readings: 'Readings',
  outlierKeptCheck: 'outlier: kept, check it',
  takeOutReading: (i: Shown) => `Take out reading ${i}`,
  takeOut: 'Take out',
  noneInThisSeries: 'None in this series yet. Every reading is kept the moment it is taken.',
  mean: 'Mean',
  spread: (watch: Shown) => `, spread ${watch}\u202fs`,
  withoutWhatStandsApart: (watch: Shown) => `; without what stands apart ${watch}\u202fs`,
  so: (name: Shown, figure: Shown) => `So ${name} ${figure}`,
  countItDown: 'Count it down',
  dotsAreReadings: (title: Shown) => `${title}: dots are readings, the tick is what they come to.`,
} as const

/** app/components/bench/TestHow.vue */
export const testHow = {
  howItIsDone: 'How it is done',
  youNeed: 'You need',
  then: 'Then',
  careful: 'Careful:',
  earlierSeries: 'Earlier series',
  goOn: 'Go on with it',
  discard: 'Discard',
} as const

/** app/components/bench/TestShelf.vue */
export const testShelf = {
  itGives: (gives: Shown) => `It gives ${gives}.`,
  readings: (readings: Shown) => `${readings} readings`,
  notTestedRun: 'Not tested: run it',
} as const

/** app/components/bench/TestTake.vue */
export const testTake = {
  takeReadings: 'Take readings',
  waterTemperature: 'Water temperature',
  salinity: 'Salinity',
  reelForCountingTurns: 'Reel for counting turns',
  theseHoldFor: 'These hold for the series under way. Change one, and the next reading begins a new series; so does',
  beginningAnew: 'beginning anew',
  tapAtEachBeat: (toLowerCase: Shown) => `Tap at each beat: ${toLowerCase}`,
  tapAtEachHandle: (toLowerCase: Shown) => `Tap at each handle turn: ${toLowerCase}`,
  beatsASecond: 'beats a second',
  turnsASecond: 'turns a second',
  simulatedScaleItStands: 'Simulated scale: it stands in for a real one and invents its weights.',
  theScaleDoesNot: 'The scale does not answer. Is Ygrion’s server running?',
  takeThisWeight: 'Take this weight',
  addATypedReading: 'Add a typed reading',
  addThisReading: 'Add this reading',
} as const

/** app/components/bench/TuneBlades.vue */
export const tuneBlades = {
  blades: 'Blades',
  blade: 'Blade',
  thump: 'Thump',
  flash: 'Flash',
  runsAt: 'Runs at',
  surfacesAbove: 'Surfaces above',
  weighsInAll: 'Weighs in all',
  bold: 'Bold: as it is now. A bigger or rounder blade thumps more, lifts more and is wound more slowly.',
} as const

/** app/components/bench/TuneCut.vue */
export const tuneCut = {
  cutItShorter: 'Cut it shorter',
  onAHead: 'On a head of',
  length: 'Length',
  weighs: 'Weighs',
  falls: 'Falls',
  floats: 'floats',
  cutFromTheHead: 'Cut from the head: the tail keeps its kick. A sharp blade, away from the thumb.',
} as const

/** app/components/bench/TuneFall.vue */
export const tuneFall = {
  weightForAFall: 'Weight for a fall',
  headForAWanted: 'Head for a wanted fall',
  weightForAWanted: 'Weight for a wanted fall',
  wantedFall: 'Wanted fall',
  inS: (soft: Shown, depth: Shown, n: Shown) => `${soft}; ${depth} in ${n} s.`,
  ofHeadOn: 'of head on it',
  inAll: 'in all',
  notEvenGMake: 'Not even 200 g make it fall so fast.',
  heldAtADistance: 'Held at a distance of',
  ofLeadStayOn: (depth: Shown, currentMps: Shown) => `of lead stay on a gravel bottom in ${depth}, ${currentMps}.`,
  noLeadStays: 'No lead up to 2 kg stays on a gravel bottom here: thinner line, less of it, or slacker water would.',
  aCurrent: (current: Shown) => `a current of ${current}`,
  withoutCurrent: 'without current',
} as const

/** app/components/bench/TuneFiller.vue */
export const tuneFiller = {
  filler: 'Filler',
  wantedWeight: 'Wanted weight',
  loaded: 'Loaded to',
  falls: 'Falls',
  afterS: 'After 3 s',
  afterS2: 'After 5 s',
  holdsAt: 'Holds at',
  counts: (depth: Shown) => `Counts to ${depth}`,
  justOffTheBottom: 'Just off the bottom at',
  theBottom: 'the bottom',
  inOfWaterCommon: (depth: Shown) =>
    `In ${depth} of water. Common practice: 2.6–2.7 oz for deep fast rock, 3 oz on spring tides, 1.7 oz over sand, 3.5 oz after storms; count 3–5 s. Touching rock, wind faster; coming up, slower.`,
} as const

/** app/components/bench/TuneRest.vue */
export const tuneRest = {
  at: (waterTemp: Shown) => `At ${waterTemp}`,
  salinity: (salinity: Shown) => `, salinity ${salinity}`,
  at2: (restSpeed: Shown) => ` at ${restSpeed}`,
  fromThePacketOnly: 'From the packet only.',
  test: 'Test it in a bath',
  andTheseGramsMean: 'and these grams mean something.',
  lead: 'Lead',
  orOfStripMm: (hookGap: Shown) => `or ${hookGap} of strip 5 × 0.5 mm`,
  goodToPutOn: (lead: Shown) =>
    `Good to ± ${lead}: put on a little more and trim it in the water. Low and a third from the nose keeps its action.`,
  takeOff: (lead: Shown) => `Take off ${lead}`,
  withLighterHooksOr: 'with lighter hooks or rings',
  leadAtHand: 'Lead at hand',
  withWord: (withTried: Shown) => `With it, it ${withTried}.`,
  noteItAsGlued: 'Note it as glued on',
  hooks: 'Hooks',
  orHooks: 'Or hooks',
  typicalHookWeightsMakers: 'Typical hook weights; makers differ by a fifth. Weigh yours.',
  leader: 'Leader',
  orLeader: 'Or leader',
  halfOfItHangs: 'Half of it hangs on the lure.',
  colder: 'Colder',
  tunedSoAt: (waterTemp: Shown) => `Tuned so, at ${waterTemp}`,
  byTheDenserWater: 'By the denser water alone it',
  itsPlasticShellShrinks: 'Its plastic shell shrinks as well: taken together it',
  commonPracticeSaysThat:
    'Common practice says that cold water floats it up. The water does; how much the shell takes back depends on the plastic (2.4 · 10⁻⁴ a degree taken, from memory). Try it in a cold bath.',
  careful: 'Careful:',
  leadIsPoisonousWash:
    'lead is poisonous. Wash your hands, keep dust off food and away from children, and use tungsten or tin where lead is not allowed.',
  itFloatsUp: 'it floats up',
  itSuspends: 'it suspends',
  itSinks: 'it sinks',
  suspends: (restSpeed: Shown, mps: Shown) => `suspends (${restSpeed} ${mps})`,
  ofLeadToHang: (lead: Shown, waterTemp: Shown) => `${lead} of lead, to hang at ${waterTemp}`,
} as const

/** app/components/bench/TuneSinking.vue */
export const tuneSinking = {
  paceOfTheRetrieve: 'Pace of the retrieve',
  lineOut: 'Line out',
  on: (name: Shown) => `On ${name}`,
  againstTheCurrent: (current: Shown) => `, against the current of ${current}`,
} as const

/** app/components/bench/TuneTrailers.vue */
export const tuneTrailers = {
  trailers: 'Trailers',
  trailer: 'Trailer',
  falls: 'Falls',
  beat: 'Beat',
  none: 'None',
  as: 'as it is',
  of: (n: Shown) => `${n} % of it`,
  notTested: 'not tested',
} as const

/** app/pages/bench/chart.vue */
export const benchChartPage = {
  thatLureIsNot: 'That lure is not in the box.',
  backToTheBench: 'Back to the bench',
  doesNotDiveBy: (name: Shown) => `${name} does not dive by itself: a chart of line out says nothing of it.`,
  itsCountDownDoes: 'Its count-down does',
  diveChart: 'Dive chart',
  fittedToReadings: (n: Shown) => `Fitted to ${n} readings of its running depth.`,
  fromThePacketsDepth: (cast: Shown) =>
    `From the packet’s depth, taken for a cast of ${cast} on 0.30 mm line: test it, and the curves are its own.`,
  print: 'Print',
  saveAsSvg: 'Save as SVG',
  lineGoesOut: 'Line goes out',
  pace: 'Pace',
  rodTipAboveWater: 'Rod tip above water',
  bandShownFor: 'Band shown for',
  paceRodTipUp: (title: Shown, lureSpeed: Shown, depth: Shown, waterTemp: Shown) =>
    `${title}, pace ${lureSpeed}, rod tip ${depth} up, water ${waterTemp}.`,
  noLines: 'No lines in the box:',
  addOne: 'add one',
  andItsCurveStands: ', and its curve stands here.',
  crossesYourOwnReadings: 'Crosses: your own readings, each on the line it was taken with.',
  wherePracticeAndThis: 'Where practice and this sum differ.',
  withTheTime: (line: Shown, boat: Shown, cast: Shown) =>
    `On ${line} of line let out the sum has this plug at ${boat}; cast that far and wound in it reaches ${cast}, because it is home before it is down. Common practice finds trolled plugs only about half as deep again as cast ones. Trust the shallower until a sounder has shown yours.`,
  byItsOwnRuns: (n: number) => `Fitted to its own ${count(n, 'run')} behind a boat.`,
  goingFromToLb: (line: Shown, both: Shown, shorter: Shown) =>
    `Going from 10 to 16 lb monofilament costs this plug ${line} on a 25 m cast by the line alone, and ${both} with the ${shorter} by which the same swing casts a plug less far on it. Common practice says 60–90 cm (2–3 ft) on a 4–6 ft diver: length of cast and pace make more of it than thickness. Your own readings on both lines settle it.`,
  diveChartYgrion: 'Dive chart · Ygrion',
  runningDepth: (name: Shown, n: Shown) => `Running depth of ${name}, ${n}`,
  castAndWound: 'cast and wound',
  diveChart2: (name: Shown) => `${name} dive chart`,
} as const

/** app/pages/bench/compare.vue */
export const benchComparePage = {
  bench: 'Bench',
  upToFourLures: 'Up to four lures beside each other, by what was tested.',
  sideBySide: 'Side by side',
  luresUpToSix: 'Lures, up to six',
  chooseTwoOrMore: 'Choose two or more above, and their figures stand side by side here.',
  comparison: 'Comparison',
  notKnown: 'not known',
  swingAndThump: 'Swing and thump',
  swing: 'Swing',
  thump: 'Thump',
  asItsFamily: 'as its family',
  weightAgainstLabel: 'Weight against label',
  inWaterOfPale: (waterTemp: Shown) =>
    `In water of ${waterTemp}. Pale bars are assumed or from the packet; dark ones were measured. Ranges hold 19 times in 20 (95 %).`,
  sideBySideYgrion: 'Side by side · Ygrion',
  fall: 'Fall',
  atRestRises: 'At rest (− rises)',
  runsMmM: 'Runs (0.30 mm, 25 m)',
  worksFrom: 'Works from',
  worksUp: 'Works up to',
  beats: 'Beats',
  tearsAt: 'Tears at',
  isCast: 'Is cast',
  weighs: 'Weighs',
  saysThePacket: 'Says the packet',
  asLabelled: 'as labelled',
  againstThePacket: (share: Shown, share2: Shown) => `${share}${share2} % against the packet`,
} as const

/** app/pages/bench/index.vue */
export const benchPage = {
  bench: 'Bench',
  aLureInTodays: 'A lure in today’s water: what its tests tell, and what would bring it to the fish.',
  nothingToTestYet: 'Nothing to test yet:',
  putALureInto: 'put a lure into the box',
  first: 'first.',
  theLure: 'The lure',
  tune: 'Tune it',
  diveChart: 'Dive chart',
  report: 'Report',
  tests: 'Tests',
  benchYgrion: 'Bench · Ygrion',
} as const

/** app/pages/bench/report.vue */
export const benchReportPage = {
  testsOf: (lure: Shown) => `${lure} tests`,
  thatLureIsNot: 'That lure is not in the box.',
  backToTheBench: 'Back to the bench',
  testReport: 'Test report',
  print: 'Print',
  saveAsCsv: 'Save as CSV',
  saveAsSvg: 'Save as SVG',
  nothingWasTestedYet: 'Nothing was tested yet.',
  chooseATest: 'Choose a test',
  andItsReadingsStand: 'and its readings stand here.',
  waterSalinity: (date: Shown, waterTemp: Shown, salinity: Shown) =>
    `${date}, water ${waterTemp}, salinity ${salinity}`,
  testReportYgrion: 'Test report · Ygrion',
} as const

/** app/pages/bench/sums.vue */
export const benchSumsPage = {
  bench: 'Bench',
  calculatorsForBoatBottom: 'Calculators for boat, bottom and cast.',
  line: 'Line',
  inWater: (waterTemp: Shown) => `In water of ${waterTemp}`,
  salinity: (salinity: Shown) => `, salinity ${salinity}`,
  kgMMpaS: (n: Shown, n2: Shown) => `: ${n} kg/m³, ${n2} mPa·s.`,
  handleTurns: 'Handle turns',
  noReel: 'No reel in the box:',
  addOne: 'add one',
  reel: 'Reel',
  aSecond: (turns: number) => `${count(turns, 'turn')} a second`,
  aTurnLess: (lureLength: Shown, n: Shown) => `${lureLength} a turn${n}; less as the spool empties.`,
  asNotedOn: ', as noted on the reel',
  byRatioAndSpool: ', by ratio and spool',
  calculatorsYgrion: 'Calculators · Ygrion',
  mono: 'Mono 0.30',
} as const

/** app/pages/bench/test.vue */
export const benchTestPage = {
  thatLureIsNot: 'That lure is not in the box.',
  backToTheBench: 'Back to the bench',
  bench: 'Bench',
  itGives: (gives: Shown) => `It gives ${gives}.`,
  thisTestTellsLittle: 'This test tells little of a lure of this family; it is kept all the same.',
  ygrion: (name: Shown) => `${name} · Ygrion`,
} as const

/** app/pages/bench/tune.vue */
export const benchTunePage = {
  thatLureIsNot: 'That lure is not in the box.',
  backToTheBench: 'Back to the bench',
  tune: 'Tune',
  whatToAddSwap: 'What to add, swap or cut, reckoned from what is known of it.',
  tuner: 'Tuner',
  waterTemperature: 'Water temperature',
  salinity: 'Salinity',
  line: 'Line',
  tuneYgrion: 'Tune · Ygrion',
  mono: 'Mono 0.30',
} as const

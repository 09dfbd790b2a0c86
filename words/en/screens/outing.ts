import type { Shown } from '../catalogue'
import { POWER } from '../../../data/power'
import { count, percent } from '../grammar'

/** What the screens of outing say, by component. */

/** app/components/WithoutNetwork.vue */
export const withoutNetwork = {
  ready: 'Ready without a network.',
  fetching: 'Fetching what opens without a network. Keep this page open until it is ready.',
  never:
    'Without a network this page does not open again: the browser keeps no copy of it in a private window, or at an address without https.',
} as const

/** app/components/outing/AdvicePanel.vue */
export const advicePanel = {
  youAreHaving: 'You are having a break. Effort does not count until you go on.',
  takeARig: 'Take a rig in hand and fish: what to change next shows here.',
  stay: 'Stay with it',
  changeOneThing: (toLowerCase: Shown) => `Change one thing: ${toLowerCase}`,
  tryItForMin: (giveMin: Shown, median: Shown, low: Shown, high: Shown) =>
    `Try it for ${giveMin} min. Expected: ${median} × the bites (likely ${low}–${high} ×).`,
  alsoChanges: (join: Shown) => ` Also changes: ${join}.`,
  doWord: 'Do it',
  notNow: 'Not now',
  adviceSoFar: (given: Shown) => `Advice so far (${given})`,
  notFollowed: 'not followed',
  noAnswerSince: 'no answer since',
  after: (answers: number) => `${count(answers, 'answer')} after it`,
} as const

/** app/components/outing/AnswerSheet.vue */
export const answerSheet = {
  whatDidTheFish: 'What did the fish do?',
  whichLure: 'Which lure?',
  nothingHappened: 'Nothing happened',
  notOnYourLine: 'Not on your line',
  somebodysFish: 'Somebody else’s fish',
} as const

/** app/components/outing/EntryDetails.vue */
export const entryDetails = {
  done: 'Done',
  whyWasItLost: 'Why did it come off?',
  whereWasIt: 'Where was the fish?',
  howFarOff: 'How far from the lure',
  howFar: 'how far?',
  nearer: 'Nearer',
  farther: 'Farther',
  seenBy: 'Seen',
  whatDidTheLure: 'What did the lure do?',
  whatDidItDo: 'And the fish?',
  whatDidYouTry: 'What did you try on it then?',
  whoseFish: 'Whose fish?',
  who: 'Name',
  onWhat: 'On what?',
  asMine: (lure: Shown) => `As mine: ${lure}`,
  length: 'Length',
  shorter: 'Shorter',
  longer: 'Longer',
  byHowMuch: 'By how much lead',
  less: 'Less',
  more: 'More',
  howMuch: 'how much?',
  whatIsOnNow: 'What is on it now?',
  none: 'None',
  tell: 'Tell more, if there is time',
} as const

/** app/components/outing/BoxPicker.vue */
export const boxPicker = {
  somethingElse: 'Something else of the box',
  find: 'Find by name, kind or colour',
  nothingFits: 'Nothing in the box is called so.',
  more: (n: number) => `${count(n, 'more', 'more')}: type a little further.`,
  tiedRig: 'tied rig',
  gettingReady: 'Getting it ready …',
  notFished: (name: Shown, why: Shown) =>
    `${name} is carried. The match would not fish it here: ${why}. Local rules come first.`,
} as const

/** app/components/outing/PhoneOutside.vue */
export const phoneOutside = {
  thisPhone: 'This phone',
  keepAwake: 'Keep the screen awake during the outing',
  noteTrack: 'Note where I go',
  staysHere: 'It takes some battery, and stays on this device.',
  notAllowed:
    'The browser was told not to say where you are. Allow it for this page in its settings, then switch it on again.',
  noPosition: 'The phone does not find its position just now; it goes on trying.',
  gone: (far: Shown, points: number) => `${far} so far, in ${count(points, 'point')}.`,
} as const

/** app/components/outing/FishPhoto.vue */
export const fishPhoto = {
  take: 'Take a photo',
  another: 'Another photo',
  of: (species: Shown) => `Photo of the fish, ${species}`,
  stays: 'It stays on this device.',
  isNoPicture: (file: Shown) => `${file} is no picture this browser can read. Take it as JPEG or PNG.`,
  aPhoto: 'A photo',
} as const

/** app/components/outing/WatchedPanel.vue */
export const watchedPanel = {
  fishWatched: 'Fish watched',
  oneByOne: 'Fish watched, one by one',
  cameOf: (came: Shown, of: number) => `${came} of ${count(of, 'fish', 'fish')} came`,
  windowIs: (half: Shown, low: Shown, high: Shown) =>
    `Half as many come from ${half} off as from close by (likely ${low} to ${high}).`,
  windowLater: 'From eight fish on whose distance you tell, your own window shows here.',
  whatBrings: 'What brings them',
  whatConverts: 'What makes a follower take',
  bestIs: (name: Shown, sure: Shown) => `Best so far: ${name}. Odds that it is: ${sure}.`,
  tooClose: 'Too close to call which is best.',
  lure: 'Lure',
  off: 'Off',
  itDid: 'The lure',
  fishDid: 'The fish',
  then: 'Then',
} as const

/** app/components/outing/AwayBanner.vue */
export const awayBanner = {
  ygrionWasShutFrom: 'Ygrion was shut from',
  to: 'to',
  nothingWrittenDownWas: '. Nothing written down was lost. Did you fish on?',
  iFishedOn: 'I fished on',
  itWasABreak: 'It was a break',
  aBreak: 'A break',
} as const

/** app/components/outing/CastFan.vue */
export const castFan = {
  left: 'left',
  ahead: 'ahead',
  right: 'right',
  castsByDirection: (join: Shown) => `Casts by direction: ${join}`,
  ringsFromYouOutwards: (join: Shown) => `Rings: ${join}, from you outwards. ● a take.`,
  countACast: 'Count a cast',
  noCastYet: (join: Shown) => `No cast yet: ${join}.`,
  hardLeft: 'hard left',
  hardRight: 'hard right',
  upperThird: 'upper third',
  middleThird: 'middle third',
  lowerThird: 'lower third',
} as const

/** app/components/outing/CountDown.vue */
export const countDown = {
  countDown: 'Count-down',
  countToItFalls: (stopS: Shown, lureSpeed: Shown) => `Count to ${stopS}: it falls ${lureSpeed}`,
  stop: 'Stop',
  it: 'It is in the water',
  whatIsInYour: 'What is in your hand does not sink: wind it down instead of counting.',
} as const

/** app/components/outing/EndOuting.vue */
export const endOuting = {
  endTheOuting: 'End the outing',
  endItItStays: 'End it? It stays in the log, and can be taken back.',
  end: 'End it',
  fishOn: 'Fish on',
} as const

/** app/components/outing/FishDetails.vue */
export const fishDetails = {
  theFish: 'The fish',
  landedAt: (slice: Shown) => `Landed at ${slice}`,
  done: 'Done',
  shorterByFive: 'Shorter by five',
  shorter: 'Shorter',
  length: 'Length',
  length2: 'length?',
  longer: 'Longer',
  longerByFive: 'Longer by five',
  whereTheHookSat: 'Where the hook sat',
  howItTook: 'How it took',
  winding: 'Winding in',
  onThePause: 'On the pause',
  onTheFall: 'On the fall',
  whichHook: 'Which hook held',
  species: 'Species',
  weight: (unit: Shown) => `Weight, ${unit}`,
  ofStandardWeight: (relative: Shown, relative2: Shown) => `${relative} % of standard weight: ${relative2}.`,
  aFishOfThis: (sinkerMass: Shown) => `A fish of this length in good condition weighs ${sinkerMass}`,
  byTheEquation: (ofWord: Shown) => ` (by the equation of ${ofWord})`,
  released: 'Released',
  kept: 'Kept',
  wetHandsFishOver: 'Wet hands, fish over water, no longer out than you can hold your own breath.',
  theWaterIsWarm: 'The water is warm: play it short and let it rest before it goes.',
  localRulesOnSizes: (rules: Shown) => `${rules} Local rules on sizes and seasons come first.`,
  here: (rules: Shown) => `Here: ${rules}`,
  aFishWeighsMore: 'A fish weighs more than nothing and less than 500 kg.',
} as const

/** app/components/outing/InHand.vue */
export const inHand = {
  runsAboutMinOn: (countDownS: Shown, depth: Shown, minutes: Shown) =>
    `${countDownS}runs about ${depth} · ${minutes} min on it`,
  count: (countDownS: Shown) => `count ${countDownS}, `,
} as const

/** app/components/outing/LiveOuting.vue */
export const liveOuting = {
  partsOfTheOuting: 'Parts of the outing',
  stop: (stop: Shown, spot: Shown) => `Stop ${stop} · ${spot}`,
  tapWhereYouThrow: 'Tap where you throw: the log then knows the spot.',
  nextStop: 'Next stop',
  next: 'Next',
  spot: 'Spot',
  casts: 'Casts',
  timers: 'Timers',
  compare: 'Compare',
  boat: 'Boat',
  theBoat: 'What the boat does',
  water: 'Water',
  log: 'Log',
  aBreak: 'A break',
  aReading: 'A reading',
  comparisonEnded: 'Comparison ended',
  outingEnded: 'Outing ended',
} as const

/** app/components/outing/LiveStrip.vue */
export const liveStrip = {
  fished: (slice: Shown, waterTemp: Shown, minutes: Shown) => `${slice} · ${waterTemp} · ${minutes} fished`,
  landed: 'landed',
  goOn: 'Go on',
  haveABreak: 'Have a break',
  min: (min: Shown) => `${min} min`,
  hMin: (min: Shown, min2: Shown) => `${min} h ${min2} min`,
} as const

/** app/components/outing/BoatForm.vue */
export const boatForm = {
  theBoat: 'The boat now',
  pace: 'Pace',
  lineOut: 'Line out',
  less: (what: Shown) => `Less: ${what}`,
  more: (what: Shown) => `More: ${what}`,
  side: 'Side',
  turn: 'In a turn',
  left: 'Left rod',
  right: 'Right rod',
  straight: 'Straight',
  inside: 'Inside: slower',
  outside: 'Outside: faster',
  listen: 'Read the instrument',
  listening: 'Reading the instrument (simulated) …',
  noInstrument: 'No instrument is heard. Set the pace by hand.',
  writeItDown: 'Write it down',
} as const

/** app/components/outing/LogList.vue */
export const logList = {
  takeOut: (text: Shown) => `Take out: ${text}`,
} as const

/** app/components/outing/PastOutings.vue */
export const pastOutings = {
  practise: 'Practise on a simulated lake',
  pastOutings: 'Past outings',
  noOutingYetEach: 'No outing yet. Each one, blanks too, makes the next answer better.',
  blank: 'blank',
  landed: (n: number) => `${n} landed`,
  takes: (n: number) => count(n, 'take'),
  of: (place: Shown, name: Shown) => `${place} · ${name}’s log`,
} as const

/** app/components/outing/ReadingForm.vue */
export const readingForm = {
  theWaterNow: 'The water now',
  less: (name: Shown) => `${name}: less`,
  more: (name: Shown) => `${name}: more`,
  sky: 'Sky',
  writeItDown: 'Write it down',
  water: 'Water',
  whiteLureSeen: 'White lure seen to',
  depth: 'Depth',
  wind: 'Wind',
} as const

/** app/components/outing/RigSheet.vue */
export const rigSheet = {
  whatIsCarried: 'What is carried',
  close: 'Close',
  aboutDown: (countDownS: Shown, depth: Shown) => `${countDownS}about ${depth} down`,
  count: (countDownS: Shown) => `count ${countDownS} · `,
  isLost: (name: Shown) => `${name} is lost`,
  changedInTheHand: 'Changed in the hand',
  cutTo: 'Cut to',
  keep: 'Write it down',
  itsOtherColours: 'Its other colours',
  inHand: 'in the hand',
} as const

/** app/components/outing/SpotMap.vue */
export const spotMap = {
  thisStop: 'This stop',
  spots: (name: Shown) => `Spots: ${name}`,
} as const

/** app/components/outing/StartOuting.vue */
export const startOuting = {
  startAnOuting: 'Start an outing',
  onTheWater: 'On the water',
  changeTheWater: 'change the water',
  whatDoYouCarry: 'What do you carry?',
  tiedAlready: (name: Shown) => `tied already · ${name}`,
  measureFishingTime: 'Measure fishing time',
  byClock: 'by clock',
  byCastsThatI: 'by casts that I tap',
  gettingReady: 'Getting ready …',
  start: (name: Shown) => `Start with ${name}`,
  chooseAtLeastOne: 'Choose at least one',
  rankingYourBox: 'Ranking your box …',
  nothingInTheBox: 'Nothing in the box can be fished here.',
  anotherDay: (date: Shown, hour: Shown) => `The water is set for ${date}, ${hour}. That is not today.`,
  startForNow: 'Start, for now',
  startAsSet: 'Start as it is set',
  leaveAtHome: (name: Shown) => `Leave ${name} at home`,
  seeTheMatch: 'See the match',
  forWhatIsMissing: 'for what is missing.',
  theOutingWasNot: (error: Shown) => `The outing was not started. ${error}`,
  seen: (waterTemp: Shown, depth: Shown) => `${waterTemp}, seen to ${depth}`,
} as const

/** app/components/outing/PartyForm.vue */
export const partyForm = {
  fishAsAParty: 'Fish as a party',
  alone: 'Fish alone',
  howItWorks:
    'Two to four friends, each with a phone. Ygrion splits what you carry turn by turn, so that sizes, depths, falls and colours are fished side by side. Each keeps a log of his own; afterwards they become one.',
  yourName: 'Your name',
  friend: (n: number) => `Friend ${n}`,
  oneMore: 'One more friend',
  turn: 'A turn lasts',
  minutes: (n: number) => `${n} min`,
  tooFew: (friends: number) => `Choose at least ${friends} lures, one for each of you.`,
  orOpen: 'Did a friend ask you along? Let your phone read his code, or open his file.',
  namesNeeded: 'Give each of you a name of his own.',
} as const

/** app/components/outing/PartyCard.vue */
export const partyCard = {
  party: 'Party',
  theParty: 'the party',
  turnLeft: (nth: number, left: number) => `Turn ${nth} · ${left} min left`,
  take: 'Take it',
  inHand: 'In your hand.',
  theOthers: 'The others',
  allTurns: 'All turns',
  notCarried: 'not carried here',
  showTheCode: 'Show the code',
} as const

/** app/components/outing/PartyDay.vue */
export const partyDay = {
  theParty: 'The party',
  you: (name: Shown) => `${name} (you)`,
  came: (takes: number, landed: number, hours: Shown) => `${count(takes, 'take')}, ${landed} landed in ${hours} h`,
  notHereYet: 'not here yet: read the code of this log, or open its file',
  notedTwice: (n: number) => `${count(n, 'fish', 'fish')} noted by a friend and logged by its angler: counted once.`,
} as const

/** app/components/outing/PartyTaken.vue */
export const partyTaken = {
  aPartyAt: (place: Shown) => `A party at ${place}`,
  asksYou: (name: Shown) => `${name} asks you to fish along. Each turn tells you what to fish.`,
  whoAreYou: 'Who are you?',
  carriedTogether: 'Fished together',
  youAreIn: (name: Shown) => `You are in already, as ${name}.`,
  started: 'Your log is begun.',
  toTheWater: 'To the water',
  logOf: (name: Shown, place: Shown) => `${name}’s log: ${place}`,
  entries: (n: number) => count(n, 'entry', 'entries'),
  isYours: 'This is your own log. It is here already.',
  isThere: (there: number, now: number) =>
    `It is here already, with ${count(there, 'entry', 'entries')}; this one has ${now}. Taking it in puts it in place of the other.`,
  countedOnce: 'Fish of his that you noted yourself are counted once.',
  takeIn: 'Take it in',
  isIn: 'It is in.',
  lookAtTheDay: 'Look at the day',
  notTaken: (why: Shown) => `It was not taken in. ${why}`,
} as const

/** app/components/outing/TakeFile.vue */
export const takeFile = {
  open: 'Open a friend’s file',
  tooLarge: 'This file is larger than anything that is shared.',
} as const

/** app/components/outing/StayTimer.vue */
export const stayTimer = {
  stayHere: 'Stay here',
  stayWorkItFrom: (ownFrom: Shown) => `Stay: ${ownFrom}. Work it from other sides, with other lures.`,
  asYouSet: 'as you set it',
  aFishTookHere: 'a fish took here',
  theTimeIsUp: 'The time is up. Move, or start it again.',
  startsByItselfAfter: 'Starts by itself after a take; or start it now.',
  aMinuteLess: 'A minute less',
  stayMin: (minutes: Shown) => `Stay ${minutes} min`,
  aMinuteMore: 'A minute more',
} as const

/** app/components/outing/ThumbBar.vue */
export const thumbBar = {
  takeTheLastEntry: 'Take the last entry back',
  fish: 'Fish!',
} as const

/** app/components/outing/VersusPanel.vue */
export const versusPanel = {
  aAgainstB: 'A against B',
  takesInMin: (events: number, effort: Shown) => `${count(events, 'school')} took in ${effort} min`,
  probabilityThat: (chanceA: Shown) => `Probability that A is better: ${chanceA}`,
  bBetter: 'B better',
  aBetter: (chanceA: Shown) => `A better: ${chanceA}`,
  aBetter2: 'A better',
  castsInThisTurn: (casts: Shown, castsEach: Shown) => `Casts in this turn: ${casts} of ${castsEach}.`,
  change: (other: Shown) => `Change to ${other}`,
  endTheTrial: 'End the trial',
  fishTwoRigs:
    'Fish two rigs in turn, the same number of casts each time. Only whole turns count, so that a change of the fish’s mind falls on both.',
  castsPerTurn: 'Casts per turn',
  start: (a: Shown) => `Start with ${a}`,
  twoRigsAreNeeded: 'Two rigs are needed: carry a second one.',
  isTheBetterOne: (b: Shown) => `${b} is the better one here.`,
  oneWholeTurn: 'One whole turn with each is needed before anything can be said.',
  theyLookAlikeNo: 'They look alike: no number of casts that anyone makes in a day would settle it.',
  tooEarlyFor: (casts: Shown) =>
    `Too early for a verdict. If they differ as much as it looks, some ${casts} more casts with each would settle it.`,
  anHour: (n: Shown, n2: Shown, n3: Shown) => `${n} an hour (${n2}–${n3})`,
  inAnyWay: (name: Shown) => `${name}, any way`,
  inAWay: (name: Shown, way: Shown) => `${name}: ${way}`,
  noProof: `No verdict is no proof that they are alike: of rigs ${POWER.times} times as good, ${Math.round(100 * POWER.versus.found[0])} to ${percent(POWER.versus.found[1])} are named within ${POWER.versus.pairs} pairs of turns.`,
  howWell: 'How well they took',
  wellTaken: (wellA: Shown, ofA: Shown, wellB: Shown, ofB: Shown) =>
    `A: ${wellA} of ${ofA} well taken. B: ${wellB} of ${ofB}.`,
  wellIs: 'Well inside, or on the front hook. Tell where the hook sat when you land a fish.',
  takenBetter: (name: Shown, odds: Shown) => `${name} is taken better: ${odds}.`,
} as const

/** app/components/outing/DayNote.vue */
export const dayNote = {
  note: 'Note',
  changedANote: 'Changed a note',
} as const

/** app/pages/outing/[id].vue */
export const pastOutingPage = {
  trackAsGpx: 'Track as GPX',
  thisLog: 'this log',
  logForFriends: 'My log, for the party',
  stop: (n: Shown) => `Stop ${n}`,
  aFish: 'A fish',
  openingTheLog: 'Opening the log …',
  thisOutingIsNot: 'This outing is not here',
  itWasRemovedOr: 'It was removed, or the link is old.',
  allOutings: 'All outings',
  daySheet: 'Day sheet',
  seenToWind: (slice: Shown, slice2: Shown, name: Shown, waterTemp: Shown, depth: Shown, sky: Shown, wind: Shown) =>
    `${slice}, ${slice2} · ${name} · ${waterTemp} · seen to ${depth} · ${sky} · wind ${wind}`,
  landed: 'landed,',
  inTime: 'in',
  stretches: 'Stretches',
  from: 'From',
  lure: 'Lure',
  technique: 'Technique',
  spot: 'Spot',
  min: 'Min',
  casts: 'Casts',
  answers: 'Answers',
  fish: 'Fish',
  hook: (hooked: Shown) => `hook ${hooked}`,
  released: 'released',
  kept: 'kept',
  everythingThatWasWritten: (entries: Shown) => `Everything that was written down (${entries})`,
  printTheDaySheet: 'Print the day sheet',
  fishOnTake: 'Fish on: take the end back',
  removeTheOuting: 'Remove the outing',
  daySheetYgrion: 'Day sheet · Ygrion',
} as const

/** app/pages/outing/index.vue */
export const outingPage = {
  openingTheLog: 'Opening the log …',
  careful: 'Careful:',
  hooksByNightEye: 'hooks by night: eye protection, a lamp, and no wading in water you do not know.',
  thunderIceAndCold:
    'Thunder, ice and cold water, wading in a current: the fish is never worth it. A vest in the boat, someone who knows where you are. Local rules come first.',
  outingYgrion: 'Outing · Ygrion',
} as const

/** app/components/outing/DayInShort.vue */
export const dayInShort = {
  allOfYou: 'In short, all of you',
  inShort: 'The day in short',
  caught: (takes: number, schools: number, landed: Shown, minutes: Shown) =>
    `${count(takes, 'take')} from ${count(schools, 'school')}, ${landed} landed, in ${minutes} min`,
  nothingTook: 'Nothing took.',
  nothingOn: (names: Shown) => `Nothing on ${names}.`,
  settled: (better: Shown, other: Shown) => `${better} took better than ${other}: that is settled.`,
  notSettled: (a: Shown, b: Shown, hours: number) =>
    `${a} against ${b} is not settled: about ${count(hours, 'hour')} more with each would do.`,
  alike: (a: Shown, b: Shown) => `${a} and ${b} look alike so far.`,
  neitherTook: (a: Shown, b: Shown) => `${a} against ${b}: no fish took either, so nothing is settled.`,
  leans: (factor: Shown, label: Shown, times: Shown, low: Shown, high: Shown) =>
    `${factor}, ${label}: ${times} × the schools an hour of the rest of the day (likely ${low} to ${high}).`,
  oneDay: 'One day leans; it proves nothing. Fish it again before you believe it.',
  lost: (n: Shown, name: Shown, left: number) =>
    left > 0 ? `Lost ${n} × ${name}; ${left} left.` : `Lost ${n} × ${name}; none is left.`,
  lostButTwin: (n: Shown, name: Shown, left: Shown, tray: Shown, slot: Shown) =>
    `Lost ${n} × ${name}; ${left} left, in ${tray} ${slot}.`,
} as const

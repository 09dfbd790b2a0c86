import type { Shown } from '../catalogue'
import { count } from '../grammar'

/** What the screens of match say, by component. */

/** app/components/match/AnswerPanel.vue */
export const answerPanel = {
  ofPoints: '% of the best here',
  ofBestHere: 'Of 100: set against the best that could be tied on in this water.',
  aboutThisSetUp: 'About this set-up',
  bestSingleChange: 'Best single change:',
  careful: 'Careful:',
  why: 'Why',
  howToFish: 'How to fish it',
  itsWays: 'All its ways',
  sideBySide: 'Side by side',
  whatIf: 'What if',
  whyNot: 'Why not …',
} as const

/** app/components/match/WhatFishes.vue */
export const whatFishes = {
  inTheirReach: (seconds: Shown) => `In their reach for ${seconds} s of the cast:`,
  fall: (share: Shown) => `falling ${share}`,
  pull: (share: Shown) => `pulled ${share}`,
  rest: (share: Shown) => `resting ${share}`,
  never: 'Never in their reach on this cast.',
} as const

/** app/components/match/CadenceScore.vue */
export const cadenceScore = {
  over: 'Over',
  stop: 'Stop',
  play: 'Play it',
  sound: 'Sound',
  buzz: 'Buzz',
  aRoundTakesS: (sinking: Shown, loopS: Shown) => `${sinking}a round takes ${loopS} s`,
  afterSOfSinking: (leadS: Shown) => `after ${leadS} s of sinking, `,
  andOver: (over: Shown, loop: Shown) => `${over} and over: ${loop}.`,
  firstThenOver: (lead: Shown) => `First ${lead}; then over`,
} as const

/** app/components/match/ComparePaths.vue */
export const comparePaths = {
  pathsOfTheSet: 'Paths of the set-ups over the same water',
} as const

/** app/components/match/CompareTable.vue */
export const compareTable = {
  layUpToFour: 'Lay up to four set-ups side by side: tick “Compare” beside them in the ranking.',
  compareTheFirstFour: 'Compare the first four',
  takeAway: (name: Shown) => `Take ${name} away`,
  takeAway2: 'Take away',
  onlyWhatSetsThem: 'Only what sets them apart',
  allLines: (lines: Shown) => `All ${lines} lines`,
  clear: 'Clear',
  chancesMultiply: 'The chances of a column multiply to its score.',
} as const

/** app/components/match/HowToFish.vue */
export const howToFish = {
  theHand: 'The hand',
  count: 'Count',
  to: (depth: Shown) => `to ${depth}`,
  pull: 'Pull',
  pace: 'Pace',
  handle: 'Handle',
  turnsS: (n: Shown) => `${n} turns/s`,
  on: (name: Shown) => `on the ${name}`,
  rest: 'Rest',
  fieldGuide: (name: Shown) => `${name}: in the field guide`,
  blowsOutFrom: 'Blows out from',
  cableOut: 'Cable out',
  heavierBall: 'a heavier ball, or slower',
  holdsBottom: 'Holds bottom',
  holdsDepth: 'Holds its depth',
  getsDown: 'Gets down',
  yes: 'yes',
  outOfReach: 'no: no lead would here',
  moreWould: (mass: Shown) => `no: ${mass} more would`,
  inSCarried: (seconds: Shown, carried: Shown) => `in ${seconds} s, carried ${carried}`,
  blownOut:
    'Wound like this it comes up and lies on the surface, where it fishes nothing: wind slower, hold the rod down, count longer or take a heavier one.',
  beforeTheFirstCast: 'Before the first cast',
  feelFor: 'Feel for',
  whatTheyTellYou: 'What they tell you',
  nothingChangeInThis: 'Nothing? Change, in this order',
  rulesHere: 'Rules here:',
  careful: 'Careful:',
  localRulesComeFirst: 'Local rules come first; look them up before you fish.',
} as const

/** app/components/match/RankRow.vue */
export const rankRow = {
  inZone: (zone: Shown) => `${zone} % in zone`,
  ofBest: 'of the best that could be tied on',
  weight: 'weight',
} as const

/** app/components/match/BaitWays.vue */
export const baitWays = {
  working: 'Trying it every way …',
  intro: (n: number) =>
    n === 1
      ? 'Here it can be fished in one way.'
      : `Here it can be fished in ${n} ways. Choose one to see it in the water.`,
  not: (mount: Shown, why: Shown) => `${mount} it is no way here: ${why}.`,
} as const

/** app/components/match/BehindRow.vue */
export const behindRow = {
  more: (alike: number) => count(alike, 'more size or colour', 'more sizes and colours'),
  close: 'Close',
} as const

/** app/components/match/RankingPanel.vue */
export const rankingPanel = {
  all: (n: number) => `All ${n} set-ups`,
  firstTwo: 'The first two only',
  compare: (lure: Shown) => `Compare ${lure}`,
  ranking: 'Ranking',
  whatToTieOn: 'What to tie on',
  luresCompared: (lures: number) => `${count(lures, 'lure', 'lures')} compared`,
  comparing: (lures: number) => `comparing ${count(lures, 'lure', 'lures')} …`,
  inMs: (ms: Shown) => `in ${ms} ms`,
  rulesAndOpenQuestions: 'rules and open questions',
  rankingYourBox: 'Ranking your box …',
  theMatchStoppedChange: (problem: Shown) => `The match stopped: ${problem}. Change the water or reload the page.`,
  luresCompared2: 'Lures compared',
  stopHere: 'Stop here',
  stoppedThese: 'Stopped: these are the best of those compared so far.',
  addToTheComparison: (name: Shown) => `Add ${name} to the comparison`,
  yourBoxIsEmpty: 'Your box is empty. Add your lures, rods and lines, and the match answers here.',
  fillTheBox: 'Fill the box',
  whatThisWaterAsks: 'What this water asks for',
} as const

/** app/components/match/SeveralFish.vue */
export const severalFish = {
  severalFish: 'Several fish',
  listFor: 'The list for',
  forAll: 'All of them',
  workingItOut: 'Fishing each for all of them …',
  meanOfAll:
    'Each set-up fished just so for all of them; the points are their mean. 0 where it breaks a limit for a fish.',
  cannot: '0',
} as const

/** app/components/match/NoAnswer.vue */
export const noAnswer = {
  nothing: 'Nothing in your box can be fished here:',
  because: (why: Shown) => `${why}.`,
  hangsUp: 'everything in it would hang up or foul on cast after cast.',
  wouldDo: (pieces: Shown, lure: Shown, score: Shown) =>
    `What would do it: ${pieces}. Then ${lure} is the answer, with ${score} points.`,
  putIn: 'Put it in the box',
  noSinglePiece: 'No piece or two of tackle would mend that. Choose another species or another spot.',
} as const

/** app/components/match/LeftOut.vue */
export const leftOut = {
  leftOut: (n: number) => `${n} ${n === 1 ? 'lure' : 'lures'} left out`,
  wouldServe: (piece: Shown, n: number) => `${n} of them can be fished on ${piece}.`,
  putIn: 'Put it in the box',
} as const

/** app/components/match/ReasonChain.vue */
export const reasonChain = {
  links: {
    meets: 'It meets them',
    noticed: 'They notice it',
    wanted: 'They want it',
    holds: 'It holds them',
    returns: 'It comes back',
  },
  speaksForIt: 'speaks for it',
  smallThingsTogether: 'small things together',
  theChancesMultiply:
    'The five multiply; set against the best that could be tied on here, that is the score. What each line costs adds up to what is missing from 100.',
  fewer: 'Fewer',
  more: (n: number) => `${n} more`,
} as const

/** app/components/match/AnswerWord.vue */
export const answerWord = {
  poor: 'Nothing in your box is made for this: much better could be tied on.',
  day: {
    good: 'Willing fish.',
    fair: 'Fair fishing: some will take.',
    hard: 'A hard day: slow fish, and few will take.',
  },
  mend: 'What would mend it most:',
  tied: (n: number) => `The first ${n} are as good as each other: take the one you like.`,
  choice: 'To choose from, of different kinds:',
  search: 'To search:',
  finish: 'To finish what it finds:',
} as const

/** app/components/match/TiedRigs.vue */
export const tiedRigs = {
  tiedAlready: 'Tied already',
  notHere: (why: Shown) => `Not here: ${why}.`,
} as const

/** app/components/match/WhatHangs.vue */
export const whatHangs = {
  whatThisAnswerHangs: 'What this answer hangs on',
  checkingHowSureThis: 'Checking how sure this is …',
  notInYourBox: 'Not in your box:',
  wouldBePointsAhead: (n: Shown) => `, would be ${n} points ahead here.`,
  buyNothing: 'Buy nothing:',
  noOtherLureWould: 'no other lure would do clearly better in this water on your rods and lines.',
  itDependsWhichSide: (h: Shown) => `it depends which side you take. ${h}.`,
  choose: 'Choose',
  whicheverSideYouTake: 'Whichever side you take, the first choice stays the same.',
} as const

/** app/components/match/WhatIf.vue */
export const whatIf = {
  move: 'Move',
  useThisValue: 'Use this value',
  movingTheWater: (share: Shown) => `Moving the water … ${share}`,
  pointsOfTheFirst: (name: Shown, join: Shown) => `Points of the first lures along ${name}: ${join}`,
  from: (name: Shown, from: Shown, to: Shown) => `${name} from ${from} to ${to}`,
  bestFrom: (from: Shown, to: Shown) => `best from ${from} to ${to}`,
} as const

/** app/components/match/WhyNot.vue */
export const whyNot = {
  loses: 'It loses',
  better: 'It is better',
  whyNotThisOne: 'Why not this one?',
  pickAnyLure: 'Pick any lure of your box: it is fished in its own best way here and set against the answer.',
  cannotBeFishedHere: (why: Shown) => `cannot be fished here: ${why}.`,
  comesPointsBehindAgainst: (n: Shown, name: Shown, n2: Shown, n3: Shown) =>
    `comes ${n} points behind ${name}: ${n2} against ${n3}.`,
  isTheAnswer: 'is the answer.',
  nothingToJudge: 'nothing to judge',
  nowhereWorthNaming: 'Nowhere worth naming.',
  inComparison: 'In comparison',
  addToComparison: 'Add to comparison',
  workingItOut: 'Working it out …',
} as const

/** app/pages/index.vue */
export const matchPage = {
  theSetUp: 'The set-up in the water',
  matchYgrion: 'Match · Ygrion',
} as const

import type { Shown } from '../catalogue'
import { count, plural } from '../grammar'

/** What the screens of rules say, by component. */

/** app/components/rules/RuleConditions.vue */
export const ruleConditions = {
  when: 'When',
  alwaysUntilYouAdd: 'Always, until you add a condition.',
  isOne: (fact: Shown) => `${fact} is one of`,
  takeConditionAway: (i: Shown) => `Take condition ${i} away`,
  takeAway: 'Take away',
  addACondition: 'Add a condition',
  isWord: (f: Shown) => `${f} is …`,
  over: (f: Shown) => `${f} over …`,
  under: (f: Shown) => `${f} under …`,
} as const

/** app/components/rules/RuleForm.vue */
export const ruleForm = {
  changeMyRule: 'Change my rule',
  aRuleOfMy: 'A rule of my own',
  theRule: 'The rule in a sentence',
  then: 'Then',
  whatItDoes: 'What it does',
  kindsOfLure: 'Kinds of lure',
  fishedLikeThis: 'Fished like this',
  mostlyOfThisColour: 'Mostly of this colour',
  ofWhat: 'Of what',
  howMuchMS: 'How much (m/s, s, m, or 0 to 1)',
  weight: 'Weight',
  keepTheRule: 'Keep the rule',
  tieOn: 'Tie on',
  leaveInTheBox: 'Leave in the box',
  askForMoreOr: 'Ask for more or less of something',
} as const

/** app/components/rules/JudgedForm.vue */
export const judgedForm = { close: 'Close' } as const

/** app/components/rules/JudgedPreview.vue */
export const judgedPreview = {
  was: (place: Shown) => `was ${place}`,
  whatItWouldChange: 'What it would change today',
  rankingYourBox: 'Ranking your box with it …',
  nothingAmongTheFirst: 'Nothing among the first six.',
  ofTheFirstSix: (moves: Shown) => `${moves} of the first six change their place.`,
  newHere: 'new here',
  doneSo: (n: number, first: Shown, place: Shown) =>
    n === 0
      ? 'None of your lures would be fished so today.'
      : n === 1
        ? `${first} would be fished so, at place ${place}.`
        : `${n} of your lures would be fished so, the first of them ${first} at place ${place}.`,
} as const

/** app/components/rules/RuleRow.vue */
export const ruleRow = {
  when: 'When',
  always: 'always',
  then: 'Then',
  active: (degree: Shown) => `active${degree}`,
  school: (split: Shown) => `school ${split}`,
  change: 'Change',
  remove: 'Remove',
  weight: (rule: Shown) => `Weight of: ${rule}`,
  asUsual: 'as usual',
} as const

/** app/components/rules/RuleTabs.vue */
export const ruleTabs = {
  judgement: 'Judgement',
  theMatch: 'The match',
  techniques: 'Techniques',
  rules: 'Rules',
  openQuestions: 'Open questions',
  glossary: 'Glossary',
} as const

/** app/components/rules/rule-draft.ts */
export const ruleDraftWords = {
  aConditionLacksIts: 'A condition lacks its figure.',
  nameAKind: 'Name a kind of lure, a way of fishing it or a colour.',
  sayHowMuch: 'Say how much is asked for.',
  sayTheRule: 'Say the rule in a sentence of at least three letters.',
} as const

/** app/pages/rules/index.vue */
export const rulesPage = {
  howTheMatchJudges: 'How the match judges',
  rulesOfPractice: (total: Shown, own: Shown, weight: Shown) =>
    `${total} rules of practice, ${own} of your own${weight}. A rule counts when its conditions fit, and more the better they fit.`,
  withAChangedWeight: (changed: Shown) => `, ${changed} with a changed weight`,
  myOwnRules: 'My own rules',
  writeARule: 'Write a rule',
  whatYouKnow:
    'What you know of your waters and nobody else does: write it down, and see what it would change before you keep it.',
  searchTheRules: 'Search the rules',
  show: 'Show',
  of: (shown: Shown, total: Shown) => `${shown} of ${total}`,
  noRuleFitsThat: 'No rule fits that. Show all, or search for another word.',
  aRuleOfMy: 'A rule of my own',
  rulesYgrion: 'Rules · Ygrion',
  activeHere: 'Active here',
  all: 'All',
  changedWeight: 'Changed weight',
  switchedOff: 'Switched off',
  weighedAsUsual: 'Weighed as usual',
  weighed: (weight: Shown) => `Weighed × ${weight}`,
  changedTheRule: (sentence: Shown) => `Changed the rule “${sentence}”`,
  addedTheRule: (sentence: Shown) => `Added the rule “${sentence}”`,
  removedTheRule: (sentence: Shown) => `Removed the rule “${sentence}”`,
} as const

/** app/pages/rules/questions.vue */
export const rulesQuestionsPage = {
  whereGoodAnglersDisagree: 'Where good anglers disagree',
  takeOneSideOr: 'Take one side, or count both. What you choose counts in every water.',
  inTodaysWater: (s: Shown, replace: Shown, s2: Shown, replace2: Shown, here: Shown) =>
    `In today’s water: ${s} % ${replace}, ${s2} % ${replace2}. ${here}`,
  itMakesNoDifference: 'It makes no difference here.',
  here: (rules: number) => `${count(rules, 'rule')} ${plural(rules, 'counts', 'count')} here.`,
  whereAnglersDisagreeYgrion: 'Where anglers disagree · Ygrion',
  defaultWord: 'Default',
  countBoth: 'Count both',
  byDefault: 'by default',
  bothCount: 'both count',
} as const

/** app/pages/rules/words.vue */
export const rulesWordsPage = {
  glossary: 'Glossary',
  theWordsThatMean: 'The words that mean something special here.',
  glossaryYgrion: 'Glossary · Ygrion',
} as const

/** app/pages/rules/techniques.vue */
export const techniquesPage = {
  title: 'Techniques',
  titleYgrion: 'Techniques · Ygrion',
  about:
    'What the hand does: how it looks in the water, the beat to keep, the tackle it is done with, and when to reach for it.',
  search: 'Search techniques, lures, what is done',
  way: 'Way of fishing',
  anyWay: 'Any way',
  shown: (n: number, of: number) => `${n} of ${of}`,
  none: 'No technique fits that. Search for less.',
} as const

/** app/components/rules/TechniqueEntry.vue */
export const techniqueEntry = {
  worked: (where: Shown) => `worked ${where}`,
  at: {
    surface: 'on top',
    'mid water': 'in mid water',
    'over the bottom': 'over the bottom',
    'on the bottom': 'on the bottom',
    'in cover': 'in cover',
  },
  taken: 'Taken',
  takes: { moving: 'as it moves', falling: 'as it falls', 'at rest': 'at rest' },
  covers: 'Covers',
  passing: { search: 'much water', between: 'some water', stays: 'one spot' },
  inTheRest: 'In the rest',
  rest: { hangs: 'it hangs', rises: 'it rises', falls: 'it falls', lies: 'it lies' },
  tempo: 'Tempo',
  slow: 'slow end',
  fast: 'fast end',
  patience: 'Patience',
  short: 'short rests',
  long: 'long rests',
  pace: 'Pace of the pull',
  restS: 'Rest',
  noRest: 'none',
  waterSetsIt: 'the water sets it',
  asked: (tempo: Shown, patience: Shown) => `Today’s water asks for tempo ${tempo} %, patience ${patience} %.`,
  asToday: 'As today',
  tackleFor: (fish: Shown) => `Tackle for ${fish}`,
  rod: 'Rod',
  line: 'Line',
  leader: 'Leader',
  reel: 'Reel',
  anyReel: 'any',
  withLure: (lure: Shown, weight: Shown) => `for ${lure}, ${weight}`,
  when: 'When',
  leaveIt: 'Leave it when',
  whenever: 'Whenever its lures are right; no rule reaches for it by itself.',
  speaksHere: 'speaks here',
  yours: 'In your box',
  noneYours: 'Nothing in your box is for this, or you have nothing to hook it on.',
  forKinds: 'For',
  pathSays: (how: Shown, depth: Shown) => `The lure’s path in ${depth} of water. ${how}`,
  metres: 'm',
  seconds: 's',
  matchIt: 'See it in the match',
} as const

/** app/components/rules/OwnTechniques.vue, TechniqueForm.vue */
export const ownTechnique = {
  title: 'Your own',
  none: 'How you do it is not how the book says? Open a technique below and make it your own: its beat, its range, its tackle, when you reach for it. It counts in the match like the others.',
  copyIt: 'Make it my own',
  change: 'Change',
  remove: 'Remove',
  copyOf: (name: Shown) => `A copy of “${name}”`,
  added: (name: Shown) => `Added ${name}`,
  changed: (name: Shown) => `Changed ${name}`,
  removed: (name: Shown) => `Removed ${name}`,
  formTitle: 'A technique of my own',
  name: 'Name',
  how: 'What the hand does, in a sentence',
  kinds: 'Kinds of lure',
  hand: 'The hand',
  paceMps: ['Pace, slow end', 'Usual pace', 'Pace, fast end'],
  paceWindow: ['Pace, slow end (% of the lure’s own range)', 'Pace, fast end (% of the lure’s own range)'],
  rest: ['Shortest rest (s)', 'Usual rest (s)', 'Longest rest (s)'],
  pull: 'One pull (s)',
  waterSetsPace: 'Water or boat sets its pace.',
  neverRests: 'It never rests.',
  beat: 'Within the pull',
  does: (n: Shown) => `Part ${n}`,
  percent: 'Share (%)',
  addPart: 'Add a part',
  takePartAway: (n: Shown) => `Take part ${n} away`,
  takeAway: 'Take away',
  throughout: 'Wound or drawn throughout.',
  tackle: 'Tackle, where it is not the usual',
  line: 'Line (% of what lure and fish ask)',
  rodFrom: 'Rod from',
  rodTo: 'Rod to',
  powerFrom: 'Power from',
  powerTo: 'Power to',
  reels: 'Reels',
  when: 'When you reach for it',
  likeOriginal: (name: Shown) => `What the rules say of “${name}” they say of this one too`,
  reaches: 'I reach for it in certain water',
  sentence: 'When, in a sentence',
  weight: 'Weight',
  keep: 'Keep the technique',
} as const

/** app/components/rules/technique-draft.ts */
export const techniqueDraftWords = {
  aFigureIsMissing: 'A figure is missing or is no number.',
  sayBothEnds: 'Say both ends of rod length and of power, or neither.',
  aConditionLacksIts: 'A condition lacks its figure.',
} as const

/** app/components/rules/TechniquePath.vue */
export const techniquePath = {
  fromYou: 'm from you',
  time: 'seconds',
} as const

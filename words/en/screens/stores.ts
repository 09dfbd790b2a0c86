import type { Shown } from '../catalogue'
import { count } from '../grammar'

/** What the screens of stores say, by component. */

/** app/composables/useMeasure.ts */
export const measureWords = {
  couldBeEither: (text: Shown, small: Shown, large: Shown) =>
    `“${text}” could be ${small} or ${large}: write one of the two.`,
  enterANumber: 'Enter a number.',
  isNotANumber: (text: Shown) => `“${text}” is not a number. Try 12, 3/8 or 2 1/2.`,
  unknownUnit: (text: Shown) => `Unknown unit “${text}”.`,
  measuresSomethingElseHere: (text: Shown) => `“${text}” measures something else here.`,
} as const

/** app/composables/useOutingLog.ts */
export const outingLogWords = {
  lureLost: (name: Shown) => `${name} lost`,
  notSavedTapAgain: (why: Shown) => `Not saved: tap again. ${why}`,
  theLure: 'The lure',
  logged: (says: Shown) => `Logged: ${says}.`,
  theFish: 'The fish',
  aCast: 'A cast',
  anotherRig: 'Another rig',
  markedLostOneFewer: (name: Shown) => `${name} marked lost; one fewer in your box.`,
  anotherSpot: 'Another spot',
  adviceFollowed: 'Advice followed',
  whatItAdvised: 'What it advised',
  changedNowGive: 'Changed. Now give it its time.',
  adviceLeft: 'Advice left',
  aComparison: 'A comparison',
  takenOut: 'Taken out of the log',
  takenBack: 'Taken back.',
  moreTold: 'What was told of it',
  somebodysFish: 'Somebody else’s fish',
  takenAlong: 'Taken along',
  noLongerInBox: 'It is no longer in the box.',
  aPhoto: 'A photo',
} as const

/** app/composables/useSeries.ts */
export const seriesWords = {
  reading: (readings: Shown, name: Shown) => `Reading ${readings} of ${name}`,
  tookOutAReading: (name: Shown) => `Took out a reading of ${name}`,
} as const

/** app/composables/useSounder.ts */
export const sounderWords = {
  line: (n: Shown, problem: Shown) => `line ${n} ${problem}`,
  theSimulatedSounder: 'the simulated sounder',
} as const

/** app/stores/box.ts */
export const boxStoreWords = {
  takingIn: 'Take in what is new',
  merged: (added: number, kept: number) =>
    `${added ? `Added ${count(added, 'thing')}` : 'Nothing new came in'}${kept ? `; ${count(kept, 'thing')} of yours stayed as they were` : ''}`,
  moved: (what: Shown) => `Moved ${what}`,
  added: (name: Shown) => `Added ${name}`,
  changed: (name: Shown) => `Changed ${name}`,
  removed: (what: Shown) => `Removed ${what}`,
  mended: (name: Shown) => `Mended ${name}`,
  triedAgain: (name: Shown) => `Tried ${name} again`,
  things: (n: number) => count(n, 'thing'),
  putBack: (item: Shown) => `Put back ${item}`,
  emptiedTheBin: 'Emptied the bin',
  startedAnEmptyBox: 'Started an empty box',
  openedTheDemoBox: 'Opened the demo box',
  importedLures: (lures: Shown) => `Imported ${lures} lures`,
} as const

/** app/stores/outings.ts */
export const outingsStoreWords = {
  startedAnOutingAt: (name: Shown) => `Started an outing at ${name}`,
  tookTheLastEntry: 'Took the last entry back',
  removedTheOuting: (slice: Shown) => `Removed the outing of ${slice}`,
  tookALog: (name: Shown) => `Took in the log of ${name}`,
  tooFewForAParty: (friends: number) => `Carry at least ${friends} lures, one for each of you.`,
} as const

/** app/stores/sheets.ts */
export const sheetsStoreWords = {
  tookInLuresFrom: (changed: Shown, file: Shown) => `Took in ${changed} lures from ${file}`,
  triedRowAgain: (row: Shown) => `Tried row ${row} again`,
  tookInRow: (row: Shown, file: Shown) => `Took in row ${row} of ${file}`,
  threwAway: (rows: number, file: Shown) => `Threw away ${count(rows, 'row')} of ${file}`,
} as const

/** app/stores/history.ts */
export const historyWords = {
  undo: (label: Shown) => `Undo: ${label}`,
} as const

/** app/stores/settings.ts */
export const settingsWords = {
  theChoice: 'The choice',
} as const

/** app/stores/water.ts */
export const waterStoreWords = {
  todaysWater: 'Today’s water',
} as const

/** app/composables/useKeptDraft.ts */
export const keptDraftWords = {
  whatYouType: 'What you are typing',
} as const

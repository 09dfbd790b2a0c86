import type { Shown } from '../catalogue'
import { count } from '../grammar'

/** What the screens of shell say, by component. */

/** app/app.vue */
export const appShell = {
  skip: 'Skip to content',
  openingTheBox: 'Opening the box …',
  undo: 'Undo',
} as const

/** app/components/form/DraftBar.vue */
export const draftBar = {
  typedBefore: 'You typed this before and had not saved it.',
  startOver: 'Start over',
} as const

/** app/components/UpdateNotice.vue */
export const updateNotice = {
  ready: 'A newer Ygrion is ready.',
  update: 'Update',
  inPlace: 'A newer Ygrion is in place. Save what you are typing, then reload.',
  reload: 'Reload',
} as const

/** app/components/RescuePage.vue */
export const rescuePage = {
  notYetOpen: 'The box has not opened yet',
  doesNotOpen: 'The box does not open',
  stillTrying: 'Ygrion goes on waiting for it, and shows it as soon as it is there.',
  tryAgain: 'Try again.',
  tryAgainMeans: 'Close other tabs of Ygrion first. Nothing stored is changed.',
  reload: 'Reload',
  saveWhatIsThere: 'Save what can be read.',
  saveMeans: 'One file with everything that can still be read. Ygrion opens it again, here or on another device.',
  saveToAFile: 'Save to a file',
  goOn: 'Go on without keeping anything.',
  goOnMeans: 'Ygrion works with its demo box until the page is closed. What is stored stays as it is.',
  goOnWithoutKeeping: 'Go on',
  saved: (lures: number, outings: number, unreadable: number) =>
    `Saved: ${count(lures, 'lure')}, ${count(outings, 'outing')}${unreadable ? `, and ${count(unreadable, 'entry', 'entries')} that could not be read, as they were` : ''}.`,
} as const

/** app/components/KeptNothing.vue */
export const keptNothing = {
  nothingIsKept: 'Nothing is kept here.',
  exportBeforeYouClose:
    'This browser has no store for the page: a private window or a setting forbids it. Export your box before you close the page.',
  exportToAFile: 'Export to a file',
} as const

/** app/components/TopBar.vue */
export const topBar = {
  ygrionToTheMatch: 'Ygrion, to the match',
  ygrion: 'Ygrion',
  views: 'Views',
  undo: (label: Shown) => `Undo: ${label}`,
  nothingToUndo: 'Nothing to undo',
  undo2: 'Undo',
  redo: (label: Shown) => `Redo: ${label}`,
  nothingToRedo: 'Nothing to redo',
  redo2: 'Redo',
  unitsSwitch: (system: Shown, otherUnits: Shown) => `Units: ${system}. Switch to ${otherUnits}`,
  cmGC: 'cm · g · °C',
  inOzF: 'in · oz · °F',
  dayColours: 'Day colours',
  nightColours: 'Night colours',
  water: 'Water',
  box: 'Box',
  bench: 'Bench',
  match: 'Match',
  plan: 'Plan',
  outing: 'Outing',
  review: 'Review',
} as const

/** app/components/form/EditForm.vue */
export const editForm = {
  addToTheBox: 'Add to the box',
  save: 'Save',
  cancel: 'Cancel',
  remove: 'Remove',
} as const

/** app/components/form/FormField.vue */
export const formField = {
  inTheDrawer: 'In the drawer',
  notSaid: 'As usual',
  isNotANumber: (text: Shown) => `“${text}” is not a number.`,
} as const

/** app/components/form/ShareThing.vue */
export const shareThing = {
  share: 'Share',
  shareIt: (name: Shown) => `Share ${name}`,
  codeOf: (name: Shown) => `Code that brings ${name} to another phone`,
  letThePhoneRead:
    'Let a friend’s phone read this: it opens Ygrion there, shows the thing, and asks before it takes it in.',
  tooLongForACode: 'This is more than a code can hold: send the file.',
  whatGoes: {
    lure: 'The lure as it is, without tray, photo, price, fish or changes.',
    rig: 'The rig with all its parts, without prices.',
    place: 'The place with its rules and its position; no temperatures. Share a position only where you want it known.',
    outing: 'The whole log of the day and its place, with positions. Share it only where you want them known.',
    party:
      'The water, the lures you fish together and who fishes which when; not the rest of your box. The place goes along with its position.',
    'party-log': 'Your log of the day, without track, photos and prices.',
    technique: 'The technique as you changed it, and when you reach for it.',
    plan: 'Days, places and what the water may be; no lures of yours. Your friend works it out with his own box. Positions go along.',
  },
  saveAsAFile: 'Save as a file',
  close: 'Close',
} as const

/** app/pages/take.vue */
export const takePage = {
  sharedYgrion: 'Shared – Ygrion',
  aFriendShared: 'A friend shared this',
  reading: 'Reading the code …',
  notRead:
    'This code could not be read: it is cut short, or of another app. Let it be shown again, or ask for the file.',
  toTheMatch: 'To the match',
  whatYouHaveStays: 'What you have already stays as it is.',
  putItInMyBox: 'Put it in my box',
  itIsIn: 'It is in.',
  lookAtIt: 'Look at it',
  notNow: 'Not now',
} as const

/** app/components/form/MeasureField.vue */
export const measureField = {
  between: (role: Shown, role2: Shown) => `Between ${role} and ${role2}.`,
} as const

/** app/pages/[...path].vue */
export const notFoundPage = {
  nothingBitesHere: 'Nothing bites here',
  thereIsNoPage: 'There is no page at',
  yourBoxAndYour: '. Your box and your log are as they were.',
  nothingHereYgrion: 'Nothing here · Ygrion',
  toTheMatch: 'To the match',
  toTheBox: 'To the box',
  toTheBench: 'To the bench',
  toTheOuting: 'To the outing',
} as const

/** app/components/FailureNotice.vue */
export const failureNotice = {
  exportMyBox: 'Export my box',
  lookAtThem: 'Look at them',
  close: 'Close',
} as const

/** app/components/ConflictDialog.vue */
export const conflictDialog = {
  changedElsewhere: 'Changed in another tab',
  wasTakenOut: 'was taken out in another tab while you were changing it.',
  wasChanged: 'was changed in another tab as well. Which is to stay?',
  there: 'There',
  here: 'Here',
  keepMine: 'Keep what I typed',
  keepWhatIs: 'Keep what is there',
} as const

import type { Shown } from '../catalogue'

/** What the screens of shell say, by component. */

/** app/app.vue */
export const appShell = {
  skip: 'Skip to content',
  openingTheBox: 'Opening the box …',
  cannotBeOpened: 'The box cannot be opened',
  refusesToStore: (problem: Shown) =>
    `This browser refuses to store data here (${problem}). Leave private browsing or free some space, then open the page again. Nothing stored was changed.`,
  undo: 'Undo',
  updateReady: 'Update ready.',
  reload: 'Reload',
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
  isNotANumber: (text: Shown) => `“${text}” is not a number.`,
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

import type { Shown } from '../catalogue'
import { capital, count, plural, withArticles } from '../grammar'

/** What the screens of box say, by component. */

/** app/components/box/AsideRows.vue */
export const asideRows = {
  setAsideFrom: (file: Shown) => `Set aside from ${file}`,
  setAsideFrom2: (file: Shown) => `Set aside from “${file}”`,
  forYouToFix: (rows: number) =>
    `${count(rows, 'row')} ${plural(rows, 'waits', 'wait')} for you to fix, kept until you fix or discard ${plural(rows, 'it', 'them')}.`,
  discardAll: 'Discard all',
  row: (row: Shown) => `Row ${row}`,
  withoutAName: 'without a name',
  andTheFileHas: (column: Shown, problem: Shown) =>
    `${column} ${problem}, and the file has no such column: bring the file in again with it.`,
  tryAgain: 'Try again',
  discard: 'Discard',
} as const

/** app/components/box/BinList.vue */
export const binList = {
  bin: 'Bin',
  thrownAwayKeptUntil: (items: Shown) => `${items} thrown away, kept until you empty it.`,
  emptyWhatYouRemove: 'Empty. What you remove lands here first.',
  emptyTheBin: 'Empty the bin',
  putBack: (name: Shown) => `Put back ${name}`,
  putBack2: 'Put back',
} as const

/** app/components/box/BoxDialog.vue */
export const boxDialog = {
  lure: 'Lure',
  addedLures: (made: Shown) => `Added ${made} lures of a series`,
  tray: 'Tray',
  series: 'Series',
  weigh: 'Weigh',
} as const

/** app/components/box/UnreadableRows.vue */
export const unreadableRows = {
  couldNotBeRead: 'Could not be read',
  nothingIsLost:
    'These were stored and are not what Ygrion expects. They are kept as they are and go into your archive; mended, they are back where they were.',
  withoutAName: 'Without a name',
  shouldBe: (field: Shown) => `What the ${field} should be`,
  tryAgain: 'Try again',
  saveAsAFile: 'Save as a file',
  throwAway: 'Throw away',
} as const

/** app/components/box/BoxFiles.vue */
export const boxFiles = {
  stop: (file: Shown) => `Stop reading ${file}`,
  theBoxReplaced: 'The box replaced',
  take: (file: Shown) => `Take in “${file}”`,
  imported: (lures: number) => `Imported ${count(lures, 'lure')}`,
  startedAnEmptyBox: 'Started an empty box',
  openedTheDemoBox: 'Opened the demo box',
  comes: (what: Shown) => `In its place come ${what}.`,
  exportToAFile: 'Export to a file',
  importAFile: 'Import a file',
  archiveToImport: 'Archive to import',
  startAnEmptyBox: 'Start an empty box',
  openTheDemoBox: 'Open the demo box',
  wasNotSaved: 'The box was not exported',
  wasNotTaken: (fileName: Shown) => `“${fileName}” was not taken in; nothing was changed`,
  close: 'Close',
  theFile: 'the file',
} as const

/** app/components/box/BoxTabs.vue */
export const boxTabs = {
  box: 'Box',
  lures: 'Lures',
  rodsLinesParts: 'Rods, lines, parts',
  rigs: 'Rigs',
  upkeepAndGaps: 'Upkeep and gaps',
  filesAndBin: 'Files and bin',
} as const

/** app/components/box/CellProblems.vue */
export const cellProblems = {
  leftAsItStood: (cells: number) => `${count(cells, 'cell')} left as ${plural(cells, 'it', 'they')} stood:`,
  andMore: (n: Shown) => `and ${n} more`,
} as const

/** app/components/box/DuplicatesPanel.vue */
export const duplicatesPanel = {
  duplicates: 'Duplicates',
  noTwoLuresHere: 'No two lures here are the same thing under two names.',
  piecesOfTheSame: (count: Shown) => `${count} pieces of the same thing`,
  worth: (group: Shown) => `, worth ${group}`,
} as const

/** app/components/box/GapTable.vue */
export const gapTable = {
  gaps: 'Gaps',
  kindsOfDaysOn: (days: Shown) =>
    `${days} kinds of days on your own waters, for the fish you set there: clear and murky, in every mood, under sun and cloud. A darker cell is asked for more often; the figure is how many lures of yours answer it.`,
  whateverYourWatersAsk: 'Whatever your waters ask for, something in the box fits.',
  tableOfGaps: 'Table of gaps',
  depthAndAction: 'Depth and action',
  silent: 'Silent',
  heard: 'Heard',
  gap: 'gap',
} as const

/** app/components/box/JointList.vue */
export const jointList = {
  good: 'Good',
  mind: 'Careful',
  wrong: 'Wrong',
  law: 'Law',
} as const

/** app/components/box/KeepAsk.vue */
export const keepAsk = {
  keepMyData: 'Keep my data',
  youHaveBegun: 'You have begun a box of your own. May this browser keep it, even when its disk runs full?',
  keep: 'Keep it',
  notNow: 'Not now',
  luresOfYourOwn: (own: Shown) =>
    `${own} lures of your own, and no export of them for a month. A copy elsewhere outlives a lost phone.`,
  export: 'Export',
  notToday: 'Not today',
} as const

/** app/components/box/KeepData.vue */
export const keepData = {
  keepMyData: 'Keep my data',
  thisBrowserKeeps: 'This browser keeps the box until you remove it yourself.',
  theBoxLies:
    'The box lies in this browser. When the disk runs full, browsers may clear what they were not asked to keep.',
  itWasAsked: 'It was asked and has not agreed yet: export now and then.',
  askTheBrowser: 'Ask the browser to keep it',
  neverExportedYet: 'Never exported yet.',
  exportedToday: 'Exported today.',
  lastExportedAgo: (days: number) => `Last exported ${count(days, 'day')} ago.`,
  anArchiveOnAnother: 'An archive on another disk is the only copy that a lost machine leaves you.',
  luresTakeMbHere: (lures: number, n: Shown) =>
    `${capital(count(lures, 'lure'))} ${lures === 1 ? 'takes' : 'take'} ${n} MB here.`,
} as const

/** app/components/box/LureChanges.vue */
export const lureChanges = {
  whatWasDone: 'What was done to it',
  nothingYet: 'Nothing yet: it is as it was bought.',
  undoThis: 'Undo this',
  resetToAsBought: 'Reset to as bought',
  doSomething: 'Do something to it',
  newHooks: 'New hooks',
  newHookSize: 'New hook size',
  newWire: 'New wire',
  newBlade: 'New blade',
  newNumber: 'New number',
  newFinish: 'New finish',
  hammered: 'Hammered',
  newLength: 'New length',
  weightAddedTakenOff: 'Weight added (− taken off)',
  buoyancyNow: 'Buoyancy now',
  fillerInside: 'Filler inside',
  leadDustIsPoison: 'Lead dust is poison: cut and file it damp, wash your hands, air the room while glue sets.',
  mindThePointsPliers: 'Mind the points: pliers, and glasses when the ring springs.',
  when: 'When',
  whyIfYouLike: 'Why (if you like)',
  done: 'Done',
  neverMind: 'Never mind',
  otherHooks: 'Other hooks',
  anotherBlade: 'Another blade',
  skirtTrimmed: 'Skirt trimmed',
  bodyCutShorter: 'Body cut shorter',
  ballastGluedOnOr: 'Ballast glued on or taken off',
  fillerPoured: 'Filler poured in',
  somethingElse: 'Something else',
} as const

/** app/components/box/LureColours.vue */
export const lureColours = {
  pattern: 'Pattern',
} as const

/** app/components/box/LureForm.vue */
export const lureForm = {
  howItIsMade: 'How it is made',
  allOptional: 'all optional; what is left out is as usual',
  change: (name: Shown) => `Change ${name}`,
  addALure: 'Add a lure',
  duplicate: 'Duplicate',
  makeASeries: 'Make a series',
  name: 'Name',
  family: 'Family',
  length: 'Length',
  labelledWeight: 'Labelled weight',
  measuredWeightOptional: 'Measured weight (optional)',
  sound: 'Sound',
  howMany: 'How many',
  condition: 'Condition',
  fishLandedOn: 'Fish landed on it',
  notes: 'Notes',
  aNewLure: 'a new lure',
  silent: 'Silent',
  oneKnock: 'One knock',
  rattles: 'Rattles',
  fixTheFieldMarked: 'Fix the field marked red; nothing is saved yet.',
} as const

/** app/components/box/LurePhoto.vue */
export const lurePhoto = {
  photoOfThisLure: 'Photo of this lure',
  nextTapOn: 'Next tap on the photo reads',
  removeThePhoto: 'Remove the photo',
  coloursFromAPhoto: 'Colours from a photo',
  photoOfTheLure: 'Photo of the lure',
  nothingStandsOutFrom: 'Nothing stands out from the background: tap the colours on the photo.',
  isNoPictureThis: (name: Shown) => `“${name}” is no picture this browser can read. Try a JPEG or PNG.`,
} as const

/** app/components/box/LureTable.vue */
export const lureTable = {
  arrowsMoveTypingChanges: 'Arrows move, typing changes,',
  ctrl: 'Ctrl',
  and: 'and',
  copyAndPaste: 'copy and paste to and from a spreadsheet,',
  fillsDownADouble: 'fills down. A double click on a name opens the lure.',
  lures: 'Lures',
} as const

/** app/components/box/LureTile.vue */
export const lureTile = {
  oneKnock: ', one knock',
  rattles: ', rattles',
} as const

/** app/components/box/QuickEntry.vue */
export const quickEntry = {
  inALine: 'Add in a line',
  forExample: 'perch crankbait 6 cm 10 g',
  add: 'Add',
  sayItAsYouWould:
    'Say it as you would: “perch crankbait 6 cm 10 g”, “rod 2.1 m 5–25 g”, “spinning reel 5.2:1”, “braid 0.13 8 kg”. A list may be pasted.',
  isIn: (name: Shown) => `${name} is in the box.`,
  ofTheList: (n: number, left: number) =>
    `${count(n, 'line')} of the list in the box${left > 0 ? `; ${left} not understood, the first of them is in the field` : ''}.`,
} as const

/** app/components/box/TailHook.vue */
export const tailHook = {
  anotherAtTheTail: 'Another hook at the tail',
} as const

/** app/components/box/PartForm.vue */
export const partForm = {
  moreAboutIt: 'More about it',
  allOptional: 'all optional; what is left out is as usual',
  change: (name: Shown) => `Change ${name}`,
  add: (one: Shown) => withArticles(`Add a ${one}`),
  here: (uses: Shown) => `Here it ${uses}.`,
  fixTheFieldMarked: 'Fix the field marked red; nothing is saved yet.',
} as const

/** app/components/box/RigDrawing.vue */
export const rigDrawing = {
  theRigFrom: 'The rig from the rod tip on',
  noRodYet: 'no rod yet',
  rod: 'Rod',
  noLineYet: 'no line yet',
  line: 'Line',
  leader: 'Leader',
  noLureYet: 'no lure yet',
  lure: 'Lure',
} as const

/** app/components/box/RigForm.vue */
export const rigForm = {
  aNewRig: 'a new rig',
  changeThe: (name: Shown) => `Change ${name}`,
  buildARig: 'Build a rig',
  rigCheck: 'Rig check',
  stillOpen: (join: Shown) => `Still open: ${join}.`,
  localRulesOnHooks: 'Local rules on hooks, rods and lures per line come first.',
  name: 'Name',
  rigType: 'Rig type',
  lureOrBodyCan: (lures: Shown) => `Lure or body (${lures} can be tied so)`,
  ifAny: (label: Shown) => `${label} (if any)`,
  leader: 'Leader',
  line: 'Line',
  rod: 'Rod',
  dropperBreaksAt: 'Dropper breaks at',
  moreOnThisLine: 'More on this line',
  addALure: 'Add a lure to this line',
  furtherLure: (nth: Shown) => `Lure ${nth}`,
  whereItHangs: 'Where',
  fromTheFirst: 'Distance',
  dummy: 'No hook: a dummy',
  takeOff: (nth: Shown) => `Take off lure ${nth}`,
  aStingerHookBehind: 'A stinger hook behind',
  notes: 'Notes',
  none: 'None',
  inTheDrawer: (name: Shown) => `${name}, in the drawer`,
  fixTheFieldMarked: 'Fix the field marked red; nothing is saved yet.',
} as const

/** app/components/box/SeriesForm.vue */
export const seriesForm = {
  aSeries: (name: Shown) => `A series of ${name}`,
  theSameBody:
    'The same body in other colours and weights, all entered at once. What one is weighed at or has caught stays its own.',
  addTheColour: 'Add the colour',
  colour: (part: Shown) => `${part} colour`,
  leaveOut: (look: Shown) => `Leave out ${look}`,
  weightsApartBySemicolons: 'Weights, apart by semicolons: 7 g; 3/8 oz; 14',
  willBeAdded: (made: number) => `${count(made, 'lure')} will be added:`,
  addAColourOr: 'Add a colour or a weight.',
  addThem: 'Add them',
  cancel: 'Cancel',
} as const

/** app/components/box/SheetImport.vue */
export const sheetImport = {
  whatIs: (unclear: Shown) => `“${unclear}” is`,
  asIn: (from: Shown) => `as in “${from}”`,
  say: 'Say which, or these rows wait.',
  passedOver: (columns: Shown) => `${columns} that Ygrion passes over`,
  readingFile: (file: Shown) => `Reading ${file} …`,
  column: (n: Shown) => `Column ${n}`,
  spreadsheet: 'Spreadsheet',
  luresAsRows:
    'Lures as rows, in or out. Units may stand in the heading or in the cell: “10.5 g”, “3/8 oz”, “2 1/2 in”. Nothing changes before you say so.',
  wasNotReadNothing: (file: Shown, problem: Shown) => `“${file}” was not read; nothing was changed. ${problem}`,
  addedChangedUnchangedSet: (file: Shown, added: Shown, changed: Shown, same: Shown, aside: Shown, aside2: Shown) =>
    `“${file}”: ${added} added, ${changed} changed, ${same} unchanged, ${aside} set aside${aside2}.`,
  belowToBeFixed: ' below, to be fixed',
  chooseACsvFile: 'Choose a CSV file',
  spreadsheetToBring: 'Spreadsheet to bring in',
  pasteCells: 'Paste cells',
  exportLuresAsCsv: 'Export lures as CSV',
  cellsCopiedFrom: 'Cells copied from a spreadsheet, headings first',
  readThem: 'Read them',
  whatEachColumnMeans: (file: Shown, length: Shown) =>
    `“${file}”: ${length}. What each column means, as far as its heading tells; correct it where it is wrong.`,
  columnsOfTheFile: 'Columns of the file',
  everyLureNeedsSay: (join: Shown) => `Every lure needs ${join}: say which column that is, or its rows are set aside.`,
  lookThroughTheRows: 'Look through the rows',
  cancel: 'Cancel',
  row: (done: Shown, ofWord: Shown) => `Row ${done} of ${ofWord} …`,
  rowsRead: 'Rows read',
  stop: 'Stop',
  leaveItOut: 'Leave it out',
  thePastedCells: 'the pasted cells',
} as const

/** app/components/box/SheetPlan.vue */
export const sheetPlan = {
  traysTouched: (trays: Shown) => `What happens to ${trays}`,
  isNew: 'is new',
  comeIn: (lures: Shown) => `${lures} in`,
  goOut: (lures: Shown) => `${lures} out`,
  changePlace: (lures: Shown) => `${lures} to another compartment`,
  newWord: 'new',
  changeWhatYouHave: 'change what you have',
  unchanged: 'unchanged',
  toFixFirst: 'to fix first',
  newTrays: 'new trays',
  theFirstOfThem: 'The first of them',
  wordsNotKnown: 'Words that are not known',
  wordIn: (word: Shown, rows: Shown) => `“${word}” in ${rows}`,
  means: (word: Shown) => `“${word}” means …`,
  remembered: 'Remembered: the next sheet with these words is read at once.',
  rowsThatWouldBe: 'Rows that would be set aside',
  row: (row: Shown) => `Row ${row}:`,
  readDespiteATypo: (length: Shown) => `${length} read despite a typo`,
  row2: (row: Shown, slip: Shown) => `Row ${row}: ${slip}`,
  takeThem: 'Take them in',
  backToTheColumns: 'Back to the columns',
  cancel: 'Cancel',
} as const

/** app/components/box/TrayBox.vue */
export const trayBox = {
  tray: (name: Shown) => `Tray ${name}`,
  compartment: (slot: Shown, empty: Shown) => `Compartment ${slot}${empty}`,
  ofAnswer: (matches: Shown, lures: Shown) => `${matches} of ${lures} answer`,
  kindsPieces: (lures: Shown, pieces: Shown) => `${lures} kinds, ${pieces} pieces`,
  weighAll: 'Weigh all',
  changeTheTray: 'Change the tray',
  empty: ', empty',
  andMore: (n: Shown) => `and ${n} more`,
} as const

/** app/components/box/TrayFields.vue */
export const trayFields = {
  tray: 'Tray',
  compartment: 'Compartment',
  looseInNoTray: 'Loose, in no tray',
} as const

/** app/components/box/TrayForm.vue */
export const trayForm = {
  aNewTray: 'a new tray',
  change: (name: Shown) => `Change ${name}`,
  addATray: 'Add a tray',
  ofItsLuresLie: (beyond: Shown) =>
    `${beyond} of its lures lie beyond that: they will be found in the last compartment.`,
  removingItLeavesIts: (held: Shown) => `Removing it leaves its ${held} lures loose.`,
  giveItAName: 'Give it a name of at most 40 letters.',
  compartmentsAcross: 'Compartments across: 1 to 12.',
  compartmentsDown: 'Compartments down: 1 to 20.',
  fixTheFieldMarked: 'Fix the field marked red; nothing is saved yet.',
  thereIsATray: (name: Shown) => `There is a tray “${name}” already.`,
} as const

/** app/components/box/TrayView.vue */
export const trayView = {
  dragALure: 'Drag a lure to another compartment, or press M on it and use the arrow keys. A click opens it.',
  restAFingerOn: 'Rest a finger on a lure to lift it; tap to open it.',
  looseInNoTray: 'Loose, in no tray',
  loose: 'Loose',
  inNoTrayYet: 'in no tray yet: drag them where they belong',
  theFirst: (n: Shown, loose: Shown) => `The first ${n} of ${loose}. The table shows and moves them all.`,
  addATray: 'Add a tray',
  lies: (name: Shown, place: Shown) => `${name} lies in ${place}.`,
  pickedUpArrowsChoose: (name: Shown) =>
    `${name} picked up. Arrows choose a compartment, page keys a tray, Enter lays it down, Escape leaves it.`,
  leftWhereItWas: 'Left where it was.',
} as const

/** app/components/form/UnfinishedDrafts.vue */
export const unfinishedDrafts = {
  changing: 'changing',
  adding: 'adding',
  youWere: (d: Shown) => `You were ${d}`,
  andHadNotSaved: 'and had not saved it.',
  carryOn: 'Carry on',
  discard: 'Discard',
} as const

/** app/components/box/UpkeepPanel.vue */
export const upkeepPanel = {
  upkeep: 'Upkeep',
  nothingIsDueFish: 'Nothing is due. Fish landed on a lure and its changed hooks are counted; note them on the lure.',
  now: 'Now',
  soon: 'Soon',
  changingHooksPliers: 'Changing hooks: pliers, and glasses when the ring springs.',
} as const

/** app/components/box/WeighTray.vue */
export const weighTray = {
  weighATray: 'Weigh a tray',
  weighThemOneAfter: 'Weigh them one after another',
  simulatedScaleItStands: 'Simulated scale: it stands in for a real one and invents its weights.',
  of: (at: Shown, ids: Shown) => `${at} of ${ids}`,
  label: (lureMass: Shown) => `Label ${lureMass}`,
  weighedBefore: (lureMass: Shown) => `· weighed before ${lureMass}`,
  theScaleDoesNot: 'The scale does not answer. Is Ygrion’s server running?',
  takeThisWeight: 'Take this weight',
  skip: 'Skip',
  back: 'Back',
  allThroughWeighed: (done: Shown) => `All through: ${done} weighed.`,
  lure: 'Lure',
  label2: 'Label',
  weighed: 'Weighed',
  offBy: 'Off by',
  done: 'Done',
  asLabelled: 'as labelled',
  layItOn: 'Lay it on the scale',
  settling: 'Settling …',
  atRest: 'At rest',
} as const

/** app/components/box/draft.ts */
export const draftWords = {
  giveItAName: 'Give it a name of at most 80 letters.',
  lengthBetweenAndCm: 'Length: between 1 and 50 cm.',
  weightBetweenG: 'Weight: between 0.3 g and 1 kg.',
  weighedBetweenG: 'Weighed: between 0.3 g and 1 kg, or empty.',
  howManyAWhole: 'How many: a whole number from 0 to 999.',
  costAFigureFrom: 'Cost: a figure from 0 up, or empty.',
  fishLandedAWhole: 'Fish landed: a whole number from 0 up.',
  notesAtMostLetters: 'Notes: at most 500 letters.',
} as const

/** app/components/box/grid.ts */
export const gridWords = {
  thereIsNoTray: (typed: Shown) => `there is no tray “${typed}”; add it first`,
  itLiesInNo: 'it lies in no tray',
  hasNoCompartmentThey: (name: Shown, typed: Shown, tray: Shown, tray2: Shown) =>
    `${name} has no compartment “${typed}”: they run from ${tray} to ${tray2}`,
  mustNotBeEmpty: 'must not be empty',
  cannotBe: 'cannot be',
} as const

/** app/components/box/part-draft.ts */
export const partDraftWords = {
  theBar: 'The bar is the weights it throws.',
  theBarIsHow: 'The bar is how fast an easy hand winds.',
  drawnTenTimes: 'Drawn ten times as thick as they are.',
  drawnToScaleLead: 'Drawn to scale, lead by its weight.',
  drawnToScaleBy: 'Drawn to scale by their gap.',
  drawnToScaleByTheir: 'Drawn to scale by their length.',
  drawnToScaleByShape: 'Drawn to scale by shape and number.',
  drawnToScaleByTheirWeight: 'Drawn to scale by their weight.',
  giveItAName: 'Give it a name of at most 80 letters.',
  wire: (wire: Shown) => `${wire} wire`,
  fought: (fights: Shown) => `fought ${fights}`,
  size: (no: Shown) => `No. ${no}`,
} as const

/** app/components/box/rig-draft.ts */
export const rigDraftWords = {
  reelForThisLine: 'reel for this line',
  giveItAName: 'Give it a name of at most 80 letters.',
  notesAtMostLetters: 'Notes: at most 500 letters.',
} as const

/** app/components/box/useGrid.ts */
export const useGridWords = {
  filledDown: 'Filled down',
  cleared: 'Cleared in',
  pastedInto: 'Pasted into',
} as const

/** app/pages/box/files.vue */
export const boxFilesPage = {
  box: 'Box',
  spreadsheetsAndArchives: 'Spreadsheets and archives in and out, and what was thrown away.',
  archive: 'Archive',
  everythingInOneFile: 'Everything in one file',
  luresPartsRigsTrays:
    'Lures, parts, rigs, trays, waters, photos and bin as one open JSON file. It replaces what is here when it comes back in, and that can be undone.',
  filesAndBinYgrion: 'Files and bin · Ygrion',
} as const

/** app/pages/box/index.vue */
export const boxPage = {
  box: 'Box',
  luresInTraysRods: (lures: number, trays: number, rods: number, reels: number, lines: number) =>
    `${count(lures, 'lure')} in ${count(trays, 'tray')}, ${count(rods, 'rod')}, ${count(reels, 'reel')}, ${count(lines, 'line')} · kept in this browser`,
  searchSilentShallowCrank: 'Search: silent shallow crank natural, 3/8 jig …',
  show: 'Show',
  order: 'Order',
  show2: 'Show as',
  addALure: 'Add a lure',
  anEmptyBox: 'An empty box',
  addYourFirstLure:
    'Add your first lure: its family, length and weight are enough to begin. A spreadsheet you already keep comes in under “Files and bin”. The demo box shows what a full one looks like and can be undone.',
  bringInASpreadsheet: 'Bring in a spreadsheet',
  openTheDemoBox: 'Open the demo box',
  noLureMatchesTry: (search: Shown) => `No lure matches “${search}”. Try fewer words, or every family.`,
  luresMatch: (lures: Shown) => `${lures} lures match.`,
  boxYgrion: 'Box · Ygrion',
  trays: 'Trays',
  families: 'Families',
  table: 'Table',
  everyFamily: 'Every family',
  byName: 'By name',
  longestFirst: 'Longest first',
  heaviestFirst: 'Heaviest first',
  mostFishFirst: 'Most fish first',
  mostExpensiveFirst: 'Most expensive first',
} as const

/** app/pages/box/labels.vue */
export const boxLabelsPage = {
  loose: 'loose',
  runs: (depth: Shown) => `runs ${depth}`,
  surface: 'surface',
  sinks: 'sinks',
  boxLabels: 'Box labels',
  labelsFor: 'Labels for',
  print: 'Print',
  back: 'Back',
  labelsOfMmThree: (shown: Shown) =>
    `${shown} labels of 62 × 29 mm, three across on A4. A ✓ stands by a weight that was weighed or reckoned.`,
  theFirstOfTake: (n: Shown, lures: Shown) => `The first ${n} of ${lures}: take a tray at a time.`,
  nothingLiesInThis: 'Nothing lies in this tray.',
  codeThatOpens: (name: Shown) => `Code that opens ${name}`,
  boxLabelsYgrion: 'Box labels · Ygrion',
  everyTray: 'Every tray',
} as const

/** app/pages/box/order.vue */
export const boxOrderPage = {
  box: 'Box',
  whatIsDueBefore:
    'What is due before the next trip, what your waters ask for and the box lacks, and what is there twice.',
  onPaper: 'On paper',
  printedFromThisPage: 'Printed from this page; nothing leaves the machine.',
  boxLabels: 'Box labels',
  valueListInsurance: 'Value list (insurance)',
  upkeepAndGapsYgrion: 'Upkeep and gaps · Ygrion',
} as const

/** app/pages/box/parts.vue */
export const boxPartsPage = {
  box: 'Box',
  add: (one: Shown) => withArticles(`Add a ${one}`),
  noneYet: 'None yet.',
  change: (one: Shown) => withArticles(`Change a ${one}`),
  rodsLinesPartsYgrion: 'Rods, lines, parts · Ygrion',
} as const

/** app/pages/box/rigs.vue */
export const boxRigsPage = {
  box: 'Box',
  whatYouKeepTied: 'What you keep tied, every connection checked for',
  todaysWater: 'today’s water',
  theMatchRanksThem: '. The match ranks them beside everything else.',
  judgeForCover: 'Judge for cover',
  buildARig: 'Build a rig',
  noRigsYet: 'No rigs yet',
  joinALure:
    'Join a lure with its hook or head, leader, line and rod, and every connection is checked with its reason: gap and body, wire and rod power, weight and rod, weak links.',
  changeARig: 'Change a rig',
  rigsYgrion: 'Rigs · Ygrion',
  wrong: (n: Shown) => `${n} wrong`,
  toCheck: (mind: Shown) => `${mind} to check`,
  allConnectionsGood: 'all connections good',
  asInTodaysWater: 'As in today’s water',
} as const

/** app/pages/box/values.vue */
export const boxValuesPage = {
  valueListInsurance: 'Value list (insurance)',
  currency: 'Currency',
  print: 'Print',
  back: 'Back',
  inAll: 'in all',
  noCostNoted: (unknown: number) => `; ${count(unknown, 'thing has', 'things have')} no cost noted`,
  name: 'Name',
  kind: 'Kind',
  number: 'Number',
  each: 'Each',
  sum: 'Sum',
  together: (name: Shown) => `${name} together`,
  valueListInsuranceYgrion: 'Value list (insurance) · Ygrion',
  lures: 'Lures',
} as const

/** app/components/box/ReplaceAsk.vue */
export const replaceAsk = {
  replaces: (what: Shown) => `This replaces everything here: ${what}.`,
  aBackupIsKept:
    'A backup is kept in this browser first: the last five lie under Files. Undo brings all of it back, too.',
  replace: 'Replace everything',
  merge: 'Add what is new',
  mergeMeans: 'Added, nothing that is here changes: a thing with the same id stays as it is.',
  cancel: 'Cancel',
} as const

/** app/components/box/BackupList.vue */
export const backupList = {
  backups: 'Backups in this browser',
  theLastFive: 'What lay here before it was replaced: the last five.',
  noneYet: 'None yet. One is kept whenever the whole box is replaced.',
  before: (what: Shown) => `before “${what}”:`,
  bringBack: 'Bring back',
  broughtBack: (when: Shown) => `Brought back the backup of ${when}`,
  saveAsAFile: 'Save as a file',
} as const

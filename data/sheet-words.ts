/** Words that anglers write over their columns and into their cells. Letters only, lower case. */

/** Other headings of a column. */
export const HEADINGS = {
  id: ['ygrionid', 'id'],
  name: ['name', 'lure', 'model', 'bait', 'title', 'description', 'item'],
  family: ['family', 'type', 'kind', 'category', 'luretype'],
  length: ['length', 'size', 'long', 'len'],
  weight: ['weight', 'mass', 'labelweight', 'labelledweight', 'weightonthepacket', 'wt'],
  weighed: ['weighed', 'measuredweight', 'actualweight', 'realweight', 'scale'],
  colour: ['colour', 'color', 'colours', 'colors', 'finish'],
  back: ['back', 'backcolour', 'top'],
  flank: ['flank', 'side', 'sides', 'flankcolour'],
  belly: ['belly', 'bellycolour', 'bottom'],
  pattern: ['pattern', 'marks'],
  sound: ['sound', 'rattle', 'noise'],
  count: ['count', 'howmany', 'quantity', 'qty', 'number', 'copies', 'pieces', 'pcs'],
  tray: ['tray', 'box', 'place', 'where', 'storedin'],
  compartment: ['compartment', 'slot', 'cell'],
  cost: ['cost', 'price', 'paid', 'value', 'costofone'],
  condition: ['condition', 'state', 'wear'],
  fish: ['fish', 'fishlanded', 'landed', 'catches', 'caught'],
  hooks: ['hooks', 'hookstyle', 'hook'],
  hookSize: ['hooksize'],
  hookWire: ['hookwire', 'wiregauge'],
  hookCount: ['hookcount', 'numberofhooks'],
  notes: ['notes', 'note', 'remarks', 'comment', 'comments'],
  depthM: ['depth', 'runningdepth', 'divingdepth', 'runs', 'labelledrunningdepth'],
  buoyancy: ['buoyancy', 'floats', 'atrest', 'atrestit', 'floating'],
} as const

/** What colours are also called. */
export const COLOUR_WORDS = {
  olive: ['green pumpkin', 'watermelon', 'dark green'],
  moss: ['pumpkin', 'moss'],
  brown: ['crayfish', 'chocolate', 'rust'],
  smoke: ['grey', 'gray', 'clear', 'ghost'],
  'blue-back': ['steel', 'roach', 'shad'],
  sand: ['tan', 'beige', 'natural'],
  bone: ['cream', 'ivory'],
  silver: ['chrome', 'nickel'],
  gold: ['brass'],
  chartreuse: ['lime', 'yellow', 'fluo yellow'],
  red: ['crimson', 'scarlet'],
  green: ['bright green'],
  blue: ['bright blue'],
  purple: ['violet'],
} as const

/** Yes and no, as people type them. */
export const YES = ['yes', 'y', 'true', 'x', '1'] as const
export const NO = ['no', 'n', 'false', '0', '-'] as const
export const SOUND_WORDS = {
  silent: ['silent', 'none', 'quiet', 'no'],
  knock: ['knock', 'oneknock', 'single'],
  rattles: ['rattles', 'rattle', 'loud', 'yes'],
} as const

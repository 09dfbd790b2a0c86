import type { Shown } from '../catalogue'
import { count } from '../grammar'

/** What the screens of the plan say, by component. */

/** app/stores/plans.ts */
export const planStoreWords = {
  removed: (name: Shown) => `Removed the plan ${name}`,
} as const

/** app/pages/plan/index.vue */
export const plansPage = {
  plansYgrion: 'Plan · Ygrion',
  plan: 'Plan',
  about:
    'The evening before: what to carry, which rods to rig, and when to fish what. Worked out from your box for every hour, and for all the water may be.',
  opening: 'Opening your plans…',
  yourPlans: 'Your plans',
  hours: (hours: Shown) => `${hours} h`,
  carries: (lures: number, rods: number) => `${count(lures, 'lure')}, ${count(rods, 'rod')}`,
  notWorkedOut: 'not worked out yet',
} as const

/** app/components/plan/NewPlan.vue */
export const newPlan = {
  planADay: 'Plan a day',
  place: 'Place',
  day: 'Day',
  from: 'From',
  to: 'Till',
  howManyLures: 'Lures at most',
  howManyRods: 'Rods at most',
  workItOut: 'Work it out',
  name: (place: Shown, day: Shown) => `${place}, ${day}`,
  madeAPlan: (name: Shown) => `Planned ${name}`,
  waterAsLast: (species: Shown, temp: Shown, visibility: Shown) =>
    `For ${species} in water of ${temp}, seen ${visibility} deep: as the water of this place was set last.`,
  noPlace: 'There is no place yet: add one first.',
  addAPlace: 'Add a place',
  changeIt: 'Set the water',
  unseen: 'Or a water you have not seen, in a few words',
  forExample: 'shallow weedy lake, June, pike and perch',
  understood: (what: Shown) =>
    what === '' ? 'Nothing of it is understood yet.' : `Understood: ${what}. It is planned for all that it could be.`,
  notUnderstood: (what: Shown) => `Not understood: ${what}.`,
  endFirst: 'The day ends before it begins.',
} as const

/** app/pages/plan/[id].vue */
export const planPage = {
  planYgrion: (name: Shown) => `${name} · Plan · Ygrion`,
  gone: 'This plan is no longer there.',
  toThePlans: 'To your plans',
  plan: 'Plan',
  pack: 'Pack',
  printCards: 'Print cards',
  calendar: 'Calendar file',
  startTheOuting: 'Start the outing',
  remove: 'Remove',
  working: (done: Shown, of: Shown) => `Ranking your box for what the day may bring: ${done} of ${of}.`,
  soFar: 'What stands here holds for the waters so far.',
  stop: 'Stop',
  workItOut: 'Work it out again',
  stoppedHere: 'Not worked out yet.',
  notWorkedOut: (why: Shown) => `It was not worked out: ${why}`,
  nothing:
    'Nothing of your box can be fished there, at none of these hours. Another fish, another place or other tackle may help.',
  seeTheMatch: 'See the match',
  placeGone: 'Its place is no longer there: choose another under Where and when.',
  underWay: 'An outing is under way.',
  toTheOuting: 'To the outing',
  heldAgainst: 'Held against the day',
  used: (carried: number, used: number) => `Carried ${count(carried, 'lure')}, used ${used}.`,
  caught: (names: Shown) => `What was taken: ${names}.`,
  inPlace: (name: Shown, place: number, takes: number) =>
    `${name} (${place > 0 ? `number ${place} of the kit` : 'not in the kit'}, ${count(takes, 'take')})`,
  nothingTaken: 'Nothing was taken.',
  planTheRest: 'Plan the rest from what happened',
  planAgain: 'Plan again from what happened',
} as const

/** app/components/plan/KitBox.vue */
export const kitBox = {
  whatToCarry: 'What to carry',
  howMany: 'How many lures',
  lures: (n: number) => count(n, 'lure'),
  ofYourBox: 'of your whole box',
  grams: (weight: Shown) => `${weight} of lures`,
  rods: 'Rods',
  adds: (share: Shown) => `+ ${share}`,
  addsNext: (name: Shown, adds: Shown) => `The next would be ${name}: ${adds} more.`,
  mayStay: (n: number) => `${count(n, 'lure')} would add next to nothing and may stay at home.`,
  uncovered: (what: Shown, share: Shown) => `Least covered: ${what}, with ${share} of what your box could do.`,
  pin: (name: Shown) => `${name}: always carry`,
  home: (name: Shown) => `${name}: leave at home`,
  pinned: 'always',
  bringsAlong: (name: Shown) => `Always carries ${name}`,
  noMore: (name: Shown) => `No longer always carries ${name}`,
  leaves: (name: Shown) => `Leaves ${name} at home`,
  leftAtHome: 'Left at home',
  backAgain: (name: Shown) => `${name} may come along again`,
  set: (n: Shown) => `Carries ${n} lures at most`,
  setRods: (n: Shown) => `Rigs ${n} rods at most`,
  emptySlot: 'An empty compartment',
  fewerRods: 'One rod fewer',
  moreRods: 'One rod more',
} as const

/** app/components/plan/DayBand.vue */
export const dayBand = {
  theDay: 'The day, hour by hour',
  says: (what: Shown) => `Worth of each lure through the day. ${what}`,
  hourOf: (lure: Shown, hours: Shown, share: Shown) => `${lure}, ${hours}: ${share} of the best`,
  wide: 'Each ribbon is as wide as the lure is worth at that hour. The dark part is when it is fished; the ring marks the rods rigged beside it.',
  tide: 'tide',
  block: (lure: Shown, hours: Shown, rod: Shown) => `${lure}, ${hours}, on ${rod}`,
  locked: 'held fast',
  night: 'night',
  dawn: 'dawn',
  day: 'day',
  dusk: 'dusk',
} as const

/** app/components/plan/BlockCard.vue */
export const blockCard = {
  on: (rod: Shown) => `on ${rod}`,
  give: (min: Shown) => `Give it ${min} min without an answer, then`,
  nothingElse: 'then change the depth or the pace',
  to: (name: Shown) => `${name}.`,
  beside: 'Rigged beside it',
  holdFast: 'Hold fast',
  letGo: 'Let go',
  heldFast: (name: Shown, hours: Shown) => `Holds ${name} at ${hours}`,
  letGoOf: (name: Shown) => `Lets ${name} go`,
  earlier: 'An hour earlier',
  later: 'An hour later',
  longer: 'An hour longer',
  shorter: 'An hour shorter',
  another: 'Another lure here',
  chance: (share: Shown) => `${share} of what the whole box could do then`,
  moves: 'Move it',
} as const

/** app/components/plan/RodCards.vue */
export const rodCards = {
  rodsToRig: 'Rods to rig',
  with: (reel: Shown) => `with ${reel}`,
  spool: 'spare spool',
  reTies: (n: number) =>
    n === 0 ? 'Nothing is tied anew on the water.' : `Tied anew on the water: ${count(n, 'time')}.`,
  tiedFirst: 'tied at home',
  fromHour: (hour: Shown) => `from ${hour}`,
} as const

/** app/components/plan/WhatMayBe.vue */
export const whatMayBe = {
  whatMayBe: 'What the day may bring',
  about: 'How likely you think each is. Leave it, and the usual spread is taken.',
  asUsual: 'as usual',
  likely: (share: Shown) => `${share} likely`,
  weighed: (what: Shown) => `Weighs ${what}`,
  asUsualAgain: 'As usual again',
  ofYourOwn: 'Something of your own',
  itsName: 'What may happen',
  itsWeight: 'How likely, in 100',
  itsWind: 'Wind then',
  itsClarity: 'Visibility then',
  itsTemp: 'Water then',
  add: 'Add it',
  addedIt: (name: Shown) => `Reckons with ${name}`,
  drop: (name: Shown) => `Take ${name} out`,
  droppedIt: (name: Shown) => `No longer reckons with ${name}`,
} as const

/** app/components/plan/LegFields.vue */
export const legFields = {
  whereAndWhen: 'Where and when',
  place: 'Place',
  day: 'Day',
  from: 'From',
  to: 'Till',
  travel: 'Way there, min',
  addALeg: 'Another place or day',
  addedALeg: 'Added a place',
  changed: 'Changed where and when',
  takeOut: 'Take it out',
  tookOut: 'Took a place out',
  askTheForecast: 'Ask for the forecast',
  forecastIs: (n: number) => `Forecast of ${count(n, 'hour')}, simulated.`,
  noForecast: 'No forecast came: it stays as it is.',
  setTheWater: 'Set the water',
  tookTheForecast: 'Took the forecast',
  takeTheWater: 'Take the water as it is set now',
  tookTheWater: 'Took the water as it is set now',
  grams: 'Lures together at most',
  trays: 'Out of these trays',
  allTrays: 'All',
  setWeight: 'Set the weight',
  setTrays: 'Chose the trays',
} as const

/** app/pages/plan/print/[id].vue */
export const printPage = {
  printYgrion: (name: Shown) => `${name} · Print · Ygrion`,
  cards: 'Cards to print',
  about: 'One side of A6 for each rod, one side of A4 for the day.',
  print: 'Print',
  back: 'To the plan',
  notWorkedOut: 'The plan is not worked out yet.',
  rod: 'Rod',
  tieOn: 'Tie on',
  how: 'How',
  hours: 'Hours',
  then: 'If not',
  minutes: (n: Shown) => `${n} min`,
  codeOfPlan: 'Code of the plan for a phone',
  line: (line: Shown, reel: Shown) => `${line} on ${reel}`,
  kit: (n: number) => count(n, 'lure'),
  careful: 'Local rules go before this sheet. Thunder, ice and cold water: leave in time.',
  sun: (rise: Shown, set: Shown) => `sun ${rise}–${set}`,
  highLow: (turns: Shown) => `tide ${turns}`,
  high: (at: Shown) => `high ${at}`,
  low: (at: Shown) => `low ${at}`,
} as const

/** app/pages/plan/pack/[id].vue */
export const packPage = {
  packYgrion: (name: Shown) => `${name} · Pack · Ygrion`,
  packing: 'Packing list',
  back: 'To the plan',
  done: (done: Shown, of: Shown) => `${done} of ${of} packed`,
  loose: 'Lying loose',
  rodsReelsLines: 'Rods, reels and lines',
  between: 'Between line and lure',
  jobs: 'This evening',
  short: 'To buy or to tie',
  nothingShort: 'Nothing is short.',
  take: (n: Shown) => `${n} ×`,
  have: (n: Shown) => `you have ${n}`,
  ticked: (name: Shown) => `Packed ${name}`,
  unticked: (name: Shown) => `Took ${name} out of the bag`,
  notWorkedOut: 'The plan is not worked out yet.',
  asTable: 'List as a table',
  careful: 'Hooks through the fingers happen when packing: pliers at hand, points covered.',
} as const

/** The cast, thrown and tuned; lures in their order. */
export { SNAG_LIMIT } from './cast-evaluation'
export { choiceOf, dayOf, isPoor, pairOf, tiedPlaces, type Day, type Pair } from './places'
export { bestDressed, bestOf, bestOfCandidates, rank, rankBehind, rankSteps, type Placed } from './rank'
export { ranksBefore, scoreBreakdown, scoreSetUp, type Ranked } from './score-breakdown'

/** The account: chances of what is offered against what is asked. */
export { SOUND, offerOf, type Offer } from './offer'
export {
  accountOf,
  axisLines,
  axisLog,
  buildOffers,
  colourLines,
  colourLog,
  pointsPerLog,
  practiceLines,
  practiceLog,
  type Offers,
  type ScoreTerm,
} from './score'

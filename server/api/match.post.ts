import { matchWater, rulesFor } from '../../core/match'
import { MatchRequest, completeRequest, matchResponse } from '../utils/match-http'
import { readJson } from '../utils/read-json'

/** Conditions, box and options in; ranking with reasons out. The same core as in the page. */
export default defineEventHandler(async (event) => {
  const { conditions, place, box, options } = await readJson(event, MatchRequest, completeRequest)
  const { sides, limit } = options
  const answer = matchWater(conditions, place, box, { sides, limit, lifts: limit, rules: rulesFor(options) })
  return matchResponse(answer, options.units)
})

import { matchWater } from '../../core/match'
import { completeBox } from '../../core/tackle'
import { MatchRequest, matchResponse } from '../utils/match-http'
import { completed, readJson } from '../utils/read-json'

/** Conditions, box and options in; ranking with reasons out. The same core as in the page. */
export default defineEventHandler(async (event) => {
  const request = await readJson(event, MatchRequest, (raw) => completed(raw, 'box', completeBox))
  const { conditions, place, box, options } = request
  const answer = matchWater(conditions, place, box, {
    schools: options.schools,
    limit: options.limit,
    lifts: options.limit,
  })
  return matchResponse(answer, options.units)
})

import { completeLure } from '../../core/tackle'
import { PathRequest, pathResponse } from '../utils/path-http'
import { completed, readJson } from '../utils/read-json'

/** A dressed lure, its line, cast and retrieve in; its way through the water and its share of the zone out. */
export default defineEventHandler(async (event) =>
  pathResponse(await readJson(event, PathRequest, (raw) => completed(raw, 'lure', completeLure))),
)

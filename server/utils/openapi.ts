import { demoWorld } from '../../core/demo/world'
import { components, refTo, type JsonSchema } from './components'

const EXAMPLE_DAY = '2026-06-12'
/** Enough of the demo's box to show a ranking, little enough to read. */
const EXAMPLE_LURES = 12

/** A clear lake on a June morning, every field in sight. */
const EXAMPLE_WATER = {
  placeId: 'vessamere-north',
  date: EXAMPLE_DAY,
  hour: 9,
  speciesId: 'perch',
  waterTempC: 15,
  visibilityM: 5,
  sky: 'sun',
  windMps: 3,
  currentMps: 0,
  depthM: 6,
  cover: { kind: 'rock', topM: 4, density: 0.3 },
  forage: { kind: 'bleak', lengthM: 0.1 },
  zone: { topM: 3, bottomM: 4.4 },
  mood: 'neutral',
  castM: 32,
  rodTipM: null,
  seasonAs: null,
  lightAs: null,
}

export function exampleMatch() {
  const { box, places } = demoWorld(EXAMPLE_DAY)
  return {
    conditions: EXAMPLE_WATER,
    place: places[0],
    box: { ...box, lures: box.lures.filter((_, i) => i % 5 === 0).slice(0, EXAMPLE_LURES), trays: [], rigs: [] },
    options: { limit: 5 },
  }
}

/** A water alone: place and box are then of the demo. */
const shortMatch = () => {
  const { date, hour, speciesId, waterTempC, visibilityM, sky, windMps, depthM, cover } = EXAMPLE_WATER
  return {
    conditions: { date, hour, speciesId, waterTempC, visibilityM, sky, windMps, depthM, cover },
    options: { limit: 5 },
  }
}

export function examplePath() {
  return {
    lure: demoWorld(EXAMPLE_DAY).box.lures.find((l) => l.family === 'crankbait'),
    line: { diameterM: 0.0003 },
    cast: { castM: 25, rodTipM: 1 },
    work: { technique: 'wind' },
    water: { depthM: 4 },
    zone: { topM: 0.4, bottomM: 1 },
  }
}

const json = (schema: JsonSchema, example?: unknown) => ({
  'application/json': { schema, ...(example !== undefined && { example }) },
})
const refusal = (description: string) => ({ description, content: json(refTo('Refusal')) })

function post(operationId: string, summary: string, request: string, answer: string, example: unknown) {
  return {
    post: {
      operationId,
      summary,
      requestBody: { required: true, content: json(refTo(request), example) },
      responses: {
        200: { description: 'The answer.', content: json(refTo(answer)) },
        400: refusal('Not understood; data.faults lists path and problem of each fault.'),
        408: refusal('The body did not end in time.'),
        413: refusal('Body larger than 16 MB.'),
        415: refusal('Not sent as JSON.'),
        422: refusal('More ways to dress the lures than can be matched at once.'),
        503: refusal('Busy, or the answer took too long; data.retryAfterS says when to ask again.'),
      },
    },
  }
}

/** OpenAPI 3.1: schemas derived from the very ones that check the requests, with examples that work as they stand. */
export function openapi() {
  return {
    openapi: '3.1.0',
    info: {
      title: 'Ygrion',
      version: '0.1.0',
      description:
        'From the water to what to tie on. SI units; temperatures in °C. What a lure or part leaves out (hooks, wire, number, cost, changes …) is filled in as usual for its kind.',
    },
    paths: {
      '/api/match': post(
        'match',
        'Ranks complete set-ups of a box for a water, with reasons. Place, box and the ordinary of a day may be left out.',
        'MatchRequest',
        'MatchAnswer',
        shortMatch(),
      ),
      '/api/path': post(
        'path',
        'The way of a lure through the water and its share of the zone.',
        'PathRequest',
        'PathAnswer',
        examplePath(),
      ),
    },
    components: { schemas: components() },
  }
}

import Parser from '@apidevtools/swagger-parser'
import createClient from 'openapi-fetch'
import openapiTypes, { astToString } from 'openapi-typescript'
import ts from 'typescript'
import { describe, expect, it } from 'vitest'
import { answerTo, type Question } from './utils/answer'
import { ANSWERS, MatchAnswer, PathAnswer, Refusal } from './utils/answer-schemas'
import type { z } from '../core/zod'
import { MatchRequest, matchResponse } from './utils/match-http'
import { PathRequest, pathResponse } from './utils/path-http'
import { exampleMatch, examplePath, openapi } from './utils/openapi'

/** The description as others read it: a validator (swagger-parser) and a maker of clients (openapi-typescript, openapi-fetch) of the registry. */
const text = JSON.stringify(openapi())
const fresh = () => JSON.parse(text)
/** By type too: what can be null is said to be. */
const typed = {
  match: (request: z.output<typeof MatchRequest>): z.output<typeof MatchAnswer> => matchResponse(request),
  path: (request: z.output<typeof PathRequest>): z.output<typeof PathAnswer> => pathResponse(request),
}
const ask = (of: Question['of'], body: unknown) => {
  const answer = answerTo({ of, body: new TextEncoder().encode(JSON.stringify(body)) })
  return { status: answer.status, json: JSON.parse(answer.text) }
}

describe('the description of the API', () => {
  it('is valid OpenAPI 3.1, and small enough to be read', async () => {
    await expect(Parser.validate(fresh())).resolves.toMatchObject({ openapi: '3.1.0' })
    expect(text.length).toBeLessThan(150_000)
  })
  it('says of everything that comes back what it is', () => {
    for (const { post } of Object.values(openapi().paths))
      for (const [status, { content }] of Object.entries(post.responses))
        expect([status, content['application/json'].schema.$ref]).toEqual([
          status,
          expect.stringMatching(/schemas\/\w+$/),
        ])
  })
  it('answers are what it says, field by field', () => {
    const strict = (schema: { strict: () => { parse: (v: unknown) => unknown } }, value: unknown) =>
      expect(() => schema.strict().parse(value)).not.toThrow()
    expect(() => MatchAnswer.parse(typed.match(MatchRequest.parse(exampleMatch())))).not.toThrow()
    expect(() => PathAnswer.parse(typed.path(PathRequest.parse(examplePath())))).not.toThrow()
    const match = ask('match', exampleMatch()).json
    strict(MatchAnswer, match)
    for (const row of match.ranking) {
      strict(ANSWERS.RankedSetUp, row)
      for (const reason of row.reasons) strict(ANSWERS.Reason, reason)
    }
    strict(PathAnswer, ask('path', examplePath()).json)
    const short = {
      ...exampleMatch(),
      box: {
        lures: [
          {
            id: 'x',
            family: 'grub',
            name: 'Soft',
            lengthM: 0.05,
            massKg: 0.004,
            colour: { back: 'white', flank: 'white', belly: 'white', pattern: 'plain' },
            traits: {},
          },
        ],
      },
    }
    strict(MatchAnswer, ask('match', short).json)
  })
  it('refusals are what it says, and name what is not known', () => {
    const { conditions } = exampleMatch()
    const refused = (over: object) => ask('match', { conditions: { ...conditions, ...over } })
    for (const [over, path] of [
      [{ speciesId: 'dragon' }, 'conditions.speciesId'],
      [{ forage: { kind: 'crumbs', lengthM: 0.05 } }, 'conditions.forage.kind'],
    ] as const) {
      const { status, json } = refused(over)
      expect(status).toBe(400)
      expect(Refusal.parse(json).data?.faults).toEqual([
        { path, problem: expect.stringMatching(/^unknown \w+; one of /) },
      ])
    }
  })
  it('asks for no more than must be sent', () => {
    const { schemas } = openapi().components
    const requiredOf = (name: string) => (schemas[name]?.required ?? []) as string[]
    const only = (name: string, from: object) =>
      Object.fromEntries(Object.entries(from).filter(([key]) => requiredOf(name).includes(key)))
    const { conditions, box } = exampleMatch()
    expect(schemas.MatchRequest?.required).toEqual(['conditions'])
    const lures = box.lures.map((lure) => ({ ...only('AnyLure', lure), family: lure.family, traits: lure.traits }))
    const bare = { conditions: only('Conditions', conditions), box: { ...box, lures } }
    const { status, json } = ask('match', bare)
    expect([status, json.data]).toEqual([200, undefined])
    // And nothing less: each of what it asks for is missed.
    for (const key of Object.keys(bare.conditions)) {
      const { [key]: _, ...less } = bare.conditions as Record<string, unknown>
      expect([key, ask('match', { conditions: less }).status]).toEqual([key, 400])
    }
  })
})

describe('a client made from it', () => {
  it('compiles, and asks the match and the path', async () => {
    const made = astToString(await openapiTypes(fresh()))
    const asks = `
      import type { paths } from './made'
      type Body = paths['/api/match']['post']['requestBody']['content']['application/json']
      type Answer = paths['/api/match']['post']['responses'][200]['content']['application/json']
      type Refused = paths['/api/match']['post']['responses'][400]['content']['application/json']
      export const body: Body = { conditions: { date: '2026-06-12', speciesId: 'perch', waterTempC: 15, visibilityM: 3, depthM: 5 } }
      export const first = (answer: Answer): string | undefined => answer.ranking[0]?.lure.name
      export const why = (refused: Refused): string => refused.statusMessage
      // @ts-expect-error a temperature is a figure
      export const wrong: Body = { conditions: { ...body.conditions, waterTempC: 'warm' } }
    `
    const files: Record<string, string> = { 'made.ts': made, 'asks.ts': asks }
    const options = { strict: true, noEmit: true, skipLibCheck: true, types: [], target: ts.ScriptTarget.ES2022 }
    const host = ts.createCompilerHost(options)
    const { readFile, fileExists } = host
    const inMemory = (name: string) => files[name.split('/').at(-1) ?? '']
    host.readFile = (name) => inMemory(name) ?? readFile(name)
    host.fileExists = (name) => inMemory(name) !== undefined || fileExists(name)
    host.getSourceFile = (name, version) => {
      const source = inMemory(name) ?? readFile(name)
      return source === undefined ? undefined : ts.createSourceFile(name, source, version)
    }
    const program = ts.createProgram(Object.keys(files), options, host)
    const faults = ts.getPreEmitDiagnostics(program).map((d) => ts.flattenDiagnosticMessageText(d.messageText, ' '))
    expect(faults).toEqual([])

    const client = createClient<Record<string, never>>({
      baseUrl: 'http://anglers.example',
      fetch: async (request) => {
        const of = new URL(request.url).pathname === '/api/match' ? 'match' : 'path'
        const { status, json } = ask(of, await request.json())
        return Response.json(json, { status })
      },
    })
    const conditions = { date: '2026-06-12', speciesId: 'perch', waterTempC: 15, visibilityM: 3, depthM: 5 }
    const post = client.POST as unknown as (path: string, init: object) => Promise<{ data?: unknown; error?: unknown }>
    const good = await post('/api/match', { body: { conditions } })
    expect(MatchAnswer.parse(good.data).ranking[0]?.lure.name).toBeTruthy()
    const bad = await post('/api/match', { body: { conditions: { ...conditions, depthM: -1 } } })
    expect(Refusal.parse(bad.error).statusCode).toBe(400)
  })
})

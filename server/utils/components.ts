import { Box } from '../../core/box'
import { OwnRule, OwnTechnique } from '../../core/match'
import { Lure, completeBox, completeLure } from '../../core/tackle'
import { z } from '../../core/zod'
import { ANSWERS } from './answer-schemas'
import { MatchRequest, completeRequest } from './match-http'
import { PathRequest } from './path-http'

/** A schema as JSON Schema has it. */
export type JsonSchema = Record<string, unknown>

const AT = '#/components/schemas/'
export const refTo = (name: string) => ({ $ref: `${AT}${name}` })

/** “in-line-spinner” as a name of a component: `InLineSpinner`. */
const pascal = (words: string) =>
  words.replaceAll(/(?:^|-)(\w)/g, (_, letter: string) => letter.toUpperCase()).replaceAll('-', '')
const KINDS: Readonly<Record<string, string>> = { heads: 'LureHead', hooks: 'LooseHook', rigs: 'TiedRig' }
/** What lies in a drawer of the box, by itself. */
const one = (kind: string) => KINDS[kind] ?? pascal(kind.replace(/s$/, ''))

const [firstLure] = Lure.options
const { conditions, place } = MatchRequest.shape
/** What all lures share, by the name of the component in which it stands. */
const COMMON = {
  Colour: firstLure.shape.colour,
  HungHooks: firstLure.shape.hooks.unwrap(),
  Make: firstLure.shape.make.unwrap(),
  Change: firstLure.shape.changes.element,
} as const

function registered() {
  const registry = z.registry<{ id: string }>()
  const all: Record<string, z.ZodType> = {
    MatchRequest,
    PathRequest,
    Conditions: conditions,
    Place: place,
    Box,
    Lure,
    OwnRule,
    OwnTechnique,
    ...COMMON,
  }
  for (const [kind, list] of Object.entries(Box.shape)) if (kind !== 'lures') all[one(kind)] = list.element
  for (const option of Lure.options) all[lureName(option.shape.family.value)] = option
  for (const [id, schema] of Object.entries(all)) registry.add(schema, { id })
  return registry
}
const lureName = (family: string) => `${pascal(family)}Lure`

const AS_COMPONENTS = { uri: (id: string) => `${AT}${id}`, unrepresentable: 'any' } as const
/** Whole numbers have no bound of ours where JavaScript ends. */
const tidy = (text: string) =>
  text.replaceAll(`,"maximum":${Number.MAX_SAFE_INTEGER}`, '').replaceAll(/"\$(?:schema|id)":"[^"]*",/g, '')

/** The shared fields of all lures once, and of each family only its own. */
function shared(schemas: Record<string, JsonSchema>): Record<string, JsonSchema> {
  const names = Lure.options.map((o) => lureName(o.shape.family.value))
  const [first = {}] = names.map((name) => schemas[name] as JsonSchema)
  const fields = first.properties as JsonSchema
  const own = new Set(['family', 'traits'])
  const common = Object.fromEntries(Object.entries(fields).filter(([key]) => !own.has(key)))
  const required = (schema: JsonSchema) => (schema.required ?? []) as string[]
  const families = names.map((name): [string, JsonSchema] => {
    const { properties, required: _, additionalProperties: __, ...rest } = schemas[name] as JsonSchema
    const { family, traits } = properties as JsonSchema
    return [
      name,
      {
        ...rest,
        allOf: [refTo('AnyLure')],
        properties: { family, traits },
        required: [...own],
        unevaluatedProperties: false,
      },
    ]
  })
  return {
    ...schemas,
    AnyLure: { type: 'object', properties: common, required: required(first).filter((key) => !own.has(key)) },
    ...Object.fromEntries(families),
  }
}

/** What a field is where it is left out, in words: makers of clients take a default for a field that must be sent. */
function defaultsSaid(value: unknown): unknown {
  if (Array.isArray(value)) return value.map(defaultsSaid)
  if (typeof value !== 'object' || value === null) return value
  const { default: usual, ...rest } = value as JsonSchema
  const said = usual !== undefined && typeof rest.description !== 'string'
  return {
    ...Object.fromEntries(Object.entries(rest).map(([key, one]) => [key, defaultsSaid(one)])),
    ...(said && { description: `Left out: ${JSON.stringify(usual)}` }),
  }
}

const keysOf = (value: unknown) => new Set(Object.keys(value as object))
/** Fields that an asker may leave out, since they are filled in before anything is judged: told by filling in nothing. */
function filledIn(): Record<string, ReadonlySet<string>> {
  const request = completeRequest({ conditions: {} }) as { conditions: object; box: object }
  const [family] = Lure.options.map((o) => o.shape.family.value)
  const box = completeBox(Object.fromEntries(Object.keys(Box.shape).map((kind) => [kind, [{}]]))) as Record<
    string,
    object[]
  >
  const parts = Object.entries(box).map(([kind, [part]]) => [one(kind), keysOf(part ?? {})] as const)
  return {
    ...Object.fromEntries(parts),
    MatchRequest: new Set([...keysOf(request)].filter((key) => key !== 'conditions')),
    // Open water is as deep as the water.
    Conditions: new Set([...keysOf(request.conditions), 'cover']),
    Box: keysOf(completeBox({})),
    AnyLure: new Set([...keysOf(completeLure({ family }))].filter((key) => key !== 'family')),
  }
}

/** Schemas that ask only for what an asker must send. */
function asSent(schemas: Record<string, JsonSchema>): Record<string, JsonSchema> {
  const filled = filledIn()
  return Object.fromEntries(
    Object.entries(schemas).map(([name, schema]) => {
      const required = (schema.required as string[] | undefined)?.filter((key) => !filled[name]?.has(key))
      return [name, required ? { ...schema, required } : schema]
    }),
  )
}

/** Every schema of the API by name: those that check the requests, as they are sent, and those of the answers. */
export function components(): Record<string, JsonSchema> {
  const answers = z.registry<{ id: string }>()
  for (const [id, schema] of Object.entries(ANSWERS)) answers.add(schema, { id })
  const of = (registry: ReturnType<typeof registered>, io: 'input' | 'output') =>
    JSON.parse(tidy(JSON.stringify(z.toJSONSchema(registry, { ...AS_COMPONENTS, io }).schemas))) as Record<
      string,
      JsonSchema
    >
  return {
    ...(defaultsSaid(asSent(shared(of(registered(), 'input')))) as Record<string, JsonSchema>),
    ...of(answers, 'output'),
  }
}

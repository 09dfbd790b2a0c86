import { z } from '../zod'
import type { RoleId } from '../quantity'

/** A field of a form, read off a schema, so that a new family or part needs no new form. */
export interface Field {
  readonly key: string
  readonly label: string
  readonly kind: 'text' | 'choice' | 'yes-no' | 'measure' | 'number' | 'from'
  readonly options: readonly string[]
  readonly role: RoleId
  /** The drawer it points into. */
  readonly from: string | null
  readonly min: number
  readonly max: number
  /** May be left empty. */
  readonly optional: boolean
  /** What stands for nothing said. */
  readonly empty: null | undefined
  /** What is taken where nothing is said; null where it must be. */
  readonly usual: number | null
}

type Schema = z.core.$ZodType & { meta?: () => Record<string, unknown> | undefined }

/** Anything above nothing, where a schema asks for more than 0. */
const TINY = 1e-5

/** The fields of an object's schema, but for its id. */
export function fieldsOf(shape: Readonly<Record<string, z.core.$ZodType>>): Field[] {
  return Object.entries(shape).flatMap(([key, schema]) => {
    if (key === 'id') return []
    const meta = (schema as Schema).meta?.() ?? {}
    const optional = meta.optional === true
    const usual = schema instanceof z.ZodDefault ? schema._zod.def.defaultValue : null
    const bare =
      schema instanceof z.ZodNullable || schema instanceof z.ZodOptional || schema instanceof z.ZodDefault
        ? schema.unwrap()
        : schema
    const type = bare._zod.def.type
    const limits = bare instanceof z.ZodNumber ? bare : { minValue: null, maxValue: null }
    return [
      {
        key,
        kind: kindOf(meta, type),
        label: String(meta.label ?? key),
        options: bare instanceof z.ZodEnum ? bare.options.map(String) : [],
        role: (meta.role ?? 'depth') as RoleId,
        from: typeof meta.from === 'string' ? meta.from : null,
        min: leastOf(bare, limits.minValue ?? TINY),
        max: limits.maxValue ?? Infinity,
        optional,
        empty: schema instanceof z.ZodOptional ? undefined : null,
        usual: typeof usual === 'number' ? usual : null,
      },
    ]
  })
}

/** What an item says in a field; undefined where it says nothing, by whichever word its schema has for that. */
export const fieldValue = (item: object, { key }: Pick<Field, 'key'>): unknown => Reflect.get(item, key) ?? undefined

/** The least value a schema takes: its minimum, or just above where that itself is refused. */
function leastOf(schema: z.core.$ZodType, least: number): number {
  return z.safeParse(schema, least).success ? least : TINY
}

function kindOf(meta: Record<string, unknown>, type: string): Field['kind'] {
  if (meta.from) return 'from'
  if (type === 'enum') return 'choice'
  if (type === 'boolean') return 'yes-no'
  if (type !== 'number') return 'text'
  return meta.role ? 'measure' : 'number'
}

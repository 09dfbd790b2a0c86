import type { z } from 'zod'
import type { RoleId } from '../../../core/quantity'

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
}

type Schema = z.core.$ZodType & { meta?: () => Record<string, unknown> | undefined }

/** Anything above nothing, where a schema asks for more than 0. */
const TINY = 1e-5

/** The fields of an object's schema, but for its id. */
export function fieldsOf(shape: Readonly<Record<string, z.core.$ZodType>>): Field[] {
  return Object.entries(shape).flatMap(([key, schema]) => {
    if (key === 'id') return []
    const meta = (schema as Schema).meta?.() ?? {}
    const bare = schema as unknown as { options?: string[]; minValue?: number | null; maxValue?: number | null }
    const type = schema._zod.def.type
    const kind: Field['kind'] = meta.from
      ? 'from'
      : type === 'enum'
        ? 'choice'
        : type === 'boolean'
          ? 'yes-no'
          : type !== 'number'
            ? 'text'
            : meta.role
              ? 'measure'
              : 'number'
    return [
      {
        key,
        kind,
        label: String(meta.label ?? key),
        options: bare.options ?? [],
        role: (meta.role ?? 'depth') as RoleId,
        from: typeof meta.from === 'string' ? meta.from : null,
        min: Math.max(bare.minValue ?? 0, TINY),
        max: bare.maxValue ?? Infinity,
      },
    ]
  })
}

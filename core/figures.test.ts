import { readFileSync, readdirSync } from 'node:fs'
import { describe, expect, it } from 'vitest'
import { FIGURE_SCHEMAS } from '../testing/figures'

const TABLES_TEST = readFileSync(new URL('tables.test.ts', import.meta.url), 'utf8')
const DATA = new URL('../data/', import.meta.url)
const files = readdirSync(DATA)
  .filter((name) => name.endsWith('.ts'))
  .map((name) => name.slice(0, -'.ts'.length))
const figures = (
  await Promise.all(
    files.map(async (file) => {
      const exports = (await import(new URL(`${file}.ts`, DATA).href)) as Record<string, unknown>
      return Object.entries(exports).map(([name, value]) => ({ file, name, value }))
    }),
  )
).flat()
/** A name stands in the test of the tables. */
const inTables = (name: string) => new RegExp(`\\b${name}\\b`).test(TABLES_TEST)

describe('every figure of data/ is within its bounds', () => {
  it('each export has a schema, here or among the tables, and each schema its export', () => {
    expect(figures.length).toBeGreaterThan(90)
    const unread = figures.filter(({ file, name }) => !FIGURE_SCHEMAS[file]?.[name] && !inTables(name))
    expect(unread.map(({ file, name }) => `${file}: ${name}`)).toEqual([])
    const known = new Set(figures.map(({ file, name }) => `${file}: ${name}`))
    const orphans = Object.entries(FIGURE_SCHEMAS).flatMap(([file, of]) =>
      Object.keys(of).map((name) => `${file}: ${name}`),
    )
    expect(orphans.filter((o) => !known.has(o))).toEqual([])
  })
  it.each(figures.filter(({ file, name }) => FIGURE_SCHEMAS[file]?.[name]))('$file: $name', ({ file, name, value }) => {
    const issues = FIGURE_SCHEMAS[file]?.[name]?.safeParse(value).error?.issues ?? []
    expect(issues.map((i) => `${i.path.join('.')}: ${i.message}`)).toEqual([])
  })
  it('a figure out of its bounds, or out of its order, is refused', () => {
    const refuses = (file: string, name: string, value: unknown) =>
      expect([file, name, FIGURE_SCHEMAS[file]?.[name]?.safeParse(value).success]).toEqual([file, name, false])
    refuses('advice', 'GIVE_MIN', { least: 24, most: 8 })
    refuses('wear', 'HOOKS_DUE_FISH', { light: 25, medium: 15, heavy: 40 })
    refuses('tackle-limits', 'KNOT', 1.2)
    refuses('tackle-limits', 'LINE_DENSITY', { mono: 1140, fluoro: 178, braid: 970 })
    refuses('gaps', 'DEPTH_BANDS', [{ id: 'surface', name: 'x', fromM: 0.1, toM: Infinity }])
    refuses('bench', 'PLUG_LOADS_KG', [0.03, 0.02])
    refuses('casting', 'CAST_ANGLES_DEG', { usual: 40, intoWind: 44 })
  })
})

import { describe, expect, it } from 'vitest'
import { AXES } from '../data/axes'
import { DOINGS } from '../data/cadences'
import { COLOURS } from '../data/colours'
import { FORAGE } from '../data/forage'
import { HOLDING } from '../data/holding'
import { HOOK_GAPS_MM } from '../data/hook-sizes'
import { CAUTIONS, CHANGES, FEEL, READY, TELLS } from '../data/how-to'
import { JOINTS } from '../data/joints'
import { KNOBS } from '../data/knobs'
import { RIG_TYPES } from '../data/rig-types'
import { RULES as RULE_TABLE } from '../data/rules'
import { OPEN_QUESTIONS } from '../data/open-questions'
import { COLOUR_WORDS } from '../data/sheet-words'
import { SNAG_RATE_BY_COVER, MOUNT_SNAG } from '../data/snags'
import { SPECIES } from '../data/species'
import { FEATURES } from '../data/spots'
import { STANDARD_WEIGHTS } from '../data/standard-weights'
import { THUMB_RULES } from '../data/thumb-rules'
import { TIDE_STATIONS } from '../data/tide-stations'
import { TRAILER_ADDS } from '../data/trailers'
import { FORMER } from '../data/techniques/former'
import { DEMO_LURES } from '../data/demo/lures'
import { DEMO_WATERS } from '../data/demo/places'
import { DEMO_CHANGES, DEMO_USE } from '../data/demo/use'
import { RULES } from './match'
import { FAMILIES, TECHNIQUES, techniqueNamed, techniquesOf } from './tackle'
import { TABLE_SCHEMAS as S, when } from '../testing/tables'
import { COVERS, NUMBER_FEATURES, TEXT_FEATURES } from './water'
import type { z } from './zod'

const ROWS: readonly (readonly [table: string, schema: z.ZodType, rows: readonly unknown[]])[] = [
  ['species', S.species, SPECIES],
  ['forage', S.forage, FORAGE],
  ['axes', S.axes, AXES],
  ['colours', S.colours, COLOURS],
  ['open-questions', S.openQuestions, OPEN_QUESTIONS],
  ['techniques', S.techniques, TECHNIQUES],
  ['rig-types', S.rigWays, RIG_TYPES],
  ['holding', S.holding, HOLDING],
  ['knobs', S.knobs, KNOBS],
  ['how-to: what to feel', S.note, FEEL],
  ['how-to: what to change', S.note, CHANGES],
  ['how-to: what to have ready', S.note, READY],
  ['how-to: cautions', S.note, CAUTIONS],
  ['spots', S.features, FEATURES],
  ['standard-weights', S.standardWeights, STANDARD_WEIGHTS],
  ['thumb-rules', S.thumbRules, THUMB_RULES],
  ['tide-stations', S.tideStations, TIDE_STATIONS],
  ['hook-sizes', S.hookGaps, HOOK_GAPS_MM],
]
const WHOLE: readonly (readonly [table: string, schema: z.ZodType, table: unknown])[] = [
  ['joints', S.joints, JOINTS],
  ['snags by cover', S.shares, SNAG_RATE_BY_COVER],
  ['snags by mount', S.shares, MOUNT_SNAG],
  ['trailers', S.trailerAdds, TRAILER_ADDS],
]
const problems = (schema: z.ZodType, value: unknown) =>
  (schema.safeParse(value).error?.issues ?? []).map((i) => `${i.path.join('.')}: ${i.message}`)

describe('every table of data/ is what its schema says', () => {
  it.each(ROWS)('%s, row by row, each id once', (_, schema, rows) => {
    expect(rows.length).toBeGreaterThan(0)
    expect(rows.flatMap((row) => problems(schema, row).map((p) => [row, p]))).toEqual([])
    const ids = rows.flatMap((row) => (row && typeof row === 'object' && 'id' in row ? [row.id] : []))
    expect(ids.filter((id, i) => ids.indexOf(id) !== i)).toEqual([])
  })
  it.each(WHOLE)('%s', (_, schema, table) => {
    expect(problems(schema, table)).toEqual([])
  })
})

describe('ids that name each other', () => {
  it('conditions of rules name what the water has, and species and forage that there are', () => {
    const names = new Set<string>([...NUMBER_FEATURES, ...TEXT_FEATURES])
    expect(RULES).toHaveLength(RULE_TABLE.length)
    for (const rule of RULES) {
      expect([rule.id, Object.keys(rule.when).filter((name) => !names.has(name))]).toEqual([rule.id, []])
      expect([rule.id, problems(when, rule.when)]).toEqual([rule.id, []])
    }
    for (const { id, when: holds } of HOLDING)
      expect([id, Object.keys(holds).filter((name) => !names.has(name))]).toEqual([id, []])
  })
  it('rules ask on axes that there are, and follow a side of a school that there is', () => {
    const axes = new Set<string>(AXES.map((a) => a.id))
    const sides = new Set<string>(OPEN_QUESTIONS.flatMap((s) => [`${s.id}.${s.first.id}`, `${s.id}.${s.second.id}`]))
    const followed = RULES.flatMap((rule) => (rule.side ? [rule.side] : []))
    expect(followed.length).toBeGreaterThan(10)
    expect(followed.filter((side) => !sides.has(side))).toEqual([])
    const asked = RULES.flatMap((rule) => rule.effects.flatMap((e) => ('axis' in e ? [e.axis] : [])))
    expect(asked.length).toBeGreaterThan(100)
    expect(asked.filter((axis) => !axes.has(axis))).toEqual([])
  })
  it('every family has its techniques, every technique its family, and each former way its technique', () => {
    const families = new Set<string>(FAMILIES.map(({ id }) => id))
    expect([...families].filter((id) => techniquesOf(id).length === 0)).toEqual([])
    expect(TECHNIQUES.flatMap(({ works }) => works.families).filter((id) => !families.has(id))).toEqual([])
    expect(new Set(TECHNIQUES.map(({ id }) => id)).size).toBe(TECHNIQUES.length)
    expect(Object.keys(FORMER).filter((id) => !techniqueNamed(id))).toEqual([])
  })
  it('beats are made of doings; an answer is told for something', () => {
    const doings = new Set<string>(Object.keys(DOINGS))
    const done = TECHNIQUES.flatMap(({ beat = [] }) => beat.map((p) => p.does as string))
    expect(done.length).toBeGreaterThan(30)
    expect(done.filter((does) => !doings.has(does))).toEqual([])
    expect(TELLS.length).toBeGreaterThan(0)
  })
  it('every kind of cover has its snags, every colour its words for sheets', () => {
    expect(Object.keys(SNAG_RATE_BY_COVER).sort()).toEqual([...COVERS].sort())
    const colours = new Set(COLOURS.map((c) => c.id as string))
    expect(Object.keys(COLOUR_WORDS).filter((id) => !colours.has(id))).toEqual([])
  })
  it('the demo speaks of lures, species and forage that there are', () => {
    const names = new Set<string>(DEMO_LURES.map((l) => l.name))
    expect(Object.keys(DEMO_USE).filter((name) => !names.has(name))).toEqual([])
    expect(DEMO_CHANGES.filter(({ name }) => !names.has(name))).toEqual([])
    const waters = Object.values(DEMO_WATERS)
    expect(waters.length).toBeGreaterThan(2)
    for (const { speciesId, forage } of waters) {
      expect(SPECIES.map((s) => s.id as string)).toContain(speciesId)
      expect(FORAGE.map((f) => f.id as string)).toContain(forage)
    }
  })
})

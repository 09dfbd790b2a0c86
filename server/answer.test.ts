import { describe, expect, it } from 'vitest'
import { buildsOf, countBuilds } from '../core/tackle'
import { WORLD } from '../testing/world'
import { answerTo } from './utils/answer'
import { exampleMatch, examplePath } from './utils/openapi'

const ask = (of: 'match' | 'path', body: unknown) => {
  const { status, text } = answerTo({
    of,
    body: new TextEncoder().encode(typeof body === 'string' ? body : JSON.stringify(body)),
  })
  return {
    status,
    json: JSON.parse(text) as { data: { faults: { path: string; problem: string }[]; remedy?: string } },
  }
}

describe('what the server answers', () => {
  it('the examples as they stand', () => {
    expect(ask('match', exampleMatch())).toMatchObject({ status: 200, json: { ranking: { length: 5 } } })
    expect(ask('path', examplePath()).status).toBe(200)
  })
  it.each([
    ['cut short', 'match', '{"conditions":'],
    ['nothing', 'match', ''],
    ['null', 'match', 'null'],
    ['a list', 'path', '[1]'],
    ['brackets without an end', 'match', '['.repeat(100_000)],
    ['a lure of letters', 'path', { ...examplePath(), lure: 'Pirrip' }],
    ['a box of letters', 'match', { ...exampleMatch(), box: 'mine' }],
    ['lures that are no list', 'match', { ...exampleMatch(), box: { lures: 5 } }],
    ['a prototype', 'match', '{"__proto__": {"box": 1}, "constructor": 2}'],
  ] as const)('%s: 400, and where', (_, of, body) => {
    const { status, json } = ask(of, body)
    expect(status).toBe(400)
    expect(json.data.faults.length).toBeGreaterThan(0)
  })
  it('faults stand with their path, and say what is wanted', () => {
    const good = exampleMatch()
    const { json } = ask('match', { ...good, conditions: { ...good.conditions, waterTempC: 400 } })
    expect(json.data.faults).toEqual([{ path: 'conditions.waterTempC', problem: '“400” is too big: 40 or less' }])
  })
  it('a box that can be dressed in too many ways is refused before it is matched, with a remedy', () => {
    const example = exampleMatch()
    const many = <T extends object>(list: readonly T[], n: number) =>
      Array.from({ length: n }, (_, i) => ({ ...list[i % list.length], id: `m${i}` }))
    const { lures, heads, hooks, sinkers } = WORLD.box
    const soft = lures.filter((l) => l.hooks === null)
    const box = {
      ...WORLD.box,
      lures: many(soft, 400),
      heads: many(heads, 800),
      hooks: many(hooks, 800),
      sinkers: many(sinkers, 800),
      rigs: [],
      tests: [],
    }
    const { status, json } = ask('match', { ...example, box })
    expect([status, json.data.remedy]).toEqual([422, expect.stringContaining('fewer heads')])
  })
})

describe('how many ways a box has to dress its lures', () => {
  it('are counted as they are made, and not beyond what was asked', () => {
    const all = WORLD.box.lures.reduce((sum, lure) => sum + buildsOf(lure, WORLD.box).length, 0)
    expect(countBuilds(WORLD.box, Infinity)).toBe(all)
    const some = countBuilds(WORLD.box, 50)
    expect(some).toBeGreaterThan(50)
    expect(some).toBeLessThan(all)
  })
})

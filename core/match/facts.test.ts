import { readFileSync } from 'node:fs'
import { describe, expect, it } from 'vitest'
import { CAUTIONS, CHANGES, FEEL, READY, TELLS } from '../../data/how-to'
import { SCENARIOS } from '../../testing/scenarios'
import { RULES, OPEN_QUESTIONS } from '.'

/** The facts of the trade and where each of them lives. The table is docs/facts.md: this holds it to what is there. */

const SAID = [...FEEL, ...TELLS, ...CHANGES, ...READY, ...CAUTIONS]
const table = readFileSync(new URL('../../docs/facts.md', import.meta.url), 'utf8')
const rows = table.split('\n').flatMap((line) => {
  const cells = line.split('|').map((c) => c.trim())
  return /^\d+$/.test(cells[1] ?? '') ? [{ fact: Number(cells[1]), cells }] : []
})
/** The first 41, and of those that came after them the ones that have a home. */
const FACTS = rows.map((r) => r.fact)
const names = (cell: string | undefined) => [...(cell ?? '').matchAll(/`([^`]+)`/g)].map((m) => m[1] ?? '')

describe('the facts of the trade', () => {
  it('have a row each in docs/facts.md: the first 41, and every later one that a rule stands for', () => {
    expect(FACTS).toEqual([...new Set(FACTS)].sort((a, b) => a - b))
    const asked = [...Array.from({ length: 41 }, (_, i) => i + 1), ...RULES.flatMap((r) => r.facts)]
    expect(asked.filter((fact) => !FACTS.includes(fact))).toEqual([])
  })
  it.each(FACTS)('fact %i lives in a rule, a saying or the physics, and is tested', (fact) => {
    const row = rows.find((r) => r.fact === fact)
    if (!row) throw new Error('no row')
    const [, , what, rules, said, physics, tests, screen] = row.cells
    expect(what?.length).toBeGreaterThan(5)
    expect(names(rules).sort()).toEqual(
      RULES.filter((r) => r.facts.includes(fact))
        .map((r) => r.id)
        .sort(),
    )
    expect(names(said).sort()).toEqual(
      SAID.filter((e) => (e.facts as readonly number[]).includes(fact))
        .map((e) => e.id)
        .sort(),
    )
    expect(names(rules).length + names(said).length + names(physics).length).toBeGreaterThan(0)
    for (const file of [...names(physics), ...names(tests)]) {
      const path = new URL(`../../${file}`, import.meta.url)
      expect(() => readFileSync(path), file).not.toThrow()
    }
    expect(names(tests).length).toBeGreaterThan(0)
    expect(screen?.length).toBeGreaterThan(3)
  })
  it('every rule of the table stands for facts that there are, and every school has rules or a saying', () => {
    for (const rule of RULES) {
      expect([rule.id, rule.facts.length > 0]).toEqual([rule.id, true])
      for (const fact of rule.facts) expect(FACTS).toContain(fact)
    }
    const sides = [...RULES, ...SAID].flatMap((r) => ('side' in r && r.side ? [r.side] : []))
    for (const { id, first, second } of OPEN_QUESTIONS) {
      expect(sides).toContain(`${id}.${first.id}`)
      expect(sides).toContain(`${id}.${second.id}`)
    }
  })
  it('most of them are put to the match in a water of their own', () => {
    const asked = new Set(SCENARIOS.flatMap((s) => s.facts))
    expect(FACTS.filter((f) => asked.has(f)).length).toBeGreaterThanOrEqual(25)
  })
})

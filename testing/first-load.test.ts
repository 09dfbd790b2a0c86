import { mkdtempSync, rmSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { afterAll, describe, expect, it } from 'vitest'
import { BUDGET, firstLoad, overBudget } from '../scripts/first-load'
import { pageFiles, type Manifest } from '../scripts/page-files'

/** A build of a page, a part that it shares with another page, and what every page has. */
const BUILT: Manifest = {
  entry: { file: 'entry.js', isEntry: true, imports: ['base'], css: ['entry.css'] },
  base: { file: 'base.js' },
  'pages/index.vue': { file: 'index.js', imports: ['base', 'shared', 'entry'], css: ['index.css'] },
  'pages/box.vue': { file: 'box.js', imports: ['shared'] },
  // Two that import each other, as built files may.
  shared: { file: 'shared.js', imports: ['round'], css: ['shared.css'] },
  round: { file: 'round.js', imports: ['shared'] },
  worker: { file: 'match.worker-1.js' },
}
const PAGES = [
  { path: '/', file: 'pages/index.vue' },
  { path: '/box', file: 'pages/box.vue' },
]

const folder = mkdtempSync(join(tmpdir(), 'ygrion-built-'))
afterAll(() => rmSync(folder, { recursive: true }))
const KB = 1024
const SIZES = { 'entry.js': 4, 'entry.css': 1, 'base.js': 2, 'index.js': 3, 'index.css': 1, 'shared.js': 2 }
for (const [name, kb] of Object.entries({
  ...SIZES,
  'shared.css': 1,
  'round.js': 1,
  'match.worker-1.js': 5,
  'box.js': 9,
}))
  writeFileSync(join(folder, name), Buffer.alloc(kb * KB))

describe('what a page asks for', () => {
  it('is what it imports, and what that imports, each once, but for what every page has', () => {
    expect(pageFiles(BUILT, PAGES)).toEqual({
      '/': ['index.js', 'index.css', 'shared.js', 'shared.css', 'round.js'],
      '/box': ['box.js', 'shared.js', 'shared.css', 'round.js'],
    })
  })
})

describe('the first load', () => {
  const files = pageFiles(BUILT, PAGES)['/'] ?? []
  it('is all of the match and its worker, and nothing of other pages', () => {
    expect(firstLoad(BUILT, files, folder)).toEqual({ entryKb: 4, allKb: 20 })
  })
  it('counts a file as it is sent: compressed where it is', () => {
    writeFileSync(join(folder, 'entry.js.br'), Buffer.alloc(KB))
    expect(firstLoad(BUILT, files, folder)).toEqual({ entryKb: 1, allKb: 17 })
  })
  it('says what is over its budget, and nothing of what is not', () => {
    expect(overBudget(BUDGET)).toBe('')
    expect(overBudget({ ...BUDGET, entryKb: BUDGET.entryKb + 1 })).toMatch(/^entryKb is \d+, and at most \d+/)
    expect(overBudget({ entryKb: 1e4, allKb: 1e4 })).toMatch(/entryKb.*allKb/)
  })
})

/** Names that the vocabulary retires, and casts of a cast, in every file that is compiled: `npm run names`. Says each place, and ends with 1 where there is one. */
import { readFileSync } from 'node:fs'
import { execFileSync } from 'node:child_process'
import { join } from 'node:path'
import ts from 'typescript'
import { ROOT } from './setup.mjs'
import { retiredWords } from './retired-words.mjs'

const retired = new Set(retiredWords())
/** Where names of earlier versions are read. */
const READS_EARLIER = /(?:^core\/exchange\/from-5\.ts|\.test\.ts|^e2e\/.*)$/

/** @param {string} path */
function sourceOf(path) {
  const text = readFileSync(join(ROOT, path), 'utf8')
  if (!path.endsWith('.vue')) return text
  // Lines before a script stay, so that places are those of the file.
  const script = /<script[^>]*>([\s\S]*?)<\/script>/.exec(text)
  return script ? '\n'.repeat(text.slice(0, script.index).split('\n').length - 1) + (script[1] ?? '') : ''
}

/** @param {string} path */
export function faultsOf(path) {
  const file = ts.createSourceFile(path, sourceOf(path), ts.ScriptTarget.Latest)
  /** @type {string[]} */
  const found = []
  /** @param {ts.Node} node @param {string} what */
  const tell = (node, what) => {
    const { line } = file.getLineAndCharacterOfPosition(node.getStart(file))
    found.push(`${path}:${line + 1}  ${what}`)
  }
  /** @param {ts.Node} node */
  const look = (node) => {
    if (ts.isIdentifier(node) && retired.has(node.text))
      tell(node, `“${node.text}” is a retired word: docs/vocabulary.md has the one for it`)
    if (ts.isAsExpression(node) && ts.isAsExpression(node.expression))
      tell(node, 'a cast of a cast hides the type: use a typed lookup')
    ts.forEachChild(node, look)
  }
  look(file)
  return found
}

const files = execFileSync('git', ['ls-files', '-co', '--exclude-standard', '*.ts', '*.vue'], {
  cwd: ROOT,
  encoding: 'utf8',
})
  .split('\n')
  .filter((path) => path && !READS_EARLIER.test(path))
const faults = files.flatMap(faultsOf)
for (const fault of faults) console.log(fault)
process.exit(faults.length > 0 ? 1 : 0)

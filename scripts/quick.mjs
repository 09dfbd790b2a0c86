/**
 * What a change touches, for the inner loop: `npm run quick [since]`. Lint, names, format and types of what was changed since a commit (HEAD, if none is named), and
 * the tests that import it, the shortest first, as many as fit into a minute; those left out are named.
 */
import { execFileSync, spawn } from 'node:child_process'
import { join } from 'node:path'
import { secondsOf } from './longest-first.mjs'
import { ROOT, run } from './setup.mjs'

/** Seconds of tests, of both cores together; what loading a file costs beside them. */
const BUDGET_S = 60
const LOADING_S = 1.2

/** @param {string[]} args */
const git = (...args) => execFileSync('git', args, { cwd: ROOT, encoding: 'utf8' }).split('\n').filter(Boolean)
const since = process.argv[2] ?? 'HEAD'
const changed = [
  ...new Set([...git('diff', '--name-only', '--diff-filter=d', since), ...git('ls-files', '-o', '--exclude-standard')]),
]
const code = changed.filter((path) => /\.(?:ts|vue|mjs)$/.test(path))
const page = code.filter((path) => path.startsWith('app/'))
if (code.length === 0) {
  console.log(`No code was changed since ${since}.`)
  process.exit(0)
}
console.log(`${code.length} files changed since ${since}`)

/** @type {string[]} */
const failed = []
/** @param {string} name @param {string} command @param {string[]} args */
function check(name, command, args) {
  if (run(command, args) !== 0) failed.push(name)
}
check('lint', 'npx', ['oxlint', '-c', 'oxlint.config.mjs', '--deny-warnings', '--quiet', ...code])
check('names', 'node', ['scripts/names.mjs'])
check('format', 'npx', ['oxfmt', '--check', ...code])

// The page's types take longest: beside everything else.
const pageTypes =
  page.length === 0
    ? Promise.resolve(0)
    : new Promise((resolve) => {
        const cache = join(ROOT, 'node_modules/.cache/page.tsbuildinfo')
        const args = ['vue-tsc', '-p', 'tsconfig.page.json', '--noEmit', '--incremental', '--tsBuildInfoFile', cache]
        spawn('npx', args, { cwd: ROOT, stdio: 'inherit' }).on('close', resolve)
      })
if (page.length > 0) check('lint of the page', 'npx', ['eslint', '--max-warnings', '0', '--no-warn-ignored', ...page])
if (page.length < code.length) check('types', 'node', ['scripts/types.mjs'])

const related = JSON.parse(
  execFileSync('npx', ['vitest', 'list', '--filesOnly', '--json', '--changed', since], {
    cwd: ROOT,
    encoding: 'utf8',
    stdio: ['ignore', 'pipe', 'ignore'],
  }) || '[]',
).map((/** @type {{ file: string }} */ { file }) => file.replace(ROOT, ''))
related.sort((/** @type {string} */ a, /** @type {string} */ b) => secondsOf(a) - secondsOf(b))
let seconds = 0
const now = related.filter((/** @type {string} */ path) => (seconds += secondsOf(path) + LOADING_S) <= BUDGET_S)
const later = related.slice(now.length)
if (now.length > 0) check('tests', 'npx', ['vitest', 'run', '--reporter=default', '--silent', ...now])
if ((await pageTypes) !== 0) failed.push('types of the page')
if (later.length > 0) console.log(`\nLeft for npm test: ${later.join(', ')}`)
console.log(
  failed.length > 0
    ? `\nFailed: ${failed.join(', ')}`
    : `\nAll well: ${now.length} files of tests, ${later.length} left out`,
)
process.exit(failed.length > 0 ? 1 : 0)

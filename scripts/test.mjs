/** Everything that is checked, in one command: types, lint, unit tests, build, browser tests. Ends with one plain line of counts. */
import { spawn } from 'node:child_process'
import { existsSync, mkdtempSync, readFileSync, readdirSync, rmSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join, relative } from 'node:path'
import { ROOT, ensureBrowser, ensurePackages, run } from './setup.mjs'

let passed = 0
let failed = 0
/** What failed, with what it said: told again at the very end, where a record that keeps only a part of the output keeps it too. @type {string[]} */
const failures = []
/** Where the time went, step by step: printed at the end. @type {string[]} */
const took = []
let since = performance.now()
/** How long each file of tests took, s. @type {[path: string, seconds: number][]} */
const files = []
/** A file of tests that takes longer is told: it is to be cut, or its long part to go to `npm run honest`. */
const BUDGET_S = 20
/** @param {string} name */
function mark(name) {
  const now = performance.now()
  took.push(`${name} ${Math.round((now - since) / 1000)}`)
  since = now
}
const out = mkdtempSync(join(tmpdir(), 'ygrion-test-'))

/**
 * @param {string} name
 * @param {boolean} ok
 */
function count(name, ok) {
  if (ok) passed += 1
  else {
    failed += 1
    failures.push(name)
  }
  console.log(`${ok ? 'ok    ' : 'FAILED'}  ${name}`)
}
/**
 * @param {string} name
 * @param {string} command
 * @param {readonly string[]} args
 */
function step(name, command, args) {
  console.log(`\n— ${name}`)
  const ok = run(command, args) === 0
  count(name, ok)
  return ok
}
/** So many checks run at once: one for each core. */
const AT_ONCE = 2

/**
 * Checks that each keep about one core busy, two at a time, the longest first; what each says is printed when it ends.
 * @param {readonly (readonly [name: string, command: string, args: readonly string[]])[]} checks
 */
async function together(checks) {
  const waiting = [...checks]
  const oneAfterAnother = async () => {
    for (let next = waiting.shift(); next; next = waiting.shift()) {
      const [name, command, args] = next
      const from = performance.now()
      const { said, ok } = await heard(command, args)
      console.log(`\n— ${name}, ${Math.round((performance.now() - from) / 1000)} s\n${said.trim()}`)
      count(name, ok)
    }
  }
  await Promise.all(Array.from({ length: AT_ONCE }, oneAfterAnother))
}

/**
 * @param {string} command
 * @param {readonly string[]} args
 * @returns {Promise<{ said: string, ok: boolean }>}
 */
const heard = (command, args) =>
  new Promise((resolve) => {
    const child = spawn(command, args, { cwd: ROOT, env: { ...process.env, NUXT_TELEMETRY_DISABLED: '1' } })
    let said = ''
    for (const stream of [child.stdout, child.stderr]) stream.on('data', (part) => (said += part))
    child.on('error', (error) => resolve({ said: error.message, ok: false }))
    child.on('close', (code) => resolve({ said, ok: code === 0 }))
  })

/**
 * Counts from a JSON report, and the names of what failed; a report that is missing counts as one failure.
 * @template Report
 * @param {string} file
 * @param {(report: Report) => [passed: number, failed: string[]]} read what passed, and what failed with what it said
 */
function counted(file, read) {
  try {
    const [good, bad] = read(JSON.parse(readFileSync(file, 'utf8')))
    passed += good
    failed += bad.length
    failures.push(...bad)
    if (good + bad.length === 0) count(`tests in ${file}`, false)
  } catch (error) {
    count(`report ${file}: ${messageOf(error)}`, false)
  }
}

/** Pages as they stood when a browser test failed: where it ran on another machine, nothing else is left of them. */
function tellPages() {
  const folder = join(ROOT, 'test-results')
  if (!existsSync(folder)) return
  for (const name of readdirSync(folder, { recursive: true, encoding: 'utf8' }))
    if (name.endsWith('error-context.md'))
      console.log(`\n— ${name}\n${readFileSync(join(folder, name), 'utf8').slice(0, 6000)}`)
}

/**
 * What failed in one file of unit tests: each test, or the file itself where it could not be read.
 * @typedef {{ name: string, status: string, message: string, startTime: number, endTime: number, assertionResults: { fullName: string, status: string, failureMessages: string[] }[] }} UnitFile
 * @typedef {{ numPassedTests: number, testResults: UnitFile[] }} UnitReport
 * @param {UnitFile} file
 */
function unitFailures(file) {
  const tests = file.assertionResults.filter((test) => test.status === 'failed')
  const where = relative(ROOT, file.name)
  if (tests.length === 0) return file.status === 'failed' ? [`${where}: ${file.message}`] : []
  return tests.map((test) => `${where} › ${test.fullName}\n${test.failureMessages.join('\n').slice(0, 1500)}`)
}

/**
 * What failed among the browser tests; a test that fails again at its second try stands here once.
 * @typedef {{ title: string, file: string, specs?: { title: string, tests: { status: string, results: { duration: number }[] }[] }[], suites?: Suite[] }} Suite
 * @param {Suite} suite
 * @returns {string[]}
 */
function browserFailures(suite) {
  const here = (suite.specs ?? []).flatMap((spec) =>
    spec.tests.filter((test) => test.status === 'unexpected').map(() => `${suite.file} › ${spec.title}`),
  )
  return [...here, ...(suite.suites ?? []).flatMap(browserFailures)]
}

/**
 * Seconds of the tests of a browser suite, one after another.
 * @param {Suite} suite
 * @returns {number}
 */
function secondsIn(suite) {
  const own = (suite.specs ?? []).flatMap((spec) => spec.tests.flatMap(({ results }) => results.map((r) => r.duration)))
  return own.reduce((sum, ms) => sum + ms / 1000, 0) + (suite.suites ?? []).reduce((sum, s) => sum + secondsIn(s), 0)
}

/** The twenty files that took longest, and which are over their budget. */
function tellSlowest() {
  files.sort((a, b) => b[1] - a[1])
  console.log('\nThe slowest files of tests:')
  for (const [path, seconds] of files.slice(0, 20))
    console.log(
      `${seconds.toFixed(1).padStart(7)} s  ${path}${seconds > BUDGET_S ? `  OVER ITS BUDGET of ${BUDGET_S} s` : ''}`,
    )
}

/** Keeps what each file took, so that the longest start first next time. */
function writeSeconds() {
  const kept = files
    .filter(([path, seconds]) => seconds >= 0.5 && !path.startsWith('e2e/'))
    .sort(([a], [b]) => (a < b ? -1 : 1))
  const rounded = Object.fromEntries(kept.map(([path, seconds]) => [path, Math.round(seconds * 10) / 10]))
  writeFileSync(new URL('test-seconds.json', import.meta.url), `${JSON.stringify(rounded, null, 2)}\n`)
}

/** @param {unknown} error */
function messageOf(error) {
  return error instanceof Error ? error.message : String(error)
}

try {
  ensurePackages()
  ensureBrowser()
  mark('packages')
  step('prepare', 'npx', ['nuxt', 'prepare', '--logLevel', 'silent'])
  await together([
    ['types of the page', 'npm', ['run', '--silent', 'types:page']],
    ['build', 'node', ['scripts/build.mjs']],
    ['types', 'npm', ['run', '--silent', 'types:plain']],
    ['lint of the page', 'npx', ['eslint', 'app', '--max-warnings', '0']],
    ['unused', 'npx', ['knip', '--no-progress']],
    ['styles', 'npx', ['stylelint', 'app/**/*.{vue,css}']],
    ['names', 'node', ['scripts/names.mjs']],
    ['lint', 'npx', ['oxlint', '-c', 'oxlint.config.mjs', '--deny-warnings']],
    ['format', 'npx', ['oxfmt', '--check', '.']],
  ])

  mark('checks and build')

  // One project after another: together they load every module once more for each (measured: 148 s against 106 s).
  for (const project of ['core', 'app', 'screens']) {
    console.log(`\n— unit tests: ${project}`)
    const unit = join(out, `${project}.json`)
    run('npx', [
      'vitest',
      'run',
      '--project',
      project,
      '--reporter=default',
      '--reporter=json',
      `--outputFile.json=${unit}`,
    ])
    counted(unit, (/** @type {UnitReport} */ r) => {
      for (const { name, startTime, endTime } of r.testResults)
        files.push([relative(ROOT, name), (endTime - startTime) / 1000])
      return [r.numPassedTests, r.testResults.flatMap(unitFailures)]
    })
    mark(`unit tests: ${project}`)
  }

  console.log('\n— browser tests')
  const e2e = join(out, 'e2e.json')
  run('npx', ['playwright', 'test', '--reporter=list,json'], { env: { PLAYWRIGHT_JSON_OUTPUT_NAME: e2e } })
  counted(e2e, (/** @type {{ stats: { expected: number, flaky: number }, suites: Suite[] }} */ r) => {
    const { expected, flaky } = r.stats
    if (flaky > 0) console.log(`\n${flaky} passed at the second try only; their pages stand below`)
    for (const suite of r.suites) files.push([`e2e/${suite.file}`, secondsIn(suite)])
    return [expected + flaky, r.suites.flatMap(browserFailures)]
  })
  tellPages()
  mark('browser tests')
} catch (error) {
  count(messageOf(error), false)
} finally {
  rmSync(out, { recursive: true, force: true })
}
tellSlowest()
if (process.argv.includes('--write-seconds')) writeSeconds()
console.log(`\nSeconds: ${took.join(' · ')}`)
if (failures.length > 0) console.log(`\nWhat failed:\n\n${failures.join('\n\n')}`)
console.log(`\n${passed} passed, ${failed} failed`)
process.exit(failed === 0 ? 0 : 1)

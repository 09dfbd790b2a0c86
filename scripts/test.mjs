/** Everything that is checked, in one command: types, lint, unit tests, build, browser tests. Ends with one plain line of counts. */
import { spawn } from 'node:child_process'
import { existsSync, mkdtempSync, readFileSync, readdirSync, rmSync } from 'node:fs'
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
/**
 * Checks that each keep one core busy, side by side; what they say is printed in their order.
 * @param {readonly (readonly [name: string, command: string, args: readonly string[]])[]} checks
 */
async function together(checks) {
  const done = await Promise.all(
    checks.map(
      ([name, command, args]) =>
        /** @type {Promise<{ name: string, said: string, ok: boolean }>} */
        (
          new Promise((resolve) => {
            const child = spawn(command, args, { cwd: ROOT, env: { ...process.env, NUXT_TELEMETRY_DISABLED: '1' } })
            let said = ''
            for (const stream of [child.stdout, child.stderr]) stream.on('data', (part) => (said += part))
            child.on('error', (error) => resolve({ name, said: error.message, ok: false }))
            child.on('close', (code) => resolve({ name, said, ok: code === 0 }))
          })
        ),
    ),
  )
  for (const { name, said, ok } of done) {
    console.log(`\n— ${name}\n${said.trim()}`)
    count(name, ok)
  }
}
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
 * @typedef {{ name: string, status: string, message: string, assertionResults: { fullName: string, status: string, failureMessages: string[] }[] }} UnitFile
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
 * @typedef {{ title: string, file: string, specs?: { title: string, tests: { status: string }[] }[], suites?: Suite[] }} Suite
 * @param {Suite} suite
 * @returns {string[]}
 */
function browserFailures(suite) {
  const here = (suite.specs ?? []).flatMap((spec) =>
    spec.tests.filter((test) => test.status === 'unexpected').map(() => `${suite.file} › ${spec.title}`),
  )
  return [...here, ...(suite.suites ?? []).flatMap(browserFailures)]
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
    ['types', 'npm', ['run', '--silent', 'types']],
    ['lint', 'npx', ['eslint', '.', '--max-warnings', '0']],
    ['styles', 'npx', ['stylelint', 'app/**/*.{vue,css}']],
    ['unused', 'npx', ['knip', '--no-progress']],
    ['format', 'npx', ['prettier', '--check', '--log-level', 'warn', '.']],
    // It keeps one core busy for as long as all the others together.
    ['build', 'node', ['scripts/build.mjs']],
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
    counted(unit, (/** @type {UnitReport} */ r) => [r.numPassedTests, r.testResults.flatMap(unitFailures)])
    mark(`unit tests: ${project}`)
  }

  console.log('\n— browser tests')
  const e2e = join(out, 'e2e.json')
  run('npx', ['playwright', 'test', '--reporter=list,json'], { env: { PLAYWRIGHT_JSON_OUTPUT_NAME: e2e } })
  counted(e2e, (/** @type {{ stats: { expected: number, flaky: number }, suites: Suite[] }} */ r) => {
    const { expected, flaky } = r.stats
    if (flaky > 0) console.log(`\n${flaky} passed at the second try only; their pages stand below`)
    return [expected + flaky, r.suites.flatMap(browserFailures)]
  })
  tellPages()
  mark('browser tests')
} catch (error) {
  count(messageOf(error), false)
} finally {
  rmSync(out, { recursive: true, force: true })
}
console.log(`\nSeconds: ${took.join(' · ')}`)
if (failures.length > 0) console.log(`\nWhat failed:\n\n${failures.join('\n\n')}`)
console.log(`\n${passed} passed, ${failed} failed`)
process.exit(failed === 0 ? 0 : 1)

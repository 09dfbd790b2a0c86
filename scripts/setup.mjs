/** What a fresh machine lacks, put in place: packages by the lock file, and a browser for the tests. */
import { execSync, spawnSync } from 'node:child_process'
import { createHash } from 'node:crypto'
import { existsSync, readFileSync, statSync, writeFileSync, readdirSync } from 'node:fs'
import { join } from 'node:path'

export const ROOT = new URL('..', import.meta.url).pathname
const STAMP = join(ROOT, 'node_modules/.ygrion-lock')
/** Debian's Chromium without its windows: the same engine for a fifth less work (docs/decisions.md). */
export const CHROMIUM = '/usr/bin/chromium-headless-shell'
/** What a test's browser leaves out. One thread for its script engine: short-lived pages gain nothing from code optimised beside them. */
export const BROWSER_ARGS = [
  '--no-sandbox',
  '--disable-gpu',
  '--disable-quic',
  '--no-first-run',
  '--disable-background-networking',
  '--disable-component-update',
  '--disable-sync',
  '--js-flags=--single-threaded',
]

/**
 * Runs a command to its end, its output where ours goes.
 * @param {string} command
 * @param {readonly string[]} args
 * @param {{ env?: NodeJS.ProcessEnv }} options
 */
export function run(command, args, options = {}) {
  const env = { ...process.env, NUXT_TELEMETRY_DISABLED: '1', ...options.env }
  return spawnSync(command, args, { cwd: ROOT, stdio: 'inherit', ...options, env }).status ?? 1
}

/** Installs by the lock, once: nothing is fetched while the lock stays the same. */
export function ensurePackages() {
  const wanted = createHash('sha256')
    .update(readFileSync(join(ROOT, 'package-lock.json')))
    .digest('hex')
  if (existsSync(STAMP) && readFileSync(STAMP, 'utf8') === wanted) return
  console.log('Installing packages …')
  if (run('npm', ['ci', '--no-audit', '--no-fund']) !== 0) {
    throw new Error('npm ci failed: is the package registry reachable? It is needed once, for the first install.')
  }
  writeFileSync(STAMP, wanted)
}

export function ensureBrowser() {
  if (existsSync(CHROMIUM)) return
  console.log('Installing a browser for the tests …')
  const sudo = process.getuid?.() === 0 ? '' : 'sudo '
  execSync(
    `${sudo}apt-get update -qq && ${sudo}apt-get install -y -qq --no-install-recommends chromium-headless-shell`,
    {
      stdio: 'inherit',
    },
  )
}

/**
 * Newest change among the sources of the build.
 * @param {string} folder
 */
function newestSource(folder) {
  let newest = 0
  for (const entry of readdirSync(join(ROOT, folder), { withFileTypes: true, recursive: true })) {
    if (entry.isFile()) newest = Math.max(newest, statSync(join(entry.parentPath, entry.name)).mtimeMs)
  }
  return newest
}

/** Builds when there is no build or the sources are newer. */
export function ensureBuild() {
  const built = join(ROOT, '.output/server/index.mjs')
  const sources = ['app', 'core', 'data', 'words', 'storage', 'server', 'public'].map(newestSource)
  const own = ['nuxt.config.ts', 'package-lock.json'].map((file) => statSync(join(ROOT, file)).mtimeMs)
  if (existsSync(built) && statSync(built).mtimeMs > Math.max(...sources, ...own)) return
  console.log('Building …')
  if (run('npx', ['nuxt', 'build', '--logLevel', 'silent']) !== 0)
    throw new Error('The build failed; see the lines above.')
}

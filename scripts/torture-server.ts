/** The server under more than it can do: heavy boxes, floods, streams without an end, askers who leave. Says what it found; `failed` counts what must not be. */
import { spawn } from 'node:child_process'
import { once } from 'node:events'
import { request as httpRequest } from 'node:http'
import { join } from 'node:path'
import { setTimeout as wait } from 'node:timers/promises'
import { Worker } from 'node:worker_threads'
import { exampleMatch } from '../server/utils/openapi'
import { ROOT } from './setup.mjs'

const PORT = 4467
const AT = `http://127.0.0.1:${PORT}`
/** Longest that health may take while others ask, ms; most memory of the whole process, MB; and the longest wait for any answer, ms. */
const HEALTH_MS = 200
const MOST_MB = 600
const ANSWER_MS = 60_000

/** Asks for the health ten times a second from a thread of its own, until it is told that it is enough. */
const WATCH = `
const { parentPort, workerData } = require('node:worker_threads')
let [ms, mb, times, on] = [0, 0, 0, true]
parentPort.once('message', () => (on = false))
;(async () => {
  while (on) {
    const since = performance.now()
    const { memoryMb } = await (await fetch(workerData)).json()
    ms = Math.max(ms, performance.now() - since)
    mb = Math.max(mb, memoryMb)
    times += 1
    await new Promise((resolve) => setTimeout(resolve, 100))
  }
  parentPort.postMessage({ ms, mb, times })
})()
`

export interface Finding {
  readonly what: string
  readonly found: string
  readonly ok: boolean
}

/** A box that can be dressed in more ways than anyone could judge. */
function heavyBody(lures: number, parts: number): string {
  const example = exampleMatch()
  const { box } = example
  const many = <T extends { id: string }>(list: readonly T[], n: number) =>
    Array.from({ length: n }, (_, i) => ({ ...list[i % list.length], id: `m${i}` }))
  const soft = box.lures.filter((l) => 'softness' in l.traits || l.hooks === null)
  return JSON.stringify({
    ...example,
    box: {
      ...box,
      lures: many(soft.length > 0 ? soft : box.lures, lures),
      heads: many(box.heads, parts),
      hooks: many(box.hooks, parts),
      sinkers: many(box.sinkers, parts),
      trailers: many(box.trailers, parts),
      rigs: [],
      tests: [],
    },
  })
}

const post = (path: string, body: string, type = 'application/json') =>
  fetch(`${AT}${path}`, {
    method: 'POST',
    body,
    headers: { 'content-type': type },
    signal: AbortSignal.timeout(ANSWER_MS),
  }).then(async (r) => ({ status: r.status, text: await r.text(), headers: r.headers }))

async function healthMs(): Promise<{ ms: number; mb: number }> {
  const since = performance.now()
  const { memoryMb } = (await (await fetch(`${AT}/api/health`)).json()) as { memoryMb: number }
  return { ms: performance.now() - since, mb: memoryMb }
}

/** Bytes without an end, without saying how many: how many are taken before the server hangs up. */
async function endlessBody(): Promise<{ status: number; sentMb: number }> {
  const request = httpRequest(`${AT}/api/match`, { method: 'POST', headers: { 'content-type': 'application/json' } })
  let sent = 0
  const status = new Promise<number>((resolve) => {
    request.on('response', (r) => resolve(r.statusCode ?? 0))
    request.on('error', () => resolve(0))
  })
  let answered = 0
  void status.then((s) => (answered = s || -1))
  const piece = Buffer.alloc(1_000_000, 32)
  while (answered === 0 && sent < 400) {
    sent += 1
    if (!request.write(piece)) await Promise.race([once(request, 'drain').catch(() => undefined), wait(2000)])
    await wait(1)
  }
  request.destroy()
  return { status: await status, sentMb: sent }
}

async function run(): Promise<Finding[]> {
  const found: Finding[] = []
  const tell = (what: string, text: string, ok: boolean) => found.push({ what, found: text, ok })
  const small = JSON.stringify(exampleMatch())
  const tooHeavy = heavyBody(400, 1500)
  const heavy = heavyBody(300, 30)
  const good = await post('/api/match', small)
  tell('an ordinary question', `${good.status}`, good.status === 200)

  const watch = new Worker(WATCH, { eval: true, workerData: `${AT}/api/health` })
  const watched = new Promise<{ ms: number; mb: number; times: number }>((resolve) => watch.on('message', resolve))
  const statuses = new Map<number, number>()
  const took: number[] = []
  const AT_ONCE = 25
  const rounds = [...Array<string>(5).fill(tooHeavy), ...Array<string>(3).fill(heavy)]
  for (const body of rounds)
    await Promise.all(
      Array.from({ length: AT_ONCE }, async () => {
        const since = performance.now()
        const { status } = await post('/api/match', body).catch(() => ({ status: 0 }))
        took.push(performance.now() - since)
        statuses.set(status, (statuses.get(status) ?? 0) + 1)
      }),
    )
  watch.postMessage('enough')
  const health = await watched
  const answered = [...statuses.keys()].every((s) => [200, 422, 503].includes(s))
  tell(
    `${rounds.length * AT_ONCE} heavy questions of ${(heavy.length / 1e6).toFixed(1)} and ${(tooHeavy.length / 1e6).toFixed(1)} MB`,
    `answers ${[...statuses].map(([s, n]) => `${s}: ${n}`).join(', ')}; slowest ${Math.round(Math.max(...took))} ms`,
    answered,
  )
  tell('health meanwhile', `${health.times} times, slowest ${Math.round(health.ms)} ms`, health.ms < HEALTH_MS)
  tell('memory meanwhile', `at most ${health.mb} MB`, health.mb < MOST_MB)
  const after = await post('/api/match', small)
  tell('an ordinary question afterwards', `${after.status}`, after.status === 200)

  const endless = await endlessBody()
  tell('a body without an end', `${endless.status} after ${endless.sentMb} MB`, endless.status === 413)

  const leave = new AbortController()
  const left = fetch(`${AT}/api/match`, {
    method: 'POST',
    body: small,
    headers: { 'content-type': 'application/json' },
    signal: leave.signal,
  }).catch(() => null)
  await wait(30)
  leave.abort()
  await left
  const since = await healthMs()
  tell('an asker who leaves', `health ${Math.round(since.ms)} ms`, since.ms < HEALTH_MS)

  for (const [what, answer, status] of [
    ['not JSON', post('/api/match', '{"conditions":'), 400],
    ['brackets, 100,000 deep', post('/api/match', '['.repeat(100_000)), 400],
    ['null', post('/api/match', 'null'), 400],
    ['a list', post('/api/path', '[1, 2]'), 400],
    ['a prototype', post('/api/match', '{"__proto__": {"box": 1}, "conditions": {"date": 5}}'), 400],
    ['conditions of letters', post('/api/match', '{"conditions": "cold"}'), 400],
    ['a date that is none', post('/api/match', '{"conditions": {"date": "soon", "depthM": "deep"}}'), 400],
    ['a lure of letters', post('/api/path', '{"lure": "Pirrip"}'), 400],
    ['plain text', post('/api/match', small, 'text/plain'), 415],
    ['no type', post('/api/match', small, ''), 415],
    ['an unknown path', fetch(`${AT}/api/none`), 404],
    ['a wrong method', fetch(`${AT}/api/match`), 405],
    ['another wrong method', fetch(`${AT}/api/health`, { method: 'DELETE' }), 405],
    ['a scale without a label', fetch(`${AT}/api/simulators/scale`), 400],
  ] as const) {
    const got = await answer
    const text = 'text' in got && typeof got.text === 'string' ? got.text : await (got as Response).text()
    const json = (() => {
      try {
        return typeof JSON.parse(text) === 'object'
      } catch {
        return false
      }
    })()
    tell(what, `${got.status}${json ? ', JSON' : ', no JSON'}`, got.status === status && json)
  }
  const page = await fetch(`${AT}/`)
  await page.text()
  const wanted = [
    'content-security-policy',
    'x-content-type-options',
    'referrer-policy',
    'permissions-policy',
    'cross-origin-opener-policy',
  ]
  const missing = wanted.filter((h) => !page.headers.has(h))
  tell(
    'headers of the page',
    missing.join(', ') || 'all there',
    missing.length === 0 && !page.headers.has('x-powered-by'),
  )
  return found
}

export async function tortureServer(): Promise<Finding[]> {
  const server = spawn(process.execPath, [join(ROOT, '.output/server/index.mjs')], {
    env: { ...process.env, PORT: String(PORT), HOST: '127.0.0.1' },
    stdio: 'ignore',
  })
  try {
    for (let i = 0; i < 100; i++) {
      if (
        await fetch(`${AT}/api/health`).then(
          (r) => r.ok,
          () => false,
        )
      )
        break
      await wait(100)
    }
    const found = await run()
    return [
      ...found,
      { what: 'the server stands', found: String(server.exitCode === null), ok: server.exitCode === null },
    ]
  } finally {
    server.kill()
  }
}

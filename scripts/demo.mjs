/** One command from a fresh clone to the demo in the browser. */
import { spawn } from 'node:child_process'
import { join } from 'node:path'
import { ROOT, ensureBuild, ensurePackages } from './setup.mjs'

ensurePackages()
ensureBuild()
const port = process.env.PORT ?? '4300'
const server = spawn(process.execPath, [join(ROOT, '.output/server/index.mjs')], {
  stdio: 'inherit',
  env: { ...process.env, PORT: port, HOST: process.env.HOST ?? '127.0.0.1' },
})
console.log(`\n  Ygrion with its demo box: http://127.0.0.1:${port}/\n  Stop it with Ctrl+C.\n`)
for (const signal of /** @type {const} */ (['SIGINT', 'SIGTERM'])) process.on(signal, () => server.kill(signal))
server.on('exit', (code) => process.exit(code ?? 0))

/** `npm run torture`: what must not break, tried until it does; prints what was tried and what came of it. Needs a build. */
import { tortureServer } from './torture-server'

const found = await tortureServer()
for (const { what, found: text, ok } of found) console.log(`${ok ? 'ok    ' : 'FAILED'}  ${what}: ${text}`)
const failed = found.filter((f) => !f.ok).length
console.log(`\n${found.length - failed} held, ${failed} broke`)
process.exitCode = failed > 0 ? 1 : 0

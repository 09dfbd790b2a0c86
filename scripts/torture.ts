/** `npm run torture [files | paths | page | server | runs]`: what must not break, tried until it does; prints what was tried and what came of it. Needs a build. */
import { tortureFiles } from './torture-files'
import { torturePage } from './torture-page'
import { torturePaths } from './torture-paths'
import { tortureRuns } from './torture-runs'
import { tortureServer, type Finding } from './torture-server'

const PARTS: Readonly<Record<string, () => Finding[] | Promise<Finding[]>>> = {
  files: tortureFiles,
  paths: torturePaths,
  page: torturePage,
  server: tortureServer,
  runs: tortureRuns,
}
const wanted = process.argv.slice(2)
let [held, broke] = [0, 0]
for (const [part, torture] of Object.entries(PARTS)) {
  if (wanted.length > 0 && !wanted.includes(part)) continue
  console.log(`\n${part}`)
  for (const { what, found, ok } of await torture()) {
    if (ok) held += 1
    else broke += 1
    console.log(`${ok ? 'ok    ' : 'FAILED'}  ${what}: ${found}`)
  }
}
console.log(`\n${held} held, ${broke} broke`)
process.exitCode = broke > 0 ? 1 : 0

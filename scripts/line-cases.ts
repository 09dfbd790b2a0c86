/** Works out the table of casts against which the application's line is held, by the line of lumped masses in the tests. Some minutes. */
import { spawn } from 'node:child_process'
import { writeFile } from 'node:fs/promises'
import { availableParallelism } from 'node:os'
import { fileURLToPath } from 'node:url'
import { everyCase } from '../testing/reference/cases'
import { followCase, type Mark } from '../testing/reference/follow'

const TO = new URL('../testing/reference/cases.json', import.meta.url)
const HANDS = availableParallelism()

/** Every so-and-so-many-th case, by a process of its own. */
function part(first: number): Promise<[number, Mark[]][]> {
  const child = spawn('node', ['--import', 'tsx', fileURLToPath(import.meta.url), String(first)], {
    stdio: ['ignore', 'pipe', 'inherit'],
  })
  let out = ''
  child.stdout.on('data', (text: Buffer) => (out += text.toString()))
  return new Promise((resolve) => child.on('exit', () => resolve(JSON.parse(out))))
}

const cases = everyCase()
const first = process.argv[2]
if (first === undefined) {
  const found = (await Promise.all(Array.from({ length: HANDS }, (_, i) => part(i)))).flat().sort(([a], [b]) => a - b)
  await writeFile(TO, `[\n${found.map(([i, way]) => JSON.stringify({ ...cases[i], way })).join(',\n')}\n]\n`)
} else {
  const mine = cases.flatMap((one, n) => (n % HANDS === Number(first) ? [[n, followCase(one)] as const] : []))
  process.stdout.write(JSON.stringify(mine))
}

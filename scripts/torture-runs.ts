/** Tests that try what breaks a store, run longer than in the suite: the plug pulled, writes refused, two tabs, clocks set back, updates, sequences of deeds. */
import { spawn } from 'node:child_process'
import { ROOT } from './setup.mjs'
import type { Finding } from './torture-server'

interface Run {
  readonly what: string
  readonly command: readonly string[]
  readonly env?: Readonly<Record<string, string>>
  /** The line of its output that says what came of it. */
  readonly says: RegExp
}
const UNIT = ['npx', 'vitest', 'run', '--reporter=default'] as const
const RUNS: readonly Run[] = [
  {
    what: 'the plug pulled 200 times',
    command: ['npx', 'playwright', 'test', 'plug', '-g', 'the plug is pulled', '--reporter=line'],
    env: { PULLS: '200', KILLS: '40' },
    says: /\d+ pulls of the plug.*/,
  },
  { what: 'writes refused, kinds of change told', command: [...UNIT, 'refused'], says: /Tests .*passed.*/ },
  { what: 'two tabs, clocks set back', command: [...UNIT, 'storage/commands'], says: /Tests .*passed.*/ },
  { what: 'updates and drafts', command: [...UNIT, 'drafts'], says: /Tests .*passed.*/ },
  {
    what: '400 sequences of deeds, each archived and opened',
    command: [...UNIT, 'storage/sequences'],
    env: { SEQUENCES: '400' },
    says: /Tests .*passed.*/,
  },
]
/** Colours of a terminal, and whatever else it is told. */
// eslint-disable-next-line no-control-regex
const CODES = /\u001b\[[0-9;]*m/g

async function run({ what, command, env, says }: Run): Promise<Finding> {
  const [program = '', ...args] = command
  const child = spawn(program, args, { cwd: ROOT, env: { ...process.env, ...env } })
  let out = ''
  for (const stream of [child.stdout, child.stderr]) stream.on('data', (text: Buffer) => (out += text.toString()))
  const code = await new Promise<number | null>((resolve) => child.on('exit', resolve))
  const plain = out.replace(CODES, '')
  return { what, found: says.exec(plain)?.[0].trim() ?? plain.slice(-600), ok: code === 0 }
}

export async function tortureRuns(): Promise<Finding[]> {
  const found: Finding[] = []
  for (const one of RUNS) found.push(await run(one))
  return found
}

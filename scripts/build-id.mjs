/** One name for one build, taken from the sources: the commit, and what is not yet committed; two builds of the same sources agree. */
import { execFileSync } from 'node:child_process'
import { createHash } from 'node:crypto'

/** @param {string[]} args */
const git = (...args) => execFileSync('git', args, { stdio: ['ignore', 'pipe', 'ignore'], maxBuffer: 1e9 }).toString()

function sources() {
  try {
    const commit = git('rev-parse', '--short=12', 'HEAD').trim()
    const open = git('diff', 'HEAD') + git('status', '--porcelain')
    return open ? `${commit}-${createHash('sha256').update(open).digest('hex').slice(0, 8)}` : commit
  } catch {
    return 'unversioned'
  }
}

export const BUILD_ID = sources()

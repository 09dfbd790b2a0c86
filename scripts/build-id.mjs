/** One name for one build: taken from the sources' commit where there is one, so that two builds of the same sources agree. */
import { execFileSync } from 'node:child_process'

function commit() {
  try {
    return execFileSync('git', ['rev-parse', '--short=12', 'HEAD'], { stdio: ['ignore', 'pipe', 'ignore'] })
      .toString()
      .trim()
  } catch {
    return 'unversioned'
  }
}

export const BUILD_ID = commit()

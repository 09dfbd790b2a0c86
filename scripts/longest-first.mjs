import { readFileSync } from 'node:fs'
import { relative } from 'node:path'
import { BaseSequencer } from 'vitest/node'
import { ROOT } from './setup.mjs'

/** Seconds that each file of tests took when they were last written down (`npm test -- --write-seconds`); those under half a second are left out. @type {Readonly<Record<string, number>>} */
export const SECONDS = JSON.parse(readFileSync(new URL('test-seconds.json', import.meta.url), 'utf8'))
/** @param {string} path of a file of tests, from the root */
export const secondsOf = (path) => SECONDS[path] ?? 0.4

/** The longest files first, so that no core idles while the last of them runs. */
export class LongestFirst extends BaseSequencer {
  /** @override @param {import('vitest/node').TestSpecification[]} files */
  async sort(files) {
    const seconds = (/** @type {import('vitest/node').TestSpecification} */ { moduleId }) =>
      secondsOf(relative(ROOT, moduleId))
    return [...files].sort((a, b) => seconds(b) - seconds(a))
  }
}

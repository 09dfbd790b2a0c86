import { existsSync, statSync } from 'node:fs'
import { join } from 'node:path'
import { closureOf, type Manifest } from './page-files'

/** What a first visit to the match fetches until its first row, as sent (Brotli), KB of 1024 bytes. */
export interface FirstLoad {
  /** The first script alone. */
  readonly entryKb: number
  /** All of it: scripts and styles of the page, and the match's worker. */
  readonly allKb: number
}
/** More than this and the build fails. */
export const BUDGET: FirstLoad = { entryKb: 270, allKb: 608 }

const KB = 1024
/** As it is sent: the compressed file where there is one. */
const sentKb = (path: string) => statSync(existsSync(`${path}.br`) ? `${path}.br` : path).size / KB

/**
 * Measures a build.
 *
 * @param folder where the built files lie
 * @param files what the page asks for beside what every page has
 */
export function firstLoad(manifest: Manifest, files: readonly string[], folder: string): FirstLoad {
  const entries = Object.keys(manifest).filter((key) => manifest[key]?.isEntry)
  const always = [...new Set(entries.flatMap((key) => [...closureOf(key, manifest)]))].flatMap(
    (key) => manifest[key] ?? [],
  )
  const worker = Object.values(manifest).find(({ file }) => file.startsWith('match.worker'))
  const all = new Set([
    ...always.flatMap(({ file, css = [] }) => [file, ...css]),
    ...files,
    ...(worker ? [worker.file] : []),
  ])
  const entryKb = Math.max(0, ...entries.map((key) => sentKb(join(folder, manifest[key]?.file ?? ''))))
  return { entryKb, allKb: [...all].reduce((sum, file) => sum + sentKb(join(folder, file)), 0) }
}

/** What is over its budget, in words; empty where nothing is. */
export const overBudget = (load: FirstLoad): string =>
  (Object.keys(BUDGET) as (keyof FirstLoad)[])
    .filter((key) => load[key] > BUDGET[key])
    .map((key) => `${key} is ${load[key].toFixed(0)}, and at most ${BUDGET[key]} is allowed (scripts/first-load.ts)`)
    .join('; ')

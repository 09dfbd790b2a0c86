/** A file of the build, as the manifest of Nuxt's builder tells of it. */
export interface BuiltFile {
  readonly file: string
  readonly imports?: readonly string[]
  readonly css?: readonly string[]
  readonly isEntry?: boolean
}
export type Manifest = Readonly<Record<string, BuiltFile>>
/** A page of the application: its path, and the file it is written in, from app/. */
export interface PageAt {
  readonly path: string
  readonly file: string
}

/** A file and all that it imports at once, by their keys in the manifest. */
export function closureOf(key: string, manifest: Manifest, into = new Set<string>()): Set<string> {
  if (into.has(key)) return into
  into.add(key)
  for (const next of manifest[key]?.imports ?? []) closureOf(next, manifest, into)
  return into
}

/**
 * What each page asks for beside what every page has: scripts and styles by the page's path. The server names them in the page's head, so that they come beside
 * the first script instead of after it.
 */
export function pageFiles(manifest: Manifest, pages: readonly PageAt[]): Record<string, string[]> {
  const entries = Object.keys(manifest).filter((key) => manifest[key]?.isEntry)
  const always = new Set(entries.flatMap((key) => [...closureOf(key, manifest)]))
  return Object.fromEntries(
    pages.map(({ path, file }) => {
      const own = [...closureOf(file, manifest)].filter((key) => !always.has(key))
      const parts = own.flatMap((key) => manifest[key] ?? [])
      return [path, [...new Set(parts.flatMap((part) => [part.file, ...(part.css ?? [])]))]]
    }),
  )
}

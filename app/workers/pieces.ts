/** A long list is sent in pieces of so many, so that the page that takes it in can breathe between them. */
const PIECE = 500

/** Takes a piece of the list that lies at a path. */
export type Send = (path: readonly string[], piece: readonly unknown[]) => unknown

const isThing = (value: unknown): value is Record<string, unknown> =>
  typeof value === 'object' && value !== null && !Array.isArray(value)

/** Sends the long lists of an answer on ahead, piece by piece; answers with the rest, in which they are empty. */
export async function inPieces<T>(answer: T, send: Send): Promise<T> {
  async function rest(value: unknown, path: readonly string[]): Promise<unknown> {
    if (Array.isArray(value) && value.length > PIECE) {
      for (let i = 0; i < value.length; i += PIECE) await send(path, value.slice(i, i + PIECE))
      return []
    }
    if (!isThing(value) || path.length > 3) return value
    const made: Record<string, unknown> = {}
    for (const [key, one] of Object.entries(value)) made[key] = await rest(one, [...path, key])
    return made
  }
  return (await rest(answer, [])) as T
}

/** Puts the pieces of an answer together again: `send` for whoever sends them, `whole` for what came last. */
export function gather() {
  const lists = new Map<string, { path: readonly string[]; list: unknown[] }>()
  const send: Send = (path, piece) => {
    const key = path.join('\n')
    const known = lists.get(key) ?? { path, list: [] }
    known.list.push(...piece)
    lists.set(key, known)
  }
  function whole<T>(rest: T): T {
    for (const { path, list } of lists.values()) {
      const owner = path.slice(0, -1).reduce<unknown>((at, key) => (at as Record<string, unknown>)[key], rest)
      Object.assign(owner as object, { [path.at(-1) ?? '']: list })
    }
    return rest
  }
  return { send, whole }
}

import { randomLcg } from 'd3-random'

/** Files gone wrong in every way that a disk, an editor or an ill wind can think of; the same again for the same seed. */
export interface Draws {
  /** A whole number from 0 to below `n`. */
  readonly below: (n: number) => number
  readonly oneOf: <T>(list: readonly T[]) => T
}

export function drawsOf(seed: number): Draws {
  const next = randomLcg(((seed + 1) * 0.618_033_988_75) % 1)
  const below = (n: number) => Math.min(n - 1, Math.floor(next() * n))
  const oneOf = <T>(list: readonly T[]): T => {
    const one = list[below(list.length)]
    if (one === undefined) throw new Error('nothing to choose from')
    return one
  }
  return { below, oneOf }
}

/** Values that no field expects, or only just. */
const VALUES: readonly unknown[] = [
  null,
  '',
  ' ',
  'x'.repeat(100_000),
  '<img src=x onerror=alert(1)>',
  '=1+1',
  '\u202e\u0000\ud800',
  '2026-02-30',
  -1,
  0,
  0.5,
  1e308,
  -1e308,
  1e-320,
  45,
  true,
  [],
  {},
  [[[[[]]]]],
  { id: 'x' },
]

type Branch = Record<string, unknown> | unknown[]
const isBranch = (value: unknown): value is Branch => typeof value === 'object' && value !== null

/** Somewhere in a tree, the deeper the likelier: what holds it, and its key. */
function anywhere(root: Branch, { below, oneOf }: Draws): { owner: Branch; key: string } {
  let owner = root
  for (;;) {
    const keys = Object.keys(owner)
    if (keys.length === 0) return { owner: root, key: oneOf(Object.keys(root)) }
    const key = oneOf(keys)
    const value = (owner as Record<string, unknown>)[key]
    if (!isBranch(value) || Object.keys(value).length === 0 || below(8) === 0) return { owner, key }
    owner = value
  }
}

/** A copy of what lies in a file, with one thing in it gone wrong; and what that is called. */
export function wrongTree(whole: object, with_: Draws): { tree: unknown; how: string } {
  const tree = structuredClone(whole) as Branch
  const { owner, key } = anywhere(tree, with_)
  const at = owner as Record<string, unknown>
  switch (with_.below(6)) {
    case 0:
      if (Array.isArray(owner)) owner.splice(Number(key), 1)
      else Reflect.deleteProperty(owner, key)
      return { tree, how: 'left out' }
    case 1: {
      if (!Array.isArray(owner)) break
      owner.push(structuredClone(owner[Number(key)]))
      return { tree, how: 'twice' }
    }
    case 2:
      at[with_.oneOf(['__proto__', 'constructor', 'extra', 'x'.repeat(50_000), 'toString'])] = with_.oneOf(VALUES)
      return { tree, how: 'one more' }
    case 3: {
      const other = anywhere(tree, with_)
      at[key] = structuredClone((other.owner as Record<string, unknown>)[other.key])
      return { tree, how: 'another’s value' }
    }
    case 4:
      if (typeof at[key] !== 'number') break
      at[key] = -at[key] * 10 ** with_.below(12)
      return { tree, how: 'another figure' }
    default:
  }
  at[key] = with_.oneOf(VALUES)
  return { tree, how: 'another value' }
}

const SNIPPETS = [
  '"',
  '""',
  ',',
  ';',
  '\n',
  '\r',
  '\0',
  '(',
  '\ufeff',
  '=cmd|x!A1',
  '1,200',
  '−10',
  '9'.repeat(400),
  'x'.repeat(20_000),
  '('.repeat(20_000),
  '<!DOCTYPE a [<!ENTITY b "c">]>',
  '&b;',
  '</wpt>',
  '$GPMTW,45.0,C*',
  '*00',
]

/** A copy of a text with one or two places gone wrong. */
export function wrongText(text: string, with_: Draws): string {
  let now = text
  for (let times = 1 + with_.below(2); times > 0; times--) {
    const at = with_.below(now.length + 1)
    const end = Math.min(now.length, at + with_.below(60))
    switch (with_.below(6)) {
      case 0:
        now = now.slice(0, at)
        break
      case 1:
        now = now.slice(0, at) + now.slice(end)
        break
      case 2:
        now = now.slice(0, end) + now.slice(at, end).repeat(1 + with_.below(20)) + now.slice(end)
        break
      case 3:
        now = now.slice(at) + now.slice(0, at)
        break
      default:
        now = now.slice(0, at) + with_.oneOf(SNIPPETS) + now.slice(with_.below(2) === 0 ? at : end)
    }
  }
  return now
}

import { bare } from './cells'
import type { ImportPlan } from './plan'

/** Words of an angler's own, by what they stand for: “motor oil” is moss here. Kept, so that the next sheet is read at once. */
export type OwnWords = Readonly<Partial<Record<WordKind, Readonly<Record<string, string>>>>>
export type WordKind = 'family' | 'colour'

const KIND_OF: Readonly<Record<string, WordKind>> = {
  family: 'family',
  colour: 'colour',
  back: 'colour',
  flank: 'colour',
  belly: 'colour',
}

/** A cell with the angler's own words said in words that are known; of several colours each by itself. */
export function inKnownWords(columnId: string, cell: string, own: OwnWords): string {
  const kind = KIND_OF[columnId]
  const words = kind && own[kind]
  if (!words) return cell
  const known = (text: string) => words[bare(text)] ?? text
  return kind === 'colour' && !words[bare(cell)] ? cell.split('/').map(known).join('/') : known(cell)
}

/** Own words with one more. */
export const withWord = (own: OwnWords, kind: WordKind, word: string, means: string): OwnWords => ({
  ...own,
  [kind]: { ...own[kind], [bare(word)]: means },
})

/** A word for which rows would be set aside, and how many. */
interface UnknownWord {
  readonly kind: WordKind
  readonly word: string
  readonly rows: number
}

/** Words that a plan could not read, the most frequent first. */
export function unknownWords({ aside }: Pick<ImportPlan, 'aside'>): UnknownWord[] {
  const found = new Map<string, { kind: WordKind; word: string; rows: number }>()
  for (const { problems } of aside)
    for (const { column, problem } of problems) {
      const kind = KIND_OF[column]
      if (!kind || problem.code !== 'unknown-word') continue
      const key = `${kind} ${bare(problem.text)}`
      const one = found.get(key) ?? { kind, word: problem.text.trim(), rows: 0 }
      found.set(key, { ...one, rows: one.rows + 1 })
    }
  return [...found.values()].sort((a, b) => b.rows - a.rows || (a.word < b.word ? -1 : 1))
}

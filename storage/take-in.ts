import type { Transaction } from 'dexie'
import type { ArchiveContent } from '../core/exchange'
import { mergeContent, type MergedContent } from '../core/exchange/merge-content'
import type { Command, TakeIn } from './command'
import type { YgrionDb } from './db'
import { applyEdits, checked, putPractice, type Edit } from './edits'
import { keyOf } from './schemas'
import { readWhole } from './whole'

/**
 * Takes in what is new of an archive, inside a transaction over all tables: read and written as one, so that nothing another tab stores meanwhile is lost.
 * @throws StoreError where there would be more of a kind than can be kept; nothing is changed then
 */
export async function takeIn(
  db: YgrionDb,
  { content: theirs, called }: TakeIn,
  transaction: Transaction,
): Promise<{ back: Command; label: string }> {
  const mine = await readWhole(db)
  const merged = mergeContent(mine, theirs)
  const edits = [...merged.fresh.map(putNew), ...practiceThen(mine, merged.content)]
  const all = edits.map((e) => ({ ...e, item: checked(e.kind, e.item) }))
  return {
    back: { kind: 'edits', edits: await applyEdits(all, transaction) },
    label: called(merged.added, merged.kept),
  }
}

const putNew = ({ table, item }: MergedContent['fresh'][number]): Edit => ({
  kind: table,
  id: keyOf(table, item),
  item,
  base: null,
})
/** Techniques of another’s lie among how the angler judges. */
const practiceThen = (mine: ArchiveContent, { practice }: ArchiveContent): Edit[] =>
  practice.techniques.length > mine.practice.techniques.length ? [putPractice(practice)] : []

import type { Transaction } from 'dexie'
import { isOver } from '../core/outing'
import { mergeContent, type ArchiveContent, type MergedContent } from '../core/exchange'
import type { Command, DoneBy, Replacement, TakeIn } from './command'
import type { YgrionDb } from './db'
import { applyEdits, checked, putPractice, type Edit } from './edits'
import { applyLog } from './log'
import { StoreError } from './problem'
import { keyOf } from './schemas'
import { backUp, contentOf, fillWhole, readWhole } from './whole'

/** The tables that a command reads and writes, that of the steps among them. */
export function tablesOf(db: YgrionDb, command: Command | Replacement | TakeIn) {
  if (command.kind === 'edits') return [...new Set(command.edits.map((e) => e.kind)), 'steps'].map((n) => db.table(n))
  return command.kind === 'log' ? [db.outings, db.table('lures'), db.steps] : db.tables
}

/**
 * Does a command, inside a transaction over {@link tablesOf} it; answers with the command that takes it back.
 * @throws StoreError; nothing is changed then
 */
export async function carryOut(
  db: YgrionDb,
  command: Command | Replacement,
  by: DoneBy,
  transaction: Transaction,
): Promise<Command> {
  if (command.kind === 'edits') {
    if (command.alone) await noneUnderWay(db)
    const edits = command.edits.map((e) => ({ ...e, item: e.item === null ? null : checked(e.kind, e.item) }))
    return { kind: 'edits', edits: await applyEdits(edits, transaction) }
  }
  if (command.kind === 'log') return { kind: 'log', change: await applyLog(command.change, transaction) }
  const content = command.kind === 'restore' ? await contentOf(db, command.backupId) : command.content
  const backupId = await backUp(db, await readWhole(db), { at: by.at, why: by.label })
  await fillWhole(db, content)
  return { kind: 'restore', backupId }
}

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

/** @throws StoreError where an outing was started and not ended, in whichever tab */
async function noneUnderWay(db: YgrionDb): Promise<void> {
  const live = (await db.outings.toArray()).find((o) => !isOver(o))
  if (live)
    throw new StoreError({ code: 'outing-under-way', place: live.placeName, since: live.startedAt.slice(0, 16) })
}

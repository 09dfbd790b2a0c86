import type { Transaction } from 'dexie'
import { isOver } from '../core/outing'
import type { Command, DoneBy, Replacement, TakeIn } from './command'
import type { YgrionDb } from './db'
import { applyEdits, checked } from './edits'
import { applyLog } from './log'
import { StoreError } from './problem'
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

/** @throws StoreError where an outing was started and not ended, in whichever tab */
async function noneUnderWay(db: YgrionDb): Promise<void> {
  const live = (await db.outings.toArray()).find((o) => !isOver(o))
  if (live)
    throw new StoreError({ code: 'outing-under-way', place: live.placeName, since: live.startedAt.slice(0, 16) })
}

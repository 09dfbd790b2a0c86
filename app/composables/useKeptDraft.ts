import { keptDraftWords as words } from '../../words'
import { useCommands } from '~/stores/commands'
import { now, repository } from '~/stores/repository'
import { plain } from '~/composables/plain'

/** What is typed is written down as it is typed, so that a browser that dies loses a field at most. `drop` when it is saved or given up. */
export function useKeptDraft(key: string, title: () => string, value: () => unknown): { drop: () => Promise<void> } {
  let done = false
  watch(
    value,
    () => {
      if (done) return
      const draft = { key, at: now(), title: title(), value: plain(value()) }
      repository.keepDraft(draft).catch((error: unknown) => useCommands().tell(error, words.whatYouType))
    },
    { deep: true, flush: 'sync' },
  )
  return {
    async drop() {
      done = true
      // One that stays is offered once more: no harm.
      await repository.dropDraft(key).catch(() => undefined)
    },
  }
}

import { now, repository } from '~/stores/repository'
import { plain } from '~/composables/plain'

/** What is typed is written down as it is typed, so that a browser that dies loses a field at most. `drop` when it is saved or given up. */
export function useKeptDraft(key: string, title: () => string, value: () => unknown): { drop: () => Promise<void> } {
  let done = false
  watch(
    value,
    () => {
      if (done) return
      void repository.keepDraft({ key, at: now(), title: title(), value: plain(value()) })
    },
    { deep: true, flush: 'sync' },
  )
  return {
    async drop() {
      done = true
      await repository.dropDraft(key)
    },
  }
}

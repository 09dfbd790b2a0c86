import type { InjectionKey } from 'vue'
import { keptDraftWords as words } from '../../words'
import { useCommands } from '~/stores/commands'
import { now, repository } from '~/stores/repository'
import type { Draft } from '../../storage/db'
import { plain } from '~/composables/plain'
import { useUnsaved } from './useUnsaved'

/** What is typed into a form, as it is kept. */
export interface KeptDraft {
  /** It was typed before, in a page that was closed or died. */
  readonly restored: Readonly<Ref<boolean>>
  /** Back to what is stored. */
  readonly startOver: () => Promise<void>
  /** It is stored now, or given up: nothing needs to be kept. */
  readonly drop: () => Promise<void>
  /** It goes to be stored: when the form closes without a failure, nothing needs to be kept. */
  readonly sent: () => void
}

export const KEPT_DRAFT: InjectionKey<KeptDraft> = Symbol('kept draft')

/** The key of a draft: which form, and what it changes; nothing yet for a new thing. */
export const draftKey = (form: string, id: string | null) => `${form}:${id ?? 'new'}`

const isThing = (value: unknown): value is object => typeof value === 'object' && value !== null
/** A kept value fits a form of today where what both have is of one kind. */
const fits = (kept: unknown, form: unknown) =>
  isThing(kept) &&
  isThing(form) &&
  Object.entries(form).every(([key, value]) => {
    const other = (kept as Record<string, unknown>)[key]
    return (
      other === undefined || other === null || value === null || value === undefined || typeof other === typeof value
    )
  })

/**
 * Writes one after another; what a newer one has overtaken meanwhile is not written. Each write waits for the disk: a fast hand would leave a tail of them, and a
 * browser that dies then would lose the last.
 * @returns done when the newest is written
 */
export function newestOnly<T>(write: (one: T) => Promise<void>): (one: T) => Promise<void> {
  let waiting: { one: T } | null = null
  let under: Promise<void> | null = null
  async function all() {
    while (waiting) {
      const { one }: { one: T } = waiting
      waiting = null
      await write(one)
    }
    under = null
  }
  return (one) => {
    waiting = { one }
    return (under ??= all())
  }
}

/**
 * What is typed into a form is written down as it is typed, and is there again when the form is opened again: a browser that dies, a reload or a slip of the
 * hand lose a field at most.
 *
 * @param form what the form holds: `get` answers with it, `set` puts it back
 */
export function useDraft(key: string, title: () => string, form: { get: () => object; set: (value: object) => void }) {
  const asText = () => JSON.stringify(form.get())
  let stored = asText()
  const dirty = ref(false)
  const restored = ref(false)
  let isSent = false
  useUnsaved(() => dirty.value)

  const write = newestOnly((draft: Draft | null) =>
    draft
      ? repository.keepDraft(draft).catch((error: unknown) => void useCommands().tell(error, words.whatYouType))
      : // One that stays is offered once more: no harm.
        repository.dropDraft(key).catch(() => undefined),
  )
  watch(
    form.get,
    () => {
      dirty.value = asText() !== stored
      void write(dirty.value ? { key, at: now(), title: title(), value: plain(form.get()) } : null)
    },
    { deep: true, flush: 'sync' },
  )
  onMounted(async () => {
    const value = (await repository.draft(key).catch(() => undefined))?.value
    if (dirty.value || !fits(value, form.get()) || JSON.stringify(value) === stored) return
    form.set(value as object)
    restored.value = true
  })
  const drop = async () => {
    stored = asText()
    dirty.value = false
    restored.value = false
    await write(null)
  }
  async function startOver() {
    form.set(JSON.parse(stored) as object)
    await drop()
  }
  const commands = useCommands()
  watch(
    () => commands.failure,
    (failure) => {
      if (failure) isSent = false
    },
  )
  onBeforeUnmount(() => {
    if (isSent) void drop()
  })
  const kept: KeptDraft = { restored, startOver, drop, sent: () => (isSent = true) }
  provide(KEPT_DRAFT, kept)
  return kept
}

/** A form's reactive fields, as {@link useDraft} takes them. */
export const fieldsOfForm = (draft: object) => ({
  get: () => draft,
  set: (value: object) => Object.assign(draft, value),
})

import { onScopeDispose, shallowReactive, watch } from 'vue'

/** What is typed on this page and not stored yet: an update must not reload over it. */
const typed = shallowReactive(new Set<symbol>())

export const nothingUnsaved = () => typed.size === 0

/** Tells as long as the component, or the store, lives whether it holds what is not stored. */
export function useUnsaved(dirty: () => boolean): void {
  const me = Symbol('unsaved')
  watch(dirty, (is) => (is ? typed.add(me) : typed.delete(me)), { immediate: true, flush: 'sync' })
  onScopeDispose(() => typed.delete(me))
}

import type { InjectionKey } from 'vue'

const KEY: InjectionKey<Set<symbol>> = Symbol('unread fields')

/** In a form: which of its fields hold what cannot be read. */
export function provideUnread(): Set<symbol> {
  const fields = shallowReactive(new Set<symbol>())
  provide(KEY, fields)
  return fields
}

/** In a field: tells the form around it, where there is one, whether it can be read. */
export function tellUnread(problem: Ref<string>): void {
  const fields = inject(KEY, null)
  if (!fields) return
  const me = Symbol('field')
  watch(problem, (now) => (now === '' ? fields.delete(me) : fields.add(me)))
  onBeforeUnmount(() => fields.delete(me))
}

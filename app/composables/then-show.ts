import type { Ref } from 'vue'

/**
 * Writes, then shows what comes next. Where the angler has meanwhile closed the form or opened another, what they see
 * stays as it is: a write may take its time, and a form that comes back by itself is in the way.
 */
export async function thenShow<T>(open: Ref<T>, next: T, write: () => unknown): Promise<void> {
  const before = open.value
  await write()
  if (open.value === before) open.value = next
}

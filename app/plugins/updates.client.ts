import { registerSW } from 'virtual:pwa-register'
import { useUpdates } from '~/stores/updates'

/** The part that opens without a network, and how a newer one takes over. */
export default defineNuxtPlugin(() => {
  const updates = useUpdates()
  updates.letIn = registerSW({
    immediate: true,
    onNeedRefresh: () => (updates.waits = true),
    onNeedReload: () => updates.tookOver(),
  })
})

/**
 * Whether Ygrion opens here without a network: `ready` once all of it lies in this browser, `fetching` until then, `never` where the browser keeps no copy (a
 * private window, or an address without https).
 */
export function useWithoutNetwork(): Readonly<Ref<'ready' | 'fetching' | 'never'>> {
  const state = ref<'ready' | 'fetching' | 'never'>('fetching')
  onMounted(async () => {
    if (!('serviceWorker' in navigator)) return void (state.value = 'never')
    const { active } = await navigator.serviceWorker.ready
    if (active) state.value = 'ready'
  })
  return state
}

import { defineStore } from 'pinia'
import { setUpKey, type SetUp } from '../../core/match'

const MOST_COMPARED = 4

/** Set-ups laid side by side. They stay as they are tied while the water moves. */
export const useCompare = defineStore('compare', () => {
  const setUps = shallowRef<readonly SetUp[]>([])
  const keys = computed(() => new Set(setUps.value.map(setUpKey)))
  const full = computed(() => setUps.value.length >= MOST_COMPARED)
  function toggle(setUp: SetUp) {
    const key = setUpKey(setUp)
    if (keys.value.has(key)) setUps.value = setUps.value.filter((s) => setUpKey(s) !== key)
    else if (!full.value) setUps.value = [...setUps.value, setUp]
  }
  function clear() {
    setUps.value = []
  }
  return { setUps, keys, full, toggle, clear }
})

import { nextTick } from 'vue'
import { useRoute, useRouter, type RouteLocationRaw } from 'vue-router'

/** What Nuxt gives every page without an import, for components mounted on their own. */
export { useRoute, useRouter }
export const useHead = () => undefined
export const definePageMeta = () => undefined
export const navigateTo = (to: RouteLocationRaw) => useRouter().push(to)
export const onNuxtReady = (ready: () => void) => void nextTick(ready)

import { nextTick } from 'vue'
import { useRoute, useRouter, type RouteLocationRaw, type Router } from 'vue-router'

/** What Nuxt gives every page without an import, for components mounted on their own. */
export { useRoute, useRouter }
export const useHead = () => undefined
export const definePageMeta = () => undefined
/** The router of what is mounted: a page may go on to another after it has waited. */
const mounted: { router: Router | null } = { router: null }
export const routed = (router: Router) => (mounted.router = router)
export const navigateTo = (to: RouteLocationRaw) => mounted.router?.push(to)
export const onNuxtReady = (ready: () => void) => void nextTick(ready)

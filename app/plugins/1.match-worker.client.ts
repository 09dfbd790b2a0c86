import { useMatchWorker } from '~/composables/useMatchWorker'

/** Pages that open with a ranking. */
const RANKED = ['/', '/water', '/outing', '/bench']

/** The match is read in beside the page, not after it: on pages that open with a ranking it starts with the first script. */
export default defineNuxtPlugin(() => {
  if (RANKED.includes(window.location.pathname)) useMatchWorker()
})

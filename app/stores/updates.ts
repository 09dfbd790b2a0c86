import { defineStore } from 'pinia'
import { nothingUnsaved } from '~/composables/useUnsaved'

/** A newer Ygrion: that it waits, that it is in place, and when this page may be loaded anew. */
export const useUpdates = defineStore('updates', {
  state: () => ({
    /** One has been fetched and waits to be let in. */
    waits: false,
    /** It is in place, and this page is still the old one: something here is typed and not saved. */
    inPlace: false,
    letIn: null as (() => Promise<void>) | null,
  }),
  actions: {
    /** Lets the newer one in, for every tab. */
    async open() {
      this.waits = false
      await this.letIn?.()
    },
    /** It has taken over, by this tab or another: the page is loaded anew, unless something would be lost. */
    tookOver() {
      this.waits = false
      if (nothingUnsaved()) window.location.reload()
      else this.inPlace = true
    },
  },
})

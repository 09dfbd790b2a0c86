import { Told, useCommands } from '~/stores/commands'

/** Errors of event handlers, watchers and drawings are told like any failure, once the page stands. */
export default defineNuxtPlugin((nuxt) => {
  nuxt.hook('app:suspense:resolve', () => {
    nuxt.vueApp.config.errorHandler = (error) => {
      if (error instanceof Told) return
      useCommands().tell(error)
      console.error(error)
    }
  })
})

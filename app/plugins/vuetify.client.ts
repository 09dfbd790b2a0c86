import { createVuetify } from 'vuetify'
import { aliases, mdi } from 'vuetify/iconsets/mdi-svg'
import { THEMES } from '~/theme/themes'

export default defineNuxtPlugin((nuxt) => {
  const cspNonce = document.querySelector<HTMLMetaElement>('meta[property="csp-nonce"]')?.nonce
  nuxt.vueApp.use(
    createVuetify({
      icons: { defaultSet: 'mdi', aliases, sets: { mdi } },
      theme: { defaultTheme: 'day', themes: THEMES, ...(cspNonce ? { cspNonce } : {}) },
      defaults: {
        VBtn: { variant: 'flat', rounded: 'lg' },
        VTextField: { variant: 'outlined', density: 'compact', hideDetails: 'auto' },
        VSelect: { variant: 'outlined', density: 'compact', hideDetails: 'auto' },
        VAutocomplete: { variant: 'outlined', density: 'compact', hideDetails: 'auto' },
        VTextarea: { variant: 'outlined', density: 'compact', hideDetails: 'auto' },
      },
    }),
  )
})

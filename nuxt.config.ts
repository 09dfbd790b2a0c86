import vuetify from 'vite-plugin-vuetify'
import { BUILD_ID } from './scripts/build-id.mjs'

export default defineNuxtConfig({
  compatibilityDate: '2026-11-01',
  ssr: false,
  telemetry: false,
  devtools: { enabled: false },
  buildId: BUILD_ID,
  experimental: { appManifest: false },
  modules: ['@pinia/nuxt', '@nuxt/eslint'],
  components: [{ path: '~/components', pathPrefix: false }],
  css: [
    '@fontsource-variable/bricolage-grotesque/index.css',
    '@fontsource-variable/source-sans-3/index.css',
    'vuetify/styles',
    '~/theme/main.css',
  ],
  build: { transpile: ['vuetify'] },
  postcss: { plugins: { cssnano: false } },
  typescript: {
    strict: true,
    tsConfig: { compilerOptions: { noUncheckedIndexedAccess: true } },
  },
  app: {
    head: {
      title: 'Ygrion',
      htmlAttrs: { lang: 'en' },
      meta: [
        { name: 'viewport', content: 'width=device-width, initial-scale=1' },
        { name: 'description', content: 'Choose lures by reason: from the water to what to tie on, and why.' },
      ],
      link: [{ rel: 'icon', type: 'image/svg+xml', href: '/icon.svg' }],
    },
  },
  nitro: {
    compressPublicAssets: { gzip: true, brotli: true },
    routeRules: { '/_nuxt/**': { headers: { 'x-content-type-options': 'nosniff' } } },
  },
  vite: {
    plugins: [vuetify({ autoImport: true })],
    worker: { format: 'es' },
    optimizeDeps: { include: ['@mdi/js', 'comlink', 'dexie', 'zod', 'astronomy-engine'] },
  },
  hooks: {
    // Nuxt 4.4.5's dev server looks for an entry named "server" even where nothing is rendered there.
    'vite:extendConfig': (config, { isClient }) => {
      const input = config.build?.rollupOptions?.input
      if (
        isClient &&
        process.env.NODE_ENV === 'development' &&
        input &&
        typeof input === 'object' &&
        !Array.isArray(input)
      ) {
        input.server ??= input.entry ?? ''
      }
    },
  },
})

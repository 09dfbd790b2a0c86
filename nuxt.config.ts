import { join, relative } from 'node:path'
import { fileURLToPath } from 'node:url'
import { build as esbuild } from 'esbuild'
import vuetify from 'vite-plugin-vuetify'
import { BUILD_ID } from './scripts/build-id.mjs'
import { firstLoad, overBudget } from './scripts/first-load'
import { pageFiles, type Manifest, type PageAt } from './scripts/page-files'

const APP = fileURLToPath(new URL('app', import.meta.url))
const pages: PageAt[] = []
let built: Manifest = {}
let filesOfPages: Record<string, string[]> = {}

/** @throws Error where what a first visit fetches is over its budget */
function tellFirstLoad(folder: string): void {
  const load = firstLoad(built, filesOfPages['/'] ?? [], folder)
  console.log(`First load: ${load.allKb.toFixed(1)} KB, of them the first script ${load.entryKb.toFixed(0)} KB.`)
  const over = overBudget(load)
  if (over) throw new Error(`The first load has grown: ${over}`)
}

export default defineNuxtConfig({
  compatibilityDate: '2026-11-01',
  ssr: false,
  telemetry: false,
  devtools: { enabled: false },
  buildId: BUILD_ID,
  // A page is fetched when a finger or the focus is on its link, not because the link is seen.
  experimental: {
    appManifest: false,
    defaults: { nuxtLink: { prefetchOn: { visibility: false, interaction: true } } },
  },
  modules: ['@pinia/nuxt', '@vite-pwa/nuxt'],
  // Opens and works without a network: on the water there is none.
  pwa: {
    registerType: 'prompt',
    // The page registers it itself: an update must not reload over what is being typed.
    client: { registerPlugin: false },
    manifest: {
      name: 'Ygrion',
      short_name: 'Ygrion',
      description: 'Choose lures by reason: from the water to what to tie on, and why.',
      lang: 'en',
      start_url: '/outing',
      scope: '/',
      display: 'standalone',
      background_color: '#f3efe4',
      theme_color: '#f3efe4',
      icons: [
        { src: '/icon-192.png', sizes: '192x192', type: 'image/png' },
        { src: '/icon-512.png', sizes: '512x512', type: 'image/png' },
        { src: '/icon-512.png', sizes: '512x512', type: 'image/png', purpose: 'maskable' },
      ],
    },
    workbox: {
      globPatterns: ['**/*.{js,css,woff2,svg,png,wasm,webmanifest}'],
      maximumFileSizeToCacheInBytes: 6_000_000,
      // The page itself is made by the server and is no file on disk.
      additionalManifestEntries: [{ url: '/', revision: BUILD_ID }],
      navigateFallback: '/',
      navigateFallbackDenylist: [/^\/api\//],
    },
  },
  components: [{ path: '~/components', pathPrefix: false }],
  css: [
    '@fontsource-variable/bricolage-grotesque/index.css',
    '@fontsource-variable/source-sans-3/index.css',
    'vuetify/styles',
    '~/theme/colours.css',
    '~/theme/main.css',
  ],
  build: { transpile: ['vuetify'] },
  postcss: { plugins: { cssnano: false } },
  // One check of types for everything: the page's configuration covers all but the server's own files.
  typescript: {
    strict: true,
    tsConfig: {
      compilerOptions: {
        noUncheckedIndexedAccess: true,
        checkJs: true,
        types: ['node', 'vite/client'],
        paths: { odex: ['../testing/odex.d.ts'] },
      },
      include: [
        '../core/**/*',
        '../testing/**/*',
        '../words/**/*',
        '../data/**/*',
        '../storage/**/*',
        '../e2e/**/*',
        '../scripts/**/*',
        '../playwright.config.ts',
        '../vitest.config.ts',
        '../eslint.config.mjs',
      ],
    },
  },
  app: {
    head: {
      title: 'Ygrion',
      htmlAttrs: { lang: 'en' },
      meta: [
        { name: 'viewport', content: 'width=device-width, initial-scale=1' },
        { name: 'description', content: 'Choose lures by reason: from the water to what to tie on, and why.' },
      ],
      link: [
        { rel: 'icon', type: 'image/svg+xml', href: '/icon.svg' },
        { rel: 'apple-touch-icon', href: '/icon-192.png' },
        { rel: 'manifest', href: '/manifest.webmanifest' },
      ],
    },
  },
  nitro: {
    virtual: { '#page-files': () => `export const PAGE_FILES = ${JSON.stringify(filesOfPages)}` },
    compressPublicAssets: { gzip: true, brotli: true },
    errorHandler: '~~/server/error.ts',
    routeRules: {
      '/**': {
        headers: {
          'x-content-type-options': 'nosniff',
          'referrer-policy': 'no-referrer',
          'permissions-policy': 'camera=(), microphone=(), geolocation=(self), payment=(), usb=()',
          'cross-origin-opener-policy': 'same-origin',
          'cross-origin-resource-policy': 'same-origin',
        },
      },
      '/api/**': { headers: { 'content-security-policy': `default-src 'none'; frame-ancestors 'none'` } },
    },
  },
  vite: {
    plugins: [vuetify({ autoImport: true })],
    worker: { format: 'es' },
    optimizeDeps: { include: ['@mdi/js', 'comlink', 'dexie', 'zod', 'astronomy-engine', 'workbox-window'] },
  },
  hooks: {
    // The page fetches what it shows; the rest comes when it is wanted, and by the part that works without a network once the page stands.
    'build:manifest': (manifest) => {
      for (const part of Object.values(manifest)) {
        part.prefetch = false
        if (/\.worker/.test(part.file)) part.preload = false
      }
      built = structuredClone(manifest)
      filesOfPages = pageFiles(built, pages)
    },
    'pages:resolved': (all) => {
      const add = (page: (typeof all)[number], above: string) => {
        const path = page.path.startsWith('/') ? page.path : `${above}/${page.path}`
        if (page.file) pages.push({ path, file: relative(APP, page.file) })
        for (const child of page.children ?? []) add(child, path)
      }
      pages.length = 0
      for (const page of all) add(page, '')
    },
    // What answers in threads is a file of its own beside the server; a build that has grown over its budget fails.
    'nitro:init': (nitro) => {
      nitro.hooks.hook('compiled', async () => {
        if (!nitro.options.dev) tellFirstLoad(join(nitro.options.output.publicDir, '_nuxt'))
        await esbuild({
          entryPoints: [fileURLToPath(new URL('server/workers/answer.ts', import.meta.url))],
          outfile: join(nitro.options.output.serverDir, 'answer-worker.mjs'),
          bundle: true,
          platform: 'node',
          format: 'esm',
          target: 'node20',
          minify: true,
        })
      })
    },
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

import { fileURLToPath } from 'node:url'
import vue from '@vitejs/plugin-vue'
import unimport from 'unimport/unplugin'
import vuetify from 'vite-plugin-vuetify'
import { defineConfig } from 'vitest/config'
import { LongestFirst } from './scripts/longest-first.mjs'

const app = fileURLToPath(new URL('app', import.meta.url))
const nuxt = fileURLToPath(new URL('app/testing/nuxt.ts', import.meta.url))

export default defineConfig({
  test: {
    // Left alone it keeps one core free, for a page that watches.
    maxWorkers: 2,
    sequence: { sequencer: LongestFirst },
    projects: [
      {
        test: {
          name: 'core',
          setupFiles: ['testing/setup.ts'],
          include: ['core/**/*.test.ts', 'testing/**/*.test.ts', 'words/**/*.test.ts', 'server/**/*.test.ts'],
          // Pure functions: files may share what they have loaded, which halves the time.
          isolate: false,
          // Node's own modules, turned into JavaScript by tsx: a call over Vite's module objects costs sums a third more (142 s against 96 for the waters of the trade).
          experimental: { viteModuleRunner: false, nodeLoader: false },
          execArgv: ['--import', 'tsx'],
          testTimeout: 240_000,
        },
      },
      {
        resolve: { alias: { '~': app } },
        test: {
          name: 'app',
          setupFiles: ['testing/setup.ts'],
          include: ['storage/**/*.test.ts', 'app/**/*.test.ts'],
          exclude: ['app/**/*.screen.test.ts'],
          isolate: false,
          testTimeout: 240_000,
        },
      },
      {
        plugins: [
          vue(),
          vuetify({ autoImport: true }),
          // What Nuxt imports by itself.
          unimport.vite({
            presets: [
              'vue',
              {
                from: nuxt,
                imports: ['useHead', 'useRoute', 'useRouter', 'navigateTo', 'definePageMeta', 'onNuxtReady'],
              },
            ],
          }),
        ],
        resolve: { alias: { '~': app } },
        test: {
          // Pages and forms mounted on their own, over a box of their own.
          name: 'screens',
          include: ['app/**/*.screen.test.ts'],
          environment: 'happy-dom',
          setupFiles: ['testing/setup.ts', 'app/testing/setup.ts'],
          isolate: false,
          server: { deps: { inline: ['vuetify'] } },
          testTimeout: 240_000,
          hookTimeout: 60_000,
          expect: { poll: { timeout: 30_000 } },
        },
      },
    ],
  },
})

import { defineConfig } from 'vitest/config'

export default defineConfig({
  test: {
    // Left alone it keeps one core free, for a page that watches.
    maxWorkers: 2,
    projects: [
      {
        test: {
          name: 'core',
          include: ['core/**/*.test.ts', 'server/**/*.test.ts'],
          // Pure functions: files may share what they have loaded, which halves the time.
          isolate: false,
          testTimeout: 60_000,
        },
      },
      {
        test: { name: 'app', include: ['storage/**/*.test.ts', 'app/**/*.test.ts'], testTimeout: 60_000 },
      },
    ],
  },
})

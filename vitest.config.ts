import { defineConfig } from 'vitest/config'

export default defineConfig({
  test: {
    include: ['core/**/*.test.ts', 'storage/**/*.test.ts', 'server/**/*.test.ts', 'app/**/*.test.ts'],
    testTimeout: 60_000,
  },
})

/**
 * What every project asks, and which way imports run: data → core → words → app and server, core → storage → app; inside core from measures to matching.
 * What only templates and names ask stands in eslint.config.mjs and scripts/names.mjs.
 */
const OUTSIDE_CORE = [
  'vue',
  'vue/*',
  'nuxt',
  'nuxt/*',
  '#app',
  '#app/*',
  '#imports',
  'pinia',
  'dexie',
  'vuetify',
  'vuetify/*',
  'd3-*',
  // Pure arithmetic of chance, without a page.
  '!d3-random',
  // And sums over lists.
  '!d3-array',
  'node:*',
]
const ORDER = [
  'quantity',
  'water',
  'tackle',
  'motion',
  'bench',
  'match',
  'outing',
  'review',
  'plan',
  'practice',
  'exchange',
]
const TESTS = ['**/*.test.ts', 'app/testing/**', 'testing/**']

/**
 * @param {string[]} files
 * @param {string[]} group
 * @param {string} message
 * @param {string[]} excludeFiles
 */
const forbid = (files, group, message, excludeFiles = []) => ({
  files,
  excludeFiles,
  rules: { 'no-restricted-imports': ['error', { patterns: [{ group, message }] }] },
})

const coreFolders = ORDER.map((folder, i) => {
  const later = ORDER.slice(i + 1).filter((name) => name !== 'exchange' || folder === 'exchange')
  const upward = later.flatMap((name) => [
    `../${name}`,
    `../${name}/*`,
    `../../${name}`,
    `../../${name}/*`,
    `../../../${name}`,
  ])
  return forbid(
    [`core/${folder}/**/*.ts`],
    [...OUTSIDE_CORE, '**/app/**', '**/storage/**', '**/server/**', '**/words/**', ...upward],
    `core/${folder} may import only data and: ${['itself', ...ORDER.slice(0, i)].join(', ')}`,
    ['**/*.test.ts'],
  )
})

export default {
  plugins: ['typescript', 'unicorn', 'oxc', 'import'],
  categories: { correctness: 'error' },
  rules: {
    'no-unused-vars': [
      'error',
      { args: 'after-used', argsIgnorePattern: '^_', varsIgnorePattern: '^_', ignoreRestSiblings: true },
    ],
    'no-var': 'error',
    'prefer-const': 'error',
    'prefer-rest-params': 'error',
    'prefer-spread': 'error',
    'no-empty': 'error',
    'no-fallthrough': 'error',
    'no-case-declarations': 'error',
    'no-prototype-builtins': 'error',
    'no-regex-spaces': 'error',
    // A copy of a list that changes under the loop; a row of a known length; an answer "then" that is no promise; a declaration found only from where it is used.
    'unicorn/no-useless-spread': 'off',
    'unicorn/no-new-array': 'off',
    'unicorn/no-thenable': 'off',
    'typescript/triple-slash-reference': 'off',
    'typescript/ban-ts-comment': 'error',
    'typescript/no-explicit-any': 'error',
    'typescript/no-dynamic-delete': 'error',
    'typescript/no-empty-object-type': 'error',
    'typescript/no-extraneous-class': 'error',
    'typescript/no-invalid-void-type': 'error',
    'typescript/no-non-null-asserted-nullish-coalescing': 'error',
    'typescript/no-non-null-assertion': 'error',
    'typescript/no-require-imports': 'error',
    'typescript/no-unsafe-function-type': 'error',
    'typescript/consistent-type-imports': ['error', { disallowTypeAnnotations: false }],
    'import/first': 'error',
    'import/no-duplicates': 'error',
    'import/no-mutable-exports': 'error',
    'import/no-named-default': 'error',
  },
  overrides: [
    ...coreFolders,
    {
      files: ['core/**/*.ts'],
      excludeFiles: TESTS,
      rules: {
        'no-restricted-properties': [
          'error',
          { object: 'Date', property: 'now', message: 'Time is passed in.' },
          { object: 'Math', property: 'random', message: 'Chance is passed in, seeded.' },
          { object: 'performance', property: 'now', message: 'Time is passed in.' },
        ],
      },
    },
    forbid(
      ['data/**/*.ts'],
      ['../core/**', '../../core/**', '**/app/**', '**/server/**', '**/storage/**', 'vue', 'zod', 'd3-*'],
      'data imports only data',
    ),
    forbid(
      ['words/**/*.ts'],
      ['**/app/**', '**/storage/**', '**/server/**', 'vue', 'pinia', 'vuetify', 'nuxt', 'zod'],
      'words know only core and data',
    ),
    forbid(
      ['storage/**/*.ts'],
      ['**/app/**', '**/server/**', 'vue', 'pinia', 'vuetify', 'nuxt'],
      'storage knows only core and data',
    ),
    forbid(
      ['app/**/*.ts', 'app/**/*.vue'],
      ['dexie', '**/server/**'],
      'the app reaches IndexedDB through storage only',
    ),
    forbid(
      ['server/**/*.ts'],
      ['dexie', 'vue', 'pinia', 'vuetify', '**/app/**', '**/storage/**'],
      'the server serves core',
    ),
    {
      files: ['**/*.test.ts', 'e2e/**'],
      rules: { 'typescript/no-non-null-assertion': 'off' },
    },
  ],
  ignorePatterns: ['.nuxt', '.output', 'node_modules', '.stryker', 'reports', 'test-results', 'playwright-report'],
}

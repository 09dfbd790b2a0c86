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
/** Rooms of the match, in the order of its work: each takes from those before it, through their faces. */
const MATCH_ROOMS = ['asked', 'account', 'possible', 'tuned', 'against', 'questions']
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

/** @param {number} i */
const laterFolders = (i) =>
  ORDER.slice(i + 1)
    .filter((name) => name !== 'exchange' || ORDER[i] === 'exchange')
    .flatMap((name) => [`../${name}`, `../${name}/*`, `../../${name}`, `../../${name}/*`, `../../../${name}`])
const NOT_IN_CORE = [...OUTSIDE_CORE, '**/app/**', '**/storage/**', '**/server/**', '**/words/**']

const coreFolders = ORDER.map((folder, i) => {
  return forbid(
    [`core/${folder}/**/*.ts`],
    [...NOT_IN_CORE, ...laterFolders(i)],
    `core/${folder} may import only data and: ${['itself', ...ORDER.slice(0, i)].join(', ')}`,
    ['**/*.test.ts'],
  )
})

const matchRooms = MATCH_ROOMS.map((room, i) =>
  forbid(
    [`core/match/${room}/*.ts`],
    [
      ...NOT_IN_CORE,
      ...laterFolders(ORDER.indexOf('match')),
      ...MATCH_ROOMS.slice(i + 1).map((name) => `../${name}`),
      ...MATCH_ROOMS.map((name) => `../${name}/*`),
      '..',
      '../index',
      '../match-water',
    ],
    `core/match/${room} may import only, by their faces: ${['what stands under the match', ...MATCH_ROOMS.slice(0, i)].join(', ')}`,
    ['**/*.test.ts'],
  ),
)

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
    ...matchRooms,
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

import withNuxt from './.nuxt/eslint.config.mjs'
import { retiredWords } from './scripts/retired-words.mjs'

const RETIRED = {
  selector: `Identifier[name=/^(?:${retiredWords().join('|')})$/]`,
  message: 'A retired word: docs/vocabulary.md has the one for it.',
}
const CAST_OF_A_CAST = {
  selector: 'TSAsExpression > TSAsExpression',
  message: 'A cast of a cast hides the type: use a typed lookup.',
}
const SENTENCE = {
  selector: ':matches(Literal[value=/^[A-Z][a-z]* [a-z]/], TemplateElement[value.raw=/^ [a-z]{3}|[a-z]{3} $/])',
  message: 'What a person reads stands in words/.',
}
/** Where names of earlier versions are read. */
const READS_EARLIER = ['core/exchange/from-5.ts', '**/*.test.ts', 'e2e/**']

/** Imports run one way: data → core → words → app and server, core → storage → app; inside core from measures to matching. */
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

/**
 * @param {string[]} files
 * @param {string[]} group
 * @param {string} message
 * @param {import('eslint').Linter.RulesRecord} more
 */
const forbid = (files, group, message, more = {}) => ({
  files,
  rules: /** @type {import('eslint').Linter.RulesRecord} */ ({
    'no-restricted-imports': ['error', { patterns: [{ group, message }] }],
    ...more,
  }),
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
    {
      'no-restricted-properties': [
        'error',
        { object: 'Date', property: 'now', message: 'Time is passed in.' },
        { object: 'Math', property: 'random', message: 'Chance is passed in, seeded.' },
        { object: 'performance', property: 'now', message: 'Time is passed in.' },
      ],
    },
  )
})

export default withNuxt(
  ...coreFolders,
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
  forbid(['app/**/*.{ts,vue}'], ['dexie', '**/server/**'], 'the app reaches IndexedDB through storage only'),
  forbid(
    ['server/**/*.ts'],
    ['dexie', 'vue', 'pinia', 'vuetify', '**/app/**', '**/storage/**'],
    'the server serves core',
  ),
  { files: ['core/**/*.test.ts'], rules: { 'no-restricted-imports': 'off' } },
  {
    files: ['**/*.ts', '**/*.vue'],
    ignores: READS_EARLIER,
    rules: {
      '@typescript-eslint/no-non-null-assertion': 'error',
      'no-restricted-syntax': ['error', CAST_OF_A_CAST, RETIRED],
    },
  },
  {
    // What a person reads stands in words/: no sentence between quotation marks, neither in scripts nor in templates.
    files: ['app/**/*.ts', 'app/**/*.vue'],
    ignores: ['app/**/*.test.ts', 'app/testing/**'],
    rules: {
      'no-restricted-syntax': ['error', CAST_OF_A_CAST, RETIRED, SENTENCE],
      'vue/no-restricted-syntax': ['error', SENTENCE],
    },
  },
  {
    rules: {
      // What a person reads stands in words/.
      'vue/no-bare-strings-in-template': [
        'error',
        {
          // Signs, units and keys.
          allowlist: [...'·–—-/×%°±(),.:;?…“”→↑↓✓✕+−*#|&●\u202f\u00a005shCVD'],
        },
      ],
      'vue/multi-word-component-names': 'off',
      'vue/no-multiple-template-root': 'off',
      'vue/html-self-closing': 'off',
      'vue/max-attributes-per-line': 'off',
      'vue/singleline-html-element-content-newline': 'off',
      'vue/html-indent': 'off',
      'vue/html-closing-bracket-newline': 'off',
      'vue/attributes-order': 'off',
    },
  },
)

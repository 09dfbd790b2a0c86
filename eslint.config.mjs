import * as typescript from '@typescript-eslint/parser'
import vue from 'eslint-plugin-vue'
import vueParser from 'vue-eslint-parser'

/** What a person reads stands in words/: no sentence between quotation marks, neither in scripts nor in templates. */
const SENTENCE = {
  selector: ':matches(Literal[value=/^[A-Z][a-z]* [a-z]/], TemplateElement[value.raw=/^ [a-z]{3}|[a-z]{3} $/])',
  message: 'What a person reads stands in words/.',
}

/** What the page’s own files ask; all else is found by oxlint (oxlint.config.mjs) and scripts/names.mjs, in seconds. */
export default [
  { ignores: ['**/*.test.ts', 'app/testing/**'] },
  ...vue.configs['flat/recommended'].map((config) => ({ ...config, files: ['**/*.vue'] })),
  { files: ['**/*.ts'], languageOptions: { parser: typescript } },
  { files: ['**/*.vue'], languageOptions: { parser: vueParser, parserOptions: { parser: typescript } } },
  { files: ['app/**/*.ts', 'app/**/*.vue'], rules: { 'no-restricted-syntax': ['error', SENTENCE] } },
  {
    files: ['**/*.vue'],
    rules: {
      'vue/no-restricted-syntax': ['error', SENTENCE],
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
      'vue/multiline-html-element-content-newline': 'off',
      'vue/html-indent': 'off',
      'vue/html-closing-bracket-newline': 'off',
      'vue/attributes-order': 'off',
    },
  },
]

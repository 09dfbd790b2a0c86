/** Values come from the tokens of app/theme: eight sizes of type, four radii, one scale of spacing, colours by meaning. */
const SPACING = ['gap', 'row-gap', 'column-gap', '/^padding/', '/^margin/']

/** @type {import('stylelint').Config} */
export default {
  overrides: [
    { files: ['**/*.vue'], customSyntax: 'postcss-html' },
    { files: ['app/theme/colours.css'], rules: { 'color-no-hex': null } },
  ],
  rules: {
    'declaration-property-value-allowed-list': {
      'font-size': ['/^var\\(--text-(?:[1-8]|print-[sm])\\)$/', 'inherit'],
      'border-radius': ['/^(?:(?:var\\(--radius-(?:s|m|l|round)\\)|0) ?)+$/', 'inherit'],
    },
    'declaration-property-value-disallowed-list': Object.fromEntries(
      SPACING.map((property) => [property, ['/(?:[2-9]|\\d\\d+)px/', '/\\d(?:rem|em)\\b/']]),
    ),
    'color-no-hex': true,
    'color-named': 'never',
    'declaration-block-no-duplicate-properties': true,
    'no-duplicate-selectors': true,
    'property-no-unknown': true,
    'selector-pseudo-class-no-unknown': [true, { ignorePseudoClasses: ['deep', 'global', 'slotted'] }],
  },
}

import js from '@eslint/js'
import prettier from 'eslint-config-prettier'
import vue from 'eslint-plugin-vue'
import ts from 'typescript-eslint'

/** Kinds of bands, constructions and fittings. */
const KINDS =
  'plain|stripes|tapestry|mosaic|relief|written|texture|cord|tube|panel|squares|strips|discs|half-round|folded-panel|two-panels|[a-z]+-base'

export default ts.config(
  { ignores: ['dist', '.cache', 'src/app/components.d.ts', 'test-results', 'playwright-report'] },
  js.configs.recommended,
  ...ts.configs.recommended,
  ...vue.configs['flat/recommended'],
  {
    files: ['**/*.vue'],
    languageOptions: { parserOptions: { parser: ts.parser } },
  },
  {
    rules: {
      'no-undef': 'off', // the type checker does this
      'max-lines-per-function': ['error', { max: 70, skipBlankLines: true, skipComments: true }],
      'vue/multi-word-component-names': 'off',
      'vue/require-default-prop': 'off',
      'no-irregular-whitespace': 'off',
      '@typescript-eslint/no-unused-vars': ['error', { argsIgnorePattern: '^_' }],
    },
  },
  {
    // Kinds are asked in their tables and nowhere else.
    files: ['src/**/*.ts', 'src/**/*.vue'],
    ignores: [
      'src/**/*.test.ts',
      'src/core/testing/**',
      'src/core/band/**',
      'src/core/shape/**',
      'src/core/fitting/**',
      'src/core/project/migrations.ts',
      // What a checked pattern becomes is put together band by band.
      'src/core/adopt/**',
    ],
    rules: {
      'no-restricted-syntax': [
        'error',
        {
          selector: `BinaryExpression[left.property.name='kind'][left.object.name!='front'][right.value=/^(${KINDS})$/], BinaryExpression[left.name='kind'][right.value=/^(${KINDS})$/]`,
          message:
            'Ask the definition of its kind (bandOf, constructionOf, fittingOf, on the page chartKindOf; isBandOf for what one kind alone has), not the kind.',
        },
      ],
    },
  },
  { files: ['**/*.test.ts', 'e2e/**', 'bench/**'], rules: { 'max-lines-per-function': 'off' } },
  {
    // A component is a thin one: what it decides is in composables beside it.
    files: ['**/*.vue'],
    rules: {
      'max-lines-per-function': 'off',
      'max-lines': ['error', { max: 400 }],
      'vue/max-lines-per-block': ['error', { script: 150, skipBlankLines: true }],
    },
  },
  prettier,
)

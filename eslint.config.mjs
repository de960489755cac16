import js from '@eslint/js'
import prettier from 'eslint-config-prettier'
import vue from 'eslint-plugin-vue'
import ts from 'typescript-eslint'

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
  { files: ['**/*.test.ts', 'e2e/**', 'bench/**'], rules: { 'max-lines-per-function': 'off' } },
  { files: ['**/*.vue'], rules: { 'max-lines-per-function': 'off' } },
  prettier,
)

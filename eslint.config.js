import prettier from 'eslint-config-prettier'
import vue from 'eslint-plugin-vue'
import { defineConfigWithVueTs, vueTsConfigs } from '@vue/eslint-config-typescript'

export default defineConfigWithVueTs(
  { ignores: ['public/', 'vendor/', 'var/', 'node_modules/', 'web/src/contract/api.d.ts'] },
  vue.configs['flat/recommended'],
  vueTsConfigs.recommended,
  prettier,
  {
    rules: {
      'vue/block-lang': ['error', { script: { lang: 'ts' } }],
      'vue/component-api-style': ['error', ['script-setup']],
      'vue/define-macros-order': 'error',
      'vue/require-default-prop': 'off',
      // A union type in a template looks like a filter to it.
      'vue/no-deprecated-filter': 'off',
      '@typescript-eslint/no-unused-vars': ['error', { varsIgnorePattern: '^_', ignoreRestSiblings: true }],
      eqeqeq: 'error',
      'no-console': 'error',
    },
  },
  {
    // The component library is spoken to in one room, in the product's own words.
    files: ['web/src/**'],
    ignores: ['web/src/ui/**'],
    rules: { 'no-restricted-imports': ['error', { patterns: ['element-plus', 'element-plus/*'] }] },
  },
  {
    // One button: what looks like one is a UiButton.
    files: ['web/src/**/*.vue'],
    ignores: ['web/src/ui/UiButton.vue'],
    rules: { 'vue/no-restricted-class': ['error', 'button'] },
  },
  { files: ['bin/**/*.mjs'], rules: { 'no-console': 'off' } },
)

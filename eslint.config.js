import i18n from '@intlify/eslint-plugin-vue-i18n'
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
  ...i18n.configs['flat/base'],
  {
    // Every text stands in the catalogue, and nothing else does.
    files: ['web/src/**/*.{vue,ts,json}'],
    settings: {
      'vue-i18n': {
        localeDir: {
          pattern: './web/src/messages/*/*.json',
          localePattern: /^.*\/(?<locale>[\w-]+)\/.*\.json$/,
          localeKey: 'path',
        },
        messageSyntaxVersion: '^11.0.0',
      },
    },
    rules: {
      '@intlify/vue-i18n/no-missing-keys': 'error',
      '@intlify/vue-i18n/no-unused-keys': ['error', { src: './web/src', extensions: ['.ts', '.vue'] }],
      '@intlify/vue-i18n/no-raw-text': [
        'error',
        {
          // Signs and figures are the same in every language.
          ignorePattern: '^[^A-Za-z]*$',
          attributes: {
            '/.+/': [
              'aria-label',
              'aria-description',
              'title',
              'alt',
              'placeholder',
              'label',
              'heading',
              'say',
              'none',
              'older',
            ],
          },
        },
      ],
    },
  },
  { files: ['bin/**/*.mjs'], rules: { 'no-console': 'off' } },
)

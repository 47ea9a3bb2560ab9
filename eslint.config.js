import prettier from 'eslint-config-prettier'
import vue from 'eslint-plugin-vue'
import globals from 'globals'
import typescript from 'typescript-eslint'

/** Imports point one way: app and server use shared, shared uses core, and core uses nothing of ours. */
const outside = (folders, packages = []) => ({
  'no-restricted-imports': [
    'error',
    {
      paths: packages.map((name) => ({ name, message: `This folder does not use ${name}.` })),
      patterns: folders.map((folder) => ({
        regex: `(^|/)(\\.\\.?/)+(.*/)?${folder}(/|$)|^#${folder}(/|$)|^(~|~~|@|@@)/${folder}(/|$)`,
        message: `This folder does not import from ${folder}/.`,
      })),
    },
  ],
})

export default typescript.config(
  { ignores: ['.nuxt/', '.output/', '.bench/', 'data/', 'node_modules/', 'server/database/migrations/'] },
  ...typescript.configs.recommended,
  ...vue.configs['flat/recommended'],
  {
    files: ['**/*.{ts,vue}'],
    languageOptions: {
      parserOptions: { parser: typescript.parser },
      globals: { ...globals.browser, ...globals.node },
    },
    rules: {
      'no-undef': 'off',
      'no-empty': 'error',
      eqeqeq: 'error',
      'no-console': ['error', { allow: ['error'] }],
      'vue/multi-word-component-names': 'off',
      '@typescript-eslint/no-unused-vars': [
        'error',
        { argsIgnorePattern: '^_', varsIgnorePattern: '^_', ignoreRestSiblings: true },
      ],
      '@typescript-eslint/consistent-type-imports': 'error',
    },
  },
  {
    files: ['core/**/*.ts'],
    rules: outside(
      ['app', 'server', 'shared', 'starters', 'demo', 'scripts', 'tests'],
      ['vue', 'pinia', 'nuxt', 'h3', 'drizzle-orm', '@electric-sql/pglite'],
    ),
  },
  {
    files: ['core/**/*.ts'],
    ignores: ['**/*.test.ts'],
    rules: { 'no-restricted-globals': ['error', 'window', 'document', 'localStorage', 'fetch', 'process'] },
  },
  { files: ['shared/**/*.ts'], rules: outside(['app', 'server', 'starters', 'demo', 'scripts', 'tests']) },
  { files: ['starters/**/*.ts'], rules: outside(['app', 'server', 'demo', 'scripts', 'tests']) },
  { files: ['demo/**/*.ts'], rules: outside(['app', 'server', 'scripts', 'tests']) },
  { files: ['server/**/*.ts'], rules: outside(['app', 'scripts', 'tests']) },
  { files: ['app/**/*.{ts,vue}'], rules: outside(['server', 'starters', 'demo', 'scripts', 'tests']) },
  { files: ['scripts/**/*.ts', 'bench/**/*.ts', 'tests/**/*.ts'], rules: { 'no-console': 'off' } },
  prettier,
)

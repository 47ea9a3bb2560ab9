import prettier from 'eslint-config-prettier'
import vue from 'eslint-plugin-vue'
import globals from 'globals'
import typescript from 'typescript-eslint'

/**
 * Imports point one way: app and server use shared, shared uses core, and core uses nothing of ours.
 * @param beside folders of the same parent that may not be used either
 */
const outside = (folders, packages = [], beside = []) => ({
  'no-restricted-imports': [
    'error',
    {
      paths: packages.map((name) => ({ name, message: `This folder does not use ${name}.` })),
      patterns: [
        ...folders.map((folder) => ({
          regex: `(^|/)(\\.\\.?/)+(.*/)?${folder}(/|$)|^#${folder}(/|$)|^(~|~~|@|@@)/${folder}(/|$)`,
          message: `This folder does not import from ${folder}/.`,
        })),
        ...beside.map((folder) => ({
          regex: `^(~/|(\\.\\./)+)${folder}(/|$)`,
          message: `This folder does not import from ${folder}/, which comes after it.`,
        })),
      ],
    },
  ],
})

/** The folders of the core, each of which may use those before it and none after it. */
const coreOrder = [
  'defined',
  'random',
  'quantity',
  'class',
  'calendar',
  'catalogue',
  'instrument',
  'entries',
  'observation',
  'plan',
  'words',
  'scienceWords',
  'wonder',
  'evidence',
  'recording',
  'comparison',
  'variables',
  'conclusion',
  'ownWords',
  'review',
  'fair',
  'kit',
  'timetable',
  'safety',
  'method',
  'rehearsal',
  'followUps',
  'checks',
  'format',
  'lesson',
  'archive',
  'report',
  'logbook',
]
/** The same of the server. */
const serverOrder = [
  'errors',
  'threads',
  'database',
  'live',
  'queries',
  'running',
  'access',
  'http',
  'api',
  'plugins',
]
/** The same of the interface. */
const appOrder = [
  'theme',
  'loading',
  'live',
  'workers',
  'api',
  'stores',
  'words',
  'charts',
  'composables',
  'components',
  'pages',
]
const coreUsesNone = ['app', 'server', 'shared', 'starters', 'demo', 'scripts', 'tests']
const serverUsesNone = ['app', 'demo', 'scripts', 'tests']
const appUsesNone = ['server', 'starters', 'demo', 'scripts', 'tests']
const corePackages = ['vue', 'pinia', 'nuxt', 'h3', 'drizzle-orm', '@electric-sql/pglite']

/** Files that add to elements in place (`sums[index]! += one`), which no function can stand before. */
const adds = [
  'contrast',
  'jonckheere',
  'jonckheereNull',
  'levelEffects',
  'medianPolish',
  'pageNull',
  'sumNull',
].map((name) => `core/evidence/${name}.ts`)

/** Each folder with what it may not use: what its floor may not, and the folders after it. Tests may look at more. */
const inOrder = (floor, order, none, packages = [], besides = []) =>
  order.map((folder, place) => ({
    files: [`${floor}/${folder}/**/*.{ts,vue}`],
    ignores: ['**/*.test.ts', '**/tests/**'],
    rules: outside(none, packages, [...order.slice(place + 1), ...besides]),
  }))

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
  { files: ['core/**/*.ts'], rules: outside(coreUsesNone, corePackages) },
  ...inOrder('core', coreOrder, coreUsesNone, corePackages, ['testing']),
  {
    files: ['core/**/*.ts'],
    ignores: ['**/*.test.ts'],
    rules: { 'no-restricted-globals': ['error', 'window', 'document', 'localStorage', 'fetch', 'process'] },
  },
  { files: ['shared/**/*.ts'], rules: outside(['app', 'server', 'starters', 'demo', 'scripts', 'tests']) },
  { files: ['starters/**/*.ts'], rules: outside(['app', 'server', 'demo', 'scripts', 'tests']) },
  { files: ['demo/**/*.ts'], rules: outside(['app', 'server', 'scripts', 'tests']) },
  { files: ['server/**/*.ts'], rules: outside(serverUsesNone) },
  ...inOrder('server', serverOrder, serverUsesNone),
  { files: ['app/**/*.{ts,vue}'], rules: outside(appUsesNone) },
  ...inOrder('app', appOrder, appUsesNone),
  {
    // What must be there is asked for by `core/defined`, which throws where it is not; templates and tests are not looked at.
    files: ['{core,shared,starters,server,app,demo,scripts}/**/*.{ts,vue}'],
    ignores: ['**/*.test.ts', '**/tests/**', '**/testing/**', ...adds],
    rules: { '@typescript-eslint/no-non-null-assertion': 'error' },
  },
  { files: ['scripts/**/*.ts', 'benchmarks/**/*.ts', 'tests/**/*.ts'], rules: { 'no-console': 'off' } },
  prettier,
)

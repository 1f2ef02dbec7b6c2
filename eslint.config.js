import js from '@eslint/js'
import { createTypeScriptImportResolver } from 'eslint-import-resolver-typescript'
import { importX } from 'eslint-plugin-import-x'
import lingui from 'eslint-plugin-lingui'
import reactHooks from 'eslint-plugin-react-hooks'
import tseslint from 'typescript-eslint'

/** Inside the core a folder may import from those before it, never from one after it. */
const CORE_ORDER = [
  'clock',
  'wording',
  'teaching',
  'knowing',
  'drawing',
  'faces',
  'make',
  'chance',
  'days',
  'printables',
  'movement',
  'stories',
  'activities',
  'planning',
]

/** What asks the zone of the machine: only views know the place that they are looked at in. */
const ZONED = [
  ...['FullYear', 'Month', 'Date', 'Day', 'Hours', 'Minutes'].flatMap((part) => [`get${part}`, `set${part}`]),
  'getTimezoneOffset',
  'toLocaleDateString',
  'toLocaleTimeString',
  'toDateString',
]

/** pages → islands → ui → core, and pages/api → server → core. */
const directions = [
  {
    target: './src/core',
    from: ['./src/words', './src/server', './src/ui', './src/islands', './src/pages'],
    message: 'The core imports nothing but itself.',
  },
  {
    target: './src/words',
    from: ['./src/server', './src/ui', './src/islands', './src/pages'],
    message: 'What says the texts builds on the core alone.',
  },
  {
    target: './src/server',
    from: ['./src/ui', './src/islands', './src/pages'],
    message: 'The server builds on the core and its words.',
  },
  {
    target: './src/ui',
    from: ['./src/server', './src/islands', './src/pages'],
    message: 'What views share builds on the core and its words.',
  },
  { target: './src/islands', from: ['./src/server', './src/pages'], message: 'Views reach the server over HTTP.' },
  { target: './src/pages/api', from: ['./src/ui', './src/islands'], message: 'Endpoints call the server.' },
  ...CORE_ORDER.slice(0, -1).map((folder, i) => ({
    target: `./src/core/${folder}`,
    from: CORE_ORDER.slice(i + 1).map((later) => `./src/core/${later}`),
    message: `${folder} comes before it in the core.`,
  })),
]

export default tseslint.config(
  {
    ignores: ['dist', '.astro', '.cache', 'node_modules', 'data', 'demo', 'docs', 'test-results', 'playwright-report'],
  },
  js.configs.recommended,
  ...tseslint.configs.strict,
  {
    files: ['**/*.{ts,tsx,js}'],
    plugins: { 'import-x': importX },
    settings: { 'import-x/resolver-next': [createTypeScriptImportResolver({ project: './tsconfig.json' })] },
    rules: {
      'import-x/no-restricted-paths': ['error', { zones: directions }],
      'import-x/no-cycle': ['error', { ignoreExternal: true }],
      '@typescript-eslint/no-explicit-any': 'error',
      '@typescript-eslint/consistent-type-imports': ['error', { fixStyle: 'inline-type-imports' }],
      'no-console': 'error',
      'max-params': ['error', 4],
      'max-lines-per-function': ['error', { max: 60, IIFEs: true }],
    },
  },
  {
    // Only there is React; these rules take three times as long as all others.
    files: ['src/{islands,ui,pages}/**/*.{ts,tsx}'],
    plugins: { 'react-hooks': reactHooks },
    rules: reactHooks.configs.recommended.rules,
  },
  {
    // A text that is said as a file is loaded would stay in the language of that moment.
    files: ['src/{islands,ui}/**/*.{ts,tsx}'],
    plugins: { lingui },
    rules: {
      'lingui/t-call-in-function': 'error',
      'no-restricted-syntax': [
        'error',
        {
          selector:
            ':matches(Program, ExportNamedDeclaration) > VariableDeclaration > VariableDeclarator > CallExpression[callee.name=/^(said|saidEach|listed|labelled)$/]',
          message: 'Say it where it is shown: here it would stay in the language of the moment.',
        },
      ],
    },
  },
  {
    // Playwright reads from the pattern which fixtures a fixture needs.
    files: ['e2e/**/*.ts'],
    rules: { 'no-empty-pattern': ['error', { allowObjectPatternsAsParameters: true }] },
  },
  { files: ['**/*.test.ts'], rules: { 'max-params': 'off', 'max-lines-per-function': 'off' } },
  {
    files: ['src/core/**/*.ts'],
    ignores: ['src/core/**/*.test.ts'],
    rules: {
      'no-restricted-imports': [
        'error',
        {
          patterns: [
            { regex: '^(?!\\.|pure-rand|ts-fsrs|@date-fns/tz)', message: 'The core takes small pure libraries only.' },
          ],
        },
      ],
      'no-restricted-globals': ['error', 'Date', 'performance', 'crypto', 'process', 'window', 'document'],
      'no-restricted-properties': [
        'error',
        { object: 'Math', property: 'random', message: 'Randomness is handed in as a seed.' },
      ],
    },
  },
  {
    files: ['src/core/**/*.ts', 'src/server/**/*.ts', 'src/pages/**/*.ts'],
    rules: {
      'no-restricted-syntax': [
        'error',
        {
          selector: `MemberExpression[property.name=/^(?:${ZONED.join('|')})$/]`,
          message: 'The server counts in UTC: the zone of its machine is not that of the children.',
        },
      ],
    },
  },
  {
    files: ['scripts/**', 'bench/**'],
    languageOptions: { globals: { console: 'readonly', process: 'readonly' } },
    rules: { 'no-console': 'off' },
  },
)

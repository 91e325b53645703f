import { createNodeResolver, importX } from 'eslint-plugin-import-x'
import jsxA11y from 'eslint-plugin-jsx-a11y'
import reactHooks from 'eslint-plugin-react-hooks'
import tseslint from 'typescript-eslint'
import { floors } from './eslint.floors.mjs'

/** Arrows point down only: ui → core, pages → server → core, core → nothing. */
const never = (...groups) => ({
  'no-restricted-imports': ['error', { patterns: groups.map(([group, message]) => ({ group, message })) }],
})

const server = [['@server/*', '**/server/**'], 'the interface asks the server through its endpoints']
const ui = [['@ui/*', '**/ui/**'], 'only pages put the interface and the server together']
const pages = [['**/pages/**'], 'nothing depends on a page']
const outside = [
  ['react', 'react-dom', '@mantine/*', 'astro', 'astro:*', 'drizzle-orm*', 'pg', 'pino', 'node:*', '@tabler/*', 'zustand', 'immer'],
  'the core has no interface, no I/O and no clock of its own',
]

/** Each floor of the core may use those below it. */
const zones = floors
  .map(([floor], index) => ({
    target: `./src/core/${floor}/*.ts`,
    from: floors.slice(index + 1).map(([above]) => `./src/core/${above}/*.ts`),
    message: `${floor} stands below it: see eslint.floors.mjs`,
  }))
  .filter(({ from }) => from.length > 0)

export default tseslint.config(
  { ignores: ['dist/', '.astro/', 'data/', 'node_modules/', 'playwright-report/', 'test-results/'] },
  ...tseslint.configs.recommended,
  {
    rules: {
      '@typescript-eslint/no-unused-vars': ['error', { argsIgnorePattern: '^_', varsIgnorePattern: '^_' }],
      '@typescript-eslint/consistent-type-imports': 'error',
      '@typescript-eslint/no-non-null-assertion': 'off',
      eqeqeq: 'error',
    },
  },
  {
    // What the compiler knows: a promise that nobody waits for, and a case that was forgotten.
    files: ['**/*.{ts,tsx}'],
    ignores: ['eslint.floors.d.mts'],
    languageOptions: { parserOptions: { projectService: true, tsconfigRootDir: import.meta.dirname } },
    rules: {
      '@typescript-eslint/no-floating-promises': 'error',
      '@typescript-eslint/no-misused-promises': ['error', { checksVoidReturn: { attributes: false } }],
      '@typescript-eslint/switch-exhaustiveness-check': ['error', { considerDefaultExhaustiveForUnions: true }],
    },
  },
  {
    files: ['src/**/*.tsx'],
    ...jsxA11y.flatConfigs.recommended,
    rules: {
      ...jsxA11y.flatConfigs.recommended.rules,
      // Fields of the interface's library know when they may take the focus.
      'jsx-a11y/no-autofocus': ['error', { ignoreNonDOM: true }],
      // What scrolls has to be reached by keys.
      'jsx-a11y/no-noninteractive-tabindex': ['error', { tags: [], roles: ['region', 'tabpanel'] }],
    },
  },
  {
    files: ['src/**/*.tsx', 'src/ui/**/*.ts'],
    plugins: { 'react-hooks': reactHooks },
    rules: { 'react-hooks/rules-of-hooks': 'error', 'react-hooks/exhaustive-deps': 'error' },
  },
  { files: ['src/core/**/*.ts'], ignores: ['**/*.test.ts'], rules: never(server, ui, pages, outside) },
  {
    files: ['src/core/**/*.ts'],
    ignores: ['**/*.test.ts'],
    plugins: { 'import-x': importX },
    settings: {
      'import-x/resolver-next': [createNodeResolver({ extensions: ['.ts'] })],
      'import-x/parsers': { '@typescript-eslint/parser': ['.ts'] },
    },
    rules: { 'import-x/no-cycle': 'error', 'import-x/no-restricted-paths': ['error', { zones }] },
  },
  {
    files: ['src/core/**/*.ts'],
    ignores: ['**/*.test.ts'],
    rules: {
      'no-restricted-syntax': [
        'error',
        {
          selector: "CallExpression[callee.object.name='Date'][callee.property.name='now']",
          message: 'The core has no clock of its own: pass the time in.',
        },
      ],
    },
  },
  { files: ['src/ui/**/*.{ts,tsx}', 'src/workers/**/*.ts'], rules: never(server, pages) },
  { files: ['src/server/**/*.ts'], rules: never(ui, pages) },
  {
    files: ['src/**/*.ts'],
    ignores: ['src/server/db/**'],
    rules: {
      '@typescript-eslint/no-restricted-imports': [
        'error',
        { patterns: [{ group: ['**/db/pool'], importNames: ['database'], message: 'work on a hall begins with inTheHall or inHall' }] },
      ],
    },
  },
  {
    // Whoever holds a transaction and asks for a second connection can stop the whole app: services only ever work in the one that
    // they are given.
    files: ['src/server/services/**/*.ts'],
    rules: {
      '@typescript-eslint/no-restricted-imports': [
        'error',
        {
          patterns: [
            {
              group: ['**/db/pool', '**/db/in-hall', '**/actions/*', '**/jobs/*', 'pg', 'drizzle-orm/node-postgres'],
              allowTypeImports: true,
              message: 'a service works in the transaction that it is given (InHall), and opens none',
            },
            { group: ['**/http/*', 'astro'], message: 'a service knows nothing of HTTP: it refuses (refused.ts), and endpoints say it' },
          ],
        },
      ],
    },
  },
)

import { readdirSync } from 'node:fs'
import hooks from 'eslint-plugin-react-hooks'
import { createNodeResolver, importX } from 'eslint-plugin-import-x'
import tseslint from 'typescript-eslint'

/** The folders of src, from the bottom up: what stands in one uses those before it, and never one behind it. */
const LAYERS = [
  'theme',
  'sheet',
  'api',
  'later',
  'typeset',
  'documents',
  'worksheet',
  'writing',
  'chart',
  'commands',
  'block',
  'drawing',
  'grid',
  'page',
  'contents',
  'echo',
  'panels',
  'lens',
  'guide',
  'history',
  'finder',
  'composer',
  'scratch',
  'start',
  'screen',
]

const unlisted = readdirSync('src', { withFileTypes: true }).filter(
  (entry) => entry.isDirectory() && !LAYERS.includes(entry.name),
)
if (unlisted.length > 0) throw new Error(`eslint.config.js: ${unlisted.map(({ name }) => name)} has no place in LAYERS`)

const upward = LAYERS.flatMap((layer, i) =>
  LAYERS.slice(i + 1).map((above) => ({
    target: `./src/${layer}`,
    from: `./src/${above}`,
    message: `${layer} is below ${above}: see LAYERS in eslint.config.js.`,
  })),
)

export default tseslint.config(
  { ignores: ['dist', 'src/api/contract.ts'] },
  ...tseslint.configs.strict,
  {
    files: ['src/**/*.{ts,tsx}'],
    plugins: { 'react-hooks': hooks, 'import-x': importX },
    settings: { 'import-x/resolver-next': [createNodeResolver({ extensions: ['.ts', '.tsx'] })] },
    rules: {
      ...hooks.configs.recommended.rules,
      // The compiler that this rule speaks for is not used here.
      'react-hooks/incompatible-library': 'off',
      'import-x/no-cycle': 'error',
      'import-x/no-restricted-paths': ['error', { zones: upward }],
      '@typescript-eslint/switch-exhaustiveness-check': 'error',
      '@typescript-eslint/consistent-type-assertions': ['error', { assertionStyle: 'never' }],
      'no-restricted-globals': [
        'error',
        { name: 'fetch', message: 'Ask through api/client.ts, whose types are the contract.' },
      ],
    },
    languageOptions: { parserOptions: { projectService: true } },
  },
  {
    files: ['src/api/client.ts'],
    rules: { 'no-restricted-globals': 'off' },
  },
)

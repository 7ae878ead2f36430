import hooks from 'eslint-plugin-react-hooks'
import tseslint from 'typescript-eslint'

export default tseslint.config(
  { ignores: ['dist', 'src/api/contract.d.ts'] },
  ...tseslint.configs.strict,
  {
    files: ['src/**/*.{ts,tsx}'],
    plugins: { 'react-hooks': hooks },
    rules: {
      ...hooks.configs.recommended.rules,
      // The compiler that this rule speaks for is not used here.
      'react-hooks/incompatible-library': 'off',
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

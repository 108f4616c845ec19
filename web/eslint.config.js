import importX from 'eslint-plugin-import-x'
import jsxA11y from 'eslint-plugin-jsx-a11y'
import reactHooks from 'eslint-plugin-react-hooks'
import tseslint from 'typescript-eslint'

/** Which rooms a room of src may not import from: the last column of the table in docs/architecture.md. */
const forbid = (files, group, message) => ({
  files,
  rules: { 'no-restricted-imports': ['error', { patterns: [{ group, message }] }] },
})

export default tseslint.config(
  { ignores: ['dist', 'node_modules', 'src/api/schema.d.ts'] },
  ...tseslint.configs.recommended,
  jsxA11y.flatConfigs.recommended,
  reactHooks.configs.flat['recommended-latest'] ?? reactHooks.configs['recommended-latest'],
  {
    rules: {
      // A grid of cells that take the focus one at a time is what the ARIA practices ask for.
      'jsx-a11y/no-noninteractive-tabindex': 'off',
      // Times and refs are read while drawing in the floor's clock alone.
      'react-hooks/refs': 'off',
      'react-hooks/purity': 'off',
      'react-hooks/set-state-in-effect': 'off',
    },
  },
  forbid(['src/ui/**'], ['**/hooks/*', '**/views/**', '@tanstack/*', '**/api/client'], 'ui draws; it does not fetch'),
  {
    files: ['src/**'],
    plugins: { 'import-x': importX },
    settings: {
      'import-x/resolver': { node: { extensions: ['.ts', '.tsx'] } },
      'import-x/parsers': { '@typescript-eslint/parser': ['.ts', '.tsx'] },
    },
    rules: { 'import-x/no-cycle': 'error' },
  },
  {
    files: ['src/views/**'],
    rules: {
      'no-restricted-imports': [
        'error',
        {
          patterns: [
            { regex: '/app/', message: 'views do not know the frame' },
            { regex: '^\\.\\./[a-z]', message: 'views do not import each other: what two need stands in parts' },
          ],
        },
      ],
    },
  },
  forbid(['src/parts/**'], ['**/views/**', '**/app/*'], 'parts are used by views'),
  forbid(['src/keys/**'], ['**/views/**', '**/app/*', '**/hooks/*', '**/ui/*'], 'keys know no view'),
  forbid(['src/api/**'], ['react', '**/ui/*', '**/views/**', '**/hooks/*'], 'api knows no React'),
  {
    files: ['src/text/**'],
    rules: {
      'no-restricted-imports': [
        'error',
        { patterns: [{ regex: '^(?!\\.\\./api/codes$|\\./)', message: 'text imports nothing but itself and the code lists' }] },
      ],
    },
  },
  forbid(['src/hooks/**'], ['**/ui/*', '**/views/**'], 'hooks fetch; they do not draw'),
  forbid(['src/offline/**'], ['react', '**/ui/*', '**/views/**'], 'offline knows no React'),
)

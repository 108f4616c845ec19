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
  forbid(['src/api/**'], ['react', '**/ui/*', '**/views/**', '**/hooks/*'], 'api knows no React'),
  forbid(['src/text/**'], ['**'], 'text imports nothing'),
  forbid(['src/hooks/**'], ['**/ui/*', '**/views/**'], 'hooks fetch; they do not draw'),
  forbid(['src/offline/**'], ['react', '**/ui/*', '**/views/**'], 'offline knows no React'),
)

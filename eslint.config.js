import js from '@eslint/js';
import a11y from 'eslint-plugin-jsx-a11y';
import hooks from 'eslint-plugin-react-hooks';
import globals from 'globals';
import tseslint from 'typescript-eslint';

export default tseslint.config(
  { ignores: ['**/dist', '**/types', '.data', 'test-results', 'playwright-report', '.dependency-cruiser.cjs'] },
  js.configs.recommended,
  ...tseslint.configs.recommended,
  {
    rules: {
      '@typescript-eslint/no-unused-vars': ['error', { argsIgnorePattern: '^_', varsIgnorePattern: '^_', ignoreRestSiblings: true }],
      // An index that was just checked, or a list that is never empty: the code says which beside it.
      '@typescript-eslint/no-non-null-assertion': 'off',
      '@typescript-eslint/no-explicit-any': 'error',
      '@typescript-eslint/no-unused-expressions': 'off',
    },
  },
  {
    // What only the types can tell: a promise that nobody waits for, a case that was forgotten.
    files: ['packages/*/src/**/*.{ts,tsx}'],
    ignores: ['**/*.d.ts', '**/*.test.{ts,tsx}', '**/*.fixture.ts'],
    languageOptions: { parserOptions: { projectService: true } },
    rules: {
      '@typescript-eslint/no-floating-promises': 'error',
      '@typescript-eslint/no-misused-promises': ['error', { checksVoidReturn: { attributes: false } }],
      '@typescript-eslint/await-thenable': 'error',
      '@typescript-eslint/switch-exhaustiveness-check': ['error', { considerDefaultExhaustiveForUnions: true }],
    },
  },
  { files: ['scripts/**', '*.js', 'jest.config.js'], languageOptions: { globals: globals.node } },
  // Jest's set-up runs before anything can be imported.
  {
    files: ['packages/web/jsdom-encoders.cjs'],
    languageOptions: { globals: globals.node },
    rules: { '@typescript-eslint/no-require-imports': 'off' },
  },
  // What it hands to the page runs there.
  { files: ['scripts/bench-screen.mjs'], languageOptions: { globals: globals.browser } },
  {
    files: ['packages/web/**'],
    plugins: { 'react-hooks': hooks, 'jsx-a11y': a11y },
    rules: {
      ...hooks.configs.recommended.rules,
      ...a11y.flatConfigs.recommended.rules,
      // What scrolls has to be reached by the keyboard.
      'jsx-a11y/no-noninteractive-tabindex': 'off',
      // Escape closes a panel, wherever in it the focus is.
      'jsx-a11y/no-noninteractive-element-interactions': ['error', { handlers: ['onClick', 'onMouseDown', 'onMouseUp'] }],
      'no-restricted-syntax': [
        'error',
        {
          selector: 'CallExpression[callee.name=/^use(Layout)?Effect$/] > ArrowFunctionExpression[body.type!="BlockStatement"]',
          message: 'What an effect returns is called when it ends: browsers differ in what their functions return. Use a block.',
        },
      ],
    },
  },
  {
    files: ['packages/core/src/**'],
    ignores: ['**/*.test.ts'],
    rules: {
      'no-restricted-globals': ['error', 'window', 'document', 'process', 'fetch', 'setTimeout', 'Date', 'localStorage'],
      'no-restricted-properties': ['error', { object: 'Math', property: 'random', message: 'The same input gives the same output.' }],
      'no-control-regex': 'off',
    },
  },
);

import js from '@eslint/js';
import a11y from 'eslint-plugin-jsx-a11y';
import hooks from 'eslint-plugin-react-hooks';
import globals from 'globals';
import tseslint from 'typescript-eslint';

/** An index that was just checked and the end of a list that is never empty are known by the code beside them; all else is asked for, or narrowed. */
const UNPROVEN = {
  selector:
    'TSNonNullExpression:not([expression.type="MemberExpression"][expression.computed=true]):not([expression.type="CallExpression"][expression.callee.property.name="at"])',
  message: 'That it is there is only claimed: narrow it, or take it with `getKnown`, which throws.',
};

const EFFECT = {
  selector: 'CallExpression[callee.name=/^use(Layout)?Effect$/] > ArrowFunctionExpression[body.type!="BlockStatement"]',
  message: 'What an effect returns is called when it ends: browsers differ in what their functions return. Use a block.',
};

/** The terminal's program starts from a snapshot, which knows no methods that came later. */
const NEWER = {
  selector: 'CallExpression[callee.property.name=/^to(Reversed|Sorted|Spliced)$/]',
  message: 'A snapshot of the program lacks it: copy the list first.',
};

export default tseslint.config(
  { ignores: ['**/dist', '**/types', '.data', 'test-results', 'playwright-report', '.dependency-cruiser.cjs'] },
  js.configs.recommended,
  ...tseslint.configs.recommended,
  {
    rules: {
      '@typescript-eslint/no-unused-vars': ['error', { argsIgnorePattern: '^_', varsIgnorePattern: '^_', ignoreRestSiblings: true }],
      // `UNPROVEN` is finer.
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
      'no-restricted-syntax': ['error', UNPROVEN],
    },
  },
  { files: ['scripts/**', '*.js', 'jest.config.js'], languageOptions: { globals: globals.node } },
  // Jest's set-up runs before anything can be imported.
  {
    files: ['packages/web/jsdom-*.cjs'],
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
      'no-restricted-syntax': ['error', UNPROVEN, EFFECT],
    },
  },
  // A test that claims wrongly fails.
  { files: ['packages/web/**/*.test.{ts,tsx}', 'packages/web/**/*.fixture.ts'], rules: { 'no-restricted-syntax': ['error', EFFECT] } },
  {
    files: ['packages/core/src/**', 'packages/cli/src/**'],
    ignores: ['**/*.test.ts', '**/*.fixture.ts'],
    rules: { 'no-restricted-syntax': ['error', UNPROVEN, NEWER] },
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

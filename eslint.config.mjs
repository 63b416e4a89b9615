import hooks from 'eslint-plugin-react-hooks';
import tseslint from 'typescript-eslint';

/** Imports go in one direction: web → workers → core; cli, server, office, demo → core. The engines are touched in one folder only. */
const never = (...patterns) => ({ 'no-restricted-imports': ['error', { patterns: patterns.map(([group, message]) => ({ group, message })) }] });
const native = ['mupdf', 'Only core/engines holds native handles.'];

export default tseslint.config(
  { ignores: ['dist/**', 'node_modules/**', 'playwright-report/**', 'test-results/**'] },
  ...tseslint.configs.recommended,
  {
    rules: {
      '@typescript-eslint/no-unused-vars': ['error', { argsIgnorePattern: '^_', varsIgnorePattern: '^_', ignoreRestSiblings: true }],
      '@typescript-eslint/consistent-type-imports': ['error', { disallowTypeAnnotations: false }],
      'no-console': 'error', 'prefer-const': 'error', eqeqeq: 'error', 'no-empty': ['error', { allowEmptyCatch: false }], 'no-control-regex': 'off', 'no-useless-escape': 'off',
    },
  },
  { files: ['core/**/*.ts'], ignores: ['core/**/*.test.ts', 'core/testing/**', 'core/engines/**', 'core/mends/**', 'core/convert/**', 'core/verbs/**', 'core/readers/pdf/**'], rules: never([['react', 'react-*', '@mui/*', 'express', 'dexie', 'node:*', '**/web/**', '**/server/**', '**/cli/**', '**/office/**', '**/demo/**'], 'core stands alone: no interface, no server, no platform.'], [[native[0]], native[1]]) },
  { files: ['core/engines/**/*.ts', 'core/mends/**/*.ts', 'core/convert/**/*.ts', 'core/verbs/**/*.ts', 'core/readers/pdf/**/*.ts'], ignores: ['**/*.test.ts'], rules: never([['react', 'react-*', '@mui/*', 'express', 'dexie', 'node:*', '**/web/**', '**/server/**', '**/cli/**', '**/office/**', '**/demo/**'], 'core stands alone: no interface, no server, no platform.']) },
  { files: ['core/checks/**/*.ts'], ignores: ['**/*.test.ts'], rules: never([['**/engines/**', '**/readers/**', '**/verbs/**', '**/mends/**', '**/docket/**', 'fflate', 'saxes', 'mupdf'], 'A check looks at facts; it never parses bytes and knows no runner.']) },
  { files: ['web/**/*.{ts,tsx}'], plugins: { 'react-hooks': hooks }, rules: { 'react-hooks/rules-of-hooks': 'error', ...never([['**/core/readers/**', '**/core/checks/**', '**/server/**', '**/cli/**', '**/office/**', '**/demo/**', 'express', 'node:*', 'mupdf'], 'Screens reach the core through its index and the worker client.']) } },
  { files: ['web/workers/**/*.ts'], rules: never([['**/screens/**', '**/parts/**', '**/store/**', '**/server/**', '**/cli/**', 'react'], 'Workers know the core and keep what they read; of the screens and their store they know nothing.']) },
  { files: ['cli/**/*.ts', 'office/**/*.ts'], ignores: ['**/*.test.ts'], rules: never([['**/web/**', '**/server/**', '**/demo/**', 'react', 'mupdf'], 'The command line knows the core, the office engine and Node.']) },
  { files: ['server/**/*.ts'], ignores: ['**/*.test.ts'], rules: never([['**/web/**', '**/cli/**', 'react', 'dexie', 'mupdf'], 'The server never knows the screens.']) },
  { files: ['tools/**', 'bench/**'], rules: { 'no-console': 'off' } },
);

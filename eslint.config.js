// Lint rules for the whole house: strict TypeScript, hooks rules for React.
import js from '@eslint/js';
import reactHooks from 'eslint-plugin-react-hooks';
import tseslint from 'typescript-eslint';

export default tseslint.config(
  { ignores: ['**/dist/', 'packages/messages/compiled/', '.data/', 'test-results/', '**/*.cjs'] },
  js.configs.recommended,
  ...tseslint.configs.strict,
  {
    files: ['**/*.{ts,tsx}'],
    rules: {
      '@typescript-eslint/no-explicit-any': 'error',
      '@typescript-eslint/consistent-type-imports': ['error', { disallowTypeAnnotations: false }],
      '@typescript-eslint/no-extraneous-class': 'off',
      '@typescript-eslint/no-dynamic-delete': 'off',
      '@typescript-eslint/no-unused-vars': ['error', { argsIgnorePattern: '^_', varsIgnorePattern: '^_' }],
      '@typescript-eslint/no-non-null-assertion': 'error',
    },
  },
  {
    // What only the types can tell: every kind is thought of, nothing is awaited by nobody, nothing is asked twice, nothing
    // is taken for what it may not be.
    files: ['{packages,apps}/*/src/**/*.{ts,tsx}', 'demo/src/**/*.ts'],
    languageOptions: { parserOptions: { projectService: true, tsconfigRootDir: import.meta.dirname } },
    rules: {
      '@typescript-eslint/switch-exhaustiveness-check': ['error', { considerDefaultExhaustiveForUnions: true }],
      '@typescript-eslint/no-floating-promises': 'error',
      '@typescript-eslint/no-misused-promises': 'error',
      '@typescript-eslint/no-unnecessary-condition': 'error',
      '@typescript-eslint/no-unsafe-type-assertion': 'error',
    },
  },
  {
    // Tests say what they expect to find; what is not of that type fails them.
    files: ['**/*.test.{ts,tsx}', '**/testing/**'],
    rules: { '@typescript-eslint/no-unsafe-type-assertion': 'off' },
  },
  {
    // Arithmetic on arrays of numbers, where every index is within bounds by construction and a check would cost time.
    files: ['packages/core/src/routes/{components,figures,chances,gates}.ts', 'packages/core/src/route-map/*.ts'],
    rules: { '@typescript-eslint/no-non-null-assertion': 'off' },
  },
  {
    // Nest's dependency injection reads constructor types at run time, so they must stay value imports.
    files: ['apps/server/**/*.ts', 'packages/contract/**/*.ts'],
    rules: { '@typescript-eslint/consistent-type-imports': 'off' },
  },
  {
    files: ['apps/{player,web}/**/*.{ts,tsx}', 'packages/slide-view/**/*.{ts,tsx}'],
    plugins: { 'react-hooks': reactHooks },
    rules: { 'react-hooks/rules-of-hooks': 'error', 'react-hooks/exhaustive-deps': 'error' },
  },
  {
    // The pages turn round where one reads from the right: classes name the start and the end, not the left and the right.
    files: ['apps/web/src/**/*.tsx'],
    rules: {
      'no-restricted-syntax': [
        'error',
        ...['Literal[value=', 'TemplateElement[value.raw='].map((piece) => ({
          selector: `${piece}/(^|[\\s:])-?(?:[mp][lr]-(?:auto|\\d|\\[)|(?:border|rounded)-[lr](?:-|\\s|$)|text-(?:left|right)(?:\\s|$))/]`,
          message: 'Name the start or the end (ms-, pe-, border-s, text-end), not the left or the right.',
        })),
      ],
    },
  },
  {
    files: ['**/*.mjs', '*.js'],
    languageOptions: {
      globals: {
        process: 'readonly',
        console: 'readonly',
        URL: 'readonly',
        setTimeout: 'readonly',
        clearTimeout: 'readonly',
        setInterval: 'readonly',
        clearInterval: 'readonly',
        fetch: 'readonly',
        performance: 'readonly',
        Buffer: 'readonly',
        document: 'readonly',
        window: 'readonly',
        requestAnimationFrame: 'readonly',
        structuredClone: 'readonly',
        WebSocket: 'readonly',
        PointerEvent: 'readonly',
        AbortSignal: 'readonly',
        test: 'readonly',
        expect: 'readonly',
      },
    },
  },
);

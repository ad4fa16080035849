import nextVitals from 'eslint-config-next/core-web-vitals';
import nextTypescript from 'eslint-config-next/typescript';

/** Names of lists that a text has several of: whoever reads the first alone drops the others without a word. */
const SEVERAL = '/^(layers|lines|uses|runs|patches)$/';
const message = 'There may be several: fold over them, or look the one that is meant up by its id.';
const firstOfSeveral = [
  `MemberExpression[computed=true][property.value=0][object.property.name=${SEVERAL}]`,
  `MemberExpression[computed=true][property.value=0][object.name=${SEVERAL}]`,
  `VariableDeclarator[id.type='ArrayPattern'][init.property.name=${SEVERAL}]`,
  `VariableDeclarator[id.type='ArrayPattern'][init.name=${SEVERAL}]`,
  `CallExpression[callee.property.name='at'][arguments.0.value=0][callee.object.property.name=${SEVERAL}]`,
  `CallExpression[callee.property.name='at'][arguments.0.value=0][callee.object.name=${SEVERAL}]`,
].map((selector) => ({ selector, message }));

const config = [
  ...nextVitals,
  ...nextTypescript,
  {
    rules: {
      '@typescript-eslint/no-unused-vars': ['error', { argsIgnorePattern: '^_', varsIgnorePattern: '^_' }],
      '@typescript-eslint/consistent-type-imports': ['error', { fixStyle: 'inline-type-imports' }],
      eqeqeq: ['error', 'always', { null: 'ignore' }],
      'no-console': 'error',
      'max-lines': ['error', { max: 300, skipBlankLines: true, skipComments: true }],
    },
  },
  {
    files: ['src/**/*.ts', 'src/**/*.tsx'],
    languageOptions: { parserOptions: { projectService: true } },
    rules: {
      '@typescript-eslint/switch-exhaustiveness-check': ['error', { considerDefaultExhaustiveForUnions: true }],
    },
  },
  {
    files: ['src/**/*.ts', 'src/**/*.tsx'],
    ignores: ['**/*.test.ts', 'src/*/test/**'],
    rules: { 'max-params': ['error', 4], 'no-restricted-syntax': ['error', ...firstOfSeveral] },
  },
  {
    // The innermost loops: an object for each call would cost what is worked out.
    files: [
      'src/core/geometry/outline.ts',
      'src/core/faces/glyph-drawer.ts',
      'src/core/largest/{ink-in-space,separate,linear-programme,polish}.ts',
      'src/core/measures/{comes-apart,disc-widths,local-width,run-reach}.ts',
      'src/core/place/shape-ring.ts',
    ],
    rules: { 'max-params': 'off' },
  },
  {
    files: ['src/core/**'],
    ignores: ['**/*.test.ts', 'src/core/test/**'],
    rules: {
      'no-restricted-imports': ['error', { patterns: ['node:*', 'react', 'next/*', '@/*'] }],
      'no-restricted-globals': ['error', 'Date', 'crypto', 'performance', 'process'],
      'no-restricted-properties': ['error', { object: 'Math', property: 'random' }],
    },
  },
  { ignores: ['.next/**', 'build/**', 'node_modules/**', 'next-env.d.ts', 'test-results/**', 'playwright-report/**'] },
];

export default config;

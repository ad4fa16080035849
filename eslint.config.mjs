import nextVitals from 'eslint-config-next/core-web-vitals';
import nextTypescript from 'eslint-config-next/typescript';

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

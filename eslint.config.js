import next from '@next/eslint-plugin-next';
import hooks from 'eslint-plugin-react-hooks';
import tseslint from 'typescript-eslint';

/** The layering: app → bench → ui → core; app → server → core; never out of core, never one place of bench into another. */
const never = (...groups) => ({
  'no-restricted-imports': ['error', { patterns: groups.map(([group, message]) => ({ group, message })) }],
});

const FRAMEWORKS = [
  [
    'react',
    'react-dom',
    'react/*',
    'next',
    'next/*',
    '@mui/*',
    '@emotion/*',
    'chart.js',
    'react-chartjs-2',
    'pg',
    'pg-*',
    'pino',
    'idb',
    'server-only',
    'node:*',
    'fs',
    'path',
  ],
  'core is free of interface, database and framework code',
];

export default tseslint.config(
  {
    ignores: [
      'public/sw.js',
      '.next/**',
      '.served/**',
      'node_modules/**',
      'data/**',
      'next-env.d.ts',
      'tests/support/odex.d.ts',
    ],
  },
  ...tseslint.configs.recommended,
  {
    linterOptions: { reportUnusedDisableDirectives: 'error' },
    rules: {
      '@typescript-eslint/no-unused-vars': [
        'error',
        { argsIgnorePattern: '^_', varsIgnorePattern: '^_', ignoreRestSiblings: true },
      ],
      '@typescript-eslint/no-non-null-assertion': 'off',
      eqeqeq: ['error', 'always', { null: 'ignore' }],
    },
  },
  {
    files: ['src/core/**/*.ts'],
    ignores: ['**/*.test.ts'],
    rules: {
      ...never(FRAMEWORKS, [
        ['@/server/*', '@/bench/*', '@/ui/*', '@/app/*', '@/gauges/*'],
        'core imports nothing but core',
      ]),
      'no-restricted-globals': ['error', 'fetch', 'window', 'document', 'process'],
      'no-restricted-properties': [
        'error',
        { object: 'Date', property: 'now', message: 'the clock is an argument' },
        { object: 'Math', property: 'random', message: 'the random source is an argument' },
      ],
    },
  },
  {
    files: ['src/gauges/**/*.ts'],
    rules: never(FRAMEWORKS, [['@/server/*', '@/bench/*', '@/ui/*', '@/app/*'], 'gauges import only core']),
  },
  {
    files: ['src/server/**/*.ts'],
    rules: never([
      ['@/bench/*', '@/ui/*', '@/app/*', 'react', 'next', 'next/*', '@mui/*'],
      'server knows neither interface nor framework',
    ]),
  },
  {
    files: ['src/card/**/*.{ts,tsx}'],
    rules: never([
      ['@/server/*', '@/app/*', 'next', 'next/*', '@mui/*'],
      'the card is made of what it is given',
    ]),
  },
  {
    files: ['src/ui/**/*.{ts,tsx}'],
    rules: never([['@/bench/*', '@/server/*', '@/app/*'], 'ui knows no place and no server']),
  },
  {
    files: ['src/bench/**/*.{ts,tsx}'],
    rules: never([['@/server/*', '@/app/*'], 'bench speaks to the server over HTTP']),
  },
  // Lengths count formatted lines. What may stay whole (a published algorithm, a table) says why where it stands.
  {
    files: ['{src,scripts,tests,database}/**/*.{ts,tsx,mjs}'],
    rules: {
      'no-duplicate-imports': ['error', { allowSeparateTypeImports: true }],
      'max-lines': ['error', { max: 300 }],
      'max-len': [
        'error',
        { code: 140, ignoreStrings: true, ignoreTemplateLiterals: true, ignoreRegExpLiterals: true },
      ],
    },
  },
  {
    files: ['src/core/**/*.ts'],
    ignores: ['**/*.test.ts'],
    rules: { 'max-lines-per-function': ['error', { max: 40 }] },
  },
  {
    files: ['src/{bench,ui,app,server,gauges}/**/*.{ts,tsx}'],
    ignores: ['**/*.test.{ts,tsx}'],
    rules: { 'max-lines-per-function': ['error', { max: 80 }] },
  },
  // A drawing is one list of marks in the order in which they are drawn; cut in two, neither half shows anything.
  {
    files: ['src/ui/sumPictures/*.ts', 'src/bench/seat/dimensionMarks.ts'],
    rules: { 'max-lines-per-function': ['error', { max: 130 }] },
  },
  {
    files: ['src/**/*.{ts,tsx}'],
    plugins: { 'react-hooks': hooks, '@next/next': next },
    rules: {
      ...hooks.configs.recommended.rules,
      ...next.configs.recommended.rules,
      ...next.configs['core-web-vitals'].rules,
    },
  },
);

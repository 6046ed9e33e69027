import next from 'eslint-config-next/core-web-vitals';
import boundaries from 'eslint-plugin-boundaries';
import tseslint from 'typescript-eslint';

const coreRooms = [
  'units',
  'findings',
  'worksheet',
  'numerics',
  'model',
  'catalogue',
  'sections',
  'drives',
  'motors',
  'motion',
  'guides',
  'loads',
  'structure',
  'machine',
  'choose',
  'formats',
  'handbook',
];
const core = (...names) => names.map((room) => ({ element: { type: 'core', captured: { room } } }));
const type = (...names) => names.map((name) => ({ element: { type: name } }));
const upTo = (room) => coreRooms.slice(0, coreRooms.indexOf(room));

/**
 * Import arrows between rooms; docs/architecture.md says why each is there. What is not listed is forbidden.
 * The tests plant a violation to see that it is caught.
 */
export const arrows = [
  ...coreRooms.map((room) => ({
    from: { element: { type: 'core', captured: { room } } },
    allow: { to: core(room) },
  })),
  ...['findings', 'numerics'].map((room) => ({
    from: { element: { type: 'core', captured: { room } } },
    allow: { to: core('units') },
  })),
  {
    from: { element: { type: 'core', captured: { room: 'worksheet' } } },
    allow: { to: core('units', 'findings') },
  },
  { from: { element: { type: 'core', captured: { room: 'model' } } }, allow: { to: core(...upTo('model')) } },
  {
    from: { element: { type: 'core', captured: { room: 'catalogue' } } },
    allow: { to: core('units', 'findings', 'model') },
  },
  {
    from: { element: { type: 'core', captured: { room: 'sections' } } },
    allow: { to: core(...upTo('sections')) },
  },
  ...['drives', 'motors', 'motion', 'guides', 'loads', 'structure'].map((room) => ({
    from: { element: { type: 'core', captured: { room } } },
    allow: { to: core(...upTo('drives')) },
  })),
  {
    from: { element: { type: 'core', captured: { room: 'machine' } } },
    allow: { to: core(...upTo('machine')) },
  },
  {
    from: { element: { type: 'core', captured: { room: 'choose' } } },
    allow: { to: core(...upTo('choose')) },
  },
  {
    from: { element: { type: 'core', captured: { room: 'handbook' } } },
    allow: { to: core(...upTo('choose')) },
  },
  {
    from: { element: { type: 'core', captured: { room: 'formats' } } },
    allow: { to: core('units', 'findings', 'model', 'catalogue') },
  },
  { from: type('demo'), allow: { to: core('formats', 'model') } },
  { from: type('storage'), allow: { to: [...type('storage'), ...core('units', 'findings', 'model')] } },
  {
    from: type('session'),
    allow: { to: [...type('session', 'storage'), ...core('units', 'findings', 'model')] },
  },
  { from: type('ui'), allow: { to: [...type('ui'), ...core('units', 'findings', 'worksheet')] } },
  { from: type('workers'), allow: { to: [...type('workers'), ...core(...coreRooms)] } },
  {
    from: type('features'),
    allow: {
      to: [...type('features', 'ui', 'session', 'storage', 'demo', 'workers'), ...core(...coreRooms)],
    },
  },
  {
    from: type('app'),
    allow: { to: [...type('app', 'features', 'ui'), ...core('model', 'machine', 'formats', 'handbook')] },
  },
  { from: type('cli'), allow: { to: core('model', 'machine', 'formats') } },
];

const config = [
  { ignores: ['.next/**', 'node_modules/**', 'next-env.d.ts', 'test-results/**', '.cache/**'] },
  ...next,
  ...tseslint.configs.recommended,
  {
    files: ['**/*.{ts,tsx,mts}'],
    rules: {
      '@typescript-eslint/no-unused-vars': ['error', { argsIgnorePattern: '^_', varsIgnorePattern: '^_' }],
      '@typescript-eslint/consistent-type-imports': 'error',
      'max-lines': ['error', { max: 480, skipComments: true, skipBlankLines: true }],
      // Prettier sets the lines; what it cannot break (texts, comments) is held to the same width here.
      'max-len': ['error', { code: 110, ignoreUrls: true }],
    },
  },
  {
    files: ['src/**/*.{ts,tsx}'],
    plugins: { boundaries },
    settings: {
      'import/resolver': { typescript: { alwaysTryTypes: true, project: './tsconfig.json' } },
      'boundaries/include': ['src/**/*'],
      'boundaries/elements': [
        { type: 'core', pattern: 'src/core/*', capture: ['room'] },
        ...['storage', 'session', 'ui', 'features', 'app', 'cli', 'demo', 'workers'].map((name) => ({
          type: name,
          pattern: `src/${name}`,
        })),
      ],
    },
    rules: { 'boundaries/dependencies': ['error', { default: 'disallow', policies: arrows }] },
  },
  {
    // The core computes anywhere: no interface, no clock, no chance, no Node.
    files: ['src/core/**/*.ts'],
    ignores: ['**/*.test.ts'],
    rules: {
      'no-restricted-imports': [
        'error',
        {
          paths: ['react', 'react-dom', 'dexie', 'zustand', 'fs', 'path'],
          patterns: ['@mui/*', 'next/*', 'node:*'],
        },
      ],
      'no-restricted-globals': [
        'error',
        'window',
        'document',
        'navigator',
        'localStorage',
        'process',
        'fetch',
        'setTimeout',
        'Buffer',
      ],
      'no-restricted-properties': [
        'error',
        { object: 'Math', property: 'random' },
        { object: 'Date', property: 'now' },
      ],
      'no-restricted-syntax': [
        'error',
        { selector: "NewExpression[callee.name='Date']", message: 'The core has no clock.' },
      ],
    },
  },
  {
    // Tests build axes out of anything and stand outside the rooms.
    files: ['**/*.test.{ts,tsx}'],
    rules: { 'boundaries/dependencies': 'off' },
  },
];
export default config;

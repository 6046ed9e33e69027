import next from 'eslint-config-next/core-web-vitals';
import boundaries from 'eslint-plugin-boundaries';
import tseslint from 'typescript-eslint';

/** Rooms of the core, each after all that it may use. */
const coreRooms = [
  'units',
  'link',
  'gcode',
  'findings',
  'worksheet',
  'numerics',
  'model',
  'program',
  'checks',
  'catalogue',
  'sections',
  'drives',
  'motors',
  'motion',
  'guides',
  'loads',
  'structure',
  'metrology',
  'fit',
  'machine',
  'build',
  'doubt',
  'choose',
  'plan',
  'changes',
  'job',
  'log',
  'prove',
  'upgrade',
  'variants',
  'drawing',
  'formats',
  'print',
  'handbook',
];
/** Steps of the machine's working out: a one-way street. */
const machineSteps = ['demand', 'axis', 'begin', 'loaded', 'frame', 'errors', 'whole', 'report'];
/**
 * Shared parts of pages, each after all that it may use; a station may use them all, and no other station.
 */
const sharedFeatures = ['frame', 'fields', 'findings', 'picture', 'mend'];
const stationFeatures = ['overview', 'brief', 'size', 'fit', 'build', 'prove', 'log', 'shelf', 'handbook'];

// One selector for all its names: every import is held against every selector.
const named = (kind, key, names) =>
  names.length ? [{ element: { type: kind, captured: { [key]: names } } }] : [];
const core = (...names) => named('core', 'room', names);
const machine = (...names) => named('machine', 'step', names);
const features = (...names) => named('feature', 'name', names);
const type = (...names) => [{ element: { type: names } }];
const upTo = (list, name) => list.slice(0, list.indexOf(name));
const from = (elements, ...to) => elements.map((element) => ({ from: element, allow: { to: to.flat() } }));

/**
 * Import arrows between rooms; docs/architecture.md says why each is there. What is not listed is forbidden.
 * The tests plant a violation to see that it is caught.
 */
export const arrows = [
  ...coreRooms.flatMap((room) => from(core(room), core(room))),
  ...from(core('findings', 'numerics'), core('units')),
  ...from(core('worksheet'), core('units', 'findings')),
  ...from(core('model'), core(...upTo(coreRooms, 'model'))),
  ...from(core('program'), core('units', 'model')),
  ...from(core('checks'), core('units', 'findings', 'model')),
  ...from(core('catalogue'), core('units', 'findings', 'model')),
  ...from(core('sections'), core(...upTo(coreRooms, 'sections'))),
  ...from(
    core('drives', 'motors', 'motion', 'guides', 'loads', 'structure', 'metrology', 'fit'),
    core(...upTo(coreRooms, 'drives')),
  ),
  ...from(core('machine'), machine(...machineSteps)),
  ...machineSteps.flatMap((step) =>
    from(machine(step), machine(step, ...upTo(machineSteps, step)), core(...upTo(coreRooms, 'machine'))),
  ),
  ...from(core('build'), core(...upTo(coreRooms, 'build'))),
  ...from(core('doubt'), core(...upTo(coreRooms, 'build'))),
  ...from(core('plan'), core(...upTo(coreRooms, 'plan'))),
  ...from(core('changes'), core(...upTo(coreRooms, 'changes'))),
  ...from(core('job'), core(...upTo(coreRooms, 'job'))),
  ...from(core('log'), core(...upTo(coreRooms, 'log'))),
  ...from(core('prove'), core(...upTo(coreRooms, 'prove'))),
  ...from(core('upgrade'), core(...upTo(coreRooms, 'upgrade'))),
  ...from(core('variants'), core(...upTo(coreRooms, 'variants'))),
  ...from(core('choose', 'handbook'), core(...upTo(coreRooms, 'choose'))),
  ...from(core('print'), core('units', 'drawing')),
  ...from(core('formats'), core('units', 'findings', 'drawing', 'model', 'program', 'catalogue')),
  ...from(type('standins'), type('standins'), core(...upTo(coreRooms, 'drawing'))),
  ...from(type('drawings'), type('drawings', 'words'), core(...coreRooms)),
  ...from(type('words'), type('words', 'standins'), core(...coreRooms)),
  ...from(type('demo'), core('formats', 'model')),
  ...from(type('storage'), type('storage'), core('units', 'findings', 'model')),
  ...from(type('session'), type('session', 'storage'), core('units', 'findings', 'model')),
  ...from(type('offline'), type('offline')),
  ...from(type('ui'), type('ui'), core('units', 'findings', 'worksheet', 'drawing'), type('words')),
  ...from(type('workers'), type('workers', 'standins'), core(...coreRooms)),
  ...[...sharedFeatures, ...stationFeatures].flatMap((name) =>
    from(
      features(name),
      features(name, ...upTo([...sharedFeatures, name], name)),
      type('ui', 'words', 'drawings', 'session', 'storage', 'demo', 'workers', 'standins', 'offline'),
      core(...coreRooms),
    ),
  ),
  ...from(
    type('app'),
    type('app', 'ui', 'words', 'offline'),
    features(...sharedFeatures, ...stationFeatures),
    core('model', 'machine', 'plan', 'build', 'job', 'prove', 'formats', 'handbook'),
  ),
  ...from(
    type('cli'),
    type('cli', 'words', 'drawings'),
    core('units', 'model', 'machine', 'plan', 'build', 'job', 'prove', 'formats', 'print'),
  ),
];

const reactRules = next
  .flatMap(({ rules = {} }) => Object.keys(rules))
  .filter((rule) => /^react(-hooks)?\//.test(rule));

const config = [
  {
    ignores: [
      '.next/**',
      '.next-aside/**',
      'out/**',
      'static/**',
      'node_modules/**',
      'next-env.d.ts',
      'test-results/**',
      '.cache/**',
    ],
  },
  ...next,
  ...tseslint.configs.recommended,
  {
    files: ['**/*.{ts,tsx,mts}'],
    rules: {
      '@typescript-eslint/no-unused-vars': ['error', { argsIgnorePattern: '^_', varsIgnorePattern: '^_' }],
      '@typescript-eslint/consistent-type-imports': 'error',
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
        { type: 'machine', pattern: 'src/core/machine/*', capture: ['step'] },
        { type: 'core', pattern: 'src/core/*', capture: ['room'] },
        { type: 'feature', pattern: 'src/features/*', capture: ['name'] },
        ...[
          'storage',
          'session',
          'ui',
          'words',
          'drawings',
          'app',
          'cli',
          'demo',
          'workers',
          'standins',
          'offline',
        ].map((name) => ({
          type: name,
          pattern: `src/${name}`,
        })),
      ],
    },
    rules: {
      'boundaries/dependencies': ['error', { default: 'disallow', policies: arrows }],
      // Two files that need each other are one file, or lack a third.
    },
  },
  {
    // The core computes anywhere, and stand-ins do the same each time: no interface, no clock, no chance, no
    // Node.
    files: ['src/core/**/*.ts', 'src/standins/**/*.ts'],
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
    files: ['**/*.{ts,tsx,mts}'],
    rules: { 'max-lines': ['error', { max: 320, skipComments: true, skipBlankLines: true }] },
  },
  {
    files: ['src/**/*.{ts,tsx}'],
    ignores: ['**/*.test.{ts,tsx}'],
    rules: { 'max-lines-per-function': ['error', { max: 80, skipComments: true, skipBlankLines: true }] },
  },
  {
    // One row a line: a table is as wide as its columns.
    files: ['src/core/catalogue/tables/*.ts', 'src/core/catalogue/structural.ts'],
    rules: { 'max-len': 'off' },
  },
  {
    // Where nothing is rendered there is no component to look for, and looking takes long.
    files: ['src/{core,drawings,words,storage,demo,cli}/**/*.ts', '{test,e2e,scripts}/**/*.{ts,mjs}'],
    rules: Object.fromEntries(reactRules.map((rule) => [rule, 'off'])),
  },
  {
    // Words know nothing of pages: they are said by the terminal and the service too.
    files: ['src/words/**/*.ts'],
    rules: {
      'no-restricted-imports': ['error', { paths: ['react', 'react-dom'], patterns: ['@mui/*', 'next/*'] }],
    },
  },
  {
    // Tests build axes out of anything and stand outside the rooms.
    files: ['**/*.test.{ts,tsx}'],
    rules: { 'boundaries/dependencies': 'off', 'import/no-cycle': 'off' },
  },
];
export default config;

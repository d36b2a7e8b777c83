/** The rooms of the core from the ground up: each may import those before it, and none after it. */
const ROOMS = [
  'messages',
  'body',
  'asanas',
  'sequence',
  'readings',
  'conditions',
  'screening',
  'participants',
  'solving',
  'plan',
  'judging',
  'transitions',
  'candidates',
  'dosing',
  'planning',
  'figure',
  'setup',
  'notes',
  'review',
  'class',
  'build',
  'cues',
  'home',
  'history',
  'formats',
  'lessons',
  'training',
  'sheets',
];

const oneWay = ROOMS.slice(0, -1).map((room, i) => ({
  name: `${room}-imports-nothing-above-it`,
  severity: 'error',
  from: { path: `^packages/core/src/${room}/`, pathNot: '\\.(test|fixture)\\.ts$' },
  to: { path: `^packages/core/src/(${ROOMS.slice(i + 1).join('|')})/` },
}));

/** What may import what; `npm run boundaries` checks it. */
module.exports = {
  forbidden: [
    ...oneWay,
    { name: 'no-cycles', severity: 'error', from: {}, to: { circular: true } },
    {
      name: 'core-imports-nothing-of-ours',
      severity: 'error',
      from: { path: '^packages/core/src' },
      to: { path: '^packages/(server|web|cli|requests|sheets)' },
    },
    {
      name: 'core-knows-no-node',
      severity: 'error',
      from: { path: '^packages/core/src', pathNot: '\\.test\\.ts$' },
      to: { dependencyTypes: ['core'] },
    },
    {
      name: 'core-knows-no-framework',
      severity: 'error',
      from: { path: '^packages/core/src', pathNot: '\\.test\\.ts$' },
      to: { path: 'node_modules/(react|@nestjs|sequelize|class-)' },
    },
    {
      name: 'solving-knows-bodies-alone',
      severity: 'error',
      from: { path: '^packages/core/src/solving', pathNot: '\\.test\\.ts$' },
      to: { path: '^packages/core/src/(readings|conditions|screening|participants)/' },
    },
    {
      name: 'notes-know-no-bodies-and-no-plans',
      severity: 'error',
      from: { path: '^packages/core/src/notes', pathNot: '\\.test\\.ts$' },
      to: {
        path: '^packages/core/src/(body|conditions|screening|participants|solving|plan|judging|transitions|candidates|dosing|planning|figure|setup)/',
      },
    },
    { name: 'server-and-web-apart', severity: 'error', from: { path: '^packages/server' }, to: { path: '^packages/(web|cli)' } },
    { name: 'web-and-server-apart', severity: 'error', from: { path: '^packages/web' }, to: { path: '^packages/(server|cli)' } },
    { name: 'cli-stands-on-core', severity: 'error', from: { path: '^packages/cli' }, to: { path: '^packages/(server|web|requests)' } },
    {
      name: 'sheets-stand-on-core',
      severity: 'error',
      from: { path: '^packages/sheets' },
      to: { path: '^packages/(server|web|cli|requests)' },
    },
    { name: 'requests-stand-on-core', severity: 'error', from: { path: '^packages/requests' }, to: { path: '^packages/(server|web|cli)' } },
    {
      name: 'no-undeclared-package',
      severity: 'error',
      from: { pathNot: '\\.(test|fixture)\\.tsx?$' },
      to: { dependencyTypes: ['npm-no-pkg', 'npm-unknown'] },
    },
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    exclude: { path: '/dist/|/types/' },
    tsPreCompilationDeps: true,
    tsConfig: { fileName: 'tsconfig.base.json' },
    enhancedResolveOptions: {
      exportsFields: ['exports'],
      conditionNames: ['import', 'types', 'default'],
      extensions: ['.ts', '.tsx', '.js'],
    },
  },
};

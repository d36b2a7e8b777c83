/** What may import what; `npm run boundaries` checks it. */
module.exports = {
  forbidden: [
    { name: 'no-cycles', severity: 'error', from: {}, to: { circular: true, viaOnly: { dependencyTypesNot: ['type-only'] } } },
    {
      name: 'core-imports-nothing-of-ours',
      severity: 'error',
      from: { path: '^packages/core/src' },
      to: { path: '^packages/(server|web|cli|requests)' },
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
      to: { path: '^packages/core/src/(adaptation|build|class|conditions|notes|review|screening|setup|figure)/' },
    },
    {
      name: 'notes-know-no-bodies-and-no-plans',
      severity: 'error',
      from: { path: '^packages/core/src/notes', pathNot: '\\.test\\.ts$' },
      to: { path: '^packages/core/src/(adaptation|body|build|class|conditions|figure|review|screening|setup|solving)/' },
    },
    { name: 'server-and-web-apart', severity: 'error', from: { path: '^packages/server' }, to: { path: '^packages/(web|cli)' } },
    { name: 'web-and-server-apart', severity: 'error', from: { path: '^packages/web' }, to: { path: '^packages/(server|cli)' } },
    { name: 'cli-stands-on-core', severity: 'error', from: { path: '^packages/cli' }, to: { path: '^packages/(server|web|requests)' } },
    { name: 'requests-stand-on-core', severity: 'error', from: { path: '^packages/requests' }, to: { path: '^packages/(server|web|cli)' } },
    {
      name: 'no-undeclared-package',
      severity: 'error',
      from: { pathNot: '\\.test\\.tsx?$' },
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

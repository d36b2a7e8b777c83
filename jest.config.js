/** Modules that ship as ES modules only: Jest runs CommonJS, so they are compiled like our own. */
const esm = [
  'stemmer',
  'd3-polygon',
  'comlink',
  '@hookform/resolvers',
  'fuse.js',
  '@noble/hashes',
  'gl-matrix',
  'lucide-react',
  'intl-messageformat',
  '@formatjs',
];

/** Tests against a database run where there is one: `npm test` starts it. */
const withDatabase = process.env.LOTUS_DB_PORT ? [] : ['\\.db\\.test\\.ts$'];

export default {
  // On a machine with two processors Jest would use one.
  maxWorkers: '100%',
  // What the tests before left in a process slows those behind.
  workerIdleMemoryLimit: '1GB',
  roots: ['<rootDir>/packages'],
  testMatch: ['**/src/**/*.test.ts', '**/src/**/*.test.tsx'],
  testPathIgnorePatterns: ['/node_modules/', ...withDatabase],
  modulePathIgnorePatterns: ['/dist/', '/types/'],
  transform: {
    '^.+\\.(t|j)sx?$': [
      '@swc/jest',
      {
        jsc: {
          target: 'es2022',
          parser: { syntax: 'typescript', tsx: true, decorators: true },
          transform: { legacyDecorator: true, decoratorMetadata: true, react: { runtime: 'automatic' } },
        },
      },
    ],
  },
  transformIgnorePatterns: [`/node_modules/(?!(${esm.join('|')})/)`],
  moduleNameMapper: {
    '^d3-polygon$': '<rootDir>/node_modules/d3-polygon/dist/d3-polygon.js',
    '^@lotus-steady/core/(cues|home|formats|lessons|sheets)$': '<rootDir>/packages/core/src/$1/index.ts',
    '^@lotus-steady/(core|requests|sheets)$': '<rootDir>/packages/$1/src/index.ts',
    '^(\\.{1,2}/.*)\\.js$': '$1',
  },
  setupFiles: ['<rootDir>/packages/web/jsdom-encoders.cjs'],
  setupFilesAfterEnv: ['<rootDir>/packages/web/jsdom-patience.cjs'],
  // A test's globals are looked up slowly; the solver asks for this one in its innermost loops.
  sandboxInjectedGlobals: ['Math'],
  testTimeout: 30_000,
};

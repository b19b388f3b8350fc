const swc = [
  '@swc/jest',
  {
    jsc: {
      target: 'es2023',
      parser: { syntax: 'typescript', decorators: true },
      transform: { legacyDecorator: true, decoratorMetadata: true, useDefineForClassFields: false },
    },
    module: { type: 'es6' },
  },
];

/** Pages are read as the browser reads them: with JSX, and styles told by their names. */
const swcPages = [
  '@swc/jest',
  {
    jsc: {
      target: 'es2023',
      parser: { syntax: 'typescript', tsx: true },
      transform: { react: { runtime: 'automatic' } },
    },
    module: { type: 'es6' },
  },
];

/** The core as its tests read it: in one piece (core/test/bundle.mjs). */
const CORE = `${import.meta.dirname}/core/dist/test`;

const project = (name, { paths = {}, ...rest } = {}) => ({
  displayName: name,
  rootDir: `<rootDir>/${name}`.replace('<rootDir>/', `${import.meta.dirname}/`),
  testMatch: ['<rootDir>/test/**/*.test.ts'],
  testEnvironment: 'node',
  transform: { '^.+\\.ts$': swc },
  extensionsToTreatAsEsm: ['.ts'],
  moduleNameMapper: {
    ...paths,
    '^(\\.{1,2}/.*)\\.js$': '$1',
    '^@gleddo/core$': `${CORE}/index.mjs`,
    '^@gleddo/core/shelf$': `${CORE}/shelf/index.mjs`,
    '^@gleddo/core/demo$': `${CORE}/demo/index.mjs`,
    '^@gleddo/contract$': `${import.meta.dirname}/contract/src/index.ts`,
  },
  globalSetup: `${import.meta.dirname}/core/test/bundle.mjs`,
  ...rest,
});

export default {
  // What hangs ends; what is only slow, on a machine that others want too, does not.
  testTimeout: 300_000,
  forceExit: true,
  projects: [
    project('core', { paths: { '^\\.\\./src/(.*)\\.js$': `${CORE}/$1.mjs` } }),
    project('contract'),
    project('cli', { globalSetup: '<rootDir>/test/built.mjs' }),
    project('web'),
    {
      ...project('web', {
        paths: { '\\.css$': `${import.meta.dirname}/web/test/pages/styles.mjs` },
        setupFiles: [`${import.meta.dirname}/web/test/pages/browser.mjs`],
      }),
      displayName: 'pages',
      testMatch: ['<rootDir>/test/pages/**/*.test.tsx'],
      testEnvironment: 'jsdom',
      // Packages for browsers are taken as Node reads them.
      testEnvironmentOptions: { customExportConditions: ['node', 'node-addons'] },
      transform: { '^.+\\.tsx?$': swcPages },
      extensionsToTreatAsEsm: ['.ts', '.tsx'],
    },
    project('server', { globalSetup: '<rootDir>/test/template.mjs' }),
  ],
};

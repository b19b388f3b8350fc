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

const project = (name, rest = {}) => ({
  displayName: name,
  rootDir: `<rootDir>/${name}`.replace('<rootDir>/', `${import.meta.dirname}/`),
  testMatch: ['<rootDir>/test/**/*.test.ts'],
  testEnvironment: 'node',
  transform: { '^.+\\.ts$': swc },
  extensionsToTreatAsEsm: ['.ts'],
  moduleNameMapper: {
    '^(\\.{1,2}/.*)\\.js$': '$1',
    '^@gleddo/(core|contract)$': `${import.meta.dirname}/$1/src/index.ts`,
  },
  ...rest,
});

export default {
  testTimeout: 60_000,
  forceExit: true,
  projects: [
    project('core'),
    project('contract'),
    project('cli'),
    project('web'),
    project('server', { globalSetup: '<rootDir>/test/template.mjs' }),
  ],
};

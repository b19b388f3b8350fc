/** From below: each floor knows only those before it. */
const FLOORS = {
  core: ['model', 'accounting', 'changes', 'assessment', 'teaching', 'files', 'shelf', 'demo'],
  web: ['platform', 'book', 'exercise', 'marking', 'pages'],
};

const noArrowUp = ([workspace, floors]) =>
  floors.slice(0, -1).map((floor, at) => ({
    name: `no-arrow-up-from-${workspace}-${floor}`,
    severity: 'error',
    from: { path: `^${workspace}/src/${floor}/` },
    to: { path: `^${workspace}/src/(${floors.slice(at + 1).join('|')})/` },
  }));

/** Arrows point down only: web, server, cli > contract > core; no circles. */
module.exports = {
  forbidden: [
    ...Object.entries(FLOORS).flatMap(noArrowUp),
    {
      name: 'no-circles',
      severity: 'error',
      from: {},
      to: { circular: true },
    },
    {
      name: 'no-rings-of-folders',
      severity: 'error',
      scope: 'folder',
      from: { path: '^(core|contract|cli|server|web)/src/' },
      to: { circular: true },
    },
    {
      name: 'core-imports-nothing-of-ours',
      severity: 'error',
      from: { path: '^core/src' },
      to: { path: '^(contract|server|cli|web|e2e)/' },
    },
    {
      name: 'contract-imports-core-only',
      severity: 'error',
      from: { path: '^contract/src' },
      to: { path: '^(server|cli|web|e2e)/' },
    },
    {
      name: 'rooms-do-not-mix',
      severity: 'error',
      from: { path: '^(server|cli|web)/src' },
      to: { path: '^(server|cli|web|e2e)/', pathNot: '^$1/' },
    },
    {
      name: 'by-the-one-door',
      severity: 'error',
      from: { path: '^(contract|server|cli|web)/src', pathNot: '^server/src/demo/' },
      to: { path: '^(core|contract)/src/(?!(shelf/)?index\\.ts$)', pathNot: '^contract/src' },
    },
    {
      name: 'nothing-that-runs-for-a-school-needs-the-demo',
      severity: 'error',
      from: { path: '^(core|contract|server|cli|web)/src', pathNot: '^(core|server)/src/demo/' },
      to: { path: '^(core|server)/src/demo/', dependencyTypesNot: ['dynamic-import'] },
    },
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    tsPreCompilationDeps: true,
    tsConfig: { fileName: 'tsconfig.json' },
    enhancedResolveOptions: {
      exportsFields: ['exports'],
      conditionNames: ['source', 'import', 'types', 'node', 'default'],
    },
  },
};

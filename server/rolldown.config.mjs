import { defineConfig } from 'rolldown';

/** Bundles the server with our own packages from their sources; everything else stays outside. */
export default defineConfig({
  input: 'src/main.ts',
  platform: 'node',
  tsconfig: false,
  cwd: import.meta.dirname,
  external: (id) =>
    !id.startsWith('.') &&
    !id.startsWith('/') &&
    !id.startsWith('@gleddo/') &&
    !id.startsWith('@oxc-project/'),
  resolve: { conditionNames: ['source', 'import', 'node'] },
  transform: {
    decorator: { legacy: true, emitDecoratorMetadata: true },
    assumptions: { setPublicClassFields: true },
    typescript: { removeClassFieldsWithoutInitializer: true },
  },
  output: { file: 'dist/main.mjs', format: 'esm', sourcemap: true },
});

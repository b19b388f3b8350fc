import { defineConfig } from 'rolldown';

/** Bundles the server, and what its threads run, with our own packages from their sources; the rest stays outside. */
export default defineConfig({
  input: { main: 'src/main.ts', thread: 'src/threads/thread.ts', house: 'src/house/house.ts' },
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
  output: {
    dir: 'dist',
    format: 'esm',
    sourcemap: true,
    entryFileNames: '[name].mjs',
    chunkFileNames: 'shared-[name].mjs',
  },
});

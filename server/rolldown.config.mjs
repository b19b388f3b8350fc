import { defineConfig } from 'rolldown';

/** What reads files of its own, is not there unless somebody adds it, or is no plain JavaScript. */
const OUTSIDE = [
  ...['@electric-sql/pglite', '@node-rs/argon2', 'piscina', 'pino', 'pg', 'swagger-ui-dist'],
  // Nest asks for these where they are there.
  ...['@nestjs/microservices', '@nestjs/websockets', '@nestjs/platform-express'],
  ...['@fastify/view', '@fastify/multipart', 'class-transformer/storage'],
];

/** Some packages of before modules ask where they lie. */
const AS_BEFORE_MODULES = [
  "import { createRequire as requireFrom } from 'node:module';",
  'const require = requireFrom(import.meta.url);',
  'const __dirname = import.meta.dirname, __filename = import.meta.filename;',
].join('');

/**
 * Bundles the server, and what its threads run: our own packages from their sources, and those of others, since
 * reading thousands of files takes longer than all else that a server does until it answers.
 */
export default defineConfig({
  input: { main: 'src/main.ts', thread: 'src/threads/thread.ts', house: 'src/house/house.ts' },
  platform: 'node',
  tsconfig: false,
  cwd: import.meta.dirname,
  external: (id) => OUTSIDE.some((name) => id === name || id.startsWith(`${name}/`)),
  resolve: { conditionNames: ['source', 'node'] },
  transform: {
    decorator: { legacy: true, emitDecoratorMetadata: true },
    assumptions: { setPublicClassFields: true },
    typescript: { removeClassFieldsWithoutInitializer: true },
  },
  output: {
    dir: 'dist',
    format: 'esm',
    sourcemap: true,
    banner: AS_BEFORE_MODULES,
    entryFileNames: '[name].mjs',
    chunkFileNames: 'shared-[name].mjs',
  },
});

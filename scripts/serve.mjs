import { join } from 'node:path';
import { build } from './build.mjs';
import { ROOT, run } from './run.mjs';

/** Builds what is not built yet and runs the server until it is stopped. */
export async function serve(env) {
  await build();
  const stop = () => undefined; // The server ends by itself on the same signal, its data safe.
  process.on('SIGINT', stop);
  process.on('SIGTERM', stop);
  process.exitCode = await run(process.execPath, [join(ROOT, 'server/dist/main.mjs')], {
    env: { ...process.env, ...env },
  });
}

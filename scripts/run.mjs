import { spawn } from 'node:child_process';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';

/** The project's own folder, wherever a command was started. */
export const ROOT = join(dirname(fileURLToPath(import.meta.url)), '..');

/** Runs a command with its output shown; answers its exit status. */
export function run(command, args, options = {}) {
  return new Promise((resolve, reject) => {
    const child = spawn(command, args, { cwd: ROOT, stdio: 'inherit', ...options });
    child.once('error', reject);
    child.once('close', (code, signal) => resolve(code ?? (signal ? 1 : 0)));
  });
}

/** Runs a command that has to work; ends the whole script when it doesn't. */
export async function mustRun(command, args, options = {}) {
  const status = await run(command, args, options);
  if (status === 0) return;
  process.stderr.write(`${command} ${args.join(' ')} ended with status ${status}.\n`);
  process.exit(status);
}

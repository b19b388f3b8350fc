import { spawn } from 'node:child_process';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';

/** The project's own folder, wherever a command was started. */
export const ROOT = join(dirname(fileURLToPath(import.meta.url)), '..');

/** Runs a command with its output shown, or told to who `hear`s it; answers its exit status. */
export function run(command, args, { hear, ...options } = {}) {
  return new Promise((resolve, reject) => {
    const stdio = hear ? ['ignore', 'pipe', 'pipe'] : 'inherit';
    const child = spawn(command, args, { cwd: ROOT, stdio, ...options });
    for (const stream of [child.stdout, child.stderr]) stream?.setEncoding('utf8').on('data', hear);
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

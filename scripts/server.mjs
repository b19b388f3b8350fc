import { spawn } from 'node:child_process';
import { join } from 'node:path';
import { ROOT } from './run.mjs';

export const MAIN = join(ROOT, 'server/dist/main.mjs');

/** What was begun ends with the one who began it, also where a signal ends that one (but SIGKILL, which nobody hears). */
const begun = new Set();
const endAll = () => {
  for (const child of begun) child.kill('SIGKILL');
};
process.on('exit', endAll);
for (const signal of ['SIGINT', 'SIGTERM', 'SIGHUP'])
  process.once(signal, () => {
    endAll();
    process.kill(process.pid, signal);
  });

function exitOf(child) {
  if (child.exitCode !== null || child.signalCode !== null) return Promise.resolve(child.exitCode);
  return new Promise((resolve) => child.once('exit', resolve));
}

/**
 * A server with these settings, once it answers: at a port that is free unless `env` names one. One that doesn't come
 * up is an error with what it said.
 */
export async function startServer({ main = MAIN, node = [], env = {} } = {}) {
  const child = spawn(process.execPath, [...node, main], {
    cwd: ROOT,
    env: { ...process.env, GLEDDO_PORT: '0', ...env },
    stdio: ['ignore', 'pipe', 'pipe'],
  });
  begun.add(child);
  let said = '';
  const hear = (part) => (said += part);
  child.stdout.on('data', hear);
  child.stderr.on('data', hear);
  const address = await new Promise((resolve, reject) => {
    child.stdout.on('data', () => {
      const [, found] = /Gleddo is at .*?(http:\/\/localhost:\d+)/.exec(said) ?? [];
      if (found) resolve(found);
    });
    child.once('exit', () => reject(new Error(`The server ended: ${said}`)));
  });
  return {
    address,
    pid: child.pid,
    said: () => said,
    async end(signal = 'SIGTERM') {
      child.kill(signal);
      const status = await exitOf(child);
      begun.delete(child);
      return status;
    },
  };
}

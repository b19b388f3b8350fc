#!/usr/bin/env node
// Runs the built command, building it first when the sources are newer. What is done to a database is the server's.
import { spawnSync } from 'node:child_process';
import { fileURLToPath } from 'node:url';
import { build } from '../build.mjs';
import { build as buildServer } from '../../scripts/build.mjs';

const args = process.argv.slice(2);
if (['backup', 'restore', 'move', 'password'].includes(args[0])) {
  await buildServer({ pages: false });
  const house = fileURLToPath(new URL('../../server/dist/house.mjs', import.meta.url));
  const { status } = spawnSync(process.execPath, [house, ...args], { stdio: 'inherit' });
  process.exitCode = status ?? 1;
} else {
  const { main } = await import(await build());
  process.exitCode = await main(args, process.stdout, process.stderr);
}

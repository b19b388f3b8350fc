import { spawnSync } from 'node:child_process';
import bundle from '../../core/test/bundle.mjs';
import { ROOT } from '../../scripts/run.mjs';
import { templates } from '../../scripts/templates.mjs';

const BUILD = ['node_modules/.bin/rolldown', '-c', 'server/rolldown.config.mjs'];

/** Builds the server, and makes what tests copy: an empty database, and one with the demo world. */
export default async () => {
  await bundle();
  const build = spawnSync(process.execPath, BUILD, { cwd: ROOT, encoding: 'utf8' });
  if (build.status !== 0) throw new Error(`the server could not be built\n${build.stderr}`);
  const { database, demo } = await templates();
  process.env.GLEDDO_TEMPLATE = database;
  process.env.GLEDDO_DEMO_TEMPLATE = demo;
};

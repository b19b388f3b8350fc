import { rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { build } from './build.mjs';
import { serve } from './serve.mjs';
import { fromTemplate, templates } from './templates.mjs';

/** The server that the stories meet: a fresh demo world, in a folder of its own port. */
const data = join(tmpdir(), `gleddo-stories-${process.env.GLEDDO_PORT}`);
rmSync(data, { recursive: true, force: true });
await build();
fromTemplate(await templates(), data, true);
await serve({ GLEDDO_DEMO: '1', GLEDDO_DATA: data });

import { rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { serve } from './serve.mjs';

/** The server that the stories meet: a fresh demo world, in a folder of its own port. */
const data = join(tmpdir(), `gleddo-stories-${process.env.GLEDDO_PORT}`);
rmSync(data, { recursive: true, force: true });
await serve({ GLEDDO_DEMO: '1', GLEDDO_DATA: data });

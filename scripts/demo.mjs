import { rmSync } from 'node:fs';
import { join } from 'node:path';
import { ROOT } from './run.mjs';
import { serve } from './serve.mjs';

const folder = process.env.GLEDDO_DATA ?? join(ROOT, 'data', 'demo');
if (process.argv.includes('--fresh')) rmSync(folder, { recursive: true, force: true });
await serve({ GLEDDO_DEMO: '1', GLEDDO_DATA: folder });

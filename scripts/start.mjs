import { join } from 'node:path';
import { ROOT } from './run.mjs';
import { serve } from './serve.mjs';

await serve({ GLEDDO_DATA: process.env.GLEDDO_DATA ?? join(ROOT, 'data', 'main') });

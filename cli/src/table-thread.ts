import { parentPort } from 'node:worker_threads';
import { tableIn } from '@gleddo/core';

parentPort?.on('message', (bytes: Uint8Array) => parentPort?.postMessage(tableIn(bytes)));

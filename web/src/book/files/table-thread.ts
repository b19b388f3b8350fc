import { tableIn } from '@gleddo/core';

self.onmessage = ({ data }: MessageEvent<Uint8Array>) => self.postMessage(tableIn(data));

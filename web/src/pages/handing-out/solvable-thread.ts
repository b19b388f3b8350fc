import { look, type LookedAt } from './look-through';

self.onmessage = ({ data }: MessageEvent<Parameters<typeof look>[0]>) =>
  look(data, (looked: LookedAt) => self.postMessage(looked));

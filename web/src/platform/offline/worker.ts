import type { WorkboxPlugin } from 'workbox-core/types.js';
import { ExpirationPlugin } from 'workbox-expiration';
import { cleanupOutdatedCaches, matchPrecache, precacheAndRoute } from 'workbox-precaching';
import { registerRoute } from 'workbox-routing';
import { CacheFirst, NetworkFirst } from 'workbox-strategies';
import { isKept, KEPT_ANSWERS } from './kept-answers';

/** The pages of who does an exercise, and of who reads one; told at build. */
declare const PAGES: readonly { readonly url: string; readonly revision: string | null }[];
declare const self: {
  addEventListener(type: 'install' | 'activate', listener: () => void): void;
  skipWaiting(): Promise<void>;
  clients: { claim(): Promise<void> };
};

const A_WEEK = 7 * 86_400;

const atMost = (of: { readonly maxEntries: number; readonly maxAgeSeconds?: number }) =>
  new ExpirationPlugin(of) as WorkboxPlugin;

precacheAndRoute([...PAGES], { directoryIndex: '' });
cleanupOutdatedCaches();
self.addEventListener('install', () => void self.skipWaiting());
self.addEventListener('activate', () => void self.clients.claim());

// Each page is the newest that there is; without a line it is the one that was here before.
registerRoute(
  ({ request, url }) => request.mode === 'navigate' && !url.pathname.startsWith('/api/'),
  async ({ request }) => {
    try {
      return await fetch(request);
    } catch {
      return (await matchPrecache('/index.html')) ?? Response.error();
    }
  },
);

// Parts that were wanted once are there the next time.
registerRoute(
  ({ url }) => url.pathname.startsWith('/assets/'),
  new CacheFirst({
    cacheName: 'gleddo-parts',
    plugins: [atMost({ maxEntries: 80 })],
  }),
);

// Who one is, one’s exercises, and the books that were open.
registerRoute(
  ({ url }) => isKept(url.pathname),
  new NetworkFirst({
    cacheName: KEPT_ANSWERS,
    matchOptions: { ignoreVary: true },
    plugins: [atMost({ maxEntries: 80, maxAgeSeconds: A_WEEK })],
  }),
);

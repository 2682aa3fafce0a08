import { cleanupOutdatedCaches, createHandlerBoundToURL, precacheAndRoute } from 'workbox-precaching';
import { NavigationRoute, registerRoute } from 'workbox-routing';
import { CacheFirst } from 'workbox-strategies';

/** What this file needs of a service worker's own scope; the page's types are the rest's. */
declare const self: {
  __WB_MANIFEST: { url: string; revision: string | null }[];
  skipWaiting(): Promise<void>;
  clients: { claim(): Promise<void> };
  addEventListener(
    type: string,
    listener: (event: { waitUntil(done: Promise<unknown>): void }) => void,
  ): void;
};

// The practice room and everything it loads; the teacher's rooms always come from the studio.
precacheAndRoute(self.__WB_MANIFEST);
cleanupOutdatedCaches();
registerRoute(new NavigationRoute(createHandlerBoundToURL('/index.html'), { allowlist: [/^\/p\//] }));

// The core as JavaScript, where a browser has had to ask for it.
registerRoute(({ url }) => /^\/assets\/core-.*\.js$/.test(url.pathname), new CacheFirst({ cacheName: 'core' }));

self.addEventListener('install', (event) => event.waitUntil(self.skipWaiting()));
self.addEventListener('activate', (event) => event.waitUntil(self.clients.claim()));

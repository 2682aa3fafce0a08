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

// The practice room and everything it loads. The Bench and the Shelf are kept by themselves once somebody has been there.
precacheAndRoute(self.__WB_MANIFEST);
cleanupOutdatedCaches();
registerRoute(new NavigationRoute(createHandlerBoundToURL('/index.html'), { allowlist: [/^\/p\//] }));

const page = createHandlerBoundToURL('/index.html');
// The teacher's rooms come from the studio where it can be reached.
registerRoute(
  new NavigationRoute(async (options) => fetch(options.request).catch(() => page(options)), {
    allowlist: [/^\/(bench|shelf)(\/|$)/],
  }),
);
registerRoute(
  ({ url }) => url.pathname.startsWith('/assets/') && !url.pathname.includes('/core-'),
  async ({ request }) => (await caches.match(request, { cacheName: 'rooms' })) ?? fetch(request),
);

// The core as JavaScript, where a browser has had to ask for it.
registerRoute(
  ({ url }) => /^\/assets\/core-.*\.js$/.test(url.pathname),
  new CacheFirst({ cacheName: 'core' }),
);

self.addEventListener('install', (event) => event.waitUntil(self.skipWaiting()));
self.addEventListener('activate', (event) => event.waitUntil(self.clients.claim()));

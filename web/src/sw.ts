/// <reference lib="webworker" />
import { clientsClaim, type WorkboxPlugin } from 'workbox-core';
import { CacheableResponsePlugin } from 'workbox-cacheable-response';
import { ExpirationPlugin } from 'workbox-expiration';
import {
  cleanupOutdatedCaches,
  createHandlerBoundToURL,
  precacheAndRoute,
} from 'workbox-precaching';
import { NavigationRoute, registerRoute } from 'workbox-routing';
import { NetworkFirst } from 'workbox-strategies';
import { ANSWERS, FORGET } from './api/answers.ts';

clientsClaim();

declare const self: ServiceWorkerGlobalScope & { __WB_MANIFEST: (string | { url: string })[] };

/** Without signal the page opens from here: all that it is made of is fetched at the first visit. */
precacheAndRoute(self.__WB_MANIFEST);
cleanupOutdatedCaches();
registerRoute(
  new NavigationRoute(createHandlerBoundToURL('/index.html'), { denylist: [/^\/api\//] }),
);

/** Longer than this nobody waits for an answer that is at hand from before, s. */
const PATIENCE = 4;
const WEEK = 7 * 24 * 3600;

/** How often somebody was forgotten: what was asked before that is not kept when it comes. */
let forgotten = 0;
self.addEventListener('message', ({ data }) => {
  if (data === FORGET) forgotten += 1;
});
const ofWhoIsHere: WorkboxPlugin = {
  requestWillFetch: async ({ request, state }) => {
    if (state) state.forgotten = forgotten;
    return request;
  },
  cacheWillUpdate: async ({ response, state }) =>
    state?.forgotten === forgotten ? withoutTime(response) : null,
};

/** An answer from before does not say what time it is. */
const withoutTime = ({ body, status, statusText, headers }: Response): Response => {
  const kept = new Headers(headers);
  kept.delete('Server-Time');
  return new Response(body, { status, statusText, headers: kept });
};

/** What goes on for ever, and what is a file to be taken along, is not kept. */
const isKept = ({ pathname }: URL): boolean =>
  pathname.startsWith('/api/') && !/^\/api\/(live|openapi\.json|records|set-up)/.test(pathname);

registerRoute(
  ({ url, request }) =>
    isKept(url) && (request.headers.get('accept') ?? '').match(/json|\*\/\*/) !== null,
  new NetworkFirst({
    cacheName: ANSWERS,
    networkTimeoutSeconds: PATIENCE,
    plugins: [
      new CacheableResponsePlugin({
        statuses: [200],
        headers: { 'Content-Type': 'application/json; charset=utf-8' },
      }),
      ofWhoIsHere,
      new ExpirationPlugin({ maxEntries: 300, maxAgeSeconds: WEEK }),
    ],
  }),
);

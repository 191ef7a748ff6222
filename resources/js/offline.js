// The service worker: pages that asked to be kept, and what they are made of, for the time without a network. Everything else goes to the
// server as ever.
import { cacheNames, clientsClaim, setCacheNameDetails } from 'workbox-core';
import { registerRoute } from 'workbox-routing';
import { CacheFirst, NetworkFirst } from 'workbox-strategies';

setCacheNameDetails({ prefix: 'pebblefell', suffix: '2', runtime: 'kept' });
self.skipWaiting();
clientsClaim();

const cache = () => caches.open(cacheNames.runtime);
// A server that is being restarted answers with 502 to 504: then what was kept goes before.
const unlessAway = { fetchDidSucceed: async ({ response }) => {
    if (response.status >= 502 && response.status <= 504) {
        throw new Error('The server is away.');
    }
    return response;
} };
// Only whole pages are kept, and only those that asked for it.
const onlyAsked = { cacheWillUpdate: async ({ request, response }) => (response.ok && !response.redirected && await (await cache()).match(new URL(request.url).pathname) ? response : null) };
const byPath = { cacheKeyWillBeUsed: async ({ request }) => new URL(request.url).pathname };

registerRoute(({ url, sameOrigin }) => sameOrigin && url.pathname.startsWith('/build/'), new CacheFirst({ cacheName: cacheNames.runtime }));
registerRoute(({ request, sameOrigin }) => sameOrigin && request.mode === 'navigate', new NetworkFirst({ cacheName: cacheNames.runtime, plugins: [unlessAway, onlyAsked, byPath] }));

self.addEventListener('message', (event) => {
    event.waitUntil((async () => {
        const kept = await cache();
        for (const path of [event.data.keep, ...event.data.parts]) {
            const answer = await fetch(path, { credentials: 'same-origin', headers: { 'X-Background': 'keep' } });
            if (answer.ok && !answer.redirected) {
                await kept.put(new URL(path, self.location).pathname, answer);
            }
        }
        event.source?.postMessage('kept');
    })());
});

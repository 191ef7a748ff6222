// Keeps the pages of Balance, and what they are made of, for the time without a network. Everything else goes to the server as ever.
const CACHE = 'pebblefell-balance-1';
const isPage = (url) => /^\/jobs\/\d+\/balance$/.test(url.pathname);

self.addEventListener('install', () => self.skipWaiting());
self.addEventListener('activate', (event) => event.waitUntil(self.clients.claim()));

self.addEventListener('message', (event) => {
    event.waitUntil((async () => {
        const cache = await caches.open(CACHE);
        for (const path of event.data.keep ?? []) {
            const answer = await fetch(path, { credentials: 'same-origin', headers: { 'X-Background': 'keep' } });
            if (answer.ok && !answer.redirected) {
                await cache.put(path, answer);
            }
        }
        event.source?.postMessage('kept');
    })());
});

async function page(request, path) {
    const cache = await caches.open(CACHE);
    try {
        const answer = await fetch(request);
        if (answer.ok && !answer.redirected) {
            await cache.put(path, answer.clone());
        }
        return answer.status >= 502 && answer.status <= 504 ? await cache.match(path) ?? answer : answer;
    } catch (fault) {
        const kept = await cache.match(path);
        if (kept) {
            return kept;
        }
        throw fault;
    }
}

async function part(request, path) {
    return await (await caches.open(CACHE)).match(path) ?? fetch(request);
}

self.addEventListener('fetch', (event) => {
    const url = new URL(event.request.url);
    if (event.request.method !== 'GET' || url.origin !== self.location.origin) {
        return;
    }
    if (isPage(url)) {
        event.respondWith(page(event.request, url.pathname));
    } else if (url.pathname.startsWith('/build/')) {
        event.respondWith(part(event.request, url.pathname));
    }
});

// Keeps the work of fitting at hand where there is no connection: the page once it was opened, and what it is drawn
// with. Everything else goes to the server as if this were not here.
const KEPT = 'fermix-fit-1';
const WORK = /^\/jobs\/[0-9a-f-]{36}\/fit$/;
const PATIENCE_MS = 6000;

self.addEventListener('install', () => self.skipWaiting());

self.addEventListener('activate', (event) => event.waitUntil((async () => {
  for (const name of await caches.keys()) if (name !== KEPT) await caches.delete(name);
  await self.clients.claim();
})()));

// The page that registers this was loaded before it: it says what to keep.
self.addEventListener('message', (event) => event.waitUntil((async () => {
  const cache = await caches.open(KEPT);
  for (const path of event.data?.keep ?? []) {
    const url = new URL(path, self.location.origin);
    if (url.origin !== self.location.origin || !(WORK.test(url.pathname) || url.pathname.startsWith('/assets/'))) continue;
    if (url.pathname.startsWith('/assets/') && await cache.match(url.pathname)) continue;
    try { await keep(cache, url.pathname, await fetch(url.pathname)); } catch { /* away again: next time */ }
  }
  event.source?.postMessage('kept');
})()));

async function keep(cache, path, response) {
  if (response.ok && !response.redirected) await cache.put(path, response.clone());
  else if (response.redirected && new URL(response.url).searchParams.has('closed')) await cache.delete(path);
}

async function work(request) {
  const path = new URL(request.url).pathname;
  const cache = await caches.open(KEPT);
  try {
    const response = await fetch(request, { signal: AbortSignal.timeout(PATIENCE_MS) });
    if (response.status === 502 || response.status === 503 || response.status === 504) throw new Error('away');
    await keep(cache, path, response);
    return response;
  } catch (away) {
    const kept = await cache.match(path);
    if (kept) return kept;
    throw away;
  }
}

async function asset(request) {
  const path = new URL(request.url).pathname;
  const cache = await caches.open(KEPT);
  const kept = await cache.match(path);
  if (kept) return kept;
  const response = await fetch(request);
  await keep(cache, path, response);
  return response;
}

self.addEventListener('fetch', (event) => {
  const url = new URL(event.request.url);
  if (event.request.method !== 'GET' || url.origin !== self.location.origin) return;
  if (WORK.test(url.pathname)) event.respondWith(work(event.request));
  else if (url.pathname.startsWith('/assets/')) event.respondWith(asset(event.request));
});

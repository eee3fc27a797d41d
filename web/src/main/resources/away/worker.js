// Keeps the work of fitting at hand where there is no connection: the page once it was opened, and what it is drawn
// with. Everything else goes to the server as if this were not here.
const KEPT = 'fermix-fit-2';
const SHUT = [401, 403, 404, 410];
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

// What the server no longer shows to this browser is not kept either; a redirect away from the work says the same.
async function keep(cache, path, response) {
  if (response.type === 'opaqueredirect' || response.redirected || SHUT.includes(response.status)) await cache.delete(path);
  else if (response.ok) await cache.put(path, path.startsWith('/assets/') ? response.clone() : await dated(response.clone()));
}

// When it was kept stands with it.
async function dated(response) {
  const headers = new Headers(response.headers);
  headers.set('Fermix-Kept', new Date().toISOString());
  return new Response(await response.blob(), { status: response.status, headers });
}

// A kept copy says that it is one, and from when.
async function marked(kept) {
  const when = new Date(kept.headers.get('Fermix-Kept') ?? Date.now());
  const words = when.toLocaleString([], { dateStyle: 'medium', timeStyle: 'short' });
  const page = (await kept.text()).replace('data-kept-copy hidden', 'data-kept-copy')
    .replace('<time></time>', `<time datetime="${when.toISOString()}">${words}</time>`);
  return new Response(page, { status: kept.status, headers: kept.headers });
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
    if (kept) return marked(kept);
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

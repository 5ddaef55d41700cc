// Lets a running brew be loaded and reloaded without network: what was last seen of its page, and all that the page needs.
// The network comes first, always; what is kept is only for when there is none.
const cacheName = 'cistern-2';
const needed = ['/css/cistern.css', '/lib/bulma-parts.css', '/lib/fonts/next-latin.woff2', '/lib/fonts/mono-latin.woff2', '/icon.svg', '/offline.html', '/js/offline.js',
  ...['bench', 'brew', 'brew-run', 'clock', 'cues', 'frame', 'lanes', 'stage', 'ticker'].map((name) => `/js/${name}.js`)];
/** A network that hangs is no network, ms. */
const patience = 4_000;

self.addEventListener('install', (event) => {
  event.waitUntil(caches.open(cacheName).then((cache) => Promise.allSettled(needed.map((path) => cache.add(path)))).then(() => self.skipWaiting()));
});
self.addEventListener('activate', (event) => {
  event.waitUntil(caches.keys().then((names) => Promise.all(names.filter((name) => name !== cacheName).map((name) => caches.delete(name)))).then(() => self.clients.claim()));
});

const isBrew = (path) => /^\/brew(\/\d+)?$/.test(path);
const isPart = (path) => needed.includes(path) || /^\/(js|css|lib)\//.test(path);

/** The pages of brews that are kept: the last few, for a device keeps what it can use. */
const mostBrews = 12;
const trim = async (cache) => {
  const pages = (await cache.keys()).filter((request) => /^\/brew\/\d+$/.test(new URL(request.url).pathname));
  for (const page of pages.slice(0, -mostBrews)) await cache.delete(page);
};

const fresh = async (request) => {
  const stop = new AbortController();
  const timer = setTimeout(() => stop.abort(), patience);
  try {
    return await fetch(request, { signal: stop.signal });
  } finally {
    clearTimeout(timer);
  }
};

const answer = async (request, path) => {
  const cache = await caches.open(cacheName);
  try {
    const reply = await fresh(request);
    // A page that led elsewhere is not the page it was asked for.
    if (reply.ok && !reply.redirected) cache.put(path, reply.clone()).then(() => isBrew(path) && trim(cache)).catch(() => {});
    return reply;
  } catch (error) {
    const kept = await cache.match(path);
    if (kept) return kept;
    if (request.mode === 'navigate') return (await cache.match('/offline.html')) ?? Response.error();
    throw error;
  }
};

self.addEventListener('fetch', (event) => {
  const { request } = event;
  const url = new URL(request.url);
  if (request.method !== 'GET' || url.origin !== location.origin) return;
  if ((isBrew(url.pathname) && url.search === '') || isPart(url.pathname)) event.respondWith(answer(request, url.pathname));
  else if (request.mode === 'navigate') event.respondWith(fetch(request).catch(async () => (await (await caches.open(cacheName)).match('/offline.html')) ?? Response.error()));
});

self.addEventListener('notificationclick', (event) => {
  event.notification.close();
  const path = event.notification.data?.url ?? '/brew';
  event.waitUntil(self.clients.matchAll({ type: 'window', includeUncontrolled: true }).then((pages) => {
    const there = pages.find((page) => new URL(page.url).pathname === path) ?? pages[0];
    return there ? there.focus() : self.clients.openWindow(path);
  }));
});

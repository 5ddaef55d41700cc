// What can be read without network: the frame, help and cautions, recently opened plans, running brews and the latest of the log, each
// as last seen and marked as such. The network always comes first; the cache is only for when there is none. Each version of Cistern
// has its own cache, so that a page never gets a script of another version. A new version waits while a brew is open on this device.
const version = new URL(location.href).searchParams.get('v') ?? 'unknown';
const cacheName = `cistern-${version}`;
const parts = ['/css/cistern.css', '/lib/bulma-parts.css', '/lib/fonts/next-latin.woff2', '/lib/fonts/mono-latin.woff2', '/icon.svg', '/manifest.webmanifest', '/offline.html', '/js/offline.js',
  ...['bench', 'brew', 'brew-run', 'clock', 'cues', 'frame', 'lanes', 'notify-offer', 'pictures', 'preview', 'signs', 'stage', 'ticker'].map((name) => `/js/${name}.js`)];
/** Timeout of requests, ms: a network that hangs counts as none. */
const patience = 4_000;
/** The longest time for a request of this worker, ms: a newer worker waits for it. */
const longest = 15_000;
const get = (what) => fetch(what, { signal: AbortSignal.timeout(longest) });
/** After this time the pages to be stored are loaded again, ms. */
const again = 60_000;
/** The address under which the versions of the log's stored pages are recorded, so that only changed ones are loaded. */
const listPath = '/api/keep';
/** The address under which the owner of the stored pages is recorded. */
const forPath = '/kept-for';

const isBrew = (path) => /^\/brew(\/\d+)?$/.test(path);
const isPart = (path) => parts.includes(path) || /^\/(js|css|lib)\//.test(path);
/** Pages that are stored when they are opened, and how many of each kind. */
const sorts = [[/^\/brew\/\d+$/, 12], [/^\/plan\/[\w-]+$/, 20], [/^\/log\/\d+$/, 60], [/^\/(|brew|plan|log|help|shelf|taste|you)$/, 20]];
const sortOf = (path) => sorts.find(([pattern]) => pattern.test(path));

const trim = async (cache, [pattern, most]) => {
  const pages = (await cache.keys()).filter((request) => pattern.test(new URL(request.url).pathname));
  for (const page of pages.slice(0, -most)) await cache.delete(page);
};

/** Stored pages belong to this device's barista; when that changes, the earlier one's are deleted. */
const keepFor = async (cache, reply) => {
  const who = reply.headers.get('X-Cistern-For');
  if (who === null || (await (await cache.match(forPath))?.text()) === who) return;
  await forget();
  await cache.put(forPath, new Response(who));
};

/**
 * Stores a response, unless it was redirected elsewhere or comes from another version. A page reached through a form's redirect
 * is stored as a new response, because browsers refuse redirected ones from a cache.
 */
const isKept = (path, reply) => reply.ok && new URL(reply.url).pathname === path && (reply.headers.get('X-Cistern-Version') ?? version) === version;
const keep = async (cache, path, reply) => {
  // An unfinished response would hold this worker, and a newer one would wait for it.
  if (!isKept(path, reply)) return void await reply.body?.cancel();
  await keepFor(cache, reply);
  // Deleted first, so that the last opened is last in order, and deleted last.
  await cache.delete(path);
  await cache.put(path, new Response(reply.body, { status: reply.status, headers: reply.headers }));
  const sort = sortOf(path);
  if (sort) await trim(cache, sort);
};

self.addEventListener('install', (event) => event.waitUntil((async () => {
  const cache = await caches.open(cacheName);
  await Promise.allSettled(parts.map((path) => cache.add(path)));
  const pages = await self.clients.matchAll({ type: 'window', includeUncontrolled: true });
  if (!pages.some((page) => isBrew(new URL(page.url).pathname))) await self.skipWaiting();
})()));

self.addEventListener('activate', (event) => event.waitUntil((async () => {
  const cache = await caches.open(cacheName);
  for (const name of (await caches.keys()).filter((one) => one !== cacheName)) {
    // Brews of the previous version are loaded in this one before they are deleted.
    const old = await caches.open(name);
    for (const request of await old.keys()) {
      const { pathname } = new URL(request.url);
      if (isBrew(pathname) && !(await cache.match(pathname))) await get(pathname).then((reply) => keep(cache, pathname, reply), async () => cache.put(pathname, await old.match(request)));
    }
    await caches.delete(name);
  }
  await self.clients.claim();
})()));

const escape = (text) => text.replace(/[&<>"]/g, (sign) => `&#${sign.charCodeAt(0)};`);
/** A stored page with a line that says so; a running brew shows itself what it knows and stores. */
const asItWas = async (kept, path) => {
  if (isBrew(path) || !kept.headers.get('Content-Type')?.includes('text/html')) return kept;
  const at = new Date(kept.headers.get('Date') ?? Date.now());
  const day = at.toDateString() === new Date().toDateString() ? 'today' : `on ${at.toLocaleDateString(undefined, { day: 'numeric', month: 'short', year: 'numeric' })} at`;
  const told = `<p class="kept-copy" id="kept-copy" role="status">The bench does not answer. This page is as it was <time datetime="${at.toISOString()}">${escape(`${day} ${at.toTimeString().slice(0, 5)}`)}</time>; it can be read, and nothing changed on it. <a href="${escape(path)}">Try again</a></p>`;
  const text = (await kept.text()).replace('<main id="main"', (main) => `${told}${main}`);
  return new Response(text, { status: 200, headers: kept.headers });
};

/** Pages loaded through this worker, and when, ms; the first one of a device is not. */
const went = new Map();
const lately = 30_000;

const offline = async (cache) => (await cache.match('/offline.html')) ?? Response.error();

/** Unchanged files are not written again: a page loads a dozen scripts and fonts. */
const isSame = (kept, reply) => reply.headers.get('ETag') !== null && kept?.headers.get('ETag') === reply.headers.get('ETag');

const answer = async (event, path) => {
  const { request } = event;
  const cache = await caches.open(cacheName);
  const kept = await cache.match(path);
  if (request.mode === 'navigate') went.set(path, Date.now());
  const asked = get(request);
  event.waitUntil(asked.then((reply) => isKept(path, reply) && !isSame(kept, reply) && keep(cache, path, reply.clone()), () => {}));
  try {
    // Where nothing is stored, a slow response is waited for.
    const reply = await (kept ? Promise.race([asked, new Promise((late) => { setTimeout(late, patience); })]) : asked);
    // A removed device is redirected to the page that asks for a code.
    if (reply && (reply.redirected || reply.type === 'opaqueredirect')) event.waitUntil(stillIn().catch(() => {}));
    if (reply) return reply;
  } catch (error) {
    if (!kept && request.mode !== 'navigate') throw error;
  }
  return kept ? asItWas(kept, path) : offline(cache);
};

/** Loads what is to be stored: the frame, and of the log and the running brews what is new since the last time. */
const keepAll = async () => {
  const cache = await caches.open(cacheName);
  const had = await cache.match(listPath);
  if (had && Date.now() - new Date(had.headers.get('Date')).getTime() < again) return;
  const reply = await get(listPath);
  if (reply.status === 401 || reply.redirected) return forget();
  if (!isKept(listPath, reply)) return void await reply.body?.cancel();
  const stamps = new Map(((await had?.json())?.pages ?? []).map(({ path, stamp }) => [path, stamp]));
  const written = reply.clone();
  for (const { path, stamp } of (await reply.json()).pages) {
    // One after another, because the server has other things to do.
    if (stamp === null || stamps.get(path) !== stamp || !(await cache.match(path))) await keep(cache, path, await get(path));
  }
  await cache.put(listPath, written);
};

/** Whether this device is still connected; a removed one stores nothing. */
const stillIn = async () => {
  const reply = await get(listPath);
  await reply.body?.cancel();
  if (reply.status === 401 || reply.redirected) await forget();
};

/** A removed device deletes everything of this application. */
const forget = async () => {
  const cache = await caches.open(cacheName);
  for (const request of await cache.keys()) if (!isPart(new URL(request.url).pathname)) await cache.delete(request);
};

self.addEventListener('fetch', (event) => {
  const { request } = event;
  const url = new URL(request.url);
  if (request.method !== 'GET' || url.origin !== location.origin) return;
  const page = request.mode === 'navigate';
  if (isPart(url.pathname) || (page && url.search === '' && sortOf(url.pathname))) event.respondWith(answer(event, url.pathname));
  else if (page) event.respondWith(fetch(request).catch(async () => offline(await caches.open(cacheName))));
});

self.addEventListener('message', (event) => {
  const { say, path } = event.data ?? {};
  if (say === 'keep-all') event.waitUntil(keepAll().catch(() => {}));
  else if ((say === 'keep' || (say === 'seen' && Date.now() - (went.get(path) ?? 0) > lately)) && sortOf(path)) event.waitUntil(caches.open(cacheName).then(async (cache) => keep(cache, path, await get(path))).catch(() => {}));
  else if (say === 'forget') event.waitUntil(forget());
  else if (say === 'take-over') event.waitUntil(self.skipWaiting());
});

self.addEventListener('notificationclick', (event) => {
  event.notification.close();
  const path = event.notification.data?.url ?? '/brew';
  event.waitUntil(self.clients.matchAll({ type: 'window', includeUncontrolled: true }).then((pages) => {
    const there = pages.find((page) => new URL(page.url).pathname === path) ?? pages[0];
    return there ? there.focus() : self.clients.openWindow(path);
  }));
});

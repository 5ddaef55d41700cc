// Without network: the brews whose pages this device has, and how much is kept for each.
import { kept } from './bench.js';

const list = document.getElementById('kept');
const names = await caches.keys();
const cache = names.length > 0 ? await caches.open(names[0]) : null;
const ids = ((await cache?.keys()) ?? []).map((request) => /^\/brew\/(\d+)$/.exec(new URL(request.url).pathname)?.[1]).filter(Boolean);
for (const id of ids.reverse()) {
  const count = kept(Number(id)).length;
  const row = document.createElement('li');
  row.className = 'row';
  const link = Object.assign(document.createElement('a'), { href: `/brew/${id}`, textContent: `Brew ${id}` });
  row.append(link, count > 0 ? `, ${count} ${count === 1 ? 'press' : 'presses'} kept here` : '');
  list.append(row);
}
if (ids.length === 0) list.append(Object.assign(document.createElement('li'), { className: 'row', textContent: 'None was opened here.' }));

// Without network, for a page that is not stored: lists the pages that are, and how many entries wait for each brew.
import { kept } from './bench.js';

const [name] = (await caches.keys()).filter((one) => one.startsWith('cistern-'));
const cache = name ? await caches.open(name) : null;
const paths = ((await cache?.keys()) ?? []).map((request) => new URL(request.url).pathname).reverse();
/** The name of a stored page: its own heading. */
const titleOf = async (path) => new DOMParser().parseFromString(await (await cache.match(path)).text(), 'text/html').querySelector('h1')?.textContent.trim() ?? path;
const list = async (id, found, write) => {
  const node = document.getElementById(id);
  for (const path of found) {
    const row = Object.assign(document.createElement('li'), { className: 'row' });
    const [title, more] = await write(path);
    row.append(Object.assign(document.createElement('a'), { href: path, textContent: title }), more);
    node.append(row);
  }
  node.previousElementSibling.hidden = node.childElementCount === 0;
};

await list('kept', paths.filter((path) => /^\/brew\/\d+$/.test(path)), (path) => {
  const id = Number(path.split('/')[2]);
  const count = kept(id).length;
  return [`Brew ${id}`, count > 0 ? `, ${count} ${count === 1 ? 'press' : 'presses'} stored here` : ''];
});
const places = { '/': 'Bench', '/shelf': 'Shelf', '/plan': 'Plan', '/brew': 'Brews under way', '/log': 'Log', '/help': 'Help and cautions' };
await list('kept-pages', Object.keys(places).filter((path) => paths.includes(path)), (path) => [places[path], '']);
await list('kept-plans', paths.filter((path) => /^\/plan\/./.test(path)), async (path) => [await titleOf(path), '']);
if (paths.length === 0) document.getElementById('none').hidden = false;

// Without network, where nothing is kept of a page: what there is of others, and how much is kept of each brew.
import { kept } from './bench.js';

const [name] = (await caches.keys()).filter((one) => one.startsWith('cistern-'));
const cache = name ? await caches.open(name) : null;
const paths = ((await cache?.keys()) ?? []).map((request) => new URL(request.url).pathname).reverse();
/** What a kept page is called: as its own heading says. */
const titleOf = async (path) => new DOMParser().parseFromString(await (await cache.match(path)).text(), 'text/html').querySelector('h1')?.textContent.trim() ?? path;
const list = async (id, pattern, write) => {
  const node = document.getElementById(id);
  for (const path of paths.filter((one) => pattern.test(one))) {
    const row = Object.assign(document.createElement('li'), { className: 'row' });
    const [title, more] = await write(path);
    row.append(Object.assign(document.createElement('a'), { href: path, textContent: title }), more);
    node.append(row);
  }
  node.previousElementSibling.hidden = node.childElementCount === 0;
};

await list('kept', /^\/brew\/\d+$/, (path) => {
  const id = Number(path.split('/')[2]);
  const count = kept(id).length;
  return [`Brew ${id}`, count > 0 ? `, ${count} ${count === 1 ? 'press' : 'presses'} kept here` : ''];
});
await list('kept-pages', /^\/(|plan|log|shelf|help|brew)$/, (path) => [{ '/': 'Bench', '/plan': 'Plan', '/log': 'Log', '/shelf': 'Shelf', '/help': 'Help and cautions', '/brew': 'Brews under way' }[path], '']);
await list('kept-plans', /^\/plan\/./, async (path) => [await titleOf(path), '']);
if (paths.length === 0) document.getElementById('none').hidden = false;

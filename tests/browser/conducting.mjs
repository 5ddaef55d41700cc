// What tests of a running brew do repeatedly: open it, start it, ask the server about it.
import { expect } from './server.mjs';

/** The script has taken the stage over. */
export const ready = (page) => expect(page.locator('#brew')).toHaveAttribute('data-ready', '');
/** Sends a form as its page would, without loading that page; as a page's barista with the request context of its browser. */
const post = async (request, url, form) => {
  const token = /name="__RequestVerificationToken"[^>]*value="([^"]+)"/.exec(await (await request.get(url.split('?')[0])).text())[1];
  return request.post(url, { form: { __RequestVerificationToken: token, key: crypto.randomUUID(), ...form }, maxRedirects: 0 });
};
/** Opens a brew of a recipe, and gives its number; first-brew.test.mjs does so by its button. */
export const open = async (request, server, recipe) => Number((await post(request, `${server.url}/plan/${recipe}?handler=Brew`, {})).headers().location.split('/').at(-1));
/** Opens a brew and shows it. */
export const brew = async (page, server, recipe) => {
  const id = await open(page.context().request, server, recipe);
  await page.goto(`${server.url}/brew/${id}`);
  await ready(page);
  return id;
};
export const told = async (server, id) => (await (await fetch(`${server.url}/api/under-way`)).json()).brews.find((one) => one.id === id);
export const entries = async (server, id) => (await told(server, id))?.entries.map((one) => `${one.kind} ${one.step}`);
/** The next press is one of its own: within half a second it would be the same. */
export const settled = (page) => page.waitForFunction(() => !document.querySelector('#brew[data-pressed]'));
/** Has the page ask the server at once how its brews stand; it may be on its way to the summary just then. */
export const asked = async (page) => {
  const answer = page.waitForResponse((one) => one.url().includes('/api/under-way'), { timeout: 5_000 }).catch(() => {});
  await page.evaluate(() => document.dispatchEvent(new Event('visibilitychange'))).catch(() => {});
  await answer;
  await idle(page).catch(() => {});
};
/** What a key or an answer set off has been done: two frames later. */
export const idle = (page) => page.evaluate(() => new Promise((done) => { requestAnimationFrame(() => requestAnimationFrame(done)); }));
/** Starts the brew on stage, and waits until the server has it. */
export const start = async (page, server, id) => {
  await page.locator('#start').click();
  await expect(page.locator('#clock')).toBeVisible();
  await expect.poll(async () => (await told(server, id)).startedAtMs).not.toBeNull();
};
/** Sets the server's clock shortly before a time of the brew, however long the test took to get here, and tells the page. */
export const before = async (page, server, id, atS) => {
  const { nowMs, brews } = await (await fetch(`${server.url}/api/under-way`)).json();
  await server.advance(Math.floor(atS - 8 - (nowMs - brews.find((one) => one.id === id).startedAtMs) / 1000));
  await asked(page);
};
/** Abandons a brew, so that it does not call in the next test; first-brew.test.mjs does so by its button. */
export const giveUp = async (page, server, id) => {
  // Left first: a page that shows the brew would go on by itself when it is over, just when the test goes elsewhere.
  await page.goto('about:blank');
  await post(page.context().request, `${server.url}/brew/${id}?handler=Abandon`, { why: 'only a trial' });
  expect(await told(server, id)).toBeUndefined();
};
/** What a device has kept to be read without network, by address. */
export const keptPaths = (page) => page.evaluate(async () => {
  const [name] = await caches.keys();
  return name ? (await (await caches.open(name)).keys()).map((one) => new URL(one.url).pathname) : [];
});

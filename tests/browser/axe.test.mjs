// Every page in both themes and in widths from a phone to a small desk: what axe finds, and whether it scrolls sideways.
import { audit } from './audit.mjs';
import { brew, giveUp, settled } from './conducting.mjs';
import { expect, test } from './server.mjs';

const places = ['/', '/shelf', '/shelf/mill/new', '/shelf/coffee/new', '/plan', '/plan/fp-slow-eight?dose=70&was.dose=46.0&place=2', '/plan/vd-coffee-first?open=3&bag=2&mill=1&ratio=abc&was.ratio=16.0', '/plan/si-whirl?open=3', '/plan/si-layers/card', '/shelf/grains', '/shelf/grind', '/shelf/card', '/brew/8/pictures', '/shelf/mix?a=1&b=3', '/shelf/vessel/4', '/brew', '/brew/cues', '/taste', '/taste/8', '/next/19', '/series/41', '/learned', '/log', '/log/7', '/log?q=nothingatall', '/compare?b=19&b=21&b=22&p=fp-bloomed', '/blind?kind=triangle&of=8&right=6', '/blind/1', '/blind/1/answer', '/pairs', '/pair/1', '/log/8/sheet', '/files/code?brew=8', '/plan/4/history', '/trends?of=drawdown&over=grind&family=valve-dripper', '/files', '/brew/7/after', '/you', '/devices', '/help', '/no-such-page'];

/** Where a page is wider than its window or the bar of its places is cut off, on phones with large and normal text, a tablet, a small desk. */
const sideways = async (page) => {
  const wide = [];
  for (const [width, size] of [[390, '200%'], [360, '100%'], [768, '100%'], [1024, '100%']]) {
    await page.setViewportSize({ width, height: 800 });
    const [across, down] = await page.evaluate((fontSize) => {
      document.documentElement.style.fontSize = fontSize;
      const places = [...document.querySelectorAll('.gauge a')].map((link) => link.getBoundingClientRect());
      return [Math.max(document.documentElement.scrollWidth, ...places.map(({ right }) => right)), Math.max(0, ...places.map(({ bottom }) => bottom))];
    }, size);
    if (across > width + 1 || down > 801) wide.push(`${across} × ${down} px at ${width} px with text of ${size}`);
  }
  await page.setViewportSize({ width: 1280, height: 800 });
  return wide;
};

// A third each, in parallel: one after the other they would take longer than all other tests together.
test.describe.configure({ mode: 'parallel' });
for (const part of [0, 1, 2]) {
  test(`axe finds nothing on any page, light or dark, and none scrolls sideways, part ${part + 1} of 3`, async ({ browser, server }) => {
    test.setTimeout(420_000);
    const context = await browser.newContext({ bypassCSP: true });
    const page = await context.newPage();
    const found = {};
    for (const place of places.filter((_, i) => i % 3 === part)) {
      await page.goto(server.url + place);
      const problems = [...await audit(page), ...await sideways(page)];
      if (problems.length) found[place] = problems;
    }
    expect(found).toEqual({});
    await context.close();
  });
}

test('axe finds nothing while a brew is prepared, runs and calls', async ({ browser, server }) => {
  test.setTimeout(240_000);
  const context = await browser.newContext({ bypassCSP: true });
  const page = await context.newPage();
  const found = {};
  await page.goto(`${server.url}/plan/fp-bloomed`);
  await page.getByRole('button', { name: 'Brew this' }).click();
  await expect(page.locator('#verb')).toHaveText('Warm the brewer');
  const id = Number(page.url().split('/').at(-1));
  found.ready = await audit(page);
  await page.locator('#start').click();
  await expect(page.locator('#verb')).toHaveText('Pour');
  await settled(page);
  found.running = await audit(page);
  await page.locator('#show-keys').click();
  await expect(page.locator('#keys')).toBeVisible();
  found.keys = await audit(page);
  await page.keyboard.press('Escape');
  await server.advance(400);
  await expect(page.locator('#brew')).toHaveClass(/call/, { timeout: 8_000 });
  found.insisting = await audit(page);
  await page.goto(`${server.url}/shelf`);
  await expect(page.locator('#alarm')).toBeVisible();
  found.alarm = await audit(page);
  // On its own this page is needed.
  const other = await brew(page, server, 'si-layers');
  await page.goto(`${server.url}/brew`);
  await expect(page.locator('.lane-do').first()).not.toBeEmpty();
  found.lanes = await audit(page);
  // A brew left running would call on every page, in the next test too.
  for (const one of [id, other]) await giveUp(page, server, one);
  for (const [name, violations] of Object.entries(found)) if (violations.length === 0) delete found[name];
  expect(found).toEqual({});
  await context.close();
});

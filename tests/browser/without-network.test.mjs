// What a device can show without network, what it says about it, and how it gets a newer version.
import { expect } from '@playwright/test';
import { audit } from './audit.mjs';
import { brew, giveUp, idle, keptPaths, ready, start } from './conducting.mjs';
import { Server, test } from './server.mjs';

// Axe can be injected with it; and the service worker is what is tested here.
test.use({ bypassCSP: true, serviceWorkers: 'allow' });

test('without network, pages that a device stored can be read, say so, and change nothing; they are as last changed, and of one barista', async ({ context, server }) => {
  const page = await context.newPage();
  // Opened, and looked at for as long as it takes the device to store the rest.
  await page.goto(server.url);
  await page.evaluate(() => navigator.serviceWorker.ready);
  await expect.poll(async () => (await keptPaths(page)).includes('/api/keep'), { timeout: 60_000 }).toBe(true);
  await page.goto(`${server.url}/plan/tp-turned`);
  await expect(page.locator('#dose')).toBeVisible();
  const dose = await page.locator('#dose').inputValue();
  const last = await (await fetch(`${server.url}/api/keep`)).json();
  const entries = last.pages.filter(({ path }) => path.startsWith('/log/'));
  expect(entries.length).toBeGreaterThan(20);
  expect(entries.length).toBeLessThanOrEqual(50);
  await context.setOffline(true);

  // No page of the log was opened: it was stored in the background.
  await page.goto(`${server.url}/log`);
  await expect(page.locator('h1')).toHaveText('Log');
  await expect(page.locator('#kept-copy')).toContainText(/as it was today \d\d:\d\d/);
  await page.locator(`main a[href="${entries[2].path}"]`).first().click();
  await expect(page.locator('#kept-copy')).toBeVisible();
  await expect(page.getByRole('heading', { level: 1 })).not.toHaveText('Log');
  for (const path of ['/', '/help', '/shelf', '/brew']) {
    await page.goto(server.url + path);
    await expect(page.locator('main h1')).toBeVisible();
    await expect(page.locator('#kept-copy')).toHaveCount(path === '/brew' ? 0 : 1);
  }

  await page.goto(`${server.url}/plan/tp-turned`);
  await expect(page.locator('#dose')).toHaveValue(dose);
  // What it would send reaches nobody: its fields are disabled.
  expect(await page.locator('#dose').evaluate((field) => { field.focus(); return document.activeElement === field; })).toBe(false);
  expect(await audit(page)).toEqual([]);
  await page.goto(`${server.url}/plan/fp-bloomed`);
  await expect(page.locator('h1')).toHaveText('No connection');
  expect(await audit(page)).toEqual([]);
  await expect(page.locator('#kept-plans')).toContainText(/Turned/);
  await expect(page.locator('#kept-pages')).toContainText('Help and cautions');

  await context.setOffline(false);
  await page.goto(`${server.url}/plan/tp-turned`);
  await expect(page.locator('#kept-copy')).toHaveCount(0);
  await page.locator('#dose').focus();
  await expect(page.locator('#dose')).toBeFocused();

  // A plan that is changed on its page is stored as changed.
  await page.goto(`${server.url}/plan/vd-two-pours`);
  await page.locator('#dose').fill('19');
  await page.locator('#dose').press('Enter');
  await expect(page).toHaveURL(/\/plan\/\d+$/);
  await expect(page.locator('#dose')).toHaveValue('19.0');
  const url = page.url();
  await expect.poll(() => keptPaths(page), { timeout: 20_000 }).toContain(new URL(url).pathname);
  await context.setOffline(true);
  await page.goto(url);
  await expect(page.locator('#kept-copy')).toBeVisible();
  await expect(page.locator('#dose')).toHaveValue('19.0');
  await context.setOffline(false);

  // Another barista finds none of it.
  await page.goto(`${server.url}/you`);
  const other = await page.locator('[name=barista] option:not([selected])').first().getAttribute('value');
  await page.locator('[name=barista]').selectOption(other);
  await page.getByRole('button', { name: 'That is me' }).click();
  await expect.poll(async () => (await keptPaths(page)).filter((path) => /^\/(plan|log)\//.test(path))).toEqual([]);
  await context.setOffline(true);
  await page.goto(`${server.url}/plan/tp-turned`);
  await expect(page.locator('h1')).toHaveText('No connection');
  await context.setOffline(false);
});

test('a newer version is announced, kept from a running brew, and taken with a touch', async ({ browser }) => {
  const server = new Server(true);
  await server.start();
  const context = await browser.newContext();
  try {
    const page = await context.newPage();
    const id = await brew(page, server, 'ld-closed');
    await start(page, server, id);
    await page.evaluate(() => navigator.serviceWorker.ready);
    const other = await context.newPage();
    await other.goto(`${server.url}/log`);
    await expect(other.locator('#newer')).toBeHidden();
    const version = await other.locator('body').getAttribute('data-version');
    await server.kill();
    await server.upgrade();
    await server.start();

    await expect(other.locator('#newer')).toBeVisible({ timeout: 30_000 });
    expect(await audit(other)).toEqual([]);
    // The brew's own page learns of it too, and neither shows it nor moves on.
    await page.evaluate(() => { window.notReloaded = true; });
    await page.waitForResponse((one) => one.url().includes('/api/under-way'), { timeout: 20_000 });
    await idle(page);
    await expect(page.locator('#newer')).toBeHidden();
    await other.locator('#newer a').click();
    await expect(other.locator('body')).not.toHaveAttribute('data-version', version);
    await expect(other.locator('#newer')).toBeHidden();
    const newest = await other.locator('body').getAttribute('data-version');
    // Its worker waits while the brew is open: anything the brew's page loads again is of its own version.
    const worker = () => other.evaluate(async () => { const { active, waiting } = await navigator.serviceWorker.getRegistration(); return [active, waiting].map((one) => one && new URL(one.scriptURL).searchParams.get('v')); });
    await expect.poll(worker).toEqual([version, newest]);
    expect(await page.evaluate(() => window.notReloaded)).toBe(true);
    await expect(page.locator('#verb')).not.toBeEmpty();

    // Finished, its page leads to one of the newer version. The browser decides when the new worker takes over: as soon as no request
    // to the old one is open.
    await giveUp(page, server, id);
    await page.goto(`${server.url}/log`);
    await expect(page.locator('body')).toHaveAttribute('data-version', newest);
  } finally {
    await context.close();
    await server.kill();
  }
});

test('notifications are offered to whoever left a brew and came back, once', async ({ context, server }) => {
  await context.addInitScript(() => {
    let state = 'visible';
    window.turn = (to) => { state = to; document.dispatchEvent(new Event('visibilitychange')); };
    Object.defineProperty(document, 'visibilityState', { get: () => state });
    let permission = 'default';
    window.Notification = class { static get permission() { return permission; } static async requestPermission() { window.asked = (window.asked ?? 0) + 1; permission = 'granted'; return permission; } };
  });
  const page = await context.newPage();
  const offer = page.locator('#offer-notify');
  const away = async () => { await page.evaluate(() => { window.turn('hidden'); window.turn('visible'); }); };
  await page.goto(server.url);
  await page.waitForLoadState('networkidle');
  await away();
  // No brew runs: there is nothing to call for.
  await expect(offer).toBeHidden();
  const id = await brew(page, server, 'fp-bloomed');
  await start(page, server, id);
  await expect(offer).toBeHidden();
  await away();
  await expect(offer).toBeVisible();
  expect(await page.evaluate(() => window.asked)).toBeUndefined();
  expect(await audit(page)).toEqual([]);
  await offer.getByRole('button', { name: 'Notify me then' }).click();
  await expect(offer).toBeHidden();
  expect(await page.evaluate(() => [window.asked, JSON.parse(localStorage.getItem('cistern-cues')).notify])).toEqual([1, true]);
  await page.reload();
  await ready(page);
  await away();
  await expect(offer).toBeHidden();
  await giveUp(page, server, id);
});

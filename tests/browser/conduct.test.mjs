import { killUnder } from './kill-entries.mjs';
import { before, brew, entries, giveUp, idle, keptPaths, ready, settled, start, told } from './conducting.mjs';
import { expect, test } from './server.mjs';

test('nobody presses: the release calls on its own page, on every other one and in the title, until it is answered', async ({ page, context, server }) => {
  const id = await brew(page, server, 'vd-coffee-first');
  await start(page, server, id);
  const other = await context.newPage();
  await other.goto(`${server.url}/shelf`);
  await server.advance(190);
  await expect(page.locator('#verb')).toHaveText('Set it on the server', { timeout: 8_000 });
  await expect(page.locator('#brew')).toHaveClass(/call/);
  await expect(page.locator('#countdown-number')).toHaveText(/^\+\d/);
  await expect(page).toHaveTitle(/Set it on the server now/);
  await expect(page.locator('body')).toHaveAttribute('data-cue', /^late 7/);
  await expect(other.locator('#alarm')).toContainText('Set it on the server now: Coffee below', { timeout: 8_000 });
  await expect(other).toHaveTitle(/Set it on the server now/);
  // It covers the end of a page, and the whole page can be scrolled clear of it.
  await other.goto(`${server.url}/plan/fp-bloomed`);
  await expect(other.locator('#alarm')).toBeVisible({ timeout: 8_000 });
  for (const place of ['#brew-this', 'footer a >> nth=-1']) {
    await other.locator(place).scrollIntoViewIfNeeded();
    expect(await other.locator(place).evaluate((element) => {
      const { left, top, width, height } = element.getBoundingClientRect();
      return element.contains(document.elementFromPoint(left + width / 2, top + height / 2));
    }), place).toBe(true);
  }
  await other.locator('#alarm a').click();
  await ready(other);
  await other.locator('#done').click();
  await expect(other.locator('#verb')).toHaveText('Let it draw down');
  await expect(page.locator('#verb')).toHaveText('Let it draw down', { timeout: 8_000 });
  await expect(page.locator('#brew')).not.toHaveClass(/call/);
  await other.close();
  await giveUp(page, server, id);
});

test('a step is assumed done after its grace period, marked, and undone like a press', async ({ page, server }) => {
  const id = await brew(page, server, 'fp-long-settle');
  await start(page, server, id);
  await server.advance(22);
  await expect(page.locator('#still')).toBeVisible({ timeout: 8_000 });
  await expect(page.locator('#about')).toContainText('counts as done, unless it goes on');
  await server.advance(4);
  await expect(page.locator('#undo')).toHaveText('Not done yet', { timeout: 8_000 });
  // The last assumed step is undone first: the lid, and then the pour.
  for (let i = 0; i < 3 && (await page.locator('#verb').textContent()) !== 'Pour'; i += 1) {
    await page.locator('#undo').click();
    await settled(page);
  }
  await expect(page.locator('#verb')).toHaveText('Pour');
  await expect.poll(() => entries(server, id)).toContain('still 3');
  await server.advance(60);
  await expect(page.locator('#clock-time')).toHaveText(/^1:/, { timeout: 8_000 });
  await expect(page.locator('#verb')).toHaveText('Pour');
  await expect(page.locator('#still')).toBeHidden();
  await giveUp(page, server, id);
});

test('two devices, one of them without network: one start, each press once, and the late device is informed', async ({ page, browser, server }) => {
  const id = await brew(page, server, 'fp-long-settle');
  const other = await browser.newContext();
  const there = await other.newPage();
  await there.goto(`${server.url}/brew/${id}`);
  await ready(there);
  await other.setOffline(true);
  await there.locator('#start').click();
  await expect(there.locator('#verb')).toHaveText('Pour');
  await page.locator('#start').click();
  await settled(page);
  await page.locator('#done').click();
  await expect(page.locator('#verb')).toHaveText('Lid on');
  await settled(there);
  await there.locator('#done').click();
  await expect(there.locator('#link-state')).toContainText('2 presses are stored here');
  await other.setOffline(false);
  await expect(there.locator('#brew-problem')).toContainText('another screen', { timeout: 20_000 });
  await expect(there.locator('#verb')).toHaveText('Lid on');
  await expect.poll(() => entries(server, id)).toEqual(['start 3', 'done 3', 'start 3', 'done 3']);
  // One undo takes back a confirmation. On a slow machine the lid has been assumed meanwhile: that is undone first.
  await expect(async () => {
    await there.keyboard.press('Backspace');
    await expect(there.locator('#verb')).toHaveText('Pour', { timeout: 2_000 });
  }).toPass({ timeout: 20_000 });
  await expect(page.locator('#verb')).toHaveText('Pour', { timeout: 8_000 });
  await other.close();
  await giveUp(page, server, id);
});

test('setting the clock of the device back or forward loses no press and moves no time', async ({ page, server }) => {
  const id = await brew(page, server, 'fp-long-settle');
  await start(page, server, id);
  const { startedAtMs } = await told(server, id);
  await page.evaluate(() => {
    const real = Date.now;
    Date.now = () => real() - 7_200_000;
  });
  await settled(page);
  await page.locator('#done').click();
  await expect(page.locator('#verb')).toHaveText('Lid on');
  await page.evaluate(() => { const now = Date.now; Date.now = () => now() + 14_400_000; });
  await settled(page);
  await page.locator('#done').click();
  await expect(page.locator('#verb')).toHaveText('Smell');
  await expect.poll(async () => (await entries(server, id)).length).toBe(3);
  for (const entry of (await told(server, id)).entries.slice(1)) {
    expect(entry.atMs - startedAtMs).toBeGreaterThan(300);
    expect(entry.atMs - startedAtMs).toBeLessThan(20_000);
  }
  await giveUp(page, server, id);
});

test('a device that stores nothing says so and goes on in memory, with the real times', async ({ browser, server }) => {
  const context = await browser.newContext();
  await context.addInitScript(() => { Storage.prototype.setItem = () => { throw new DOMException('full', 'QuotaExceededError'); }; });
  const page = await context.newPage();
  const id = await brew(page, server, 'fp-long-settle');
  await start(page, server, id);
  await settled(page);
  await page.locator('#done').click();
  await expect(page.locator('#link-state')).toContainText('cannot store anything');
  await expect.poll(async () => (await entries(server, id)).length).toBe(2);
  const { startedAtMs, entries: kept } = await told(server, id);
  expect(kept[1].atMs - startedAtMs).toBeGreaterThan(400);
  await giveUp(page, server, id);
  await context.close();
});

test('a page that was reloaded is silent until it is touched, and says so', async ({ page, context, server }) => {
  const id = await brew(page, server, 'fp-long-settle');
  await start(page, server, id);
  await expect(page.locator('#silent')).toBeHidden();
  const second = await context.newPage();
  await second.goto(`${server.url}/brew/${id}`);
  await ready(second);
  await expect(second.locator('#silent')).toBeVisible();
  await second.locator('#silent').click();
  await expect(second.locator('#silent')).toBeHidden();
  await second.close();
  await giveUp(page, server, id);
});

test('several brews at once: the most urgent first, each pressed in its own row', async ({ page, server }) => {
  const slow = await brew(page, server, 'fp-slow-eight');
  await start(page, server, slow);
  const quick = await brew(page, server, 'ld-closed');
  await start(page, server, quick);
  await page.goto(`${server.url}/brew`);
  await server.advance(140);
  const lanes = page.locator('#lanes .lane');
  await expect(lanes.first()).toHaveAttribute('data-id', String(quick), { timeout: 10_000 });
  await expect(lanes.first()).toHaveClass(/insists/);
  await expect(lanes.first().locator('.lane-do')).toHaveText('Open the valve');
  await lanes.first().getByRole('button', { name: 'Open now: Closed all the way' }).click();
  await expect(page.locator(`#lanes [data-id="${quick}"] .lane-do`)).toContainText('Let it draw down');
  await expect(page.locator(`#gauge-brews [data-id="${slow}"] .gauge-next`)).toContainText('Steep');
  await giveUp(page, server, quick);
  await giveUp(page, server, slow);
});

test('letter keys do nothing on the page of a brew, and Space is the big button', async ({ page, server }) => {
  const id = await brew(page, server, 'fp-bloomed');
  await page.keyboard.press('l');
  await page.keyboard.press('b');
  await idle(page);
  expect(page.url()).toContain(`/brew/${id}`);
  await page.keyboard.press('Enter');
  await expect(page.locator('#clock')).toBeVisible();
  await settled(page);
  await page.keyboard.press('Space');
  await expect(page.locator('#verb')).toHaveText('Swirl');
  await page.locator('#undo').focus();
  await settled(page);
  await page.keyboard.press('Enter');
  await expect(page.locator('#verb')).toHaveText('Pour');
  await settled(page);
  await page.keyboard.press('Enter');
  // The start is asked about too, and the button that loses nothing has the focus.
  await expect(page.locator('#keep-start')).toBeFocused();
  await page.keyboard.press('Tab');
  await settled(page);
  await page.keyboard.press('Enter');
  await expect(page.locator('#start')).toBeVisible();
  // Undo is disabled again; the focus has moved to the big button, as it does from Start when the clock runs.
  await expect(page.locator('#done')).toBeFocused();
  await page.locator('#start').focus();
  await settled(page);
  await page.keyboard.press('Enter');
  await expect(page.locator('#done')).toBeFocused();
  await settled(page);
  await page.keyboard.press('Space');
  await expect(page.locator('#verb')).toHaveText('Swirl');
  // What a screen reader reads out: the verb and the target, not the seconds.
  await expect(page.locator('#said')).toHaveText('Swirl 2 turns');
  await giveUp(page, server, id);
});

test('calls can be tried and switched on and off, and are remembered on this device', async ({ page, server }) => {
  await page.goto(`${server.url}/brew/cues`);
  const ticks = page.locator('[data-wish="ticks"]');
  await expect(ticks).toBeChecked();
  await ticks.uncheck();
  await page.locator('#volume').fill('35');
  await page.getByRole('button', { name: 'Now', exact: true }).click();
  await page.reload();
  await expect(ticks).not.toBeChecked();
  await expect(page.locator('#volume')).toHaveValue('35');
});

test('presses of a brew that does not exist here are reported, not sent', async ({ page, server }) => {
  await page.goto(server.url);
  await page.evaluate(() => localStorage.setItem('cistern-kept-98765', JSON.stringify([{ id: crypto.randomUUID(), kind: 'done', step: 1, atMs: 1, undoes: null }])));
  await page.goto(`${server.url}/log`);
  await expect(page.locator('#alarm')).toContainText('Presses of brew 98765 are stored on this device');
  await page.getByRole('button', { name: 'Let them go' }).click();
  await expect(page.locator('#alarm')).toBeHidden();
  expect(await page.evaluate(() => localStorage.getItem('cistern-kept-98765'))).toBeNull();
});

test('with the server killed under running brews, every acknowledged entry is stored once', async () => {
  const result = await killUnder(4, 1);
  expect(result.acknowledged).toBeGreaterThan(4);
  expect(result.missing).toEqual([]);
  expect(result.twice).toEqual([]);
});

test('a steep that ends four minutes late: a correction is offered, accepted with a touch, and conducted on every screen', async ({ page, context, server }) => {
  const id = await brew(page, server, 'fp-slow-eight');
  await start(page, server, id);
  const other = await context.newPage();
  await other.goto(`${server.url}/brew/${id}`);
  await ready(other);
  await server.advance(475 + 240);
  const deviation = page.locator('#deviation .deviation').first();
  await expect(deviation).toContainText('Plunge now, then dilute with', { timeout: 10_000 });
  // The button remains the same element while the seconds go on, so that a finger on it or the focus is not lost.
  await page.evaluate(() => { window.notReloaded = true; });
  await deviation.getByRole('button', { name: 'Do that' }).focus();
  // Its text goes on with the clock meanwhile, and so does what would be sent with it.
  const said = await deviation.locator('[data-live=offer]').textContent();
  const water = await deviation.locator('[name=letdown]').inputValue();
  await server.advance(40);
  await expect(deviation.locator('[data-live=offer]')).not.toHaveText(said, { timeout: 10_000 });
  await expect(deviation.locator('[name=letdown]')).not.toHaveValue(water);
  await expect(deviation.getByRole('button', { name: 'Do that' })).toBeFocused();
  await page.keyboard.press('Enter');
  await expect(page.locator('#deviation .taken')).toContainText('Taken:');
  await expect(page.locator('#all-steps')).toContainText('Dilute');
  expect(await page.evaluate(() => window.notReloaded)).toBe(true);
  await expect(other.locator('#deviation .taken')).toContainText('Taken:', { timeout: 10_000 });
  await page.locator('#done').click();
  await expect(page.locator('#verb')).toHaveText('Plunge');
  await settled(page);
  await page.locator('#done').click();
  await expect(page.locator('#verb')).toHaveText('Pour off');
  await settled(page);
  await page.locator('#done').click();
  // The step that was not in the plan is called like any other, on the other screen too.
  await expect(page.locator('#verb')).toHaveText('Dilute');
  await expect(other.locator('#verb')).toHaveText('Dilute', { timeout: 8_000 });
  await settled(page);
  await page.locator('#done').click();
  await expect(page).toHaveURL(/\/after$/, { timeout: 10_000 });
  await expect(page.locator('.verdicts').last()).toContainText('Taken.');
  await other.close();
});

test.describe('with the worker that keeps pages and calls', () => {
  test.use({ serviceWorkers: 'allow' });

  test('all pages closed and opened again without network during a brew: the brew goes on, and presses are sent later', async ({ context, server }) => {
    const page = await context.newPage();
    const id = await brew(page, server, 'fp-bloomed');
    await start(page, server, id);
    await page.evaluate(() => navigator.serviceWorker.ready);
    // The page that a form led to is stored as it arrived.
    await expect.poll(() => keptPaths(page)).toContain(`/brew/${id}`);
    await page.close();
    await context.setOffline(true);
    const again = await context.newPage();
    await again.goto(`${server.url}/brew/${id}`);
    await ready(again);
    await expect(again.locator('#link-state')).toContainText('No connection');
    await expect(again.locator('#clock-time')).toHaveText(/0:\d\d/);
    const verb = await again.locator('#verb').textContent();
    await again.locator('#done').click();
    await expect(again.locator('#verb')).not.toHaveText(verb);
    await expect(again.locator('#link-state')).toContainText('1 press is stored here');
    await again.goto(`${server.url}/trends`);
    await expect(again.getByRole('heading', { name: 'No connection' })).toBeVisible();
    await expect(again.locator('#kept')).toContainText(`Brew ${id}, 1 press stored here`);
    await context.setOffline(false);
    // Whichever page is open next sends it.
    await again.goto(`${server.url}/log`);
    await expect.poll(async () => (await entries(server, id)).length).toBe(2);
    await giveUp(again, server, id);
  });

  test('a step is called by voice, vibration and notification if switched on, and not otherwise', async ({ wholeContext: context, server }) => {
    await context.grantPermissions(['notifications']);
    // A device with speech and vibration whose page is in the background: the browser of the tests has neither.
    await context.addInitScript(() => {
      window.told = [];
      const voice = { localService: true, lang: 'en-GB' };
      Object.defineProperty(window, 'speechSynthesis', { value: { getVoices: () => [voice], speak: ({ text }) => window.told.push(`says ${text}`) } });
      window.SpeechSynthesisUtterance = class { constructor(text) { this.text = text; } };
      navigator.vibrate = (pattern) => window.told.push(`shakes ${[pattern].flat().length}`);
      Object.defineProperty(document, 'visibilityState', { get: () => 'hidden' });
    });
    const page = await context.newPage();
    const id = await brew(page, server, 'ld-closed');
    await start(page, server, id);
    await page.evaluate(() => navigator.serviceWorker.ready);
    await before(page, server, id, 135);
    await expect.poll(() => page.evaluate(() => window.told), { timeout: 25_000 }).toContain('shakes 5');
    // Vibration is on by default; speech and notifications have to be switched on.
    const first = await page.evaluate(() => window.told);
    expect(first).toContain('shakes 1');
    expect(first.filter((one) => one.startsWith('says'))).toEqual([]);
    const notes = () => page.evaluate(async () => (await (await navigator.serviceWorker.getRegistration()).getNotifications()).map((one) => one.title));
    expect(await notes()).toEqual([]);
    await giveUp(page, server, id);

    await page.goto(`${server.url}/brew/cues`);
    await page.locator('[data-wish=speech]').check();
    await page.locator('[data-wish=notify]').check();
    await page.locator('[data-wish=vibration]').uncheck();
    const again = await brew(page, server, 'ld-closed');
    await start(page, server, again);
    await before(page, server, again, 135);
    // The whole step is spoken, with its caution.
    await expect.poll(() => page.evaluate(() => window.told), { timeout: 25_000 }).toContain('says Open the valve. Server under it, its rinse water out. Hot coffee runs as soon as the lever moves.');
    await expect.poll(notes, { timeout: 8_000 }).toEqual(['Open now: Closed all the way']);
    expect((await page.evaluate(() => window.told)).filter((one) => one.startsWith('shakes'))).toEqual([]);
    await giveUp(page, server, again);
  });
});

test('one touch of Undo in the first pour does not reset the clock: it is confirmed first, by touch and by key', async ({ page, server }) => {
  const id = await brew(page, server, 'fp-bloomed');
  await start(page, server, id);
  await settled(page);
  await page.locator('#undo').click();
  await expect(page.locator('#ask-start')).toBeVisible();
  await page.locator('#keep-start').click();
  await expect(page.locator('#ask-start')).toBeHidden();
  await expect(page.locator('#clock')).toBeVisible();
  await page.locator('main').click({ position: { x: 5, y: 5 } });
  await page.keyboard.press('Backspace');
  await expect(page.locator('#ask-start')).toBeVisible();
  // Space belongs to the dialog and is not a press of the brew.
  await page.locator('#unstart').click();
  await expect(page.locator('#clock')).toBeHidden();
  await expect.poll(async () => (await told(server, id)).startedAtMs).toBeNull();
  await giveUp(page, server, id);
});

import { expect, test } from './server.mjs';

/** Sets the server's clock forward and lets the page learn of it. */
const advance = async (page, server, seconds) => {
  const state = page.waitForResponse((answer) => answer.url().includes('handler=State'));
  await server.advance(seconds);
  await state;
  await page.waitForResponse((answer) => answer.url().includes('handler=State'));
};

const errors = (page) => {
  const seen = [];
  page.on('pageerror', (error) => seen.push(error.message));
  page.on('console', (message) => { if (message.type() === 'error' && !/Failed to load resource/.test(message.text())) seen.push(message.text()); });
  return seen;
};

/** The script has taken the stage over. */
const ready = (page) => expect(page.locator('#brew')).toHaveAttribute('data-ready', '');

const press = async (page) => {
  await page.waitForTimeout(550);
  const answer = page.waitForResponse((one) => one.url().includes('handler=Press'));
  await page.keyboard.press('Space');
  expect((await answer).ok()).toBe(true);
};

test('a barista brews from bench to log with the keyboard alone', async ({ page, server }) => {
  const seen = errors(page);
  await page.goto(server.url);
  await page.locator('.card-link', { hasText: 'Bloomed and broken' }).focus();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { name: 'Bloomed and broken' })).toBeVisible();

  // The dose is typed with a comma; the ratio is held, so the water follows.
  await page.locator('#dose').focus();
  await page.keyboard.press('Control+a');
  await page.keyboard.type('30,0');
  await page.keyboard.press('Enter');
  await expect(page.locator('#water')).toHaveValue('450');
  await page.locator('#brew-this').focus();
  await page.keyboard.press('Enter');
  await expect(page.locator('#verb')).toHaveText('Make ready');

  await ready(page);
  await page.locator('body').click({ position: { x: 640, y: 795 } });
  await press(page);
  await expect(page.locator('#verb')).toHaveText('Pour');
  await expect(page.locator('#target')).toContainText('to 61 g');
  await advance(page, server, 6);
  await press(page);
  await expect(page.locator('#verb')).toHaveText('Swirl');
  await press(page);
  await expect(page.locator('#verb')).toHaveText('Hold');
  await advance(page, server, 34);
  await expect(page.locator('#verb')).toHaveText('Pour');
  await expect(page.locator('#target')).toContainText('to 450 g');
  await press(page);
  await press(page);
  await expect(page.locator('#then')).toContainText('at 4:15');
  await advance(page, server, 215);
  await expect(page.locator('#verb')).toHaveText('Break the crust');
  await expect(page.locator('body')).toHaveAttribute('data-cue', /.+/, { timeout: 100 }).catch(() => {});
  await press(page);
  await expect(page.locator('#verb')).toHaveText('Plunge');
  await expect(page.locator('#caution')).toContainText('never lean on it');
  await press(page);
  await press(page);
  await expect(page).toHaveURL(/\/taste\/\d+/);

  await page.locator('#sharp-harsh').focus();
  await page.keyboard.press('ArrowLeft');
  await page.locator('#score').fill('7,5');
  await page.locator('#note').fill('Plum at the front.');
  await page.getByRole('button', { name: 'Keep it' }).focus();
  await page.keyboard.press('Enter');
  await expect(page.getByText('7.5 of 10')).toBeVisible();
  await page.keyboard.press('l');
  await expect(page.locator('.row').first()).toContainText('Bloomed and broken');
  await expect(page.locator('.row').first()).toContainText('Plum at the front.');
  expect(seen).toEqual([]);
});

test('a running brew survives kill -9 of the server, to the second', async ({ page, server }) => {
  await page.goto(`${server.url}/plan/fp-long-settle`);
  await page.getByRole('button', { name: 'Brew this' }).click();
  await ready(page);
  await page.locator('#done').click();
  await expect(page.locator('#verb')).toHaveText('Pour');
  await page.waitForTimeout(700);
  await page.locator('#done').click();
  await expect(page.locator('#verb')).toHaveText('Lid on');
  const kept = () => page.evaluate(async () => (await fetch(`${location.pathname}?handler=State`)).json());
  // Both presses have been acknowledged, so that the one made without a server is the only one kept on the device.
  await expect.poll(async () => (await kept()).presses.length).toBe(2);
  await page.waitForTimeout(300);
  const started = (await kept()).startedAtMs;

  await server.kill();
  await page.waitForTimeout(700);
  await page.locator('#done').click();
  await expect(page.locator('#link-state')).toContainText('1 press is kept here');
  await expect(page.locator('#verb')).toHaveText('Smell');
  await server.start();
  await expect(page.locator('#link-state')).toHaveText('', { timeout: 15_000 });

  await page.reload();
  const state = await kept();
  expect(state.startedAtMs).toBe(started);
  expect(state.presses.map((one) => one.step)).toEqual([3, 3, 4]);
  await expect(page.locator('#verb')).toHaveText('Smell');
  const clock = await page.locator('#clock-time').textContent();
  const [minutes, seconds] = clock.split(':').map(Number);
  expect(Math.abs(minutes * 60 + seconds - (state.nowMs - started) / 1000)).toBeLessThan(2.5);
  await giveUp(page);
});

const giveUp = async (page) => {
  await page.getByText('Give this brew up').click();
  await page.locator('#why').fill('only a trial');
  await page.getByRole('button', { name: 'Give it up' }).click();
  await expect(page.getByText('only a trial')).toBeVisible();
};

test('a second screen that presses what is done already is told, and shown where the brew stands', async ({ page, context, server }) => {
  await page.goto(`${server.url}/plan/fp-long-settle`);
  await page.getByRole('button', { name: 'Brew this' }).click();
  await page.waitForURL(/\/brew\/\d+/);
  const other = await context.newPage();
  await other.goto(page.url());
  await ready(other);
  await expect(other.locator('#done-word')).toHaveText('Start');
  // The other screen loses its network for a moment, so it cannot know.
  await other.route('**/*handler=State*', (route) => route.abort());
  await page.locator('#done').click();
  await expect(page.locator('#verb')).toHaveText('Pour');
  await page.waitForTimeout(600);
  await page.locator('#done').click();
  await expect(page.locator('#verb')).toHaveText('Lid on');
  await other.locator('#done').click();
  await expect(other.locator('#brew-problem')).toContainText('another screen');
  await expect(other.locator('#verb')).toHaveText('Lid on');
  await other.close();

  // Undo takes back the last press, and only that.
  await page.waitForTimeout(600);
  await page.keyboard.press('u');
  await expect(page.locator('#verb')).toHaveText('Pour');
  await giveUp(page);
});

test('touch at 390 px: three touches from the bench to a running clock', async ({ browser, server }) => {
  const context = await browser.newContext({ viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true });
  const page = await context.newPage();
  await page.goto(server.url);
  await page.locator('.card-link', { hasText: 'Slow eight' }).tap();
  await page.getByRole('button', { name: 'Brew this' }).tap();
  await expect(page.locator('#verb')).toHaveText('Make ready');
  await ready(page);
  await page.locator('#stage').tap();
  await expect(page.locator('#clock')).toBeVisible();
  expect(await page.evaluate(() => document.documentElement.scrollWidth <= window.innerWidth)).toBe(true);
  await giveUp(page);
  await context.close();
});

test('without a script a brew still goes on by its buttons', async ({ browser, server }) => {
  const context = await browser.newContext({ javaScriptEnabled: false });
  const page = await context.newPage();
  await page.goto(`${server.url}/plan/fp-water-first`);
  await page.locator('#drink').fill('500');
  await page.locator('#work-out').click();
  await expect(page.locator('#dose')).toHaveValue(/^3\d\.\d$/);
  await page.locator('#brew-this').click();
  await page.locator('#done').click();
  await expect(page.locator('#verb')).toHaveText('Stir');
  await page.locator('#undo').click();
  await expect(page.locator('#verb')).toHaveText('Make ready');
  await context.close();
});

test('one left running overnight is offered for finishing', async ({ page, server }) => {
  await page.goto(`${server.url}/plan/fp-bloomed`);
  await page.getByRole('button', { name: 'Brew this' }).click();
  await page.locator('#done').click();
  await expect(page.locator('#verb')).toHaveText('Pour');
  // The start has to be on the server before the night passes there.
  await expect.poll(() => page.evaluate(async () => (await (await fetch(`${location.pathname}?handler=State`)).json()).startedAtMs)).not.toBeNull();
  await server.advance(9 * 3600);
  await page.goto(server.url);
  await page.locator('.finding', { hasText: 'left running' }).getByRole('link').first().click();
  await page.getByRole('button', { name: 'Finish it' }).click();
  await expect(page).toHaveURL(/\/taste\/\d+/);
});

test('an empty bench says what to do first', async ({ page, emptyServer }) => {
  await page.goto(emptyServer.url);
  await expect(page.getByRole('heading', { name: 'Begin' })).toBeVisible();
  await page.getByRole('button', { name: 'To the Bench' }).click();
  await expect(page.locator('#name-problem')).toBeVisible();
  await page.locator('#name').fill('Teo');
  await page.locator('#altitude').fill('2340');
  await page.getByRole('button', { name: 'To the Bench' }).click();
  await expect(page.getByRole('heading', { name: 'Bench', exact: true })).toBeVisible();
  await page.locator('.card-link', { hasText: 'Long settle' }).click();
  await expect(page.locator('.findings')).toContainText('Water boils at 92 °C here');
});

test('scrubbing the tide by keys and by pointer moves the vessel', async ({ page, server }) => {
  const seen = errors(page);
  await page.goto(`${server.url}/plan/vd-coffee-first`);
  const moment = page.locator('.moment');
  await expect(moment).toContainText('3:03');
  await page.locator('#at').focus();
  await page.keyboard.press('ArrowRight');
  await expect(moment).toContainText('3:04');
  const tide = await page.locator('.tide-wide svg').first().boundingBox();
  await page.mouse.click(tide.x + tide.width * 0.12, tide.y + 80);
  await expect(moment).toContainText(/^0:\d\d/);
  await expect(page.locator('.tide-wide .tide-now').first()).toHaveAttribute('visibility', 'visible');
  await page.locator('#dose-more').click();
  await expect(page.locator('#dose')).toHaveValue('25.0');
  await expect(moment).toContainText(/^0:\d\d/);
  expect(seen).toEqual([]);
});
